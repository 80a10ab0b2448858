// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is seen of a body: where a line of sight meets it, and the light there.
#include "body.h"

#include <algorithm>
#include <cmath>

namespace demo {

float Vec::length() const {
    return std::sqrt(dot(*this));
}

Vec Vec::unit() const {
    return *this * (1 / std::max(1e-6F, length()));
}

namespace {

/// Two surfaces flow into each other over a width of k.
float flowing(float a, float b, float k) {
    const float h = std::max(0.0F, k - std::abs(a - b));
    return std::min(a, b) - h * h / (4 * k);
}

} // namespace

Vec Body::turned(const Vec& v, float by) const {
    const float s = std::sin(by), c = std::cos(by);
    return {v.x * c + v.z * s, v.y, v.z * c - v.x * s};
}

bool Body::isBelow(float y, Of of) const {
    return (of == Of::Hem && y < m_hem - 0.004F) || (of == Of::Skirt && y < m_skirtEnds - 0.004F);
}

float Body::distance(const Vec& at, const Chosen& parts, const Part** nearest) const {
    constexpr float kFar = 9;
    std::array<float, 8> of;
    of.fill(kFar);
    float least = kFar;
    for (const auto* part : parts) {
        const Vec from = at - part->a;
        const float t = clamp01(from.dot(part->along) * part->share);
        const Vec off = from - part->along * t;
        const Vec scaled{off.x * part->thinner.x, off.y * part->thinner.y, off.z * part->thinner.z};
        const float d = (scaled.length() - mix(part->ra, part->rb, t)) * part->flat;
        auto& own = of[static_cast<std::size_t>(part->of)];
        own = own == kFar ? d : flowing(own, d, part->of == Of::Skin ? 0.012F : 0.022F);
        if (nearest && d < least && !isBelow(at.y, part->of)) {
            least = d;
            *nearest = part;
        }
    }
    auto &hem = of[static_cast<std::size_t>(Of::Hem)], &skirt = of[static_cast<std::size_t>(Of::Skirt)];
    hem = std::max(hem, m_hem - at.y);
    skirt = std::max(skirt, m_skirtEnds - at.y);
    return *std::min_element(of.begin(), of.end());
}

void Body::chooseAlong(const Vec& from, const Vec& way, Chosen& out) const {
    out.clear();
    for (const auto* part : m_all) {
        const Vec middle = (part->a + part->b) * 0.5F - from;
        const float reach = 0.5F * part->along.length() + std::max(part->ra, part->rb) * 1.1F + 0.05F;
        const Vec aside = middle - way * std::max(0.0F, middle.dot(way));
        if (aside.dot(aside) < reach * reach)
            out.push_back(part);
    }
}

float Body::clothed(const Vec& at, const Chosen& parts) const {
    const Part* nearest = nullptr;
    const float d = distance(at, parts, &nearest);
    if (!nearest || nearest->of == Of::Skin || nearest->of == Of::Shoe)
        return d;
    // Folds hang down in a skirt or a coat, and lie across sleeves and trouser legs; hair has strands.
    const float along = (at - nearest->a).dot((nearest->b - nearest->a).unit());
    const float round = std::atan2(at.x - nearest->a.x, at.z - nearest->a.z);
    if (nearest->of == Of::Hair) {
        const Vec in = at - m_head;
        return d + 0.0026F * noise(std::atan2(in.dot(m_right), -in.dot(m_ahead)) * 11, in.dot(m_up) * 25,
                                   m_person.seed);
    }
    const float fold = 0.011F * fbm(round * 1.1F + along * 3, along * 11 + round * 1.4F, 2, m_person.seed);
    return d + fold;
}

Light Body::colourAt(const Vec& at, const Part& part) const {
    switch (part.of) {
    case Of::Skin: {
        // A face at a distance: the shade of the eyes and the brows, the mouth, warmer cheeks.
        const Vec in = (at - m_head) * (1 / m_headSize);
        const float x = in.dot(m_right), y = in.dot(m_up), z = in.dot(m_ahead);
        if (z < 0.018F || y < -0.07F)
            return m_person.skin;
        const auto spot = [](float dx, float dy, float wide, float high) {
            return std::exp(-(dx * dx) / (wide * wide) - (dy * dy) / (high * high));
        };
        const float side = std::abs(x);
        Light out = m_person.skin;
        out = mix(out, m_person.skin * 0.32F, 0.85F * spot(side - 0.0175F, y - 0.006F, 0.008F, 0.0045F));
        out = mix(out, m_person.hair, 0.6F * spot(side - 0.0185F, y - 0.0165F, 0.011F, 0.003F));
        out = mix(out, m_person.skin * Light{0.62F, 0.36F, 0.36F},
                  0.8F * spot(x, y + 0.034F, 0.0125F, 0.0032F));
        out = mix(out, m_person.skin * Light{1.02F, 0.82F, 0.8F},
                  0.4F * spot(side - 0.026F, y + 0.014F, 0.012F, 0.01F));
        return out;
    }
    case Of::Hair: {
        const Vec in = at - m_head;
        const float strand =
            noise(std::atan2(in.dot(m_right), -in.dot(m_ahead)) * 16, in.dot(m_up) * 30, m_person.seed + 7);
        return m_person.hair * (0.65F + 0.7F * strand);
    }
    case Of::Top:
    case Of::Hem:
        return m_person.top;
    case Of::Bottom:
    case Of::Skirt:
        return m_person.bottom;
    case Of::Shoe:
        return srgb(46, 42, 40);
    case Of::Extra:
        return m_person.extra;
    }
    return {};
}

const Body::Part* Body::metBy(float x, float y, const Chosen& parts, Vec& at) const {
    const Vec from = turned({x, y, 0.6F}, -m_person.turn), ahead = turned({0, 0, -1}, -m_person.turn);
    const Part* part = nullptr;
    float gone = 0;
    for (int step = 0; step < 60 && gone < 1.2F; ++step) {
        at = from + ahead * gone;
        const float d = distance(at, parts, &part);
        if (d < 0.0008F)
            return part;
        gone += std::max(0.0006F, d * 0.85F);
    }
    return nullptr;
}

float Body::sunlit(const Vec& at, const Vec& normal, const Vec& sun) const {
    const float facing = normal.dot(sun);
    if (facing <= 0)
        return 0;
    thread_local Chosen blocking;
    chooseAlong(at, sun, blocking);
    float clear = 1, far = 0.012F;
    for (int step = 0; step < 14 && far < 0.4F && clear > 0.02F; ++step) {
        const float d = distance(at + normal * 0.004F + sun * far, blocking);
        clear = std::min(clear, clamp01(10 * d / far)); // nearly in the way: half a shadow
        far += std::max(0.008F, d);
    }
    return facing * clear;
}

bool Body::seen(float x, float y, const Daylight& light, Light& out) const {
    thread_local Chosen near;
    near.clear();
    for (const auto& part : m_parts)
        if (x > part.box[0] && y > part.box[1] && x < part.box[2] && y < part.box[3])
            near.push_back(&part);
    Vec at;
    const Part* part = near.empty() ? nullptr : metBy(x, y, near, at);
    if (!part)
        return false;
    constexpr float kStep = 0.0016F;
    Vec normal;
    for (const Vec& corner : {Vec{1, -1, -1}, Vec{-1, -1, 1}, Vec{-1, 1, -1}, Vec{1, 1, 1}})
        normal = normal + corner * clothed(at + corner * kStep, near);
    normal = normal.unit();
    const Vec sun = turned(light.sun.unit(), -m_person.turn), lens = turned({0, 0, 1}, -m_person.turn);
    const float lit = sunlit(at, normal, sun);
    const float open = clamp01(0.25F + 0.75F * distance(at + normal * 0.05F, near) / 0.05F); // of all sides
    const Light around = mix(light.ground, light.sky, 0.5F + 0.5F * normal.y) * open;
    const float glint = (part->of == Of::Hair ? 0.05F : 0.012F) * (lit > 0 ? 1.0F : 0.0F) *
                        std::pow(std::max(0.0F, (sun + lens).unit().dot(normal)), 18.0F);
    out = colourAt(at, *part) * (around + light.direct * lit) + light.direct * glint;
    return true;
}

} // namespace demo
