// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "languages/wished.h"

#include <cstdlib>

namespace keepseal::languages {
namespace {

std::string_view valueOf(const char* name) {
    const char* value = std::getenv(name);
    return value ? value : "";
}

} // namespace

std::string keyOfTag(std::string_view tag) {
    const auto language = tag.substr(0, tag.find_first_of("-_.@"));
    for (const auto& known : kKnown)
        if (language == known.key)
            return known.key;
    return {};
}

std::string keyOfEnvironment() {
    std::string_view locale;
    for (const char* name : {"LC_ALL", "LC_MESSAGES", "LANG"})
        if (locale = valueOf(name); !locale.empty())
            break;
    if (locale.empty() || locale == "C" || locale == "POSIX")
        return "en";
    for (auto list = valueOf("LANGUAGE"); !list.empty();) {
        const auto end = list.find(':');
        if (auto key = keyOfTag(list.substr(0, end)); !key.empty())
            return key;
        list = end == std::string_view::npos ? std::string_view() : list.substr(end + 1);
    }
    const auto key = keyOfTag(locale);
    return key.empty() ? "en" : key;
}

} // namespace keepseal::languages
