// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/jpeg_part.h"

#include <algorithm>
#include <array>

namespace keepseal {
namespace {

constexpr int kUnit = 16; ///< pixels: the largest that is coded in one go

/// The mean of each block of a component, in eighths: its first coefficient (ITU-T T.81, A.3.3).
std::vector<int> eighthsOf(JpegReader& jpeg, int c, const BlockMeans& means) {
    const int step = jpeg->quant_tbl_ptrs[jpeg->comp_info[c].quant_tbl_no]->quantval[0];
    std::vector<int> out;
    out.reserve(means.values.size());
    for (const int value : means.values)
        out.push_back(std::clamp(value * step, -2048, 2047)); // no sample is more than 8 bits
    return out;
}

/// JFIF 1.02: luminance, and two of colour around 0; in eighths.
void putRgb(std::uint8_t* to, int y, int cb, int cr) {
    const auto sample = [](int value) { // in 8 * 65536
        return static_cast<std::uint8_t>(std::clamp((value + (4 << 16)) >> 19, 0, 255));
    };
    const int light = (y + 8 * 128) << 16;
    to[0] = sample(light + 91881 * cr);
    to[1] = sample(light - 22554 * cb - 46802 * cr);
    to[2] = sample(light + 116130 * cb);
}

/// Coefficients of a part with what its outermost pixels are made from, as a small JPEG of its own.
Bytes cutOutOf(JpegReader& jpeg, const BlocksFrom& blocks, const Rect& area) {
    JpegWriter writer;
    jpeg_copy_critical_parameters(jpeg.get(), writer.get());
    writer->image_width = static_cast<JDIMENSION>(area.width);
    writer->image_height = static_cast<JDIMENSION>(area.height);
    std::array<jvirt_barray_ptr, MAX_COMPONENTS> arrays{};
    auto* common = reinterpret_cast<j_common_ptr>(writer.get());
    const auto count = [](int pixels, int samples, int most) { // of blocks, up to whole units
        const int unit = 8 * most;
        return static_cast<JDIMENSION>((pixels + unit - 1) / unit * samples);
    };
    const auto across = [&](int c) {
        return count(area.width, jpeg->comp_info[c].h_samp_factor, jpeg->max_h_samp_factor);
    };
    const auto down = [&](int c) {
        return count(area.height, jpeg->comp_info[c].v_samp_factor, jpeg->max_v_samp_factor);
    };
    for (int c = 0; c < jpeg->num_components; ++c)
        arrays[static_cast<std::size_t>(c)] =
            (*common->mem->request_virt_barray)(common, JPOOL_IMAGE, TRUE, across(c), down(c),
                                                static_cast<JDIMENSION>(jpeg->comp_info[c].v_samp_factor));
    (*common->mem->realize_virt_arrays)(common);
    for (int c = 0; c < jpeg->num_components; ++c) {
        const auto& component = jpeg->comp_info[c];
        const int left = area.x / 8 * component.h_samp_factor / jpeg->max_h_samp_factor,
                  top = area.y / 8 * component.v_samp_factor / jpeg->max_v_samp_factor;
        for (JDIMENSION y = 0; y < down(c) && static_cast<JDIMENSION>(top) + y < component.height_in_blocks;
             ++y) {
            const auto* from = blocks(c, static_cast<JDIMENSION>(left), static_cast<JDIMENSION>(top) + y);
            auto* to = (*common->mem->access_virt_barray)(common, arrays[static_cast<std::size_t>(c)], y, 1,
                                                          TRUE)[0];
            const auto there = std::min(across(c), component.width_in_blocks - static_cast<JDIMENSION>(left));
            for (JDIMENSION x = 0; x < there; ++x)
                std::copy_n(from[x], DCTSIZE2, to[x]);
        }
    }
    jpeg_write_coefficients(writer.get(), arrays.data());
    return writer.finish();
}

Frame decoded(const Bytes& bytes) {
    JpegReader reader(bytes);
    reader->out_color_space = JCS_RGB;
    jpeg_start_decompress(reader.get());
    Frame out;
    out.size = {static_cast<int>(reader->output_width), static_cast<int>(reader->output_height)};
    out.rgb.resize(static_cast<std::size_t>(out.size.pixels()) * 3);
    while (reader->output_scanline < reader->output_height) {
        JSAMPROW row = out.row(static_cast<int>(reader->output_scanline));
        jpeg_read_scanlines(reader.get(), &row, 1);
    }
    jpeg_finish_decompress(reader.get());
    return out;
}

} // namespace

BlockMeans meansOf(JpegReader& jpeg, int c) {
    const auto& component = jpeg->comp_info[c];
    BlockMeans out;
    out.stride = component.width_in_blocks;
    out.values.reserve(out.stride * component.height_in_blocks);
    for (JDIMENSION y = 0; y < component.height_in_blocks; ++y) {
        const auto* row = jpeg.row(c, y, false);
        for (JDIMENSION x = 0; x < component.width_in_blocks; ++x)
            out.values.push_back(row[x][0]);
    }
    return out;
}

Frame coarseOf(JpegReader& jpeg, const std::vector<BlockMeans>& means) {
    Frame out;
    out.size = {static_cast<int>(jpeg->image_width / 8), static_cast<int>(jpeg->image_height / 8)};
    out.picture = {0, 0, out.size.width, out.size.height};
    if (out.size.empty())
        return {};
    out.rgb.resize(static_cast<std::size_t>(out.size.pixels()) * 3);
    struct Plane {
        std::vector<int> eighths = {0};
        std::size_t stride = 0;
        int across = 31, down = 31; ///< 1: a block lies over two of the finest; 31: over all
    };
    std::array<Plane, 3> planes; // of a grey one the colours are 0 all over
    for (std::size_t c = 0; c < means.size(); ++c) {
        const auto& component = jpeg->comp_info[c];
        planes[c] = {eighthsOf(jpeg, static_cast<int>(c), means[c]), means[c].stride,
                     jpeg->max_h_samp_factor / component.h_samp_factor - 1,
                     jpeg->max_v_samp_factor / component.v_samp_factor - 1};
    }
    const auto& [light, blue, red] = planes;
    for (int y = 0; y < out.size.height; ++y) {
        const auto rowOf = [y](const Plane& plane) {
            return plane.eighths.data() + static_cast<std::size_t>(y >> plane.down) * plane.stride;
        };
        const int *luminance = rowOf(light), *cb = rowOf(blue), *cr = rowOf(red);
        auto* to = out.row(y);
        for (int x = 0; x < out.size.width; ++x, to += 3)
            putRgb(to, luminance[x >> light.across], cb[x >> blue.across], cr[x >> red.across]);
    }
    return out;
}

KeptImage pixelsBeside(JpegReader& jpeg, const vips::VImage& like) {
    (void)jpeg.coefficients();
    jpeg_start_output(jpeg.get(), jpeg->input_scan_number);
    const auto bands = static_cast<std::size_t>(jpeg->output_components),
               stride = static_cast<std::size_t>(like.width()) * bands;
    const auto height = static_cast<JDIMENSION>(like.height());
    // Where a shrunk picture ends within a pixel, libvips leaves that out.
    if (jpeg->output_width < static_cast<JDIMENSION>(like.width()) || jpeg->output_height < height ||
        bands != static_cast<std::size_t>(like.bands()))
        throw vips::VError("its header says two things");
    auto out = blankImage(like);
    Bytes line(jpeg->output_width * bands);
    while (jpeg->output_scanline < jpeg->output_height) {
        auto* to = out.memory.data() + std::min(jpeg->output_scanline, height) * stride;
        const bool left = jpeg->output_scanline < height, straight = left && line.size() == stride;
        JSAMPROW row = straight ? to : line.data();
        jpeg_read_scanlines(jpeg.get(), &row, 1);
        if (left && !straight)
            std::copy_n(line.begin(), stride, to);
    }
    jpeg_finish_output(jpeg.get());
    return out;
}

Rect withNeighbours(JpegReader& jpeg, const Rect& area) {
    const Rect whole{0, 0, static_cast<int>(jpeg->image_width), static_cast<int>(jpeg->image_height)};
    return intersection({area.x - kUnit, area.y - kUnit, area.width + 2 * kUnit, area.height + 2 * kUnit},
                        whole);
}

Frame partOf(JpegReader& jpeg, const BlocksFrom& blocks, const Rect& area) {
    const Rect with = withNeighbours(jpeg, area);
    const Frame pixels = decoded(cutOutOf(jpeg, blocks, with));
    return cutOut(pixels, {area.x - with.x, area.y - with.y, area.width, area.height});
}

} // namespace keepseal
