// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Drawing on pages of paper with cairo, for all reports that are PDFs. Internal to report/.
#pragma once

#include "picture/frame.h"

#include <cairo-pdf.h>
#include <functional>
#include <memory>
#include <string>

namespace keepseal {

struct SheetDeleter {
    void operator()(cairo_t* c) const { cairo_destroy(c); }
    void operator()(cairo_surface_t* s) const { cairo_surface_destroy(s); }
};
using SheetSurface = std::unique_ptr<cairo_surface_t, SheetDeleter>;
using SheetContext = std::unique_ptr<cairo_t, SheetDeleter>;

/// For a surface that writes into the Bytes at `closure`.
cairo_status_t appendToSheet(void* closure, const unsigned char* data, unsigned length);
/// Where a box begins that lies at `x` on a sheet read from the left: mirrored where lines begin at the
/// right.
double onSheet(double x, double width, double sheetWidth);
/// One line from where lines begin in the language spoken, cut in its middle where it is too long. Points;
/// `grey` from 0, black.
void writeOnSheet(cairo_t* c, double x, double y, double width, const std::string& text, double size,
                  double grey);
/// As many lines as it takes, broken where the language breaks them. `place`: is asked for the top of each
/// line.
void writeLinesOnSheet(cairo_t* c, double x, double width, const std::string& text, double size, double grey,
                       const std::function<double()>& place);
/// As large as it goes into that box, in its middle; as a JPEG inside the PDF, so that a hundred pages stay a
/// small file.
void drawOnSheet(cairo_t* c, const Frame& frame, int quality, double x, double y, double width,
                 double height);

} // namespace keepseal
