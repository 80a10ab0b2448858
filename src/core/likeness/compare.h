// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A picture that was met somewhere, held against the marks of pictures that left: found by the code of the
// whole or by points, then laid over the small picture that is kept, and judged by the pixels.
#pragma once

#include "geometry/affine.h"
#include "likeness/picture_mark.h"

namespace keepseal {

/// Long side of the small picture that is kept of one that left, in pixels.
inline constexpr int kSmallSide = 192;

/// Points of what was met, so that those near a given one are found without asking all: by pieces of their
/// bits that are the same (Indyk and Motwani, "Approximate nearest neighbors", 1998). One that differs in 40
/// bits of 256 has such a piece in 96 of 100 cases.
class NearPoints {
public:
    NearPoints() = default;
    explicit NearPoints(std::vector<MarkedPoint> points);
    const std::vector<MarkedPoint>& points() const { return m_points; }
    /// Calls `take` for each that may be near, each once; any thread.
    template <class Take>
    void eachNear(const MarkedPoint& point, Take take) const {
        std::uint64_t seen[(kMostMet + 63) / 64] = {};
        for (int piece = 0; piece < kPieces && !m_points.empty(); ++piece) {
            const auto* starts = m_starts.data() + piece * (kValues + 1) + pieceOf(point, piece);
            for (auto i = starts[0]; i < starts[1]; ++i) {
                const auto which = m_order[i];
                if (!((seen[which / 64] >> (which % 64)) & 1)) {
                    seen[which / 64] |= 1ULL << (which % 64);
                    take(m_points[which]);
                }
            }
        }
    }

private:
    static constexpr int kPieces = 21, kBits = 12, kValues = 1 << kBits;
    static constexpr std::size_t kMostMet = 1024;
    static unsigned pieceOf(const MarkedPoint& point, int piece) {
        const int at = piece * kBits, word = at / 64, shift = at % 64;
        auto bits = point.bits[static_cast<std::size_t>(word)] >> shift;
        if (shift > 64 - kBits)
            bits |= point.bits[static_cast<std::size_t>(word) + 1] << (64 - shift);
        return static_cast<unsigned>(bits) & (kValues - 1);
    }
    std::vector<MarkedPoint> m_points;
    std::vector<std::uint32_t> m_starts; ///< of each value of each piece, in m_order
    std::vector<std::uint16_t> m_order;
};

/// Made once of what was met, for any number of comparisons.
struct MetPicture {
    Frame frame;                           ///< at most 768 pixels on its long side
    std::array<std::uint64_t, 8> wholes{}; ///< see wholeCodesOf()
    NearPoints points, mirrored;           ///< of it, and of it mirrored left to right
};
MetPicture metPicture(const Frame& frame);

/// How it may lie on a picture that left. Both are measured in their own long sides.
struct LaidOn {
    Affine where;   ///< from the met picture's shares to the other's
    int points = 0; ///< that agree on it; 0: by the code of the whole
    int bits = 0;   ///< of the code that differ, where by that
};
/// Best first; empty: nothing speaks for it. `size`: of the picture that left, in any unit. Few instructions
/// where there is nothing: meant for a hundred thousand marks.
std::vector<LaidOn> waysToLie(const MetPicture& met, const PictureMark& mark, Size size);

struct Likeness {
    double share =
        0; ///< of the parts that have any drawing in them, those that agree; less where few speak for it
    int parts = 0, agree = 0;
    Affine where;       ///< as it lies
    double covered = 0; ///< of the picture that left, 0 to 1
    int points = 0;
};
/// By the pixels. `small`: of the picture that left, about kSmallSide.
Likeness likenessOf(const MetPicture& met, const Frame& small, const LaidOn& laid);

/// From this on it is said to be that picture.
inline constexpr double kAlike = 0.7;

} // namespace keepseal
