// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A person: a skeleton in a pose, with a body and clothes of rounded cones around it, and what a lens sees of
// them. Lengths are in heights of that person: feet at 0, the top of the head of one who stands upright at 1.
// x to the right, y up, z towards the lens.
#pragma once

#include "canvas.h"

#include <array>
#include <vector>

namespace demo {

struct Vec {
    float x = 0, y = 0, z = 0;
    Vec operator+(const Vec& o) const { return {x + o.x, y + o.y, z + o.z}; }
    Vec operator-(const Vec& o) const { return {x - o.x, y - o.y, z - o.z}; }
    Vec operator*(float k) const { return {x * k, y * k, z * k}; }
    float dot(const Vec& o) const { return x * o.x + y * o.y + z * o.z; }
    float length() const;
    Vec unit() const; ///< of length 1
};

enum class Pose {
    Stands,
    HandsInPockets,
    LooksUp,
    ShadesEyes,
    FliesKite,
    Points,
    Walks,
    Photographs,
    Crouches
};

/// Who it is, and what they have on.
struct Person {
    Pose pose = Pose::Stands;
    float turn = 0; ///< radians; 0: faces the lens
    float broad = 1;
    bool child = false;
    Light skin{0.5F, 0.3F, 0.2F}, hair{0.03F, 0.02F, 0.015F}, top{0.2F, 0.2F, 0.25F},
        bottom{0.05F, 0.06F, 0.1F}, extra{0.2F, 0.05F, 0.04F}; ///< extra: hat, scarf, bag
    enum class Head { Short, Long, Bun, Brim, Cap, Beanie, Hood } head = Head::Short;
    enum class Upper { Shirt, Jacket, Coat } upper = Upper::Jacket;
    enum class Lower { Trousers, Shorts, Skirt } lower = Lower::Trousers;
    bool bag = false, scarf = false;
    std::uint32_t seed = 1;
};
/// One as they come, in muted clothes or bright ones.
Person anyone(Random& random, bool bright);

/// Parallel light from one side, and what comes from all over.
struct Daylight {
    Vec sun{0.35F, 0.75F, 0.55F}; ///< where it stands; any length
    Light direct{0.9F, 0.85F, 0.75F}, sky{0.30F, 0.35F, 0.42F}, ground{0.12F, 0.11F, 0.09F};
};

class Body {
public:
    explicit Body(const Person& person);
    Body(Body&&) = default; ///< what it has chosen of its parts goes along
    Body(const Body&) = delete;
    /// What is seen there; its opacity is 0 or 1. False: nothing.
    bool seen(float x, float y, const Daylight& light, Light& out) const;
    /// The box that holds all of it.
    float left() const { return m_left; }
    float right() const { return m_rightEnd; }
    float top() const { return m_top; }
    Vec hand() const { return m_hand; } ///< the one that holds something, or would

private:
    enum class Of { Skin, Hair, Top, Hem, Bottom, Skirt, Shoe, Extra }; ///< Hem: what hangs of the top
    /// A cone with round ends, or a ball; flattened along an axis.
    struct Part {
        Vec a, b;
        float ra, rb;
        Of of;
        Vec thinner; ///< what lengths are multiplied by along each axis: 1, or more where it is flat
        float flat;  ///< its least thickness, of 1
        Vec along;   ///< from a to b
        float share; ///< of a length along it in the whole, for each unit
        std::array<float, 4> box{}; ///< left, bottom, right, top, as the lens sees it
    };
    struct Skeleton;
    using Chosen = std::vector<const Part*>;

    void add(Of of, const Vec& a, const Vec& b, float ra, float rb, const Vec& scale = {1, 1, 1});
    void addHead(const Skeleton& bones);
    void addArm(const Skeleton& bones, std::size_t side);
    void addLeg(const Skeleton& bones, std::size_t side);
    void addTrunk(const Skeleton& bones);
    float distance(const Vec& at, const Chosen& parts, const Part** nearest = nullptr) const;
    bool isBelow(float y, Of of) const; ///< where that is cut off
    /// Those that come near a line from a point on.
    void chooseAlong(const Vec& from, const Vec& way, Chosen& out) const;
    float clothed(const Vec& at, const Chosen& parts) const; ///< with its folds
    /// The part that the lens meets there, and where; null: none.
    const Part* metBy(float x, float y, const Chosen& parts, Vec& at) const;
    /// How much of the sun falls on a place: 0 to 1.
    float sunlit(const Vec& at, const Vec& normal, const Vec& sun) const;
    Light colourAt(const Vec& at, const Part& part) const;
    Vec turned(const Vec& v, float by) const;

    Person m_person;
    std::vector<Part> m_parts;
    Chosen m_all;
    Vec m_head, m_right, m_up, m_ahead; ///< of the head
    float m_headSize = 1;
    float m_hem = 0, m_skirtEnds = 0; ///< heights, cut straight
    Vec m_hand;
    float m_left = 0, m_rightEnd = 0, m_top = 0;
};

} // namespace demo
