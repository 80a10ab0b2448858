// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "likeness/picture_mark.h"

#include "base/problem.h"
#include "picture/matrix.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <cstring>
#include <opencv2/features2d.hpp>
#include <opencv2/imgproc.hpp>

namespace keepseal {
namespace {

constexpr int kGreys = 32, kWaves = 8;
constexpr int kLevels = 13;
constexpr float kScaleStep = 1.2F; ///< from one scale to the next
constexpr int kPatch = 31;         ///< pixels across, as ORB was published
constexpr int kPlaces = 6;         ///< across and down: each is to have its share of points

cv::Mat greysOf(const Frame& frame) {
    cv::Mat grey;
    cv::cvtColor(matrixOf(frame), grey, cv::COLOR_RGB2GRAY);
    return grey;
}

/// Its darkest and brightest hundredth become black and white: soft pictures have corners too.
cv::Mat stretch(const cv::Mat& grey) {
    std::vector<std::uint8_t> sorted(grey.begin<std::uint8_t>(), grey.end<std::uint8_t>());
    const auto level = [&](double share) {
        const auto at = sorted.begin() + static_cast<std::ptrdiff_t>(share * double(sorted.size() - 1));
        std::nth_element(sorted.begin(), at, sorted.end());
        return double(*at);
    };
    const double low = level(0.01), high = level(0.99), times = 255 / std::max(40.0, high - low);
    cv::Mat out;
    grey.convertTo(out, CV_8U, times, -low * times);
    return out;
}

std::uint64_t wholeCode(const cv::Mat& greys) { // 32 x 32, floats
    cv::Mat waves;
    cv::dct(greys, waves);
    std::array<float, kWaves * kWaves> slow{};
    for (int y = 0; y < kWaves; ++y)
        for (int x = 0; x < kWaves; ++x)
            slow[static_cast<std::size_t>(y * kWaves + x)] = waves.at<float>(y, x);
    auto sorted = slow;
    std::sort(sorted.begin(), sorted.end());
    const float median = (sorted[slow.size() / 2 - 1] + sorted[slow.size() / 2]) / 2;
    std::uint64_t code = 0;
    for (std::size_t i = 0; i < slow.size(); ++i)
        code |= static_cast<std::uint64_t>(slow[i] > median) << i;
    return code;
}

cv::Mat fewGreys(const Frame& frame) {
    cv::Mat few, out;
    cv::resize(greysOf(frame), few, {kGreys, kGreys}, 0, 0, cv::INTER_AREA);
    few.convertTo(out, CV_32F);
    return out;
}

/// Which of them are kept: of each scale its share, and of each part of the picture in turn its strongest.
std::vector<std::size_t> spreadOut(const std::vector<cv::KeyPoint>& found, const cv::Size& size, int wanted,
                                   double fewer) {
    std::vector<std::vector<std::size_t>> byScale(kLevels);
    for (std::size_t i = 0; i < found.size(); ++i)
        byScale[static_cast<std::size_t>(std::clamp(found[i].octave, 0, kLevels - 1))].push_back(i);
    std::vector<std::size_t> out;
    double shares = 0;
    for (int level = 0; level < kLevels; ++level)
        shares += std::pow(fewer, -level);
    double carried = 0;
    for (int level = kLevels - 1; level >= 0;
         --level) { // what a coarse scale has too few of goes to finer ones
        auto& here = byScale[static_cast<std::size_t>(level)];
        std::vector<std::vector<std::size_t>> cells(kPlaces * kPlaces);
        std::sort(here.begin(), here.end(), [&](auto a, auto b) {
            return found[a].response != found[b].response ? found[a].response > found[b].response : a < b;
        });
        for (const auto i : here) {
            const auto cell = [](float at, int length) {
                return std::clamp(static_cast<int>(at * kPlaces / static_cast<float>(length)), 0,
                                  kPlaces - 1);
            };
            cells[static_cast<std::size_t>(cell(found[i].pt.y, size.height) * kPlaces +
                                           cell(found[i].pt.x, size.width))]
                .push_back(i);
        }
        carried += wanted * std::pow(fewer, -level) / shares;
        auto left = static_cast<std::size_t>(std::min(carried + 1e-6, double(here.size())));
        carried -= static_cast<double>(left);
        for (std::size_t turn = 0; left > 0; ++turn)
            for (const auto& cell : cells)
                if (turn < cell.size() && left > 0) {
                    out.push_back(cell[turn]);
                    --left;
                }
    }
    return out;
}

std::vector<MarkedPoint> pointsFound(const cv::Mat& grey, int wanted, double fewer) {
    // A strip has no corners on scales where it is narrower than what a corner is told by.
    int levels = 0;
    for (double side = std::min(grey.cols, grey.rows); levels < kLevels && side > kPatch + 2;
         side /= kScaleStep)
        ++levels;
    if (levels == 0)
        return {};
    const auto orb = cv::ORB::create(wanted * 3, kScaleStep, levels, kPatch / 2 + 1, 0, 2,
                                     cv::ORB::HARRIS_SCORE, kPatch, 5);
    std::vector<cv::KeyPoint> found;
    cv::Mat bits;
    orb->detectAndCompute(grey, cv::noArray(), found, bits);
    const auto side = static_cast<float>(std::max(grey.cols, grey.rows));
    std::vector<MarkedPoint> out;
    for (const auto i : spreadOut(found, grey.size(), wanted, fewer)) {
        MarkedPoint point;
        point.x = found[i].pt.x / side;
        point.y = found[i].pt.y / side;
        point.reach = found[i].size / side;
        point.turn = found[i].angle * static_cast<float>(CV_PI / 180);
        std::memcpy(point.bits.data(), bits.ptr(static_cast<int>(i)), sizeof point.bits);
        out.push_back(point);
    }
    return out;
}

} // namespace

PictureMark markOf(const Frame& frame, int points) {
    return {wholeCodeOf(frame), pointsOf(frame, kMarkSide, points)};
}

std::vector<MarkedPoint> pointsOf(const Frame& frame, int longSide, int points) {
    cv::Mat grey = greysOf(reducedTo(frame, longSide));
    const double up = static_cast<double>(longSide) / std::max(grey.cols, grey.rows);
    if (up > 1.001) {
        const cv::Size size(std::max(1, static_cast<int>(std::lround(grey.cols * up))),
                            std::max(1, static_cast<int>(std::lround(grey.rows * up))));
        cv::resize(grey.clone(), grey, size, 0, 0, cv::INTER_CUBIC);
    }
    cv::Mat stretched;
    stretched = stretch(grey);
    return pointsFound(stretched, points, longSide == kMarkSide ? 1.12 : 1.05);
}

std::uint64_t wholeCodeOf(const Frame& frame) {
    return wholeCode(fewGreys(frame));
}

std::array<std::uint64_t, 8> wholeCodesOf(const Frame& frame) {
    std::array<std::uint64_t, 8> out{};
    cv::Mat greys = fewGreys(frame);
    for (std::size_t i = 0; i < 8; ++i) {
        if (i == 4) // it came round
            cv::flip(greys, greys, 1);
        out[i] = wholeCode(greys);
        cv::rotate(greys.clone(), greys, cv::ROTATE_90_CLOCKWISE);
    }
    return out;
}

int distance(std::uint64_t a, std::uint64_t b) {
    return std::popcount(a ^ b);
}

namespace {

void reduce(const cv::Mat& from, cv::Mat to) {
    cv::resize(from, to, to.size(), 0, 0, cv::INTER_AREA);
}

/// Means of `across` pixels side by side, each the sum of two samples. The commonest numbers are known when
/// it is compiled: then it divides by multiplying.
template <int known>
void meansAcross(const std::vector<std::uint16_t>& sums, int across, std::uint8_t* to, int count) {
    const int n = known > 0 ? known : across;
    const auto* from = sums.data();
    for (int x = 0; x < count; ++x, from += 3 * n, to += 3)
        for (int c = 0; c < 3; ++c) {
            unsigned sum = static_cast<unsigned>(n);
            for (int i = 0; i < n; ++i)
                sum += from[3 * i + c];
            to[c] = static_cast<std::uint8_t>(sum / (2U * static_cast<unsigned>(n)));
        }
}

/// Means of squares of so many pixels, of which two rows stand for all: a large picture has pixels enough,
/// and reading them is what takes the time.
Frame quarried(const Frame& frame, int across) {
    Frame out = emptyLike(frame, {frame.size.width / across, frame.size.height / across});
    std::vector<std::uint16_t> sums(static_cast<std::size_t>(frame.size.width) * 3);
    const int second = across / 2;
    for (int y = 0; y < out.size.height; ++y) {
        const auto *a = frame.row(y * across + second / 2), *b = frame.row(y * across + second / 2 + second);
        for (std::size_t i = 0; i < sums.size(); ++i)
            sums[i] = static_cast<std::uint16_t>(a[i] + b[i]);
        const auto means = across == 3 ? meansAcross<3> : across == 4 ? meansAcross<4> : meansAcross<0>;
        means(sums, across, out.row(y), out.size.width);
    }
    return out;
}

} // namespace

Frame reducedTo(const Frame& frame, int longSide) {
    const int across = frame.isPlain() ? frame.size.longSide() / longSide : 0;
    if (across >= 3 && frame.size.shortSide() >= across)
        return reducedTo(quarried(frame, across), longSide);
    const double factor = static_cast<double>(longSide) / frame.size.longSide();
    Frame out;
    if (factor < 1) {
        out = emptyLike(frame, {std::max(1, static_cast<int>(std::lround(frame.size.width * factor))),
                                std::max(1, static_cast<int>(std::lround(frame.size.height * factor)))});
        reduce(matrixOf(frame), matrixOf(out));
        if (!frame.alpha.empty())
            reduce(matrixOver(frame.alpha.data(), frame.size, CV_8U),
                   matrixOver(out.alpha.data(), out.size, CV_8U));
    } else {
        out = frame;
    }
    if (!out.isPlain())
        out = asEightBitSrgb(out);
    if (!out.alpha.empty())
        flattenOnto(out, {255, 255, 255});
    return out;
}

namespace {

constexpr std::size_t kPointBytes = 8 + 32;
constexpr float kFine = 65535;

void putNumber(std::string& out, std::uint64_t value, int bytes) {
    for (int i = 0; i < bytes; ++i)
        out += static_cast<char>(value >> (8 * i));
}

std::uint64_t packedNumberAt(std::string_view bytes, std::size_t at, std::size_t length) {
    std::uint64_t out = 0;
    for (std::size_t i = 0; i < length; ++i)
        out |= static_cast<std::uint64_t>(static_cast<unsigned char>(bytes[at + i])) << (8 * i);
    return out;
}

std::uint64_t inSixteen(float share) {
    return static_cast<std::uint64_t>(std::lround(std::clamp(share, 0.0F, 1.0F) * kFine));
}

} // namespace

std::string packed(const PictureMark& mark) {
    std::string out;
    putNumber(out, mark.whole, 8);
    for (const auto& point : mark.points) {
        putNumber(out, inSixteen(point.x), 2);
        putNumber(out, inSixteen(point.y), 2);
        putNumber(out, inSixteen(point.reach), 2);
        putNumber(out, inSixteen(point.turn / static_cast<float>(2 * CV_PI)), 2);
        for (const auto bits : point.bits)
            putNumber(out, bits, 8);
    }
    return out;
}

PictureMark unpackedMark(std::string_view bytes) {
    if (bytes.size() < 8 || (bytes.size() - 8) % kPointBytes != 0 ||
        bytes.size() > 8 + kPointBytes * kMostPoints)
        throw Problem(ProblemKind::BadFile, {}, "what a picture is known by is damaged");
    PictureMark out;
    out.whole = packedNumberAt(bytes, 0, 8);
    for (std::size_t at = 8; at < bytes.size(); at += kPointBytes) {
        MarkedPoint point;
        const auto share = [&](std::size_t i) {
            return static_cast<float>(packedNumberAt(bytes, at + 2 * i, 2)) / kFine;
        };
        point.x = share(0);
        point.y = share(1);
        point.reach = std::max(share(2), 1 / kFine);
        point.turn = share(3) * static_cast<float>(2 * CV_PI);
        for (std::size_t i = 0; i < point.bits.size(); ++i)
            point.bits[i] = packedNumberAt(bytes, at + 8 + 8 * i, 8);
        out.points.push_back(point);
    }
    return out;
}

} // namespace keepseal
