// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/develop.h"

#include "base/problem.h"
#include "decode/decode.h"
#include "decode/jpeg_rows.h"
#include "decode/raw_pixels.h"
#include "decode/resample.h"
#include "picture/stored_wish.h"

#include <cmath>

namespace keepseal {
namespace {

using vips::VImage;

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

VipsKernel kernelOf(Resampling resampling) {
    return resampling == Resampling::Crisp    ? VIPS_KERNEL_LANCZOS3
           : resampling == Resampling::Smooth ? VIPS_KERNEL_MITCHELL
                                              : VIPS_KERNEL_NEAREST;
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

bool isAsWanted(const VImage& image, Size to) {
    return image.width() == to.width && image.height() == to.height;
}

VImage resized(const VImage& image, Size to, Resampling resampling) {
    if (isAsWanted(image, to))
        return image;
    return image.resize(static_cast<double>(to.width) / image.width(),
                        VImage::option()
                            ->set("vscale", static_cast<double>(to.height) / image.height())
                            ->set("kernel", kernelOf(resampling)));
}

/// The same in linear light, of grey or RGB without opacity; what comes out is as deep as it was.
VImage resizedInLight(const VImage& image, Size to, Resampling resampling, const VImage* opacity = nullptr) {
    const bool wide = image.format() == VIPS_FORMAT_USHORT;
    const VImage rgb = image.bands() == 1 ? image.bandjoin({image, image}) : image;
    VImage light = rgb.copy(VImage::option()->set("interpretation", wide ? VIPS_INTERPRETATION_RGB16
                                                                         : VIPS_INTERPRETATION_sRGB))
                       .sRGB2scRGB();
    if (opacity) // what is hidden counts for nothing
        light = resized(light * *opacity, to, resampling) /
                resized(opacity->cast(VIPS_FORMAT_FLOAT), to, resampling).linear(1, 1e-6);
    else
        light = resized(light, to, resampling);
    const VImage out = light.copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_scRGB))
                           .scRGB2sRGB(VImage::option()->set("depth", wide ? 16 : 8));
    return image.bands() == 1 ? out.extract_band(0) : out;
}

/// 8-bit pixels without opacity go through our own resampling; 16-bit and premultiplied ones through
/// libvips'.
bool resamplesByRows(const VImage& image, Size to, Resampling resampling) {
    return !isAsWanted(image, to) && resampling != Resampling::Exact && image.format() == VIPS_FORMAT_UCHAR &&
           (image.bands() == 1 || image.bands() == 3);
}

/// Rows of a picture as libvips makes them, from the top down.
class PictureRows {
public:
    explicit PictureRows(const VImage& image)
        : m_image(image), m_region(vips_region_new(image.get_image()), g_object_unref) {}
    void next(std::uint8_t* to) {
        if (m_y >= m_bottom) {
            const VipsRect strip{0, m_y, m_image.width(), std::min(kStrip, m_image.height() - m_y)};
            if (vips_region_prepare(m_region.get(), &strip))
                throw vips::VError();
            m_bottom = m_y + strip.height;
        }
        const auto* row = VIPS_REGION_ADDR(m_region.get(), 0, m_y++);
        std::copy_n(row, static_cast<std::size_t>(m_image.width()) * static_cast<unsigned>(m_image.bands()),
                    to);
    }

private:
    static constexpr int kStrip = 16;
    const VImage& m_image;
    std::unique_ptr<VipsRegion, decltype(&g_object_unref)> m_region;
    int m_y = 0, m_bottom = 0;
};

RawPixels resampledByRows(const VImage& image, Size to, const DevelopWish& wish, const PlainJpeg& jpeg) {
    RawPixels out;
    out.size = to;
    out.bands = image.bands();
    ResampleAsked asked{{image.width(), image.height()}, to, image.bands()};
    asked.kernel =
        wish.resampling == Resampling::Smooth ? ResampleKernel::Mitchell : ResampleKernel::Lanczos3;
    asked.linearLight = wish.linearLight;
    if (readRows(jpeg, image, [&](const NextRow& next) { out.eight = resample(asked, next); }))
        return out;
    PictureRows rows(image);
    out.eight = resample(asked, [&rows](std::uint8_t* row) { rows.next(row); });
    return out;
}

/// Nothing where it is damaged.
RawPixels allRows(const PlainJpeg& jpeg, const VImage& image) {
    RawPixels out;
    out.size = {image.width(), image.height()};
    out.bands = image.bands();
    Pixels<std::uint8_t> pixels(VIPS_IMAGE_SIZEOF_IMAGE(image.get_image()));
    if (readAllRows(jpeg, image, pixels.data()))
        out.eight = std::move(pixels);
    return out;
}

/// The same pixels for libvips; they outlive it.
VImage asImage(const RawPixels& raw, const VImage& like) {
    return VImage::new_from_memory(const_cast<std::uint8_t*>(raw.eight.data()), raw.eight.size(),
                                   raw.size.width, raw.size.height, raw.bands, VIPS_FORMAT_UCHAR)
        .copy(VImage::option()->set("interpretation", like.interpretation()));
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

/// Everything up to the wanted pixels, in the file's own colours. `own`: they may be there instead, and then
/// are all there is.
VImage wantedPixels(VImage image, const PictureFacts& facts, const DevelopWish& wish, bool alpha,
                    PlainJpeg jpeg, RawPixels& own) {
    const auto stored = storedWish(facts, wish);
    if (image.has_alpha() && !alpha)
        image = flattened(image, wish.background);
    const auto format = image.format();
    const bool inLight = wish.linearLight && wish.resampling != Resampling::Exact;
    const Rect part = shrunkPart(stored.part, facts.stored, image);
    if (!(part == Rect{0, 0, image.width(), image.height()})) {
        jpeg = {};
        image = image.extract_area(part.x, part.y, part.width, part.height);
    }
    if (alpha && inLight) {
        const VImage colours = image.extract_band(0, VImage::option()->set("n", image.bands() - 1)),
                     opacity = image.extract_band(image.bands() - 1);
        image = resizedInLight(colours, stored.target, wish.resampling, &opacity)
                    .bandjoin(resized(opacity, stored.target, wish.resampling));
    }
    if (alpha)
        image = image.premultiply(
            VImage::option()->set("max_alpha", format == VIPS_FORMAT_USHORT ? 65535.0 : 255.0));
    if (resamplesByRows(image, stored.target, wish.resampling)) {
        own = resampledByRows(image, stored.target, wish, jpeg);
        image = asImage(own, image);
    } else if (isAsWanted(image, stored.target) && !inLight && jpeg.file) {
        own = allRows(jpeg, image);
        image = own.eight.empty() ? image : asImage(own, image);
    } else if (!alpha && inLight)
        image = resizedInLight(image, stored.target, wish.resampling);
    else
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

Frame develop(const ByteSource& source, const std::string& name, const PictureFacts& facts,
              const DevelopWish& wish, Notes* notes, const DecodedPtr& decoded) {
    requireFits(developMemory(facts, wish), name);
    const PictureSource opened(source);
    return opened.tellingDamage(name, [&] {
        const int shrink = decodeShrinkFor(facts, wish);
        VImage image = toGreyOrRgb(decoded ? shrunkMore(*decoded, shrink) : opened.open(facts, shrink),
                                   wish.deep, notes);
        const auto own = profileOf(image, notes);
        RawPixels made;
        const bool alpha = image.has_alpha() && wish.keepAlpha;
        const auto jpeg = decoded ? PlainJpeg() : plainJpeg(source, facts, shrink);
        image = wantedPixels(image, facts, wish, alpha, jpeg, made);
        const bool asMade =
            !made.eight.empty() && storedWish(facts, wish).orientation == 1 && wish.cut.angle == 0;
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
        Frame frame = toFrame(asMade ? std::move(made) : rawPixels(image), own, wish);
        frame.alpha = std::move(opacity);
        if (!(frame.size == wish.target))
            throw Problem(ProblemKind::Internal, name, "the resample missed the wanted size");
        return frame;
    });
}

} // namespace keepseal
