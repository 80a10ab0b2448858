// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "library/keys.h"

#include "base/text.h"

#include <filesystem>

namespace keepseal {

std::string keyFromName(const std::string& name, const std::string& fallback) {
    std::string out;
    for (const unsigned char c : toLowerAscii(name)) {
        if ((c >= 'a' && c <= 'z') || (c >= '0' && c <= '9'))
            out += static_cast<char>(c);
        else if (!out.empty() && out.back() != '-')
            out += '-';
    }
    while (!out.empty() && out.back() == '-')
        out.pop_back();
    return out.empty() ? fallback : out.substr(0, 60);
}

bool isLibraryKey(const std::string& key) {
    return !key.empty() && key.size() <= 80 && key == std::filesystem::path(key).filename() && key != "." &&
           key != "..";
}

} // namespace keepseal
