// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/paint_out.h"
#include "seal/usual_crops.h"
#include "trial/trial.h"

#include <cmath>

namespace keepseal {
namespace {

constexpr double kWhole = 0.9; ///< of the ink: the seal is still the seal
constexpr double kCutAway = 0.5;

Rect cropPixels(const Box& share, const Rect& picture) {
    const auto at = [](double v) { return static_cast<int>(std::lround(v)); };
    const int left = picture.x + at(share.x * picture.width), top = picture.y + at(share.y * picture.height);
    return {left, top, std::max(1, picture.x + at(share.right() * picture.width) - left),
            std::max(1, picture.y + at(share.bottom() * picture.height) - top)};
}

/// Of the pixels that the seal changed, the share inside.
double inkInside(const Mask& ink, const Rect& part) {
    double inside = 0, all = 0;
    for (int y = 0; y < ink.height; ++y)
        for (int x = 0; x < ink.width; ++x) {
            const double a = ink.value[static_cast<std::size_t>(y) * static_cast<std::size_t>(ink.width) +
                                       static_cast<std::size_t>(x)];
            all += a;
            if (x >= part.x && x < part.right() && y >= part.y && y < part.bottom())
                inside += a;
        }
    return all > 0 ? inside / all : 0;
}

/// Of a pattern one whole seal is enough.
double sealLeft(const SealedPicture& picture, const Mask& ink, const Rect& part) {
    if (picture.seal->design.arrangement != Arrangement::Repeat)
        return inkInside(ink, part);
    for (const auto& instance : picture.placement.instances) {
        const Box box = boundsOf(instance.map.map(picture.seal->box));
        if (box.x >= part.x && box.y >= part.y && box.right() <= part.right() &&
            box.bottom() <= part.bottom())
            return 1;
    }
    return 0;
}

} // namespace

AttackResult cropped(const SealedPicture& picture) {
    AttackResult out{Attack::Cropped, true, 0, {}, {}};
    const Rect& whole = picture.with.picture;
    const auto ink = changedPixels(picture.without, picture.with);
    const auto crops = usualCrops(static_cast<double>(whole.width) / whole.height);
    int kept = 0;
    const UsualCrop* cheapest = nullptr; // takes the seal off and leaves most of the picture
    const UsualCrop* hardest = nullptr;
    double least = 2, largest = 0;
    for (const auto& crop : crops) {
        const double left = sealLeft(picture, ink, cropPixels(crop.kept, whole));
        kept += left >= kWhole;
        const double area = crop.kept.width * crop.kept.height;
        if (left < kCutAway && area > largest)
            largest = area, cheapest = &crop;
        if (left < least)
            least = left, hardest = &crop;
    }
    out.holds = 100.0 * kept / static_cast<double>(crops.size());
    std::map<std::string, std::string> values{{"kept", std::to_string(kept)},
                                              {"all", std::to_string(crops.size())}};
    if (cheapest) {
        values["crop"] = cheapest->name;
        values["percent"] = std::to_string(std::lround(largest * 100));
    }
    out.sentence = {
        cheapest ? "{kept} of {all} usual crops leave it whole; {crop} takes it away and leaves {percent} % "
                   "of the picture."
                 : "{kept} of {all} usual crops leave it whole.",
        std::move(values)};
    out.after = cutOut(picture.with, cropPixels((cheapest ? cheapest : hardest)->kept, whole));
    return out;
}

} // namespace keepseal
