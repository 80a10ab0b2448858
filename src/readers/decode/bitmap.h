// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// BMP files through stb_image: libvips has no reader of its own for them. Internal to the readers.
#pragma once

#include "decode/decode.h"

namespace keepseal {

/// 8 bits a channel; without `pixels` a black picture of the same size. Throws vips::VError.
vips::VImage openBitmap(const ByteSource& source, bool pixels);

} // namespace keepseal
