// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Resampling of 8-bit pixels, separable, row by row: each output row needs only a few rows of the input, and
// no frame lies in between. Worked in floating point, rounded once; in vectors as wide as the processor has,
// chosen when it runs.
//
// Reducing, the kernel is stretched by the factor, so that everything it covers counts. Kernels: Lanczos with
// three lobes, and the cubic of Mitchell and Netravali ("Reconstruction Filters in Computer Graphics", 1988)
// with B = C = 1/3. Beyond an edge lies its last pixel.
#pragma once

#include "geometry/size.h"
#include "picture/pixel_memory.h"

#include <cstdint>
#include <functional>
#include <vector>

namespace keepseal {

enum class ResampleKernel { Lanczos3, Mitchell };

/// What each of `to` pixels takes of `from`: `taps` neighbours from `start` on, by weights that sum to 1.
struct ResampleWeights {
    int taps = 0;
    std::vector<int> start;
    std::vector<float> weight; ///< `taps` for each
};
ResampleWeights resampleWeights(int from, int to, ResampleKernel kernel);

struct ResampleAsked {
    Size from, to;
    int channels = 3; ///< 1 or 3, interleaved
    ResampleKernel kernel = ResampleKernel::Lanczos3;
    /// Averages light and not code values (by the curve of sRGB, IEC 61966-2-1): fine bright lines keep their
    /// brightness. Where decodeShrink() would allow a decoder to shrink, plain means of light come first.
    bool linearLight = false;
};

/// `nextRow(to)` writes the next row of the source, top first; it is called once for each row that counts.
/// What it throws passes through.
Pixels<std::uint8_t> resample(const ResampleAsked& asked, const std::function<void(std::uint8_t*)>& nextRow);

} // namespace keepseal
