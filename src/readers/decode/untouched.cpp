// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/untouched.h"

#include "decode/decode.h"
#include "decode/jpeg_part.h"
#include "decode/jpeg_rows.h"
#include "decode/jpeg_scan.h"
#include "picture/untouched.h"

#include <algorithm>
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

/// The changed part by itself, with the original's tables and sampling.
Bytes encodedPart(JpegReader& original, const ChangedPart& changed) {
    JpegWriter writer;
    codeLike(original, writer);
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

/// Puts the blocks of the part that hold a changed pixel in the original's place.
void exchangeBlocks(JpegReader& original, const BlocksFrom& blocks, JpegReader& part,
                    const ChangedPart& changed) {
    for (int c = 0; c < original->num_components; ++c) {
        const auto& component = original->comp_info[c];
        // A block of a component that has fewer samples covers several cells.
        const int across = original->max_h_samp_factor / component.h_samp_factor,
                  down = original->max_v_samp_factor / component.v_samp_factor;
        const auto left = static_cast<JDIMENSION>(changed.area.x / 8 / across),
                   top = static_cast<JDIMENSION>(changed.area.y / 8 / down);
        const auto& own = part->comp_info[c];
        for (JDIMENSION y = 0; y < own.height_in_blocks && top + y < component.height_in_blocks; ++y) {
            const auto* from = part.row(c, y, false);
            auto* to = blocks(c, left, top + y);
            for (JDIMENSION x = 0; x < own.width_in_blocks && left + x < component.width_in_blocks; ++x)
                if (anyChanged(changed, static_cast<int>(x) * across, static_cast<int>(y) * down, across,
                               down))
                    std::copy_n(from[x], DCTSIZE2, to[x]);
        }
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

} // namespace

bool keepsBlocks(const ByteSource& source) {
    // As much of it as its header takes: most of a disk's time would go on the rest.
    for (std::uint64_t length = 64U << 10; length <= 4U << 20; length *= 8) {
        try {
            const auto bytes = source.bytes(0, std::min(source.size(), length));
            JpegReader reader(bytes);
            return keepsBlocks(reader.get());
        } catch (const Problem&) { // its header is longer, or damaged: that is told when it is decoded
            if (length >= source.size())
                break;
        }
    }
    return false;
}

struct JpegCoefficients {
    Pixels<std::uint8_t> file; ///< its own: whatever was asked with may be gone
    JpegReader reader;         ///< of the header and, where there is no scan, of all coefficients
    std::unique_ptr<JpegScan> scan;
    std::optional<UnitBlocks> read; ///< of the scan, last
    JpegCoefficients(const ByteSource& source, const PictureFacts& facts)
        : file(allBytesOf(source)), reader({file.data(), file.size()}) {
        requireIsIt(reader, facts);
        if (!reader.isDamaged())
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

HeldJpeg holdJpeg(const ByteSource& source, const std::string& name, const PictureFacts& facts,
                  int decodeAt) {
    try {
        const KeepsLargeBlocks keeping;
        if (decodeAt < 0 || decodeAt > kMostBeside)
            throw Problem(ProblemKind::Internal, name, "no coefficients are read at that size");
        HeldJpeg out;
        out.coefficients = std::make_shared<JpegCoefficients>(source, facts);
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

} // namespace

Bytes stampedUntouched(std::shared_ptr<JpegCoefficients> held, const ChangedPart& changed) {
    if (!changed.empty())
        requireFits(held->reader, changed);
    if (held->scan)
        if (auto out = exchangedInScan(*held, changed))
            return std::move(*out);
    return exchangedInAll(*held, changed);
}

} // namespace keepseal
