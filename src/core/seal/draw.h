// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Putting a seal on a picture: the only code that does, for proofs and copies alike. What adapts (version,
// halo, strength, place) is decided from the picture at one small size, so that a proof and a copy of it
// decide alike.
#pragma once

#include "picture/untouched.h"
#include "seal/advice.h"
#include "seal/arrange.h"
#include "seal/exception.h"

#include <functional>

namespace keepseal {

class SealPaintings; // seal/paintings.h

/// What was decided for this picture.
struct SealDecision {
    bool none = false; ///< an exception left the seal out
    SealPlace place;
    bool dark = false;
    double halo = 0;      ///< percent: its strength; 0: none
    double plate = 0;     ///< percent: its opacity; 0: none
    double opacity = 100; ///< percent
    std::string why;      ///< one sentence about the place where it was advised; else empty
    bool operator==(const SealDecision&) const = default;
};

/// What a picture brings along besides its pixels.
struct SealContext {
    const SealException* exception = nullptr;
    const SealDecision* decided = nullptr; ///< taken as it is instead of deciding anew
    Ground* ground = nullptr;              ///< told what lies under the seal, before it is put on
    std::uint64_t seed = 0;                ///< of the picture: what is restless is the same for the same one
    PixelsBefore* before = nullptr;        ///< told what it is put on
    /// Of the steps before, with the same picture: what needs no painting again. Null: nothing is kept.
    SealPaintings* paintings = nullptr;
    /// The same picture, of which everything is decided instead; see decisionFrame(). Null: the frame itself.
    const Frame* decidedOn = nullptr;
    /// Asked for the frame's pixels in `inBlocks()` of what it is put on, before one of them is read.
    std::function<void(Frame&, const Rect&)> bring = {};
};

/// Whether a seal is there to be seen, all over or as a relief, and not to be read: then that is measured.
bool isSeenNotRead(const SealDesign& design);
/// The contrast ratio that is asked for, of what counts.
double askedContrast(const SealDesign& design);

struct LogoNeed {
    std::string file;
    Size has, needs; ///< pixels of the bitmap, and as many as it is drawn with on the copy
};

/// What became of a seal on one picture. Lengths in fractional pixels of the frame.
struct SealResult {
    Box box;                        ///< around the seal's (first) box as it stands
    std::array<Point, 4> corners{}; ///< of that box, turned with it
    double unit = 0;                ///< pixels
    Affine map; ///< of the seal (of a pattern: the middlemost), from the seal's units to the frame's pixels
    std::size_t count = 0; ///< how often it stands there
    SealDecision decision;
    double readability = 0;   ///< contrast ratio, see SealWorth; 0: nothing was drawn
    bool seenNotRead = false; ///< of a mark that is to be seen all over
    bool belowReadable = false;
    bool madeSmaller = false, madeLarger = false, overShare = false;
    std::vector<LogoNeed> enlarged; ///< bitmap logos that are too small for the copy
    Notes notes;                    ///< all that a person should know of it
    bool empty() const { return count == 0; }
};

/// What there is to say of a seal on a picture before a pixel is touched; drawSeal() says the same and more.
/// `picture` and `whole`: pixels of the copy.
/// `cutOff`: pixels of each edge that will be cut off the finished copy.
Notes sealNotes(const PreparedSeal& seal, const Rect& picture, Size whole, const CopyMeasure& measure,
                const SealException* exception, std::uint64_t seed = 0, double cutOff = 0);

/// Blends the seal into `frame`; touches only the pixels under it.
SealResult drawSeal(const PreparedSeal& seal, Frame& frame, const SealContext& context = {});
/// The same for a design whose text holds no tokens.
SealResult drawSeal(const SealDesign& design, Frame& frame, const SealContext& context = {});

} // namespace keepseal
