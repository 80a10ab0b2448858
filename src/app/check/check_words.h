// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What plan and check say above their table, from what was planned or made alone.
#pragma once

#include "plan/forecast.h"
#include "plan/plan.h"
#include "record/ledger.h"

#include <QString>

namespace keepseal::app {

/// `ahead`: nullptr until it is known; `sampled`: how many copies were made to find out.
QString planSummary(const Plan& plan, const Forecast* ahead, std::size_t sampled);
QString ledgerSummary(const Ledger& ledger);
/// Labels of fields and kinds, as ledgers have them ("Creator", "Camera and exposure (7)"), in one line.
QString labelsSaid(const std::vector<std::string>& labels);

} // namespace keepseal::app
