// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Camera raw files through LibRaw: developed with the white balance of the camera, its crop, no curve of
// taste and highlights blended rather than cut off; and the picture that the camera made itself. Internal to
// the readers.
#pragma once

#include "decode/camera.h"
#include "decode/decode.h"

namespace keepseal {

/// 16 bits a channel in opRGB, not turned: its orientation stands in the header as in other pictures.
/// `shrink`: 1, or 2 for half the size, made of whole cells of the sensor. Without `pixels` a black picture
/// of the same size. Throws vips::VError.
vips::VImage openDeveloped(const ByteSource& source, int shrink, bool pixels);

/// A JPEG; empty: there is none, or in another form. Throws vips::VError.
Bytes camerasPicture(const ByteSource& source);

/// Exif 2.32 tag 0x0112 as the raw file says it. Throws vips::VError.
int orientationOfRaw(const ByteSource& source);

} // namespace keepseal
