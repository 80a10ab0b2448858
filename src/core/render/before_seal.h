// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A picture as its delivery has it before the seal, at a proof's size, with the seal for it: what advice and
// trials look at.
#pragma once

#include "render/ahead.h"

namespace keepseal {

struct BeforeSeal {
    Frame frame;
    Stages stages;
    CopyAhead ahead;
};

/// `side`: pixels, of the long side at most. Throws Problem.
BeforeSeal beforeSeal(const ByteSource& original, const CopyAsked& asked, int side);

} // namespace keepseal
