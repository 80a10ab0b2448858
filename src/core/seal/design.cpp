// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/design.h"

namespace keepseal {

const std::vector<Setting<SealDesign>>& sealSettings() {
    using D = SealDesign;
    static const std::vector<Setting<D>> table = {
        switchSetting("on", "Put the seal on", &D::on, "Whether copies carry the seal."),
        textSetting("text", "Text", &D::text, true,
                    "What the seal says. Enter starts a new line; an empty text puts nothing on the copies."),
        choiceSetting<D, SealFace>("face", "Typeface", &D::face,
                                   {{"sans", "Sans"}, {"serif", "Serif"}, {"script", "Script"}},
                                   "The typefaces come with Keep Seal, so a seal looks the same everywhere."),
        choiceSetting<D, SealWeight>("weight", "Weight", &D::weight,
                                     {{"regular", "Regular"}, {"bold", "Bold"}},
                                     "How heavy the letters are."),
        numberSetting(
            "size", "Size", "% of the short side", &D::sizeOfShortSide, {0.5, 40, 0.1, 1},
            "The type size, measured against the short side of the finished picture. A text that would "
            "not fit between the margins is made smaller until it does, and the plan says so."),
        colourSetting("colour", "Colour", &D::colour, "The colour of the letters."),
        numberSetting("opacity", "Opacity", "%", &D::opacity, {1, 100, 1, 0},
                      "100 % covers the picture; less lets it show through the letters."),
        choiceSetting<D, Anchor>("place", "Where", &D::anchor,
                                 {{"top-left", "Top left"},
                                  {"top", "Top"},
                                  {"top-right", "Top right"},
                                  {"left", "Left"},
                                  {"centre", "Centre"},
                                  {"right", "Right"},
                                  {"bottom-left", "Bottom left"},
                                  {"bottom", "Bottom"},
                                  {"bottom-right", "Bottom right"}},
                                 "The corner, edge or middle the seal stands at."),
        numberSetting("margin", "Margin", "% of the short side", &D::marginOfShortSide, {0, 45, 0.1, 1},
                      "From the edge of the picture to the ink of the seal."),
    };
    return table;
}

} // namespace keepseal
