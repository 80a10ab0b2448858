// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// JPEGs of all kinds, written by libjpeg, and their coefficients as it reads them.
#pragma once

#include "base/byte_source.h"
#include "geometry/size.h"

#include <algorithm>
#include <array>
#include <cstdio>
#include <cstdlib>
#include <jpeglib.h>
#include <random>
#include <vector>

namespace keepseal::test {

struct JpegKind {
    const char* name;
    int across = 2, down = 2; ///< of luminance for one of colour
    bool progressive = false;
    int restart = 0; ///< blocks
    int channels = 3;
    Size size{203, 149}; ///< no multiple of a block
    bool commonTables = true;
    int texture = 110; ///< levels
    int quality = 87;
};

/// Of one sequential scan.
inline const JpegKind kScans[] = {
    {"444", 1, 1},
    {"422", 2, 1},
    {"440", 1, 2},
    {"420", 2, 2},
    {"grey", 1, 1, false, 0, 1},
    {"restarts in rows", 2, 2, false, 3},
    {"a restart at each unit", 2, 1, false, 1},
    {"restarts across rows", 1, 1, false, 41},
    {"grey with restarts", 1, 1, false, 7, 1},
    {"one unit", 2, 2, false, 0, 3, {9, 5}},
    {"tables of its own", 2, 2, false, 0, 3, {203, 149}, false},
    {"nearly plain", 1, 1, false, 0, 3, {203, 149}, false, 6},
};

/// A picture with the same texture everywhere, written by libjpeg in the given way.
inline Bytes jpegOf(const JpegKind& kind) {
    jpeg_compress_struct writer{};
    jpeg_error_mgr errors{};
    writer.err = jpeg_std_error(&errors);
    jpeg_create_compress(&writer);
    unsigned char* bytes = nullptr;
    unsigned long length = 0;
    jpeg_mem_dest(&writer, &bytes, &length);
    writer.image_width = static_cast<JDIMENSION>(kind.size.width);
    writer.image_height = static_cast<JDIMENSION>(kind.size.height);
    writer.input_components = kind.channels;
    writer.in_color_space = kind.channels == 1 ? JCS_GRAYSCALE : JCS_RGB;
    jpeg_set_defaults(&writer);
    jpeg_set_quality(&writer, kind.quality, TRUE);
    if (kind.channels == 3) {
        writer.comp_info[0].h_samp_factor = kind.across;
        writer.comp_info[0].v_samp_factor = kind.down;
    }
    writer.restart_interval = static_cast<unsigned>(kind.restart);
    writer.optimize_coding = kind.commonTables ? FALSE : TRUE;
    if (kind.progressive)
        jpeg_simple_progression(&writer);
    jpeg_start_compress(&writer, TRUE);
    std::mt19937 random(7);
    std::vector<JSAMPLE> row(static_cast<std::size_t>(kind.size.width * kind.channels));
    while (writer.next_scanline < writer.image_height) {
        for (std::size_t i = 0; i < row.size(); ++i)
            row[i] = static_cast<JSAMPLE>(90 + (random() % 50 + (i + writer.next_scanline) % 60) *
                                                   static_cast<unsigned>(kind.texture) / 110);
        JSAMPROW rows = row.data();
        jpeg_write_scanlines(&writer, &rows, 1);
    }
    jpeg_finish_compress(&writer);
    Bytes out(bytes, bytes + length);
    jpeg_destroy_compress(&writer);
    std::free(bytes); // NOLINT: it is the library's
    return out;
}

/// All of a file, by libjpeg.
struct JpegBlocks {
    struct Component {
        JDIMENSION across = 0, down = 0;
        std::vector<std::array<JCOEF, DCTSIZE2>> blocks;
        std::array<UINT16, DCTSIZE2> table{};
        int h = 0, v = 0;
    };
    std::vector<Component> components;
    bool progressive = false;
    explicit JpegBlocks(const Bytes& bytes) {
        jpeg_decompress_struct reader{};
        jpeg_error_mgr errors{};
        reader.err = jpeg_std_error(&errors);
        jpeg_create_decompress(&reader);
        jpeg_mem_src(&reader, bytes.data(), bytes.size());
        jpeg_read_header(&reader, TRUE);
        auto* arrays = jpeg_read_coefficients(&reader);
        progressive = reader.progressive_mode;
        for (int c = 0; c < reader.num_components; ++c) {
            const auto& info = reader.comp_info[c];
            Component out{info.width_in_blocks, info.height_in_blocks, {}, {},
                          info.h_samp_factor,   info.v_samp_factor};
            std::copy_n(info.quant_table->quantval, DCTSIZE2, out.table.begin());
            for (JDIMENSION y = 0; y < out.down; ++y) {
                auto* row = (*reader.mem->access_virt_barray)(reinterpret_cast<j_common_ptr>(&reader),
                                                              arrays[c], y, 1, FALSE)[0];
                for (JDIMENSION x = 0; x < out.across; ++x) {
                    out.blocks.emplace_back();
                    std::copy_n(row[x], DCTSIZE2, out.blocks.back().begin());
                }
            }
            components.push_back(std::move(out));
        }
        jpeg_destroy_decompress(&reader);
    }
};

/// The samples of its components, as far as its blocks go, before any is made larger for the others.
struct JpegSamples {
    struct Plane {
        int width = 0, height = 0, stride = 0; ///< with what fills the last unit
        std::vector<JSAMPLE> samples;
        /// Beyond its end as it ends.
        double at(int x, int y) const {
            return samples[static_cast<std::size_t>(std::min(y, height - 1) * stride +
                                                    std::min(x, width - 1))];
        }
    };
    std::vector<Plane> planes;
    explicit JpegSamples(const Bytes& bytes) {
        jpeg_decompress_struct reader{};
        jpeg_error_mgr errors{};
        reader.err = jpeg_std_error(&errors);
        jpeg_create_decompress(&reader);
        jpeg_mem_src(&reader, bytes.data(), bytes.size());
        jpeg_read_header(&reader, TRUE);
        reader.raw_data_out = TRUE;
        jpeg_start_decompress(&reader);
        std::vector<std::vector<JSAMPROW>> rows;
        std::vector<JSAMPARRAY> arrays;
        for (int c = 0; c < reader.num_components; ++c) {
            const auto& info = reader.comp_info[c];
            const auto units = (info.height_in_blocks + static_cast<JDIMENSION>(info.v_samp_factor) - 1) /
                               static_cast<JDIMENSION>(info.v_samp_factor);
            const auto stride = (info.width_in_blocks + 4) * DCTSIZE; // whole units are written
            planes.push_back({static_cast<int>(info.width_in_blocks * DCTSIZE),
                              static_cast<int>(info.height_in_blocks * DCTSIZE),
                              static_cast<int>(stride),
                              {}});
            planes.back().samples.resize(stride * units * static_cast<JDIMENSION>(info.v_samp_factor) *
                                         DCTSIZE);
            rows.emplace_back();
            for (std::size_t y = 0; y < planes.back().samples.size() / stride; ++y)
                rows.back().push_back(planes.back().samples.data() + y * stride);
        }
        while (reader.output_scanline < reader.output_height) {
            arrays.clear();
            const auto unit =
                reader.output_scanline / static_cast<JDIMENSION>(reader.max_v_samp_factor * DCTSIZE);
            for (int c = 0; c < reader.num_components; ++c)
                arrays.push_back(rows[static_cast<std::size_t>(c)].data() +
                                 unit * static_cast<JDIMENSION>(reader.comp_info[c].v_samp_factor * DCTSIZE));
            jpeg_read_raw_data(&reader, arrays.data(),
                               static_cast<JDIMENSION>(reader.max_v_samp_factor * DCTSIZE));
        }
        jpeg_finish_decompress(&reader);
        jpeg_destroy_decompress(&reader);
    }
};

} // namespace keepseal::test
