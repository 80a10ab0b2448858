// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// libjpeg's reader and writer with their ends seen to: what goes wrong is thrown as Problem(NotAPicture),
// without a subject. Internal to decode/.
#pragma once

#include "base/byte_source.h"
#include "base/problem.h"

#include <algorithm>
#include <array>
#include <cstdio>
#include <jpeglib.h>
#include <utility>

namespace keepseal {

jpeg_error_mgr* tellingErrors(jpeg_error_mgr& errors);

class JpegReader {
public:
    /// `bytes` stay the caller's, until the coefficients or all rows are read.
    explicit JpegReader(ByteSpan bytes) {
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
    ~JpegReader() { jpeg_destroy_decompress(&m_reader); }
    JpegReader(const JpegReader&) = delete;
    JpegReader& operator=(const JpegReader&) = delete;
    jpeg_decompress_struct* operator->() { return &m_reader; }
    jpeg_decompress_struct* get() { return &m_reader; }
    /// Before anything of it is read: pixels will be asked for beside the coefficients, shrunk by this.
    void willDecodeAt(int shrink) {
        m_reader.buffered_image = TRUE;
        m_reader.scale_denom = static_cast<unsigned>(shrink);
    }
    /// What is not read yet of the bytes that it was given.
    ByteSpan ahead() const { return {m_reader.src->next_input_byte, m_reader.src->bytes_in_buffer}; }
    /// Bytes are gone or no sense, and libjpeg went on as it could.
    bool isDamaged() const { return m_errors.num_warnings > 0; }
    jvirt_barray_ptr* coefficients() {
        if (!m_arrays) {
            if (m_reader.buffered_image) { // libjpeg.txt, "Buffered-image mode": all of it, and then pixels
                jpeg_start_decompress(&m_reader);
                while (jpeg_consume_input(&m_reader) != JPEG_REACHED_EOI) {
                }
            }
            m_arrays = jpeg_read_coefficients(&m_reader);
        }
        if (isDamaged()) // what libjpeg fills in for bytes that are gone is not the original
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

class JpegWriter {
public:
    /// `expected`: bytes that it will be about; more are taken where it is not enough.
    explicit JpegWriter(std::size_t expected = 64U << 10) {
        m_made.bytes.reserve(expected);
        m_writer.err = tellingErrors(m_errors);
        jpeg_create_compress(&m_writer);
        m_writer.dest = &m_made;
    }
    ~JpegWriter() { jpeg_destroy_compress(&m_writer); }
    JpegWriter(const JpegWriter&) = delete;
    JpegWriter& operator=(const JpegWriter&) = delete;
    jpeg_compress_struct* operator->() { return &m_writer; }
    jpeg_compress_struct* get() { return &m_writer; }
    /// What stands before the coded data, and nothing else.
    Bytes header() {
        jpeg_start_compress(&m_writer, TRUE);
        jpeg_write_scanlines(&m_writer, nullptr, 0); // it is written before the first row, and waits for none
        m_made.take(m_made.next_output_byte);
        return std::move(m_made.bytes);
    }
    Bytes finish() {
        jpeg_finish_compress(&m_writer);
        return std::move(m_made.bytes);
    }

private:
    /// Room for a while, in the processor's own memory, and what was made so far.
    struct Made : jpeg_destination_mgr {
        Bytes bytes;
        std::array<JOCTET, 64U << 10> room;
        Made() : jpeg_destination_mgr() {
            init_destination = [](j_compress_ptr writer) { of(writer).clear(); };
            empty_output_buffer = [](j_compress_ptr writer) -> boolean {
                of(writer).take(of(writer).room.data() +
                                of(writer).room.size()); // libjpeg.txt: all of it, wherever it points to
                return TRUE;
            };
            term_destination = [](j_compress_ptr writer) { of(writer).take(of(writer).next_output_byte); };
        }
        static Made& of(j_compress_ptr writer) { return *static_cast<Made*>(writer->dest); }
        void clear() {
            next_output_byte = room.data();
            free_in_buffer = room.size();
        }
        void take(const JOCTET* end) {
            bytes.insert(bytes.end(), room.cbegin(), room.cbegin() + (end - room.data()));
            clear();
        }
    };

    jpeg_compress_struct m_writer{};
    jpeg_error_mgr m_errors{};
    Made m_made;
};

} // namespace keepseal
