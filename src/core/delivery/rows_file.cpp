// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/text.h"
#include "delivery/rows.h"

namespace keepseal {

const std::vector<Setting<FileSettings>>& fileSettings() {
    using F = FileSettings;
    static const auto table = [] {
        std::vector<Setting<F>> out = {
            switchSetting("jpeg", "JPEG", &F::jpeg, "Read everywhere; no transparency, 8 bits.")};
        append(out,
               shownWhen<F>(
                   [](const F& f) { return f.jpeg; },
                   {numberSetting("quality", "JPEG quality", "", &F::quality, {1, 100, 1, 0},
                                  "Higher keeps more and makes larger files; 85 to 92 is usual for screens."),
                    choiceSetting<F, Chroma>(
                        "chroma", "Colour detail", &F::chroma,
                        {{"smaller", "Smaller file (4:2:0)"}, {"full", "Full (4:4:4)"}},
                        "Full keeps fine red and blue edges crisp and makes the file larger."),
                    switchSetting("progressive", "Progressive", &F::progressive,
                                  "Appears coarse first, then fine, over a slow line."),
                    switchSetting("optimised", "Optimised", &F::optimised,
                                  "A few percent smaller, a little slower; the same pixels.")}));
        append(out, {switchSetting("png", "PNG", &F::png, "Without loss; transparency, 8 or 16 bits.")});
        append(out,
               shownWhen<F>(
                   [](const F& f) { return f.png; },
                   {numberSetting("png_effort", "PNG compression", "", &F::pngEffort, {0, 9, 1, 0},
                                  "9 is the smallest file and the longest wait; the pixels are the same.")}));
        append(out, {switchSetting("tiff", "TIFF", &F::tiff,
                                   "For print and archive; transparency, 8 or 16 bits.")});
        append(out, shownWhen<F>(
                        [](const F& f) { return f.tiff; },
                        {choiceSetting<F, TiffPacking>("tiff_packing", "TIFF compression", &F::tiffPacking,
                                                       {{"none", "None"}, {"lzw", "LZW"}, {"zip", "ZIP"}},
                                                       "All without loss; ZIP is the smallest.")}));
        append(out, {switchSetting("webp", "WebP", &F::webp, "Small, for pages; transparency, 8 bits.")});
        append(out, shownWhen<F>([](const F& f) { return f.webp; },
                                 {switchSetting("webp_lossless", "WebP without loss", &F::webpLossless,
                                                "Every pixel stays as it is.")}));
        append(out,
               shownWhen<F>([](const F& f) { return f.webp && !f.webpLossless; },
                            {numberSetting("webp_quality", "WebP quality", "", &F::webpQuality,
                                           {1, 100, 1, 0}, "Higher keeps more and makes larger files.")}));
        append(out, shownWhen<F>([](const F& f) { return f.png || f.tiff; },
                                 {choiceSetting<F, BitDepth>("depth", "Bits a channel", &F::depth,
                                                             {{"8", "8"}, {"16", "16"}},
                                                             "16 keeps the fine steps of a 16-bit original "
                                                             "through the whole chain (PNG and TIFF).")}));
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

std::string fileSummary(const Delivery& d) {
    const auto& f = d.file;
    std::string out;
    const auto add = [&out](const std::string& words) { out += (out.empty() ? "" : " + ") + words; };
    if (f.jpeg)
        add("JPEG " + std::to_string(f.quality));
    if (f.png)
        add(f.depth == BitDepth::Sixteen ? "PNG 16 bit" : "PNG");
    if (f.tiff)
        add(f.depth == BitDepth::Sixteen ? "TIFF 16 bit" : "TIFF");
    if (f.webp)
        add(f.webpLossless ? "WebP" : "WebP " + std::to_string(f.webpQuality));
    if (out.empty())
        return "no format chosen";
    constexpr const char* colours[] = {"sRGB", "own profile", "Display P3", "ICC profile", "grey"};
    return out + " · " + colours[static_cast<std::size_t>(f.colour)];
}

std::string borderSummary(const Delivery& d) {
    const auto& b = d.border;
    if (!b.on)
        return "no border";
    if (!b.name.empty())
        return b.name;
    std::size_t lines = 0;
    for (const auto& ring : b.rings)
        lines += ring.kind == RingKind::Line || ring.kind == RingKind::InnerLine;
    std::string out;
    const auto add = [&out](const std::string& words) { out += (out.empty() ? "" : ", ") + words; };
    if (const auto* mat = b.firstMat()) {
        constexpr const char* units[] = {" %", " % long", " px", " mm"};
        add("mat " + (mat->sides == RingSides::Each
                          ? std::string("of its own")
                          : trimmedNumber(mat->width, 2) + units[static_cast<std::size_t>(mat->unit)]));
    }
    if (lines > 0)
        add(counted(lines, "line", "lines"));
    if (b.caption.on)
        add("caption");
    return out.empty() ? "a border" : out;
}

} // namespace keepseal
