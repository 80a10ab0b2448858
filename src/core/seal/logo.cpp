// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/logo.h"

#include "base/assets.h"
#include "base/problem.h"
#include "picture/engine.h"
#include "picture/original.h"
#include "seal/logo_reading.h"
#include "seal/readability.h"

#include <vips/vips8>

#include <array>
#include <cmath>
#include <list>
#include <map>
#include <mutex>

namespace keepseal {
namespace {

namespace fs = std::filesystem;
using vips::VImage;

constexpr int kMaxSide = 30000;   ///< of a drawing
constexpr int kMeasureSide = 400; ///< pixels of the drawing that finds empty edges
constexpr std::size_t kKeptDrawings = 24;

/// Drawn anew at each size.
class VectorLogo final : public Logo {
public:
    VectorLogo(std::string file, Bytes bytes, int page, Size native)
        : m_file(std::move(file)), m_bytes(std::move(bytes)), m_page(page) {
        m_vector = true;
        m_native = native;
        measure();
    }

    LogoPixels draw(Size size) const override {
        if (size.longSide() > kMaxSide)
            refuseLogo(
                m_file,
                Saying("it would be drawn at {size} pixels", {{"size", std::to_string(size.longSide())}}),
                ProblemKind::TooLarge);
        return drawVectorLogo(MemorySource(m_bytes), m_file, m_page, m_native, size);
    }

private:
    std::string m_file;
    Bytes m_bytes;
    int m_page;
};

class BitmapLogo final : public Logo {
public:
    BitmapLogo(std::string file, LogoContent content) : m_file(std::move(file)) {
        m_native = content.native;
        m_kept = content.kept;
        m_rgba = std::move(content.rgba);
        measure();
    }

    LogoPixels draw(Size size) const override {
        try {
            const VImage kept =
                VImage::new_from_memory(const_cast<std::uint8_t*>(m_rgba.data()), m_rgba.size(), m_kept.width,
                                        m_kept.height, 4, VIPS_FORMAT_UCHAR)
                    .copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB));
            return logoPixelsOf(resizedLogo(kept, size));
        } catch (const vips::VError&) {
            refuseLogo(m_file, Saying("the logo can't be drawn ({reason})", {{"reason", takeVipsError()}}));
        }
    }

private:
    std::string m_file;
    Size m_kept;
    std::vector<std::uint8_t> m_rgba;
};

LogoPtr openLogo(const std::string& file, const fs::path& path, int page) {
    const Original source(path); // opened for reading only, like everything of the person's
    if (source.size() > kMaxLogoFile)
        refuseLogo(file, "the file is larger than 32 MB", ProblemKind::TooLarge);
    Bytes bytes = source.bytes(0, source.size());
    auto content = readLogoFile(MemorySource(bytes), file, page);
    if (content.native.empty())
        refuseLogo(file, "the logo has no usable size");
    if (content.vector)
        return std::make_shared<VectorLogo>(file, std::move(bytes), page, content.native);
    return std::make_shared<BitmapLogo>(file, std::move(content));
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

/// Nothing where it is opaque: then its ground is one of its tones.
std::optional<Rgb> toneOf(const LogoPixels& pixels) {
    constexpr double kAlike = 12; // standard deviation of a channel, of 255
    std::array<double, 3> sum{}, squares{};
    double count = 0;
    for (const auto pixel : pixels.argb) {
        const double a = pixel >> 24;
        if (a < 200)
            continue;
        ++count;
        for (std::size_t c = 0; c < 3; ++c) {
            const double v = std::min(255.0, (pixel >> (16 - 8 * c) & 0xFF) * 255 / a);
            sum[c] += v, squares[c] += v * v;
        }
    }
    if (count < 4 || count > 0.98 * static_cast<double>(pixels.argb.size()))
        return std::nullopt;
    std::array<std::uint8_t, 3> mean{};
    for (std::size_t c = 0; c < 3; ++c) {
        const double m = sum[c] / count;
        if (squares[c] / count - m * m > kAlike * kAlike)
            return std::nullopt;
        mean[c] = static_cast<std::uint8_t>(std::lround(m));
    }
    return Rgb{mean[0], mean[1], mean[2]};
}

struct DrawingKey {
    const Logo* logo;
    LogoPart part;
    bool inPartsColour;
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
    m_tone = toneOf(pixels);
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

namespace {

struct KeptLogo {
    FileIdentity identity;
    LogoPtr logo;
    std::optional<Problem> problem; ///< a refused file is not read again on every redraw

    bool known() const { return logo || problem; }
    const LogoPtr& orThrow() const {
        if (problem)
            throw *problem;
        return logo;
    }
};

KeptLogo& keptLogo(const std::string& file, int page) {
    static std::map<std::pair<std::string, int>, KeptLogo> kept; // under cacheMutex
    return kept[{file, page}];
}

thread_local int knownOnly = 0;

} // namespace

KnownLogosOnly::KnownLogosOnly() {
    ++knownOnly;
}
KnownLogosOnly::~KnownLogosOnly() {
    --knownOnly;
}

LogoPtr loadLogo(const std::string& file, int page) {
    if (file.empty())
        throw Problem(ProblemKind::BadSetting, "logo", "no file is chosen for the logo", "Choose one");
    if (knownOnly) {
        const std::lock_guard lock(cacheMutex);
        const auto& kept = keptLogo(file, page);
        if (!kept.known())
            throw Problem(ProblemKind::CannotRead, file, "it is being read");
        return kept.orThrow();
    }
    const auto path = logoPath(file);
    KeptLogo read{identityOf(path), nullptr, std::nullopt};
    {
        const std::lock_guard lock(cacheMutex);
        if (const auto& kept = keptLogo(file, page); kept.known() && kept.identity == read.identity)
            return kept.orThrow();
    }
    try { // without the lock: others, and the hand, go on meanwhile
        read.logo = openLogo(file, path, page);
    } catch (const Problem& problem) {
        read.problem = problem;
    }
    const std::lock_guard lock(cacheMutex);
    auto& kept = keptLogo(file, page);
    if (!kept.known() || !(kept.identity == read.identity)) // else another thread was first: one logo for all
        kept = std::move(read);
    return kept.orThrow();
}

bool takesPartsColour(const LogoPart& part, const Logo& logo, bool dark) {
    if (part.keepTone || !part.darkFile.empty() || !logo.tone())
        return false;
    const std::uint8_t rgb[3] = {logo.tone()->r, logo.tone()->g, logo.tone()->b};
    return (seenLightness(luminance(rgb)) < 50) != dark;
}

std::shared_ptr<const LogoPixels> logoPixels(const LogoPart& part, bool dark, Rgb colour, Size size) {
    static std::list<std::pair<DrawingKey, std::shared_ptr<const LogoPixels>>> drawings;
    const auto logo = loadLogo(fileOf(part, dark), part.page);
    const bool inPartsColour = part.recolour || takesPartsColour(part, *logo, dark);
    const DrawingKey key{logo.get(), part, inPartsColour, inPartsColour ? colour : Rgb{}, size};
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
    if (inPartsColour)
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
