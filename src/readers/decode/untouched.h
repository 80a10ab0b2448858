// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/byte_source.h"

namespace keepseal {

/// Whether single blocks of a JPEG can be made anew: 8 bits, Huffman coded, grey or YCbCr, no component
/// sampled more than twice as finely as another. Never throws for what is in the file.
bool keepsBlocks(const ByteSource& source);

} // namespace keepseal
