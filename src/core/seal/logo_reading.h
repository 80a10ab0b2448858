// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a logo's file holds: the part of logos that meets a stranger's bytes. Carried out where those are
// read, never here; see picture/develop.h. Internal to seal/ and to the readers.
#pragma once

#include "base/byte_source.h"
#include "base/problem.h"
#include "seal/logo.h"

namespace vips {
class VImage;
}

namespace keepseal {

inline constexpr std::uint64_t kMaxLogoFile = 32ULL << 20;

struct LogoContent {
    bool vector = false;
    Size native; ///< see Logo::nativeSize()
    Size kept;   ///< of `rgba`: smaller than `native` where that is more than any seal shows
    std::vector<std::uint8_t> rgba; ///< of a bitmap: R G B A, sRGB, not premultiplied, rows without padding
};

/// Throws like loadLogo(), naming `file`.
LogoContent readLogoFile(const ByteSource& source, const std::string& file, int page);
/// A vector's drawing; `native` as read. Throws Problem(NotAPicture | TooLarge | Refused).
LogoPixels drawVectorLogo(const ByteSource& source, const std::string& file, int page, Size native,
                          Size size);

[[noreturn]] void refuseLogo(const std::string& file, const Saying& why,
                             ProblemKind kind = ProblemKind::NotAPicture);
/// Resized with the colours weighed by their opacity, so that hidden colours can't bleed in.
vips::VImage resizedLogo(const vips::VImage& rgba, Size size);
LogoPixels logoPixelsOf(const vips::VImage& rgba);

} // namespace keepseal
