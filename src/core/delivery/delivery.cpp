// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/delivery.h"

#include <cstdlib>

namespace keepseal {

std::filesystem::path resolvedFolder(const std::string& typed, const std::filesystem::path& base) {
    if (typed.empty())
        return {};
    const char* home = std::getenv("HOME");
    if (home && (typed == "~" || typed.starts_with("~/")))
        return (std::filesystem::path(home) / (typed.size() > 2 ? typed.substr(2) : "")).lexically_normal();
    return (base / typed).lexically_normal();
}

Delivery anchored(Delivery delivery, const std::filesystem::path& base) {
    delivery.file.profile = resolvedFolder(delivery.file.profile, base).string();
    auto& sending = delivery.sending;
    for (auto* file : {&sending.key, &sending.certificates})
        *file = resolvedFolder(*file, base).string();
    if (sending.secretFrom == SecretFrom::File)
        sending.secretAt = resolvedFolder(sending.secretAt, base).string();
    return delivery;
}

} // namespace keepseal
