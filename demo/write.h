// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// From a painted canvas to a file as it comes from a camera or a studio program.
#pragma once

#include "scenes.h"

#include <filesystem>

namespace demo {

/// Starts libvips for this program; once.
void startWriting(const char* program);
/// Paints, develops and writes one picture into `folder`; returns the file.
std::filesystem::path makePicture(const Scene& scene, const std::filesystem::path& folder);
/// A picture whose second half never arrived.
void makeBroken(const std::filesystem::path& whole, const std::filesystem::path& broken);
/// The made-up festival's logos, light and dark, as SVG.
void writeLogos(const std::filesystem::path& folder);

} // namespace demo
