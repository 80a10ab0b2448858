// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Where copies were sent, written into the ledger of the run that made them, and into the register.
#pragma once

#include "base/language.h"
#include "record/register.h"

namespace keepseal {

struct SentCopy {
    std::filesystem::path copy;
    std::string fingerprint; ///< SHA-256
    SentTo to;
};
/// Each once, however often it is told. A ledger that is gone (somebody had it forgotten) stays so. Throws
/// Problem(CannotRead | BadFile | CannotWrite).
void noteSent(const std::filesystem::path& ledgerFile, const std::vector<SentCopy>& copies);

/// "sent to sftp://... as web/tide.jpg, 2026-05-01 10:20 UTC", for a person.
Saying wordsOf(const SentTo& sent);

} // namespace keepseal
