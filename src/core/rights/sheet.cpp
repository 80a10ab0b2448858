// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "rights/sheet.h"

#include "base/text.h"

#include <algorithm>

namespace keepseal {
namespace {

bool isShortCut(const RightsRule& rule, const std::string& field) {
    return rule.field == field && rule.on && rule.condition.what == ConditionKind::Always &&
           rule.action != RuleAction::Leave && rule.action != RuleAction::Remove;
}

Setting<RightsSheet> shortCut(const FieldInfo& field) {
    Setting<RightsSheet> s;
    s.key = field.key, s.label = field.label, s.help = field.help, s.group = field.group;
    s.kind = SettingKind::Text, s.multiline = field.multiline, s.derived = true;
    s.maxBytes = kMaxFieldBytes;
    say(s);
    s.get = [key = field.key](const RightsSheet& sheet) { return SettingValue(sheet.always(key)); };
    s.set = [key = field.key](RightsSheet& sheet, const SettingValue& value) {
        sheet.setAlways(key, std::get<std::string>(value));
    };
    return s;
}

} // namespace

const RightsRule* RightsSheet::alwaysRule(const std::string& field) const {
    for (const auto& rule : rules)
        if (isShortCut(rule, field))
            return &rule;
    return nullptr;
}

std::string RightsSheet::always(const std::string& field) const {
    const auto* rule = alwaysRule(field);
    return rule ? rule->value.typed() : std::string();
}

void RightsSheet::setAlways(const std::string& field, const std::string& text) {
    const auto* info = metadataField(field);
    if (!info)
        return;
    auto value = fieldFromTyped(*info, text);
    const auto at = std::find_if(rules.begin(), rules.end(),
                                 [&](const RightsRule& rule) { return isShortCut(rule, field); });
    if (at == rules.end() && !value.empty())
        rules.push_back({true, field, RuleAction::Replace, std::move(value), {}});
    else if (at != rules.end() && value.empty() && at->value.languages.empty())
        rules.erase(at);
    else if (at != rules.end())
        at->value.items = std::move(value.items);
}

bool RightsSheet::writesAnything() const {
    return on && std::any_of(rules.begin(), rules.end(), [](const RightsRule& rule) {
               return rule.on && rule.action != RuleAction::Leave;
           });
}

const std::vector<Setting<RightsSheet>>& rightsSettings() {
    static const auto table = [] {
        std::vector<Setting<RightsSheet>> out = {
            switchSetting("on", "Write this sheet", &RightsSheet::on,
                          "Whether the sheet's rules are carried out on copies."),
        };
        for (const auto* field : writableFields())
            out.push_back(shortCut(*field));
        return out;
    }();
    return table;
}

const std::vector<SettingChoice>& ruleActions() {
    static const std::vector<SettingChoice> all = {{"leave", "Leave as the original has it"},
                                                   {"fill", "Fill where it is empty"},
                                                   {"replace", "Replace"},
                                                   {"add", "Add to the list"},
                                                   {"remove", "Remove"}};
    return all;
}

const std::vector<SettingChoice>& conditionKinds() {
    static const std::vector<SettingChoice> all = {
        {"always", "always"},
        {"camera", "the camera's model holds"},
        {"serial", "the serial number is"},
        {"creator", "an existing creator holds"},
        {"keyword", "it has the keyword"},
        {"folder", "its folder fits"},
        {"file_name", "its file name fits"},
        {"taken_from", "it was taken from"},
        {"taken_to", "it was taken up to"},
        {"shape", "its shape is"},
        {"rating", "its rating is at least"},
    };
    return all;
}

std::string describe(const RuleCondition& condition) {
    if (condition.what == ConditionKind::Always)
        return {};
    return Saying(condition.isNot ? "unless {what} {text}" : "if {what} {text}",
                  {{"what", conditionKinds()[static_cast<std::size_t>(condition.what)].label},
                   {"text", condition.text}})
        .said();
}

std::string rightsSummary(const RightsSheet& sheet) {
    if (!sheet.on)
        return said("no sheet written");
    std::vector<std::string> names;
    for (const auto* key : {"creator", "copyright_notice"})
        for (const auto& rule : sheet.rules)
            if (rule.on && rule.field == key && rule.action != RuleAction::Leave) {
                names.push_back(said(std::string(key) == "creator" ? "creator" : "notice"));
                break;
            }
    std::vector<std::string> others;
    for (const auto& rule : sheet.rules)
        if (rule.on && rule.field != "creator" && rule.field != "copyright_notice" &&
            std::find(others.begin(), others.end(), rule.field) == others.end())
            others.push_back(rule.field);
    if (names.empty() && others.empty())
        return said("not filled in yet");
    std::string out = sheet.name.empty() ? std::string() : sheet.name + ": ";
    out += saidTogether(names);
    if (!others.empty())
        out += names.empty() ? saidOf(others.size(), "{n} field", "{n} fields")
                             : saidOf(others.size(), " and {n} more", " and {n} more");
    return out;
}

} // namespace keepseal
