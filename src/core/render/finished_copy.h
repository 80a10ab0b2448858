// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A copy's finished pixels and words: all stations from turning to the seal, as a run makes them.
#pragma once

#include "delivery/exception.h"
#include "render/picture_words.h"
#include "render/render.h"

namespace keepseal {

struct FinishedCopy {
    Frame frame;
    PictureWords words;
    double readability = 0;            ///< contrast ratio of the seal as measured; 0: none
    std::vector<std::string> warnings; ///< for a person
};

/// `prepared`: the delivery's seal laid out already, or null. `decoded`: see picture/develop.h; may be null.
/// Throws Problem(NotAPicture | Changed | ...).
FinishedCopy finishedCopy(const Original& original, const PictureFacts& facts, const Metadata& metadata,
                          const Delivery& delivery, const ChainPlan& chain, const PictureException& exception,
                          const PreparedPtr& prepared = nullptr, const DecodedPtr& decoded = nullptr);

} // namespace keepseal
