// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Turn and crop, finish.
#include "base/text.h"
#include "delivery/rows.h"

namespace keepseal {

namespace {

/// Quarter turns as a choice.
Setting<TurnSettings> quarterRow() {
    using T = TurnSettings;
    Setting<T> s;
    s.key = "quarter", s.label = "Turn", s.kind = SettingKind::Choice;
    s.choices = {{"0", "0°"}, {"90", "90°"}, {"180", "180°"}, {"270", "270°"}};
    s.help = "Clockwise, after the picture was set upright by its own orientation.";
    say(s);
    s.get = [choices = s.choices](const T& t) {
        return SettingValue(choices.at(static_cast<std::size_t>(t.quarterTurns)).key);
    };
    s.set = [](T& t, const SettingValue& v) { t.quarterTurns = std::stoi(std::get<std::string>(v)) / 90; };
    return s;
}

Setting<TurnSettings> pagesRow() {
    auto row = textSetting("some_pages", "Which", &TurnSettings::somePages, false,
                           "Counted from 1: \"2\", \"1-3, 5\", \"4-\" to the last.");
    row.accepts = areNamedPages;
    row.allowed = "numbers and spans from 1, such as 1-3, 5";
    return row;
}

} // namespace

const std::vector<Setting<TurnSettings>>& turnSettings() {
    using T = TurnSettings;
    static const auto table = [] {
        std::vector<Setting<T>> out = {
            choiceSetting<T, PagesTaken>(
                "pages", "Of a file with several", &T::pages,
                {{"first", "The first picture"}, {"all", "Every picture"}, {"some", "Some of them"}},
                "Pages of a PDF or TIFF, frames of a GIF or WebP. Each becomes a copy of its own."),
        };
        append(out, shownWhen<T>([](const T& t) { return t.pages == PagesTaken::Some; }, {pagesRow()}));
        append(
            out,
            {choiceSetting<T, RawPicture>(
                "raw", "Of a camera raw", &T::raw,
                {{"developed", "Developed"}, {"cameras", "The camera's own picture"}},
                "Developed: from the sensor's data, neutral, 16 bits, with the camera's white balance. The "
                "camera's own: the JPEG it put into the file.")});
        append(
            out,
            {
                quarterRow(),
                switchSetting("flip", "Mirror", &T::flip, "Left and right change places."),
                numberSetting(
                    "angle", "Straighten", "°", &T::angle, {-45, 45, 0.1, 2},
                    "Clockwise. The largest upright rectangle is kept; nothing is made up at the corners."),
                choiceSetting<T, CropShape>(
                    "shape", "Crop to", &T::shape,
                    {{"free", "Nothing"},
                     {"as_shot", "Its own ratio"},
                     {"1:1", "1 : 1"},
                     {"4:5", "4 : 5"},
                     {"3:2", "3 : 2"},
                     {"16:9", "16 : 9"},
                     {"typed", "Another ratio"}},
                    "The largest part of that ratio. On one picture the crop can be dragged."),
            });
        append(out, shownWhen<T>([](const T& t) { return t.shape == CropShape::Typed; },
                                 {ratioRow(textSetting("ratio", "Ratio", &T::ratio, false,
                                                       "Width to height, such as 7:5 or 1.85."))}));
        append(out, shownWhen<T>(
                        [](const T& t) { return t.shape >= CropShape::FourFive; },
                        {switchSetting("upright", "Turned with the picture", &T::upright,
                                       "A tall picture gets the tall ratio, a wide one the wide ratio.")}));
        append(out, shownWhen<T>([](const T& t) { return t.shape >= CropShape::Square; },
                                 {choiceSetting<T, Anchor>("place", "Keep", &T::anchor, placeChoices(),
                                                           "Which part of the picture stays.")}));
        return out;
    }();
    return table;
}

std::string turnedWords(int quarterTurns) {
    return Saying("turned {degrees}°", {{"degrees", std::to_string(quarterTurns * 90)}}).said();
}

std::string straightenedWords(double angle) {
    return Saying("straightened {degrees}°", {{"degrees", trimmedNumber(angle, 1)}}).said();
}

std::string turnSummary(const Delivery& d) {
    std::vector<std::string> words;
    if (d.turn.pages == PagesTaken::All)
        words.push_back(said("every picture"));
    else if (d.turn.pages != PagesTaken::First)
        words.push_back(Saying("pictures {which}", {{"which", d.turn.somePages}}).said());
    if (d.turn.raw == RawPicture::Cameras)
        words.push_back(said("the camera's own picture"));
    if (d.turn.quarterTurns)
        words.push_back(turnedWords(d.turn.quarterTurns));
    if (d.turn.flip)
        words.push_back(said("mirrored"));
    if (d.turn.angle != 0)
        words.push_back(straightenedWords(d.turn.angle));
    static const std::string shapes[] = {"", toSay("own ratio"), "1 : 1", "4 : 5", "3 : 2", "16 : 9", ""};
    if (d.turn.shape > CropShape::AsShot)
        words.push_back(
            Saying("cropped to {shape}", {{"shape", d.turn.shape == CropShape::Typed
                                                        ? d.turn.ratio
                                                        : shapes[static_cast<std::size_t>(d.turn.shape)]}})
                .said());
    return words.empty() ? said("as shot, set upright") : saidTogether(words);
}

const std::vector<Setting<FinishSettings>>& finishSettings() {
    using F = FinishSettings;
    static const auto table = [] {
        std::vector<Setting<F>> out = {
            choiceSetting<F, Resampling>("resampling", "Made smaller or larger", &F::resampling,
                                         {{"crisp", "Crisp: texture, buildings"},
                                          {"smooth", "Smooth: people, skin"},
                                          {"exact", "Pixel by pixel: screenshots"}},
                                         "How new pixels are made from those there are."),
        };
        append(out,
               shownWhen<F>(
                   [](const F& f) { return f.resampling != Resampling::Exact; },
                   {switchSetting(
                       "linear_light", "In linear light", &F::linearLight,
                       "Made smaller, fine bright lines and lights in the dark keep their brightness. By "
                       "the curve of sRGB, whatever the profile; takes longer, because a JPEG is then "
                       "decoded whole.")}));
        out.push_back(switchSetting(
            "sharpen", "Sharpen for the size", &F::sharpen,
            "Gives back what making the picture smaller took. A picture that keeps its own pixels is "
            "left as it is."));
        append(
            out,
            shownWhen<F>(
                [](const F& f) { return f.sharpen; },
                {numberSetting("amount", "Amount", "%", &F::amount, {0, 300, 1, 0},
                               "How much of the difference to the blurred picture is added."),
                 numberSetting("radius", "Radius", "px", &F::radius, {0.3, 4, 0.1, 2},
                               "Of the blur, in pixels of the copy: 0.5 to 0.8 suits screens, 1 to 2 print."),
                 numberSetting("threshold", "Threshold", "levels", &F::threshold, {0, 40, 0.5, 1},
                               "Smaller differences, such as noise in a sky, are left alone."),
                 numberSetting(
                     "bright_side", "Bright side of edges", "%", &F::brightSide, {0, 100, 5, 0},
                     "How much of what gets brighter is kept: less of it is crisp and not crunchy."),
                 numberSetting("dark_side", "Dark side of edges", "%", &F::darkSide, {0, 100, 5, 0},
                               "How much of what gets darker is kept."),
                 numberSetting(
                     "texture", "Textures brought back", "%", &F::texture, {0, 100, 5, 0, "off"},
                     "Fine detail of about a pixel, in the middle tones only: cloth, sand, hair after a "
                     "strong reduction. Beside the plain sharpening above."),
                 switchSetting("only_luminance", "Only brightness", &F::onlyLuminance,
                               "No coloured fringes."),
                 switchSetting("protect", "Protect lights and shadows", &F::protect,
                               "Fades out near white and black and keeps halos narrow.")}));
        append(out, shownWhen<F>(
                        [](const F& f) { return f.sharpen || f.grain; },
                        {switchSetting("only_sharp", "Only on sharp places", &F::onlySharp,
                                       "Sharpening and grain keep to what is in focus and has texture; "
                                       "skies, skin and soft ground are spared. Measured on each picture; "
                                       "the view can show where (Ctrl+Shift+W).")}));
        append(out, {switchSetting("levels", "Levels to the full range", &F::levels,
                                   "The darkest part becomes black, the brightest white.")});
        append(out, shownWhen<F>([](const F& f) { return f.levels; },
                                 {numberSetting("levels_strength", "Strength", "%", &F::levelsStrength,
                                                {0, 100, 1, 0}, "How far on the way."),
                                  numberSetting("levels_clip", "May be lost", "%", &F::levelsClip,
                                                {0, 5, 0.05, 2}, "Of the pixels, at each end.")}));
        append(out, {numberSetting("brightness", "Brightness", "", &F::brightness, {-100, 100, 1, 0},
                                   "Of the middle tones; black and white stay."),
                     numberSetting("contrast", "Contrast", "", &F::contrast, {-100, 100, 1, 0},
                                   "Steeper or flatter in the middle."),
                     switchSetting("grey", "Greyscale", &F::grey, "Mixed from the three channels.")});
        append(out, shownWhen<F>([](const F& f) { return f.grey; },
                                 {numberSetting("grey_red", "Red", "%", &F::greyRed, {0, 100, 1, 0},
                                                "Its share of their sum: more red brightens skin."),
                                  numberSetting("grey_green", "Green", "%", &F::greyGreen, {0, 100, 1, 0},
                                                "Its share of their sum."),
                                  numberSetting("grey_blue", "Blue", "%", &F::greyBlue, {0, 100, 1, 0},
                                                "Its share of their sum: less blue darkens the sky.")}));
        append(out,
               {switchSetting("grain", "Grain", &F::grain, "The same for the same picture every time.")});
        append(out, shownWhen<F>([](const F& f) { return f.grain; },
                                 {numberSetting("grain_amount", "Grain amount", "%", &F::grainAmount,
                                                {1, 100, 1, 0}, "Strongest in the middle tones."),
                                  numberSetting("grain_size", "Grain size", "px", &F::grainSize,
                                                {1, 8, 0.1, 1}, "In pixels of the copy."),
                                  switchSetting("grain_mono", "Without colour", &F::grainMono,
                                                "Only brighter and darker.")}));
        return out;
    }();
    return table;
}

std::string finishSummary(const Delivery& d) {
    std::vector<std::string> words;
    const auto& f = d.finish;
    if (f.grey)
        words.push_back(said("greyscale"));
    if (f.levels)
        words.push_back(said("levels"));
    if (f.brightness != 0 || f.contrast != 0)
        words.push_back(said("tone"));
    if (f.sharpen)
        words.push_back(Saying("sharpened {amount} %", {{"amount", trimmedNumber(f.amount, 0)}}).said());
    if (f.grain)
        words.push_back(said("grain"));
    return words.empty() ? said("nothing changed") : saidTogether(words);
}

} // namespace keepseal
