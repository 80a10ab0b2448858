// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A frozen plan as JSON, for the journal of its run. Nothing of it is worked out again when it is read.
#pragma once

#include "plan/plan.h"

namespace keepseal {

nlohmann::json toJson(const Plan& plan);
/// Throws Problem(BadFile | BadSetting) or nlohmann::json::exception.
Plan planFromJson(const nlohmann::json& json, const std::string& subject);

} // namespace keepseal
