// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What happens to a copy's pixels, in stages: base -> finished -> framed -> sealed. Copies, proofs,
// comparison, chooser and command line all make these calls; a proof is merely smaller.
//
// A stage holds all that its pixels depend on besides those of the stage before, and can reach nothing else:
// two stages that are equal make equal pixels of equal pixels. So the stages are their own keys, and whether
// a change of settings asks for other pixels is seen by comparing, never looked up in a list.
#pragma once

#include "delivery/exception.h"
#include "metadata/metadata.h"
#include "picture/develop.h"
#include "render/chain_plan.h"
#include "seal/draw.h"
#include "text/tokens.h"

namespace keepseal {

/// The ICC profile the file station asks for; null for sRGB and for "as in the original". A grey one is for
/// encoding only. Throws Problem when the file can't be used. Files are read once and kept.
ColourSpacePtr outputSpace(ColourOut colour, const std::string& profile);
ColourSpacePtr outputSpace(const FileSettings& settings);

/// The picture alone: cut, resampled once, in the delivery's colours.
struct BaseStage {
    std::filesystem::path original;
    Reading reading; ///< which picture of the file
    Cut cut;
    Box kept; ///< of the cut, in its pixels
    Size target;
    Resampling resampling = Resampling::Crisp;
    bool linearLight = false;
    bool deep = false, keepAlpha = false;
    Rgb background;
    ColourOut colour = ColourOut::Srgb;
    std::string profile;
    Intent intent = Intent::Relative;
    bool operator==(const BaseStage&) const = default;
    /// The same part in the same colours, perhaps of another size.
    bool sameButSize(const BaseStage& other) const;

    /// What it asks of the decoder. Throws Problem when the profile can't be used.
    DevelopWish wish() const;
    /// `decoded`: see develop.h; may be null. Throws like develop().
    Frame made(const ByteSource& source, const PictureFacts& facts, Notes* notes = nullptr,
               const DecodedPtr& decoded = nullptr) const;
};

/// Tone, sharpness, grain.
struct FinishStage {
    FinishSettings settings; ///< without what the base has used already
    bool resampled = false;
    std::uint64_t seed = 0; ///< of the grain: the same for the same file name
    double scale = 1;       ///< of a proof against its copy; 1: the copy itself
    bool operator==(const FinishStage&) const = default;
    void on(Frame& frame) const;
};

/// The border, and the padding of the fit.
struct FrameStage {
    bool needed = false;
    BorderDesign border; ///< nothing while it is off
    BorderGround ground;
    TextFacts words;                      ///< only where the caption asks for them
    Size whole;                           ///< what comes out
    double scale = 1, perMm = 300 / 25.4; ///< see CopyMeasure
    bool operator==(const FrameStage&) const = default;
    /// Where the picture proper will lie in the whole.
    Rect picture() const { return pictureIn(ground, whole); }
    BorderResult on(Frame& frame) const;
};

/// The same for the same file name: of grain, and of what is restless.
std::uint64_t pictureSeed(const std::filesystem::path& original);

/// The visible mark.
struct SealStage {
    SealDesign design;
    TextFacts words; ///< only where the seal asks for them
    SealException exception;
    std::uint64_t seed = 0; ///< of the picture, where the seal is restless
    bool operator==(const SealStage&) const = default;
    /// `prepared`: the same design with the same words laid out already; may be null. `context`: what the
    /// caller wants of it; exception and seed are the stage's own.
    SealResult on(Frame& frame, const PreparedPtr& prepared = nullptr, SealContext context = {}) const;
};

enum class Stage { Base, Finished, Framed, Sealed };

struct Stages {
    BaseStage base;
    FinishStage finish;
    FrameStage frame;
    SealStage seal;
    bool operator==(const Stages&) const = default;
    /// The pixels after that stage are the same.
    bool sameUpTo(Stage stage, const Stages& other) const;
};

/// One picture in one delivery; all of it stays the caller's.
struct CopyAsked {
    const std::filesystem::path& original;
    PictureFacts facts; ///< of the picture that is taken, see factsFor()
    const Metadata& metadata;
    const Delivery& delivery;
    const PictureException& exception;
    const ChainPlan& chain;
};

/// Of the picture in the file that such a delivery shows where one stands for all it takes.
PictureFacts shownFacts(const PictureFacts& file, const Delivery& delivery);

/// `words`: values of tokens, see render/picture_words.h. `whole`: the copy's size when empty, else a smaller
/// size of its shape.
Stages stagesOf(const CopyAsked& asked, const TextFacts& words, Size whole = {});
/// The base alone needs no words.
BaseStage baseOf(const CopyAsked& asked, Size whole = {});

/// The words of border or seal ask for values of the picture.
bool dependsOnPicture(const BorderDesign& border);
bool dependsOnPicture(const Delivery& delivery);

} // namespace keepseal
