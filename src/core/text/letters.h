// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Writing as outlines, in whatever units its size is given in, so that every size on a picture is the exact
// enlargement of another.
#pragma once

#include "geometry/affine.h"
#include "text/colour_letters.h"
#include "text/text_part.h"

#include <cairo.h>

#include <memory>
#include <string>

namespace keepseal {

struct PathDeleter {
    void operator()(cairo_path_t* path) const { cairo_path_destroy(path); }
};
using Path = std::unique_ptr<cairo_path_t, PathDeleter>;

struct Outline {
    Path path;
    std::vector<ColourLetter> coloured; ///< text only: letters that are no outline, in the same units
    Box ink;                 ///< of all that shows, its line's width included; the path is in the same units
    bool hasLetters = false; ///< text only: some of it is outlines
    double lineWidth = 0;    ///< 0: filled
    double xHeight = 0;      ///< text only: height of a small x
    double advance = 0;      ///< text only: how wide it is set, spaces at the ends included
    double ascent = 0;       ///< text only: from the top of the layout to its first line's base
    int missingCharacters = 0; ///< characters no typeface of ours has
};

/// `words` is the text with its tokens filled in. `size` is the type size.
Outline textOutline(const TextPart& part, double size, const std::string& words);

/// Adds `path` to the current path of `cairo`, mapped by its current matrix.
void appendPath(cairo_t* cairo, const Path& path);

/// A drawing that is only used for its path: nothing is painted.
CairoPtr pathContext();
/// Of the current path itself: what fills it ends there, a line on it reaches half its width further.
Box pathExtents(cairo_t* cairo, double lineWidth);

} // namespace keepseal
