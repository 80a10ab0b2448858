// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// libvips, as all of core uses it. Internal to what works on pixels.
#pragma once

#include <string>

namespace keepseal {

/// What libvips complained of last; empties its buffer.
std::string takeVipsError();

/// Turns on the vector code that startPictureEngine() leaves off: only for a process that resamples in one
/// thread. A web copy takes about a quarter less with it.
void useVectorCode();

} // namespace keepseal
