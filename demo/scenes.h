// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The pictures of the kite festival: what is in each, and as what kind of file it comes from the camera.
#pragma once

#include "canvas.h"

#include <string>

namespace demo {

enum class FileKind { CameraJpeg, Tiff16, PngCutout, WebP, WideGamut, Grey, Cmyk, CameraRaw };

struct Scene {
    std::string name;  ///< file name without ending
    int width, height; ///< upright
    void (*paint)(Canvas& canvas, std::uint32_t seed);
    Camera camera;
    FileKind kind = FileKind::CameraJpeg;
    int orientation = 1;        ///< Exif; the pixels are stored turned accordingly
    bool exifPlace = true;      ///< a place out at sea, in Exif
    bool textPlaceOnly = false; ///< a place in XMP and IIM instead
    std::string taken;          ///< "2026:05:09 07:31:00"
};

const std::vector<Scene>& scenes();

} // namespace demo
