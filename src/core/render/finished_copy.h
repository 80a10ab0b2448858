// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A copy's finished pixels and words: all stations from turning to the seal, as a run makes them.
#pragma once

#include "delivery/exception.h"
#include "render/ahead.h"
#include "render/encode.h"
#include "render/picture_words.h"
#include "rights/mark.h"

#include <functional>

namespace keepseal {

struct FinishedCopy {
    Frame frame;
    PictureWordsPtr words;
    double readability = 0; ///< contrast ratio of the seal as measured; 0: none
    CopyMark holds;         ///< what really stands on it
    Notes notes;            ///< what was known ahead, and what the pixels told
    /// All that is not the original's own; nothing where more than the mark changes.
    std::optional<ChangedPart> changed;
};

/// Is shown the pixels between two stations.
using TakePicture = std::function<void(const Frame&)>;

/// `ahead`: of the same picture and delivery. `decoded`: see picture/develop.h; may be null. `take`: shown
/// the picture before finish, border and seal. Throws Problem(NotAPicture | Changed | ...).
FinishedCopy finishedCopy(const Original& original, const CopyAsked& asked, CopyAhead ahead,
                          const DecodedPtr& decoded = nullptr, const TakePicture& take = {});

/// Its bytes in one of the formats, by the delivery's settings. `original`: what it was made of. Throws like
/// EncodeStage::on().
EncodedCopy encodedCopy(const Original& original, const CopyAsked& asked, const FinishedCopy& copy,
                        const std::string& format);

} // namespace keepseal
