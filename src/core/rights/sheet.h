// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The rights sheet: what is to be written into copies, as rules for single fields. Rules run from top to
// bottom and the later one wins; each may have a condition on the picture. See metadata/fields.h for the
// fields and rights/apply.h for what comes of it.
#pragma once

#include "base/setting.h"
#include "metadata/fields.h"

#include <nlohmann/json.hpp>

#include <filesystem>

namespace keepseal {

enum class RuleAction {
    Leave,   ///< as the original has it, whatever rules above did
    Fill,    ///< only where there is nothing
    Replace, ///< whatever there is
    Add,     ///< lists: what is not in it yet
    Remove
};

enum class ConditionKind {
    Always,
    Camera,    ///< the camera's model holds this text
    Serial,    ///< the body's serial number is this text
    Creator,   ///< one of the existing creators holds this text
    Keyword,   ///< one of the existing keywords is this text
    Folder,    ///< the path of the original's folder fits a pattern with * and ?
    FileName,  ///< its name fits such a pattern
    TakenFrom, ///< taken on this day or later, as 2026-05-01
    TakenTo,   ///< taken on this day or earlier
    Shape,     ///< "tall", "wide" or "square"
    Rating     ///< at least so many stars
};

struct RuleCondition {
    ConditionKind what = ConditionKind::Always;
    bool isNot = false;
    std::string text;
    bool operator==(const RuleCondition&) const = default;
};

struct RightsRule {
    bool on = true;
    std::string field = "creator"; ///< key of metadata/fields.h
    RuleAction action = RuleAction::Replace;
    FieldValue value; ///< may hold tokens
    RuleCondition condition;
    bool operator==(const RightsRule&) const = default;
};

struct RightsSheet {
    bool on = true;
    std::string name; ///< in the library; empty: only in this delivery
    std::vector<RightsRule> rules;
    nlohmann::json unknown = nlohmann::json::object(); ///< keys this version does not know, written back
    bool operator==(const RightsSheet&) const = default;

    /// The short cut to a field: the rule that is always there for it. Text as typed into one cell.
    std::string always(const std::string& field) const;
    /// Sets, adds or (with an empty text) takes out that rule.
    void setAlways(const std::string& field, const std::string& text);
    /// nullptr when there is none.
    const RightsRule* alwaysRule(const std::string& field) const;
    bool writesAnything() const;
};

inline constexpr const char* kSheetFormat = "keep-seal/rights-sheet";
inline constexpr int kSheetVersion = 1;
inline constexpr std::size_t kMaxRules = 200, kMaxFieldBytes = 32 * 1024;

/// `on`, and a short cut to each field.
const std::vector<Setting<RightsSheet>>& rightsSettings();
const std::vector<SettingChoice>& ruleActions();
const std::vector<SettingChoice>& conditionKinds();
/// "if the camera's model holds Heron", empty for always.
std::string describe(const RuleCondition& condition);
/// "creator, notice and 3 more fields", for a person.
std::string rightsSummary(const RightsSheet& sheet);

nlohmann::json toJson(const RightsSheet& sheet);
/// With format and version, as a file of its own.
nlohmann::json toDocument(const RightsSheet& sheet);
/// Throw Problem(BadFile | BadSetting), its subject beginning with `path`.
RightsSheet sheetFromJson(const nlohmann::json& object, const std::string& path);
RightsSheet sheetFromDocument(const nlohmann::json& document, const std::string& subject);
nlohmann::json sheetSchema();
/// Of a file of its own.
nlohmann::json sheetFileSchema();
/// The mapping of all fields as a table for the documents.
std::string fieldsReference();

} // namespace keepseal
