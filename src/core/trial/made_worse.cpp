// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Made small and pressed; grey, stretched, photographed from a screen: what is left of the contrast.
#include "base/text.h"
#include "formats/output_format.h"
#include "picture/matrix.h"
#include "render/encode.h"
#include "seal/put.h"
#include "seal/readability.h"
#include "seal/seen.h"
#include "trial/trial.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <opencv2/imgproc.hpp>

namespace keepseal {
namespace {

constexpr int kPressedJpeg = 40, kPressedWebP = 30;
constexpr double kLowestLetters = 4; ///< pixels of a small x that can still be read

Frame frameFrom(const cv::Mat& pixels, const Frame& like) {
    Frame out;
    out.size = {pixels.cols, pixels.rows};
    out.rgb.assign(pixels.datastart, pixels.dataend);
    const double factor = static_cast<double>(pixels.cols) / like.size.width;
    const auto at = [factor](int v) { return static_cast<int>(std::lround(v * factor)); };
    out.picture = {at(like.picture.x), at(like.picture.y), 0, 0};
    out.picture.width = std::min(out.size.width, at(like.picture.right())) - out.picture.x;
    out.picture.height = std::min(out.size.height, at(like.picture.bottom())) - out.picture.y;
    out.measure() = like.measure();
    out.scale *= factor;
    return out;
}

Frame reduced(const Frame& frame, int longSide) {
    const double factor = static_cast<double>(longSide) / frame.size.longSide();
    const cv::Size size(std::max(1, static_cast<int>(std::lround(frame.size.width * factor))),
                        std::max(1, static_cast<int>(std::lround(frame.size.height * factor))));
    cv::Mat out;
    cv::resize(matrixOf(frame), out, size, 0, 0, cv::INTER_AREA);
    return frameFrom(out, frame);
}

Frame pressedTwice(const Frame& frame) {
    FileSettings settings;
    settings.set("webp_quality", static_cast<double>(kPressedWebP));
    Frame out = frame;
    for (int time = 0; time < 2; ++time) {
        out.rgb = decodedCopy(encodeJpeg(out, kPressedJpeg), settings).rgb;
        out.rgb = decodedCopy(encodePixels(out, settings, outputFormat("webp")), settings).rgb;
    }
    return out;
}

/// The contrast of the seal on pixels that something was done to, where it stands on frames of that size.
double contrastLeft(const SealedPicture& picture, const Frame& with, const Frame& without) {
    const auto& decision = picture.drawn.decision;
    const auto placement =
        arrangeSeal(*picture.seal, with.picture, with.size, decision.place, with.measure());
    const Rect reach = reachIn(*picture.seal, placement, with);
    if (reach.empty())
        return 0;
    const auto layers = SealPainter(*picture.seal, placement, versionOf(decision)).paint(reach);
    if (!isSeenNotRead(picture.seal->design)) {
        Readability readability(reach, placement.unit);
        readability.add(with, layers.mark);
        return readability.ratio();
    }
    const auto ink = inkOf(layers, decision.opacity);
    SeenAllOver seen(reach, placement.unit);
    seen.before(without, ink, 0, 0);
    seen.after(with, ink, 0, 0);
    return seen.ratio();
}

/// Of what was asked for, 0 to 100; a ratio of 1 is nothing.
double shareLeft(const SealedPicture& picture, double ratio) {
    const double asked = std::max(1.01, askedContrast(picture.seal->design));
    return std::clamp(std::log(std::max(1.0, ratio)) / std::log(asked), 0.0, 1.0) * 100;
}

double lettersOn(const SealedPicture& picture, const Frame& frame) {
    const auto placement =
        arrangeSeal(*picture.seal, frame.picture, frame.size, picture.drawn.decision.place, frame.measure());
    return picture.seal->smallestXHeight * placement.unit / 100;
}

Frame greyed(const Frame& frame) {
    cv::Mat grey, out;
    cv::cvtColor(matrixOf(frame), grey, cv::COLOR_RGB2GRAY);
    cv::cvtColor(grey, out, cv::COLOR_GRAY2RGB);
    return frameFrom(out, frame);
}

/// Its darkest and brightest 2 % become black and white.
Frame autoLevels(const Frame& frame, const Frame& levelsOf) {
    std::vector<std::uint8_t> sorted(levelsOf.rgb.begin(), levelsOf.rgb.end());
    const auto level = [&](double share) {
        const auto at =
            sorted.begin() + static_cast<std::ptrdiff_t>(share * static_cast<double>(sorted.size() - 1));
        std::nth_element(sorted.begin(), at, sorted.end());
        return double(*at);
    };
    const double low = level(0.02), high = level(0.98);
    Frame out = frame;
    for (auto& value : out.rgb)
        value = static_cast<std::uint8_t>(
            std::clamp((value - low) * 255 / std::max(1.0, high - low), 0.0, 255.0));
    return out;
}

/// Seen a little from the side by a camera whose pixels are not the screen's: red, green and blue stripes of
/// the screen beat with them; then a soft lens. Returned where it lay before, so that seal and pixels can be
/// compared.
Frame photographed(const Frame& frame) {
    constexpr double stripes = 2 * 3.14159265358979 / 2.9, strong = 0.16;
    const auto w = static_cast<float>(frame.size.width), h = static_cast<float>(frame.size.height);
    const std::vector<cv::Point2f> corners{{0, 0}, {w, 0}, {w, h}, {0, h}},
        seen{{0.05F * w, 0.03F * h}, {0.93F * w, 0.08F * h}, {0.97F * w, 0.95F * h}, {0.02F * w, 0.90F * h}};
    const auto there = cv::getPerspectiveTransform(corners, seen);
    cv::Mat screen, photo, back;
    matrixOf(frame).convertTo(screen, CV_32FC3);
    for (int y = 0; y < screen.rows; ++y)
        for (int x = 0; x < screen.cols; ++x)
            for (int c = 0; c < 3; ++c)
                screen.at<cv::Vec3f>(y, x)[c] *=
                    static_cast<float>(1 - strong + strong * std::sin(stripes * x + 2.1 * c));
    cv::warpPerspective(screen, photo, there, screen.size(), cv::INTER_LINEAR);
    cv::GaussianBlur(photo, photo, {0, 0}, 1.1);
    cv::warpPerspective(photo, back, there, screen.size(), cv::INTER_LINEAR | cv::WARP_INVERSE_MAP);
    cv::Mat out;
    back.convertTo(out, CV_8UC3);
    return frameFrom(out, frame);
}

} // namespace

AttackResult madeSmall(const SealedPicture& picture) {
    AttackResult out{Attack::MadeSmall, true, 0, {}, {}};
    double sum = 0, worst = 101;
    int count = 0, smallest = 0;
    double letters = 0;
    for (const int side : {1080, 600, 320}) {
        const int fitting = std::min(side, picture.with.size.longSide());
        const Frame small = reduced(picture.with, fitting);
        const Frame pressed = pressedTwice(small), bare = pressedTwice(reduced(picture.without, fitting));
        const double ratio = contrastLeft(picture, pressed, bare);
        const bool hasLetters = picture.seal->smallestXHeight > 0;
        const double high = lettersOn(picture, small);
        const bool lost = hasLetters && high < kLowestLetters;
        const double left = lost ? 0 : shareLeft(picture, ratio);
        sum += left;
        ++count;
        if (left >= 60 && (smallest == 0 || fitting < smallest))
            smallest = fitting;
        if (left < worst)
            worst = left, letters = hasLetters ? high : 0, out.after = pressed;
    }
    out.holds = sum / count;
    const bool low = letters > 0 && letters < kLowestLetters;
    out.sentence = {
        smallest == 0 ? low ? "Made small and pressed hard it is lost at once; at the smallest its letters "
                              "are {letters} pixels high: {left} of 100 is left."
                            : "Made small and pressed hard it is lost at once: {left} of 100 is left."
        : low ? "Read down to {pixels} pixels, pressed hard twice; at the smallest its letters are {letters} "
                "pixels high: {left} of 100 is left."
              : "Read down to {pixels} pixels, pressed hard twice: {left} of 100 is left.",
        {{"pixels", std::to_string(smallest)},
         {"letters", trimmedNumber(letters, 1)},
         {"left", std::to_string(std::lround(out.holds))}}};
    return out;
}

AttackResult cutDown(const SealedPicture& picture) {
    AttackResult out{Attack::CutDown, true, 101, {}, {}};
    struct Way {
        const char* name;
        Frame with, without;
    };
    const Way ways[] = {
        {toSay("in grey"), greyed(picture.with), greyed(picture.without)},
        {toSay("with its contrast stretched"), autoLevels(picture.with, picture.with),
         autoLevels(picture.without, picture.with)},
        {toSay("photographed from a screen"), photographed(picture.with), photographed(picture.without)}};
    const char* worst = "";
    double ratio = 0;
    for (const auto& way : ways) {
        const double now = contrastLeft(picture, way.with, way.without);
        if (const double left = shareLeft(picture, now); left < out.holds)
            out.holds = left, worst = way.name, ratio = now, out.after = way.with;
    }
    out.sentence = {"It fares worst {how}: contrast {contrast} : 1, {left} of 100 of what was asked.",
                    {{"how", worst},
                     {"contrast", trimmedNumber(ratio, 1)},
                     {"left", std::to_string(std::lround(out.holds))}}};
    return out;
}

} // namespace keepseal
