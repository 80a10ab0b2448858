// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/text.h"
#include "delivery/rows.h"

namespace keepseal {
namespace {

/// What receivers commonly take. Paper sizes by ISO 216 or their trade measures.
struct CommonSize {
    const char* key;
    const char* label;
    FitTo to;
    double width, height;
    LengthUnit unit = LengthUnit::Millimetres;
};
constexpr CommonSize kCommon[] = {
    {"page_1200", "Page, 1200 on the long side", FitTo::LongSide, 1200, 0},
    {"page_2048", "Page, 2048 on the long side", FitTo::LongSide, 2048, 0},
    {"page_3000", "Portfolio, 3000 on the long side", FitTo::LongSide, 3000, 0},
    {"screen_1920", "Screen 1920 × 1080", FitTo::Box, 1920, 1080},
    {"screen_2560", "Screen 2560 × 1440", FitTo::Box, 2560, 1440},
    {"screen_3840", "Screen 3840 × 2160", FitTo::Box, 3840, 2160},
    {"square_1080", "Square 1080, filled", FitTo::Fill, 1080, 1080},
    {"paper_10x15", "Paper 15 × 10 cm", FitTo::Paper, 15, 10, LengthUnit::Centimetres},
    {"paper_13x18", "Paper 18 × 13 cm", FitTo::Paper, 18, 13, LengthUnit::Centimetres},
    {"paper_20x30", "Paper 30 × 20 cm", FitTo::Paper, 30, 20, LengthUnit::Centimetres},
    {"paper_8x10", "Paper 10 × 8 in", FitTo::Paper, 10, 8, LengthUnit::Inches},
    {"paper_a5", "Paper A5, 210 × 148 mm", FitTo::Paper, 210, 148},
    {"paper_a4", "Paper A4, 297 × 210 mm", FitTo::Paper, 297, 210},
    {"paper_a3", "Paper A3, 420 × 297 mm", FitTo::Paper, 420, 297},
};

bool isCommon(const CommonSize& c, const FitSettings& f) {
    if (f.to != c.to)
        return false;
    if (c.to == FitTo::LongSide)
        return f.longSide == c.width;
    if (c.to == FitTo::Paper)
        return f.paperWidth == c.width && f.paperHeight == c.height && f.paperUnit == c.unit;
    return f.width == c.width && f.height == c.height;
}

void take(const CommonSize& c, FitSettings& f) {
    f.to = c.to;
    if (c.to == FitTo::LongSide)
        f.longSide = static_cast<int>(c.width);
    else if (c.to == FitTo::Paper)
        f.paperWidth = c.width, f.paperHeight = c.height, f.paperUnit = c.unit;
    else
        f.width = static_cast<int>(c.width), f.height = static_cast<int>(c.height);
}

Setting<FitSettings> commonRow() {
    Setting<FitSettings> s;
    s.key = "common", s.label = "Common sizes", s.kind = SettingKind::Choice, s.derived = true;
    s.choices = {{"own", "A size of your own"}};
    for (const auto& c : kCommon)
        s.choices.push_back({c.key, c.label});
    s.help = "What receivers often ask for; every number can be changed afterwards.";
    say(s);
    s.get = [](const FitSettings& f) {
        for (const auto& c : kCommon)
            if (isCommon(c, f))
                return SettingValue(std::string(c.key));
        return SettingValue(std::string("own"));
    };
    s.set = [](FitSettings& f, const SettingValue& v) {
        for (const auto& c : kCommon)
            if (std::get<std::string>(v) == c.key)
                take(c, f);
    };
    return s;
}

using F = FitSettings;

template <class... To>
std::function<bool(const F&)> fitsTo(To... to) {
    return [=](const F& f) { return ((f.to == to) || ...); };
}

void appendSizes(std::vector<Setting<F>>& out) {
    append(out, shownWhen<F>(fitsTo(FitTo::LongSide),
                             {numberSetting("long_side", "Long side", "px", &F::longSide, {16, 30000, 1, 0},
                                            "How many pixels the longer side gets.")}));
    append(out, shownWhen<F>(fitsTo(FitTo::ShortSide),
                             {numberSetting("short_side", "Short side", "px", &F::shortSide,
                                            {16, 30000, 1, 0}, "How many pixels the shorter side gets.")}));
    append(out,
           shownWhen<F>(fitsTo(FitTo::Width, FitTo::Box, FitTo::Fill, FitTo::Pad),
                        {numberSetting("width", "Width", "px", &F::width, {16, 30000, 1, 0}, "In pixels.")}));
    append(out, shownWhen<F>(
                    fitsTo(FitTo::Height, FitTo::Box, FitTo::Fill, FitTo::Pad),
                    {numberSetting("height", "Height", "px", &F::height, {16, 30000, 1, 0}, "In pixels.")}));
    append(out, shownWhen<F>(fitsTo(FitTo::Percent),
                             {numberSetting("percent", "Percent", "%", &F::percent, {1, 400, 1, 1},
                                            "Of the picture's own width and height.")}));
    append(out, shownWhen<F>(fitsTo(FitTo::Megapixels),
                             {numberSetting("megapixels", "Megapixels", "MP", &F::megapixels,
                                            {0.01, 500, 0.1, 2}, "A million pixels each.")}));
    append(out, shownWhen<F>(fitsTo(FitTo::Paper),
                             {numberSetting("paper_width", "Paper width", "", &F::paperWidth,
                                            {0.1, 3000, 0.1, 2}, "From edge to edge."),
                              numberSetting("paper_height", "Paper height", "", &F::paperHeight,
                                            {0.1, 3000, 0.1, 2}, "From edge to edge."),
                              choiceSetting<F, LengthUnit>("paper_unit", "Measured in", &F::paperUnit,
                                                           {{"mm", "mm"}, {"cm", "cm"}, {"in", "in"}},
                                                           "Of the paper."),
                              choiceSetting<F, OnPaper>("on_paper", "On the paper", &F::onPaper,
                                                        {{"inside", "As large as fits"},
                                                         {"filled", "Filled, trimmed"},
                                                         {"padded", "Padded to it"}},
                                                        "Filled and padded reach the paper to the pixel.")}));
    append(out, shownWhen<F>(fitsTo(FitTo::Box, FitTo::Fill, FitTo::Pad, FitTo::Paper),
                             {switchSetting("turn_box", "Turned with the picture", &F::turnBox,
                                            "For a tall picture, width and height change places.")}));
    append(out, shownWhen<F>(fitsTo(FitTo::PadRatio),
                             {ratioRow(textSetting("pad_ratio", "Ratio", &F::padRatio, false,
                                                   "Width to height, such as 1:1 or 4:5."))}));
    append(out, shownWhen<F>(
                    [](const F& f) { return f.fills() || f.pads() || f.to == FitTo::PadRatio; },
                    {choiceSetting<F, Anchor>("place", "Place", &F::anchor, placeChoices(),
                                              "Filled: what is kept. Padded: where the picture stands.")}));
    append(out, shownWhen<F>([](const F& f) { return f.pads() || f.to == FitTo::PadRatio; },
                             {choiceSetting<F, PadWith>("pad_with", "Padded with", &F::padWith,
                                                        {{"colour", "A colour"}, {"transparent", "Nothing"}},
                                                        "Nothing: transparent where the format can."),
                              colourSetting("pad_colour", "Padding colour", &F::padColour,
                                            "Around the picture, inside the border.")}));
}

} // namespace

const std::vector<Setting<FitSettings>>& fitSettings() {
    static const auto table = [] {
        std::vector<Setting<F>> out = {
            switchSetting("on", "Fit to a size", &F::on,
                          "Off leaves every copy at its original's full size."),
            commonRow(),
            choiceSetting<F, FitTo>("to", "Fit by", &F::to,
                                    {{"long_side", "Long side"},
                                     {"short_side", "Short side"},
                                     {"width", "Width"},
                                     {"height", "Height"},
                                     {"box", "Inside a box"},
                                     {"percent", "Percent"},
                                     {"megapixels", "Megapixels"},
                                     {"paper", "Size on paper"},
                                     {"fill", "Exact pixels, filled and trimmed"},
                                     {"pad", "Exact pixels, padded"},
                                     {"pad_ratio", "A ratio, padded"}},
                                    "What the receiver measures."),
        };
        appendSizes(out);
        append(
            out,
            {choiceSetting<F, FitWhat>(
                "what", "What gets this size", &F::what,
                {{"picture", "The picture"}, {"whole", "The whole, border included"}},
                "The picture: a border comes on top. The whole: the border is reckoned in, to the pixel.")});
        append(out, {choiceSetting<F, Enlarge>("enlarge", "Smaller pictures", &F::enlarge,
                                               {{"never", "Never enlarged"},
                                                {"up_to", "Enlarged up to a limit"},
                                                {"always", "Always enlarged"}},
                                               "Enlarged pictures are soft; each one is told.")});
        append(out, shownWhen<F>([](const F& f) { return f.enlarge == Enlarge::UpTo; },
                                 {numberSetting("enlarge_limit", "Limit", "%", &F::enlargeLimit,
                                                {100, 400, 1, 0}, "Of the picture's own size.")}));
        append(out, {choiceSetting<F, FitOnly>(
                        "only", "Only pictures", &F::only,
                        {{"always", "Of any size"}, {"larger", "Larger than"}, {"smaller", "Smaller than"}},
                        "The others keep their own size.")});
        append(out, shownWhen<F>([](const F& f) { return f.only != FitOnly::Always; },
                                 {numberSetting("only_size", "Long side", "px", &F::onlySize,
                                                {1, 30000, 1, 0}, "Of the picture as cropped.")}));
        append(out, {choiceSetting<F, FitShape>(
                         "only_shape", "Only shapes", &F::onlyShape,
                         {{"any", "Any"}, {"wide", "Wide"}, {"tall", "Tall"}, {"square", "Square"}},
                         "The others keep their own size."),
                     switchSetting("set_resolution", "State a resolution", &F::setResolution,
                                   "Off states the original's own. It changes no pixel.")});
        append(out, shownWhen<F>([](const F& f) { return f.setResolution || f.to == FitTo::Paper; },
                                 {numberSetting("resolution", "Resolution", "px/in", &F::resolution,
                                                {10, 2400, 1, 0}, "Pixels per inch on paper.")}));
        return out;
    }();
    return table;
}

namespace {

Saying fitWords(const FitSettings& f) {
    const auto number = [](int v) { return std::to_string(v); };
    static const std::string units[] = {"mm", "cm", "in"};
    const auto box = number(f.width) + " × " + number(f.height);
    switch (f.to) {
    case FitTo::LongSide:
        return {"{pixels} on the long side", {{"pixels", number(f.longSide)}}};
    case FitTo::ShortSide:
        return {"{pixels} on the short side", {{"pixels", number(f.shortSide)}}};
    case FitTo::Width:
        return {"{pixels} wide", {{"pixels", number(f.width)}}};
    case FitTo::Height:
        return {"{pixels} high", {{"pixels", number(f.height)}}};
    case FitTo::Box:
        return {"inside {box}", {{"box", box}}};
    case FitTo::Percent:
        return {"{percent} %", {{"percent", trimmedNumber(f.percent, 1)}}};
    case FitTo::Megapixels:
        return {"{megapixels} MP", {{"megapixels", trimmedNumber(f.megapixels, 2)}}};
    case FitTo::Paper:
        return {f.fills()  ? "{width} × {height} {unit} on paper, filled"
                : f.pads() ? "{width} × {height} {unit} on paper, padded"
                           : "{width} × {height} {unit} on paper",
                {{"width", trimmedNumber(f.paperWidth, 2)},
                 {"height", trimmedNumber(f.paperHeight, 2)},
                 {"unit", units[static_cast<std::size_t>(f.paperUnit)]}}};
    case FitTo::Fill:
        return {"{box}, filled", {{"box", box}}};
    case FitTo::Pad:
        return {"{box}, padded", {{"box", box}}};
    case FitTo::PadRatio:
        return {"padded to {ratio}", {{"ratio", f.padRatio}}};
    }
    return {};
}

} // namespace

std::string fitSummary(const Delivery& d) {
    if (!d.fit.on)
        return said("full size");
    const auto words = fitWords(d.fit).said();
    return d.fit.what == FitWhat::Whole ? saidTogether({words, said("whole")}) : words;
}

} // namespace keepseal
