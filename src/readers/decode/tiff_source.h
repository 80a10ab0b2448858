// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// libtiff on any ByteSource. Internal to the readers.
#pragma once

#include "base/byte_source.h"

#include <memory>
#include <tiffio.h>

namespace keepseal {

struct TiffReader {
    const ByteSource& source;
    std::uint64_t offset = 0;
};
using OpenedTiff = std::unique_ptr<TIFF, decltype(&TIFFClose)>;

/// Null: it is none. `reader` outlives it.
OpenedTiff openTiff(TiffReader& reader);

} // namespace keepseal
