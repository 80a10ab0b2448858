// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// libvips, as all of core uses it. Internal to what works on pixels.
#pragma once

#include <string>

namespace keepseal {

/// What libvips complained of last; empties its buffer.
std::string takeVipsError();

} // namespace keepseal
