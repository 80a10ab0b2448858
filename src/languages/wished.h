// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Which languages there are, and which of them a person's environment asks for. Needs no library.
#pragma once

#include <array>
#include <string>
#include <string_view>

namespace keepseal::languages {

struct Known {
    const char* key;  ///< BCP 47: "de"
    const char* name; ///< in that language, UTF-8
};
inline constexpr std::array<Known, 3> kKnown{
    {{"en", "English"},
     {"de", "Deutsch"},
     {"ar", "\xD8\xA7\xD9\x84\xD8\xB9\xD8\xB1\xD8\xA8\xD9\x8A\xD8\xA9"}}};

/// The key of the language of a tag ("de", "de-AT", "de_AT.UTF-8"); empty for one that is not known.
std::string keyOfTag(std::string_view tag);
/// As the system's own messages are chosen (POSIX.1-2017, 8.2, and LANGUAGE of GNU gettext): LC_ALL,
/// LC_MESSAGES or LANG, and, unless that is "C" or "POSIX", the first that is known of the list in LANGUAGE.
/// "en" where nothing else is asked for.
std::string keyOfEnvironment();

} // namespace keepseal::languages
