// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A contact sheet of a run, to send or to file: a small picture of each copy with its name, size and what was
// found in it. PDF on A4, or one HTML file with everything inside. Only copies are read, never originals.
#pragma once

#include "record/ledger.h"

#include <atomic>
#include <functional>

namespace keepseal {

struct ContactSheet {
    std::string title;   ///< the job's name, or another
    bool details = true; ///< size, seal, place, rights under each; else its name alone
};

/// `progress` is told how many are done. A copy that can't be read any more is shown as an empty frame with
/// its reason. Never replaces a file. Throws Problem(Refused | CannotWrite); nothing is left behind then, nor
/// when `stop` becomes true.
/// The same, only its bytes.
Bytes contactPdf(const Ledger& ledger, const ContactSheet& sheet, const std::atomic<bool>& stop,
                 const std::function<void(std::size_t)>& progress = {});
void writeContactPdf(const Ledger& ledger, const ContactSheet& sheet, const std::filesystem::path& file,
                     const std::atomic<bool>& stop, const std::function<void(std::size_t)>& progress = {});
void writeContactHtml(const Ledger& ledger, const ContactSheet& sheet, const std::filesystem::path& file,
                      const std::atomic<bool>& stop, const std::function<void(std::size_t)>& progress = {});

} // namespace keepseal
