// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/usual_crops.h"

#include "base/language.h"

#include <algorithm>
#include <utility>

namespace keepseal {

std::vector<UsualCrop> usualCrops(double shape) {
    std::vector<UsualCrop> out;
    for (const int percent : {5, 10, 15, 20, 25, 30}) {
        const double part = percent / 100.0;
        const auto off = std::to_string(percent) + " ";
        out.push_back({off + toSay("% off the left"), {part, 0, 1 - part, 1}});
        out.push_back({off + toSay("% off the right"), {0, 0, 1 - part, 1}});
        out.push_back({off + toSay("% off the top"), {0, part, 1, 1 - part}});
        out.push_back({off + toSay("% off the foot"), {0, 0, 1, 1 - part}});
    }
    const std::pair<const char*, double> ratios[] = {{"1:1", 1},   {"4:5", 0.8},     {"5:4", 1.25},
                                                     {"3:2", 1.5}, {"2:3", 2.0 / 3}, {"16:9", 16.0 / 9}};
    for (const auto& [name, ratio] : ratios) {
        const double width = std::min(1.0, ratio / shape), height = std::min(1.0, shape / ratio);
        out.push_back({name, {(1 - width) / 2, (1 - height) / 2, width, height}});
    }
    return out;
}

} // namespace keepseal
