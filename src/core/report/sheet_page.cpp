// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/sheet_page.h"

#include "base/language.h"
#include "render/encode.h"

#include <pango/pangocairo.h>

namespace keepseal {

cairo_status_t appendToSheet(void* closure, const unsigned char* data, unsigned length) {
    auto& bytes = *static_cast<Bytes*>(closure);
    bytes.insert(bytes.end(), data, data + length);
    return CAIRO_STATUS_SUCCESS;
}

double onSheet(double x, double width, double sheetWidth) {
    return isReadFromTheRight() ? sheetWidth - x - width : x;
}

namespace {

struct LayoutDeleter {
    void operator()(PangoLayout* layout) const { g_object_unref(layout); }
    void operator()(PangoLayoutIter* iter) const { pango_layout_iter_free(iter); }
};
using SheetLayout = std::unique_ptr<PangoLayout, LayoutDeleter>;

SheetLayout layoutOf(cairo_t* c, double width, const std::string& text, double size) {
    SheetLayout out(pango_cairo_create_layout(c));
    PangoFontDescription* font = pango_font_description_from_string("Inter");
    pango_font_description_set_absolute_size(font, size * PANGO_SCALE);
    pango_layout_set_font_description(out.get(), font);
    pango_font_description_free(font);
    pango_layout_set_width(out.get(), static_cast<int>(width * PANGO_SCALE));
    pango_layout_set_single_paragraph_mode(out.get(), TRUE);
    pango_layout_set_text(out.get(), text.c_str(), static_cast<int>(text.size()));
    // Of a text in letters from the right, Pango's left is where it begins.
    const bool fromTheRight = pango_layout_get_direction(out.get(), 0) == PANGO_DIRECTION_RTL;
    pango_layout_set_alignment(out.get(),
                               fromTheRight == isReadFromTheRight() ? PANGO_ALIGN_LEFT : PANGO_ALIGN_RIGHT);
    return out;
}

} // namespace

void writeOnSheet(cairo_t* c, double x, double y, double width, const std::string& text, double size,
                  double grey) {
    const auto layout = layoutOf(c, width, text, size);
    pango_layout_set_ellipsize(layout.get(), PANGO_ELLIPSIZE_MIDDLE);
    cairo_set_source_rgb(c, grey, grey, grey);
    cairo_move_to(c, x, y);
    pango_cairo_show_layout(c, layout.get());
}

void writeLinesOnSheet(cairo_t* c, double x, double width, const std::string& text, double size, double grey,
                       const std::function<double()>& place) {
    const auto layout = layoutOf(c, width, text, size);
    pango_layout_set_wrap(layout.get(), PANGO_WRAP_WORD_CHAR);
    const std::unique_ptr<PangoLayoutIter, LayoutDeleter> iter(pango_layout_get_iter(layout.get()));
    do {
        PangoRectangle line;
        pango_layout_iter_get_line_extents(iter.get(), nullptr, &line);
        const double top = place();
        cairo_set_source_rgb(c, grey, grey, grey); // a new page has forgotten it
        cairo_move_to(c, x + pango_units_to_double(line.x),
                      top + pango_units_to_double(pango_layout_iter_get_baseline(iter.get()) - line.y));
        pango_cairo_show_layout_line(c, pango_layout_iter_get_line_readonly(iter.get()));
    } while (pango_layout_iter_next_line(iter.get()));
}

void drawOnSheet(cairo_t* c, const Frame& frame, int quality, double x, double y, double width,
                 double height) {
    SheetSurface image(cairo_image_surface_create(CAIRO_FORMAT_RGB24, frame.size.width, frame.size.height));
    auto* pixels = cairo_image_surface_get_data(image.get());
    const int stride = cairo_image_surface_get_stride(image.get());
    for (int row = 0; row < frame.size.height; ++row) {
        const auto* from = frame.row(row);
        auto* to = reinterpret_cast<std::uint32_t*>(pixels + static_cast<std::ptrdiff_t>(row) * stride);
        for (int column = 0; column < frame.size.width; ++column, from += 3)
            to[column] = static_cast<std::uint32_t>(from[0]) << 16 |
                         static_cast<std::uint32_t>(from[1]) << 8 | from[2];
    }
    cairo_surface_mark_dirty(image.get());
    auto* jpeg = new Bytes(encodeJpeg(frame, quality));
    cairo_surface_set_mime_data(
        image.get(), CAIRO_MIME_TYPE_JPEG, jpeg->data(), jpeg->size(),
        [](void* data) { delete static_cast<Bytes*>(data); }, jpeg);
    const double scale = std::min(width / frame.size.width, height / frame.size.height);
    cairo_save(c);
    cairo_translate(c, x + (width - frame.size.width * scale) / 2,
                    y + (height - frame.size.height * scale) / 2);
    cairo_scale(c, scale, scale);
    cairo_set_source_surface(c, image.get(), 0, 0);
    cairo_paint(c);
    cairo_restore(c);
}

} // namespace keepseal
