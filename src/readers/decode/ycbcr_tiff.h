// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// TIFF 6.0, section 21: pictures as luminance and colour differences. libvips hands those numbers on as if
// they were red, green and blue, and takes none that are subsampled; libtiff turns them into colours. (Those
// packed as JPEG libvips reads rightly.) Internal to the readers.
#pragma once

#include "base/byte_source.h"

#include <optional>
#include <vips/vips8>

namespace keepseal {

/// Stands in the image's metadata.
inline constexpr const char* kYcbcrTiff = "keepseal-ycbcr";

/// Nothing when that page of `source`, from 0, is no such TIFF. Without `pixels` the image has only its size
/// and what its header says. 8 bits a channel. Throws vips::VError for a damaged one.
std::optional<vips::VImage> openYcbcrTiff(const ByteSource& source, int page, bool pixels);

} // namespace keepseal
