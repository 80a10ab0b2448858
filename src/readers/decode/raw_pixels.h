// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// From libvips' pixels, in a file's own colours and depth, to a frame in those that are wished for. Internal
// to the readers.
#pragma once

#include "picture/develop.h"

#include <vips/vips8>

namespace keepseal {

/// Grey or RGB values of one depth, without alpha, as they are in the file.
struct RawPixels {
    Size size;
    int bands = 3;
    bool deep = false;
    Pixels<std::uint8_t> eight;
    Pixels<std::uint16_t> sixteen;
    const void* data() const {
        return deep ? static_cast<const void*>(sixteen.data()) : static_cast<const void*>(eight.data());
    }
    std::size_t count() const { return static_cast<std::size_t>(size.pixels()); }
};

/// One to three bands of 8 or 16 bits.
RawPixels rawPixels(const vips::VImage& image);
/// One band as opacity.
Pixels<std::uint8_t> alphaOf(const vips::VImage& band);
/// `own` is the picture's profile, if any.
Frame toFrame(RawPixels raw, const ColourSpacePtr& own, const DevelopWish& wish);

} // namespace keepseal
