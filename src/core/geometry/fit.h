// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Fitting a picture to what its receiver takes: pure arithmetic. Sides are rounded to the nearest pixel and
// are at least 1.
#pragma once

#include "base/colour.h"
#include "geometry/affine.h"

#include <functional>
#include <string>

namespace keepseal {

enum class FitTo { LongSide, ShortSide, Width, Height, Box, Percent, Megapixels, Paper, Fill, Pad, PadRatio };
enum class LengthUnit { Millimetres, Centimetres, Inches };
enum class OnPaper { Inside, Filled, Padded };
enum class Enlarge { Never, UpTo, Always };
enum class FitOnly { Always, Larger, Smaller };
enum class FitShape { Any, Wide, Tall, Square };
enum class FitWhat { Picture, Whole };
enum class PadWith { Colour, Transparent };

struct FitSettings {
    bool on = true;
    FitTo to = FitTo::LongSide;
    int longSide = 2048, shortSide = 1080, width = 1920, height = 1080; ///< pixels
    double percent = 50;
    double megapixels = 4;
    double paperWidth = 150, paperHeight = 100; ///< in paperUnit
    LengthUnit paperUnit = LengthUnit::Millimetres;
    OnPaper onPaper = OnPaper::Inside; ///< the others reach the paper to the pixel
    bool turnBox = true;            ///< width and height change places for a picture of the other direction
    Anchor anchor = Anchor::Centre; ///< Fill: what is kept; Pad: where the picture stands
    std::string padRatio = "1:1";
    PadWith padWith = PadWith::Colour;
    Rgb padColour{255, 255, 255};
    Enlarge enlarge = Enlarge::Never;
    double enlargeLimit = 150; ///< percent of the picture's own size
    FitOnly only = FitOnly::Always;
    int onlySize = 2048; ///< pixels on the long side
    FitShape onlyShape = FitShape::Any;
    FitWhat what = FitWhat::Picture;
    bool setResolution = false;
    double resolution = 300; ///< pixels per inch, written in the file; paper sizes count with it
    bool operator==(const FitSettings&) const = default;
    /// Trimmed to the very size, or made up to it.
    bool fills() const { return to == FitTo::Fill || (to == FitTo::Paper && onPaper == OnPaper::Filled); }
    bool pads() const { return to == FitTo::Pad || (to == FitTo::Paper && onPaper == OnPaper::Padded); }
};

/// Pixels added on each side.
struct Edges {
    int left = 0, top = 0, right = 0, bottom = 0;
    int across() const { return left + right; }
    int down() const { return top + bottom; }
    bool operator==(const Edges&) const = default;
};
/// What a border adds around a picture of that size; grows with the picture.
using EdgesOf = std::function<Edges(Size picture)>;

struct Fitted {
    Size picture;   ///< the picture proper, in pixels of the copy
    Box kept;       ///< the part of the cut that is shown, in its pixels: all of it unless it was trimmed
    Edges padding;  ///< between picture and border
    Edges border;   ///< as settled with the size
    Size borderFor; ///< the size the border was asked for: a pixel may lie between it and what it goes around
    bool applied = true;           ///< false: the conditions left it at its own size
    bool smallerThanAsked = false; ///< it would have had to be enlarged
    Size missedSize{};             ///< exact pixels were asked for, and these could not be given; else empty
    double enlargedTo = 100;       ///< percent of the picture's own pixels; 100 and below: not enlarged
    Size padded() const { return {picture.width + padding.across(), picture.height + padding.down()}; }
    Size whole() const { return {padded().width + border.across(), padded().height + border.down()}; }
};

/// `cut` is the picture as turned and cropped. The border is asked for the size it goes around (the picture
/// with its padding). With FitWhat::Whole the border counts: the whole has the size asked for, to the pixel.
Fitted fitPicture(const FitSettings& settings, Size cut, const EdgesOf& borderOf = {});

/// Pixels of a length on paper at the settings' resolution.
double paperPixels(const FitSettings& settings, double length);
/// What the unit is in millimetres.
double millimetresOf(LengthUnit unit);

/// The size with `longSide` pixels on the long side and the same shape; never larger than `original`.
Size fitLongSide(Size original, int longSide);

/// The largest size of `original`'s shape inside `box`, enlarging where needed; at least 1 x 1.
Size fitInside(Size original, Size box);

/// The largest shrink of 1, 2, 4, 8 (the DCT scales of a JPEG decoder) that leaves enough more than `target`
/// for the resample after it: photographs then come out at 45 dB and more (SSIM 0.995) against a full decode,
/// of which a shrink down to hardly more than the target loses up to 6; see docs/performance.md.
int decodeShrink(Size stored, Size target);

} // namespace keepseal
