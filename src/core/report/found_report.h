// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What was found of a picture that was met somewhere, fit to be sent to whoever uses it: both pictures side
// by side, when and for whom the copy was made, fingerprints, terms, and which of its words are still in the
// file. PDF on A4, or one HTML file with everything inside. It names no folder of the person's own.
#pragma once

#include "recognise/what_is.h"

namespace keepseal {

struct FoundReport {
    std::string met;   ///< where it was met, in the person's words; may be empty
    std::string today; ///< "2026-05-01"
};
/// `file` ends in .pdf or .html; never replaces one. Throws Problem(Refused | CannotWrite | BadSetting).
void writeFoundReport(const WhatIs& answer, Register& known, const FoundReport& report,
                      const std::filesystem::path& file);

} // namespace keepseal
