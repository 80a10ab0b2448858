// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/camera_raw.h"

#include "decode/raw_tone.h"
#include "decode/tiff_source.h"

#include "base/problem.h"
#include "base/text.h"

#include <algorithm>
#include <cmath>
#include <cstring>
#include <libraw/libraw.h>
#include <memory>
#include <vector>

namespace keepseal {
namespace {

using vips::VImage;

constexpr std::uint64_t kBlock = 1U << 16;
constexpr std::uint64_t kLargestPicture = 128ULL << 20;

/// Serves LibRaw from any ByteSource, a block at a time.
class RawStream final : public LibRaw_abstract_datastream {
public:
    explicit RawStream(const ByteSource& source) : m_source(source) {}

    int valid() override { return 1; }
    int read(void* to, std::size_t size, std::size_t count) override {
        if (size == 0 || count > SIZE_MAX / size)
            return 0;
        const auto wanted = size * count;
        std::size_t done = 0;
        while (done < wanted) {
            const auto part = wanted - done >= kBlock
                                  ? straight(static_cast<char*>(to) + done, wanted - done)
                                  : fromBlock(static_cast<char*>(to) + done, wanted - done);
            if (part == 0)
                break;
            done += part;
        }
        return static_cast<int>((done + size - 1) / size);
    }
    int seek(INT64 offset, int whence) override {
        const INT64 base = whence == SEEK_SET ? 0 : whence == SEEK_CUR ? m_at : size();
        if (base + offset < 0)
            return -1;
        m_at = std::min(base + offset, size());
        return 0;
    }
    INT64 tell() override { return m_at; }
    INT64 size() override { return static_cast<INT64>(m_source.size()); }
    int get_char() override {
        unsigned char c = 0;
        return fromBlock(reinterpret_cast<char*>(&c), 1) == 1 ? c : -1;
    }
    char* gets(char* to, int size) override {
        int n = 0;
        for (int c = 0; n + 1 < size && (c = get_char()) >= 0;) {
            to[n++] = static_cast<char>(c);
            if (c == '\n')
                break;
        }
        if (n == 0)
            return nullptr;
        to[n] = 0;
        return to;
    }
    int scanf_one(const char* format, void* value) override {
        std::string word;
        for (int c = get_char(); c > ' ' && word.size() < 24; c = get_char())
            word += static_cast<char>(c);
        return word.empty() ? 0 : std::sscanf(word.c_str(), format, value); // NOLINT: a number, as it asks
    }
    int eof() override { return m_at >= size(); }
    void* make_jas_stream() override { return nullptr; }

private:
    std::size_t straight(char* to, std::size_t count) {
        const auto read =
            m_source.read(static_cast<std::uint64_t>(m_at), {reinterpret_cast<std::uint8_t*>(to), count});
        m_at += static_cast<INT64>(read);
        return read;
    }
    std::size_t fromBlock(char* to, std::size_t count) {
        const auto at = static_cast<std::uint64_t>(m_at);
        if (at < m_begin || at >= m_begin + m_block.size()) {
            m_begin = at / kBlock * kBlock;
            m_block = m_source.bytes(m_begin, kBlock);
        }
        if (at >= m_begin + m_block.size())
            return 0;
        const auto from = static_cast<std::size_t>(at - m_begin);
        const auto part = std::min(count, m_block.size() - from);
        std::memcpy(to, m_block.data() + from, part);
        m_at += static_cast<INT64>(part);
        return part;
    }

    const ByteSource& m_source;
    INT64 m_at = 0;
    std::uint64_t m_begin = 0;
    Bytes m_block;
};

/// One raw file that is open; about 1 MB, and much more once it is unpacked.
class RawFile {
public:
    explicit RawFile(const ByteSource& source) : m_stream(source), m_raw(std::make_unique<LibRaw>()) {
        auto& wish = m_raw->imgdata.params;
        wish.output_bps = 16;
        wish.output_color = 2;           // opRGB (IEC 61966-2-5), whose curve is a plain power
        wish.gamm[0] = wish.gamm[1] = 1; // linear: the tone is ours
        wish.use_camera_wb = 1;
        wish.no_auto_bright = 1;
        wish.highlight = 2; // blended
        wish.user_qual = 3; // adaptive homogeneity-directed (Hirakawa and Parks, 2005)
    }

    void open() { require(m_raw->open_datastream(&m_stream)); }
    bool opens() { return m_raw->open_datastream(&m_stream) == LIBRAW_SUCCESS; }
    LibRaw& raw() { return *m_raw; }
    const libraw_data_t& data() const { return m_raw->imgdata; }

    static void require(int answer) {
        if (answer != LIBRAW_SUCCESS)
            throw vips::VError(libraw_strerror(answer));
    }

private:
    RawStream m_stream; ///< outlives what reads from it
    std::unique_ptr<LibRaw> m_raw;
};

int orientationIn(const libraw_data_t& data) {
    switch (data.sizes.flip) {
    case 3:
        return 3;
    case 5:
        return 8;
    case 6:
        return 6;
    default:
        return 1;
    }
}

Size developedSize(const libraw_data_t& data) {
    return {data.sizes.iwidth, data.sizes.iheight};
}

/// What a DNG states and LibRaw leaves to its callers (DNG 1.4, chapter 4).
struct Stated {
    Rect crop;        ///< DefaultCropOrigin and DefaultCropSize; empty: none
    double stops = 0; ///< BaselineExposure: how much brighter than its numbers the maker means it to be
};

void takeCrop(TIFF* tiff, Stated& out) {
    std::uint16_t kind = 0;
    const float *origin = nullptr, *size = nullptr;
    if (!TIFFGetField(tiff, TIFFTAG_PHOTOMETRIC, &kind) || (kind != 32803 && kind != 34892) ||
        !TIFFGetField(tiff, TIFFTAG_DEFAULTCROPORIGIN, &origin) ||
        !TIFFGetField(tiff, TIFFTAG_DEFAULTCROPSIZE, &size) || out.crop.width > 0)
        return;
    const auto whole = [](float value) {
        return value >= 0 && value < 1e6F ? static_cast<int>(std::lround(value)) : 0;
    };
    out.crop = {whole(origin[0]), whole(origin[1]), whole(size[0]), whole(size[1])};
}

Stated statedIn(const ByteSource& source) {
    constexpr int kMostDirectories = 16;
    Stated out;
    TiffReader reader{source};
    const auto tiff = openTiff(reader);
    if (!tiff)
        return out;
    float stops = 0;
    if (TIFFGetField(tiff.get(), TIFFTAG_BASELINEEXPOSURE, &stops) && std::abs(stops) <= 5)
        out.stops = stops;
    takeCrop(tiff.get(), out);
    std::uint16_t count = 0;
    const toff_t* offsets = nullptr;
    if (!TIFFGetField(tiff.get(), TIFFTAG_SUBIFD, &count, &offsets))
        return out;
    const std::vector<toff_t> inner(offsets, offsets + std::min<int>(count, kMostDirectories));
    for (const auto at : inner)
        if (TIFFSetSubDirectory(tiff.get(), at))
            takeCrop(tiff.get(), out);
    return out;
}

Rect cropIn(const Stated& stated, const libraw_data_t& data) {
    const Size whole = developedSize(data);
    const Rect& out = stated.crop;
    const bool inside = data.idata.dng_version != 0 && out.width > 0 && out.height > 0 &&
                        out.x + out.width <= whole.width && out.y + out.height <= whole.height;
    return inside ? out : Rect{0, 0, whole.width, whole.height};
}

void describe(VImage& image, int orientation) {
    image.set(VIPS_META_ORIENTATION, orientation);
    const auto& profile = opRgbSpace()->profile();
    vips_image_set_blob_copy(image.get_image(), VIPS_META_ICC_NAME, profile.data(), profile.size());
}

/// White balance makes room for the channel that it raises most, by making all darker: taken back here, and
/// what would then be too bright is rolled off.
double brightening(const libraw_data_t& data) {
    double least = 1;
    for (int c = 0; c < std::clamp(data.idata.colors, 1, 3); ++c)
        if (data.color.pre_mul[c] > 0.01F)
            least = std::min<double>(least, data.color.pre_mul[c]);
    return 1 / least;
}

VImage pixelsOf(LibRaw& raw, double exposure) {
    int answer = 0;
    const std::unique_ptr<libraw_processed_image_t, void (*)(libraw_processed_image_t*)> made(
        raw.dcraw_make_mem_image(&answer), LibRaw::dcraw_clear_mem);
    RawFile::require(answer);
    if (!made || made->type != LIBRAW_IMAGE_BITMAP || made->bits != 16 ||
        (made->colors != 3 && made->colors != 1))
        throw vips::VError("the camera's colours are of a kind that is not known");
    developTone({reinterpret_cast<std::uint16_t*>(made->data), made->data_size / 2}, made->colors, exposure);
    auto* image = vips_image_new_from_memory_copy(made->data, made->data_size, made->width, made->height,
                                                  made->colors, VIPS_FORMAT_USHORT);
    if (!image)
        throw vips::VError();
    const VImage out(image);
    return made->colors == 3 ? out : VImage::bandjoin({out, out, out});
}

} // namespace

std::string cameraOf(const ByteSource& source) {
    RawFile file(source);
    if (!file.opens())
        return {};
    const auto& id = file.data().idata;
    const auto name = trimmed(std::string(id.make) + " " + id.model);
    return name.empty() ? "a camera" : name;
}

VImage openDeveloped(const ByteSource& source, int shrink, bool pixels) {
    RawFile file(source);
    auto& raw = file.raw();
    raw.imgdata.params.half_size = pixels && shrink > 1;
    file.open();
    const auto stated = statedIn(source);
    const int orientation = orientationIn(file.data());
    raw.imgdata.params.user_flip = 0; // from here on
    if (developedSize(file.data()).pixels() > kMaxPixels)
        throw vips::VError("the raw file claims more pixels than any camera has");
    if (!pixels) {
        RawFile::require(raw.adjust_sizes_info_only());
        const Rect crop = cropIn(stated, file.data());
        auto out = VImage::black(crop.width, crop.height, VImage::option()->set("bands", 3))
                       .cast(VIPS_FORMAT_USHORT)
                       .copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_RGB16));
        describe(out, orientation);
        return out;
    }
    RawFile::require(raw.unpack());
    RawFile::require(raw.dcraw_process());
    auto out = pixelsOf(raw, brightening(file.data()) * std::exp2(stated.stops));
    RawFile wholly(source); // sizes as without half_size
    wholly.open();
    wholly.raw().imgdata.params.user_flip = 0;
    RawFile::require(wholly.raw().adjust_sizes_info_only());
    const Rect crop = cropIn(stated, wholly.data());
    const int by = out.width() < developedSize(wholly.data()).width ? 2 : 1; // linear raw is never halved
    const int x = std::min(crop.x / by, out.width() - 1), y = std::min(crop.y / by, out.height() - 1);
    out = out.extract_area(x, y, std::min((crop.width + by - 1) / by, out.width() - x),
                           std::min((crop.height + by - 1) / by, out.height() - y))
              .copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_RGB16));
    describe(out, orientation);
    return out;
}

Bytes camerasPicture(const ByteSource& source) {
    RawFile file(source);
    file.open();
    if (file.data().thumbnail.tlength > kLargestPicture || file.raw().unpack_thumb() != LIBRAW_SUCCESS)
        return {};
    const auto& made = file.data().thumbnail;
    if (made.tformat != LIBRAW_THUMBNAIL_JPEG || !made.thumb || made.tlength < 4)
        return {};
    const auto* first = reinterpret_cast<const std::uint8_t*>(made.thumb);
    return {first, first + made.tlength};
}

int orientationOfRaw(const ByteSource& source) {
    RawFile file(source);
    file.open();
    return orientationIn(file.data());
}

} // namespace keepseal
