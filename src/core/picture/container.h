// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Which kind of file a picture is, told from its first bytes and never from its name.
#pragma once

#include "base/byte_source.h"

namespace keepseal {

enum class Container { Unknown, Jpeg, Png, Tiff, WebP, Heif, JpegXl, Gif, Bmp, Pnm, Svg, Pdf, CameraRaw };
inline constexpr Container kLastContainer = Container::CameraRaw;

/// Never CameraRaw: most of those are TIFFs by their first bytes, see isCameraRaw().
Container sniffContainer(const ByteSource& source);
/// "JPEG", "HEIF/AVIF", ...
const char* nameOf(Container container);

} // namespace keepseal
