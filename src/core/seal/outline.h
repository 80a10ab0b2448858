// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Text and shapes as outlines in the seal's own units (100 = the unit), so that every size on a picture is
// the exact enlargement of another. Internal to seal/.
#pragma once

#include "geometry/affine.h"
#include "seal/part.h"

#include <cairo.h>

#include <memory>

namespace keepseal {

struct PathDeleter {
    void operator()(cairo_path_t* path) const { cairo_path_destroy(path); }
};
using Path = std::unique_ptr<cairo_path_t, PathDeleter>;

struct Outline {
    Path path;
    Box ink;                   ///< of the path, its line's width included; the path is in the same units
    double lineWidth = 0;      ///< 0: filled
    double xHeight = 0;        ///< text only: height of a small x
    int missingCharacters = 0; ///< characters no typeface of ours has
};

/// `words` is the text with its tokens filled in. Sets at the part's own size.
Outline textOutline(const TextPart& part, double size, const std::string& words);
/// A shape in a box of this size with its top left corner at 0, 0.
Outline shapeOutline(const ShapePart& part, double width, double height);
/// A box with round corners; `roundness` in percent of half the shorter side.
Path roundedBox(const Box& box, double roundness);

/// Adds `path` to the current path of `cairo`, mapped by its current matrix.
void appendPath(cairo_t* cairo, const Path& path);

} // namespace keepseal
