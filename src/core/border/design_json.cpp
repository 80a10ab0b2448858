// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/json_text.h"
#include "base/problem.h"
#include "base/setting_json.h"
#include "border/design.h"

namespace keepseal {

using nlohmann::json;

json toJson(const BorderDesign& design) {
    json out = design.unknown.is_object() ? design.unknown : json::object();
    out["name"] = design.name;
    writeRows(out, borderSettings(), design);
    out["rings"] = json::array();
    for (const auto& ring : design.rings) {
        json object = ring.unknown.is_object() ? ring.unknown : json::object();
        writeRows(object, ringSettings(), ring);
        out["rings"].push_back(std::move(object));
    }
    return out;
}

json toDocument(const BorderDesign& design) {
    json out = toJson(design);
    out["format"] = kBorderFormat;
    out["version"] = kBorderVersion;
    return out;
}

BorderDesign borderFromJson(const json& object, const std::string& path) {
    BorderDesign design;
    design.name = readDesignName(object, path);
    design.unknown = withoutRows(object, borderSettings());
    for (const auto* key : {"name", "rings", "format", "version"})
        design.unknown.erase(key);
    if (const auto rings = object.find("rings"); rings != object.end()) {
        if (!rings->is_array() || rings->size() > kMaxRings)
            throw Problem(
                ProblemKind::BadSetting, path + "rings", "this is no list of rings",
                Saying("Allowed: a list of at most {rings} rings", {{"rings", std::to_string(kMaxRings)}}));
        design.rings.clear();
        for (std::size_t i = 0; i < rings->size(); ++i) {
            const auto& saved = (*rings)[i];
            const auto at = path + "rings[" + std::to_string(i) + "].";
            if (!saved.is_object())
                throw Problem(ProblemKind::BadSetting, at,
                              Saying("{value} is not allowed", {{"value", shownJson(saved)}}),
                              "Allowed: an object");
            Ring ring;
            readRows(saved, ringSettings(), ring, at);
            ring.unknown = withoutRows(saved, ringSettings());
            design.rings.push_back(std::move(ring));
        }
    }
    readRows(object, borderSettings(), design, path);
    return design;
}

BorderDesign borderFromDocument(const json& document, const std::string& subject) {
    requireFormat(document, subject, kBorderFormat, kBorderVersion, "border");
    return borderFromJson(document, "");
}

json borderSchema() {
    json properties = schemaOfRows(borderSettings());
    properties["name"] = {{"type", "string"}, {"maxLength", 200}};
    properties["rings"] = {{"type", "array"},
                           {"maxItems", kMaxRings},
                           {"items", {{"type", "object"}, {"properties", schemaOfRows(ringSettings())}}}};
    return {{"type", "object"}, {"properties", properties}};
}

} // namespace keepseal
