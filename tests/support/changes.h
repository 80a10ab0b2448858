// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What happens to pictures out there, done to a frame.
#pragma once

#include "likeness/compare.h"
#include "picture/develop.h"
#include "render/encode.h"

#include <opencv2/imgproc.hpp>
#include <opencv2/photo.hpp>

#include <functional>

namespace keepseal {

/// A picture as no other: shapes, lines and blots on a ground that changes, by its number.
inline Frame drawnScene(int number, int width = 900, int height = 600);

inline cv::Mat matOf(const Frame& frame) {
    return {frame.size.height, frame.size.width, CV_8UC3, const_cast<std::uint8_t*>(frame.rgb.data())};
}
inline Frame frameOf(const cv::Mat& pixels) {
    Frame out;
    out.size = {pixels.cols, pixels.rows};
    out.picture = {0, 0, pixels.cols, pixels.rows};
    const cv::Mat whole = pixels.isContinuous() ? pixels : pixels.clone();
    out.rgb.assign(whole.datastart, whole.datastart + static_cast<std::ptrdiff_t>(whole.total() * 3));
    return out;
}

inline Frame drawnScene(int number, int width, int height) {
    cv::RNG random(static_cast<std::uint64_t>(number) * 7919 + 17);
    cv::Mat out(height, width, CV_8UC3);
    for (int y = 0; y < height; ++y)
        out.row(y).setTo(cv::Scalar(60 + number * 37 % 90 + y * 90 / height, 120 + y * 60 / height,
                                    200 - y * 80 / height));
    const auto colour = [&] {
        return cv::Scalar(random.uniform(0, 255), random.uniform(0, 255), random.uniform(0, 255));
    };
    const auto at = [&] { return cv::Point(random.uniform(0, width), random.uniform(0, height)); };
    for (int i = 0; i < 26; ++i) {
        cv::ellipse(out, at(), {random.uniform(8, 70), random.uniform(6, 50)}, random.uniform(0, 180), 0, 360,
                    colour(), -1, cv::LINE_AA);
        cv::line(out, at(), at(), colour(), random.uniform(1, 5), cv::LINE_AA);
        const auto corner = at();
        cv::rectangle(out, corner, corner + cv::Point(random.uniform(10, 90), random.uniform(10, 60)),
                      colour(), random.uniform(0, 2) ? -1 : 3);
    }
    cv::Mat grain(height, width, CV_8UC3);
    random.fill(grain, cv::RNG::NORMAL, 12, 6);
    out += grain;
    return frameOf(out);
}

inline Frame longSide(const Frame& frame, int side) {
    const double k = double(side) / frame.size.longSide();
    cv::Mat out;
    cv::resize(matOf(frame), out, {}, k, k, cv::INTER_AREA);
    return frameOf(out);
}
inline Frame pressedAs(const Frame& frame, const char* format, const char* setting, double quality) {
    FileSettings settings;
    settings.set(setting, quality);
    return decodedCopy(encodePixels(frame, settings, outputFormat(format)), settings);
}
inline Frame cutBy(const Frame& frame, double left, double top, double right, double bottom) {
    const int w = frame.size.width, h = frame.size.height;
    const int x = int(left * w), y = int(top * h);
    return cutOut(frame, {x, y, int((1 - right) * w) - x, int((1 - bottom) * h) - y});
}
inline Frame toned(const Frame& frame, double times, double plus) {
    cv::Mat out;
    matOf(frame).convertTo(out, CV_8UC3, times, plus);
    return frameOf(out);
}
inline Frame greyed(const Frame& frame) {
    cv::Mat grey, out;
    cv::cvtColor(matOf(frame), grey, cv::COLOR_RGB2GRAY);
    cv::cvtColor(grey, out, cv::COLOR_GRAY2RGB);
    return frameOf(out);
}
inline Frame bordered(const Frame& frame, double share, const cv::Scalar& colour) {
    const int by = int(share * frame.size.longSide());
    cv::Mat out;
    cv::copyMakeBorder(matOf(frame), out, by, by, by, by, cv::BORDER_CONSTANT, colour);
    return frameOf(out);
}
inline Frame turned(const Frame& frame, int how) {
    cv::Mat out;
    cv::rotate(matOf(frame), out, how);
    return frameOf(out);
}
inline Frame mirrored(const Frame& frame) {
    cv::Mat out;
    cv::flip(matOf(frame), out, 1);
    return frameOf(out);
}
/// Letters over the picture, or a mark painted out of it in a corner or all over its middle.
inline Frame lettered(const Frame& frame) {
    cv::Mat out = matOf(frame).clone();
    const double size = frame.size.longSide() / 500.0;
    cv::putText(out, "SOLD", {frame.size.width / 5, frame.size.height * 3 / 5}, cv::FONT_HERSHEY_SIMPLEX,
                5 * size, {255, 255, 255}, int(6 * size));
    return frameOf(out);
}
inline Frame paintedOutCorner(const Frame& frame) {
    cv::Mat out, mask = cv::Mat::zeros(frame.size.height, frame.size.width, CV_8U);
    const int w = frame.size.width, h = frame.size.height;
    mask(cv::Rect(w * 6 / 10, h * 8 / 10, w * 35 / 100, h * 15 / 100)).setTo(255);
    cv::inpaint(
        matOf(longSide(frame, 900)),
        [&] {
            cv::Mat small;
            const auto like = longSide(frame, 900).size;
            cv::resize(mask, small, {like.width, like.height}, 0, 0, cv::INTER_NEAREST);
            return small;
        }(),
        out, 3, cv::INPAINT_TELEA);
    return frameOf(out);
}

struct Change {
    const char* name;
    std::function<Frame(const Frame&)> make;
};

inline const std::vector<Change>& allChanges() {
    static const std::vector<Change> changes = {
        {"1200 pixels", [](const Frame& f) { return longSide(f, 1200); }},
        {"400 pixels", [](const Frame& f) { return longSide(f, 400); }},
        {"200 pixels", [](const Frame& f) { return longSide(f, 200); }},
        {"JPEG 30", [](const Frame& f) { return pressedAs(longSide(f, 1000), "jpeg", "quality", 30); }},
        {"200 pixels, JPEG 30",
         [](const Frame& f) { return pressedAs(longSide(f, 200), "jpeg", "quality", 30); }},
        {"WebP 40 and back",
         [](const Frame& f) { return pressedAs(longSide(f, 1000), "webp", "webp_quality", 40); }},
        {"AVIF 40 and back",
         [](const Frame& f) { return pressedAs(longSide(f, 600), "avif", "avif_quality", 40); }},
        {"cut by 30 % at the left", [](const Frame& f) { return longSide(cutBy(f, 0.3, 0, 0, 0), 1000); }},
        {"cut by 30 % at top and right",
         [](const Frame& f) { return longSide(cutBy(f, 0, 0.3, 0.3, 0), 1000); }},
        {"cut by 30 % at each side", [](const Frame& f) { return cutBy(f, 0.3, 0.3, 0.3, 0.3); }},
        {"cut to a square, 500 pixels",
         [](const Frame& f) {
             const double over = 1 - double(f.size.shortSide()) / f.size.longSide();
             return longSide(f.size.width > f.size.height ? cutBy(f, over / 2, 0, over / 2, 0)
                                                          : cutBy(f, 0, over / 2, 0, over / 2),
                             500);
         }},
        {"edges cut off (2 %)",
         [](const Frame& f) { return longSide(cutBy(f, 0.02, 0.02, 0.02, 0.02), 1000); }},
        {"white border put around",
         [](const Frame& f) {
             return longSide(bordered(f, 0.08, {255, 255, 255}), 1000);
         }},
        {"black border put around",
         [](const Frame& f) {
             return longSide(bordered(f, 0.15, {0, 0, 0}), 1000);
         }},
        {"greyscale", [](const Frame& f) { return greyed(longSide(f, 1000)); }},
        {"brighter", [](const Frame& f) { return toned(longSide(f, 1000), 1.2, 25); }},
        {"darker", [](const Frame& f) { return toned(longSide(f, 1000), 0.6, -10); }},
        {"turned to the right",
         [](const Frame& f) { return turned(longSide(f, 1000), cv::ROTATE_90_CLOCKWISE); }},
        {"turned to the left",
         [](const Frame& f) { return turned(longSide(f, 1000), cv::ROTATE_90_COUNTERCLOCKWISE); }},
        {"upside down", [](const Frame& f) { return turned(longSide(f, 1000), cv::ROTATE_180); }},
        {"mirrored", [](const Frame& f) { return mirrored(longSide(f, 1000)); }},
        {"mirrored and cut by 30 %",
         [](const Frame& f) { return mirrored(longSide(cutBy(f, 0.3, 0, 0, 0.3), 1000)); }},
        {"a corner painted out", [](const Frame& f) { return paintedOutCorner(f); }},
        {"letters over it", [](const Frame& f) { return lettered(longSide(f, 1000)); }},
        {"several: cut, grey, 300 px, JPEG 40",
         [](const Frame& f) {
             return pressedAs(greyed(longSide(cutBy(f, 0.1, 0.15, 0.05, 0.1), 300)), "jpeg", "quality", 40);
         }},
    };
    return changes;
}

} // namespace keepseal
