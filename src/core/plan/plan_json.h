// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A frozen plan as JSON, for the journal of its run and for a file of its own. Nothing of it is worked out
// again when it is read.
#pragma once

#include "plan/plan.h"

namespace keepseal {

nlohmann::json toJson(const Plan& plan);
/// The same without originals and copies, and each of those by itself.
nlohmann::json headToJson(const Plan& plan);
nlohmann::json originalToJson(const Plan& plan, std::size_t original);
nlohmann::json toJson(const PlannedCopy& copy);
/// Throws Problem(BadFile | BadSetting) or nlohmann::json::exception.
Plan planFromJson(const nlohmann::json& json, const std::string& subject);
Plan planHeadFromJson(const nlohmann::json& json, const std::string& subject);
void addOriginal(Plan& plan, const nlohmann::json& json);
void addCopy(Plan& plan, const nlohmann::json& json, const std::string& subject);

} // namespace keepseal
