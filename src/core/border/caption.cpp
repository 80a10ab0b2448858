// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "border/caption.h"

#include "base/problem.h"
#include "base/text.h"
#include "border/paint.h"
#include "text/typefaces.h"

#include <cmath>

namespace keepseal {
namespace {

constexpr std::size_t kMostLetters = 20'000;
constexpr double kSet = 100;           ///< the type size the outlines are made at
constexpr double kHighest = 0.94;      ///< share of the mat that ink may take
constexpr double kGap = 1.0;           ///< between two fields, in type sizes
constexpr double kMiddleOfCaps = 0.35; ///< of the type size, above the base line: looks like the middle

TextPart lookOf(const Caption& caption) {
    TextPart part;
    part.family = caption.family;
    part.weight = caption.weight;
    part.italic = caption.italic;
    part.capitals = caption.capitals;
    part.letterSpacing = caption.letterSpacing;
    return part;
}

/// One line: what a description breaks into several stays readable.
std::string oneLine(std::string text) {
    for (char& c : text)
        if (c == '\n' || c == '\r' || c == '\t')
            c = ' ';
    return trimmed(text);
}

void tellToken(Notes& notes, const std::string& token) {
    auto note = tokenNote(token, {NoteKind::CaptionTokenUnknown, NoteKind::CaptionTokenEmpty}, token);
    if (note.kind == NoteKind::WhoUnset)
        note.station = StationId::Border;
    addNote(notes, std::move(note));
}

/// `promised`: the design has words; `says`: something is left of them to read.
void tellSetting(Notes& notes, const Caption& caption, int missingCharacters, bool promised, bool says) {
    if (promised && !hasTypeface(caption.family))
        addNote(notes, {NoteKind::CaptionTypeface, caption.family, {}});
    if (promised && !says)
        addNote(notes, {NoteKind::CaptionNothing, {}, {}});
    if (missingCharacters > 0)
        addNote(notes, {NoteKind::CaptionCharacters,
                        {},
                        {{"count",
                          counted(static_cast<std::size_t>(missingCharacters), "character", "characters")}}});
}

double widthOf(const Outline* outline) {
    return outline ? outline->ink.right() - std::min(0.0, outline->ink.x) : 0;
}

} // namespace

SetCaption setCaption(const Caption& caption, const TextFacts& facts, const Box& band) {
    SetCaption out;
    const std::string* texts[3] = {&caption.left, &caption.middle, &caption.right};
    std::shared_ptr<const Outline> outlines[3];
    double above = 0, below = 0;
    int missingCharacters = 0;
    bool says = false, promised = false;
    for (int i = 0; i < 3; ++i) {
        auto filled = fillTokens(*texts[i], facts);
        for (const auto& token : filled.missing) {
            tellToken(out.notes, token);
            says = says || isWhoToken(token); // then that alone is asked
        }
        const auto words = oneLine(filled.text);
        if (words.size() > kMostLetters)
            throw Problem(ProblemKind::TooLarge, "the caption",
                          "its words come to more than " + std::to_string(kMostLetters) +
                              " letters on this picture",
                          "Put shorter words in the place of its tokens");
        promised = promised || !trimmed(*texts[i]).empty();
        says = says || (filled.missing.empty() ? !words.empty() : saysSomething(words));
        if (words.empty())
            continue;
        auto outline = std::make_shared<Outline>(textOutline(lookOf(caption), kSet, words));
        missingCharacters += outline->missingCharacters;
        if (outline->ink.empty())
            continue;
        above = std::max(above, outline->ascent - outline->ink.y);
        below = std::max(below, outline->ink.bottom() - outline->ascent);
        outlines[i] = std::move(outline);
    }
    tellSetting(out.notes, caption, missingCharacters, promised, says);
    if (promised && says && band.height <= 0)
        addNote(out.notes, {NoteKind::CaptionLeftOut, {}, {}});
    const double left = widthOf(outlines[0].get()), middle = widthOf(outlines[1].get()),
                 right = widthOf(outlines[2].get());
    if (left + middle + right <= 0 || band.empty())
        return out;
    const double gap = kGap * kSet;
    double widest = 0; // how wide the band must be at a type size of kSet
    if (middle > 0)
        widest = middle + 2 * std::max(left > 0 ? left + gap : 0, right > 0 ? right + gap : 0);
    else
        widest = left + right + (left > 0 && right > 0 ? gap : 0);
    const double wanted = caption.size / 100 * band.height;
    // Above and below the middle of the band there is half of it for ink.
    const double half = band.height * kHighest / 2, lift = kMiddleOfCaps * kSet;
    const double byHeight = std::min(half / std::max(1.0, above - lift), half / std::max(1.0, below + lift));
    const double fits = kSet * std::min(byHeight, band.width / widest);
    if (fits < wanted * 0.999)
        addNote(out.notes, {NoteKind::CaptionMadeSmaller, {}, {}});
    out.size = std::min(wanted, fits);
    const double scale = out.size / kSet;
    out.baseline = band.y + band.height / 2 + lift * scale;
    const double starts[3] = {band.x, band.centre().x - middle * scale / 2, band.right() - right * scale};
    for (int i = 0; i < 3; ++i)
        if (outlines[i])
            out.fields.push_back({outlines[i], starts[i]});
    return out;
}

void drawCaption(const SetCaption& set, Rgb ink, double scaleX, double scaleY, Frame& frame) {
    const double scale = set.size / kSet;
    for (const auto& field : set.fields) {
        const auto& outline = *field.outline;
        const double top = set.baseline - outline.ascent * scale;
        const Box box{(field.x + outline.ink.x * scale) * scaleX, (top + outline.ink.y * scale) * scaleY,
                      outline.ink.width * scale * scaleX, outline.ink.height * scale * scaleY};
        const int x = static_cast<int>(std::floor(box.x)) - 1, y = static_cast<int>(std::floor(box.y)) - 1;
        const Rect area{x, y, static_cast<int>(std::ceil(box.right())) + 1 - x,
                        static_cast<int>(std::ceil(box.bottom())) + 1 - y};
        const CairoSurfacePtr surface(cairo_image_surface_create(CAIRO_FORMAT_A8, area.width, area.height),
                                      cairo_surface_destroy);
        const CairoPtr cairo(cairo_create(surface.get()), cairo_destroy);
        cairo_set_antialias(cairo.get(), CAIRO_ANTIALIAS_BEST);
        cairo_translate(cairo.get(), -area.x, -area.y);
        cairo_scale(cairo.get(), scaleX, scaleY);
        cairo_translate(cairo.get(), field.x, top);
        cairo_scale(cairo.get(), scale, scale);
        appendPath(cairo.get(), outline.path);
        cairo_fill(cairo.get());
        cairo_surface_flush(surface.get());
        if (const auto* mask = cairo_image_surface_get_data(surface.get()))
            paintMask(frame, mask, cairo_image_surface_get_stride(surface.get()), area, {ink, false});
    }
}

} // namespace keepseal
