// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Values that a stranger wrote as text, read for what they are and written anew: what a copy keeps is never
// the stranger's own bytes. What is not such a value is nothing.
#pragma once

#include <optional>
#include <string>
#include <string_view>

namespace keepseal {

/// A day of the calendar, with or without a time of day: "2026-05-01T10:20:30" (also from Exif's
/// "2026:05:01 10:20:30"), "2026-05-01T10:20:00" from one without seconds, or "2026-05-01". What follows is
/// left out.
std::optional<std::string> plainTime(std::string_view text);
/// The offset from UTC that follows a time, or stands alone: "+02:00", "-03:30", "Z"; at most 14 hours.
std::optional<std::string> plainOffset(std::string_view text);
/// A language by BCP 47, as far as it names language, script and region: "de", "sr-Latn", "pt-BR"; also
/// "x-default". Variants, extensions and private parts are left out.
std::optional<std::string> plainLanguage(std::string_view text);
/// Digits alone, at most `most` of them.
std::optional<std::string> plainDigits(std::string_view text, std::size_t most);

} // namespace keepseal
