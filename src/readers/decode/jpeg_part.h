// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pixels from coefficients that are held, without decoding the whole picture. Internal to decode/.
#pragma once

#include "decode/decode.h"
#include "decode/jpeg_blocks.h"
#include "geometry/size.h"
#include "picture/frame.h"

namespace keepseal {

/// See HeldJpeg.
Frame coarseOf(JpegReader& jpeg);
/// All pixels of one that was opened for them, before anything of it is changed: as `like`, which is the same
/// picture as libvips opens it, and with all that its header says of its colours.
KeptImage pixelsBeside(JpegReader& jpeg, const vips::VImage& like);
/// See pixelsOf(); `area` is taken to be as asked there.
Frame partOf(JpegReader& jpeg, const Rect& area);

} // namespace keepseal
