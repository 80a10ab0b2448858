// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// SVG files and pages of PDF files as pictures. They have no pixels: a page is drawn at 300 to the inch, an
// SVG with its long side at 4000 pixels, and smaller ones straight at a half, a quarter, an eighth of that.
// Internal to the readers.
#pragma once

#include "decode/decode.h"

namespace keepseal {

/// The bytes that are drawn: of an SVG what its gate wrote anew (decode/svg_gate.h). Throws Problem, or
/// vips::VError for a file that is too large.
Bytes drawingOf(const ByteSource& source, Container container);

/// One page (from 0) of a PDF, or an SVG, at `scale` times 72 to the inch; what a PDF leaves open is white of
/// this opacity. `bytes` outlive the image. Throws vips::VError.
vips::VImage loadDrawing(const Bytes& bytes, Container container, int page, double scale, int opacity);

/// `bytes`: of drawingOf(); they outlive the image. Opaque pages stand on white; an SVG keeps what is
/// transparent. Throws vips::VError.
vips::VImage openDrawing(const Bytes& bytes, const PictureFacts& facts, int shrink, bool pixels);

} // namespace keepseal
