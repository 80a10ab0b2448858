// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The inner loops of resampling, in vectors. Internal to resample.cpp.
#pragma once

#include <cstdint>
#include <vector>

namespace keepseal {

/// Rows and weights are padded: up to kResamplePad values past their ends are read or written.
inline constexpr int kResamplePad = 64;

/// out[i] = sum of weight[t] * rows[t][i], for `n` values.
void resampleDown(const std::uint8_t* const* rows, const float* weight, int taps, int n, float* out);
void resampleDown(const std::uint16_t* const* rows, const float* weight, int taps, int n, float* out);
/// Weights as the processor takes them: as many pixels of three values at once as fit into a vector.
struct AcrossWeights {
    int taps = 0, vectors = 0; ///< of each output pixel
    std::vector<float> weight; ///< vectors x lanes for each
};
/// `weight`: `taps` for each of `n` pixels.
AcrossWeights acrossWeights(const float* weight, int taps, int n);
/// So many rows at a time read each weight once: reading them is what takes the time.
inline constexpr int kAcrossRows = 4;
/// For each of `n` pixels of `count` rows, at most kAcrossRows, the sum of so many pixels of three values
/// from start[i] on, rounded and kept within 0 to 255. What lies past the end of a row must be numbers, which
/// count nothing. A row comes out the same whichever are made with it.
void resampleAcross(const float* const* rows, int count, const int* start, const AcrossWeights& weights,
                    int n, std::uint8_t* const* out);
/// The same, neither rounded nor kept.
void resampleAcross(const float* const* rows, int count, const int* start, const AcrossWeights& weights,
                    int n, float* const* out);

/// Means of two by two pixels of three values, rounded half up, for `n` of them; nothing is read or written
/// past their ends.
void halveThree(const std::uint8_t* upper, const std::uint8_t* lower, int n, std::uint8_t* out);

} // namespace keepseal
