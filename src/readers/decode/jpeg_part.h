// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pixels from coefficients that are held, without decoding the whole picture. Internal to decode/.
#pragma once

#include "decode/jpeg_blocks.h"
#include "geometry/size.h"
#include "picture/frame.h"

namespace keepseal {

/// See HeldJpeg.
Frame coarseOf(JpegReader& jpeg);
/// See pixelsOf(); `area` is taken to be as asked there.
Frame partOf(JpegReader& jpeg, const Rect& area);

} // namespace keepseal
