// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A border: rings from the picture outwards, and words in its mat. Plain values, in shares of the picture or
// in lengths on paper, so one border serves every size and shape.
#pragma once

#include "base/colour.h"
#include "base/setting.h"
#include "text/text_part.h"

#include <nlohmann/json.hpp>

namespace keepseal {

enum class RingKind {
    Mat,
    Line,      ///< a keyline, or the outer line when it is the last
    Gap,       ///< shows the mat that follows it; over the picture: the picture
    InnerLine, ///< a keyline on the picture's own edge: covers it, adds nothing
};
enum class WidthUnit { ShortSide, LongSide, Pixels, Millimetres };
enum class RingSides { Equal, Weighted, Each, Ratio };
enum class RingColour { Typed, Mean, Dominant, Edge, Transparent };

struct Ring {
    RingKind kind = RingKind::Mat;
    double width = 8; ///< in `unit`
    WidthUnit unit = WidthUnit::ShortSide;
    RingSides sides = RingSides::Equal;
    double bottomShare = 150;                        ///< Weighted: percent of `width`
    double top = 8, right = 8, bottom = 8, left = 8; ///< Each, in `unit`
    std::string ratio = "4:5";                       ///< Ratio: the whole up to here, width to height
    RingColour from = RingColour::Typed;
    Rgb colour{255, 255, 255};
    nlohmann::json unknown = nlohmann::json::object();
    bool operator==(const Ring&) const = default;
};

/// Over: it covers the picture's edge, and the size stays. Around: nothing of the picture is lost.
enum class BorderLies { Around, Over };
enum class CaptionSide { Bottom, Top };

struct Caption {
    bool on = false;
    std::string left, middle = "{title|{name}}", right;
    CaptionSide side = CaptionSide::Bottom;
    std::string family = "Inter";
    SealWeight weight = SealWeight::Regular;
    bool italic = false;
    Capitals capitals = Capitals::AsTyped;
    double letterSpacing = 2; ///< percent of the type size
    double size = 26;         ///< type size, percent of the mat's height
    bool wrap = true;         ///< goes on in a second and third line before it is made smaller
    Rgb colour{68, 68, 68};
    bool operator==(const Caption&) const = default;
};

struct BorderDesign {
    bool on = false;
    std::string name;
    BorderLies lies = BorderLies::Around;
    std::vector<Ring> rings = {Ring{}};
    double corner = 0;      ///< radius of the picture's corners, percent of its short side
    double outerCorner = 0; ///< of the whole's, percent of the picture's short side
    double shadowSize = 0;  ///< soft shade along the inside of the picture's edge, percent of its short side
    double shadowStrength = 35; ///< percent
    Caption caption;
    nlohmann::json unknown = nlohmann::json::object();
    bool operator==(const BorderDesign&) const = default;

    bool over() const { return lies == BorderLies::Over; }
    const Ring* firstMat() const;
    Ring* firstMat();
};

inline constexpr std::size_t kMaxRings = 12;

const char* keyOf(RingKind kind);
/// For a person: "Mat".
const char* labelOf(RingKind kind);
const std::vector<Setting<Ring>>& ringSettings();
const std::vector<Setting<Caption>>& captionSettings();
/// Of the border as a whole, its first mat's width and colour among them as short cuts.
const std::vector<Setting<BorderDesign>>& borderSettings();

/// Saved alone: "format": "keep-seal/border", "version": 1. Unknown keys survive.
inline constexpr int kBorderVersion = 1;
inline constexpr const char* kBorderFormat = "keep-seal/border";
nlohmann::json toJson(const BorderDesign& design);
nlohmann::json toDocument(const BorderDesign& design);
/// Throws Problem(BadSetting), its subject beginning with `path`.
BorderDesign borderFromJson(const nlohmann::json& object, const std::string& path);
/// Throws Problem(BadFile | BadSetting).
BorderDesign borderFromDocument(const nlohmann::json& document, const std::string& subject);
nlohmann::json borderSchema();

} // namespace keepseal
