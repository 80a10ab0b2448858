// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What stamping can't cost less than: libjpeg-turbo and inner loops written by hand, with nothing looked at,
// fingerprinted, searched or kept apart.
//
//   bare-work web|progressive|full|untouched OUT PICTURES...
//
// web: decoded at the DCT's scale that suffices, Lanczos-3 to 2048 pixels, a mark blended, quality 90, 4:2:0.
// full: decoded, a mark blended, quality 92 in the picture's own sampling, row by row.
// untouched: coefficients read, the blocks under the mark made anew, all written again.
#include <algorithm>
#include <cmath>
#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <fstream>
#include <functional>
#include <immintrin.h>
#include <jpeglib.h>
#include <map>
#include <numbers>
#include <string>
#include <vector>

namespace {

using Bytes = std::vector<std::uint8_t>;
constexpr int kLongSide = 2048;
constexpr int kPad = 64; ///< bytes that a vector may read or write beyond a row

[[noreturn]] void stop(j_common_ptr coder) {
    (*coder->err->output_message)(coder);
    std::exit(1);
}

struct Decoder {
    jpeg_decompress_struct c{};
    jpeg_error_mgr errors{};
    explicit Decoder(const Bytes& in) {
        c.err = jpeg_std_error(&errors);
        errors.error_exit = stop;
        jpeg_create_decompress(&c);
        jpeg_mem_src(&c, in.data(), in.size());
        jpeg_read_header(&c, TRUE);
    }
    ~Decoder() { jpeg_destroy_decompress(&c); }
    Decoder(const Decoder&) = delete;
    Decoder& operator=(const Decoder&) = delete;
};

struct Encoder {
    jpeg_compress_struct c{};
    jpeg_error_mgr errors{};
    Bytes room;
    unsigned char* bytes;
    unsigned long length;
    explicit Encoder(std::size_t most) : room(most), bytes(room.data()), length(most) {
        c.err = jpeg_std_error(&errors);
        errors.error_exit = stop;
        jpeg_create_compress(&c);
        jpeg_mem_dest(&c, &bytes, &length);
    }
    ~Encoder() {
        jpeg_destroy_compress(&c);
        if (bytes != room.data())
            std::free(bytes); // NOLINT: it grew, and is the library's
    }
    Encoder(const Encoder&) = delete;
    Encoder& operator=(const Encoder&) = delete;
    void begin(unsigned width, unsigned height, int quality) {
        c.image_width = width, c.image_height = height;
        c.input_components = 4, c.in_color_space = JCS_EXT_RGBX;
        jpeg_set_defaults(&c);
        jpeg_set_quality(&c, quality, TRUE);
    }
};

/// A corner's share of the picture, as a name or an emblem takes.
struct Mark {
    int x, y, width, height;
    Mark(unsigned w, unsigned h)
        : x(static_cast<int>(w) * 78 / 100), y(static_cast<int>(h) * 92 / 100),
          width(static_cast<int>(w) / 5), height(static_cast<int>(h) / 20) {}
    /// `row` is the picture's row `at`, four bytes a pixel.
    void blend(std::uint8_t* row, int at) const {
        if (at < y || at >= y + height)
            return;
        for (int i = 4 * x; i < 4 * (x + width); ++i)
            row[i] = static_cast<std::uint8_t>((row[i] * 90 + 240 * 165) / 255);
    }
};

/// Lanczos, 3 lobes: 14-bit weights, taps made up with zeros to a multiple.
struct Kernel {
    int taps = 0;
    std::vector<int> start;
    std::vector<std::int16_t> weights;
    const std::int16_t* of(int out) const { return &weights[static_cast<std::size_t>(out) * taps]; }
};

double lanczos(double x) {
    const double a = std::numbers::pi * x;
    return std::abs(x) < 1e-9 ? 1 : std::abs(x) >= 3 ? 0 : 3 * std::sin(a) * std::sin(a / 3) / (a * a);
}

Kernel kernelFor(int in, int out, int multiple) {
    Kernel k;
    const double scale = double(in) / out, wide = std::max(1.0, scale), reach = 3 * wide;
    k.taps = (static_cast<int>(std::ceil(reach * 2)) + multiple) / multiple * multiple;
    k.weights.resize(static_cast<std::size_t>(out) * k.taps);
    for (int o = 0; o < out; ++o) {
        const double centre = (o + 0.5) * scale - 0.5;
        const int first = static_cast<int>(std::ceil(centre - reach));
        k.start.push_back(std::clamp(first, 0, std::max(0, in - k.taps)));
        std::vector<double> values(static_cast<std::size_t>(k.taps));
        double sum = 0;
        for (int i = first; i <= centre + reach; ++i) {
            const double w = lanczos((i - centre) / wide);
            values[static_cast<std::size_t>(
                std::clamp(std::clamp(i, 0, in - 1) - k.start.back(), 0, k.taps - 1))] += w;
            sum += w;
        }
        for (int t = 0; t < k.taps; ++t)
            k.weights[static_cast<std::size_t>(o) * k.taps + t] =
                static_cast<std::int16_t>(std::lround(values[static_cast<std::size_t>(t)] / sum * 16384));
    }
    return k;
}

/// One row from `taps` rows, an even number of them.
void down(const std::vector<const std::uint8_t*>& rows, const std::int16_t* weights, std::uint8_t* out,
          int bytes) {
    const __m256i half = _mm256_set1_epi32(8192);
    for (int x = 0; x < bytes; x += 16) {
        __m256i low = half, high = half;
        for (std::size_t t = 0; t < rows.size(); t += 2) {
            const auto two = static_cast<std::uint32_t>(static_cast<std::uint16_t>(weights[t])) |
                             static_cast<std::uint32_t>(static_cast<std::uint16_t>(weights[t + 1])) << 16;
            const __m256i w = _mm256_set1_epi32(static_cast<int>(two));
            const auto load = [x](const std::uint8_t* row) {
                return _mm256_cvtepu8_epi16(_mm_loadu_si128(reinterpret_cast<const __m128i*>(row + x)));
            };
            const __m256i a = load(rows[t]), b = load(rows[t + 1]);
            low = _mm256_add_epi32(low, _mm256_madd_epi16(_mm256_unpacklo_epi16(a, b), w));
            high = _mm256_add_epi32(high, _mm256_madd_epi16(_mm256_unpackhi_epi16(a, b), w));
        }
        const __m256i words = _mm256_packs_epi32(_mm256_srai_epi32(low, 14), _mm256_srai_epi32(high, 14));
        _mm_storeu_si128(reinterpret_cast<__m128i*>(out + x),
                         _mm_packus_epi16(_mm256_castsi256_si128(words), _mm256_extracti128_si256(words, 1)));
    }
}

/// Four bytes a pixel, taps a multiple of 4.
void across(const std::uint8_t* in, const Kernel& k, std::uint8_t* out) {
    const __m128i pairs = _mm_setr_epi8(0, 4, 1, 5, 2, 6, 3, 7, 8, 12, 9, 13, 10, 14, 11, 15);
    const __m256i spread = _mm256_setr_epi8(0, 1, 2, 3, 0, 1, 2, 3, 0, 1, 2, 3, 0, 1, 2, 3, 4, 5, 6, 7, 4, 5,
                                            6, 7, 4, 5, 6, 7, 4, 5, 6, 7);
    for (std::size_t o = 0; o < k.start.size(); ++o) {
        const auto* from = in + static_cast<std::size_t>(k.start[o]) * 4;
        const auto* weights = k.of(static_cast<int>(o));
        __m256i sum = _mm256_setzero_si256();
        for (int t = 0; t < k.taps; t += 4) {
            const auto pixels = _mm_loadu_si128(reinterpret_cast<const __m128i*>(from + t * 4));
            std::int64_t four = 0;
            std::copy_n(reinterpret_cast<const char*>(weights + t), sizeof four,
                        reinterpret_cast<char*>(&four));
            sum = _mm256_add_epi32(sum,
                                   _mm256_madd_epi16(_mm256_cvtepu8_epi16(_mm_shuffle_epi8(pixels, pairs)),
                                                     _mm256_shuffle_epi8(_mm256_set1_epi64x(four), spread)));
        }
        __m128i all = _mm_add_epi32(_mm256_castsi256_si128(sum), _mm256_extracti128_si256(sum, 1));
        all = _mm_srai_epi32(_mm_add_epi32(all, _mm_set1_epi32(8192)), 14);
        const int pixel = _mm_cvtsi128_si32(_mm_packus_epi16(_mm_packs_epi32(all, all), all));
        std::copy_n(reinterpret_cast<const char*>(&pixel), 4, reinterpret_cast<char*>(out + o * 4));
    }
}

Bytes web(const Bytes& in, bool progressive) {
    Decoder d(in);
    const double shrink = std::min(1.0, double(kLongSide) / std::max(d.c.image_width, d.c.image_height));
    const int width = std::max(1, static_cast<int>(std::lround(d.c.image_width * shrink))),
              height = std::max(1, static_cast<int>(std::lround(d.c.image_height * shrink)));
    d.c.scale_denom = 8;
    for (d.c.scale_num = 1;
         d.c.scale_num < 8 && d.c.image_width * d.c.scale_num / 8 < static_cast<unsigned>(width);)
        d.c.scale_num *= 2;
    d.c.out_color_space = JCS_EXT_RGBX;
    jpeg_start_decompress(&d.c);
    const int wide = static_cast<int>(d.c.output_width), high = static_cast<int>(d.c.output_height);
    const Kernel kx = kernelFor(wide, width, 4), ky = kernelFor(high, height, 2);
    const int ring = ky.taps + 1, stride = wide * 4 + kPad;
    Bytes kept(static_cast<std::size_t>(ring) * stride), line(static_cast<std::size_t>(stride) + kx.taps * 4),
        made(static_cast<std::size_t>(width) * 4 + kPad);
    const auto rowAt = [&](int y) { return kept.data() + static_cast<std::size_t>(y % ring) * stride; };
    Encoder e(in.size() + (4U << 20));
    e.begin(static_cast<unsigned>(width), static_cast<unsigned>(height), 90);
    if (progressive)
        jpeg_simple_progression(&e.c);
    jpeg_start_compress(&e.c, TRUE);
    const Mark mark(e.c.image_width, e.c.image_height);
    std::vector<const std::uint8_t*> rows(static_cast<std::size_t>(ky.taps));
    int have = 0;
    const auto readRow = [&] {
        JSAMPROW row = rowAt(have);
        have += static_cast<int>(jpeg_read_scanlines(&d.c, &row, 1));
    };
    for (int y = 0; y < height; ++y) {
        const int first = ky.start[static_cast<std::size_t>(y)];
        while (have < std::min(high, first + ky.taps))
            readRow();
        for (int t = 0; t < ky.taps; ++t)
            rows[static_cast<std::size_t>(t)] = rowAt(std::min(first + t, high - 1));
        down(rows, ky.of(y), line.data(), wide * 4);
        across(line.data(), kx, made.data());
        mark.blend(made.data(), y);
        JSAMPROW row = made.data();
        jpeg_write_scanlines(&e.c, &row, 1);
    }
    while (have < high)
        readRow();
    jpeg_finish_decompress(&d.c);
    jpeg_finish_compress(&e.c);
    return {e.bytes, e.bytes + e.length};
}

Bytes full(const Bytes& in) {
    constexpr int kRows = 16;
    Decoder d(in);
    d.c.out_color_space = JCS_EXT_RGBX;
    jpeg_start_decompress(&d.c);
    Encoder e(in.size() + (4U << 20));
    e.begin(d.c.output_width, d.c.output_height, 92);
    for (int c = 0; c < std::min(3, d.c.num_components); ++c) {
        e.c.comp_info[c].h_samp_factor = d.c.comp_info[c].h_samp_factor;
        e.c.comp_info[c].v_samp_factor = d.c.comp_info[c].v_samp_factor;
    }
    jpeg_start_compress(&e.c, TRUE);
    const Mark mark(d.c.output_width, d.c.output_height);
    const std::size_t stride = static_cast<std::size_t>(d.c.output_width) * 4;
    Bytes kept(stride * kRows);
    JSAMPROW rows[kRows];
    for (int i = 0; i < kRows; ++i)
        rows[i] = kept.data() + static_cast<std::size_t>(i) * stride;
    while (d.c.output_scanline < d.c.output_height) {
        const int first = static_cast<int>(d.c.output_scanline);
        const auto count = jpeg_read_scanlines(&d.c, rows, kRows);
        for (unsigned i = 0; i < count; ++i)
            mark.blend(rows[i], first + static_cast<int>(i));
        jpeg_write_scanlines(&e.c, rows, count);
    }
    jpeg_finish_decompress(&d.c);
    jpeg_finish_compress(&e.c);
    return {e.bytes, e.bytes + e.length};
}

/// A block mixed with an even colour: of its coefficients each becomes less, and the first moves.
void mixBlock(JCOEF* block, const JQUANT_TBL& table, bool luminance) {
    constexpr double kStays = 90 / 255.0, kColour = (240 - 128) * 8 * 165 / 255.0;
    for (int i = 0; i < DCTSIZE2; ++i) {
        const double value = block[i] * table.quantval[i] * kStays + (i == 0 && luminance ? kColour : 0);
        block[i] = static_cast<JCOEF>(std::lround(value / table.quantval[i]));
    }
}

Bytes untouched(const Bytes& in) {
    Decoder d(in);
    auto* arrays = jpeg_read_coefficients(&d.c);
    const Mark mark(d.c.image_width, d.c.image_height);
    for (int c = 0; c < d.c.num_components; ++c) {
        const auto& info = d.c.comp_info[c];
        const int across = d.c.max_h_samp_factor / info.h_samp_factor * 8,
                  down = d.c.max_v_samp_factor / info.v_samp_factor * 8;
        for (int y = mark.y / down; y <= (mark.y + mark.height) / down; ++y) {
            auto* row = (*d.c.mem->access_virt_barray)(reinterpret_cast<j_common_ptr>(&d.c), arrays[c],
                                                       static_cast<JDIMENSION>(y), 1, TRUE)[0];
            for (int x = mark.x / across; x <= (mark.x + mark.width) / across; ++x)
                mixBlock(row[x], *info.quant_table, c == 0);
        }
    }
    Encoder e(in.size() + (4U << 20));
    jpeg_copy_critical_parameters(&d.c, &e.c);
    jpeg_write_coefficients(&e.c, arrays);
    jpeg_finish_compress(&e.c);
    jpeg_finish_decompress(&d.c);
    return {e.bytes, e.bytes + e.length};
}

} // namespace

int main(int argc, char** argv) {
    const std::string mode = argc > 3 ? argv[1] : "";
    const std::map<std::string, std::function<Bytes(const Bytes&)>> modes = {
        {"web", [](const Bytes& in) { return web(in, false); }},
        {"progressive", [](const Bytes& in) { return web(in, true); }},
        {"full", full},
        {"untouched", untouched},
    };
    const auto work = modes.find(mode);
    if (work == modes.end()) {
        std::fputs("bare-work web|progressive|full|untouched OUT PICTURES...\n", stderr);
        return 2;
    }
    for (int i = 3; i < argc; ++i) {
        std::ifstream from(argv[i], std::ios::binary | std::ios::ate);
        Bytes in(static_cast<std::size_t>(std::max<std::streamoff>(0, from.tellg())));
        from.seekg(0).read(reinterpret_cast<char*>(in.data()), static_cast<std::streamsize>(in.size()));
        const auto out = work->second(in);
        const std::string name(argv[i]);
        std::ofstream(std::string(argv[2]) + "/" + name.substr(name.rfind('/') + 1), std::ios::binary)
            .write(reinterpret_cast<const char*>(out.data()), static_cast<std::streamsize>(out.size()));
    }
}
