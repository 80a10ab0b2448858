// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a picture is known by when its bytes are others: small numbers taken from its pixels, that stay nearly
// the same when it is pressed, made smaller, cut, turned, mirrored or changed in tone. Two kinds, both
// published and free:
//
//   the code of the whole   64 bits: 32 x 32 greys, their cosine transform (DCT-II), of its 8 x 8 slowest
//   waves
//                           which lie above the median; the method of ISO 24138:2024, 5.3.4 (Image-Code).
//                           Codes are compared with codes made here only.
//   points of its parts     corners with what lies around them in 256 bits, turned to their own direction, on
//   ten
//                           scales: ORB (Rublee, Rabaud, Konolige and Bradski, "ORB: an efficient alternative
//                           to SIFT or SURF", 2011), through OpenCV. A part that was cut out has its share of
//                           them.
#pragma once

#include "picture/frame.h"

#include <array>
#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace keepseal {

struct MarkedPoint {
    float x = 0, y = 0; ///< in long sides of the picture, from its top left corner
    float reach = 0;    ///< of what its bits tell of, in long sides
    float turn = 0;     ///< its direction, radians
    std::array<std::uint64_t, 4> bits{};
};

struct PictureMark {
    std::uint64_t whole = 0; ///< row by row, the slowest wave first
    std::vector<MarkedPoint> points;
};

/// Points kept of a picture that left: enough that a sixth of its area has its share.
inline constexpr int kPointsKept = 200;
/// Long side of the frames that marks are made of, in pixels.
inline constexpr int kMarkSide = 512;

/// `frame`: 8 bits; any size, and best not much over kMarkSide. Equal frames have equal marks.
PictureMark markOf(const Frame& frame, int points = kPointsKept);
/// Its points alone, found on a frame brought to that long side.
std::vector<MarkedPoint> pointsOf(const Frame& frame, int longSide, int points);
/// The code of the whole alone.
std::uint64_t wholeCodeOf(const Frame& frame);
/// Codes of the same picture turned by 0 to 3 quarters clockwise, then mirrored left to right and turned.
std::array<std::uint64_t, 8> wholeCodesOf(const Frame& frame);
/// Bits that differ.
int distance(std::uint64_t a, std::uint64_t b);

/// A frame of at most that long side, of the mean of what lies under each pixel; 8 bits, sRGB, opaque on
/// white.
Frame reducedTo(const Frame& frame, int longSide);

/// As bytes: 8, and 40 for each point, little end first. unpackedMark() throws Problem(BadFile).
std::string packed(const PictureMark& mark);
PictureMark unpackedMark(std::string_view bytes);
inline constexpr std::size_t kMostPoints = 2000; ///< taken from a file

} // namespace keepseal
