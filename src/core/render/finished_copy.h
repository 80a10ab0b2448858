// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A copy's finished pixels and words: all stations from turning to the seal, as a run makes them.
#pragma once

#include "delivery/exception.h"
#include "render/ahead.h"
#include "render/encode.h"
#include "render/picture_words.h"
#include "render/untouched_copy.h"
#include "rights/mark.h"

#include <functional>

namespace keepseal {

struct FinishedCopy {
    Frame frame; ///< see FramePixels
    PictureWordsPtr words;
    double readability = 0; ///< contrast ratio of the seal as measured; 0: none
    CopyMark holds;         ///< what really stands on it
    Notes notes;            ///< what was known ahead, and what the pixels told
    /// All that is not the original's own; nothing where more than the mark changes.
    std::optional<ChangedPart> changed;
    /// Of one that is made of its original's blocks: a JPEG without metadata, how they were kept, and an
    /// eighth of the size.
    std::optional<Bytes> stamped;
    BlockCoding blocks;
    Frame coarse;
};

/// Which of the frame's pixels are there.
enum class FramePixels {
    All,
    AsNeeded, ///< of one that is made of its original's blocks: those under its mark, and no others
};

/// Is shown the pixels between two stations.
struct ShownPixels {
    std::function<void(const Frame&)> picture{}; ///< before finish, border and seal, or an eighth of it
    /// Just before a seal is put on and just behind it, and where: none but these are there of some.
    std::function<void(const Frame&, const Rect&)> beforeSeal{};
    std::function<void(const Frame&)> afterSeal{};
};

/// What is read of the original already, and need not be again.
struct AtHand {
    DecodedPtr decoded{};           ///< see picture/develop.h; null: nothing
    std::optional<HeldJpeg> held{}; ///< its coefficients, which serve for one copy
};

/// `ahead`: of the same picture and delivery. Throws Problem(NotAPicture | Changed | ...).
FinishedCopy finishedCopy(const Original& original, const CopyAsked& asked, CopyAhead ahead,
                          AtHand atHand = {}, const ShownPixels& shown = {},
                          FramePixels pixels = FramePixels::All);

/// Its bytes in one of the formats, by the delivery's settings. `original`: what it was made of. Throws like
/// EncodeStage::on().
EncodedCopy encodedCopy(const Original& original, const CopyAsked& asked, const FinishedCopy& copy,
                        const std::string& format);

} // namespace keepseal
