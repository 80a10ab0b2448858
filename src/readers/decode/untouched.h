// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/byte_source.h"
#include "geometry/size.h"

#include <optional>

namespace keepseal {

/// Whether single blocks of a JPEG can be made anew: 8 bits, Huffman coded, grey or YCbCr, no component
/// sampled more than twice as finely as another. Then how many pixels have one sample of colour between them
/// (see PictureFacts), else nothing. Never throws for what is in the file.
std::optional<Size> keptBlocks(const ByteSource& source);

} // namespace keepseal
