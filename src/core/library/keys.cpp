// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "library/keys.h"

#include "base/own_folders.h"
#include "base/problem.h"
#include "base/text.h"

#include <cerrno>
#include <cstdio>
#include <cstring>
#include <fcntl.h>
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

namespace {

namespace fs = std::filesystem;

fs::path asideName(const fs::path& removed, const std::string& key, int number) {
    return removed / (key + (number == 1 ? "" : "." + std::to_string(number)) + ".json");
}

/// The first number that is free.
int freeAside(const fs::path& removed, const std::string& key) {
    int number = 1;
    for (std::error_code error; fs::exists(asideName(removed, key, number), error);)
        ++number;
    return number;
}

bool moveOver(const fs::path& from, const fs::path& to) {
    // Never over another file: rename() would replace it.
    return ::renameat2(AT_FDCWD, from.c_str(), AT_FDCWD, to.c_str(), RENAME_NOREPLACE) == 0;
}

} // namespace

void moveAside(const fs::path& file, const fs::path& removed, const std::string& key) {
    makeFolder(removed);
    if (!moveOver(file, asideName(removed, key, freeAside(removed, key))))
        throw Problem(ProblemKind::CannotWrite, file.string(),
                      Saying("it can't be set aside: {reason}", {{"reason", std::strerror(errno)}}),
                      "Check the folder's permissions");
}

bool bringBack(const fs::path& removed, const std::string& key, const fs::path& file) {
    const int last = freeAside(removed, key) - 1;
    return last > 0 && moveOver(asideName(removed, key, last), file);
}

} // namespace keepseal
