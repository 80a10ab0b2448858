// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Drawing on pages of paper with cairo, for all reports that are PDFs. Internal to report/.
#pragma once

#include "picture/frame.h"

#include <cairo-pdf.h>
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
/// One line, cut in its middle where it is too long. Points; `grey` from 0, black.
void writeOnSheet(cairo_t* c, double x, double y, double width, const std::string& text, double size,
                  double grey);
/// As large as it goes into that box, in its middle; as a JPEG inside the PDF, so that a hundred pages stay a
/// small file.
void drawOnSheet(cairo_t* c, const Frame& frame, int quality, double x, double y, double width,
                 double height);

} // namespace keepseal
