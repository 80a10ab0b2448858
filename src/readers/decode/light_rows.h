// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Rows of an 8-bit picture as light, by the curve of sRGB (IEC 61966-2-1): 0 is none, 65535 the most.
#pragma once

#include "geometry/size.h"

#include <cstdint>
#include <functional>
#include <vector>

namespace keepseal {

class LightRows {
public:
    /// `channels`: 1 or 3, interleaved. `shrink`: so many by so many pixels are meant into one, as light: 1,
    /// 2, 4 or 8. Beyond an edge lies its last pixel. `nextRow(to)` writes the next row of the picture and
    /// outlives this.
    LightRows(Size from, int channels, int shrink, const std::function<void(std::uint8_t*)>& nextRow);

    Size size() const { return m_size; } ///< in pixels that are handed out
    /// The next row, size().width * channels values. Asked for at most size().height times.
    void next(std::uint16_t* to);

private:
    void takeRow();

    Size m_from, m_size;
    int m_channels, m_shrink;
    const std::function<void(std::uint8_t*)>& m_nextRow;
    int m_taken = 0;                    ///< rows of the picture
    std::vector<std::uint8_t> m_source; ///< one row, up to a whole number of `m_shrink` pixels
    std::vector<std::uint32_t> m_sums;
};

/// 8-bit values of light, rounded; what is below or above counts as none or the most.
void valuesOfLight(const float* light, std::size_t n, std::uint8_t* to);

} // namespace keepseal
