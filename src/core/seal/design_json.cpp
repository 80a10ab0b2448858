// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/design_json.h"

#include "base/json_text.h"
#include "base/problem.h"
#include "base/setting_json.h"

#include <map>
#include <set>

namespace keepseal {
namespace {

using nlohmann::json;

json toJson(const SealPart& part) {
    json out = part.unknown.is_object() ? part.unknown : json::object();
    out["kind"] = keyOf(part.kind);
    writeRows(out, partSettings(part.kind), part);
    return out;
}

PartKind kindFrom(const json& object, const std::string& path) {
    const auto found = object.find("kind");
    for (const auto kind : {PartKind::Text, PartKind::Logo, PartKind::Shape, PartKind::Group})
        if (found != object.end() && *found == keyOf(kind))
            return kind;
    throw Problem(
        ProblemKind::BadSetting, path + "kind",
        Saying("{value} is not allowed", {{"value", found == object.end() ? "nothing" : shownJson(*found)}}),
        "Allowed: one of text, logo, shape, group");
}

SealPart partFromJson(const json& object, const std::string& path) {
    if (!object.is_object())
        throw Problem(ProblemKind::BadSetting, path,
                      Saying("{value} is not allowed", {{"value", shownJson(object)}}), "Allowed: an object");
    SealPart part;
    part.kind = kindFrom(object, path);
    readRows(object, partSettings(part.kind), part, path);
    part.unknown = withoutRows(object, partSettings(part.kind));
    part.unknown.erase("kind");
    return part;
}

/// Ids are there and differ; groups exist and none lies inside itself.
void requireTree(const std::vector<SealPart>& parts, const std::string& path) {
    std::map<std::string, std::string> parentOf;
    std::set<std::string> groups;
    for (std::size_t i = 0; i < parts.size(); ++i) {
        if (parts[i].id.empty() || !parentOf.emplace(parts[i].id, parts[i].parent).second)
            throw Problem(ProblemKind::BadSetting, path + "[" + std::to_string(i) + "].id",
                          Saying("\"{value}\" is not allowed", {{"value", parts[i].id}}),
                          "Allowed: an id no other part has");
        if (parts[i].kind == PartKind::Group)
            groups.insert(parts[i].id);
    }
    for (std::size_t i = 0; i < parts.size(); ++i) {
        auto at = parts[i].parent;
        for (std::size_t steps = 0; !at.empty(); ++steps, at = parentOf[at])
            if (!groups.contains(at) || steps > 8)
                throw Problem(ProblemKind::BadSetting, path + "[" + std::to_string(i) + "].parent",
                              Saying("\"{value}\" is not allowed", {{"value", parts[i].parent}}),
                              "Allowed: the id of a group, at most 8 deep and not inside itself");
    }
}

void requireFewLetters(const std::vector<SealPart>& parts, const std::string& path) {
    std::size_t letters = 0;
    for (const auto& part : parts)
        letters += part.text.text.size();
    if (letters > kMaxLetters)
        throw Problem(ProblemKind::BadSetting, path,
                      Saying("its texts hold {letters} letters", {{"letters", std::to_string(letters)}}),
                      Saying("Allowed: at most {letters} in all parts together",
                             {{"letters", std::to_string(kMaxLetters)}}));
}

} // namespace

json toJson(const SealDesign& design) {
    json out = design.unknown.is_object() ? design.unknown : json::object();
    out["name"] = design.name;
    writeRows(out, sealSettings(), design);
    out["parts"] = json::array();
    for (const auto& part : design.parts)
        out["parts"].push_back(toJson(part));
    return out;
}

SealDesign sealFromJson(const json& object, const std::string& path) {
    SealDesign design;
    design.name = readDesignName(object, path);
    design.unknown = withoutRows(object, sealSettings());
    for (const auto* key : {"name", "parts", "format", "version"})
        design.unknown.erase(key);
    if (const auto parts = object.find("parts"); parts != object.end()) {
        if (!parts->is_array() || parts->size() > kMaxParts)
            throw Problem(
                ProblemKind::BadSetting, path + "parts", "this is no list of parts",
                Saying("Allowed: a list of at most {parts} parts", {{"parts", std::to_string(kMaxParts)}}));
        design.parts.clear();
        for (std::size_t i = 0; i < parts->size(); ++i)
            design.parts.push_back(partFromJson((*parts)[i], path + "parts[" + std::to_string(i) + "]."));
        requireTree(design.parts, path + "parts");
        requireFewLetters(design.parts, path + "parts");
    }
    readRows(object, sealSettings(), design, path);
    return design;
}

SealDesign sealFromDocument(const json& document, const std::string& subject) {
    requireFormat(document, subject, kSealFormat, kSealVersion, "seal");
    return sealFromJson(document, "");
}

json toDocument(const SealDesign& design) {
    json out = toJson(design);
    out["format"] = kSealFormat;
    out["version"] = kSealVersion;
    return out;
}

json sealSchema() {
    json kinds = json::array();
    for (const auto kind : {PartKind::Text, PartKind::Logo, PartKind::Shape, PartKind::Group}) {
        auto properties = json::object();
        for (const auto& row : partSettings(kind))
            properties[row.key] = schemaOf(row, row.get(SealPart{}));
        properties["kind"] = {{"const", keyOf(kind)}};
        kinds.push_back({{"type", "object"}, {"required", {"kind", "id"}}, {"properties", properties}});
    }
    json properties = schemaOfRows(sealSettings());
    properties["name"] = {{"type", "string"}, {"maxLength", 200}};
    properties["parts"] = {{"type", "array"}, {"maxItems", kMaxParts}, {"items", {{"oneOf", kinds}}}};
    return {{"type", "object"}, {"properties", properties}};
}

} // namespace keepseal
