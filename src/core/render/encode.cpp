// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/encode.h"

#include "base/problem.h"
#include "rights/containers.h"

#include <vips/vips8>

namespace keepseal {
namespace {

using vips::VImage;

struct VipsBlobDeleter {
    void operator()(VipsBlob* blob) const { vips_area_unref(reinterpret_cast<VipsArea*>(blob)); }
};
using Blob = std::unique_ptr<VipsBlob, VipsBlobDeleter>;

Bytes take(VipsBlob* raw) {
    const Blob blob(raw);
    size_t length = 0;
    const auto* data = static_cast<const std::uint8_t*>(vips_blob_get(blob.get(), &length));
    return {data, data + length};
}

[[noreturn]] void failed(const vips::VError& error) {
    const std::string why = error.what();
    vips_error_clear();
    throw Problem(ProblemKind::Internal, {}, "the copy could not be encoded: " + why);
}

bool holdsAlpha(Container format) {
    return format != Container::Jpeg;
}
bool holds16(Container format) {
    return format == Container::Png || format == Container::Tiff;
}

/// Fewer bits, the same numbers otherwise.
Frame withEightBits(const Frame& frame) {
    Frame out;
    out.size = frame.size;
    out.space = frame.space;
    out.alpha = frame.alpha;
    out.picture = frame.picture;
    out.scale = frame.scale;
    out.rgb.resize(frame.deep.size());
    for (std::size_t i = 0; i < frame.deep.size(); ++i)
        out.rgb[i] = static_cast<std::uint8_t>((frame.deep[i] + 128U) / 257U);
    return out;
}

/// The frame as this format can hold it; the same frame where it is so already.
const Frame& fitting(const Frame& frame, const FileSettings& settings, Container format, Frame& changed) {
    const bool wide = frame.isDeep() && !(holds16(format) && settings.depth == BitDepth::Sixteen);
    const bool flat = !frame.alpha.empty() && !holdsAlpha(format);
    if (!wide && !flat)
        return frame;
    changed = wide ? withEightBits(frame) : frame;
    if (flat)
        flattenOnto(changed, settings.background);
    return changed;
}

/// Samples of one to four bands in memory of their own, and libvips' view of them.
struct Samples {
    Pixels<std::uint8_t> eight;
    Pixels<std::uint16_t> sixteen;
    VImage image;
};

template <class T>
Pixels<T> interleaved(const T* colours, int bands, const Pixels<std::uint8_t>& alpha, std::size_t count) {
    Pixels<T> out;
    out.reserve(count * static_cast<std::size_t>(bands + 1));
    for (std::size_t i = 0; i < count; ++i) {
        for (int c = 0; c < bands; ++c)
            out.push_back(*colours++);
        out.push_back(fromEight<T>(alpha[i]));
    }
    return out;
}

template <class T>
VImage viewOf(const T* data, std::size_t count, Size size, int bands, VipsInterpretation meaning) {
    // libvips only reads from here; its C++ interface asks for a writable pointer.
    return VImage::new_from_memory(const_cast<T*>(data), count * static_cast<std::size_t>(bands) * sizeof(T),
                                   size.width, size.height, bands,
                                   sizeof(T) == 2 ? VIPS_FORMAT_USHORT : VIPS_FORMAT_UCHAR)
        .copy(VImage::option()->set("interpretation", meaning));
}

template <class T>
VImage imageOf(const Frame& frame, const ColourSpacePtr& grey, Samples& samples) {
    constexpr bool wide = sizeof(T) == 2;
    auto& own = [&]() -> Pixels<T>& {
        if constexpr (wide)
            return samples.sixteen;
        else
            return samples.eight;
    }();
    const auto count = static_cast<std::size_t>(frame.size.pixels());
    const T* colours = frame.rowOf<T>(0);
    int bands = 3;
    if (grey) {
        own.resize(count);
        convertPixels(colours, wide, frame.space ? *frame.space : *srgbSpace(), own.data(), wide, *grey,
                      count, Intent::Relative);
        colours = own.data();
        bands = 1;
    }
    if (!frame.alpha.empty()) {
        own = interleaved(colours, bands, frame.alpha, count);
        colours = own.data();
    }
    const auto meaning = bands == 1 ? (wide ? VIPS_INTERPRETATION_GREY16 : VIPS_INTERPRETATION_B_W)
                                    : (wide ? VIPS_INTERPRETATION_RGB16 : VIPS_INTERPRETATION_sRGB);
    return viewOf(colours, count, frame.size, bands + (frame.alpha.empty() ? 0 : 1), meaning);
}

VipsForeignTiffCompression packingOf(TiffPacking packing) {
    return packing == TiffPacking::None  ? VIPS_FOREIGN_TIFF_COMPRESSION_NONE
           : packing == TiffPacking::Lzw ? VIPS_FOREIGN_TIFF_COMPRESSION_LZW
                                         : VIPS_FOREIGN_TIFF_COMPRESSION_DEFLATE;
}

Bytes encode(const VImage& image, const FileSettings& s, Container format) {
    auto* options = VImage::option()->set("strip", true);
    switch (format) {
    case Container::Jpeg:
        return take(image.jpegsave_buffer(options->set("Q", s.quality)
                                              ->set("interlace", s.progressive)
                                              ->set("optimize_coding", s.optimised)
                                              ->set("subsample_mode", s.chroma == Chroma::Smaller
                                                                          ? VIPS_FOREIGN_SUBSAMPLE_ON
                                                                          : VIPS_FOREIGN_SUBSAMPLE_OFF)));
    case Container::Png:
        // Without row filters photographs come out up to 1.8 times as large.
        return take(image.pngsave_buffer(
            options->set("compression", s.pngEffort)->set("filter", VIPS_FOREIGN_PNG_FILTER_ALL)));
    case Container::Tiff:
        return take(
            image.tiffsave_buffer(options->set("compression", packingOf(s.tiffPacking))
                                      ->set("predictor", s.tiffPacking == TiffPacking::None
                                                             ? VIPS_FOREIGN_TIFF_PREDICTOR_NONE
                                                             : VIPS_FOREIGN_TIFF_PREDICTOR_HORIZONTAL)));
    case Container::WebP:
        return take(image.webpsave_buffer(options->set("Q", s.webpQuality)->set("lossless", s.webpLossless)));
    default:
        delete options;
        throw Problem(ProblemKind::Internal, {}, std::string(nameOf(format)) + " is not written");
    }
}

ColourSpacePtr greyOut(const FileSettings& settings) {
    const auto space = outputSpace(settings);
    return space && space->channels() == 1 ? space : nullptr;
}

} // namespace

std::optional<Note> limitNote(Container format, Size size) {
    const int most = format == Container::Jpeg ? 65500 : format == Container::WebP ? 16383 : 1'000'000;
    if (size.longSide() <= most)
        return std::nullopt;
    return Note{NoteKind::FormatTooSmall,
                std::string(nameOf(format)),
                {{"format", std::string(nameOf(format))}, {"most", std::to_string(most)}}};
}

Bytes encodePixels(const Frame& frame, const FileSettings& settings, Container format) {
    try {
        Frame changed;
        const Frame& fit = fitting(frame, settings, format, changed);
        const auto grey = greyOut(settings);
        Samples samples;
        const VImage image = fit.isDeep() ? imageOf<std::uint16_t>(fit, grey, samples)
                                          : imageOf<std::uint8_t>(fit, grey, samples);
        return encode(image, settings, format);
    } catch (const vips::VError& error) {
        failed(error);
    }
}

Bytes encodeJpeg(const Frame& frame, const FileSettings& settings) {
    return encodePixels(frame, settings, Container::Jpeg);
}

namespace {

/// At most 160 pixels on a side, as Exif has it (Exif 2.32, 4.5.8).
Bytes newPreview(const Frame& frame) {
    try {
        const Frame small = asEightBitSrgb(frame);
        const VImage image = viewOf(small.rgb.data(), static_cast<std::size_t>(small.size.pixels()),
                                    small.size, 3, VIPS_INTERPRETATION_sRGB)
                                 .resize(std::min(1.0, 160.0 / small.size.longSide()));
        return take(image.jpegsave_buffer(VImage::option()->set("strip", true)->set("Q", 75)));
    } catch (const vips::VError& error) {
        failed(error);
    }
}

} // namespace

bool hasNewPreview(const Delivery& delivery, Container format) {
    return delivery.privacy.newPreview && format == Container::Jpeg;
}

EncodedCopy encodeCopy(const Frame& frame, const Delivery& delivery, const ChainPlan& plan, Container format,
                       const CopyWords& words, const CopyMark& holds) {
    const Bytes bare = encodePixels(frame, delivery.file, format);
    CopyFacts facts;
    const auto grey = greyOut(delivery.file);
    const auto space = grey ? grey : frame.space ? frame.space : srgbSpace();
    facts.srgb = !grey && !frame.space;
    facts.pixelsPerMm = plan.pixelsPerMm;
    facts.size = frame.size;
    if (delivery.file.mark)
        facts.mark = holds;
    if (hasNewPreview(delivery, format))
        facts.preview = newPreview(frame);
    auto metadata = composeMetadata(words, facts);
    EncodedCopy out;
    out.bytes = embedMetadata(format, bare, metadata, {space->profile(), plan.pixelsPerMm});
    out.notes = std::move(metadata.notes);
    return out;
}

Bytes encodePng(const Frame& frame) {
    FileSettings settings;
    settings.pngEffort = 4;
    return encodePixels(asEightBitSrgb(frame), settings, Container::Png);
}

Frame screenFrame(const Frame& frame, const FileSettings& settings) {
    Frame out = asEightBitSrgb(frame);
    out.picture = frame.picture;
    out.scale = frame.scale;
    if (const auto grey = greyOut(settings)) {
        std::vector<std::uint8_t> values(static_cast<std::size_t>(out.size.pixels()));
        convertPixels(out.rgb.data(), false, *srgbSpace(), values.data(), false, *grey, values.size(),
                      Intent::Relative);
        convertPixels(values.data(), false, *grey, out.rgb.data(), false, *srgbSpace(), values.size(),
                      Intent::Relative);
    }
    const auto formats = settings.formats();
    if (!formats.empty() && !holdsAlpha(formats.front()))
        flattenOnto(out, settings.background);
    return out;
}

} // namespace keepseal
