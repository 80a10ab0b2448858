// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/develop.h"

#include "base/problem.h"
#include "geometry/fit.h"

#include <vips/vips8>

#include <cstring>
#include <malloc.h>
#include <mutex>

namespace keepseal {
namespace {

using vips::VImage;

/// Serves libvips from any ByteSource. libvips never gets a path or a descriptor of an original, so it can
/// neither map a file that shrinks under it nor move an offset another reader relies on.
struct SourceReader {
    const ByteSource* source;
    std::uint64_t offset = 0;
    bool failed = false;

    static gint64 read(VipsSourceCustom*, void* buffer, gint64 length, SourceReader* self) {
        try {
            const auto count = self->source->read(
                self->offset, {static_cast<std::uint8_t*>(buffer), static_cast<std::size_t>(length)});
            self->offset += count;
            return static_cast<gint64>(count);
        } catch (const Problem&) {
            self->failed = true;
            return -1;
        }
    }
    static gint64 seek(VipsSourceCustom*, gint64 offset, int whence, SourceReader* self) {
        const auto size = static_cast<gint64>(self->source->size());
        const gint64 base = whence == SEEK_SET ? 0 : whence == SEEK_CUR ? gint64(self->offset) : size;
        if (base + offset < 0)
            return -1;
        self->offset = static_cast<std::uint64_t>(base + offset);
        return base + offset;
    }
};

vips::VSource makeSource(SourceReader& reader) {
    VipsSourceCustom* custom = vips_source_custom_new();
    g_signal_connect(custom, "read", G_CALLBACK(SourceReader::read), &reader);
    g_signal_connect(custom, "seek", G_CALLBACK(SourceReader::seek), &reader);
    return vips::VSource(VIPS_SOURCE(custom));
}

std::string takeVipsError() {
    std::string text = vips_error_buffer();
    vips_error_clear();
    while (!text.empty() && text.back() == '\n')
        text.pop_back();
    return text.substr(0, text.find('\n'));
}

[[noreturn]] void notAPicture(const std::string& name, const std::string& why) {
    throw Problem(ProblemKind::NotAPicture, name, why,
                  "Open it in the program it came from and save it again, or take it out of the job");
}

VImage openImage(const vips::VSource& source, Container container, int shrink) {
    auto* options =
        VImage::option()->set("access", VIPS_ACCESS_SEQUENTIAL)->set("fail_on", VIPS_FAIL_ON_TRUNCATED);
    switch (container) {
    case Container::Jpeg:
        return VImage::jpegload_source(source, options->set("shrink", shrink));
    case Container::Png:
        return VImage::pngload_source(source, options);
    case Container::Tiff:
        return VImage::tiffload_source(source, options);
    case Container::WebP:
        return VImage::webpload_source(source, options);
    case Container::Heif:
        return VImage::heifload_source(source, options);
    case Container::JpegXl:
        return VImage::jxlload_source(source, options);
    case Container::Unknown:
        break;
    }
    delete options;
    throw vips::VError("not a picture file Keep Seal knows");
}

int orientationOf(const VImage& image, Container container) {
    // The decoders of these two turn the picture themselves.
    if (container == Container::Heif || container == Container::JpegXl)
        return 1;
    const int value = image.get_typeof(VIPS_META_ORIENTATION) ? image.get_int(VIPS_META_ORIENTATION) : 1;
    return value >= 1 && value <= 8 ? value : 1;
}

bool isCmyk(const VImage& image) {
    return image.interpretation() == VIPS_INTERPRETATION_CMYK;
}

VImage turned(const VImage& image, int orientation) {
    switch (orientation) {
    case 2:
        return image.fliphor();
    case 3:
        return image.rot180();
    case 4:
        return image.flipver();
    case 5:
        return image.rot90().fliphor();
    case 6:
        return image.rot90();
    case 7:
        return image.rot270().fliphor();
    case 8:
        return image.rot270();
    default:
        return image;
    }
}

/// Flattened before the resample, so that the colour hidden under transparent pixels can't bleed in.
VImage flattened(const VImage& image, Rgb background) {
    if (!image.has_alpha())
        return image;
    const bool wide = image.format() == VIPS_FORMAT_USHORT;
    const double scale = wide ? 257.0 : 1.0;
    std::vector<double> fill = {background.r * scale, background.g * scale, background.b * scale};
    if (image.bands() == 2)
        fill = {(fill[0] + fill[1] + fill[2]) / 3};
    return image.flatten(VImage::option()->set("background", fill)->set("max_alpha", wide ? 65535.0 : 255.0));
}

/// libvips quietly takes its fallback for a profile that is damaged or made for other channels; we say so.
bool hasUnusableProfile(const VImage& image) {
    if (!image.get_typeof(VIPS_META_ICC_NAME))
        return false;
    size_t length = 0;
    const void* profile = image.get_blob(VIPS_META_ICC_NAME, &length);
    return !vips_icc_is_compatible_profile(image.get_image(), profile, length);
}

VImage toSrgb(const VImage& image, std::string* warning) {
    VImage rgb = image;
    if (warning && hasUnusableProfile(image))
        *warning = "its colour profile can't be used and was set aside";
    if (image.get_typeof(VIPS_META_ICC_NAME) || isCmyk(image)) {
        try {
            rgb = image.icc_transform("srgb", VImage::option()
                                                  ->set("embedded", true)
                                                  ->set("input_profile", isCmyk(image) ? "cmyk" : "srgb")
                                                  ->set("intent", VIPS_INTENT_RELATIVE)
                                                  ->set("black_point_compensation", true)
                                                  ->set("depth", 8));
        } catch (const vips::VError&) {
            vips_error_clear();
            if (warning)
                *warning = "its colour profile can't be used and was set aside";
        }
    }
    if (rgb.interpretation() != VIPS_INTERPRETATION_sRGB)
        rgb = rgb.colourspace(VIPS_INTERPRETATION_sRGB);
    if (rgb.bands() > 3)
        rgb = rgb.extract_band(0, VImage::option()->set("n", 3));
    return rgb.format() == VIPS_FORMAT_UCHAR ? rgb : rgb.cast(VIPS_FORMAT_UCHAR);
}

Frame toFrame(const VImage& image) {
    size_t bytes = 0;
    std::unique_ptr<void, decltype(&g_free)> memory(image.write_to_memory(&bytes), g_free);
    Frame frame;
    frame.size = {image.width(), image.height()};
    frame.picture = {0, 0, image.width(), image.height()};
    const auto* begin = static_cast<const std::uint8_t*>(memory.get());
    frame.rgb.assign(begin, begin + bytes);
    return frame;
}

} // namespace

void startPictureEngine(const char* programName) {
    static std::once_flag once;
    std::call_once(once, [programName] {
        if (VIPS_INIT(programName) != 0)
            throw Problem(ProblemKind::Internal, {}, "libvips did not start: " + takeVipsError());
        // Pixel buffers go back to the system when they are freed, instead of leaving holes that grow with
        // the run. What a damaged picture makes libvips mutter is told by our own problem, with the picture's
        // name.
        g_log_set_handler(
            "VIPS", G_LOG_LEVEL_WARNING, [](const gchar*, GLogLevelFlags, const gchar*, gpointer) {},
            nullptr);
        ::mallopt(M_MMAP_THRESHOLD, 1 << 20);
        vips_concurrency_set(1);
        vips_cache_set_max(0);
        vips_block_untrusted_set(TRUE);
        // JPEG XL is one of the formats we promise; its size is checked from the header like every other.
        vips_operation_block_set("VipsForeignLoadJxl", FALSE);
        // For logos only, which pass a gate of their own (seal/logo.h); originals never reach these loaders.
        vips_operation_block_set("VipsForeignLoadSvg", FALSE);
        vips_operation_block_set("VipsForeignLoadPdf", FALSE);
    });
}

PictureThread::~PictureThread() {
    vips_thread_shutdown();
}

PictureFacts readFacts(const ByteSource& source, const std::string& name) {
    PictureFacts facts;
    facts.container = sniffContainer(source);
    if (facts.container == Container::Unknown)
        notAPicture(name,
                    source.size() == 0 ? "the file is empty" : "this is no picture file Keep Seal can read");
    vips_error_clear(); // so that no older complaint is taken for this picture's
    SourceReader reader{&source};
    try {
        const auto vipsSource = makeSource(reader);
        const VImage image = openImage(vipsSource, facts.container, 1);
        facts.stored = {image.width(), image.height()};
        facts.orientation = orientationOf(image, facts.container);
        facts.size = facts.orientation >= 5 ? Size{facts.stored.height, facts.stored.width} : facts.stored;
        facts.bits = static_cast<int>(vips_format_sizeof(image.format())) * 8;
        facts.channels = image.bands();
        facts.hasAlpha = image.has_alpha();
        facts.hasProfile = image.get_typeof(VIPS_META_ICC_NAME) != 0;
        facts.pixelsPerMm = image.xres();
        facts.colour = isCmyk(image) ? "CMYK" : image.bands() < 3 ? "greyscale" : "RGB";
    } catch (const vips::VError&) {
        const auto why = takeVipsError();
        notAPicture(name, "the picture can't be read (" + why + ")");
    }
    if (facts.stored.pixels() > kMaxPixels)
        throw Problem(ProblemKind::TooLarge, name,
                      "the header claims " + std::to_string(facts.stored.width) + " x " +
                          std::to_string(facts.stored.height) + " pixels",
                      "Keep Seal takes pictures of up to 1000 megapixels");
    return facts;
}

Frame develop(const ByteSource& source, const std::string& name, const PictureFacts& facts, Size target,
              Rgb background, std::string* warning) {
    vips_error_clear();
    SourceReader reader{&source};
    const bool onSide = facts.orientation >= 5;
    const Size wanted = onSide ? Size{target.height, target.width} : target;
    const int shrink = facts.container == Container::Jpeg ? decodeShrink(facts.stored, wanted) : 1;
    try {
        const auto vipsSource = makeSource(reader);
        VImage image = flattened(openImage(vipsSource, facts.container, shrink), background);
        if (image.width() != wanted.width || image.height() != wanted.height)
            image = image.resize(
                static_cast<double>(wanted.width) / image.width(),
                VImage::option()->set("vscale", static_cast<double>(wanted.height) / image.height()));
        image = toSrgb(image, warning);
        if (facts.orientation != 1)
            image = turned(image.copy_memory(), facts.orientation);
        Frame frame = toFrame(image);
        if (!(frame.size == target))
            throw Problem(ProblemKind::Internal, name, "the resample missed the wanted size");
        return frame;
    } catch (const vips::VError&) {
        const auto why = takeVipsError();
        if (reader.failed)
            throw Problem(ProblemKind::CannotRead, name, "reading the file failed half-way");
        notAPicture(name, "the picture data is damaged (" + why + ")");
    }
}

std::uint64_t developMemory(const PictureFacts& facts, Size target) {
    const auto pixelBytes = static_cast<std::uint64_t>(facts.channels) * facts.bits / 8;
    const auto stored = static_cast<std::uint64_t>(facts.stored.pixels()) * pixelBytes;
    // JPEG and TIFF stream through in strips; a progressive JPEG and the others may be held whole.
    const bool streams = facts.container == Container::Jpeg || facts.container == Container::Tiff;
    return (streams ? stored / 8 : stored) + static_cast<std::uint64_t>(target.pixels()) * 3 * 3;
}

} // namespace keepseal
