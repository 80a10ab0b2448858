// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A seal alone, as a picture with transparency: PNG in pixels, or SVG with letters and shapes as outlines
// (glow, shadow and bitmap logos as pixels inside it). Tokens stand as they are typed.
#pragma once

#include "base/byte_source.h"
#include "seal/design.h"

#include <filesystem>

namespace keepseal {

/// `width` in pixels, of the whole with its effects. Throws Problem(BadSetting) when the seal draws nothing.
Bytes sealAsPng(const SealDesign& design, int width);
Bytes sealAsSvg(const SealDesign& design, int width);

/// By the file's ending (.png, .svg). Never replaces a file. Throws Problem(Refused | CannotWrite |
/// BadSetting).
void saveSealPicture(const SealDesign& design, int width, const std::filesystem::path& file);

} // namespace keepseal
