// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/untouched.h"

#include "decode/held_jpeg.h"

namespace keepseal {

bool keepsBlocks(const jpeg_decompress_struct* reader) {
    if (reader->arith_code || reader->data_precision != 8 || reader->max_h_samp_factor > 2 ||
        reader->max_v_samp_factor > 2 ||
        (reader->jpeg_color_space != JCS_YCbCr && reader->jpeg_color_space != JCS_GRAYSCALE))
        return false;
    for (int c = 0; c < reader->num_components; ++c)
        if (reader->max_h_samp_factor % reader->comp_info[c].h_samp_factor != 0 ||
            reader->max_v_samp_factor % reader->comp_info[c].v_samp_factor != 0)
            return false;
    return true;
}

Size perColour(JpegReader& jpeg) {
    const auto single = [&](int c) {
        return jpeg->comp_info[c].h_samp_factor == 1 && jpeg->comp_info[c].v_samp_factor == 1;
    };
    return jpeg->num_components == 3 && single(1) && single(2)
               ? Size{jpeg->comp_info[0].h_samp_factor, jpeg->comp_info[0].v_samp_factor}
               : Size{};
}

std::optional<Size> keptBlocks(const ByteSource& source) {
    // As much of it as its header takes: most of a disk's time would go on the rest.
    for (std::uint64_t length = 64U << 10; length <= 4U << 20; length *= 8) {
        try {
            const auto bytes = source.bytes(0, std::min(source.size(), length));
            JpegReader reader(bytes);
            return keepsBlocks(reader.get()) ? std::optional(perColour(reader)) : std::nullopt;
        } catch (const Problem&) { // its header is longer, or damaged: that is told when it is decoded
            if (length >= source.size())
                break;
        }
    }
    return std::nullopt;
}

} // namespace keepseal
