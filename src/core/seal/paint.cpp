// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/paint.h"

#include "seal/effects.h"
#include "seal/effects_kept.h"
#include "seal/logo.h"
#include "seal/outline.h"

#include <cmath>
#include <numbers>

namespace keepseal {
namespace {

cairo_matrix_t toCairo(const Affine& map) {
    cairo_matrix_t out;
    cairo_matrix_init(&out, map.xx, map.yx, map.xy, map.yy, map.x0, map.y0);
    return out;
}

/// Draws into a layer's pixels, or on any other surface; coordinates are the frame's.
class Canvas {
public:
    explicit Canvas(Layer& layer)
        : m_surface(cairo_image_surface_create_for_data(reinterpret_cast<unsigned char*>(layer.argb.data()),
                                                        CAIRO_FORMAT_ARGB32, layer.area.width,
                                                        layer.area.height, layer.area.width * 4),
                    cairo_surface_destroy),
          m_cairo(cairo_create(m_surface.get()), cairo_destroy) {
        cairo_translate(get(), -layer.area.x, -layer.area.y);
        prepare();
    }
    explicit Canvas(cairo_t* other)
        : m_surface(nullptr, cairo_surface_destroy), m_cairo(cairo_reference(other), cairo_destroy) {
        prepare();
    }
    ~Canvas() {
        if (m_surface)
            cairo_surface_flush(m_surface.get());
    }
    Canvas(const Canvas&) = delete;
    Canvas& operator=(const Canvas&) = delete;

    cairo_t* get() { return m_cairo.get(); }
    void ink(Rgb colour, double percent) {
        cairo_set_source_rgba(get(), colour.r / 255.0, colour.g / 255.0, colour.b / 255.0, percent / 100);
    }

private:
    void prepare() {
        cairo_set_antialias(get(), CAIRO_ANTIALIAS_BEST);
        cairo_set_line_join(get(), CAIRO_LINE_JOIN_ROUND);
    }
    CairoSurfacePtr m_surface;
    CairoPtr m_cairo;
};

bool meets(const Box& box, const Rect& area, double reach) {
    return box.x - reach < area.right() && box.right() + reach > area.x && box.y - reach < area.bottom() &&
           box.bottom() + reach > area.y;
}

class Painter {
public:
    Painter(const PreparedSeal& seal, const std::vector<SealInstance>& instances, double unit,
            SealVersion version, const Rect& area)
        : m_seal(seal), m_design(seal.design), m_instances(instances), m_unit(unit), m_version(version),
          m_area(area) {}

    SealLayers paint(const Box& strip, PaintedMarks& marks) {
        const auto mark = marks.of(m_version.dark, m_area, [&](Layer& layer) {
            Canvas canvas(layer);
            paintMark(canvas);
        });
        SealLayers out;
        if (!strip.empty() || hasPlate() || m_design.shadow.on || m_design.outline.width > 0 ||
            m_version.halo > 0)
            out.under = paintUnder(*mark, strip);
        if (m_design.relief.on)
            out.relief = reliefOf(mark->layer, within(m_design.relief.depth * m_unit / 100),
                                  m_design.relief.angle, m_design.relief.strength / 100);
        out.mark = mark.use_count() > 1 ? mark->layer : std::move(mark->layer);
        return out;
    }

    void paintMark(Canvas& canvas) {
        for (const auto& part : m_seal.parts)
            paintPart(canvas, part, 0);
        cairo_surface_flush(cairo_get_target(canvas.get()));
    }

private:
    bool hasPlate() const { return m_design.plate.on || m_version.plate > 0; }

    /// A length of an effect, never more than there is to be painted.
    double within(double length) const {
        return std::min(length, double(std::max(m_area.width, m_area.height)));
    }

    Rgb pick(Rgb light, Rgb dark) const { return m_version.dark ? dark : light; }

    void paintPart(Canvas& canvas, const PreparedPart& prepared, double outlineUnits) {
        const auto& part = m_design.parts[prepared.index];
        if (prepared.logo)
            return paintLogo(canvas, prepared, part, outlineUnits);
        paintOutline(canvas, prepared, part, outlineUnits);
        for (const auto& letter : prepared.outline->coloured) {
            const auto picture = asSurface(*letter.pixels, letter.size);
            const Box at{letter.at.x + prepared.offset.x, letter.at.y + prepared.offset.y, letter.at.width,
                         letter.at.height};
            for (const auto& instance : m_instances)
                if (wants(instance, prepared))
                    setPicture(canvas, picture.get(), at, letter.size, instance, part, outlineUnits);
        }
    }

    /// All instances of the outline in one path: where two meet or cross, coverage is counted once and no
    /// seam shows.
    void paintOutline(Canvas& canvas, const PreparedPart& prepared, const SealPart& part,
                      double outlineUnits) {
        auto* cairo = canvas.get();
        bool any = false;
        for (const auto& instance : m_instances) {
            if (!wants(instance, prepared))
                continue;
            any = true;
            cairo_save(cairo);
            const auto matrix = toCairo(instance.map);
            cairo_transform(cairo, &matrix);
            cairo_translate(cairo, prepared.offset.x, prepared.offset.y);
            if (part.kind == PartKind::Shape && m_instances.size() > 1)
                growByAHair(cairo, prepared.box);
            appendPath(cairo, prepared.outline->path);
            cairo_restore(cairo);
        }
        if (!any)
            return;
        const double scale = m_unit / 100;
        if (outlineUnits > 0) {
            canvas.ink(pick(m_design.outline.colour, m_design.outline.darkColour), part.opacity);
            cairo_set_line_join(cairo, CAIRO_LINE_JOIN_ROUND);
            cairo_set_line_width(cairo, (prepared.outline->lineWidth + 2 * outlineUnits) * scale);
            cairo_stroke(cairo);
            return;
        }
        canvas.ink(pick(part.colour, part.darkColour), part.opacity);
        if (prepared.outline->lineWidth <= 0)
            return cairo_fill(cairo);
        cairo_set_line_join(cairo,
                            part.kind == PartKind::Shape ? CAIRO_LINE_JOIN_MITER : CAIRO_LINE_JOIN_ROUND);
        cairo_set_line_width(cairo, prepared.outline->lineWidth * scale);
        cairo_stroke(cairo);
    }

    /// Shapes of a pattern that touch share edges whose ends are rounded apart; a twentieth of a pixel more
    /// closes the slit, and what overlaps is counted once.
    void growByAHair(cairo_t* cairo, const Box& box) const {
        const double more = 2 * 0.05 / (m_unit / 100);
        cairo_translate(cairo, box.width / 2, box.height / 2);
        cairo_scale(cairo, 1 + more / box.width, 1 + more / box.height);
        cairo_translate(cairo, -box.width / 2, -box.height / 2);
    }

    bool wants(const SealInstance& instance, const PreparedPart& prepared) const {
        if (instance.only >= 0 && static_cast<std::size_t>(instance.only) != prepared.top)
            return false;
        return meets(boundsOf(instance.map.map(prepared.box)), m_area,
                     m_design.outline.width * m_unit / 100 + 1);
    }

    /// Drawn once at about twice the pixels it gets (a bitmap at its own, when it has less), then set into
    /// place.
    void paintLogo(Canvas& canvas, const PreparedPart& prepared, const SealPart& part, double outlineUnits) {
        const auto pixels = logoFor(prepared, part);
        if (!pixels)
            return;
        const auto image = asSurface(pixels->argb, pixels->size);
        const Box at = fitted(prepared.box, pixels->size);
        for (const auto& instance : m_instances)
            if (wants(instance, prepared))
                setPicture(canvas, image.get(), at, pixels->size, instance, part, outlineUnits);
    }

    void setPicture(Canvas& canvas, cairo_surface_t* image, const Box& at, Size pixels,
                    const SealInstance& instance, const SealPart& part, double outlineUnits) {
        auto* cairo = canvas.get();
        const int turns = outlineUnits > 0 ? 24 : 1;
        for (int i = 0; i < turns; ++i) {
            cairo_save(cairo);
            const auto matrix = toCairo(instance.map);
            cairo_transform(cairo, &matrix);
            const double angle = 2 * std::numbers::pi * i / turns;
            cairo_translate(cairo, at.x + outlineUnits * std::sin(angle),
                            at.y + outlineUnits * std::cos(angle));
            cairo_scale(cairo, at.width / pixels.width, at.height / pixels.height);
            if (outlineUnits > 0) {
                canvas.ink(pick(m_design.outline.colour, m_design.outline.darkColour), part.opacity);
                cairo_mask_surface(cairo, image, 0, 0);
            } else {
                cairo_set_source_surface(cairo, image, 0, 0);
                cairo_pattern_set_filter(cairo_get_source(cairo), CAIRO_FILTER_GOOD);
                cairo_paint_with_alpha(cairo, part.opacity / 100);
            }
            cairo_restore(cairo);
        }
    }

    std::shared_ptr<const LogoPixels> logoFor(const PreparedPart& prepared, const SealPart& part) const {
        // In steps of a quarter, so that a seal that is being resized finds most of its drawings made
        // already.
        const double wanted = std::max(2.0, prepared.box.height * m_unit / 100 * 2);
        double height = std::ceil(2 * std::pow(1.25, std::ceil(std::log(wanted / 2) / std::log(1.25))));
        try {
            auto logo = part.logo;
            if (m_design.tone == Tone::Light)
                logo.keepTone = true; // always as its file has it
            const Size native = logoNativePixels(logo, m_version.dark);
            if (!native.empty())
                height = std::min(height, static_cast<double>(native.height));
            const double aspect = logoAspect(logo, m_version.dark);
            const Size size{std::max(1, static_cast<int>(std::lround(height * aspect))),
                            static_cast<int>(height)};
            return logoPixels(logo, m_version.dark, pick(part.colour, part.darkColour), size);
        } catch (const Problem&) {
            return nullptr; // told when the seal was prepared
        }
    }

    /// The dark version's file may have another shape: it is fitted into the light one's box, its middle on
    /// its middle.
    static Box fitted(const Box& box, Size size) {
        const double scale = std::min(box.width / size.width, box.height / size.height);
        const double width = size.width * scale, height = size.height * scale;
        // A rounded pixel of the drawing is not another shape.
        if (std::abs(width - box.width) < 0.02 * box.width &&
            std::abs(height - box.height) < 0.02 * box.height)
            return box;
        return {box.centre().x - width / 2, box.centre().y - height / 2, width, height};
    }

    Layer paintUnder(PaintedMarks::Mark& mark, const Box& strip) {
        const bool halo = m_version.halo > 0;
        Layer under(m_area);
        if (!strip.empty()) {
            Canvas canvas(under);
            cairo_rectangle(canvas.get(), strip.x, strip.y, strip.width, strip.height);
            canvas.ink(pick(m_design.strip.colour, m_design.strip.darkColour), m_design.strip.opacity);
            cairo_fill(canvas.get());
        }
        if (hasPlate())
            paintPlates(under);
        if (m_design.shadow.on || halo) {
            const double scale = m_unit / 100;
            if (halo) {
                const auto glow = glowOf(mark.opaque(), within(m_design.halo.spread * scale),
                                         within(m_design.halo.softness * scale));
                paintOver(under, *glow, pick(m_design.halo.colour, m_design.halo.darkColour),
                          m_version.halo / 100);
            }
            if (m_design.shadow.on) {
                const double radians = m_design.shadow.angle * std::numbers::pi / 180;
                const double distance = m_design.shadow.distance * scale;
                const auto fallen =
                    shadowOf(mark.opaque(), std::sin(radians) * distance, -std::cos(radians) * distance,
                             within(m_design.shadow.softness * scale));
                paintOver(under, *fallen, m_design.shadow.colour, m_design.shadow.strength / 100);
            }
        }
        if (m_design.outline.width > 0) {
            Canvas canvas(under);
            for (const auto& part : m_seal.parts)
                paintPart(canvas, part, m_design.outline.width);
        }
        return under;
    }

    void paintPlates(Layer& under) {
        Canvas canvas(under);
        const auto& plate = m_design.plate;
        const Box box = plate.on ? m_seal.box : m_seal.box.grown(plate.padding);
        const auto path = roundedBox(box, plate.roundness);
        for (const auto& instance : m_instances) {
            cairo_save(canvas.get());
            const auto matrix = toCairo(instance.map);
            cairo_transform(canvas.get(), &matrix);
            appendPath(canvas.get(), path);
            cairo_restore(canvas.get());
        }
        canvas.ink(pick(plate.colour, plate.darkColour), plate.on ? plate.opacity : m_version.plate);
        cairo_fill(canvas.get());
    }

    const PreparedSeal& m_seal;
    const SealDesign& m_design;
    const std::vector<SealInstance>& m_instances;
    double m_unit;
    SealVersion m_version;
    Rect m_area;
};

/// Bilinear, with nothing outside.
std::array<double, 4> sample(const Layer& layer, double x, double y) {
    std::array<double, 4> out{};
    const int x0 = static_cast<int>(std::floor(x - 0.5)), y0 = static_cast<int>(std::floor(y - 0.5));
    const double fx = x - 0.5 - x0, fy = y - 0.5 - y0;
    for (int dy = 0; dy < 2; ++dy)
        for (int dx = 0; dx < 2; ++dx) {
            const int px = x0 + dx, py = y0 + dy;
            if (px < 0 || py < 0 || px >= layer.area.width || py >= layer.area.height)
                continue;
            const double weight = (dx ? fx : 1 - fx) * (dy ? fy : 1 - fy);
            const auto pixel = layer.row(py)[px];
            for (int c = 0; c < 4; ++c)
                out[static_cast<std::size_t>(c)] += weight * (pixel >> (24 - 8 * c) & 0xFF);
        }
    return out;
}

/// `flat` holds the seal unturned, `fromFrame` leads from the frame's pixels to flat's. Four samples a pixel.
Layer warped(const Layer& flat, const Homography& fromFrame, const Rect& area) {
    if (flat.empty())
        return {};
    Layer out(area);
    for (int y = 0; y < area.height; ++y)
        for (int x = 0; x < area.width; ++x) {
            std::array<double, 4> sum{};
            for (int i = 0; i < 4; ++i) {
                const Point at =
                    map(fromFrame, {area.x + x + 0.25 + 0.5 * (i % 2), area.y + y + 0.25 + 0.5 * (i / 2)});
                const auto one = sample(flat, at.x - flat.area.x, at.y - flat.area.y);
                for (std::size_t c = 0; c < 4; ++c)
                    sum[c] += one[c] / 4;
            }
            std::uint32_t pixel = 0;
            for (std::size_t c = 0; c < 4; ++c)
                pixel = pixel << 8 | static_cast<std::uint32_t>(std::lround(sum[c]));
            out.row(y)[x] = pixel;
        }
    return out;
}

SealLayers paintWarped(const PreparedSeal& seal, const SealPlacement& placement, SealVersion version,
                       const Rect& area, PaintedMarks& marks) {
    // Flat, at the density of the longest side it is drawn out to.
    const auto& c = placement.corners;
    const auto side = [&](std::size_t a, std::size_t b) {
        return std::hypot(c[a].x - c[b].x, c[a].y - c[b].y);
    };
    const double across = std::max(side(0, 1), side(3, 2)) / seal.box.width;
    const double down = std::max(side(0, 3), side(1, 2)) / seal.box.height;
    // A corner dragged far out asks for a density that nothing in the picture can show.
    const double most = std::min(4096.0, 2.0 * std::max(placement.area.width, placement.area.height) + 64);
    const double scale = std::min(std::max(across, down), most / std::max(seal.box.width, seal.box.height));
    const std::vector<SealInstance> one = {{placing({0, 0}, {0, 0}, scale, 0), -1}};
    const double unit = scale * 100;
    const Box flatBox =
        boundsOf(one.front().map.map(seal.box)).grown(std::min(effectReach(seal.design, unit), most / 4));
    const auto flat = Painter(seal, one, unit, version, wholePixels(flatBox)).paint({}, marks);
    Homography fromFrame = inverse(placement.warp);
    for (std::size_t i = 0; i < 6; ++i)
        fromFrame[i] *= scale;
    return {warped(flat.under, fromFrame, area), warped(flat.mark, fromFrame, area),
            warped(flat.relief, fromFrame, area)};
}

} // namespace

Rect wholePixels(const Box& box) {
    const int left = static_cast<int>(std::floor(box.x)), top = static_cast<int>(std::floor(box.y));
    return {left, top, static_cast<int>(std::ceil(box.right())) - left,
            static_cast<int>(std::ceil(box.bottom())) - top};
}

double effectReach(const SealDesign& d, double unit) {
    double reach = d.outline.width;
    if (d.halo.when != HaloWhen::Off)
        reach = std::max(reach, d.halo.spread + 1.6 * d.halo.softness);
    if (d.shadow.on)
        reach = std::max(reach, d.shadow.distance + 1.6 * d.shadow.softness);
    if (!d.plate.on && d.plate.ifNeeded)
        reach = std::max(reach, 1.5 * d.plate.padding); // to its corners
    return reach * unit / 100 + 2;
}

Rect reachOf(const PreparedSeal& seal, const SealPlacement& placement) {
    if (placement.instances.empty())
        return {};
    if (seal.design.arrangement == Arrangement::Repeat)
        return placement.area;
    Box box = placement.warped ? boundsOf(placement.corners)
                               : boundsOf(placement.instances.front().map.map(seal.box));
    double reach = effectReach(seal.design, placement.unit);
    if (placement.warped) // a corner drawn near shows effects larger
        reach *= std::max(1.0, std::max(box.width, box.height) /
                                   std::max(1.0, std::max(seal.box.width, seal.box.height) * placement.unit /
                                                     100)) *
                 2;
    box = united(box.grown(reach), placement.strip);
    return intersection(wholePixels(box), placement.area);
}

void paintMarkOn(cairo_t* cairo, const PreparedSeal& seal, const SealPlacement& placement,
                 SealVersion version) {
    Canvas canvas(cairo);
    Painter(seal, placement.instances, placement.unit, version, placement.area).paintMark(canvas);
}

namespace {

/// Below this many pixels a unit, glow, shadow, outline and relief are made larger and averaged down: from
/// strokes that cover no pixel whole they would come out weaker than on the copy.
constexpr double kFineUnit = 64;

SealLayers paintAtSize(const PreparedSeal& seal, const SealPlacement& placement, SealVersion version,
                       const Rect& area, PaintedMarks& marks) {
    // Glow and shadow reach in from outside the area: they are made from a larger one.
    const bool reaches = version.halo > 0 || seal.design.shadow.on || seal.design.relief.on;
    // However far they are told to reach: a quarter of the picture's short side is more than any glow shows,
    // and keeps what is held in memory in bounds.
    const double most = std::min(placement.area.width, placement.area.height) / 4.0 + 2;
    const int more =
        reaches ? static_cast<int>(std::ceil(std::min(most, effectReach(seal.design, placement.unit)))) : 0;
    const Rect larger{area.x - more, area.y - more, area.width + 2 * more, area.height + 2 * more};
    auto layers =
        Painter(seal, placement.instances, placement.unit, version, larger).paint(placement.strip, marks);
    const auto cut = [&](Layer& layer) {
        if (layer.empty() || more == 0)
            return;
        Layer out(area);
        for (int y = 0; y < area.height; ++y)
            std::copy_n(layer.row(y + more) + more, area.width, out.row(y));
        layer = std::move(out);
    };
    cut(layers.under), cut(layers.mark), cut(layers.relief);
    return layers;
}

SealPlacement enlarged(SealPlacement placement, int factor) {
    placement.unit *= factor;
    for (auto& instance : placement.instances)
        for (auto* value : {&instance.map.xx, &instance.map.yx, &instance.map.xy, &instance.map.yy,
                            &instance.map.x0, &instance.map.y0})
            *value *= factor;
    for (auto* value :
         {&placement.strip.x, &placement.strip.y, &placement.strip.width, &placement.strip.height})
        *value *= factor;
    return placement;
}

/// The mean of `factor` x `factor` pixels.
Layer averaged(const Layer& large, const Rect& area, int factor) {
    if (large.empty())
        return {};
    Layer out(area);
    const auto all = static_cast<std::uint32_t>(factor * factor);
    for (int y = 0; y < area.height; ++y)
        for (int x = 0; x < area.width; ++x) {
            std::array<std::uint32_t, 4> sum{};
            for (int j = 0; j < factor; ++j) {
                const auto* from = large.row(y * factor + j) + static_cast<std::ptrdiff_t>(x) * factor;
                for (int i = 0; i < factor; ++i)
                    for (std::size_t c = 0; c < 4; ++c)
                        sum[c] += from[i] >> (8 * c) & 0xFF;
            }
            for (std::size_t c = 0; c < 4; ++c)
                out.row(y)[x] |= (sum[c] + all / 2) / all << (8 * c);
        }
    return out;
}

} // namespace

SealLayers paintWhole(const PreparedSeal& seal, const SealPlacement& placement, SealVersion version,
                      const Rect& area, PaintedMarks& marks) {
    if (placement.warped)
        return paintWarped(seal, placement, version, area, marks);
    const auto& d = seal.design;
    const bool effects = version.halo > 0 || d.shadow.on || d.relief.on || d.outline.width > 0;
    const int most = placement.instances.size() > 1 ? 2 : 4;
    const int factor =
        std::clamp(static_cast<int>(std::ceil(kFineUnit / std::max(1.0, placement.unit))), 1, most);
    if (!effects || factor == 1)
        return paintAtSize(seal, placement, version, area, marks);
    const Rect large{area.x * factor, area.y * factor, area.width * factor, area.height * factor};
    const auto fine = paintAtSize(seal, enlarged(placement, factor), version, large, marks);
    return {averaged(fine.under, area, factor), averaged(fine.mark, area, factor),
            averaged(fine.relief, area, factor)};
}

} // namespace keepseal
