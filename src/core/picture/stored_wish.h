// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A wish in the coordinates of the file. Internal to picture/ and to what decodes.
#pragma once

#include "picture/develop.h"

namespace keepseal {

/// The wish in the coordinates of the file: the orientation undone.
struct StoredWish {
    int orientation = 1; ///< what is still to be done at the end
    Rect part;           ///< of the stored picture; all of it while it is straightened
    Size target;         ///< of that part
};

StoredWish storedWish(const PictureFacts& facts, const DevelopWish& wish);

} // namespace keepseal
