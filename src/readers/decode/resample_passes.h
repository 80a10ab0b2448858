// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The inner loops of resampling, in vectors. Internal to resample.cpp.
#pragma once

#include <cstdint>

namespace keepseal {

/// Rows and weights are padded: up to kResamplePad values past their ends are read or written.
inline constexpr int kResamplePad = 64;

/// out[i] = sum of weight[t] * rows[t][i], for `n` values.
void resampleDown(const std::uint8_t* const* rows, const float* weight, int taps, int n, float* out);
void resampleDown(const float* const* rows, const float* weight, int taps, int n, float* out);
/// For each of `n` pixels the sum of `taps` pixels of three values from start[i] on, rounded and kept within
/// 0 to 255.
void resampleAcross(const float* row, const int* start, const float* weight, int taps, int n,
                    std::uint8_t* out);
/// The same, neither rounded nor kept.
void resampleAcross(const float* row, const int* start, const float* weight, int taps, int n, float* out);

} // namespace keepseal
