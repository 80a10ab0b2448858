// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The settings of a seal: what the bench shows and what is saved.
#include "seal/design.h"

namespace keepseal {
namespace {

using D = SealDesign;
using Table = std::vector<Setting<D>>;
constexpr const char* kUnit = "% of the seal's unit";

/// Makes one where there is none.
SealPart& firstTextOf(SealDesign& design) {
    if (!design.firstText())
        design.setText({});
    return *design.part(design.firstText()->id);
}

/// Rows of the text part's own table that reach into the seal's first text.
Table sealShortCuts() {
    Table out;
    for (const auto* key : {"text", "family", "weight", "colour"}) {
        const auto* row = rowOf(partSettings(PartKind::Text), key);
        Setting<D> setting;
        static_cast<SettingInfo&>(setting) = *row;
        setting.derived = true;
        setting.help += " " + said("(Of the seal's first text.)");
        if (setting.key == "colour")
            setting.label = said("Colour");
        setting.get = [row](const D& d) {
            const auto* text = d.firstText();
            return row->get(text ? *text : SealPart{});
        };
        setting.set = [row](D& d, const SettingValue& v) { row->set(firstTextOf(d), v); };
        out.push_back(std::move(setting));
    }
    return out;
}

std::vector<SettingChoice> placeChoices() {
    return {{"top-left", "Top left"},
            {"top", "Top"},
            {"top-right", "Top right"},
            {"left", "Left"},
            {"centre", "Centre"},
            {"right", "Right"},
            {"bottom-left", "Bottom left"},
            {"bottom", "Bottom"},
            {"bottom-right", "Bottom right"}};
}

constexpr const char* kFromEdge = "From the edge of the picture to the ink of the seal.";
constexpr const char* kFromEdgeDown = "From the upper and lower edge of the picture to the ink of the seal.";

std::vector<Setting<Margins>> allMargins() {
    using M = Margins;
    const auto rows = [](MarginIn in, bool down, Setting<M> row) {
        row.shown = [in, down](const M& m) { return m.in == in && (m.apart || !down); };
        return row;
    };
    const auto share = MarginIn::Share, pixels = MarginIn::Pixels, mm = MarginIn::Millimetres;
    return {
        rows(share, false,
             numberSetting("margin", "Margin", "% of the short side", &M::share, {0, 45, 0.1, 1}, kFromEdge)),
        choiceSetting<M, MarginIn>("margin_in", "Margin counted in", &M::in,
                                   {{"share", "% of the picture"}, {"px", "Pixels"}, {"mm", "Millimetres"}},
                                   "Pixels of the copy, or millimetres on paper at the copy's resolution. A "
                                   "margin never takes more than 45 % of a side."),
        rows(pixels, false,
             numberSetting("margin_px", "Margin", "px", &M::pixels, {0, 5000, 1, 0}, kFromEdge)),
        rows(mm, false, numberSetting("margin_mm", "Margin", "mm", &M::mm, {0, 300, 0.5, 1}, kFromEdge)),
        switchSetting("margins_apart", "Up and down apart", &M::apart,
                      "One margin to the sides, another up and down."),
        rows(share, true,
             numberSetting("margin_down", "Margin up and down", "% of the short side", &M::shareDown,
                           {0, 45, 0.1, 1}, kFromEdgeDown)),
        rows(pixels, true,
             numberSetting("margin_down_px", "Margin up and down", "px", &M::pixelsDown, {0, 5000, 1, 0},
                           kFromEdgeDown)),
        rows(mm, true,
             numberSetting("margin_down_mm", "Margin up and down", "mm", &M::mmDown, {0, 300, 0.5, 1},
                           kFromEdgeDown)),
    };
}

/// The usual one stands among the quick rows, the others with how the seal stands.
Table marginRows(bool usual) {
    Table out;
    for (auto& row : lifted(allMargins(), &D::margins))
        if ((row.key == "margin") == usual)
            out.push_back(std::move(row));
    return out;
}

Table quickRows() {
    Table out = {switchSetting("on", "Put the seal on", &D::on, "Whether copies carry the seal.")};
    append(out, sealShortCuts());
    append<D>(
        out,
        {
            numberSetting(
                "size", "Size", "% of the short side", &D::size, {0.5, 60, 0.1, 1},
                "The seal's unit, which is the type size of a text of 100 %, measured against the picture. "
                "A seal that would not fit between the margins is made smaller until it does, and the plan "
                "says so."),
            numberSetting("opacity", "Opacity", "%", &D::opacity, {1, 100, 1, 0},
                          "100 % covers the picture; less lets it show through."),
            choiceSetting<D, Tone>(
                "tone", "Version", &D::tone, {{"picture", "Adapts"}, {"light", "Light"}, {"dark", "Dark"}},
                "The light version for dark places and the dark one for bright places, chosen for "
                "each picture by what lies behind the seal; or always the same."),
            choiceSetting<D, Anchor>("place", "Where", &D::anchor, placeChoices(),
                                     "The corner, edge or middle the seal stands at."),
        });
    append(out, marginRows(true));
    return out;
}

Table arrangementRows() {
    Table out = {
        choiceSetting<D, Arrangement>("arrangement", "The seal stands", &D::arrangement,
                                      {{"single", "Once"}, {"strip", "In a strip"}, {"repeat", "All over"}},
                                      "Once, in a band across the picture, or repeated all over it."),
        numberSetting("angle", "Turned by", "°", &D::angle, {-180, 180, 1, 1},
                      "Clockwise. A strip is not turned."),
        numberSetting(
            "restless", "Restless", "%", &D::restless, {0, 100, 5, 0, "off"},
            "Place, size, angle and strength vary a little from picture to picture (the same picture "
            "always gets the same), so that the seal can't be averaged out of a set. 100 %: by up to "
            "3 % of the short side, an eighth of the size, 6° and an eighth of the strength."),
        switchSetting("at_point", "At a point of its own", &D::atPoint,
                      "Instead of a corner, edge or middle.")};
    append(out, lifted<D, Point>({numberSetting("point_x", "Across", "% of the width", &Point::x,
                                                {0, 100, 0.5, 1}, "Where the seal's middle stands."),
                                  numberSetting("point_y", "Down", "% of the height", &Point::y,
                                                {0, 100, 0.5, 1}, "Where the seal's middle stands.")},
                                 &D::point));
    out.push_back(choiceSetting<D, Against>("against", "Measured against", &D::against,
                                            {{"picture", "Picture"}, {"whole", "Whole"}},
                                            "The picture proper, or the whole with its border."));
    out.push_back(switchSetting<D>("clear_of_caption", "Clear of the caption", &D::clearOfCaption,
                                   "A single seal that would stand on a caption's words moves beside them, "
                                   "the shortest way."));
    append(out, marginRows(false));
    return inGroup<D>("Arrangement", std::move(out));
}

Table scaleRows() {
    return inGroup<D>(
        "Scale",
        {choiceSetting<D, ScaleBy>(
             "scale_by", "Size counts against", &D::scaleBy,
             {{"short", "The short side"},
              {"long", "The long side"},
              {"width", "The width"},
              {"height", "The height"},
              {"area", "Equal area on every shape"}},
             "What the size is a share of. Equal area: the whole seal takes the same share of every picture, "
             "whatever its shape (the size is the square root of that share)."),
         numberSetting("size_tall", "On tall pictures", "%", &D::sizeTall, {0, 60, 0.1, 1},
                       "0: the same size. Tall: at least a seventh higher than wide."),
         numberSetting("size_wide", "On wide pictures", "%", &D::sizeWide, {0, 60, 0.1, 1},
                       "0: the same size. Wide: at least a seventh wider than high."),
         numberSetting("size_square", "On square pictures", "%", &D::sizeSquare, {0, 60, 0.1, 1},
                       "0: the same size. Square: neither tall nor wide."),
         numberSetting(
             "min_x_height", "Letters never below", "px", &D::minXHeight, {0, 100, 1, 0},
             "The height of a small x on the copy; 0: no limit. Small copies then get a larger seal."),
         numberSetting("max_share", "Never more than", "%", &D::maxShare, {1, 100, 1, 0},
                       "Of the picture's width and of its height.")});
}

Table stripRows() {
    using S = StripLook;
    return lifted(
        inGroup<S>(
            "Strip",
            {choiceSetting<S, StripRuns>(
                 "strip_runs", "Runs", &S::runs,
                 {{"across", "Across"}, {"up", "Upright, upwards"}, {"down", "Upright, downwards"}},
                 "From side to side at the height of its place, or "
                 "along the left or right edge, written upwards or "
                 "downwards."),
             numberSetting("strip_padding", "Room above and below", kUnit, &S::padding, {0, 300, 1, 0},
                           "Between the seal and the strip's edges."),
             colourSetting("strip_colour", "Colour, light version", &S::colour,
                           "Of the strip behind the light version."),
             colourSetting("strip_dark_colour", "Colour, dark version", &S::darkColour,
                           "Of the strip behind the dark version."),
             numberSetting("strip_opacity", "Opacity", "%", &S::opacity, {0, 100, 1, 0}, "Of the strip.")}),
        &D::strip);
}

Table repeatRows() {
    using R = RepeatLook;
    return lifted(
        inGroup<R>("All over", {numberSetting("gap_x", "Distance across", kUnit, &R::gapX, {0, 3000, 5, 0},
                                              "From seal to seal."),
                                numberSetting("gap_y", "Distance down", kUnit, &R::gapY, {0, 3000, 5, 0},
                                              "From row to row."),
                                numberSetting("row_shift", "Every other row shifted", "% of the step",
                                              &R::rowShift, {0, 100, 1, 0}, "Like bricks in a wall: 50 %."),
                                switchSetting("alternate", "One part at a time, in turn", &R::alternate,
                                              "Instead of the whole seal each time."),
                                numberSetting("phase_x", "Start across", "% of the step", &R::phaseX,
                                              {-100, 100, 1, 0}, "Moves the whole pattern."),
                                numberSetting("phase_y", "Start down", "% of the step", &R::phaseY,
                                              {-100, 100, 1, 0}, "Moves the whole pattern.")}),
        &D::repeat);
}

Table mixRows() {
    return inGroup<D>(
        "Mixing", {choiceSetting<D, MixMode>("mix", "Mixes with the picture", &D::mix,
                                             {{"normal", "Normally"},
                                              {"multiply", "Multiply"},
                                              {"screen", "Screen"},
                                              {"overlay", "Overlay"},
                                              {"soft-light", "Soft light"},
                                              {"hard-light", "Hard light"},
                                              {"darken", "Darken"},
                                              {"lighten", "Lighten"},
                                              {"difference", "Difference"}},
                                             "How the seal's colours and the picture's make the result.")});
}

Table haloRows() {
    using H = HaloLook;
    return lifted(
        inGroup<H>(
            "Halo",
            {choiceSetting<H, HaloWhen>("halo", "Halo", &H::when,
                                        {{"off", "Off"}, {"needed", "If needed"}, {"always", "Always"}},
                                        "A soft glow behind the seal; if needed: where the seal is less "
                                        "readable than you asked for, and as little of it as does it."),
             colourSetting("halo_colour", "Colour, light version", &H::colour, "Behind the light version."),
             colourSetting("halo_dark_colour", "Colour, dark version", &H::darkColour,
                           "Behind the dark version."),
             numberSetting("halo_strength", "Strength", "%", &H::strength, {1, 100, 1, 0},
                           "Of the halo. If needed: what it begins with, a little less to all of it."),
             numberSetting("halo_softness", "Softness", kUnit, &H::softness, {0, 200, 1, 0},
                           "How far it fades."),
             numberSetting("halo_spread", "Spread", kUnit, &H::spread, {0, 60, 1, 0},
                           "How far it reaches at full strength.")}),
        &D::halo);
}

Table shadowRows() {
    using S = ShadowLook;
    return lifted(
        inGroup<S>("Shadow", {switchSetting("shadow", "Shadow", &S::on, "A shadow that falls to one side."),
                              colourSetting("shadow_colour", "Colour", &S::colour, "Of the shadow."),
                              numberSetting("shadow_strength", "Strength", "%", &S::strength, {1, 100, 1, 0},
                                            "Of the shadow."),
                              numberSetting("shadow_softness", "Softness", kUnit, &S::softness,
                                            {0, 200, 1, 0}, "How far its edge fades."),
                              numberSetting("shadow_distance", "Distance", kUnit, &S::distance,
                                            {0, 200, 1, 0}, "How far it falls."),
                              numberSetting("shadow_angle", "Falls towards", "°", &S::angle, {0, 360, 5, 0},
                                            "Clockwise from upwards.")}),
        &D::shadow);
}

Table outlineRows() {
    using O = OutlineLook;
    return lifted(inGroup<O>("Outline", {numberSetting("outline", "Width", kUnit, &O::width, {0, 40, 0.5, 1},
                                                       "Around letters, logos and shapes; 0: none."),
                                         colourSetting("outline_colour", "Colour, light version", &O::colour,
                                                       "Around the light version."),
                                         colourSetting("outline_dark_colour", "Colour, dark version",
                                                       &O::darkColour, "Around the dark version.")}),
                  &D::outline);
}

Table reliefRows() {
    using R = ReliefLook;
    return lifted(
        inGroup<R>("Relief",
                   {switchSetting("relief", "Raised relief", &R::on,
                                  "Lit and shaded edges, as if pressed into the picture. With little opacity "
                                  "only the edges show."),
                    numberSetting("relief_depth", "Depth", kUnit, &R::depth, {0.5, 40, 0.5, 1},
                                  "How wide the slopes are."),
                    numberSetting("relief_strength", "Strength", "%", &R::strength, {1, 100, 1, 0},
                                  "Of light and shade."),
                    numberSetting("relief_angle", "Light from", "°", &R::angle, {0, 360, 5, 0},
                                  "Clockwise from upwards.")}),
        &D::relief);
}

Table plateRows() {
    using P = PlateLook;
    return lifted(
        inGroup<P>(
            "Plate",
            {switchSetting("plate", "Plate behind", &P::on, "A plain box behind the seal."),
             colourSetting("plate_colour", "Colour, light version", &P::colour, "Behind the light version."),
             colourSetting("plate_dark_colour", "Colour, dark version", &P::darkColour,
                           "Behind the dark version."),
             numberSetting("plate_opacity", "Opacity", "%", &P::opacity, {1, 100, 1, 0}, "Of the plate."),
             numberSetting("plate_padding", "Room around", kUnit, &P::padding, {0, 300, 1, 0},
                           "Between the seal and the plate's edges."),
             numberSetting("plate_roundness", "Roundness", "%", &P::roundness, {0, 100, 1, 0},
                           "Of its corners.")}),
        &D::plate);
}

Table perspectiveRows() {
    Table out;
    constexpr const char* names[] = {"Top left", "Top right", "Bottom right", "Bottom left"};
    constexpr const char* keys[] = {"top_left", "top_right", "bottom_right", "bottom_left"};
    for (std::size_t i = 0; i < 4; ++i)
        for (const bool across : {true, false}) {
            Setting<D> row;
            row.key = std::string("corner_") + keys[i] + (across ? "_x" : "_y");
            row.label = std::string(names[i]) + (across ? ", across" : ", down");
            row.unit = across ? "% of the seal's width" : "% of the seal's height";
            row.help =
                "How far this corner is moved, for a single seal that lies on a surface of the picture.";
            row.kind = SettingKind::Number;
            say(row);
            row.range = {-300, 300, 1, 1};
            row.get = [i, across](const D& d) {
                const auto& p = d.perspective.corners[i];
                return SettingValue(across ? p.x : p.y);
            };
            row.set = [i, across](D& d, const SettingValue& v) {
                auto& p = d.perspective.corners[i];
                (across ? p.x : p.y) = std::get<double>(v);
            };
            out.push_back(std::move(row));
        }
    return inGroup<D>("Perspective", std::move(out));
}

Table plateIfNeededRow() {
    using P = PlateLook;
    return lifted(shownWhen<P>([](const P& p) { return !p.on; },
                               {switchSetting("plate_if_needed", "A plate, if needed", &P::ifNeeded,
                                              "Where neither the other version nor halo and strength make "
                                              "the seal readable. Not under a pattern.")}),
                  &D::plate);
}

Table adaptingRows() {
    Table out = {
        numberSetting(
            "readable", "Readable means", ": 1", &D::readable, {1, 21, 0.1, 1},
            "The contrast between the seal and what surrounds it, measured on the finished pixels. "
            "3 : 1 is enough for large letters, 4.5 : 1 for small ones. What adapts does so until it is "
            "reached."),
        numberSetting("seen", "All over means", ": 1", &D::seen, {1, 21, 0.05, 2},
                      "What is asked of a pattern or of a relief, which are there to be seen, not read: how "
                      "far they change the pixels under them, as a contrast."),
        switchSetting("stronger", "Stronger until readable", &D::stronger,
                      "Raises the opacity, picture by picture, until the seal is as readable as you ask."),
        numberSetting("strongest", "But not above", "%", &D::strongest, {1, 100, 1, 0},
                      "The opacity it is raised to at most."),
    };
    append(out, plateIfNeededRow());
    append(out, {choiceSetting<D, HelpOrder>(
                     "helped_by", "Helped by", &D::helpedBy,
                     {{"halo-strength-plate", "Halo, then strength, then plate"},
                      {"strength-halo-plate", "Strength, then halo, then plate"},
                      {"halo-plate-strength", "Halo, then plate, then strength"},
                      {"strength-plate-halo", "Strength, then plate, then halo"},
                      {"plate-halo-strength", "Plate, then halo, then strength"},
                      {"plate-strength-halo", "Plate, then strength, then halo"}},
                     "The order in which what is allowed to help is tried, after the other "
                     "version. The first that is enough alone is taken, in the least amount; "
                     "only then several together."),
                 switchSetting("hold_back", "Hold unreadable ones back", &D::holdBack,
                               "A copy on which nothing helps is not made; else it is made, and told.")});
    return inGroup<D>("Readability", std::move(out));
}

Table placingRows() {
    return inGroup<D>(
        "Placing",
        {choiceSetting<D, Placing>("placing", "Place", &D::placing,
                                   {{"set", "As set"}, {"advised", "Place for me"}},
                                   "As set above, or the best of the places you allow, picture by picture."),
         choiceSetting<D, AllowedPlaces>("allowed", "Allowed places", &D::allowed,
                                         {{"corners", "The four corners"},
                                          {"foot", "Along the foot"},
                                          {"edges", "Corners and edges"},
                                          {"all", "All nine"}},
                                         "Where the seal may go."),
         numberSetting("move_gain", "Move only if better by", "points", &D::moveGain, {0, 100, 1, 0},
                       "Of 100. The place set above is kept unless another one is this much better.")});
}

Table makeTable() {
    Table out = quickRows();
    for (auto* rows : {arrangementRows, scaleRows, placingRows, adaptingRows, mixRows, haloRows, shadowRows,
                       outlineRows, reliefRows, plateRows, stripRows, repeatRows, perspectiveRows})
        append(out, rows());
    append(out, lifted(groupSettings(), &D::layout));
    return out;
}

} // namespace

const std::vector<Setting<SealDesign>>& sealSettings() {
    static const Table table = makeTable();
    return table;
}

} // namespace keepseal
