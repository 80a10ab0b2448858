// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/blocks_anew.h"

#include "decode/block_passes.h"

#include <cmath>
#include <cstdint>
#include <numbers>

namespace keepseal {
namespace {

static_assert(kBlockSide == DCTSIZE && sizeof(JCOEF) == sizeof(std::int16_t));

using Matrix = std::array<float, DCTSIZE2>; ///< row by row

/// What becomes of the cosine transform (T.81, A.3.3) of eight samples in a row when they become others, each
/// of which is a sum of them: `share` by what comes out and what goes in.
template <class Share>
Matrix transformed(const Share& share) {
    const auto wave = [](int k, int n) {
        return (k == 0 ? std::sqrt(0.125) : 0.5) * std::cos((2 * n + 1) * k * std::numbers::pi / 16);
    };
    Matrix out{};
    for (int k = 0; k < DCTSIZE; ++k)
        for (int j = 0; j < DCTSIZE; ++j) {
            double sum = 0;
            for (int a = 0; a < DCTSIZE; ++a)
                for (int b = 0; b < DCTSIZE; ++b)
                    sum += wave(k, a) * share(a, b) * wave(j, b);
            out[static_cast<std::size_t>(k * DCTSIZE + j)] = static_cast<float>(sum);
        }
    return out;
}

Matrix transposed(const Matrix& matrix) {
    Matrix out{};
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = matrix[i % DCTSIZE * DCTSIZE + i / DCTSIZE];
    return out;
}

/// From the eight samples of a first and a second block, or of a first one that has none beside it, to eight
/// that are means of two.
struct Halving {
    Matrix first = transformed([](int a, int b) { return a < 4 && b / 2 == a ? 0.5 : 0.0; });
    Matrix second = transformed([](int a, int b) { return a >= 4 && b / 2 == a - 4 ? 0.5 : 0.0; });
    Matrix lone = transformed([](int a, int b) {
        return a < 4 && b / 2 == a ? 0.5 : a >= 4 && b == DCTSIZE - 1 ? 1.0 : 0.0;
    });
    Matrix turnedFirst = transposed(first), turnedSecond = transposed(second), turnedLone = transposed(lone);
};
const Halving& halving() {
    static const Halving all;
    return all;
}

/// While it lives, a writer's arrays of coefficients are asked of a function. (libjpeg.txt, "Memory
/// management": its manager's methods are called through pointers for this.)
class AskedFor {
public:
    AskedFor(JpegWriter& writer, const NextBlocks& blocks) : m_writer(writer), m_blocks(blocks) {
        m_writer->client_data = this;
        m_writer->mem->access_virt_barray = access;
        for (std::size_t c = 0; c < m_names.size(); ++c) // they are handed back to access(), and nowhere read
            m_arrays[c] = reinterpret_cast<jvirt_barray_ptr>(&m_names[c]);
    }
    ~AskedFor() { m_writer->client_data = nullptr; }
    AskedFor(const AskedFor&) = delete;
    AskedFor& operator=(const AskedFor&) = delete;
    jvirt_barray_ptr* arrays() { return m_arrays.data(); }

private:
    static JBLOCKARRAY access(j_common_ptr writer, jvirt_barray_ptr array, JDIMENSION first, JDIMENSION count,
                              boolean) {
        auto& own = *static_cast<AskedFor*>(writer->client_data);
        const auto component = reinterpret_cast<const char*>(array) - own.m_names.data();
        auto& rows = own.m_rows[static_cast<std::size_t>(component)];
        const auto down = own.m_writer->comp_info[component].height_in_blocks;
        for (JDIMENSION i = 0; i < count && i < rows.size(); ++i) // those behind the last are not read
            rows[i] = first + i < down ? own.m_blocks(static_cast<int>(component), first + i) : nullptr;
        return rows.data();
    }

    JpegWriter& m_writer;
    const NextBlocks& m_blocks;
    std::array<char, MAX_COMPONENTS> m_names{};
    std::array<jvirt_barray_ptr, MAX_COMPONENTS> m_arrays{};
    std::array<std::array<JBLOCKROW, MAX_SAMP_FACTOR>, MAX_COMPONENTS> m_rows{};
};

} // namespace

Rounding::Rounding(const JQUANT_TBL& from, const JQUANT_TBL& to) {
    for (std::size_t i = 0; i < DCTSIZE2; ++i) {
        m_from[i] = from.quantval[i];
        m_to[i] = 1 / static_cast<float>(std::max<UINT16>(to.quantval[i], 1));
        m_ratio[i] = m_from[i] / static_cast<float>(std::max<UINT16>(to.quantval[i], 1));
    }
}

void Rounding::roundAnew(JBLOCKROW blocks, std::size_t count) const {
    roundBlocks(*blocks, count, m_ratio.data());
}

void Rounding::merge(const ColourRow& row, JBLOCKROW to, JDIMENSION count) const {
    const auto& by = halving();
    mergeBlocks({*row.first,
                 row.second ? *row.second : nullptr,
                 row.count,
                 row.merged.width == 2,
                 row.merged.height == 2,
                 m_from.data(),
                 m_to.data(),
                 {by.first.data(), by.second.data(), by.lone.data()},
                 {by.turnedFirst.data(), by.turnedSecond.data(), by.turnedLone.data()}},
                *to, count);
}

void codeBy(const BlockCoding& coding, JpegWriter& writer) {
    jpeg_set_quality(writer.get(), coding.quality, TRUE);
    for (int c = 0; c < writer->num_components; ++c)
        writer->comp_info[c].quant_tbl_no = c == 0 ? 0 : 1;
    writer->comp_info[0].h_samp_factor = coding.perColour.width;
    writer->comp_info[0].v_samp_factor = coding.perColour.height;
}

Bytes codedFrom(JpegWriter& writer, const NextBlocks& blocks) {
    AskedFor asked(writer, blocks);
    writer->optimize_coding = FALSE;
    jpeg_write_coefficients(writer.get(), asked.arrays());
    return writer.finish();
}

} // namespace keepseal
