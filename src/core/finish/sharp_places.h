// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Where a picture is in focus and has texture: there sharpening and grain belong; skies, skin and what lies
// out of focus are spared. Measured on the picture at one small size, so that a proof and its copy agree.
#pragma once

#include "picture/frame.h"

namespace keepseal {

class SharpPlaces {
public:
    /// Any depth, any RGB space: its own numbers are taken as light or dark.
    explicit SharpPlaces(const Frame& frame);
    /// For a row of a frame of that size: 0 (spared) to 1 (all of it), between the measured places by
    /// straight lines.
    void row(int y, Size size, std::vector<float>& out) const;
    int width() const { return m_width; }
    int height() const { return m_height; }
    /// Of one place.
    float at(int x, int y) const {
        return m_value[static_cast<std::size_t>(y) * static_cast<std::size_t>(m_width) +
                       static_cast<std::size_t>(x)];
    }

private:
    int m_width = 0, m_height = 0;
    std::vector<float> m_value;
};

} // namespace keepseal
