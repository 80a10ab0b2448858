// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "formats/byte_limit.h"

#include <algorithm>
#include <cmath>

namespace keepseal {
namespace {

/// How steeply the logarithm of the bytes grows by quality where only one point is known: of photographs
/// between 60 and 90, about.
constexpr double kUsualSlope = 0.033;

/// A quality, and by how much (in logarithms) its bytes are over the limit: below 0 where they fit.
struct Tried {
    int quality = 0;
    double over = 0;
};

/// Where a straight line through two of them meets the limit.
double crossing(const Tried& low, const Tried& high) {
    const double slope = (high.over - low.over) / (high.quality - low.quality);
    return high.quality - high.over / std::max(slope, 1e-3);
}

/// The next to be tried. Below two that are too large a little lower than the line says, so that it fits.
int guess(const std::optional<Tried>& fits, const Tried& tooLarge, const std::optional<Tried>& largerStill) {
    constexpr double lower = 2;
    const double at = fits          ? crossing(*fits, tooLarge)
                      : largerStill ? crossing(tooLarge, *largerStill) - lower
                                    : tooLarge.quality - tooLarge.over / kUsualSlope - lower;
    return static_cast<int>(std::floor(at));
}

} // namespace

std::optional<int> bestWithin(std::uint64_t most, const StepRange& range, int tries,
                              const std::function<std::uint64_t(int)>& bytesAt) {
    const auto logarithm = [](std::uint64_t bytes) {
        return std::log(std::max<double>(1, static_cast<double>(bytes)));
    };
    std::optional<Tried> fits, largerStill;
    Tried tooLarge{range.best + 1, 0};
    int next = range.best, side = 0;
    for (int left = tries; left > 0; --left) {
        const auto bytes = bytesAt(next);
        const Tried tried{next, logarithm(bytes) - logarithm(most)};
        const int sideNow = bytes <= most ? -1 : 1;
        // Twice on one side: the other end is taken to be nearer, else a bent curve is crept along
        // (the Illinois method: Dowell and Jarratt, 1971).
        if (sideNow < 0) {
            if (side < 0)
                tooLarge.over /= 2;
            fits = tried;
        } else {
            if (side > 0 && fits)
                fits->over /= 2;
            if (tooLarge.quality <= range.best)
                largerStill = tooLarge;
            tooLarge = tried;
        }
        side = sideNow;
        if (next == range.best && fits)
            return next;
        const int low = fits ? fits->quality + 1 : range.least, high = tooLarge.quality - 1;
        if (low > high)
            break;
        next = left == 2 && !fits ? range.least : std::clamp(guess(fits, tooLarge, largerStill), low, high);
    }
    return fits ? std::optional(fits->quality) : std::nullopt;
}

std::optional<int> leastScoring(double wanted, const StepRange& range, int first, int tries,
                                const std::function<double(int)>& scoreAt) {
    constexpr double kUsualStep = 0.4; // of a score for one step of quality, of photographs between 60 and 90
    struct Scored {
        int step;
        double score;
    };
    std::optional<Scored> below, there;
    int next = std::clamp(first, range.least, range.best);
    for (int left = tries; left > 0; --left) {
        const Scored tried{next, scoreAt(next)};
        (tried.score >= wanted ? there : below) = tried;
        const int low = below ? below->step + 1 : range.least, high = there ? there->step - 1 : range.best;
        if (low > high)
            break;
        double guess = 0;
        if (below && there)
            guess = below->step + (wanted - below->score) * (there->step - below->step) /
                                      std::max(there->score - below->score, 1e-6);
        else
            guess = tried.step + (wanted - tried.score) / kUsualStep;
        next = left == 2 && !there ? range.best : std::clamp(static_cast<int>(std::ceil(guess)), low, high);
    }
    return there ? std::optional(there->step) : std::nullopt;
}

} // namespace keepseal
