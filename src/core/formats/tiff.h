// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "formats/output_format.h"

namespace keepseal {

/// Whether these pixels may make a file of more than the 4 GB that TIFF 6.0's offsets reach, packed as badly
/// as can be and with the largest words.
bool needsBigTiff(const CopyPixels& pixels);

} // namespace keepseal
