// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "rights/mark.h"

namespace keepseal {

std::optional<CopyMark> copyMarkIn(const FileReport& report) {
    if (!report.find("keepseal:Copy"))
        return std::nullopt;
    const auto says = [&](const char* name) {
        const auto* finding = report.find(name);
        return finding && finding->value == "True";
    };
    return CopyMark{says("keepseal:Border"), says("keepseal:Seal")};
}

} // namespace keepseal
