// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/json_text.h"
#include "base/problem.h"
#include "base/setting_json.h"
#include "rights/sheet.h"

#include <algorithm>

namespace keepseal {

using nlohmann::json;

namespace {

[[noreturn]] void wrongInSheet(const std::string& path, const json& value, const std::string& allowed) {
    throw Problem(ProblemKind::BadSetting, path,
                  Saying("{value} is not allowed", {{"value", shownJson(value)}}),
                  Saying("Allowed: {allowed}", {{"allowed", allowed}}));
}

std::string keysOf(const std::vector<SettingChoice>& choices) {
    std::string out;
    for (const auto& choice : choices)
        out += (out.empty() ? "one of: " : ", ") + choice.key;
    return out;
}

/// The place of a key among the choices.
std::size_t choiceAt(const json& value, const std::vector<SettingChoice>& choices, const std::string& path) {
    for (std::size_t i = 0; i < choices.size(); ++i)
        if (value.is_string() && value.get<std::string>() == choices[i].key)
            return i;
    wrongInSheet(path, value, keysOf(choices));
}

std::string textAt(const json& value, const std::string& path) {
    if (!value.is_string() || value.get<std::string>().size() > kMaxFieldBytes)
        wrongInSheet(path, value, "text of at most " + std::to_string(kMaxFieldBytes) + " bytes");
    return value.get<std::string>();
}

bool switchAt(const json& value, const std::string& path) {
    if (!value.is_boolean())
        wrongInSheet(path, value, "true or false");
    return value.get<bool>();
}

json valueToJson(const FieldInfo& field, const FieldValue& value) {
    return field.shape == FieldShape::List ? json(value.items) : json(value.first());
}

FieldValue valueFromJson(const FieldInfo& field, const json& value, const std::string& path) {
    if (field.shape != FieldShape::List)
        return FieldValue(textAt(value, path));
    if (!value.is_array() || value.size() > 1000)
        wrongInSheet(path, value, "a list of at most 1000 texts");
    std::vector<std::string> items;
    for (const auto& item : value)
        if (auto text = textAt(item, path); !text.empty())
            items.push_back(std::move(text));
    return FieldValue(std::move(items));
}

json conditionToJson(const RuleCondition& condition) {
    json out = {{"what", conditionKinds()[static_cast<std::size_t>(condition.what)].key},
                {"text", condition.text}};
    if (condition.isNot)
        out["not"] = true;
    return out;
}

RuleCondition conditionFromJson(const json& object, const std::string& path) {
    RuleCondition out;
    if (!object.is_object())
        wrongInSheet(path, object, "an object");
    if (const auto what = object.find("what"); what != object.end())
        out.what = static_cast<ConditionKind>(choiceAt(*what, conditionKinds(), path + ".what"));
    if (const auto text = object.find("text"); text != object.end())
        out.text = textAt(*text, path + ".text");
    if (const auto isNot = object.find("not"); isNot != object.end())
        out.isNot = switchAt(*isNot, path + ".not");
    return out;
}

json ruleToJson(const RightsRule& rule) {
    const auto& field = *metadataField(rule.field);
    json out = {{"field", rule.field}, {"action", ruleActions()[static_cast<std::size_t>(rule.action)].key}};
    if (!rule.value.empty())
        out["value"] = valueToJson(field, rule.value);
    if (!rule.value.languages.empty())
        out["languages"] = rule.value.languages;
    if (rule.condition != RuleCondition{})
        out["when"] = conditionToJson(rule.condition);
    if (!rule.on)
        out["on"] = false;
    return out;
}

std::vector<SettingChoice> fieldChoices() {
    std::vector<SettingChoice> out;
    for (const auto* field : writableFields())
        out.push_back({field->key, field->label});
    return out;
}

RightsRule ruleFromJson(const json& object, const std::string& path) {
    RightsRule out;
    if (!object.is_object() || !object.contains("field"))
        wrongInSheet(path, object, "an object with \"field\"");
    const auto choices = fieldChoices();
    const auto& field = *metadataField(choices[choiceAt(object["field"], choices, path + ".field")].key);
    out.field = field.key;
    if (const auto action = object.find("action"); action != object.end())
        out.action = static_cast<RuleAction>(choiceAt(*action, ruleActions(), path + ".action"));
    if (out.action == RuleAction::Add && field.shape != FieldShape::List)
        throw Problem(ProblemKind::BadSetting, path + ".action",
                      Saying("{label} is no list", {{"label", field.label}}),
                      "Only lists can be added to: choose \"fill\" or \"replace\"");
    if (const auto value = object.find("value"); value != object.end())
        out.value = valueFromJson(field, *value, path + ".value");
    if (const auto languages = object.find("languages"); languages != object.end()) {
        if (field.shape != FieldShape::Languages || !languages->is_object() || languages->size() > 50)
            wrongInSheet(path + ".languages", *languages, "texts by language, for fields that have several");
        for (const auto& [language, text] : languages->items())
            out.value.languages[language.substr(0, 40)] = textAt(text, path + ".languages." + language);
    }
    if (const auto when = object.find("when"); when != object.end())
        out.condition = conditionFromJson(*when, path + ".when");
    if (const auto on = object.find("on"); on != object.end())
        out.on = switchAt(*on, path + ".on");
    return out;
}

} // namespace

json toJson(const RightsSheet& sheet) {
    json out = sheet.unknown.is_object() ? sheet.unknown : json::object();
    out["on"] = sheet.on;
    out["name"] = sheet.name;
    out["rules"] = json::array();
    for (const auto& rule : sheet.rules)
        out["rules"].push_back(ruleToJson(rule));
    return out;
}

json toDocument(const RightsSheet& sheet) {
    json out = toJson(sheet);
    out.erase("on"); // a switch of the delivery, not of the sheet
    out["format"] = kSheetFormat;
    out["version"] = kSheetVersion;
    return out;
}

RightsSheet sheetFromJson(const json& object, const std::string& path) {
    RightsSheet out;
    out.name = readDesignName(object, path);
    out.unknown = object;
    for (const auto* key : {"on", "name", "rules", "format", "version"})
        out.unknown.erase(key);
    for (const auto& row : rightsSettings())
        out.unknown.erase(row.key);
    if (const auto rules = object.find("rules"); rules != object.end()) {
        if (!rules->is_array() || rules->size() > kMaxRules)
            wrongInSheet(path + "rules", *rules, "a list of at most " + std::to_string(kMaxRules) + " rules");
        for (std::size_t i = 0; i < rules->size(); ++i)
            out.rules.push_back(ruleFromJson((*rules)[i], path + "rules[" + std::to_string(i) + "]"));
        if (const auto on = object.find("on"); on != object.end())
            out.on = switchAt(*on, path + "on");
    } else
        readRows(object, rightsSettings(), out, path); // the short cuts alone
    return out;
}

RightsSheet sheetFromDocument(const json& document, const std::string& subject) {
    requireFormat(document, subject, kSheetFormat, kSheetVersion, "rights sheet");
    return sheetFromJson(document, "");
}

json sheetSchema() {
    const auto oneOf = [](const std::vector<SettingChoice>& choices) {
        json keys = json::array();
        for (const auto& choice : choices)
            keys.push_back(choice.key);
        return json{{"enum", keys}};
    };
    const json text = {{"type", "string"}, {"maxLength", kMaxFieldBytes}};
    const json rule = {
        {"type", "object"},
        {"required", {"field"}},
        {"properties",
         {{"field", oneOf(fieldChoices())},
          {"action", oneOf(ruleActions())},
          {"value",
           {{"description", "A list for fields that are one. May hold tokens such as {year}."},
            {"oneOf", {text, {{"type", "array"}, {"items", text}}}}}},
          {"languages", {{"type", "object"}, {"additionalProperties", text}}},
          {"when",
           {{"type", "object"},
            {"properties",
             {{"what", oneOf(conditionKinds())}, {"text", text}, {"not", {{"type", "boolean"}}}}}}},
          {"on", {{"type", "boolean"}}}}}};
    return {{"type", "object"},
            {"properties",
             {{"on", {{"type", "boolean"}}},
              {"name", {{"type", "string"}}},
              {"rules",
               {{"type", "array"},
                {"maxItems", kMaxRules},
                {"description", "Carried out from top to bottom; the later one wins."},
                {"items", rule}}}}}};
}

json sheetFileSchema() {
    auto out = sheetSchema();
    out["$schema"] = "https://json-schema.org/draft/2020-12/schema";
    out["title"] = "Keep Seal rights sheet";
    out["required"] = {"format", "version"};
    out["properties"].erase("on");
    out["properties"]["format"] = {{"const", kSheetFormat}};
    out["properties"]["version"] = {{"type", "integer"}, {"minimum", 1}, {"maximum", kSheetVersion}};
    out["properties"]["notes"] = {{"type", "string"}};
    return out;
}

std::string fieldsReference() {
    std::string out = "| Field | Key | XMP | Exif | IIM |\n| --- | --- | --- | --- | --- |\n";
    for (const auto& field : metadataFields()) {
        const auto shape = field.shape == FieldShape::List        ? (field.bag ? " (bag)" : " (seq)")
                           : field.shape == FieldShape::Languages ? " (lang alt)"
                                                                  : "";
        out += "| " + field.label + " | `" + field.key + "` | " + field.xmp + shape + " | " +
               field.exifName() + " | " + field.iimName() +
               (field.iimDataset ? " (" + std::to_string(field.iimBytes) + " bytes)" : std::string()) +
               " |\n";
    }
    return out;
}

} // namespace keepseal
