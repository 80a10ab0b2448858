// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/json.h"

#include "base/files.h"
#include "base/problem.h"
#include "base/text.h"
#include "delivery/stations.h"

namespace keepseal {
namespace {

using nlohmann::json;

constexpr std::size_t kMaxNameBytes = 120;

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
        throw Problem(ProblemKind::BadSetting, path, value.dump() + " is not allowed",
                      "Allowed: " + allowedText(info));
    validate(info, path, out);
    return out;
}

void requireFormat(const json& document, const std::string& subject) {
    if (!document.is_object() || document.value("format", json()) != kDeliveryFormat)
        throw Problem(ProblemKind::BadFile, subject, "this is no delivery",
                      std::string("A delivery has \"format\": \"") + kDeliveryFormat + "\"");
    const auto version = document.value("version", json());
    if (!version.is_number_integer() || version.get<int>() < 1)
        throw Problem(ProblemKind::BadFile, subject, "\"version\" is missing or no whole number");
    if (version.get<int>() > kDeliveryVersion)
        throw Problem(ProblemKind::BadFile, subject,
                      "it was saved by a newer Keep Seal (version " + version.dump() +
                          ", this one reads up to " + std::to_string(kDeliveryVersion) + ")",
                      "Update Keep Seal; the file was left as it is");
}

} // namespace

json toJson(const Delivery& delivery) {
    json out = delivery.unknown.is_object() ? delivery.unknown : json::object();
    out["format"] = kDeliveryFormat;
    out["version"] = kDeliveryVersion;
    out["name"] = delivery.name;
    for (const auto& s : stations())
        for (const auto& setting : s.settings)
            out["stations"][s.key][setting.key] = toJsonValue(setting, setting.get(delivery));
    return out;
}

Delivery deliveryFromJson(const json& document, const std::string& subject) {
    requireFormat(document, subject);
    Delivery delivery;
    delivery.unknown = document;
    if (const auto name = document.find("name"); name != document.end()) {
        if (!name->is_string() || name->get<std::string>().size() > kMaxNameBytes)
            throw Problem(ProblemKind::BadSetting, "name", name->dump() + " is not allowed",
                          "Allowed: text of at most 120 bytes");
        delivery.name = name->get<std::string>();
    }
    const auto chain = document.find("stations");
    if (chain == document.end())
        return delivery;
    if (!chain->is_object())
        throw Problem(ProblemKind::BadFile, subject, "\"stations\" is no object");
    for (const auto& s : stations()) {
        const auto saved = chain->find(s.key);
        if (saved == chain->end())
            continue;
        if (!saved->is_object())
            throw Problem(ProblemKind::BadFile, subject, "\"stations." + s.key + "\" is no object");
        for (const auto& setting : s.settings)
            if (const auto value = saved->find(setting.key); value != saved->end())
                setting.set(delivery, fromJsonValue(setting, s.key + "." + setting.key, *value));
    }
    return delivery;
}

Delivery loadDelivery(const std::filesystem::path& path) {
    try {
        return deliveryFromJson(readJsonFile(path), path.string());
    } catch (const Problem& problem) {
        if (problem.kind != ProblemKind::BadSetting)
            throw;
        throw Problem(problem.kind, path.string() + ": " + problem.subject, problem.happened, problem.remedy);
    }
}

void saveDelivery(const Delivery& delivery, const std::filesystem::path& path) {
    writeTextFile(path, toJson(delivery).dump(2) + "\n");
}

namespace {

json schemaOf(const Setting<Delivery>& setting) {
    json out = {{"title", setting.label},
                {"description", setting.help},
                {"default", toJsonValue(setting, setting.get(Delivery{}))}};
    switch (setting.kind) {
    case SettingKind::Switch:
        out["type"] = "boolean";
        break;
    case SettingKind::Number:
        out["type"] = setting.range.decimals == 0 ? "integer" : "number";
        out["minimum"] = setting.range.min;
        out["maximum"] = setting.range.max;
        break;
    case SettingKind::Colour:
        out["type"] = "string";
        out["pattern"] = "^#[0-9a-fA-F]{6}$";
        break;
    case SettingKind::Choice:
        for (const auto& choice : setting.choices)
            out["enum"].push_back(choice.key);
        break;
    case SettingKind::Text:
    case SettingKind::Folder:
        out["type"] = "string";
        out["maxLength"] = setting.maxBytes;
        break;
    }
    return out;
}

} // namespace

json deliverySchema() {
    json chain = {{"type", "object"}, {"properties", json::object()}};
    for (const auto& s : stations()) {
        json part = {{"type", "object"}, {"description", s.help}, {"properties", json::object()}};
        for (const auto& setting : s.settings)
            part["properties"][setting.key] = schemaOf(setting);
        if (!s.settings.empty())
            chain["properties"][s.key] = part;
    }
    return {{"$schema", "https://json-schema.org/draft/2020-12/schema"},
            {"title", "Keep Seal delivery"},
            {"type", "object"},
            {"required", {"format", "version"}},
            {"properties",
             {{"format", {{"const", kDeliveryFormat}}},
              {"version", {{"type", "integer"}, {"minimum", 1}, {"maximum", kDeliveryVersion}}},
              {"name", {{"type", "string"}, {"maxLength", kMaxNameBytes}}},
              {"stations", chain}}}};
}

std::string settingsReference() {
    std::string out = "# Settings of a delivery\n\nMade from the program's own table by "
                      "`keep-seal-cli settings --markdown`; do not edit by hand.\n";
    for (const auto& s : stations()) {
        out += "\n## " + s.label + "\n\n" + s.help + "\n";
        if (s.settings.empty())
            continue;
        out += "\n| Setting | What it does | Allowed | Default |\n| --- | --- | --- | --- |\n";
        for (const auto& setting : s.settings) {
            const auto fallback = toJsonValue(setting, setting.get(Delivery{})).dump();
            out += "| `" + s.key + "." + setting.key + "` | **" + setting.label + ".** " + setting.help +
                   " | " + allowedText(setting) + " | `" + fallback + "` |\n";
        }
    }
    return out;
}

} // namespace keepseal
