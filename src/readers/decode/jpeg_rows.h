// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Rows of a JPEG by our own reading of its codes (scan_rows.h), or else straight out of libjpeg: those of
// libvips are put into strips that are cleared first and copied after. The same pixels. Internal to decode/.
#pragma once

#include "decode/decode.h"
#include "decode/walked_scan.h"

#include <functional>
#include <optional>

namespace keepseal {

/// One whose rows can be asked for; without a file none.
struct PlainJpeg {
    const ByteSource* file = nullptr; ///< stays the caller's
    int shrink = 1;                   ///< see decodeShrinkFor()
};
PlainJpeg plainJpeg(const ByteSource& file, const PictureFacts& facts, int shrink);

/// All bytes of a file, read; empty: it has become shorter.
Pixels<std::uint8_t> allBytesOf(const ByteSource& file);

/// Writes the next row, top first, of `like`.
using NextRow = std::function<void(std::uint8_t*)>;
/// Calls `use` once. `like`: the same picture as libvips opens it, shrunk by as much. False: there is none,
/// or it is damaged, and libvips is to be asked, which tells how; what `use` made is then nothing.
bool readRows(const PlainJpeg& jpeg, const vips::VImage& like,
              const std::function<void(const NextRow&)>& use);
/// All of them, one behind the other.
bool readAllRows(const PlainJpeg& jpeg, const vips::VImage& like, std::uint8_t* to);
/// The same of one sequential scan, and what its codes told on the way; none: it is coded otherwise, or
/// damaged.
std::optional<WalkedScan> readAllRowsOfScan(ByteSpan file, int shrink, const vips::VImage& like,
                                            std::uint8_t* to);

} // namespace keepseal
