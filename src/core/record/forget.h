// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Taking out of the record what a person asks to have taken out: from the register, the ledgers it is made
// from, what is kept of their pictures, and from copies of the register that were kept. The pictures
// themselves stay.
#pragma once

#include "record/register.h"

namespace keepseal {

/// A row goes when one of these names it.
struct ForgetWish {
    std::vector<std::string> deliveries;      ///< names: everything one receiver got
    std::vector<std::filesystem::path> paths; ///< an original or a copy, or a folder they lie below
    std::vector<std::filesystem::path>
        runs; ///< ledgers, as the register names them; their names alone do too
    bool empty() const { return deliveries.empty() && paths.empty() && runs.empty(); }
};

struct Forgotten {
    std::size_t rows = 0;          ///< of ledgers, whatever came of them
    std::size_t ledgers = 0;       ///< that are changed, or taken away because nothing is left in them
    std::vector<Problem> problems; ///< ledgers that can't be read or changed: what they hold stays
};

/// What would go; nothing is changed.
Forgotten wouldForget(const Register& known, const ForgetWish& wish);
/// Throws Problem(CannotWrite) when the register can't be written.
Forgotten forget(Register& known, const ForgetWish& wish);

} // namespace keepseal
