// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Boxes of the ISO base media file format (ISO/IEC 14496-12, 4.2): written, and found in what our own
// encoders made. For strangers' files see src/readers/walk.
#pragma once

#include "base/byte_source.h"

#include <string_view>

namespace keepseal {

/// The most significant byte first.
void addIsoNumber(Bytes& out, std::uint64_t value, int bytes);
/// A box of this type (4 letters) with these contents. Throws Problem(Internal) over 4 GB.
void addIsoBox(Bytes& out, std::string_view type, ByteSpan contents);

struct IsoBox {
    std::string_view type;
    ByteSpan whole, contents;
};
/// The boxes that follow each other in `bytes`. Throws Problem(Internal) when they do not fill it.
std::vector<IsoBox> isoBoxesIn(ByteSpan bytes);
std::uint32_t isoNumberAt(ByteSpan bytes, std::size_t at, int count);
[[noreturn]] void unexpectedBoxes();

} // namespace keepseal
