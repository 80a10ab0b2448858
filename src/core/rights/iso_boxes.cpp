// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "rights/iso_boxes.h"

#include "base/problem.h"

namespace keepseal {

void unexpectedBoxes() {
    throw Problem(ProblemKind::Internal, {}, "the encoder made a file of unexpected form");
}

void addIsoNumber(Bytes& out, std::uint64_t value, int bytes) {
    for (int shift = 8 * (bytes - 1); shift >= 0; shift -= 8)
        out.push_back(static_cast<std::uint8_t>(value >> shift));
}

void addIsoBox(Bytes& out, std::string_view type, ByteSpan contents) {
    if (contents.size() > 0xFFFFFFF0U)
        throw Problem(ProblemKind::Internal, {}, "the copy is too large for its format");
    addIsoNumber(out, contents.size() + 8, 4);
    out.insert(out.end(), type.begin(), type.end());
    out.insert(out.end(), contents.begin(), contents.end());
}

std::uint32_t isoNumberAt(ByteSpan bytes, std::size_t at, int count) {
    if (at + static_cast<std::size_t>(count) > bytes.size())
        unexpectedBoxes();
    std::uint32_t out = 0;
    for (int i = 0; i < count; ++i)
        out = out << 8 | bytes[at + static_cast<std::size_t>(i)];
    return out;
}

std::vector<IsoBox> isoBoxesIn(ByteSpan bytes) {
    std::vector<IsoBox> out;
    for (std::size_t at = 0; at < bytes.size();) {
        const std::size_t length = isoNumberAt(bytes, at, 4);
        if (length < 8 || at + length > bytes.size())
            unexpectedBoxes();
        out.push_back({{reinterpret_cast<const char*>(bytes.data()) + at + 4, 4},
                       bytes.subspan(at, length),
                       bytes.subspan(at + 8, length - 8)});
        at += length;
    }
    return out;
}

} // namespace keepseal
