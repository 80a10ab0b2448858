// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Who it is, how they stand, and the parts that a body is made from.
#include "body.h"

#include <algorithm>
#include <cmath>

namespace demo {

namespace {

Vec cross(const Vec& a, const Vec& b) {
    return {a.y * b.z - a.z * b.y, a.z * b.x - a.x * b.z, a.x * b.y - a.y * b.x};
}

Vec between(const Vec& a, const Vec& b, float t) {
    return a + (b - a) * t;
}

/// Where a joint between two bones lies whose ends are given, bent to the side of `pole`; pulls the far end
/// near enough.
Vec jointOf(const Vec& from, Vec& to, float upper, float lower, const Vec& pole) {
    const float far = std::min((to - from).length(), (upper + lower) * 0.998F);
    const Vec ahead = (to - from).unit();
    to = from + ahead * far;
    const float along = (upper * upper + far * far - lower * lower) / (2 * far);
    const float aside = std::sqrt(std::max(0.0F, upper * upper - along * along));
    return from + ahead * along + (pole - ahead * pole.dot(ahead)).unit() * aside;
}

} // namespace

Person anyone(Random& random, bool bright) {
    Person out;
    const auto of = [&](std::initializer_list<Light> list) {
        return list.begin()[random.next() % list.size()];
    };
    const auto once = [&](float share) { return random.unit() < share; };
    out.seed = random.next();
    out.broad = random.range(0.86F, 1.10F);
    out.skin = of({srgb(226, 178, 148), srgb(206, 150, 118), srgb(168, 114, 82), srgb(112, 72, 52),
                   srgb(236, 196, 170), srgb(84, 54, 42)});
    out.hair = of({srgb(38, 28, 24), srgb(62, 44, 32), srgb(104, 74, 46), srgb(152, 120, 78),
                   srgb(24, 22, 24), srgb(150, 146, 140)});
    out.top = bright ? of({srgb(198, 60, 48), srgb(228, 176, 60), srgb(52, 112, 168), srgb(236, 232, 222),
                           srgb(70, 132, 104), srgb(214, 116, 66), srgb(128, 72, 120), srgb(58, 70, 96)})
                     : of({srgb(70, 76, 92), srgb(96, 84, 70), srgb(52, 54, 60), srgb(120, 110, 98),
                           srgb(74, 92, 84), srgb(112, 64, 56), srgb(160, 148, 128)});
    out.bottom =
        of({srgb(58, 68, 92), srgb(40, 42, 50), srgb(128, 112, 88), srgb(78, 82, 74), srgb(84, 70, 62)});
    out.extra = of(
        {srgb(180, 54, 44), srgb(220, 190, 120), srgb(60, 90, 120), srgb(230, 226, 214), srgb(74, 60, 48)});
    using H = Person::Head;
    const H heads[] = {H::Short, H::Short, H::Short, H::Long,   H::Long,
                       H::Bun,   H::Brim,  H::Cap,   H::Beanie, H::Hood};
    out.head = heads[random.next() % std::size(heads)];
    const float upper = random.unit(), lower = random.unit();
    out.upper = upper < 0.4F   ? Person::Upper::Shirt
                : upper < 0.8F ? Person::Upper::Jacket
                               : Person::Upper::Coat;
    out.lower = lower < 0.74F   ? Person::Lower::Trousers
                : lower < 0.86F ? Person::Lower::Shorts
                                : Person::Lower::Skirt;
    out.bag = once(0.14F);
    out.scarf = once(0.18F);
    out.child = once(0.18F);
    return out;
}

/// Where its joints are, in the body's own directions: it looks along z.
struct Body::Skeleton {
    Vec pelvis, chest, neck;
    std::array<Vec, 2> shoulder, elbow, wrist, finger, hip, knee, ankle, toe;
};

namespace {

/// What a pose is made from. Sides: 0 is at x < 0.
struct Stance {
    float drop = 0, sway = 0, lean = 0; ///< of the pelvis: down, aside; of the chest: ahead
    std::array<Vec, 2> foot{Vec{-0.062F, 0, 0.01F}, Vec{0.062F, 0, -0.01F}};
    std::array<float, 2> heel{}; ///< how far it is lifted
    std::array<Vec, 2> hand{Vec{-0.135F, 0.455F, 0.035F}, Vec{0.135F, 0.455F, 0.035F}};
    std::array<Vec, 2> elbow{Vec{-0.5F, 0, -1}, Vec{0.5F, 0, -1}}; ///< which way it bends
    float up = 0, aside = 0;                                       ///< of the look, radians
};

Stance stanceOf(const Person& person, Random& random) {
    Stance s;
    const auto some = [&](float most) { return random.range(-most, most); };
    s.sway = some(0.018F);
    s.up = random.range(-0.05F, 0.3F), s.aside = some(0.5F);
    for (auto& foot : s.foot)
        foot = foot + Vec{some(0.018F), 0, some(0.04F)};
    for (auto& hand : s.hand)
        hand = hand + Vec{some(0.015F), some(0.012F), some(0.04F)};
    const std::size_t one = random.next() % 2;
    const float out = one ? 1.0F : -1.0F; // its side
    switch (person.pose) {
    case Pose::Stands:
        break;
    case Pose::HandsInPockets:
        s.hand = {Vec{-0.098F, 0.505F, 0.055F}, Vec{0.098F, 0.505F, 0.055F}};
        s.elbow = {Vec{-1, 0, -0.7F}, Vec{1, 0, -0.7F}};
        break;
    case Pose::LooksUp:
        s.up = 0.62F, s.lean = -0.02F;
        break;
    case Pose::ShadesEyes:
        s.up = 0.4F, s.aside = 0;
        s.hand[one] = {out * 0.045F, 0.955F, 0.085F};
        s.elbow[one] = {out, -0.2F, 0.1F};
        break;
    case Pose::FliesKite:
        s.up = 0.55F, s.aside = 0, s.lean = -0.045F, s.drop = 0.02F;
        s.foot = {Vec{-0.07F, 0, 0.10F}, Vec{0.075F, 0, -0.08F}};
        s.hand = {Vec{-0.035F, 0.80F, 0.235F}, Vec{0.030F, 0.755F, 0.215F}};
        s.elbow = {Vec{-1, -0.9F, 0}, Vec{1, -0.9F, 0}};
        break;
    case Pose::Points:
        s.up = 0.45F, s.aside = out * 0.2F;
        s.hand[one] = {out * 0.20F, 1.03F, 0.20F};
        s.elbow[one] = {out, -0.4F, 0};
        break;
    case Pose::Walks: {
        const float stride = random.range(0.11F, 0.16F);
        s.foot[one].z = stride, s.foot[1 - one].z = -stride;
        s.heel[1 - one] = 0.055F;
        s.drop = 0.012F, s.lean = 0.015F, s.up = 0;
        s.hand[one].z = -0.10F, s.hand[1 - one].z = 0.14F;
        s.hand[1 - one].y += 0.02F;
        break;
    }
    case Pose::Photographs:
        s.up = 0.3F, s.aside = 0;
        s.hand = {Vec{-0.035F, 0.90F, 0.17F}, Vec{0.040F, 0.90F, 0.17F}};
        s.elbow = {Vec{-1, -0.8F, -0.2F}, Vec{1, -0.8F, -0.2F}};
        break;
    case Pose::Crouches:
        s.drop = 0.255F, s.lean = 0.13F, s.up = 0.35F;
        s.foot = {Vec{-0.07F, 0, 0.08F}, Vec{0.085F, 0, -0.03F}};
        s.heel[1] = 0.06F;
        s.hand = {Vec{-0.07F, 0.30F, 0.24F}, Vec{0.06F, 0.33F, 0.22F}};
        break;
    }
    return s;
}

} // namespace

Body::Body(const Person& person) : m_person(person) {
    Random random(person.seed);
    auto stance = stanceOf(person, random);
    Skeleton b;
    const float broad = person.broad, shoulders = person.child ? 0.088F : 0.098F * broad;
    b.pelvis = {stance.sway, 0.53F - stance.drop, -0.4F * std::max(0.0F, stance.lean)};
    b.chest = b.pelvis + Vec{-stance.sway * 0.7F, 0.235F, stance.lean};
    b.neck = b.chest + Vec{0, 0.068F, stance.lean * 0.3F + 0.004F};
    const float tilt = -stance.sway * 0.5F; // the shoulder above the standing leg is the lower one
    for (std::size_t i = 0; i < 2; ++i) {
        const float side = i ? 1.0F : -1.0F;
        b.hip[i] = b.pelvis + Vec{side * 0.050F, -0.01F + side * stance.sway * 0.4F, 0};
        b.ankle[i] = stance.foot[i] + Vec{stance.sway * 0.4F, 0.044F + stance.heel[i], -0.02F};
        b.knee[i] = jointOf(b.hip[i], b.ankle[i], 0.245F, 0.238F, Vec{side * 0.12F, 0, 1});
        const float down = 0.6F * stance.heel[i];
        b.toe[i] = b.ankle[i] + Vec{side * 0.018F, -0.026F - down, 0.098F - 0.5F * down};
        b.shoulder[i] = b.chest + Vec{side * shoulders, 0.045F + side * tilt, 0};
        Vec hand = stance.hand[i] + Vec{b.chest.x,
                                        stance.hand[i].y > 0.6F ? -stance.drop * 0.6F : -stance.drop * 0.1F,
                                        stance.hand[i].y > 0.6F ? stance.lean : 0};
        b.elbow[i] = jointOf(b.shoulder[i], hand, 0.165F, 0.145F, stance.elbow[i]);
        b.wrist[i] = hand;
        const Vec along = (hand - b.elbow[i]).unit();
        b.finger[i] = hand + (along + Vec{0, -0.15F, 0.1F}).unit() * 0.062F;
    }
    m_headSize = person.child ? 1.32F : 1.0F;
    const float sideways = std::sin(stance.aside), ahead = std::cos(stance.aside);
    m_right = {ahead, 0, -sideways};
    m_ahead = Vec{sideways, 0, ahead} * std::cos(stance.up) + Vec{0, 1, 0} * std::sin(stance.up);
    m_up = cross(m_ahead, m_right);
    m_head = b.neck + Vec{0, 0.030F, 0.002F} + m_up * (0.052F * m_headSize) + m_ahead * 0.012F;
    m_parts.reserve(64);
    addTrunk(b);
    for (const std::size_t side : {0U, 1U}) {
        addLeg(b, side);
        addArm(b, side);
    }
    addHead(b);
    m_hand = turned(b.finger[person.pose == Pose::Points && stance.hand[1].y > 0.9F ? 1 : 0], person.turn);
    m_left = 0, m_rightEnd = 0, m_top = 0;
    for (auto& part : m_parts) {
        const Vec a = turned(part.a, person.turn), z = turned(part.b, person.turn);
        constexpr float kFlows = 0.012F;
        part.box = {
            std::min(a.x - part.ra, z.x - part.rb) - kFlows, std::min(a.y - part.ra, z.y - part.rb) - kFlows,
            std::max(a.x + part.ra, z.x + part.rb) + kFlows, std::max(a.y + part.ra, z.y + part.rb) + kFlows};
        m_left = std::min(m_left, part.box[0]);
        m_rightEnd = std::max(m_rightEnd, part.box[2]);
        m_top = std::max(m_top, part.box[3]);
        m_all.push_back(&part);
    }
}

void Body::add(Of of, const Vec& a, const Vec& b, float ra, float rb, const Vec& scale) {
    const Vec along = b - a;
    m_parts.push_back({a,
                       b,
                       ra,
                       rb,
                       of,
                       {1 / scale.x, 1 / scale.y, 1 / scale.z},
                       std::min({scale.x, scale.y, scale.z, 1.0F}),
                       along,
                       1 / std::max(1e-9F, along.dot(along))});
}

void Body::addTrunk(const Skeleton& b) {
    const float broad = m_person.broad * (m_person.child ? 0.86F : 1.0F);
    const bool coat = m_person.upper == Person::Upper::Coat, shirt = m_person.upper == Person::Upper::Shirt;
    const float thick = shirt ? 0 : 0.008F;
    const Vec flat{1, 1, 0.66F}, waist = between(b.pelvis, b.chest, 0.42F);
    add(Of::Top, b.chest + Vec{0, 0.012F, 0}, waist, 0.098F * broad + thick, 0.080F * broad + thick, flat);
    if (shirt) // tucked in
        add(Of::Top, waist, b.pelvis + Vec{0, 0.055F, 0}, 0.080F * broad, 0.080F * broad, {1, 1, 0.72F});
    else
        add(Of::Hem, waist, b.pelvis + Vec{0, -0.03F, -0.002F}, 0.080F * broad + thick, 0.108F * broad,
            {1, 1, 0.82F});
    m_hem = b.pelvis.y - (coat ? 0.13F : 0.035F);
    add(Of::Top, b.shoulder[0], b.shoulder[1], 0.036F + thick, 0.036F + thick);
    add(Of::Top, b.neck + Vec{0, -0.004F, -0.004F}, between(b.shoulder[0], b.shoulder[1], 0.5F),
        0.034F + thick, 0.052F);
    add(Of::Bottom, b.hip[0] + Vec{0.012F, 0.004F, -0.008F}, b.hip[1] + Vec{-0.012F, 0.004F, -0.008F},
        0.066F * broad, 0.066F * broad, {1, 1.05F, 0.95F});
    const Vec knees = between(b.knee[0], b.knee[1], 0.5F), below = between(b.pelvis, knees, 0.62F);
    if (coat)
        add(Of::Hem, b.pelvis, below, 0.096F * broad + thick, 0.122F * broad, {1, 1, 0.82F});
    m_skirtEnds = knees.y + 0.02F;
    if (m_person.lower == Person::Lower::Skirt)
        add(Of::Skirt, b.pelvis, between(b.pelvis, knees, 0.95F), 0.082F * broad, 0.118F * broad,
            {1, 1, 0.84F});
    if (m_person.bag)
        add(Of::Extra, b.chest + Vec{0, 0.01F, -0.085F}, waist + Vec{0, 0, -0.088F}, 0.062F, 0.070F,
            {1, 1, 0.72F});
    if (m_person.scarf)
        add(Of::Extra, b.neck + Vec{-0.006F, 0.016F, 0.004F}, b.neck + Vec{0.006F, 0.016F, 0.008F}, 0.050F,
            0.050F, {1, 0.62F, 0.95F});
    if (m_person.head == Person::Head::Hood)
        add(Of::Top, b.neck + Vec{0, 0.02F, -0.038F}, b.neck + Vec{0, -0.01F, -0.048F}, 0.046F, 0.050F);
}

void Body::addLeg(const Skeleton& b, std::size_t i) {
    const bool bare = m_person.lower != Person::Lower::Trousers;
    const float broad = std::sqrt(m_person.broad);
    const Vec half = between(b.hip[i], b.knee[i], 0.86F);
    if (m_person.lower == Person::Lower::Shorts)
        add(Of::Bottom, b.hip[i], half, 0.064F * broad, 0.058F * broad);
    if (bare) {
        add(Of::Skin, b.hip[i], b.knee[i], 0.058F * broad, 0.038F * broad);
        add(Of::Skin, b.knee[i], between(b.knee[i], b.ankle[i], 0.45F) + Vec{0, 0, -0.012F}, 0.036F, 0.038F);
        add(Of::Skin, between(b.knee[i], b.ankle[i], 0.4F) + Vec{0, 0, -0.010F}, b.ankle[i], 0.037F, 0.022F);
    } else {
        add(Of::Bottom, b.hip[i], b.knee[i], 0.064F * broad, 0.047F * broad);
        add(Of::Bottom, b.knee[i], b.ankle[i] + Vec{0, -0.004F, 0}, 0.047F * broad, 0.040F);
    }
    add(Of::Shoe, b.ankle[i] + Vec{0, -0.022F, -0.022F}, b.toe[i], 0.025F, 0.021F, {1.1F, 0.9F, 1});
    add(Of::Shoe, b.ankle[i] + Vec{0, 0.004F, -0.006F}, between(b.ankle[i], b.toe[i], 0.4F), 0.027F, 0.024F);
}

void Body::addArm(const Skeleton& b, std::size_t i) {
    const float thick = m_person.upper == Person::Upper::Shirt ? 0 : 0.006F,
                small = m_person.child ? 0.85F : 1.0F;
    add(Of::Top, b.shoulder[i], b.elbow[i], (0.037F + thick) * small, (0.031F + thick) * small);
    if (m_person.upper == Person::Upper::Shirt) {
        add(Of::Skin, b.elbow[i], between(b.elbow[i], b.wrist[i], 0.3F), 0.027F * small, 0.027F * small);
        add(Of::Skin, between(b.elbow[i], b.wrist[i], 0.3F), b.wrist[i], 0.027F * small, 0.018F * small);
    } else {
        add(Of::Top, b.elbow[i], b.wrist[i], (0.031F + thick) * small, (0.024F + thick) * small);
    }
    if (m_person.pose == Pose::HandsInPockets)
        return;
    const Vec along = (b.finger[i] - b.wrist[i]).unit();
    Vec thumb = cross(along, Vec{i ? -1.0F : 1.0F, 0, 0}).unit();
    thumb = thumb * (thumb.z < 0 ? -1.0F : 1.0F);
    const Vec palm = b.wrist[i] + along * 0.026F;
    add(Of::Skin, b.wrist[i], palm, 0.017F, 0.021F, {0.75F, 1, 1});
    for (const float spread : {-0.011F, -0.002F, 0.008F})
        add(Of::Skin, palm + thumb * spread, b.finger[i] + thumb * spread * 0.8F, 0.0095F, 0.007F);
    add(Of::Skin, b.wrist[i] + along * 0.008F, palm + thumb * 0.024F + along * 0.008F, 0.010F, 0.0075F);
    if (m_person.pose == Pose::Photographs && i == 1)
        add(Of::Shoe, b.wrist[0] + along * 0.03F, b.wrist[1] + along * 0.03F, 0.022F, 0.022F, {1, 1, 0.6F});
    if (m_person.pose == Pose::FliesKite) // the spool
        add(Of::Extra, b.finger[i] + Vec{-0.014F, 0, 0}, b.finger[i] + Vec{0.014F, 0, 0}, 0.013F, 0.013F);
}

void Body::addHead(const Skeleton& b) {
    const float k = m_headSize;
    const auto at = [&](float right, float up, float ahead) {
        return m_head + m_right * (right * k) + m_up * (up * k) + m_ahead * (ahead * k);
    };
    add(Of::Skin, b.neck + Vec{0, 0.006F, -0.006F}, at(0, -0.02F, -0.006F), 0.029F * std::sqrt(k),
        0.030F * k);
    add(Of::Skin, at(0, 0.016F, -0.008F), at(0, -0.002F, 0.010F), 0.050F * k, 0.046F * k);
    add(Of::Skin, at(0, -0.020F, 0.016F), at(0, -0.047F, 0.030F), 0.038F * k, 0.019F * k);
    add(Of::Skin, at(0, 0.006F, 0.053F), at(0, -0.015F, 0.062F), 0.0055F * k, 0.0085F * k);
    for (const float side : {-1.0F, 1.0F})
        add(Of::Skin, at(side * 0.048F, 0.006F, -0.004F), at(side * 0.049F, -0.012F, 0.002F), 0.011F * k,
            0.008F * k);
    using H = Person::Head;
    const H head = m_person.head;
    if (head != H::Beanie) {
        add(Of::Hair, at(0, 0.026F, -0.012F), at(0, -0.004F, -0.020F), 0.0525F * k, 0.0495F * k);
        add(Of::Hair, at(0, 0.040F, 0.004F), at(0, 0.030F, -0.012F), 0.040F * k, 0.050F * k);
    }
    if (head == H::Long || head == H::Brim) {
        add(Of::Hair, at(0, -0.004F, -0.026F), m_head + Vec{0, -0.105F * k, 0} - m_ahead * (0.036F * k),
            0.048F * k, 0.034F * k, {1, 1, 0.8F});
    } else if (head == H::Bun) {
        add(Of::Hair, at(0, 0.040F, -0.058F), at(0, 0.046F, -0.064F), 0.024F * k, 0.022F * k);
    } else if (head == H::Cap) {
        add(Of::Extra, at(0, 0.032F, -0.010F), at(0, 0.024F, -0.004F), 0.054F * k, 0.054F * k);
        add(Of::Extra, at(0, 0.034F, 0.030F), at(0, 0.028F, 0.074F), 0.040F * k, 0.030F * k, {1, 0.2F, 1});
    } else if (head == H::Beanie) {
        add(Of::Extra, at(0, 0.034F, -0.012F), at(0, 0.016F, -0.014F), 0.056F * k, 0.056F * k);
    }
    if (head == H::Brim) {
        add(Of::Extra, at(0, 0.044F, -0.006F), at(0, 0.044F, -0.004F), 0.098F * k, 0.098F * k, {1, 0.14F, 1});
        add(Of::Extra, at(0, 0.062F, -0.008F), at(0, 0.048F, -0.006F), 0.048F * k, 0.054F * k, {1, 0.8F, 1});
    }
}

} // namespace demo
