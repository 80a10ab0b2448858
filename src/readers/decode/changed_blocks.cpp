// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/changed_blocks.h"

#include "decode/blocks_anew.h"

#include <algorithm>
#include <vector>

namespace keepseal {
namespace {

/// Whether anything was changed in a rectangle of cells.
bool anyChanged(const ChangedPart& changed, int left, int top, int width, int height) {
    const int columns = (changed.area.width + 7) / 8, rows = (changed.area.height + 7) / 8;
    for (int y = top; y < std::min(top + height, rows); ++y)
        for (int x = left; x < std::min(left + width, columns); ++x)
            if (changed.cells[static_cast<std::size_t>(y) * static_cast<std::size_t>(columns) +
                              static_cast<std::size_t>(x)])
                return true;
    return false;
}

} // namespace

void codeLike(JpegReader& original, JpegWriter& writer) {
    jpeg_copy_critical_parameters(original.get(), writer.get());
    const bool grey = original->num_components == 1;
    writer->input_components = grey ? 1 : 3;
    writer->in_color_space = grey ? JCS_GRAYSCALE : JCS_RGB;
}

Bytes encodedPart(JpegReader& original, const ChangedPart& changed, const BlockCoding& coding) {
    JpegWriter writer;
    codeLike(original, writer);
    if (!coding.untouched())
        codeBy(coding, writer);
    writer->image_width = static_cast<JDIMENSION>(changed.area.width);
    writer->image_height = static_cast<JDIMENSION>(changed.area.height);
    writer->dct_method = JDCT_ISLOW;
    jpeg_start_compress(writer.get(), TRUE);
    std::vector<JSAMPLE> line;
    const auto stride = static_cast<std::size_t>(changed.area.width) * 3;
    while (writer->next_scanline < writer->image_height) {
        const auto* row = changed.rgb.data() + writer->next_scanline * stride;
        line.assign(row, row + stride);
        if (writer->input_components == 1)
            for (std::size_t x = 0; x < stride / 3; ++x)
                line[x] = row[3 * x];
        JSAMPROW rows = line.data();
        jpeg_write_scanlines(writer.get(), &rows, 1);
    }
    return writer.finish();
}

Size coversOf(JpegReader& jpeg, int c) {
    const auto& component = jpeg->comp_info[c];
    return {jpeg->max_h_samp_factor / component.h_samp_factor,
            jpeg->max_v_samp_factor / component.v_samp_factor};
}

void PartPlane::eachChanged(JDIMENSION row, JDIMENSION across,
                            const std::function<void(JDIMENSION, JDIMENSION, const JBLOCK&)>& put) const {
    const auto* from = part.row(component, row, false);
    const auto end = std::min(part->comp_info[component].width_in_blocks, across - left());
    for (JDIMENSION x = 0; x < end; ++x)
        if (anyChanged(changed, static_cast<int>(x) * covers.width, static_cast<int>(row) * covers.height,
                       covers.width, covers.height))
            put(left() + x, top() + row, from[x]);
}

void eachChangedBlock(JpegReader& original, JpegReader& part, const ChangedPart& changed,
                      const std::function<void(int, JDIMENSION, JDIMENSION, const JBLOCK&)>& put) {
    for (int c = 0; c < original->num_components; ++c) {
        const PartPlane plane{part, changed, c, coversOf(original, c)};
        const auto& component = original->comp_info[c];
        for (JDIMENSION y = 0; y < std::min(plane.rows(), component.height_in_blocks - plane.top()); ++y)
            plane.eachChanged(
                y, component.width_in_blocks,
                [&](JDIMENSION x, JDIMENSION down, const JBLOCK& block) { put(c, x, down, block); });
    }
}

} // namespace keepseal
