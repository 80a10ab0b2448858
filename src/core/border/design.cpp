// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "border/design.h"

#include "geometry/cut.h"

namespace keepseal {

const Ring* BorderDesign::firstMat() const {
    for (const auto& ring : rings)
        if (ring.kind == RingKind::Mat)
            return &ring;
    return nullptr;
}

Ring* BorderDesign::firstMat() {
    return const_cast<Ring*>(std::as_const(*this).firstMat());
}

const char* keyOf(RingKind kind) {
    constexpr const char* keys[] = {"mat", "line", "gap", "inner_line"};
    return keys[static_cast<std::size_t>(kind)];
}

const char* labelOf(RingKind kind) {
    constexpr const char* labels[] = {"Mat", "Line", "Gap", "Line inside the picture"};
    return labels[static_cast<std::size_t>(kind)];
}

const std::vector<Setting<Ring>>& ringSettings() {
    using R = Ring;
    static const auto table = [] {
        std::vector<Setting<R>> out = {
            choiceSetting<R, RingKind>(
                "kind", "Kind", &R::kind,
                {{"mat", "Mat"}, {"line", "Line"}, {"gap", "Gap"}, {"inner_line", "Line inside the picture"}},
                "A gap shows the mat that follows it, or the picture under a border that lies over its "
                "edge."),
            choiceSetting<R, WidthUnit>("unit", "Measured in", &R::unit,
                                        {{"short_side", "% of the short side"},
                                         {"long_side", "% of the long side"},
                                         {"px", "px of the copy"},
                                         {"mm", "mm on paper"}},
                                        "Millimetres count with the resolution of the fit."),
            choiceSetting<R, RingSides>("sides", "Sides", &R::sides,
                                        {{"equal", "All equal"},
                                         {"weighted", "Heavier at the bottom"},
                                         {"each", "Each its own"},
                                         {"ratio", "Until the whole has a ratio"}},
                                        "With a ratio the width is the least; two sides then grow alike."),
        };
        append(out, shownWhen<R>([](const R& r) { return r.sides != RingSides::Each; },
                                 {numberSetting("width", "Width", "", &R::width, {0, 400, 0.1, 2},
                                                "How wide it is, in what it is measured in.")}));
        append(out, shownWhen<R>(
                        [](const R& r) { return r.sides == RingSides::Weighted; },
                        {numberSetting("bottom_share", "Bottom", "%", &R::bottomShare, {100, 500, 1, 0},
                                       "The bottom edge against the others: 150 is half as much again.")}));
        append(out, shownWhen<R>([](const R& r) { return r.sides == RingSides::Each; },
                                 {numberSetting("top", "Top", "", &R::top, {0, 400, 0.1, 2},
                                                "In what it is measured in."),
                                  numberSetting("right", "Right", "", &R::right, {0, 400, 0.1, 2},
                                                "In what it is measured in."),
                                  numberSetting("bottom", "Bottom", "", &R::bottom, {0, 400, 0.1, 2},
                                                "In what it is measured in."),
                                  numberSetting("left", "Left", "", &R::left, {0, 400, 0.1, 2},
                                                "In what it is measured in.")}));
        append(out, shownWhen<R>([](const R& r) { return r.sides == RingSides::Ratio; },
                                 {ratioRow(textSetting("ratio", "Ratio of the whole", &R::ratio, false,
                                                       "Width to height, such as 4:5 or 1.5."))}));
        append(out,
               shownWhen<R>([](const R& r) { return r.kind != RingKind::Gap; },
                            {choiceSetting<R, RingColour>("from", "Colour", &R::from,
                                                          {{"typed", "Chosen"},
                                                           {"mean", "The picture's mean"},
                                                           {"dominant", "Its most frequent colour"},
                                                           {"edge", "The mean of its edge"},
                                                           {"transparent", "Transparent"}},
                                                          "Measured anew on each picture, or one for all. "
                                                          "JPEG shows the colour under transparency.")}));
        append(out,
               shownWhen<R>([](const R& r) { return r.kind != RingKind::Gap && r.from == RingColour::Typed; },
                            {colourSetting("colour", "Chosen colour", &R::colour,
                                           "Typed, or picked from the picture.")}));
        return out;
    }();
    return table;
}

const std::vector<Setting<Caption>>& captionSettings() {
    using C = Caption;
    static const auto table = [] {
        std::vector<Setting<C>> out = {
            switchSetting("on", "Write in the mat", &C::on,
                          "Words in the outermost mat, with what the picture tells of itself.")};
        append(
            out,
            shownWhen<C>(
                [](const C& c) { return c.on; },
                {textSetting("left", "Left", &C::left, false,
                             "May hold tokens: {title}, {description}, {date}, {creator}, {notice} ..."),
                 textSetting("middle", "Middle", &C::middle, false,
                             "Stands in the middle of the picture's width."),
                 textSetting("right", "Right", &C::right, false, "Ends at the picture's right edge."),
                 choiceSetting<C, CaptionSide>("side", "Stands", &C::side,
                                               {{"bottom", "Below"}, {"top", "Above"}},
                                               "Which side of the mat it stands in."),
                 numberSetting(
                     "size", "Size", "%", &C::size, {5, 80, 1, 0},
                     "The type size against the mat's height. Made smaller where the words would run over."),
                 switchSetting(
                     "wrap", "In several lines", &C::wrap,
                     "Words that are too long go on in a second and third line, before they are made "
                     "smaller."),
                 textSetting("family", "Typeface", &C::family, false,
                             "One that comes with Keep Seal, or one you added.", SettingKind::Family),
                 choiceSetting<C, SealWeight>("weight", "Weight", &C::weight,
                                              {{"light", "Light"},
                                               {"regular", "Regular"},
                                               {"medium", "Medium"},
                                               {"semibold", "Semibold"},
                                               {"bold", "Bold"}},
                                              "How heavy the strokes are; the nearest the typeface has."),
                 switchSetting("italic", "Italic", &C::italic, "The slanted cut of the typeface."),
                 choiceSetting<C, Capitals>("capitals", "Capitals", &C::capitals,
                                            {{"typed", "As typed"}, {"all", "All"}, {"small", "Small"}},
                                            "Turns letters into capitals or small capitals."),
                 numberSetting("letter_spacing", "Letter spacing", "%", &C::letterSpacing, {-10, 100, 1, 0},
                               "Of the type size, between letters."),
                 colourSetting("colour", "Ink", &C::colour, "The colour of the words.")}));
        return out;
    }();
    return table;
}

namespace {

std::vector<Setting<BorderDesign>> shortCuts() {
    using B = BorderDesign;
    Setting<B> mat;
    mat.key = "mat", mat.label = "Mat", mat.derived = true, mat.kind = SettingKind::Number;
    mat.range = {0, 60, 0.5, 2};
    mat.help = "The width of the first mat, in what it is measured in.";
    say(mat);
    mat.get = [](const B& b) { return SettingValue(b.firstMat() ? b.firstMat()->width : 0.0); };
    mat.set = [](B& b, const SettingValue& v) {
        if (!b.firstMat())
            b.rings.push_back({});
        b.firstMat()->width = std::get<double>(v);
    };
    Setting<B> colour;
    colour.key = "mat_colour", colour.label = "Mat colour", colour.derived = true;
    colour.kind = SettingKind::Colour;
    colour.help = "The chosen colour of the first mat.";
    say(colour);
    colour.get = [](const B& b) { return SettingValue(toText(b.firstMat() ? b.firstMat()->colour : Rgb{})); };
    colour.set = [](B& b, const SettingValue& v) {
        if (!b.firstMat())
            b.rings.push_back({});
        b.firstMat()->colour = *parseColour(std::get<std::string>(v));
        b.firstMat()->from = RingColour::Typed;
    };
    return {mat, colour};
}

} // namespace

const std::vector<Setting<BorderDesign>>& borderSettings() {
    using B = BorderDesign;
    static const auto table = [] {
        std::vector<Setting<B>> out = {
            switchSetting("on", "Put a border on", &B::on, "Off leaves the picture as it is.")};
        append(out, shortCuts());
        std::vector<Setting<B>> looks = {
            choiceSetting<B, BorderLies>(
                "lies", "It lies", &B::lies, {{"around", "Around the picture"}, {"over", "Over its edge"}},
                "Around: nothing of the picture is lost, the copy grows. Over: the size stays, the "
                "picture's edge is covered."),
            numberSetting("corner", "Round corners", "%", &B::corner, {0, 50, 0.5, 1},
                          "The picture's corners: radius against its short side."),
            numberSetting("outer_corner", "Round outer corners", "%", &B::outerCorner, {0, 50, 0.5, 1},
                          "The whole's corners; what is cut off is transparent where the format can."),
            numberSetting("shadow_size", "Inner shadow", "%", &B::shadowSize, {0, 10, 0.1, 1},
                          "A soft shade the mat throws on the picture's edge, against its short side."),
        };
        append(looks,
               shownWhen<B>([](const B& b) { return b.shadowSize > 0; },
                            {numberSetting("shadow_strength", "Shadow strength", "%", &B::shadowStrength,
                                           {0, 100, 1, 0}, "How dark it is at the very edge.")}));
        append(out, looks);
        auto words = captionSettings();
        for (auto& row : words)
            row.key = "caption_" + row.key;
        append(out, inGroup("Caption", lifted(words, &B::caption)));
        return out;
    }();
    return table;
}

} // namespace keepseal
