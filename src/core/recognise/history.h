// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// All that left of one original, and what has become of it since.
#pragma once

#include "delivery/delivery.h"
#include "delivery/exception.h"
#include "record/register.h"

namespace keepseal {

enum class CopyNow {
    Untouched, ///< it lies where it was made, byte for byte
    Changed,   ///< other bytes lie there
    Replaced,  ///< a later run put another copy there
    Gone,      ///< nothing lies there: it was moved, sent or deleted
};
const char* keyOf(CopyNow now);

struct LeftCopy {
    RegisteredCopy copy; ///< its whole row
    CopyNow now = CopyNow::Untouched;
    bool pictureChanged = false;  ///< the original has other bytes now, or is gone
    bool deliveryChanged = false; ///< its delivery, as it is now, would make another copy
    bool outOfDate() const { return pictureChanged || deliveryChanged; }
};

/// A copy that a run held back, and no later one delivered for the same delivery.
struct HeldCopy {
    RegisteredCopy copy; ///< its whole row; `copy.row.copy` as it was to be
    Notes why;
};
/// The newest first; of each delivery the last. Reads the original.
std::vector<HeldCopy> stillHeldBack(Register& known, const std::filesystem::path& original);

struct PictureHistory {
    std::vector<LeftCopy> left;
    std::vector<HeldCopy> held; ///< as stillHeldBack()
};
/// The newest first. `original`: by its path, and by its bytes as they are or were when copies of it were
/// made. `deliveries`: as they are now, with who you are; those of other names are not judged. Reads original
/// and copies.
PictureHistory historyOf(Register& known, const std::filesystem::path& original,
                         const std::vector<Delivery>& deliveries = {},
                         const PictureException& exception = {});

} // namespace keepseal
