// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Turn and crop: which part of an upright picture a copy shows, and which way up. Pure arithmetic.
#pragma once

#include "base/reading.h"
#include "geometry/affine.h"

#include <optional>
#include <string>

namespace keepseal {

enum class CropShape { Free, AsShot, Square, FourFive, ThreeTwo, SixteenNine, Typed };

struct TurnSettings {
    RawPicture raw = RawPicture::Developed;
    PagesTaken pages = PagesTaken::First;
    std::string somePages = "1-3"; ///< for Some, see pagesTaken()
    int quarterTurns = 0;          ///< clockwise, 0 to 3, after the orientation
    bool flip = false;             ///< left and right change places, after the turns
    double angle = 0;              ///< degrees clockwise, -45 to 45: straightens
    CropShape shape = CropShape::Free;
    std::string ratio = "7:5"; ///< for Typed, width to height
    bool upright = true;       ///< the ratio is turned to the picture's own direction
    Anchor anchor = Anchor::Centre;
    bool operator==(const TurnSettings&) const = default;
    /// `page`: from 0, of those taken.
    Reading reading(int page) const { return {page, raw}; }
    /// Of a file with so many pages; the first of what is taken, where one picture stands for them all.
    Reading firstReading(int count) const {
        const auto taken = pagesTaken(pages, somePages, count);
        return reading(taken.empty() ? 0 : taken.front());
    }
};

/// What is different for one picture.
struct TurnException {
    int quarterTurns = 0;        ///< on top of the delivery's
    std::optional<double> angle; ///< instead of the delivery's
    std::optional<Box> crop;     ///< instead of the delivery's: in shares of the turned picture, 0 to 1
    bool operator==(const TurnException&) const = default;
    bool empty() const { return *this == TurnException{}; }
};

/// The part of the turned picture that is taken. Without an angle its edges are whole pixels.
struct Cut {
    Size upright; ///< by orientation
    Size turned;  ///< after quarter turns
    int quarterTurns = 0;
    bool flip = false;
    double angle = 0;
    /// In pixels of the turned picture; with an angle, in axes turned about its middle. Its size is whole
    /// pixels, at least 1 x 1.
    Box box;
    Size size() const { return {static_cast<int>(box.width), static_cast<int>(box.height)}; }
    bool whole() const { return angle == 0 && box == Box{0, 0, double(turned.width), double(turned.height)}; }
    bool operator==(const Cut&) const = default;
};

/// Reads "4:5", "1.85", "210 x 297" (width to height); nothing for anything else or a ratio beyond 1:50 to
/// 50:1.
std::optional<double> parseRatio(const std::string& text);

/// A row of text that holds a ratio, with those people often ask for to choose from.
template <class Row>
Row ratioRow(Row row) {
    row.suggestions = {"1:1", "5:4", "4:5", "4:3", "3:4", "3:2", "2:3", "7:5", "5:7", "16:9", "9:16", "2:1"};
    row.accepts = [](const std::string& text) { return parseRatio(text).has_value(); };
    row.allowed = "a ratio of width to height such as 4:5 or 1.85, from 1:50 to 50:1";
    return row;
}

/// The largest upright rectangle inside a picture turned by `degrees`: of that ratio, or of any when `ratio`
/// is 0. Its middle is the picture's. Source for the free one: for a w x h picture (h the shorter side), sin
/// and cos of the angle: h <= 2 sin cos w: both sides touch one corner each; else the four-corner solution of
/// two linear equations.
Box largestUpright(Size picture, double degrees, double ratio);

/// Ratio 0: any.
double ratioOf(const TurnSettings& settings, Size turned);

/// A crop that was dragged is kept inside the picture, by moving and shrinking it towards the middle.
Cut cutOf(const TurnSettings& settings, const TurnException& exception, Size upright);

/// Exif 2.32 orientation that does `orientation` first, then the turns, then the flip.
int composedOrientation(int orientation, int quarterTurns, bool flip);

} // namespace keepseal
