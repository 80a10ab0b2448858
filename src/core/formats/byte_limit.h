// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The best that keeps within a number of bytes, and the least that keeps a score, found with few encodings:
// of a quality, or of a size in per cent.
#pragma once

#include <cstdint>
#include <functional>
#include <optional>

namespace keepseal {

struct StepRange {
    int least = 1;
    int best = 100; ///< tried first: what fits as it is costs one encoding
};

/// The highest step found whose bytes are at most `most`; nothing when even the least makes more. Calls
/// `bytesAt` at most `tries` times (2 at least), each time with another step of the range; the least is asked
/// for before it is given up. Bytes are taken to grow with the step, more or less evenly: where they don't,
/// what is found still fits, but may not be the best.
std::optional<int> bestWithin(std::uint64_t most, const StepRange& range, int tries,
                              const std::function<std::uint64_t(int step)>& bytesAt);

/// The lowest step found whose score is at least `wanted`; nothing when not even the best has it. Calls
/// `scoreAt` at most `tries` times (2 at least), `first` first; the best is asked for before it is given up.
/// Scores are taken to grow with the step: where they don't, what is found still has its score.
std::optional<int> leastScoring(double wanted, const StepRange& range, int first, int tries,
                                const std::function<double(int step)>& scoreAt);

} // namespace keepseal
