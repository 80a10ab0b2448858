// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/develop.h"

#include "picture/file_kind.h"

#include "base/problem.h"
#include "geometry/fit.h"
#include "picture/raw_pixels.h"

#include <vips/vips8>

#include <cmath>
#include <cstring>
#include <malloc.h>
#include <map>
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

/// CIELab and its like: colours already, whatever their numbers of bits.
bool isMeasuredColour(const VImage& image) {
    switch (image.interpretation()) {
    case VIPS_INTERPRETATION_LAB:
    case VIPS_INTERPRETATION_LABQ:
    case VIPS_INTERPRETATION_LABS:
    case VIPS_INTERPRETATION_XYZ:
    case VIPS_INTERPRETATION_YXY:
    case VIPS_INTERPRETATION_LCH:
    case VIPS_INTERPRETATION_CMC:
    case VIPS_INTERPRETATION_HSV:
        return true;
    default:
        return image.get_image()->Coding != VIPS_CODING_NONE;
    }
}

VipsKernel kernelOf(Resampling resampling) {
    return resampling == Resampling::Crisp    ? VIPS_KERNEL_LANCZOS3
           : resampling == Resampling::Smooth ? VIPS_KERNEL_MITCHELL
                                              : VIPS_KERNEL_NEAREST;
}

/// CMYK through its own profile (or a common one), anything but 8 and 16 bits a channel through libvips' own
/// rules. What comes out is 8 or 16 bits, grey or RGB.
VImage toGreyOrRgb(const VImage& image, bool deep, Notes* notes) {
    const auto aside = [notes] {
        vips_error_clear();
        if (notes)
            addNote(*notes, {NoteKind::ProfileSetAside, {}, {}});
    };
    if (isCmyk(image)) {
        if (hasUnusableProfile(image))
            aside();
        try {
            VImage rgb = image.icc_transform("srgb", VImage::option()
                                                         ->set("embedded", true)
                                                         ->set("input_profile", "cmyk")
                                                         ->set("intent", VIPS_INTENT_RELATIVE)
                                                         ->set("black_point_compensation", true)
                                                         ->set("depth", deep ? 16 : 8));
            rgb.remove(VIPS_META_ICC_NAME);
            return rgb;
        } catch (const vips::VError&) {
            aside();
            return image.colourspace(VIPS_INTERPRETATION_sRGB);
        }
    }
    const auto format = image.format();
    if ((format == VIPS_FORMAT_UCHAR || format == VIPS_FORMAT_USHORT) && !isMeasuredColour(image))
        return image;
    return image.colourspace(deep ? VIPS_INTERPRETATION_RGB16 : VIPS_INTERPRETATION_sRGB)
        .cast(deep ? VIPS_FORMAT_USHORT : VIPS_FORMAT_UCHAR);
}

/// Exif 2.32, 4.6.8: "R03" is DCF's optional colour space, which is opRGB. Cameras write it without a
/// profile.
bool saysOpRgb(const VImage& image) {
    constexpr const char* kIndex = "exif-ifd4-InteroperabilityIndex";
    return image.get_typeof(kIndex) && std::string_view(image.get_string(kIndex)).starts_with("R03");
}

ColourSpacePtr profileOf(const VImage& image, Notes* notes) {
    if (!image.get_typeof(VIPS_META_ICC_NAME))
        return image.bands() >= 3 && !isCmyk(image) && saysOpRgb(image) ? opRgbSpace() : nullptr;
    try {
        if (hasUnusableProfile(image))
            throw Problem(ProblemKind::BadFile, {}, {});
        std::size_t length = 0;
        const auto* data = static_cast<const std::uint8_t*>(image.get_blob(VIPS_META_ICC_NAME, &length));
        auto space = colourSpaceOf(Bytes(data, data + length), "the picture's profile");
        if (space->channels() != (image.bands() - (image.has_alpha() ? 1 : 0)))
            throw Problem(ProblemKind::BadFile, {}, {});
        return space;
    } catch (const Problem&) {
        if (notes)
            addNote(*notes, {NoteKind::ProfileSetAside, {}, {}});
        return nullptr;
    }
}

/// The wish in the coordinates of the file: the orientation undone.
struct StoredWish {
    int orientation = 1; ///< what is still to be done at the end
    Rect part;           ///< of the stored picture; all of it while it is straightened
    Size target;         ///< of that part
};

bool isOnSide(int orientation) {
    return orientation >= 5;
}

/// A box of the turned picture, in the stored one.
Rect storedPart(const Rect& box, Size turned, int orientation) {
    const int right = turned.width - box.right(), bottom = turned.height - box.bottom();
    switch (orientation) {
    case 2:
        return {right, box.y, box.width, box.height};
    case 3:
        return {right, bottom, box.width, box.height};
    case 4:
        return {box.x, bottom, box.width, box.height};
    case 5:
        return {box.y, box.x, box.height, box.width};
    case 6:
        return {box.y, right, box.height, box.width};
    case 7:
        return {bottom, right, box.height, box.width};
    case 8:
        return {bottom, box.x, box.height, box.width};
    default:
        return box;
    }
}

StoredWish storedWish(const PictureFacts& facts, const DevelopWish& wish) {
    StoredWish out;
    out.orientation = composedOrientation(facts.orientation, wish.cut.quarterTurns, wish.cut.flip);
    if (wish.cut.angle != 0) {
        // All of it, as large as the wanted part needs it; the part is taken while it is turned.
        const double scale =
            std::max(wish.target.width / wish.kept.width, wish.target.height / wish.kept.height);
        out.part = {0, 0, facts.stored.width, facts.stored.height};
        const auto side = [scale](int pixels) {
            return std::max(1, static_cast<int>(std::lround(pixels * scale)));
        };
        out.target = {side(facts.stored.width), side(facts.stored.height)};
        return out;
    }
    // A flip turns the part of the cut around as well: cut and kept are boxes of the turned, flipped picture.
    const Rect box{
        static_cast<int>(wish.cut.box.x + wish.kept.x), static_cast<int>(wish.cut.box.y + wish.kept.y),
        std::max(1, static_cast<int>(wish.kept.width)), std::max(1, static_cast<int>(wish.kept.height))};
    out.part = storedPart(box, wish.cut.turned, out.orientation);
    out.target = isOnSide(out.orientation) ? Size{wish.target.height, wish.target.width} : wish.target;
    return out;
}

/// `part` of the stored picture as it lies in one that was shrunk while decoding.
Rect shrunkPart(const Rect& part, Size stored, const VImage& image) {
    const double fx = static_cast<double>(image.width()) / stored.width;
    const double fy = static_cast<double>(image.height()) / stored.height;
    Rect out{static_cast<int>(std::lround(part.x * fx)), static_cast<int>(std::lround(part.y * fy)),
             std::max(1, static_cast<int>(std::lround(part.width * fx))),
             std::max(1, static_cast<int>(std::lround(part.height * fy)))};
    out.width = std::min(out.width, image.width());
    out.height = std::min(out.height, image.height());
    out.x = std::clamp(out.x, 0, image.width() - out.width);
    out.y = std::clamp(out.y, 0, image.height() - out.height);
    return out;
}

VImage resized(const VImage& image, Size to, Resampling resampling) {
    if (image.width() == to.width && image.height() == to.height)
        return image;
    return image.resize(static_cast<double>(to.width) / image.width(),
                        VImage::option()
                            ->set("vscale", static_cast<double>(to.height) / image.height())
                            ->set("kernel", kernelOf(resampling)));
}

/// Turns by the angle about the middle and takes the wanted part, bicubically.
VImage straightened(const VImage& image, const DevelopWish& wish) {
    const double fx = static_cast<double>(image.width()) / wish.cut.turned.width;
    const double fy = static_cast<double>(image.height()) / wish.cut.turned.height;
    const double radians = wish.cut.angle * M_PI / 180;
    const double c = std::cos(radians), s = std::sin(radians);
    const Point middle{image.width() / 2.0, image.height() / 2.0};
    const double left = (wish.cut.box.x + wish.kept.x) * fx, top = (wish.cut.box.y + wish.kept.y) * fy;
    // libvips maps pixel centres at whole numbers; ours lie at halves.
    const double shift = 0.5;
    const double dx = middle.x - c * middle.x + s * middle.y - left;
    const double dy = middle.y - s * middle.x - c * middle.y - top;
    const auto centred = [&](double x, double y) { return Point{c * x - s * y + dx, s * x + c * y + dy}; };
    const Point origin = centred(shift, shift);
    return image.affine(
        {c, -s, s, c},
        VImage::option()
            ->set("interpolate", vips::VInterpolate::new_from_name(
                                     wish.resampling == Resampling::Exact ? "nearest" : "bicubic"))
            ->set("oarea", std::vector<int>{0, 0, wish.target.width, wish.target.height})
            ->set("odx", origin.x - shift)
            ->set("ody", origin.y - shift)
            ->set("extend", VIPS_EXTEND_COPY));
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
    if (facts.container == Container::Tiff && isCameraRaw(source))
        throw Problem(ProblemKind::NotAPicture, name,
                      "this is a camera raw file: only its small preview could be shown",
                      "Export it as a JPEG or TIFF first");
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
        // libvips has one pixel to the millimetre where a file says nothing; no camera or program says so.
        facts.pixelsPerMm = image.xres() == 1.0 ? 0 : image.xres();
        facts.pages = image.get_typeof("n-pages") ? std::max(1, image.get_int("n-pages")) : 1;
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

DevelopWish wholePicture(const PictureFacts& facts, Size target) {
    DevelopWish out;
    out.cut = cutOf({}, {}, facts.size);
    out.kept = {0, 0, double(facts.size.width), double(facts.size.height)};
    out.target = target;
    return out;
}

namespace {

/// Everything up to the wanted pixels, in the file's own colours.
VImage wantedPixels(VImage image, const PictureFacts& facts, const DevelopWish& wish, bool alpha) {
    const auto stored = storedWish(facts, wish);
    if (image.has_alpha() && !alpha)
        image = flattened(image, wish.background);
    const auto format = image.format();
    if (alpha)
        image = image.premultiply(
            VImage::option()->set("max_alpha", format == VIPS_FORMAT_USHORT ? 65535.0 : 255.0));
    const Rect part = shrunkPart(stored.part, facts.stored, image);
    if (!(part == Rect{0, 0, image.width(), image.height()}))
        image = image.extract_area(part.x, part.y, part.width, part.height);
    image = resized(image, stored.target, wish.resampling);
    if (stored.orientation != 1)
        image = turned(image.copy_memory(), stored.orientation);
    if (wish.cut.angle != 0)
        image = straightened(stored.orientation == 1 ? image.copy_memory() : image, wish);
    if (alpha)
        image = image
                    .unpremultiply(
                        VImage::option()->set("max_alpha", format == VIPS_FORMAT_USHORT ? 65535.0 : 255.0))
                    .rint()
                    .cast(format);
    return image;
}

} // namespace

struct DecodedPicture {
    VImage image;
    int shrink = 1;
    /// The same, halved again and again as it was asked for; one thread has it.
    mutable std::map<int, VImage> halved{};
};

/// The most that may be shrunk while decoding: what is wanted must still be there.
int decodeShrinkFor(const PictureFacts& facts, const DevelopWish& wish) {
    const auto stored = storedWish(facts, wish);
    return facts.container == Container::Jpeg
               ? decodeShrink({stored.part.width, stored.part.height}, stored.target)
               : 1;
}

std::uint64_t decodedMemory(const PictureFacts& facts, int shrink) {
    return static_cast<std::uint64_t>(facts.stored.pixels()) *
           static_cast<unsigned>(facts.channels * facts.bits / 8) / static_cast<unsigned>(shrink * shrink);
}

namespace {

/// Runs `work`, and tells what libvips throws as a problem of the picture.
template <class Work>
auto tellingDamage(const SourceReader& reader, const std::string& name, const Work& work) {
    try {
        return work();
    } catch (const vips::VError&) {
        const auto why = takeVipsError();
        if (reader.failed)
            throw Problem(ProblemKind::CannotRead, name, "reading the file failed half-way");
        notAPicture(name, "the picture data is damaged (" + why + ")");
    }
}

/// Means of two by two pixels, 8 bits a channel; an odd edge counts twice.
void halve(const std::uint8_t* from, Size size, int bands, std::uint8_t* to) {
    const Size half{(size.width + 1) / 2, (size.height + 1) / 2};
    const auto stride = static_cast<std::ptrdiff_t>(size.width) * bands;
    for (int y = 0; y < half.height; ++y) {
        const auto* upper = from + 2 * y * stride;
        const auto* lower = 2 * y + 1 < size.height ? upper + stride : upper;
        const int whole = size.width / 2;
        for (int x = 0; x < whole; ++x, upper += 2 * bands, lower += 2 * bands)
            for (int band = 0; band < bands; ++band)
                *to++ = static_cast<std::uint8_t>(
                    (upper[band] + upper[band + bands] + lower[band] + lower[band + bands] + 2) / 4);
        for (int band = 0; band < bands && whole < half.width; ++band)
            *to++ = static_cast<std::uint8_t>((upper[band] + lower[band] + 1) / 2);
    }
}

/// Keeps what the image says of its colours.
VImage halvedImage(const VImage& image) {
    const Size size{image.width(), image.height()};
    const VImage out = image.extract_area(0, 0, (size.width + 1) / 2, (size.height + 1) / 2).copy_memory();
    const auto* from = reinterpret_cast<const std::uint8_t*>(VIPS_IMAGE_ADDR(image.get_image(), 0, 0));
    auto* to = reinterpret_cast<std::uint8_t*>(VIPS_IMAGE_ADDR(out.get_image(), 0, 0));
    switch (image.bands()) { // so that the compiler knows the usual ones
    case 1:
        halve(from, size, 1, to);
        break;
    case 3:
        halve(from, size, 3, to);
        break;
    default:
        halve(from, size, image.bands(), to);
    }
    return out;
}

VImage shrunkMore(const DecodedPicture& decoded, int shrink) {
    if (shrink <= decoded.shrink)
        return decoded.image;
    auto& kept = decoded.halved[shrink];
    if (kept.is_null())
        kept = halvedImage(shrunkMore(decoded, shrink / 2));
    return kept;
}

} // namespace

DecodedPtr decodePicture(const ByteSource& source, const std::string& name, const PictureFacts& facts,
                         int shrink) {
    vips_error_clear();
    SourceReader reader{&source};
    return tellingDamage(reader, name, [&] {
        const auto vipsSource = makeSource(reader);
        auto out = std::make_shared<DecodedPicture>();
        out->image = openImage(vipsSource, facts.container, shrink).copy_memory();
        out->shrink = shrink;
        return out;
    });
}

Frame develop(const ByteSource& source, const std::string& name, const PictureFacts& facts,
              const DevelopWish& wish, Notes* notes, const DecodedPtr& decoded) {
    vips_error_clear();
    SourceReader reader{&source};
    return tellingDamage(reader, name, [&] {
        const auto vipsSource = makeSource(reader);
        const int shrink = decodeShrinkFor(facts, wish);
        VImage image = toGreyOrRgb(decoded ? shrunkMore(*decoded, shrink)
                                           : openImage(vipsSource, facts.container, shrink),
                                   wish.deep, notes);
        const auto own = profileOf(image, notes);
        const bool alpha = image.has_alpha() && wish.keepAlpha;
        image = wantedPixels(image, facts, wish, alpha);
        Pixels<std::uint8_t> opacity;
        if (alpha) {
            image = image.copy_memory();
            opacity = alphaOf(image.extract_band(image.bands() - 1));
            image = image.extract_band(0, VImage::option()->set("n", image.bands() - 1));
        }
        if (image.bands() > 3)
            image = image.extract_band(0, VImage::option()->set("n", 3));
        if (image.bands() == 2)
            image = image.extract_band(0);
        Frame frame = toFrame(rawPixels(image), own, wish);
        frame.alpha = std::move(opacity);
        if (!(frame.size == wish.target))
            throw Problem(ProblemKind::Internal, name, "the resample missed the wanted size");
        return frame;
    });
}

ColourSpacePtr embeddedSpace(const ByteSource& source, const PictureFacts& facts) {
    SourceReader reader{&source};
    try {
        const auto vipsSource = makeSource(reader);
        return profileOf(openImage(vipsSource, facts.container, 1), nullptr);
    } catch (const vips::VError&) {
        vips_error_clear();
        return nullptr;
    }
}

std::uint64_t developMemory(const PictureFacts& facts, const DevelopWish& wish) {
    const auto pixelBytes = static_cast<std::uint64_t>(facts.channels) * facts.bits / 8;
    const auto stored = static_cast<std::uint64_t>(facts.stored.pixels()) * pixelBytes;
    // JPEG and TIFF stream through in strips; a progressive JPEG and the others may be held whole.
    const bool streams = facts.container == Container::Jpeg || facts.container == Container::Tiff;
    const auto perPixel = (wish.deep ? 6U : 3U) + (wish.keepAlpha ? 1U : 0U);
    // Straightening holds all of the picture at the size of the wanted part.
    const double scale = std::max(1e-6, wish.target.width / std::max(1.0, wish.kept.width));
    const auto turned =
        wish.cut.angle != 0
            ? static_cast<std::uint64_t>(static_cast<double>(facts.stored.pixels()) * scale * scale)
            : 0;
    return (streams ? stored / 8 : stored) +
           (static_cast<std::uint64_t>(wish.target.pixels()) * 3 + turned) * perPixel;
}

} // namespace keepseal
