// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The gate that SVG files from strangers pass before anything draws them. Internal to the readers.
#pragma once

#include <string>
#include <string_view>

namespace keepseal {

bool looksLikeSvg(std::string_view text);

/// The drawing written anew, in UTF-8: the elements and attributes of SVG that draw and nothing else,
/// referring to nothing but itself. Only that is ever drawn. Throws Problem(Refused | TooLarge | NotAPicture)
/// naming `file` when the SVG declares entities, holds scripts or foreign content, refers to anything outside
/// itself, or is larger than any logo: 4 MB, 50,000 elements, 64 deep. Pictures inside it (data: addresses)
/// may have 16 megapixels.
std::string harmlessSvg(std::string_view text, const std::string& file);

} // namespace keepseal
