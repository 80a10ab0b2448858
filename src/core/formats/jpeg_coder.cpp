// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "formats/jpeg_coder.h"

#include "base/give_way.h"
#include "base/problem.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <jpeglib.h>
#include <memory>
#include <vector>

namespace keepseal {
namespace {

[[noreturn]] void coderFailed(j_common_ptr coder) {
    char why[JMSG_LENGTH_MAX];
    (*coder->err->format_message)(coder, why);
    throw Problem(ProblemKind::Internal, {}, Saying("the copy could not be encoded: {why}", {{"why", why}}));
}

jpeg_error_mgr* quietErrors(jpeg_error_mgr& errors) {
    jpeg_std_error(&errors);
    errors.error_exit = coderFailed;
    errors.output_message = [](j_common_ptr) {};
    return &errors;
}

/// A coder that writes into memory.
class Coder {
public:
    /// `expected`: about as many bytes as it may come to, so that it need not be moved about while it grows.
    explicit Coder(std::size_t expected)
        : m_first(std::malloc(expected)), m_bytes(static_cast<unsigned char*>(m_first)),
          m_length(m_first ? expected : 0) { // NOLINT: the library goes on with what malloc gave
        m_coder.err = quietErrors(m_errors);
        jpeg_create_compress(&m_coder);
        jpeg_mem_dest(&m_coder, &m_bytes, &m_length);
    }
    ~Coder() {
        jpeg_destroy_compress(&m_coder);
        if (m_bytes != m_first)
            std::free(m_bytes); // NOLINT: it is the library's
        std::free(m_first);     // NOLINT
    }
    Coder(const Coder&) = delete;
    Coder& operator=(const Coder&) = delete;
    jpeg_compress_struct* operator->() { return &m_coder; }
    jpeg_compress_struct* get() { return &m_coder; }
    Bytes finish() {
        jpeg_finish_compress(&m_coder);
        return {m_bytes, m_bytes + m_length};
    }

private:
    jpeg_compress_struct m_coder{};
    jpeg_error_mgr m_errors{};
    void* m_first;
    unsigned char* m_bytes;
    unsigned long m_length;
};

/// The coefficients of a JPEG of our own, to be arranged anew.
class Coefficients {
public:
    explicit Coefficients(const Bytes& jpeg) : m_bytes(jpeg.size()) {
        m_reader.err = quietErrors(m_errors);
        jpeg_create_decompress(&m_reader);
        jpeg_mem_src(&m_reader, jpeg.data(), jpeg.size());
        jpeg_read_header(&m_reader, TRUE);
        m_arrays = jpeg_read_coefficients(&m_reader);
    }
    ~Coefficients() { jpeg_destroy_decompress(&m_reader); }
    Coefficients(const Coefficients&) = delete;
    Coefficients& operator=(const Coefficients&) = delete;

    Bytes arranged(const std::vector<jpeg_scan_info>& scans) {
        Coder coder(m_bytes + m_bytes / 8);
        jpeg_copy_critical_parameters(&m_reader, coder.get());
        coder->optimize_coding = TRUE;
        coder->scan_info = scans.data();
        coder->num_scans = static_cast<int>(scans.size());
        jpeg_write_coefficients(coder.get(), m_arrays);
        return coder.finish();
    }

private:
    std::size_t m_bytes;
    jpeg_decompress_struct m_reader{};
    jpeg_error_mgr m_errors{};
    jvirt_barray_ptr* m_arrays = nullptr;
};

/// T.81, G.1.1.1.1: coefficients from `first` to `last`, from bit `high` (0: all above) down to bit `low`.
jpeg_scan_info scan(int component, int first, int last, int high, int low) {
    jpeg_scan_info out{};
    out.comps_in_scan = 1;
    out.component_index[0] = component;
    out.Ss = first, out.Se = last, out.Ah = high, out.Al = low;
    return out;
}

/// The means of all components together.
jpeg_scan_info means(int components, int high, int low) {
    auto out = scan(0, 0, 0, high, low);
    out.comps_in_scan = components;
    for (int c = 0; c < components; ++c)
        out.component_index[c] = c;
    return out;
}

/// Arrangements that come out smallest of one picture or another: by bands alone, with the last bit apart,
/// with two.
std::vector<std::vector<jpeg_scan_info>> arrangements(int components) {
    std::vector<std::vector<jpeg_scan_info>> out;
    for (const int bits : {0, 1, 2})
        for (const int split : {2, 5, 8, 63}) {
            std::vector<jpeg_scan_info> scans = {means(components, 0, 0)};
            scans.push_back(scan(0, 1, split, 0, bits));
            if (split < 63)
                scans.push_back(scan(0, split + 1, 63, 0, bits));
            for (int c = 1; c < components; ++c)
                scans.push_back(scan(c, 1, 63, 0, std::min(bits, 1)));
            for (int bit = bits; bit > 0; --bit)
                for (int c = components - 1; c >= 0; --c)
                    if (c == 0 || bit == 1)
                        scans.push_back(scan(c, 1, 63, bit, bit - 1));
            out.push_back(std::move(scans));
        }
    return out;
}

void askFor(jpeg_compress_struct* coder, const CopyPixels& pixels, const JpegWish& wish) {
    coder->image_width = static_cast<JDIMENSION>(pixels.size.width);
    coder->image_height = static_cast<JDIMENSION>(pixels.size.height);
    coder->input_components = pixels.bands;
    coder->in_color_space = pixels.bands == 1 ? JCS_GRAYSCALE : JCS_RGB;
    jpeg_set_defaults(coder);
    jpeg_set_quality(coder, wish.quality, TRUE);
    coder->optimize_coding = wish.optimised ? TRUE : FALSE;
    if (pixels.bands == 3) {
        coder->comp_info[0].h_samp_factor = wish.chroma == JpegChroma::Full ? 1 : 2;
        coder->comp_info[0].v_samp_factor = wish.chroma == JpegChroma::Quarter ? 2 : 1;
    }
    if (wish.progressive && !wish.optimised)
        jpeg_simple_progression(coder);
}

} // namespace

constexpr JDIMENSION kRowsAtOnce = 64; ///< a few milliseconds of the largest pictures

Bytes encodeJpegBy(const CopyPixels& pixels, const JpegWish& wish) {
    // Half a byte a pixel is more than most come to; memory that is not touched costs nothing.
    Coder coder(static_cast<std::size_t>(pixels.size.pixels()) / 2 + 65536);
    askFor(coder.get(), pixels, wish);
    jpeg_start_compress(coder.get(), TRUE);
    const auto stride = static_cast<std::size_t>(pixels.size.width) * static_cast<std::size_t>(pixels.bands);
    auto* samples = static_cast<JSAMPLE*>(const_cast<void*>(pixels.samples)); // it only reads them
    while (coder->next_scanline < coder->image_height) {
        if (coder->next_scanline % kRowsAtOnce == 0)
            standAside();
        JSAMPROW row = samples + coder->next_scanline * stride;
        jpeg_write_scanlines(coder.get(), &row, 1);
    }
    auto out = coder.finish();
    if (!wish.progressive || !wish.optimised)
        return out;
    Coefficients coefficients(out);
    Bytes smallest;
    for (const auto& scans : arrangements(pixels.bands)) {
        auto tried = coefficients.arranged(scans);
        if (smallest.empty() || tried.size() < smallest.size())
            smallest = std::move(tried);
    }
    return smallest;
}

JpegChroma chromaByPicture(const CopyPixels& pixels) {
    if (pixels.bands != 3)
        return JpegChroma::Full;
    // What halving takes from each sample of red and blue difference (ITU-R BT.601): its distance from the
    // mean of its cell of two by two. More than kSeen levels in more than one cell of kCells is an edge of
    // colour that a person sees (red letters, blue lines); in photographs such cells are single.
    constexpr double kSeen = 28, kCells = 400;
    const auto* samples = static_cast<const std::uint8_t*>(pixels.samples);
    const int width = pixels.size.width;
    std::int64_t lost = 0;
    for (int y = 0; y + 1 < pixels.size.height; y += 2)
        for (int x = 0; x + 1 < width; x += 2) {
            std::array<double, 4> red{}, blue{};
            for (std::size_t i = 0; i < 4; ++i) {
                const auto* p = samples + (static_cast<std::size_t>(y + static_cast<int>(i / 2)) *
                                               static_cast<std::size_t>(width) +
                                           static_cast<std::size_t>(x + static_cast<int>(i % 2))) *
                                              3;
                red[i] = 0.5 * p[0] - 0.418688 * p[1] - 0.081312 * p[2];
                blue[i] = -0.168736 * p[0] - 0.331264 * p[1] + 0.5 * p[2];
            }
            const auto spread = [](const std::array<double, 4>& v) {
                const double mean = (v[0] + v[1] + v[2] + v[3]) / 4;
                double most = 0;
                for (const double value : v)
                    most = std::max(most, std::abs(value - mean));
                return most;
            };
            lost += spread(red) > kSeen || spread(blue) > kSeen;
        }
    const double cells = static_cast<double>(pixels.size.pixels()) / 4;
    return static_cast<double>(lost) * kCells > cells ? JpegChroma::Full : JpegChroma::Quarter;
}

} // namespace keepseal
