// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/cut.h"

#include <charconv>
#include <numbers>

namespace keepseal {
namespace {

constexpr double kMostRatio = 50;

/// A whole number of pixels, at least 1 and at most `limit`.
double side(double pixels, int limit) {
    return std::clamp(std::round(pixels), 1.0, static_cast<double>(limit));
}

/// Whether a box about `picture`'s turned axes lies inside the picture itself.
bool inside(const Box& box, Size picture, double degrees) {
    const double radians = degrees * std::numbers::pi / 180;
    const double s = std::sin(radians), c = std::cos(radians);
    const double slack = 1e-6 * picture.longSide() + 1e-9;
    for (const auto& corner : box.corners()) {
        const double x = corner.x - picture.width / 2.0, y = corner.y - picture.height / 2.0;
        if (std::abs(x * c + y * s) > picture.width / 2.0 + slack ||
            std::abs(-x * s + y * c) > picture.height / 2.0 + slack)
            return false;
    }
    return true;
}

Box scaledAbout(const Box& box, Point centre, double factor) {
    return {centre.x + (box.x - centre.x) * factor, centre.y + (box.y - centre.y) * factor,
            box.width * factor, box.height * factor};
}

/// Towards the picture's middle, which always lies inside.
Box keptInside(Box box, Size picture, double degrees) {
    if (inside(box, picture, degrees))
        return box;
    const Point middle{picture.width / 2.0, picture.height / 2.0};
    double low = 0, high = 1;
    for (int step = 0; step < 40; ++step) {
        const double factor = (low + high) / 2;
        (inside(scaledAbout(box, middle, factor), picture, degrees) ? low : high) = factor;
    }
    return scaledAbout(box, middle, low);
}

/// Whole pixels; without an angle the edges are whole too.
Box rounded(const Box& box, Size picture, bool onGrid) {
    Box out = box;
    out.width = side(box.width, picture.width);
    out.height = side(box.height, picture.height);
    if (onGrid) {
        out.x = std::clamp(std::round(box.x), 0.0, picture.width - out.width);
        out.y = std::clamp(std::round(box.y), 0.0, picture.height - out.height);
    } else {
        out.width = std::max(1.0, std::floor(box.width));
        out.height = std::max(1.0, std::floor(box.height));
        out.x = box.centre().x - out.width / 2;
        out.y = box.centre().y - out.height / 2;
    }
    return out;
}

} // namespace

std::optional<double> parseRatio(const std::string& text) {
    double numbers[2] = {0, 1};
    std::size_t at = 0;
    for (int i = 0; i < 2; ++i) {
        while (at < text.size() && text[at] == ' ')
            ++at;
        const auto* begin = text.data() + at;
        const auto [end, error] = std::from_chars(begin, text.data() + text.size(), numbers[i]);
        if (error != std::errc() || !(numbers[i] > 0))
            return std::nullopt;
        at = static_cast<std::size_t>(end - text.data());
        while (at < text.size() && text[at] == ' ')
            ++at;
        if (i == 0 && at == text.size())
            break;
        if (i == 0 && text[at] != ':' && text[at] != 'x' && text[at] != '/')
            return std::nullopt;
        ++at;
        if (i == 1 && at <= text.size())
            return std::nullopt;
    }
    const double ratio = numbers[0] / numbers[1];
    if (!(ratio <= kMostRatio) || !(ratio >= 1 / kMostRatio))
        return std::nullopt;
    return ratio;
}

Box largestUpright(Size picture, double degrees, double ratio) {
    const double radians = std::abs(degrees) * std::numbers::pi / 180;
    const double s = std::sin(radians), c = std::cos(radians);
    const double w = picture.width, h = picture.height;
    double width = 0, height = 0;
    if (ratio > 0) {
        width = std::min(w / (c + s / ratio), h / (s + c / ratio));
        height = width / ratio;
    } else if (const double longer = std::max(w, h), shorter = std::min(w, h);
               shorter <= 2 * s * c * longer) {
        const double half = shorter / 2;
        width = w >= h ? half / s : half / c;
        height = w >= h ? half / c : half / s;
    } else {
        const double cos2 = c * c - s * s;
        width = (w * c - h * s) / cos2;
        height = (h * c - w * s) / cos2;
    }
    return {(w - width) / 2, (h - height) / 2, width, height};
}

double ratioOf(const TurnSettings& settings, Size turned) {
    const double shot = static_cast<double>(turned.width) / turned.height;
    double ratio = 0;
    switch (settings.shape) {
    case CropShape::Free:
        return 0;
    case CropShape::AsShot:
        return shot;
    case CropShape::Square:
        return 1;
    case CropShape::FourFive:
        ratio = 4.0 / 5;
        break;
    case CropShape::ThreeTwo:
        ratio = 3.0 / 2;
        break;
    case CropShape::SixteenNine:
        ratio = 16.0 / 9;
        break;
    case CropShape::Typed:
        ratio = parseRatio(settings.ratio).value_or(shot);
        break;
    }
    const bool otherWay = (ratio < 1 && shot > 1) || (ratio > 1 && shot < 1);
    return settings.upright && otherWay ? 1 / ratio : ratio;
}

Cut cutOf(const TurnSettings& settings, const TurnException& exception, Size upright) {
    Cut out;
    out.upright = upright;
    out.quarterTurns = ((settings.quarterTurns + exception.quarterTurns) % 4 + 4) % 4;
    out.flip = settings.flip;
    out.turned = out.quarterTurns % 2 ? Size{upright.height, upright.width} : upright;
    if (upright.empty()) {
        out.box = {0, 0, 1, 1};
        return out;
    }
    out.angle = std::clamp(exception.angle.value_or(settings.angle), -45.0, 45.0);
    const double w = out.turned.width, h = out.turned.height;
    Box box{0, 0, w, h};
    if (exception.crop) {
        const Box& share = *exception.crop;
        box =
            keptInside({share.x * w, share.y * h, share.width * w, share.height * h}, out.turned, out.angle);
    } else if (const double ratio = ratioOf(settings, out.turned); ratio > 0 || out.angle != 0) {
        box = largestUpright(out.turned, out.angle, ratio);
        if (out.angle == 0) {
            const Point at = anchored({0, 0, out.turned.width, out.turned.height}, box.width, box.height,
                                      settings.anchor, 0);
            box.x = at.x, box.y = at.y;
        }
    }
    out.box = rounded(box, out.turned, out.angle == 0);
    return out;
}

int composedOrientation(int orientation, int quarterTurns, bool flip) {
    // Each orientation as "flip left and right first, then so many quarter turns clockwise".
    constexpr int turnsOf[9] = {0, 0, 0, 2, 2, 3, 1, 1, 3};
    constexpr bool flipOf[9] = {false, false, true, false, true, true, false, true, false};
    constexpr int byTurns[4] = {1, 6, 3, 8}, byFlipAndTurns[4] = {2, 7, 4, 5};
    int turns = (turnsOf[orientation] + quarterTurns) % 4;
    bool flipped = flipOf[orientation];
    if (flip) { // a flip after k turns is a flip before 4 - k turns
        flipped = !flipped;
        turns = (4 - turns) % 4;
    }
    return flipped ? byFlipAndTurns[turns] : byTurns[turns];
}

} // namespace keepseal
