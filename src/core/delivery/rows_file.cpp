// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/text.h"
#include "delivery/rows.h"
#include "formats/output_format.h"

#include <algorithm>

namespace keepseal {

namespace {

Setting<FileSettings> chosenRow(const OutputFormat& format) {
    Setting<FileSettings> out;
    out.key = format.key, out.label = format.name, out.help = format.help;
    out.kind = SettingKind::Switch;
    say(out);
    out.get = [key = format.key](const FileSettings& f) { return SettingValue(f.has(key)); };
    out.set = [key = format.key](FileSettings& f, const SettingValue& v) {
        f.choose(key, std::get<bool>(v));
    };
    return out;
}

Setting<FileSettings> ownSettingRow(const OutputFormat& format, const OwnSetting& own) {
    Setting<FileSettings> out;
    static_cast<SettingInfo&>(out) = own;
    say(out);
    out.get = [key = own.key](const FileSettings& f) { return f.get(key); };
    out.set = [key = own.key](FileSettings& f, const SettingValue& v) { f.set(key, v); };
    out.shown = [&format, key = own.key](const FileSettings& f) {
        return f.has(format.key) && !(f.unseen && format.pixelForPixel && key == format.quality) &&
               OwnValues(format.settings, f.own).counts(key);
    };
    return out;
}

Setting<FileSettings> untouchedRow(const OutputFormat& format) {
    auto out = switchSetting("untouched", "Untouched outside the mark", &FileSettings::untouched,
                             "A JPEG that keeps its size, direction, finish and colours, and has no border, "
                             "is not encoded again: only the squares of 8 or 16 pixels under its mark are. "
                             "The settings above do not count then: they are the original's own.");
    out.shown = [key = format.key](const FileSettings& f) {
        return f.has(key) && !f.unseen && f.atMost <= 0;
    };
    return out;
}

bool chosenSixteen(const FileSettings& f) {
    const auto all = f.formats();
    return std::any_of(all.begin(), all.end(), [](const auto* format) { return format->sixteen; });
}

} // namespace

const std::vector<Setting<FileSettings>>& fileSettings() {
    using F = FileSettings;
    static const auto table = [] {
        std::vector<Setting<F>> out;
        std::vector<std::string> deep;
        for (const auto& format : outputFormats()) {
            out.push_back(chosenRow(format));
            for (const auto& own : format.settings)
                out.push_back(ownSettingRow(format, own));
            if (format.untouched)
                out.push_back(untouchedRow(format));
            if (format.sixteen)
                deep.push_back(format.name);
        }
        append(out,
               {switchSetting("unseen", "As small as unseen", &F::unseen,
                              "The lowest quality at which the difference from the finished picture "
                              "keeps to a limit, found for each copy by at most six encodings. Where the "
                              "best quality does not, the copy is held back.")});
        append(out, shownWhen<F>(
                        [](const F& f) { return f.unseen; },
                        {numberSetting("unseen_score", "Difference no worse than", "", &F::unseenScore,
                                       {30, 95, 0.5, 1},
                                       "SSIMULACRA 2: 100 is no difference, 90 is not seen even where one "
                                       "picture flickers to the other, 80 not side by side, 70 is high "
                                       "quality.")}));
        append(out, {numberSetting(
                        "at_most", "At most", "kB", &F::atMost, {0, 100000, 10, 0, "no limit"},
                        "Thousands of bytes of each file; 0: as many as it takes. The best quality that "
                        "fits is found, up to the one chosen above. No file has one byte more.")});
        append(out,
               shownWhen<F>(
                   [](const F& f) { return f.atMost > 0 && !f.unseen; },
                   {numberSetting("least_quality", "Not below quality", "", &F::leastQuality, {1, 100, 1, 0},
                                  "A copy that needs more bytes at this quality is held back, or gets "
                                  "fewer pixels.")}));
        append(out, shownWhen<F>(
                        [](const F& f) { return f.atMost > 0; },
                        {switchSetting("smaller_to_fit", "Rather fewer pixels", &F::smallerToFit,
                                       "Where that quality still makes too many bytes, the copy gets fewer "
                                       "pixels; else it is held back.")}));
        append(out, shownWhen<F>(chosenSixteen,
                                 {choiceSetting<F, BitDepth>("depth", "Bits a channel", &F::depth,
                                                             {{"8", "8"}, {"16", "16"}},
                                                             "16 keeps the fine steps of a 16-bit original "
                                                             "through the whole chain (" +
                                                                 joinedWithAnd(deep) + ").")}));
        append(out, {choiceSetting<F, ColourOut>(
                        "colour", "Colours", &F::colour,
                        {{"srgb", "sRGB"},
                         {"original", "As in the original"},
                         {"display_p3", "Display P3"},
                         {"profile", "An ICC profile"},
                         {"grey", "Greyscale"}},
                        "The profile is embedded. sRGB is right for pages and most receivers.")});
        append(out, shownWhen<F>([](const F& f) { return f.colour == ColourOut::Profile; },
                                 {textSetting("profile", "Profile", &F::profile, false,
                                              "An ICC file for RGB or grey.", SettingKind::File)}));
        append(out, shownWhen<F>([](const F& f) { return f.colour != ColourOut::Original; },
                                 {choiceSetting<F, Intent>(
                                     "intent", "Colours out of range", &F::intent,
                                     {{"perceptual", "Perceptual"},
                                      {"relative", "Relative"},
                                      {"saturation", "Saturation"},
                                      {"absolute", "Absolute"}},
                                     "ICC's rendering intents. Relative keeps all colours that fit.")}));
        append(out,
               {colourSetting("background", "Under transparency", &F::background,
                              "Takes the place of what is transparent where the format has no transparency."),
                switchSetting("mark", "Recognisable as a copy", &F::mark,
                              "A few bytes of XMP by which Keep Seal knows its own copies, so that none is "
                              "framed and sealed twice. "
                              "They tell nothing about you or the picture.")});
        return out;
    }();
    return table;
}

namespace {

/// " 16 bit", where it is more than the usual 8.
std::string bitsOf(const OutputFormat& format, const OwnValues& own, BitDepth depth) {
    const auto bits = !format.bits.empty()                           ? own.choice(format.bits)
                      : format.sixteen && depth == BitDepth::Sixteen ? std::string("16")
                                                                     : std::string("8");
    return bits == "8" ? "" : " " + bits + " bit";
}

} // namespace

/// Of a JPEG of the usual kind nothing would be encoded but its mark.
bool staysUntouched(const Delivery& d) {
    const auto& f = d.file;
    const auto& t = d.turn;
    return f.untouched && !f.unseen && f.atMost <= 0 && !d.fit.on && !d.border.on && t.quarterTurns == 0 &&
           !t.flip && t.angle == 0 && t.shape == CropShape::Free &&
           (f.colour == ColourOut::Srgb || f.colour == ColourOut::Original) &&
           !(d.seal.on && d.seal.arrangement == Arrangement::Repeat) && !changesPixels(d.finish, {false, 0});
}

std::string fileSummary(const Delivery& d) {
    const auto& f = d.file;
    std::string out;
    const auto add = [&out](const std::string& words) { out += (out.empty() ? "" : " + ") + words; };
    for (const auto* format : f.formats()) {
        const OwnValues own(format->settings, f.own);
        if (format->untouched && staysUntouched(d)) {
            add(saidTogether({format->name, said("original's quality")}));
            continue;
        }
        add(format->name +
            (own.counts(format->quality) && !(f.unseen && format->pixelForPixel)
                 ? " " + std::to_string(own.whole(format->quality))
                 : "") +
            bitsOf(*format, own, f.depth));
    }
    if (out.empty())
        return said("no format chosen");
    if (f.unseen)
        out = saidTogether({out, said("as small as unseen")});
    if (f.atMost > 0)
        out = saidTogether({out, Saying("at most {bytes}",
                                        {{"bytes", byteText(static_cast<std::uint64_t>(f.atMost * 1000))}})
                                     .said()});
    constexpr const char* colours[] = {"sRGB", toSay("own profile"), "Display P3", toSay("ICC profile"),
                                       toSay("grey")};
    return out + " · " + said(colours[static_cast<std::size_t>(f.colour)]);
}

std::string borderSummary(const Delivery& d) {
    const auto& b = d.border;
    if (!b.on)
        return said("no border");
    if (!b.name.empty())
        return b.name;
    std::size_t lines = 0;
    for (const auto& ring : b.rings)
        lines += ring.kind == RingKind::Line || ring.kind == RingKind::InnerLine;
    std::vector<std::string> words;
    if (const auto* mat = b.firstMat()) {
        static const std::string wide[] = {"mat {width} %", "mat {width} % long", "mat {width} px",
                                           "mat {width} mm"};
        words.push_back(mat->sides == RingSides::Each ? said("mat of its own")
                                                      : Saying(wide[static_cast<std::size_t>(mat->unit)],
                                                               {{"width", trimmedNumber(mat->width, 2)}})
                                                            .said());
    }
    if (lines > 0)
        words.push_back(saidOf(lines, "{n} line", "{n} lines"));
    if (b.caption.on)
        words.push_back(said("caption"));
    return words.empty() ? said("a border") : saidTogether(words);
}

} // namespace keepseal
