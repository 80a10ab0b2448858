// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/logo.h"

#include "base/assets.h"
#include "base/problem.h"
#include "picture/develop.h"
#include "picture/original.h"
#include "seal/logo_svg.h"

#include <vips/vips8>

#include <cmath>
#include <list>
#include <map>
#include <mutex>

namespace keepseal {
namespace {

namespace fs = std::filesystem;
using vips::VImage;

constexpr std::uint64_t kMaxFile = 32ULL << 20;
constexpr std::int64_t kMaxBitmap = 60'000'000;
constexpr int kMaxPdfPages = 200;
constexpr int kMaxSide = 30000;       ///< of a drawing
constexpr int kMeasureSide = 400;     ///< pixels of the drawing that finds empty edges
constexpr int kKeptBitmapSide = 4096; ///< a larger bitmap is kept at this size: no seal shows more
constexpr std::size_t kKeptDrawings = 24;

[[noreturn]] void refuseLogo(const std::string& file, const std::string& why,
                             ProblemKind kind = ProblemKind::NotAPicture) {
    throw Problem(kind, file, why, "Choose another file for the logo");
}

std::string takeVipsError() {
    std::string text = vips_error_buffer();
    vips_error_clear();
    return text.substr(0, text.find('\n'));
}

VImage toRgba(VImage image) {
    if (image.interpretation() == VIPS_INTERPRETATION_CMYK || image.get_typeof(VIPS_META_ICC_NAME)) {
        const bool cmyk = image.interpretation() == VIPS_INTERPRETATION_CMYK;
        image = image.icc_transform("srgb", VImage::option()
                                                ->set("embedded", true)
                                                ->set("input_profile", cmyk ? "cmyk" : "srgb")
                                                ->set("depth", 8));
    }
    if (image.interpretation() != VIPS_INTERPRETATION_sRGB)
        image = image.colourspace(VIPS_INTERPRETATION_sRGB);
    if (!image.has_alpha())
        image = image.bandjoin_const({255});
    return image.format() == VIPS_FORMAT_UCHAR ? image : image.cast(VIPS_FORMAT_UCHAR);
}

LogoPixels toPixels(const VImage& rgba) {
    size_t bytes = 0;
    const std::unique_ptr<void, decltype(&g_free)> memory(rgba.write_to_memory(&bytes), g_free);
    const auto* from = static_cast<const std::uint8_t*>(memory.get());
    LogoPixels out{{rgba.width(), rgba.height()}, {}};
    out.argb.resize(static_cast<std::size_t>(out.size.pixels()));
    for (auto& pixel : out.argb) {
        const std::uint32_t a = from[3];
        const auto times = [a](std::uint32_t c) { return (c * a + 127) / 255; };
        pixel = a << 24 | times(from[0]) << 16 | times(from[1]) << 8 | times(from[2]);
        from += 4;
    }
    return out;
}

/// Resized with the colours weighed by their opacity, so that hidden colours can't bleed in.
VImage resizedLogo(const VImage& rgba, Size size) {
    if (rgba.width() == size.width && rgba.height() == size.height)
        return rgba;
    return rgba.premultiply()
        .resize(static_cast<double>(size.width) / rgba.width(),
                VImage::option()->set("vscale", static_cast<double>(size.height) / rgba.height()))
        .unpremultiply()
        .cast(VIPS_FORMAT_UCHAR);
}

class VectorLogo final : public Logo {
public:
    VectorLogo(std::string file, Bytes bytes, bool pdf, int page)
        : m_file(std::move(file)), m_bytes(std::move(bytes)), m_pdf(pdf), m_page(page) {
        m_vector = true;
        try {
            const VImage head = open(1);
            if (pdf) {
                const int pages = head.get_typeof("n-pages") ? head.get_int("n-pages") : 1;
                if (pages > kMaxPdfPages)
                    refuseLogo(m_file, "this PDF has " + std::to_string(pages) +
                                           " pages; logos have at most " + std::to_string(kMaxPdfPages));
            }
            m_native = {head.width(), head.height()};
        } catch (const vips::VError&) {
            refuseLogo(m_file, "the logo can't be read (" + takeVipsError() + ")");
        }
        if (m_native.empty() || m_native.longSide() > 20 * m_native.shortSide() * 50)
            refuseLogo(m_file, "the logo has no usable size");
        measure();
    }

    LogoPixels draw(Size size) const override {
        if (size.longSide() > kMaxSide)
            refuseLogo(m_file, "it would be drawn at " + std::to_string(size.longSide()) + " pixels",
                       ProblemKind::TooLarge);
        try {
            const double scale = std::max(static_cast<double>(size.width) / m_native.width,
                                          static_cast<double>(size.height) / m_native.height);
            return toPixels(resizedLogo(toRgba(open(scale)), size));
        } catch (const vips::VError&) {
            refuseLogo(m_file, "the logo can't be drawn (" + takeVipsError() + ")");
        }
    }

private:
    VImage open(double scale) const {
        auto* options = VImage::option()->set("scale", scale);
        VipsBlob* blob = vips_blob_new(nullptr, m_bytes.data(), m_bytes.size());
        const std::unique_ptr<VipsBlob, void (*)(VipsBlob*)> owner(
            blob, [](VipsBlob* b) { vips_area_unref(VIPS_AREA(b)); });
        if (!m_pdf)
            return VImage::svgload_buffer(blob, options);
        return VImage::pdfload_buffer(
            blob, options->set("page", m_page - 1)->set("background", std::vector<double>{255, 255, 255, 0}));
    }

    std::string m_file;
    Bytes m_bytes;
    bool m_pdf;
    int m_page;
};

class BitmapLogo final : public Logo {
public:
    BitmapLogo(const std::string& file, const Bytes& bytes) : m_file(file) {
        const MemorySource source(bytes);
        const auto facts = readFacts(source, file); // limits are checked from the header
        if (facts.stored.pixels() > kMaxBitmap)
            refuseLogo(file,
                       "the header claims " + std::to_string(facts.stored.width) + " x " +
                           std::to_string(facts.stored.height) + " pixels; logos have at most 60 megapixels",
                       ProblemKind::TooLarge);
        m_native = facts.size;
        try {
            VImage image = VImage::new_from_buffer(bytes.data(), bytes.size(), "").autorot();
            image = toRgba(image);
            const int longest = std::max(image.width(), image.height());
            if (longest > kKeptBitmapSide) {
                const double scale = static_cast<double>(kKeptBitmapSide) / longest;
                image =
                    resizedLogo(image, {std::max(1, static_cast<int>(std::lround(image.width() * scale))),
                                        std::max(1, static_cast<int>(std::lround(image.height() * scale)))});
            }
            m_image = image.copy_memory();
        } catch (const vips::VError&) {
            refuseLogo(file, "the logo can't be read (" + takeVipsError() + ")");
        }
        measure();
    }

    LogoPixels draw(Size size) const override {
        try {
            return toPixels(resizedLogo(m_image, size));
        } catch (const vips::VError&) {
            refuseLogo(m_file, "the logo can't be drawn (" + takeVipsError() + ")");
        }
    }

private:
    std::string m_file;
    VImage m_image;
};

LogoPtr readLogo(const std::string& file, const fs::path& path, int page) {
    const Original source(path); // opened for reading only, like everything of the person's
    if (source.size() > kMaxFile)
        refuseLogo(file, "the file is larger than 32 MB", ProblemKind::TooLarge);
    Bytes bytes = source.bytes(0, source.size());
    const std::string_view text(reinterpret_cast<const char*>(bytes.data()), bytes.size());
    if (text.starts_with("%PDF-"))
        return std::make_shared<VectorLogo>(file, std::move(bytes), true, page);
    if (looksLikeSvg(text)) {
        requireHarmlessSvg(text, file);
        return std::make_shared<VectorLogo>(file, std::move(bytes), false, 1);
    }
    return std::make_shared<BitmapLogo>(file, bytes);
}

const std::string& fileOf(const LogoPart& part, bool dark) {
    return dark && !part.darkFile.empty() ? part.darkFile : part.file;
}

Box visiblePart(const LogoPart& part, const Logo& logo) {
    // A background that is made transparent counts as visible here: which of it is empty depends on the
    // colour.
    return part.trim ? logo.inked() : Box{0, 0, 1, 1};
}

void clearBackground(LogoPixels& pixels, Rgb colour, double tolerancePercent) {
    const double near = tolerancePercent * 2.55, far = near * 2 + 1;
    for (auto& pixel : pixels.argb) {
        const int a = static_cast<int>(pixel >> 24);
        if (a == 0)
            continue;
        const auto channel = [&](int shift) { return static_cast<int>(pixel >> shift & 0xFF) * 255 / a; };
        const double distance = std::max({std::abs(channel(16) - colour.r), std::abs(channel(8) - colour.g),
                                          std::abs(channel(0) - colour.b)});
        const double keep = std::clamp((distance - near) / (far - near), 0.0, 1.0);
        std::uint32_t out = 0;
        for (const int shift : {24, 16, 8, 0})
            out |= static_cast<std::uint32_t>(std::lround((pixel >> shift & 0xFF) * keep)) << shift;
        pixel = out;
    }
}

/// One colour: the opacity stays; an opaque logo gives its darkness as opacity instead (ink on paper).
void recolour(LogoPixels& pixels, Rgb colour) {
    const bool opaque =
        std::all_of(pixels.argb.begin(), pixels.argb.end(), [](std::uint32_t p) { return p >> 24 == 255; });
    for (auto& pixel : pixels.argb) {
        std::uint32_t a = pixel >> 24;
        if (opaque)
            a = 255 - ((pixel >> 16 & 0xFF) * 54 + (pixel >> 8 & 0xFF) * 183 + (pixel & 0xFF) * 19) / 256;
        const auto times = [a](std::uint32_t c) { return (c * a + 127) / 255; };
        pixel = a << 24 | times(colour.r) << 16 | times(colour.g) << 8 | times(colour.b);
    }
}

LogoPixels cut(const LogoPixels& whole, const Box& part, Size size) {
    const int x0 = std::clamp(static_cast<int>(std::lround(part.x * whole.size.width)), 0,
                              std::max(0, whole.size.width - size.width));
    const int y0 = std::clamp(static_cast<int>(std::lround(part.y * whole.size.height)), 0,
                              std::max(0, whole.size.height - size.height));
    LogoPixels out{size, {}};
    out.argb.resize(static_cast<std::size_t>(size.pixels()));
    for (int y = 0; y < std::min(size.height, whole.size.height); ++y)
        for (int x = 0; x < std::min(size.width, whole.size.width); ++x)
            out.argb[static_cast<std::size_t>(y) * size.width + x] =
                whole.argb[static_cast<std::size_t>(y0 + y) * whole.size.width + x0 + x];
    return out;
}

struct DrawingKey {
    const Logo* logo;
    LogoPart part;
    Rgb colour;
    Size size;
    bool operator==(const DrawingKey&) const = default;
};

std::mutex cacheMutex;

} // namespace

void Logo::measure() {
    // A bitmap is not enlarged for this: what resampling adds at its edges is not part of it.
    const double scale =
        std::min(static_cast<double>(kMeasureSide) / m_native.longSide(), m_vector ? 1e9 : 1.0);
    const Size size{std::max(1, static_cast<int>(std::lround(m_native.width * scale))),
                    std::max(1, static_cast<int>(std::lround(m_native.height * scale)))};
    const auto pixels = draw(size);
    int left = size.width, right = -1, top = size.height, bottom = -1;
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x)
            if (pixels.argb[static_cast<std::size_t>(y) * size.width + x] >> 24 > 2) {
                left = std::min(left, x), right = std::max(right, x);
                top = std::min(top, y), bottom = std::max(bottom, y);
            }
    if (right < 0)
        return; // nothing to be seen: left whole
    m_inked = {static_cast<double>(left) / size.width, static_cast<double>(top) / size.height,
               static_cast<double>(right - left + 1) / size.width,
               static_cast<double>(bottom - top + 1) / size.height};
}

fs::path logoPath(const std::string& file) {
    constexpr std::string_view kShipped = "shipped:";
    if (file.starts_with(kShipped))
        return assetsFolder() / "logos" / fs::path(file.substr(kShipped.size())).filename();
    return file;
}

LogoPtr loadLogo(const std::string& file, int page) {
    struct Kept {
        FileIdentity identity;
        LogoPtr logo;
        std::optional<Problem> problem; ///< a refused file is not read again on every redraw
    };
    static std::map<std::pair<std::string, int>, Kept> kept;
    if (file.empty())
        throw Problem(ProblemKind::BadSetting, "logo", "no file is chosen for the logo", "Choose one");
    const auto path = logoPath(file);
    const auto identity = identityOf(path);
    const std::lock_guard lock(cacheMutex);
    auto& slot = kept[{file, page}];
    if (!(slot.identity == identity) || (!slot.logo && !slot.problem)) {
        slot = {identity, nullptr, std::nullopt};
        try {
            slot.logo = readLogo(file, path, page);
        } catch (const Problem& problem) {
            slot.problem = problem;
        }
    }
    if (slot.problem)
        throw *slot.problem;
    return slot.logo;
}

std::shared_ptr<const LogoPixels> logoPixels(const LogoPart& part, bool dark, Rgb colour, Size size) {
    static std::list<std::pair<DrawingKey, std::shared_ptr<const LogoPixels>>> drawings;
    const auto logo = loadLogo(fileOf(part, dark), part.page);
    const DrawingKey key{logo.get(), part, part.recolour ? colour : Rgb{}, size};
    {
        const std::lock_guard lock(cacheMutex);
        for (auto it = drawings.begin(); it != drawings.end(); ++it)
            if (it->first == key) {
                drawings.splice(drawings.begin(), drawings, it);
                return it->second;
            }
    }
    const Box visible = visiblePart(part, *logo);
    const Size whole{std::max(size.width, static_cast<int>(std::lround(size.width / visible.width))),
                     std::max(size.height, static_cast<int>(std::lround(size.height / visible.height)))};
    auto pixels = std::make_shared<LogoPixels>(cut(logo->draw(whole), visible, size));
    if (part.clearOn)
        clearBackground(*pixels, part.clearColour, part.clearTolerance);
    if (part.recolour)
        recolour(*pixels, colour);
    const std::lock_guard lock(cacheMutex);
    drawings.emplace_front(key, pixels);
    if (drawings.size() > kKeptDrawings)
        drawings.pop_back();
    return pixels;
}

double logoAspect(const LogoPart& part, bool dark) {
    const auto logo = loadLogo(fileOf(part, dark), part.page);
    const Box visible = visiblePart(part, *logo);
    return logo->nativeSize().width * visible.width / (logo->nativeSize().height * visible.height);
}

Size logoNativePixels(const LogoPart& part, bool dark) {
    const auto logo = loadLogo(fileOf(part, dark), part.page);
    if (logo->isVector())
        return {};
    const Box visible = visiblePart(part, *logo);
    return {static_cast<int>(std::lround(logo->nativeSize().width * visible.width)),
            static_cast<int>(std::lround(logo->nativeSize().height * visible.height))};
}

} // namespace keepseal
