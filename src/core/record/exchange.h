// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A register taken elsewhere: all ledgers with what is kept of their pictures as open JSON lines, and back.
// Registers of two machines or two studios become one so. docs/formats/register.md.
#pragma once

#include "record/register.h"

#include <istream>

namespace keepseal {

/// Calls `line` with each line, without its end. Returns ledgers that could not be read.
std::vector<Problem> exportRegister(const Register& known,
                                    const std::function<void(const std::string&)>& line);

struct Imported {
    std::size_t runs = 0, copies = 0; ///< that are new here
    std::size_t knownRuns = 0;        ///< that were here already, and are not doubled
    std::vector<Problem> problems;    ///< lines that are none of an export: passed over
};
/// Written as ledgers of their own, marked as from elsewhere: nothing at the places they name counts as this
/// program's own, and no copy of a run replaces it. Throws Problem(BadFile) when it is no export at all, and
/// Problem(CannotWrite).
Imported importRegister(Register& known, std::istream& lines, const std::string& subject);

} // namespace keepseal
