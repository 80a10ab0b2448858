// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// All that can be known of a copy before a pixel is touched: its words, its seal laid out, and what is to be
// said. The plan asks it, and the run asks it again before it begins a copy; so both say the same.
#pragma once

#include "render/picture_words.h"
#include "render/stages.h"

namespace keepseal {

struct CopyAhead {
    PictureWordsPtr words;
    PreparedPtr prepared; ///< the seal as it is for this picture
    Notes notes;
};

/// `prepared`: the delivery's seal laid out already, taken where it does not depend on the picture; may be
/// null. `words`: what pictureWords() made of the same; null: made here.
CopyAhead lookAhead(const CopyAsked& asked, const PreparedPtr& prepared = nullptr,
                    PictureWordsPtr words = nullptr);

/// What its format and its name add: the rest is the same for all formats of a delivery.
Notes notesOfFile(const CopyAsked& asked, const PictureWords& words, const std::string& format,
                  const std::string& fileName);

} // namespace keepseal
