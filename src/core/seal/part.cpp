// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/part.h"

#include <array>

namespace keepseal {
namespace {

constexpr const char* kPartUnit = "% of the seal's unit";
using PartTable = std::vector<Setting<SealPart>>;

PartTable headTable() {
    using P = SealPart;
    return {
        textSetting("id", "Id", &P::id, false, "Unique in its seal."),
        textSetting("name", "Name", &P::name, false, "What the list of parts calls it."),
        textSetting("parent", "Group", &P::parent, false, "The id of the group it belongs to."),
        switchSetting("hidden", "Hidden", &P::hidden,
                      "A hidden part is not put on copies and takes no room."),
        switchSetting("locked", "Locked", &P::locked, "A locked part can't be moved by accident."),
    };
}

PartTable placeTable() {
    using P = SealPart;
    return inGroup<P>("Placed freely",
                      {numberSetting("x", "Across", kPartUnit, &P::x, {-5000, 5000, 1, 1},
                                     "Its middle, where the parts of its group are placed freely."),
                       numberSetting("y", "Down", kPartUnit, &P::y, {-5000, 5000, 1, 1},
                                     "Its middle, where the parts of its group are placed freely.")});
}

PartTable colourTable() {
    using P = SealPart;
    return {
        colourSetting("colour", "Colour, light version", &P::colour, "Its colour in the light version."),
        colourSetting("dark_colour", "Colour, dark version", &P::darkColour,
                      "Its colour in the dark version."),
    };
}

Setting<SealPart> sizeRow(const char* label, const char* help) {
    return numberSetting("size", label, kPartUnit, &SealPart::size, {1, 2000, 1, 0}, help);
}
Setting<SealPart> opacityRow() {
    return numberSetting("opacity", "Opacity", "%", &SealPart::opacity, {1, 100, 1, 0},
                         "Of this part alone; the seal's own opacity comes on top.");
}

PartTable textTable() {
    using T = TextPart;
    static const std::vector<Setting<T>> words = {
        textSetting("text", "Text", &T::text, true,
                    "Enter starts a new line. {name}, {year}, {creator} and others are filled in for each "
                    "picture; {title|untitled} says what to put where there is none."),
    };
    static const std::vector<Setting<T>> face = {
        textSetting("family", "Typeface", &T::family, false,
                    "The typefaces come with Keep Seal, or with your library, so a seal looks the same "
                    "everywhere.",
                    SettingKind::Family),
        choiceSetting<T, SealWeight>("weight", "Weight", &T::weight,
                                     {{"light", "Light"},
                                      {"regular", "Regular"},
                                      {"medium", "Medium"},
                                      {"semibold", "Semi-bold"},
                                      {"bold", "Bold"}},
                                     "How heavy the letters are; the nearest there is."),
        switchSetting("italic", "Italic", &T::italic, "Slanted letters."),
    };
    static const std::vector<Setting<T>> fine = inGroup<T>(
        "Setting the text",
        {numberSetting("letter_spacing", "Letter spacing", "% of the type size", &T::letterSpacing,
                       {-20, 200, 0.5, 1}, "Room added between letters."),
         numberSetting("line_height", "Line height", "% of the type size", &T::lineHeight, {60, 300, 1, 0},
                       "From line to line."),
         choiceSetting<T, TextAlign>("align", "Lines", &T::align,
                                     {{"left", "Left"}, {"centre", "Middle"}, {"right", "Right"}},
                                     "How lines of different length stand to each other."),
         choiceSetting<T, Capitals>("capitals", "Capitals", &T::capitals,
                                    {{"typed", "As typed"}, {"all", "All"}, {"small", "Small"}},
                                    "Letters as typed, in capitals, or in small capitals."),
         numberSetting("outline_only", "Outline only", "% of the type size", &T::outlineOnly, {0, 20, 0.1, 1},
                       "Draws only the letters' outline, this wide; 0 fills them.")});
    PartTable out = lifted(words, &SealPart::text);
    append(out, lifted(face, &SealPart::text));
    out.push_back(sizeRow("Type size", "100 % is the seal's unit."));
    append(out, colourTable());
    out.push_back(opacityRow());
    append(out, lifted(fine, &SealPart::text));
    return out;
}

PartTable logoTable() {
    using L = LogoPart;
    static const std::vector<Setting<L>> files = {
        textSetting("file", "Logo", &L::file, false,
                    "SVG, PDF, PNG, TIFF, WebP or JPEG. SVG and PDF stay sharp at every size.",
                    SettingKind::File),
        textSetting("dark_file", "Its dark version", &L::darkFile, false,
                    "Used where the picture is bright; empty: the same file.", SettingKind::File),
    };
    static const std::vector<Setting<L>> rest = {
        switchSetting(
            "keep_tone", "Keep its own colour", &L::keepTone,
            "A logo of one tone has its own colour in one version, and the part's in the other, for "
            "ground on which its own can't be seen. With a file for the dark version it does "
            "not matter."),
        switchSetting("recolour", "In one colour", &L::recolour,
                      "Keeps the logo's shape and draws it in the part's colours."),
        switchSetting("trim", "Cut empty edges off", &L::trim,
                      "Margins and alignment then count from what can be seen."),
    };
    static const std::vector<Setting<L>> clear =
        inGroup<L>("Background",
                   {switchSetting("clear", "Make one colour transparent", &L::clearOn,
                                  "For a logo on a plain ground, as JPEG files have it."),
                    colourSetting("clear_colour", "Which colour", &L::clearColour, "The ground's colour."),
                    numberSetting("clear_tolerance", "How near to it", "%", &L::clearTolerance, {0, 60, 1, 0},
                                  "Colours this near become transparent as well, the nearest most."),
                    numberSetting("page", "Page of a PDF", "", &L::page, {1, 999, 1, 0}, "From 1.")});
    PartTable out = lifted(files, &SealPart::logo);
    out.push_back(sizeRow("Height", "100 % is the seal's unit."));
    out.push_back(opacityRow());
    append(out, lifted(rest, &SealPart::logo));
    append(out, colourTable());
    append(out, lifted(clear, &SealPart::logo));
    return out;
}

PartTable shapeTable() {
    using S = ShapePart;
    static const std::vector<Setting<S>> rows = {
        choiceSetting<S, ShapeKind>(
            "shape", "Shape", &S::shape,
            {{"line", "Line"}, {"box", "Box"}, {"rounded", "Rounded"}, {"ring", "Ring"}},
            "A line, a box, a box with round corners, or a ring."),
        switchSetting("stretch", "As long as the others", &S::stretch,
                      "A line or box as wide as the widest part beside it (in a row: as tall)."),
        numberSetting("width", "Width", kPartUnit, &S::width, {1, 3000, 1, 0},
                      "While it does not stretch. A ring is as wide as it is tall."),
        numberSetting("thickness", "Line", kPartUnit, &S::thickness, {0, 100, 0.5, 1},
                      "How thick the line is; 0 fills boxes and rings."),
        numberSetting("roundness", "Roundness", "%", &S::roundness, {0, 100, 1, 0},
                      "Of the corners of a rounded box: 100 % makes half circles."),
    };
    PartTable out = lifted(rows, &SealPart::shape);
    out.push_back(sizeRow("Height", "100 % is the seal's unit."));
    append(out, colourTable());
    out.push_back(opacityRow());
    return out;
}

PartTable withHead(PartTable body) {
    PartTable out = headTable();
    append(out, body);
    append(out, placeTable());
    return out;
}

} // namespace

const std::vector<Setting<GroupLayout>>& groupSettings() {
    using G = GroupLayout;
    static const std::vector<Setting<G>> table = inGroup<G>(
        "Layout",
        {choiceSetting<G, Stacking>("stacking", "Parts stand", &G::stacking,
                                    {{"stack", "Stacked"}, {"row", "Side by side"}, {"free", "Freely"}},
                                    "Under each other, side by side, or where you drag them."),
         numberSetting("gap", "Space between", kPartUnit, &G::gap, {-100, 500, 1, 0},
                       "Between neighbours, from ink to ink."),
         choiceSetting<G, CrossAlign>(
             "align", "Lined up", &G::align, {{"start", "Start"}, {"middle", "Middle"}, {"end", "End"}},
             "A stack: at the left, middle or right. Side by side: at the top, middle or foot.")});
    return table;
}

const std::vector<Setting<SealPart>>& partSettings(PartKind kind) {
    static const std::array<PartTable, 4> tables = {withHead(textTable()), withHead(logoTable()),
                                                    withHead(shapeTable()),
                                                    withHead(lifted(groupSettings(), &SealPart::group))};
    return tables.at(static_cast<std::size_t>(kind));
}

const char* keyOf(PartKind kind) {
    constexpr const char* keys[] = {"text", "logo", "shape", "group"};
    return keys[static_cast<std::size_t>(kind)];
}

} // namespace keepseal
