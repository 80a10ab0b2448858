// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/delivery.h"

#include <cstdlib>

namespace keepseal {

std::vector<Container> FileSettings::formats() const {
    std::vector<Container> out;
    if (jpeg)
        out.push_back(Container::Jpeg);
    if (png)
        out.push_back(Container::Png);
    if (tiff)
        out.push_back(Container::Tiff);
    if (webp)
        out.push_back(Container::WebP);
    return out;
}

std::filesystem::path resolvedFolder(const std::string& typed, const std::filesystem::path& base) {
    if (typed.empty())
        return {};
    const char* home = std::getenv("HOME");
    if (home && (typed == "~" || typed.starts_with("~/")))
        return (std::filesystem::path(home) / (typed.size() > 2 ? typed.substr(2) : "")).lexically_normal();
    return (base / typed).lexically_normal();
}

} // namespace keepseal
