// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Camera raw files of a made-up camera, as DNG 1.4 (TIFF/EP): for the demo and for tests. Nothing but the
// standard library; every byte is put there by hand.
#pragma once

#include <array>
#include <cstdint>
#include <functional>
#include <string>

namespace demo {

struct RawScene {
    int width = 0, height = 0;                                ///< of the sensor
    std::function<std::array<double, 3>(int x, int y)> light; ///< linear sRGB, 0 to 1
    std::string pattern = "RGGB";               ///< of the sensor's cells; "linear": all three each
    int orientation = 1;                        ///< Exif 2.32 tag 0x0112
    std::array<double, 3> neutral{0.5, 1, 0.7}; ///< what the sensor answers to white
    int inset = 0;                              ///< pixels that the stated crop leaves off all around
    double exposure = 0;                        ///< BaselineExposure, stops
    std::string preview;                        ///< a JPEG, not turned; empty: none
    int previewWidth = 0, previewHeight = 0;
    bool place = false; ///< as the demo's pictures have it, out at sea
    std::string make = "Saltmarsh Optics", model = "Heron 24", taken = "2026:05:02 18:40:00";
};

/// The whole file.
std::string rawFile(const RawScene& scene);

} // namespace demo
