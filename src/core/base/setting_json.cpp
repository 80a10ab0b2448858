// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/setting_json.h"

#include "base/json_text.h"
#include "base/problem.h"
#include "base/text.h"

namespace keepseal {

using nlohmann::json;

json toJsonValue(const SettingInfo& info, const SettingValue& value) {
    if (const auto* on = std::get_if<bool>(&value))
        return *on;
    if (const auto* number = std::get_if<double>(&value)) {
        if (info.range.decimals == 0)
            return static_cast<std::int64_t>(*number);
        return *number;
    }
    return std::get<std::string>(value);
}

SettingValue fromJsonValue(const SettingInfo& info, const std::string& path, const json& value) {
    SettingValue out;
    if (value.is_boolean())
        out = value.get<bool>();
    else if (value.is_number())
        out = value.get<double>();
    else if (value.is_string())
        out = value.get<std::string>();
    else
        throw Problem(ProblemKind::BadSetting, path,
                      Saying("{value} is not allowed", {{"value", shownJson(value)}}), allowedHint(info));
    validate(info, path, out);
    return out;
}

json schemaOf(const SettingInfo& info, const SettingValue& fallback) {
    json out = {{"title", info.label}, {"description", info.help}, {"default", toJsonValue(info, fallback)}};
    switch (info.kind) {
    case SettingKind::Switch:
        out["type"] = "boolean";
        break;
    case SettingKind::Number:
        out["type"] = info.range.decimals == 0 ? "integer" : "number";
        out["minimum"] = info.range.min;
        out["maximum"] = info.range.max;
        break;
    case SettingKind::Colour:
        out["type"] = "string";
        out["pattern"] = "^#[0-9a-fA-F]{6}$";
        break;
    case SettingKind::Choice:
        for (const auto& choice : info.choices)
            out["enum"].push_back(choice.key);
        break;
    case SettingKind::Text:
    case SettingKind::Folder:
    case SettingKind::File:
    case SettingKind::Family:
        out["type"] = "string";
        out["maxLength"] = info.maxBytes;
        break;
    }
    return out;
}

void requireFormat(const nlohmann::json& document, const std::string& subject, const char* format, int newest,
                   const char* what) {
    if (!document.is_object() || document.value("format", nlohmann::json()) != format)
        throw Problem(ProblemKind::BadFile, subject, Saying("this is no {what}", {{"what", what}}),
                      Saying("A {what} has \"format\": \"{format}\"", {{"what", what}, {"format", format}}));
    const auto version = versionIn(document);
    if (version == 0)
        throw Problem(ProblemKind::BadFile, subject, "\"version\" is missing or no whole number");
    if (version > static_cast<std::uint64_t>(newest))
        throw Problem(
            ProblemKind::BadFile, subject,
            Saying("it was saved by a newer Keep Seal (version {version}, this one reads up to {newest})",
                   {{"version", std::to_string(version)}, {"newest", std::to_string(newest)}}),
            "Update Keep Seal; the file was left as it is");
}

std::string readDesignName(const nlohmann::json& object, const std::string& path) {
    if (!object.is_object())
        throw Problem(ProblemKind::BadSetting, path,
                      Saying("{value} is not allowed", {{"value", shownJson(object)}}), "Allowed: an object");
    const auto name = object.find("name");
    if (name == object.end())
        return {};
    if (!name->is_string() || name->get<std::string>().size() > 200)
        throw Problem(ProblemKind::BadSetting, path + "name",
                      Saying("{value} is not allowed", {{"value", shownJson(*name)}}),
                      "Allowed: text of at most 200 bytes");
    return name->get<std::string>();
}

} // namespace keepseal
