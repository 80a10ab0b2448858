// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pixels to a JPEG by libjpeg-turbo, with what libvips does not ask of it: colour at half of the width alone,
// and the arrangement of scans that comes out smallest. Internal to formats/.
#pragma once

#include "formats/output_format.h"

namespace keepseal {

enum class JpegChroma { Full, HalfWidth, Quarter }; ///< 4:4:4, 4:2:2, 4:2:0

struct JpegWish {
    int quality = 90; ///< 1 to 100, libjpeg's scale
    JpegChroma chroma = JpegChroma::Quarter;
    bool progressive = false; ///< coarse first, then fine
    bool optimised = false;   ///< tables made for this picture; of scans the smallest of several arrangements
};

/// 8 bits, grey or RGB. Throws Problem(Internal).
Bytes encodeJpegBy(const CopyPixels& pixels, const JpegWish& wish);

/// Full where so much of the colour lies in fine edges that halving it would be seen: see the source.
JpegChroma chromaByPicture(const CopyPixels& pixels);

} // namespace keepseal
