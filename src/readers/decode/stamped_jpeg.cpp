// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A held JPEG, stamped: untouched outside the mark, or all of its blocks rounded anew.
#include "decode/blocks_anew.h"
#include "decode/changed_blocks.h"
#include "decode/held_jpeg.h"

#include <algorithm>
#include <array>

namespace keepseal {
namespace {

void requireFits(JpegCoefficients& original, const ChangedPart& changed) {
    const auto& a = changed.area;
    original.requireHas(a);
    const auto cells =
        static_cast<std::size_t>((a.width + 7) / 8) * static_cast<std::size_t>((a.height + 7) / 8);
    if (changed.rgb.size() != static_cast<std::size_t>(a.width) * static_cast<std::size_t>(a.height) * 3 ||
        changed.cells.size() != cells)
        throw Problem(ProblemKind::Internal, {}, "the changed part is not of this JPEG");
}

bool sameTable(const JHUFF_TBL* a, const JHUFF_TBL* b) {
    return a && b && std::equal(std::begin(a->bits), std::end(a->bits), std::begin(b->bits)) &&
           std::equal(std::begin(a->huffval), std::end(a->huffval), std::begin(b->huffval));
}

/// In scans where the original is, and with the common tables where it has no others: they are known to hold
/// what the new blocks need, and no second pass is made to find better ones.
void codeLikeIt(JpegReader& original, JpegWriter& writer) {
    writer->optimize_coding = FALSE;
    if (original->progressive_mode)
        jpeg_simple_progression(writer.get()); // finds its tables itself
    else
        for (int i = 0; i < std::min(original->num_components, 2); ++i)
            if (!sameTable(original->dc_huff_tbl_ptrs[i], writer->dc_huff_tbl_ptrs[i]) ||
                !sameTable(original->ac_huff_tbl_ptrs[i], writer->ac_huff_tbl_ptrs[i]))
                writer->optimize_coding = TRUE;
}

/// What stands before the coded data, by libjpeg: with the original's tables, so that its codes stay right.
Bytes headerLike(JpegReader& original) {
    JpegWriter writer;
    codeLike(original, writer);
    const auto take = [&](JHUFF_TBL** to, JHUFF_TBL* const* from) {
        for (int i = 0; i < NUM_HUFF_TBLS; ++i)
            if (from[i]) {
                if (!to[i])
                    to[i] = jpeg_alloc_huff_table(reinterpret_cast<j_common_ptr>(writer.get()));
                *to[i] = *from[i];
                to[i]->sent_table = FALSE;
            }
    };
    take(writer->dc_huff_tbl_ptrs, original->dc_huff_tbl_ptrs);
    take(writer->ac_huff_tbl_ptrs, original->ac_huff_tbl_ptrs);
    for (int c = 0; c < original->num_components; ++c) {
        writer->comp_info[c].dc_tbl_no = original->comp_info[c].dc_tbl_no;
        writer->comp_info[c].ac_tbl_no = original->comp_info[c].ac_tbl_no;
    }
    writer->restart_interval = original->restart_interval;
    return writer.header();
}

/// Bit by bit but for the units of the part; none: its values have no codes there.
std::optional<Bytes> exchangedInScan(JpegCoefficients& held, const ChangedPart& changed) {
    auto& original = held.reader;
    auto out = headerLike(original);
    if (changed.empty())
        return held.scan->addExchanged(held.scan->blocks({}), out) ? std::optional(std::move(out))
                                                                   : std::nullopt;
    auto& units = held.unitsBefore(changed.area);
    const auto encoded = encodedPart(original, changed);
    JpegReader part(encoded);
    eachChangedBlock(original, part, changed, [&](int c, JDIMENSION x, JDIMENSION y, const JBLOCK& block) {
        units.put(static_cast<std::size_t>(c), x, y, block);
    });
    return held.scan->addExchanged(units, out) ? std::optional(std::move(out)) : std::nullopt;
}

/// All coefficients coded again.
Bytes exchangedInAll(JpegCoefficients& held, const ChangedPart& changed) {
    auto& original = held.reader;
    if (!changed.empty()) {
        const auto encoded = encodedPart(original, changed);
        JpegReader part(encoded);
        eachChangedBlock(original, part, changed,
                         [&](int c, JDIMENSION x, JDIMENSION y, const JBLOCK& block) {
                             std::copy_n(block, DCTSIZE2, original.row(c, y, true)[x]);
                         });
    }
    JpegWriter writer(held.file.size() + held.file.size() / 8);
    jpeg_copy_critical_parameters(original.get(), writer.get());
    codeLikeIt(original, writer);
    jpeg_write_coefficients(writer.get(), original.coefficients());
    return writer.finish();
}

/// As it is but for the part.
Bytes exchanged(JpegCoefficients& held, const ChangedPart& changed) {
    if (held.scan)
        if (auto out = exchangedInScan(held, changed))
            return std::move(*out);
    return exchangedInAll(held, changed);
}

/// The blocks of a copy, row of units by row of units, as they are to be coded.
class RowsAnew {
public:
    /// `part`: null: nothing is changed. `coder`: has its tables and its sampling.
    RowsAnew(JpegCoefficients& held, JpegReader* part, const ChangedPart& changed, JpegWriter& coder)
        : m_held(held), m_original(held.reader), m_part(part), m_changed(changed),
          m_coder(coder), m_merged{coder->comp_info[0].h_samp_factor / m_original->comp_info[0].h_samp_factor,
                                   coder->comp_info[0].v_samp_factor /
                                       m_original->comp_info[0].v_samp_factor} {}

    JBLOCKROW row(int c, JDIMENSION y) {
        const auto units = y / static_cast<JDIMENSION>(m_coder->comp_info[c].v_samp_factor);
        if (units != m_units)
            read(units);
        return rowOf(c, y);
    }

private:
    bool isMerged(int c) const { return c > 0 && !(m_merged == Size{1, 1}); }
    JBLOCKROW rowOf(int c, JDIMENSION y) {
        return isMerged(c) ? reinterpret_cast<JBLOCKROW>(m_colour[static_cast<std::size_t>(c)].data())
                           : m_blocks(c, 0, y);
    }
    void read(JDIMENSION units) {
        m_units = units;
        const auto high = static_cast<JDIMENSION>(m_merged.height);
        if (m_held.scan) {
            const auto& shape = m_held.scan->shape();
            m_read = m_held.scan->blocks({0, units * high, shape.unitsAcross,
                                          std::min<std::size_t>((units + 1) * high, shape.unitsDown)});
            m_blocks = blocksOf(*m_read);
        } else if (!m_blocks)
            m_blocks = blocksOf(m_original);
        for (int c = 0; c < m_original->num_components; ++c) {
            const auto down = static_cast<JDIMENSION>(m_coder->comp_info[c].v_samp_factor);
            for (auto y = units * down;
                 y < std::min((units + 1) * down, m_coder->comp_info[c].height_in_blocks); ++y)
                makeAnew(c, y);
        }
    }
    void makeAnew(int c, JDIMENSION y) {
        const auto& from = m_original->comp_info[c];
        const auto& to = m_coder->comp_info[c];
        const Rounding rounding(*m_original->quant_tbl_ptrs[from.quant_tbl_no],
                                *m_coder->quant_tbl_ptrs[to.quant_tbl_no]);
        if (!isMerged(c))
            rounding.roundAnew(m_blocks(c, 0, y), to.width_in_blocks);
        else {
            auto& merged = m_colour[static_cast<std::size_t>(c)];
            merged.resize(static_cast<std::size_t>(to.width_in_blocks) * DCTSIZE2);
            const auto first = y * static_cast<JDIMENSION>(m_merged.height);
            const bool second = m_merged.height == 2 && first + 1 < from.height_in_blocks;
            rounding.merge({m_blocks(c, 0, first), second ? m_blocks(c, 0, first + 1) : nullptr,
                            from.width_in_blocks, m_merged},
                           rowOf(c, y), to.width_in_blocks);
        }
        if (!m_part)
            return;
        const Size covers =
            c == 0 ? Size{1, 1}
                   : Size{m_coder->comp_info[0].h_samp_factor, m_coder->comp_info[0].v_samp_factor};
        const PartPlane plane{*m_part, m_changed, c, covers};
        if (y >= plane.top() && y - plane.top() < plane.rows())
            plane.eachChanged(y - plane.top(), to.width_in_blocks,
                              [row = rowOf(c, y)](JDIMENSION x, JDIMENSION, const JBLOCK& block) {
                                  std::copy_n(block, DCTSIZE2, row[x]);
                              });
    }

    JpegCoefficients& m_held;
    JpegReader& m_original;
    JpegReader* m_part;
    const ChangedPart& m_changed;
    JpegWriter& m_coder;
    const Size m_merged; ///< samples of colour of the original for one of the copy
    JDIMENSION m_units = static_cast<JDIMENSION>(-1);
    std::optional<UnitBlocks> m_read;
    BlocksFrom m_blocks;
    std::array<std::vector<JCOEF>, 3> m_colour; ///< of merged blocks, a row
};

Bytes codedAnew(JpegCoefficients& held, const ChangedPart& changed, const BlockCoding& coding) {
    const KeepsLargeBlocks keeping;
    auto& original = held.reader;
    if (coding.quality < 1 || coding.quality > 100 || !canBeCoded(perColour(original), coding))
        throw Problem(ProblemKind::Internal, {}, "its blocks can't be coded so");
    Bytes encoded;
    std::optional<JpegReader> part;
    if (!changed.empty())
        part.emplace(encoded = encodedPart(original, changed, coding));
    JpegWriter writer(held.file.size() + held.file.size() / 8);
    jpeg_copy_critical_parameters(original.get(), writer.get());
    codeBy(coding, writer);
    RowsAnew rows(held, part ? &*part : nullptr, changed, writer);
    return codedFrom(writer, [&](int c, JDIMENSION y) { return rows.row(c, y); });
}

} // namespace

Bytes stampedJpeg(std::shared_ptr<JpegCoefficients> held, const ChangedPart& changed,
                  const BlockCoding& coding) {
    if (!changed.empty())
        requireFits(*held, changed);
    return coding.untouched() ? exchanged(*held, changed) : codedAnew(*held, changed, coding);
}

} // namespace keepseal
