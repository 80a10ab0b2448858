// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/untouched.h"

#include "picture/untouched.h"

#include "base/problem.h"

#include <algorithm>
#include <cstdio>
#include <cstdlib>
#include <jpeglib.h>
#include <vector>

namespace keepseal {
namespace {

[[noreturn]] void coderFailed(j_common_ptr coder) {
    char why[JMSG_LENGTH_MAX];
    (*coder->err->format_message)(coder, why);
    throw Problem(ProblemKind::NotAPicture, {}, std::string("the JPEG is damaged: ") + why,
                  "Export it again");
}

jpeg_error_mgr* tellingErrors(jpeg_error_mgr& errors) {
    jpeg_std_error(&errors);
    errors.error_exit = coderFailed;
    errors.output_message = [](j_common_ptr) {};
    return &errors;
}

class Reader {
public:
    explicit Reader(ByteSpan bytes) {
        m_reader.err = tellingErrors(m_errors);
        jpeg_create_decompress(&m_reader);
        try {
            jpeg_mem_src(&m_reader, bytes.data(), bytes.size());
            jpeg_read_header(&m_reader, TRUE);
        } catch (...) {
            jpeg_destroy_decompress(&m_reader);
            throw;
        }
    }
    ~Reader() { jpeg_destroy_decompress(&m_reader); }
    Reader(const Reader&) = delete;
    Reader& operator=(const Reader&) = delete;
    jpeg_decompress_struct* operator->() { return &m_reader; }
    jpeg_decompress_struct* get() { return &m_reader; }
    jvirt_barray_ptr* coefficients() {
        if (!m_arrays)
            m_arrays = jpeg_read_coefficients(&m_reader);
        if (m_errors.num_warnings > 0) // what libjpeg fills in for bytes that are gone is not the original
            throw Problem(ProblemKind::NotAPicture, {}, "the JPEG is damaged: bytes of it are missing",
                          "Export it again");
        return m_arrays;
    }
    /// A row of blocks of a component, to be read or, with `write`, changed.
    JBLOCKROW row(int component, JDIMENSION y, bool write) {
        return (*m_reader.mem->access_virt_barray)(reinterpret_cast<j_common_ptr>(&m_reader),
                                                   coefficients()[component], y, 1, write ? TRUE : FALSE)[0];
    }

private:
    jpeg_decompress_struct m_reader{};
    jpeg_error_mgr m_errors{};
    jvirt_barray_ptr* m_arrays = nullptr;
};

class Writer {
public:
    Writer() {
        m_writer.err = tellingErrors(m_errors);
        jpeg_create_compress(&m_writer);
        jpeg_mem_dest(&m_writer, &m_bytes, &m_length);
    }
    ~Writer() {
        jpeg_destroy_compress(&m_writer);
        std::free(m_bytes); // NOLINT: it is the library's
    }
    Writer(const Writer&) = delete;
    Writer& operator=(const Writer&) = delete;
    jpeg_compress_struct* operator->() { return &m_writer; }
    jpeg_compress_struct* get() { return &m_writer; }
    Bytes finish() {
        jpeg_finish_compress(&m_writer);
        return {m_bytes, m_bytes + m_length};
    }

private:
    jpeg_compress_struct m_writer{};
    jpeg_error_mgr m_errors{};
    unsigned char* m_bytes = nullptr;
    unsigned long m_length = 0;
};

/// The changed part by itself, with the original's tables and sampling.
Bytes encodedPart(Reader& original, const ChangedPart& changed) {
    Writer writer;
    jpeg_copy_critical_parameters(original.get(), writer.get());
    writer->image_width = static_cast<JDIMENSION>(changed.area.width);
    writer->image_height = static_cast<JDIMENSION>(changed.area.height);
    const bool grey = original->num_components == 1;
    writer->input_components = grey ? 1 : 3;
    writer->in_color_space = grey ? JCS_GRAYSCALE : JCS_RGB;
    writer->dct_method = JDCT_ISLOW;
    jpeg_start_compress(writer.get(), TRUE);
    std::vector<JSAMPLE> line;
    const auto stride = static_cast<std::size_t>(changed.area.width) * 3;
    while (writer->next_scanline < writer->image_height) {
        const auto* row = changed.rgb.data() + writer->next_scanline * stride;
        line.assign(row, row + stride);
        if (grey)
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
void exchangeBlocks(Reader& original, Reader& part, const ChangedPart& changed) {
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
            auto* to = original.row(c, top + y, true);
            for (JDIMENSION x = 0; x < own.width_in_blocks && left + x < component.width_in_blocks; ++x)
                if (anyChanged(changed, static_cast<int>(x) * across, static_cast<int>(y) * down, across,
                               down))
                    std::copy_n(from[x], DCTSIZE2, to[left + x]);
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
void codeLikeIt(Reader& original, Writer& writer) {
    writer->optimize_coding = FALSE;
    if (original->progressive_mode)
        jpeg_simple_progression(writer.get()); // finds its tables itself
    else
        for (int i = 0; i < std::min(original->num_components, 2); ++i)
            if (!sameTable(original->dc_huff_tbl_ptrs[i], writer->dc_huff_tbl_ptrs[i]) ||
                !sameTable(original->ac_huff_tbl_ptrs[i], writer->ac_huff_tbl_ptrs[i]))
                writer->optimize_coding = TRUE;
}

void requireIsIt(Reader& original, const PictureFacts& facts) {
    if (!keepsBlocks(original.get()) ||
        original->image_width != static_cast<JDIMENSION>(facts.stored.width) ||
        original->image_height != static_cast<JDIMENSION>(facts.stored.height))
        throw Problem(ProblemKind::NotAPicture, {}, "the JPEG is not the one that was looked at",
                      "Look at the picture again");
}

/// Sizes and offsets of the part must be those of the file; a request is not believed.
void requireFits(Reader& original, const ChangedPart& changed) {
    const auto& a = changed.area;
    const auto width = static_cast<int>(original->image_width),
               height = static_cast<int>(original->image_height);
    const auto pixels = static_cast<std::size_t>(a.width) * static_cast<std::size_t>(a.height);
    const bool inside = a.x >= 0 && a.y >= 0 && a.width > 0 && a.height > 0 && a.x % 16 == 0 &&
                        a.y % 16 == 0 && a.width <= width - a.x && a.height <= height - a.y;
    if (!inside || changed.rgb.size() != pixels * 3 ||
        changed.cells.size() !=
            static_cast<std::size_t>((a.width + 7) / 8) * static_cast<std::size_t>((a.height + 7) / 8))
        throw Problem(ProblemKind::Internal, {}, "the changed part is not of this JPEG");
}

} // namespace

bool keepsBlocks(const ByteSource& source) {
    // As much of it as its header takes: most of a disk's time would go on the rest.
    for (std::uint64_t length = 64U << 10; length <= 4U << 20; length *= 8) {
        try {
            const auto bytes = source.bytes(0, std::min(source.size(), length));
            Reader reader(bytes);
            return keepsBlocks(reader.get());
        } catch (const Problem&) { // its header is longer, or damaged: that is told when it is decoded
            if (length >= source.size())
                break;
        }
    }
    return false;
}

Bytes stampedUntouched(const ByteSource& source, const std::string& name, const PictureFacts& facts,
                       const ChangedPart& changed) {
    try {
        const auto bytes = source.bytes(0, source.size());
        Reader original(bytes);
        requireIsIt(original, facts);
        original.coefficients();
        if (!changed.empty()) {
            requireFits(original, changed);
            const auto encoded = encodedPart(original, changed);
            Reader part(encoded);
            part.coefficients();
            exchangeBlocks(original, part, changed);
        }
        Writer writer;
        jpeg_copy_critical_parameters(original.get(), writer.get());
        codeLikeIt(original, writer);
        jpeg_write_coefficients(writer.get(), original.coefficients());
        return writer.finish();
    } catch (Problem& problem) {
        if (problem.subject.empty())
            problem.subject = name;
        throw;
    }
}

} // namespace keepseal
