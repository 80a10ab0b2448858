// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Proof sheets on paper: the very pages that are saved as a PDF, on any printer that the desktop knows.
#pragma once

#include "report/proof_sheet.h"

#include <QPrinter>

namespace keepseal::app {

/// The paper among ours that the printer has; A4 for any other.
std::string paperOf(const QPrinter& printer);

/// Takes its time, for the background; nobody else touches the printer meanwhile. Pages are as large as the
/// paper: where the printer can't reach its edge, that much is not printed. Throws Problem.
void printProofSheets(const std::vector<std::filesystem::path>& copies, const ProofSheet& sheet,
                      const std::string& title, QPrinter& printer, const std::atomic<bool>& stop);

} // namespace keepseal::app
