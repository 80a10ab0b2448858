// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Which camera a raw file is of. Internal to the readers.
#pragma once

#include "base/byte_source.h"

#include <string>

namespace keepseal {

/// Maker and model; empty: a raw file that LibRaw does not know.
std::string cameraOf(const ByteSource& source);

} // namespace keepseal
