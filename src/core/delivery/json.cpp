// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/json.h"

#include "base/files.h"
#include "base/json_text.h"
#include "base/problem.h"
#include "base/setting_json.h"
#include "base/text.h"
#include "delivery/reference.h"
#include "delivery/stations.h"

namespace keepseal {
namespace {

using nlohmann::json;

constexpr std::size_t kMaxNameBytes = 120;
constexpr std::size_t kMaxNotesBytes = 4000;
constexpr std::size_t kMaxTags = 50;

/// A person's own words: what is no text is passed over.
void readNotes(const json& document, Delivery& delivery) {
    if (const auto notes = document.find("notes"); notes != document.end() && notes->is_string())
        delivery.notes = cutUtf8(notes->get<std::string>(), kMaxNotesBytes);
    if (const auto tags = document.find("tags"); tags != document.end() && tags->is_array())
        for (const auto& tag : *tags)
            if (tag.is_string() && delivery.tags.size() < kMaxTags)
                delivery.tags.push_back(cutUtf8(tag.get<std::string>(), kMaxNameBytes));
}

} // namespace

json toJson(const Delivery& delivery) {
    json out = delivery.unknown.is_object() ? delivery.unknown : json::object();
    out["format"] = kDeliveryFormat;
    out["version"] = kDeliveryVersion;
    out["name"] = delivery.name;
    out["notes"] = delivery.notes;
    out["tags"] = delivery.tags;
    for (const auto& s : stations())
        s.write(out["stations"][s.key], delivery);
    return out;
}

Delivery deliveryFromJson(const json& document, const std::string& subject) {
    requireFormat(document, subject, kDeliveryFormat, kDeliveryVersion, "delivery");
    Delivery delivery;
    delivery.unknown = document;
    if (const auto name = document.find("name"); name != document.end()) {
        if (!name->is_string() || name->get<std::string>().size() > kMaxNameBytes)
            throw Problem(ProblemKind::BadSetting, "name",
                          Saying("{value} is not allowed", {{"value", shownJson(*name)}}),
                          "Allowed: text of at most 120 bytes");
        delivery.name = name->get<std::string>();
    }
    readNotes(document, delivery);
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
            throw Problem(ProblemKind::BadFile, subject,
                          Saying("\"stations.{key}\" is no object", {{"key", s.key}}));
        s.read(*saved, delivery);
    }
    requireWorded(delivery.privacy, "privacy.");
    return delivery;
}

Delivery loadDelivery(const std::filesystem::path& path) {
    return namingFile(path.string(),
                      [&] { return deliveryFromJson(readJsonFile(path, kDesignLimits), path.string()); });
}

void saveDelivery(const Delivery& delivery, const std::filesystem::path& path,
                  const Untouchable& untouchable) {
    writeNamedFile(path, toJson(delivery).dump(2) + "\n", untouchable);
}

json deliverySchema() {
    json chain = {{"type", "object"}, {"properties", json::object()}};
    for (const auto& s : stations()) {
        auto& part = chain["properties"][s.key] = s.schema();
        part["description"] = s.help;
    }
    return {{"$schema", "https://json-schema.org/draft/2020-12/schema"},
            {"title", "Keep Seal delivery"},
            {"type", "object"},
            {"required", {"format", "version"}},
            {"properties",
             {{"format", {{"const", kDeliveryFormat}}},
              {"version", {{"type", "integer"}, {"minimum", 1}, {"maximum", kDeliveryVersion}}},
              {"name", {{"type", "string"}, {"maxLength", kMaxNameBytes}}},
              {"notes", {{"type", "string"}}},
              {"tags", {{"type", "array"}, {"items", {{"type", "string"}}}}},
              {"stations", chain}}}};
}

std::string settingsReference() {
    auto out = "# " + said("Settings of a delivery") + "\n\n" +
               said("Made from the program's own table by `keep-seal-cli settings --markdown`.") + "\n";
    for (const auto& s : stations()) {
        out += "\n## " + s.label + "\n\n" + s.help + "\n" + referenceTable(s.settings, s.key + ".");
        if (s.reference)
            out += s.reference();
    }
    return out;
}

} // namespace keepseal
