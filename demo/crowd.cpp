// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// People on the tidal flat: who stands where and does what, their shadows, what the wet sand shows of them,
// and the lines of the kites that they hold.
#include "world.h"

#include <algorithm>
#include <cmath>

namespace demo {
namespace {

constexpr float kPi = 3.14159265F;

/// One of them, as large as in the picture.
struct Figure {
    Body body;
    float x, y, tall;             ///< feet and height, in picture heights
    int left, top, width, height; ///< pixels of the canvas
    std::vector<float> light;     ///< as a pane's
    const float* at(int px, int py) const { return &light[(static_cast<std::size_t>(py) * width + px) * 4]; }
};

Pose poseOf(Random& random) {
    constexpr Pose kPoses[] = {Pose::Stands,  Pose::Stands,  Pose::HandsInPockets, Pose::HandsInPockets,
                               Pose::LooksUp, Pose::LooksUp, Pose::ShadesEyes,     Pose::Points,
                               Pose::Walks,   Pose::Walks,   Pose::Photographs,    Pose::Crouches};
    return kPoses[random.next() % std::size(kPoses)];
}

/// Most look out to where the kites are, some along the shore, few at the lens.
float turnOf(Random& random) {
    const float which = random.unit(), some = random.range(-0.6F, 0.6F);
    return which < 0.62F  ? kPi + some
           : which < 0.9F ? (random.unit() < 0.5F ? 1.0F : -1.0F) * kPi / 2 + some * 0.6F
                          : some;
}

Figure painted(const Canvas& canvas, const Crowd& crowd, const Person& person, float x, float y, float tall) {
    Figure out{Body(person), x, y, tall, 0, 0, 0, 0, {}};
    const float high = static_cast<float>(canvas.height()),
                pixel = 1 / (tall * high); // in the person's own heights
    out.left = static_cast<int>(std::floor((x + out.body.left() * tall) * high)) - 1;
    out.top = static_cast<int>(std::floor((y - out.body.top() * tall) * high)) - 1;
    out.width = static_cast<int>(std::ceil((out.body.right() - out.body.left()) / pixel)) + 3;
    out.height = static_cast<int>(std::ceil((out.body.top() + 0.03F) / pixel)) + 3;
    out.light.resize(static_cast<std::size_t>(out.width) * out.height * 4);
    const int fine = crowd.focus * high > 1.5F ? 1
                     : tall * high < 90        ? 3
                                               : 2; // looks for each pixel, each way
    for (int py = 0; py < out.height; ++py)
        for (int px = 0; px < out.width; ++px) {
            float* to = &out.light[(static_cast<std::size_t>(py) * out.width + px) * 4];
            for (int i = 0; i < fine * fine; ++i) {
                const float fx = (static_cast<float>(i % fine) + 0.5F) / fine,
                            fy = (static_cast<float>(i / fine) + 0.5F) / fine;
                Light seen;
                if (!out.body.seen((static_cast<float>(out.left + px) + fx - x * high) * pixel,
                                   (y * high - static_cast<float>(out.top + py) - fy) * pixel, crowd.light,
                                   seen))
                    continue;
                to[0] += seen.r, to[1] += seen.g, to[2] += seen.b, to[3] += 1;
            }
            for (int c = 0; c < 4; ++c)
                to[c] /= static_cast<float>(fine * fine);
        }
    return out;
}

void cover(float* under, const float* over, float strength) {
    for (int c = 0; c < 4; ++c)
        under[c] = under[c] * (1 - over[3] * strength) + over[c] * strength;
}

/// Calls use(x, y) for each pixel where anything of a figure is.
template <class Use>
void eachPixel(const Figure& figure, const Use& use) {
    for (int py = 0; py < figure.height; ++py)
        for (int px = 0; px < figure.width; ++px)
            if (figure.at(px, py)[3] > 0)
                use(px, py);
}

void putUpright(const Figure& figure, Pane& pane) {
    eachPixel(figure, [&](int px, int py) {
        const int x = figure.left + px - pane.x0, y = figure.top + py - pane.y0;
        if (x >= 0 && y >= 0 && x < pane.width && y < pane.height)
            cover(pane.at(x, y), figure.at(px, py), 1);
    });
}

/// In the wet sand, which moves a little: broken sideways, weaker the farther down.
void putMirrored(const Figure& figure, Pane& pane, float high, std::uint32_t seed) {
    const float feet = figure.y * high;
    eachPixel(figure, [&](int px, int py) {
        const float up = feet - static_cast<float>(figure.top + py);
        const float down = feet + up * 0.94F;
        const float wave =
            (fbm(figure.x * 7 + up * 2.0F / high, down * 90 / high, 2, seed) - 0.5F) * up * 0.07F;
        const int x = figure.left + px - pane.x0 + static_cast<int>(std::lround(wave)),
                  y = static_cast<int>(down) - pane.y0;
        if (x >= 0 && y >= 0 && x < pane.width && y < pane.height)
            cover(pane.at(x, y), figure.at(px, py),
                  0.62F - 0.32F * std::min(1.0F, up / (figure.tall * high)));
    });
}

/// On the sand: the figure laid down, away from the sun. `flat`: how much shorter a length on the ground is
/// that leads away from the lens.
void putShadow(const Figure& figure, Pane& pane, float high, const Crowd& crowd) {
    const Vec sun = crowd.light.sun.unit();
    if (crowd.shadow <= 0 || sun.y <= 0.02F)
        return;
    constexpr float kFlat = 0.16F, kLongest = 5;
    const float across = std::clamp(-sun.x / sun.y, -kLongest, kLongest),
                ahead = std::clamp(-sun.z / sun.y, -kLongest, kLongest) * -kFlat;
    const float slope = std::abs(ahead) < 0.03F ? 0.03F : ahead; // down the picture for each height
    const float feet = figure.y * high, length = static_cast<float>(figure.height);
    const int from = static_cast<int>(std::floor(std::min(0.0F, slope * length))),
              to = static_cast<int>(std::ceil(std::max(0.0F, slope * length)));
    for (int dy = from; dy <= to; ++dy) {
        const int y = static_cast<int>(feet) + dy - pane.y0;
        const float up = static_cast<float>(dy) / slope;
        const int py = static_cast<int>(feet - up) - figure.top;
        if (y < 0 || y >= pane.height || py < 0 || py >= figure.height)
            continue;
        for (int px = 0; px < figure.width; ++px) {
            const int x = figure.left + px - pane.x0 + static_cast<int>(std::lround(across * up));
            if (x >= 0 && x < pane.width)
                pane.at(x, y)[3] = std::max(pane.at(x, y)[3], figure.at(px, py)[3] * crowd.shadow);
        }
    }
}

void paintLines(Canvas& canvas, const Crowd& crowd, const std::vector<Figure>& figures,
                const std::vector<std::size_t>& flyers) {
    if (flyers.empty())
        return;
    Layer layer(canvas, 0, 0, canvas.aspect(), 1);
    cairo_t* cr = layer.cairo();
    cairo_set_source_rgba(cr, 0.14, 0.14, 0.15, 0.55);
    cairo_set_line_width(cr, 0.0007);
    for (std::size_t i = 0; i < flyers.size(); ++i) {
        const auto& figure = figures[flyers[i]];
        const Vec hand = figure.body.hand();
        const auto [kiteX, kiteY] = crowd.kites[i];
        const double x = figure.x + hand.x * figure.tall, y = figure.y - hand.y * figure.tall;
        traceLine(cr, x, y, kiteX, kiteY);
        cairo_stroke(cr);
    }
    layer.onto(canvas, 0.0002F, 1, crowd.veil, crowd.air);
}

struct Place {
    float depth, x;
    int kite = -1; ///< whose line is held there
};

/// Back rows first. Those who fly a kite stand where its line comes down.
std::vector<Place> placesOf(const Crowd& crowd, Random& random) {
    std::vector<Place> out;
    for (int i = 0; i < crowd.count; ++i)
        out.push_back({random.unit(), random.range(crowd.from, crowd.to)});
    for (std::size_t k = 0; k < crowd.kites.size(); ++k) {
        auto nearest = out.end();
        const float wanted = crowd.kites[k].first;
        for (auto it = out.begin(); it != out.end(); ++it)
            if (it->kite < 0 &&
                (nearest == out.end() || std::abs(it->x - wanted) < std::abs(nearest->x - wanted)))
                nearest = it;
        if (nearest != out.end())
            nearest->kite = static_cast<int>(k);
    }
    std::sort(out.begin(), out.end(), [](const Place& a, const Place& b) { return a.depth < b.depth; });
    return out;
}

/// Everyone, those behind first. `flyers`: who holds the line of which kite; fewer where there are not
/// enough.
std::vector<Figure> everyone(const Canvas& canvas, const Crowd& crowd, std::vector<std::size_t>& flyers) {
    Random random(crowd.seed);
    std::vector<Figure> out;
    flyers.resize(std::min(crowd.kites.size(), static_cast<std::size_t>(crowd.count)));
    for (const auto& place : placesOf(crowd, random)) {
        auto person = anyone(random, crowd.coloured && random.unit() < 0.75F);
        person.pose = poseOf(random);
        person.turn = turnOf(random);
        if (person.pose == Pose::Crouches)
            person.lower = Person::Lower::Trousers, person.upper = Person::Upper::Shirt;
        if (place.kite >= 0) {
            const float aside = crowd.kites[static_cast<std::size_t>(place.kite)].first - place.x;
            person.pose = Pose::FliesKite;
            person.turn = kPi - std::clamp(aside * 3, -1.3F, 1.3F);
            person.child = false;
            flyers[static_cast<std::size_t>(place.kite)] = out.size();
        }
        const float tall = crowd.height * (0.86F + 0.28F * place.depth) *
                           (person.child ? random.range(0.56F, 0.74F) : random.range(0.92F, 1.06F));
        out.push_back(painted(canvas, crowd, person, place.x, crowd.y + crowd.spread * place.depth, tall));
    }
    return out;
}

} // namespace

void paintCrowd(Canvas& canvas, const Crowd& crowd) {
    std::vector<std::size_t> flyers;
    const auto figures = everyone(canvas, crowd, flyers);
    const float high = static_cast<float>(canvas.height()), reach = crowd.height * 1.5F;
    const auto pane = [&](float aside) {
        return Pane(canvas, crowd.from - aside, crowd.y - reach, crowd.to + aside,
                    crowd.y + crowd.spread + reach, 0.02F);
    };
    Pane ground = pane(reach * 3), wet = pane(reach), upright = pane(reach);
    for (const auto& figure : figures) {
        putShadow(figure, ground, high, crowd);
        if (crowd.mirrored)
            putMirrored(figure, wet, high, crowd.seed);
        putUpright(figure, upright);
    }
    ground.onto(canvas, 0.0012F + crowd.focus, 0, {});
    wet.onto(canvas, 0.0008F + crowd.focus, crowd.veil, crowd.air);
    paintLines(canvas, crowd, figures, flyers);
    upright.onto(canvas, crowd.focus, crowd.veil, crowd.air);
}

} // namespace demo
