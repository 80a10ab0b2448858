// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "border/caption.h"

#include "base/problem.h"
#include "base/text.h"
#include "border/paint.h"
#include "picture/mix.h"
#include "text/typefaces.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <sstream>

namespace keepseal {
namespace {

constexpr std::size_t kMostLetters = 20'000;
constexpr double kSet = 100;           ///< the type size the outlines are made at
constexpr double kHighest = 0.94;      ///< share of the mat that ink may take
constexpr double kGap = 1.0;           ///< between two fields, in type sizes
constexpr double kLineHeight = 122;    ///< percent of the type size, from line to line
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
        addNote(notes, {NoteKind::CaptionCharacters, {}, {{"count", std::to_string(missingCharacters)}}});
}

double widthOf(const Outline* outline) {
    return outline ? outline->ink.right() - std::min(0.0, outline->ink.x) : 0;
}

std::vector<std::string> wordsOf(const std::string& text) {
    std::vector<std::string> out;
    std::istringstream in(text);
    for (std::string word; in >> word;)
        out.push_back(std::move(word));
    return out;
}

/// Filled from the first word on, no line longer than `longest` bytes but for a single word.
std::vector<std::string> filledLines(const std::vector<std::string>& words, std::size_t longest) {
    std::vector<std::string> out;
    for (const auto& word : words)
        if (out.empty() || out.back().size() + 1 + word.size() > longest)
            out.push_back(word);
        else
            out.back() += " " + word;
    return out;
}

/// In at most so many lines, as even as words allow.
std::string inLines(const std::string& text, std::size_t lines) {
    const auto words = wordsOf(text);
    if (lines <= 1 || words.size() < 2)
        return text;
    std::size_t low = 1, high = text.size();
    while (low < high) {
        const auto middle = (low + high) / 2;
        if (filledLines(words, middle).size() <= lines)
            high = middle;
        else
            low = middle + 1;
    }
    std::string out;
    for (const auto& line : filledLines(words, low))
        out += (out.empty() ? "" : "\n") + line;
    return out;
}

/// The three fields, each in at most so many lines, at a type size of kSet.
struct CaptionBlock {
    std::array<std::shared_ptr<const Outline>, 3> outlines;
    double above = 0, below = 0; ///< ink from the first base line up, and from there down to the last ink
    std::size_t lines = 1;
    int missingCharacters = 0;
    double widest = 0; ///< how wide the band must be
    double width(std::size_t i) const { return widthOf(outlines[i].get()); }
    /// From the band's middle to the first base line.
    double drop() const {
        return kMiddleOfCaps * kSet - static_cast<double>(lines - 1) / 2 * kLineHeight / 100 * kSet;
    }
};

CaptionBlock blockOf(const Caption& caption, const std::array<std::string, 3>& texts, std::size_t lines) {
    CaptionBlock out;
    auto part = lookOf(caption);
    part.lineHeight = kLineHeight;
    constexpr TextAlign aligns[] = {TextAlign::Left, TextAlign::Centre, TextAlign::Right};
    for (std::size_t i = 0; i < 3; ++i) {
        if (texts[i].empty())
            continue;
        const auto words = inLines(texts[i], lines);
        part.align = aligns[i];
        auto outline = std::make_shared<Outline>(textOutline(part, kSet, words));
        out.missingCharacters += outline->missingCharacters;
        if (outline->ink.empty())
            continue;
        out.lines =
            std::max(out.lines, 1 + static_cast<std::size_t>(std::count(words.begin(), words.end(), '\n')));
        out.above = std::max(out.above, outline->ascent - outline->ink.y);
        out.below = std::max(out.below, outline->ink.bottom() - outline->ascent);
        out.outlines[i] = std::move(outline);
    }
    const double gap = kGap * kSet, left = out.width(0), middle = out.width(1), right = out.width(2);
    out.widest = middle > 0 ? middle + 2 * std::max(left > 0 ? left + gap : 0, right > 0 ? right + gap : 0)
                            : left + right + (left > 0 && right > 0 ? gap : 0);
    return out;
}

/// The largest type size at which all of it keeps to the band.
double largestIn(const Box& band, const CaptionBlock& block) {
    // Above and below the middle of the band there is half of it for ink.
    const double half = band.height * kHighest / 2;
    const double byHeight = std::min(half / std::max(1.0, block.above - block.drop()),
                                     half / std::max(1.0, block.below + block.drop()));
    return kSet * std::min(byHeight, band.width / block.widest);
}

/// In one line where it fits; else in as many as make it largest.
CaptionBlock fittedBlock(const Caption& caption, const std::array<std::string, 3>& texts, const Box& band) {
    constexpr std::size_t kMostLines = 3;
    auto best = blockOf(caption, texts, 1);
    if (best.widest <= 0 || band.empty() || !caption.wrap)
        return best;
    const double wanted = caption.size / 100 * band.height;
    for (std::size_t lines = 2; lines <= kMostLines && largestIn(band, best) < wanted * 0.999; ++lines)
        if (auto more = blockOf(caption, texts, lines); largestIn(band, more) > largestIn(band, best) * 1.02)
            best = std::move(more);
    return best;
}

template <class InField>
void drawOutline(const Outline& outline, InField inField, Rgb ink, const Rect& area, Frame& frame) {
    const CairoSurfacePtr surface(cairo_image_surface_create(CAIRO_FORMAT_A8, area.width, area.height),
                                  cairo_surface_destroy);
    const CairoPtr cairo = inField(surface);
    appendPath(cairo.get(), outline.path);
    cairo_fill(cairo.get());
    cairo_surface_flush(surface.get());
    if (const auto* mask = cairo_image_surface_get_data(surface.get()))
        paintMask(frame, mask, cairo_image_surface_get_stride(surface.get()), area, {ink, false});
}

/// The letters that are pictures, in their own colours.
template <class InField>
void drawColoured(const Outline& outline, InField inField, const Rect& area, Frame& frame) {
    if (outline.coloured.empty())
        return;
    Layer layer(area);
    {
        const auto surface = asSurface(layer.argb, {area.width, area.height});
        const CairoPtr cairo = inField(surface);
        for (const auto& letter : outline.coloured) {
            cairo_save(cairo.get());
            cairo_translate(cairo.get(), letter.at.x, letter.at.y);
            cairo_scale(cairo.get(), letter.at.width / letter.size.width,
                        letter.at.height / letter.size.height);
            const auto pixels = asSurface(*letter.pixels, letter.size);
            cairo_set_source_surface(cairo.get(), pixels.get(), 0, 0);
            cairo_pattern_set_filter(cairo_get_source(cairo.get()), CAIRO_FILTER_GOOD);
            cairo_paint(cairo.get());
            cairo_restore(cairo.get());
        }
        cairo_surface_flush(surface.get());
    }
    mixLayer(frame, layer, MixMode::Normal, 100);
}

} // namespace

SetCaption setCaption(const Caption& caption, const TextFacts& facts, const Box& band) {
    SetCaption out;
    const std::string* typed[3] = {&caption.left, &caption.middle, &caption.right};
    std::array<std::string, 3> texts;
    bool says = false, promised = false;
    for (std::size_t i = 0; i < 3; ++i) {
        auto filled = fillTokens(*typed[i], facts);
        for (const auto& token : filled.missing) {
            tellToken(out.notes, token);
            says = says || isWhoToken(token); // then that alone is asked
        }
        texts[i] = oneLine(filled.text);
        if (texts[i].size() > kMostLetters)
            throw Problem(ProblemKind::TooLarge, "the caption",
                          Saying("its words come to more than {letters} letters on this picture",
                                 {{"letters", std::to_string(kMostLetters)}}),
                          "Put shorter words in the place of its tokens");
        promised = promised || !trimmed(*typed[i]).empty();
        says = says || (filled.missing.empty() ? !texts[i].empty() : saysSomething(texts[i]));
    }
    const auto block = fittedBlock(caption, texts, band);
    tellSetting(out.notes, caption, block.missingCharacters, promised, says);
    if (promised && says && band.height <= 0)
        addNote(out.notes, {NoteKind::CaptionLeftOut, {}, {}});
    if (block.widest <= 0 || band.empty())
        return out;
    const double wanted = caption.size / 100 * band.height, fits = largestIn(band, block);
    if (block.lines > 1)
        addNote(out.notes, {NoteKind::CaptionInLines, {}, {{"lines", std::to_string(block.lines)}}});
    if (fits < wanted * 0.999)
        addNote(out.notes, {NoteKind::CaptionMadeSmaller, {}, {}});
    out.size = std::min(wanted, fits);
    const double scale = out.size / kSet;
    out.baseline = band.y + band.height / 2 + block.drop() * scale;
    const double starts[3] = {band.x, band.centre().x - block.width(1) * scale / 2,
                              band.right() - block.width(2) * scale};
    for (std::size_t i = 0; i < 3; ++i)
        if (block.outlines[i])
            out.fields.push_back({block.outlines[i], starts[i]});
    return out;
}

std::array<Box, 3> wordsIn(const SetCaption& set) {
    std::array<Box, 3> out;
    const double scale = set.size / kSet;
    for (std::size_t i = 0; i < set.fields.size(); ++i) {
        const auto& outline = *set.fields[i].outline;
        out[i] = {set.fields[i].x + outline.ink.x * scale,
                  set.baseline + (outline.ink.y - outline.ascent) * scale, outline.ink.width * scale,
                  outline.ink.height * scale};
    }
    return out;
}

void drawCaption(const SetCaption& set, Rgb ink, double scaleX, double scaleY, Frame& frame) {
    const double scale = set.size / kSet;
    const auto words = wordsIn(set);
    for (std::size_t i = 0; i < set.fields.size(); ++i) {
        const auto& field = set.fields[i];
        const auto& outline = *field.outline;
        const double top = set.baseline - outline.ascent * scale;
        const Box box{words[i].x * scaleX, words[i].y * scaleY, words[i].width * scaleX,
                      words[i].height * scaleY};
        const int x = static_cast<int>(std::floor(box.x)) - 1, y = static_cast<int>(std::floor(box.y)) - 1;
        const Rect area{x, y, static_cast<int>(std::ceil(box.right())) + 1 - x,
                        static_cast<int>(std::ceil(box.bottom())) + 1 - y};
        const auto inField = [&](const CairoSurfacePtr& surface) {
            CairoPtr cairo(cairo_create(surface.get()), cairo_destroy);
            cairo_set_antialias(cairo.get(), CAIRO_ANTIALIAS_BEST);
            cairo_translate(cairo.get(), -area.x, -area.y);
            cairo_scale(cairo.get(), scaleX, scaleY);
            cairo_translate(cairo.get(), field.x, top);
            cairo_scale(cairo.get(), scale, scale);
            return cairo;
        };
        drawOutline(outline, inField, ink, area, frame);
        drawColoured(outline, inField, area, frame);
    }
}

} // namespace keepseal
