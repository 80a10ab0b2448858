// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/untouched.h"

#include "decode/blocks_anew.h"
#include "decode/decode.h"
#include "decode/jpeg_part.h"
#include "decode/jpeg_rows.h"
#include "decode/jpeg_scan.h"
#include "picture/untouched.h"

#include <algorithm>
#include <array>
#include <malloc.h>
#include <optional>
#include <vector>

namespace keepseal {
namespace {

/// It will be fed with pixels: grey where the original is, else red, green and blue.
void codeLike(JpegReader& original, JpegWriter& writer) {
    jpeg_copy_critical_parameters(original.get(), writer.get());
    const bool grey = original->num_components == 1;
    writer->input_components = grey ? 1 : 3;
    writer->in_color_space = grey ? JCS_GRAYSCALE : JCS_RGB;
}

/// The changed part by itself.
Bytes encodedPart(JpegReader& original, const ChangedPart& changed, const BlockCoding& coding = {}) {
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

/// How many blocks of the finest component one of this covers, each way.
Size coversOf(JpegReader& jpeg, int c) {
    const auto& component = jpeg->comp_info[c];
    return {jpeg->max_h_samp_factor / component.h_samp_factor,
            jpeg->max_v_samp_factor / component.v_samp_factor};
}

/// A component of the changed part, which is coded as the copy is.
struct PartPlane {
    JpegReader& part;
    const ChangedPart& changed;
    int component;
    Size covers;
    JDIMENSION left() const { return static_cast<JDIMENSION>(changed.area.x / 8 / covers.width); }
    JDIMENSION top() const { return static_cast<JDIMENSION>(changed.area.y / 8 / covers.height); }
    JDIMENSION rows() const { return part->comp_info[component].height_in_blocks; }
    /// Puts the blocks of one of its rows that hold a changed pixel into the same row of the copy. `to`:
    /// where the first of them belongs; `room`: blocks from there to the copy's end.
    void putRow(JDIMENSION y, JBLOCKROW to, JDIMENSION room) const {
        const auto* from = part.row(component, y, false);
        for (JDIMENSION x = 0; x < std::min(part->comp_info[component].width_in_blocks, room); ++x)
            if (anyChanged(changed, static_cast<int>(x) * covers.width, static_cast<int>(y) * covers.height,
                           covers.width, covers.height))
                std::copy_n(from[x], DCTSIZE2, to[x]);
    }
};

void exchangeBlocks(JpegReader& original, const BlocksFrom& blocks, JpegReader& part,
                    const ChangedPart& changed) {
    for (int c = 0; c < original->num_components; ++c) {
        const PartPlane plane{part, changed, c, coversOf(original, c)};
        const auto& component = original->comp_info[c];
        for (JDIMENSION y = 0; y < std::min(plane.rows(), component.height_in_blocks - plane.top()); ++y)
            plane.putRow(y, blocks(c, plane.left(), plane.top() + y),
                         component.width_in_blocks - plane.left());
    }
}

/// Whether its blocks can be made anew one by one.
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

void requireIsIt(JpegReader& original, const PictureFacts& facts) {
    if (!keepsBlocks(original.get()) ||
        original->image_width != static_cast<JDIMENSION>(facts.stored.width) ||
        original->image_height != static_cast<JDIMENSION>(facts.stored.height))
        throw Problem(ProblemKind::NotAPicture, {}, "the JPEG is not the one that was looked at",
                      "Look at the picture again");
}

/// Sizes and offsets of a part must be those of the file; a request is not believed.
void requirePartOf(JpegReader& original, const Rect& a) {
    const auto width = static_cast<int>(original->image_width),
               height = static_cast<int>(original->image_height);
    const auto ends = [](int at, int length, int all) {
        return at >= 0 && at % 16 == 0 && length > 0 && length <= all - at &&
               (length % 16 == 0 || at + length == all);
    };
    if (!ends(a.x, a.width, width) || !ends(a.y, a.height, height))
        throw Problem(ProblemKind::Internal, {}, "the part is not of this JPEG");
}

void requireFits(JpegReader& original, const ChangedPart& changed) {
    const auto& a = changed.area;
    requirePartOf(original, a);
    const auto cells =
        static_cast<std::size_t>((a.width + 7) / 8) * static_cast<std::size_t>((a.height + 7) / 8);
    if (changed.rgb.size() != static_cast<std::size_t>(a.width) * static_cast<std::size_t>(a.height) * 3 ||
        changed.cells.size() != cells)
        throw Problem(ProblemKind::Internal, {}, "the changed part is not of this JPEG");
}

/// Empty where there is no colour, or it is not sampled as is usual.
Size perColour(JpegReader& jpeg) {
    const auto single = [&](int c) {
        return jpeg->comp_info[c].h_samp_factor == 1 && jpeg->comp_info[c].v_samp_factor == 1;
    };
    return jpeg->num_components == 3 && single(1) && single(2)
               ? Size{jpeg->comp_info[0].h_samp_factor, jpeg->comp_info[0].v_samp_factor}
               : Size{};
}

} // namespace

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

struct JpegCoefficients {
    Pixels<std::uint8_t> file; ///< its own: whatever was asked with may be gone
    JpegReader reader;         ///< of the header and, where there is no scan, of all coefficients
    std::unique_ptr<JpegScan> scan;
    std::optional<UnitBlocks> read; ///< of the scan, last
    /// `byCodes`: most of it will be stepped over.
    JpegCoefficients(const ByteSource& source, const PictureFacts& facts, bool byCodes)
        : file(allBytesOf(source)), reader({file.data(), file.size()}) {
        requireIsIt(reader, facts);
        if (byCodes && !reader.isDamaged())
            scan = JpegScan::from(reader.ahead(), *reader.get());
    }
    std::vector<BlockMeans> means() {
        std::vector<BlockMeans> out;
        for (int c = 0; c < reader->num_components; ++c)
            if (const auto i = static_cast<std::size_t>(c); scan)
                out.push_back({scan->means(i), scan->shape().components[i].stride});
            else
                out.push_back(meansOf(reader, c));
        return out;
    }
    /// Of the scan: those in which an area lies, and the next to the right and below: their means are told
    /// from these. Behind the last of a row comes the first of the next.
    UnitBlocks& unitsAround(const Rect& area) {
        const auto& shape = scan->shape();
        const bool alone = shape.components.size() == 1;
        const auto units = [](int from, int to, int length, std::size_t most) {
            const auto first = static_cast<std::size_t>(from / length),
                       end = static_cast<std::size_t>((to + length - 1) / length) + 1;
            return std::pair(first, std::min(end, most));
        };
        const auto [left, right] =
            units(area.x, area.right(), DCTSIZE * (alone ? 1 : reader->max_h_samp_factor), shape.unitsAcross);
        const auto [top, bottom] =
            units(area.y, area.bottom(), DCTSIZE * (alone ? 1 : reader->max_v_samp_factor), shape.unitsDown);
        const UnitArea wanted{right == shape.unitsAcross ? 0 : left, top, right, bottom};
        if (!read || !read->area().holds(wanted))
            read = scan->blocks(wanted);
        return *read;
    }
};

namespace {

BlocksFrom blocksOf(UnitBlocks& units) {
    return
        [&units](int c, JDIMENSION x, JDIMENSION y) { return units.at(static_cast<std::size_t>(c), x, y); };
}

BlocksFrom blocksOf(JpegReader& jpeg) {
    return [&jpeg](int c, JDIMENSION x, JDIMENSION y) { return jpeg.row(c, y, true) + x; };
}

/// While it lives, large blocks are taken where they stay the process's own when they are freed: the
/// coefficients of the next picture are as many, and pages that are touched for the first time are a fifth of
/// the work.
struct KeepsLargeBlocks {
    KeepsLargeBlocks() {
        ::mallopt(M_TRIM_THRESHOLD, 256 << 20);
        ::mallopt(M_MMAP_MAX, 0);
    }
    ~KeepsLargeBlocks() { ::mallopt(M_MMAP_MAX, 65536); } // as glibc has it
    KeepsLargeBlocks(const KeepsLargeBlocks&) = delete;
    KeepsLargeBlocks& operator=(const KeepsLargeBlocks&) = delete;
};

DecodedPtr decodedBeside(JpegCoefficients& held, const ByteSource& source, const std::string& name,
                         const PictureFacts& facts, int shrink) {
    if (held.scan)
        return decodePicture(MemorySource({held.file.data(), held.file.size()}), name, facts, shrink);
    const PictureSource opened(source);
    return opened.tellingDamage(name, [&] {
        auto out = std::make_shared<DecodedPicture>();
        out->whole = pixelsBeside(held.reader, opened.open(facts, shrink, PictureSource::Need::Header));
        out->shrink = shrink;
        return out;
    });
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
} // namespace

HeldJpeg holdJpeg(const ByteSource& source, const std::string& name, const PictureFacts& facts, int decodeAt,
                  bool allAnew) {
    try {
        const KeepsLargeBlocks keeping;
        if (decodeAt < 0 || decodeAt > kMostBeside)
            throw Problem(ProblemKind::Internal, name, "no coefficients are read at that size");
        HeldJpeg out;
        out.coefficients = std::make_shared<JpegCoefficients>(source, facts, decodeAt == 0 || !allAnew);
        auto& held = *out.coefficients;
        if (!held.scan) {
            if (decodeAt > 0)
                held.reader.willDecodeAt(decodeAt);
            held.reader.coefficients();
        }
        out.coarse = coarseOf(held.reader, held.means());
        if (decodeAt > 0)
            out.decoded = decodedBeside(held, source, name, facts, decodeAt);
        return out;
    } catch (Problem& problem) {
        if (problem.subject.empty())
            problem.subject = name;
        throw;
    }
}

Frame pixelsOf(const JpegCoefficients& held, const Rect& area) {
    auto& own = const_cast<JpegCoefficients&>(held); // libjpeg's arrays are read as they are written
    requirePartOf(own.reader, area);
    if (!own.scan)
        return partOf(own.reader, blocksOf(own.reader), area);
    return partOf(own.reader, blocksOf(own.unitsAround(withNeighbours(own.reader, area))), area);
}

namespace {

/// Bit by bit but for the units of the part; none: its values have no codes there.
std::optional<Bytes> exchangedInScan(JpegCoefficients& held, const ChangedPart& changed) {
    auto& original = held.reader;
    auto out = headerLike(original);
    const auto before = changed.empty() ? held.scan->blocks({}) : held.unitsAround(changed.area);
    auto after = before;
    if (!changed.empty()) {
        const auto encoded = encodedPart(original, changed);
        JpegReader part(encoded);
        exchangeBlocks(original, blocksOf(after), part, changed);
    }
    return held.scan->addExchanged(before, after, out) ? std::optional(std::move(out)) : std::nullopt;
}

/// All coefficients coded again.
Bytes exchangedInAll(JpegCoefficients& held, const ChangedPart& changed) {
    auto& original = held.reader;
    if (!changed.empty()) {
        const auto encoded = encodedPart(original, changed);
        JpegReader part(encoded);
        exchangeBlocks(original, blocksOf(original), part, changed);
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
            plane.putRow(y - plane.top(), rowOf(c, y) + plane.left(), to.width_in_blocks - plane.left());
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
        requireFits(held->reader, changed);
    return coding.untouched() ? exchanged(*held, changed) : codedAnew(*held, changed, coding);
}

} // namespace keepseal
