// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The design of a seal: its parts and how it is put on a picture, with no pixel in it. The *unit* of a seal
// is a share of the picture it is put on; every length inside the seal is in percent of that unit, so one
// design serves every size and shape.
#pragma once

#include "geometry/anchor.h"
#include "picture/mix.h"
#include "seal/part.h"

#include <array>

namespace keepseal {

enum class Arrangement { Single, Strip, Repeat };
enum class ScaleBy { ShortSide, LongSide, Width, Height, Area };
enum class Against { Picture, Whole };
enum class Tone { ByPicture, Light, Dark };
enum class HaloWhen { Off, WhereNeeded, Always };
enum class MarginIn { Share, Pixels, Millimetres };
enum class StripRuns { Across, Upwards, Downwards };
/// What may help a seal to be read; and in which order it is tried.
enum class HelpKind { Halo, Strength, Plate };
enum class HelpOrder {
    HaloStrengthPlate,
    StrengthHaloPlate,
    HaloPlateStrength,
    StrengthPlateHalo,
    PlateHaloStrength,
    PlateStrengthHalo,
};
std::array<HelpKind, 3> orderOf(HelpOrder order);
enum class Placing { AsSet, Advised };
enum class AllowedPlaces { Corners, Foot, CornersAndEdges, All };

struct StripLook {
    StripRuns runs = StripRuns::Across; ///< or along the left or right edge, its writing going up or down
    double padding = 35;                ///< percent of the unit, above and below the seal
    Rgb colour{0, 0, 0}, darkColour{255, 255, 255};
    double opacity = 45; ///< percent
    bool operator==(const StripLook&) const = default;
};

struct RepeatLook {
    double gapX = 220, gapY = 260; ///< percent of the unit, from box to box
    double rowShift = 50;          ///< percent of the step, every other row
    bool alternate = false;        ///< one part at a time, in turn
    double phaseX = 0, phaseY = 0; ///< percent of the step
    bool operator==(const RepeatLook&) const = default;
};

struct HaloLook {
    HaloWhen when = HaloWhen::WhereNeeded;
    Rgb colour{0, 0, 0}, darkColour{255, 255, 255};
    double softness = 18, spread = 6; ///< percent of the unit
    double strength = 70;             ///< percent
    bool operator==(const HaloLook&) const = default;
};

struct ShadowLook {
    bool on = false;
    Rgb colour{0, 0, 0};
    double strength = 60, softness = 10, distance = 8; ///< percent; lengths of the unit
    double angle = 135;                                ///< degrees clockwise from upwards: where it falls
    bool operator==(const ShadowLook&) const = default;
};

struct OutlineLook {
    double width = 0; ///< percent of the unit; 0: none
    Rgb colour{0, 0, 0}, darkColour{255, 255, 255};
    bool operator==(const OutlineLook&) const = default;
};

struct ReliefLook {
    bool on = false;
    double depth = 5;     ///< percent of the unit: how wide the slopes are
    double strength = 80; ///< percent
    double angle = 315;   ///< degrees clockwise from upwards: where the light comes from
    bool operator==(const ReliefLook&) const = default;
};

struct PlateLook {
    bool on = false;
    bool ifNeeded = true; ///< where it is off: where nothing else makes the seal readable
    Rgb colour{0, 0, 0}, darkColour{255, 255, 255};
    double opacity = 50;                ///< percent
    double padding = 35, roundness = 0; ///< percent of the unit; percent of half the shorter side
    bool operator==(const PlateLook&) const = default;
};

/// From the edge of the picture to the ink of the seal. Never more than 45 % of that side.
struct Margins {
    MarginIn in = MarginIn::Share;
    double share = 3.5; ///< percent of the short side
    double pixels = 60; ///< of the copy
    double mm = 8;      ///< on paper, at the copy's resolution
    bool apart = false; ///< the following count up and down; else the same all around
    double shareDown = 3.5, pixelsDown = 60, mmDown = 8;
    bool operator==(const Margins&) const = default;
};

/// Where the corners are dragged to, in percent of the seal's width (x) and height (y), clockwise from top
/// left.
struct PerspectiveLook {
    std::array<Point, 4> corners{};
    bool on() const;
    bool operator==(const PerspectiveLook&) const = default;
};

struct SealDesign {
    bool on = true;
    std::string name;
    std::vector<SealPart> parts; ///< in reading order; a later one is painted over an earlier one
    GroupLayout layout;

    Arrangement arrangement = Arrangement::Single;
    double size = 4.5; ///< percent of what `scaleBy` says: the unit
    ScaleBy scaleBy = ScaleBy::ShortSide;
    double sizeTall = 0, sizeWide = 0, sizeSquare = 0; ///< own values for such pictures; 0: `size`
    double minXHeight = 0; ///< pixels: letters never get lower than this; 0: no limit
    double maxShare = 100; ///< percent of the picture's width and height the seal may take at most

    Anchor anchor = Anchor::BottomRight;
    Margins margins;
    bool atPoint = false; ///< at `point` instead of the anchor
    Point point{50, 50};  ///< percent of the picture's width and height: the seal's middle
    double angle = 0;     ///< degrees clockwise
    double restless = 0;  ///< percent: how far it varies from picture to picture, see SealPlace
    Against against = Against::Picture;
    bool clearOfCaption = true; ///< moves a single seal off a caption's words

    double opacity = 75; ///< percent
    MixMode mix = MixMode::Normal;
    StripLook strip;
    RepeatLook repeat;
    HaloLook halo;
    ShadowLook shadow;
    OutlineLook outline;
    ReliefLook relief;
    PlateLook plate;
    PerspectiveLook perspective;

    Tone tone = Tone::ByPicture;
    double readable = 3;    ///< contrast ratio that is asked for, see readability.h
    double seen = 1.2;      ///< the same of a mark that is to be seen all over, see seen.h
    bool stronger = true;   ///< raises the opacity until it is reached
    double strongest = 100; ///< percent: but not above this
    HelpOrder helpedBy = HelpOrder::HaloStrengthPlate;
    bool holdBack = false; ///< copies on which nothing helps are held back instead of told
    Placing placing = Placing::AsSet;
    AllowedPlaces allowed = AllowedPlaces::Corners;
    double moveGain = 15; ///< points of 100 that another place must be better by, see advice.h

    nlohmann::json unknown = nlohmann::json::object(); ///< keys this version does not know

    SealDesign();
    bool operator==(const SealDesign&) const = default;
    const SealPart* part(const std::string& id) const;
    SealPart* part(const std::string& id);
    const SealPart* firstText() const;
    /// Of the first text part; setting it makes one where there is none.
    std::string text() const;
    void setText(const std::string& text);
    /// Whether anything would be drawn.
    bool drawsAnything() const;
};

/// Everything but the parts; derived rows (text, family, ...) reach into the first text part.
const std::vector<Setting<SealDesign>>& sealSettings();

/// A new part of that kind with an id that is free in `design`.
SealPart newPart(const SealDesign& design, PartKind kind);

} // namespace keepseal
