// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/exception.h"

#include "base/json_text.h"
#include "base/problem.h"
#include "base/setting_json.h"
#include "base/text.h"

namespace keepseal {

using nlohmann::json;

std::string describe(const SealException& exception) {
    if (exception.none)
        return said("no seal");
    std::vector<std::string> words;
    if (exception.anchor) {
        const auto* row = rowOf(sealSettings(), "place");
        words.push_back(toLowerAscii(row->choices[static_cast<std::size_t>(*exception.anchor)].label));
    }
    if (exception.nudge.x != 0 || exception.nudge.y != 0)
        words.push_back(said("nudged"));
    if (exception.dark)
        words.push_back(said(*exception.dark ? "dark version" : "light version"));
    if (exception.opacity)
        words.push_back(
            Saying("opacity {percent} %", {{"percent", trimmedNumber(*exception.opacity, 0)}}).said());
    return saidTogether(words);
}

json toJson(const SealException& exception) {
    json out = json::object();
    if (exception.none)
        out["none"] = true;
    if (exception.anchor) {
        const auto* row = rowOf(sealSettings(), "place");
        out["place"] = row->choices[static_cast<std::size_t>(*exception.anchor)].key;
    }
    if (exception.nudge.x != 0 || exception.nudge.y != 0)
        out["nudge"] = {exception.nudge.x, exception.nudge.y};
    if (exception.dark)
        out["version"] = *exception.dark ? "dark" : "light";
    if (exception.opacity)
        out["opacity"] = *exception.opacity;
    return out;
}

SealException exceptionFromJson(const json& object, const std::string& path) {
    SealException out;
    const auto wrong = [&](const char* key) {
        throw Problem(ProblemKind::BadSetting, path + key,
                      Saying("{value} is not allowed", {{"value", shownJson(object.at(key))}}));
    };
    if (!object.is_object())
        throw Problem(ProblemKind::BadSetting, path,
                      Saying("{value} is not allowed", {{"value", shownJson(object)}}), "Allowed: an object");
    const auto read = [&](const char* row) {
        const auto& info = *rowOf(sealSettings(), row);
        return fromJsonValue(info, path + row, object.at(row));
    };
    if (object.contains("none"))
        out.none = object["none"].is_boolean() ? object["none"].get<bool>() : (wrong("none"), false);
    if (object.contains("place")) {
        SealDesign place;
        rowOf(sealSettings(), "place")->set(place, read("place"));
        out.anchor = place.anchor;
    }
    if (object.contains("nudge")) {
        const auto& pair = object["nudge"];
        if (!pair.is_array() || pair.size() != 2 || !pair[0].is_number() || !pair[1].is_number())
            wrong("nudge");
        out.nudge = {std::clamp(pair[0].get<double>(), -500.0, 500.0),
                     std::clamp(pair[1].get<double>(), -500.0, 500.0)};
    }
    if (object.contains("version")) {
        if (object["version"] != "light" && object["version"] != "dark")
            wrong("version");
        out.dark = object["version"] == "dark";
    }
    if (object.contains("opacity"))
        out.opacity = std::get<double>(read("opacity"));
    return out;
}

} // namespace keepseal
