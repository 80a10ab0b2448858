// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Rows of settings tables as JSON: values, whole objects, and their schema.
#pragma once

#include "base/problem.h"
#include "base/setting.h"

#include <nlohmann/json.hpp>

namespace keepseal {

/// Throws Problem(BadFile) unless `document` says it is `format` of a version up to `newest`.
void requireFormat(const nlohmann::json& document, const std::string& subject, const char* format, int newest,
                   const char* what);

/// The "name" of a design, empty when it has none. Throws Problem(BadSetting) unless `object` is an object
/// and its name text of at most 200 bytes.
std::string readDesignName(const nlohmann::json& object, const std::string& path);

/// Calls `read`, and names `file` in what it throws about a wrong setting.
template <class Read>
auto namingFile(const std::string& file, Read read) {
    try {
        return read();
    } catch (const Problem& problem) {
        if (problem.kind != ProblemKind::BadSetting)
            throw;
        throw Problem(problem.kind, file + ": " + problem.subject, problem.happened, problem.remedy);
    }
}

nlohmann::json toJsonValue(const SettingInfo& info, const SettingValue& value);
/// Throws Problem(BadSetting) naming `path`, the value and what is allowed.
SettingValue fromJsonValue(const SettingInfo& info, const std::string& path, const nlohmann::json& value);
nlohmann::json schemaOf(const SettingInfo& info, const SettingValue& fallback);

/// Writes each saved row into `object`.
template <class Owner>
void writeRows(nlohmann::json& object, const std::vector<Setting<Owner>>& table, const Owner& owner) {
    for (const auto& row : table)
        if (!row.derived)
            object[row.key] = toJsonValue(row, row.get(owner));
}

/// Reads each row that is there; `prefix` names the place in problems ("seal.parts[2].").
template <class Owner>
void readRows(const nlohmann::json& object, const std::vector<Setting<Owner>>& table, Owner& owner,
              const std::string& prefix) {
    for (const auto& row : table)
        if (const auto value = object.find(row.key); value != object.end())
            row.set(owner, fromJsonValue(row, prefix + row.key, *value));
}

/// What is left of `object` without the rows' own keys: the keys this version does not know.
template <class Owner>
nlohmann::json withoutRows(nlohmann::json object, const std::vector<Setting<Owner>>& table) {
    for (const auto& row : table)
        object.erase(row.key);
    return object;
}

/// Schema of an object with these rows.
template <class Owner>
nlohmann::json schemaOfRows(const std::vector<Setting<Owner>>& table) {
    auto properties = nlohmann::json::object();
    for (const auto& row : table)
        properties[row.key] = schemaOf(row, row.get(Owner{}));
    return properties;
}

} // namespace keepseal
