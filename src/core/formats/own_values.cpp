// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "formats/own_values.h"

#include <stdexcept>

namespace keepseal {
namespace {

template <class T>
const T& as(const SettingValue& value, std::string_view key) {
    if (const auto* found = std::get_if<T>(&value))
        return *found;
    throw std::logic_error("the format's setting is of another kind: " + std::string(key));
}

OwnSetting madeRow(SettingKind kind, std::string key, std::string label, SettingValue first,
                   std::string help) {
    OwnSetting out;
    out.kind = kind;
    out.key = std::move(key), out.label = std::move(label), out.help = std::move(help);
    out.first = std::move(first);
    return out;
}

} // namespace

const OwnSetting& OwnValues::row(std::string_view key) const {
    for (const auto& row : m_rows)
        if (row.key == key)
            return row;
    throw std::logic_error("the format has no such setting: " + std::string(key));
}

const SettingValue& OwnValues::value(std::string_view key) const {
    const auto found = m_differing.find(key);
    return found == m_differing.end() ? row(key).first : found->second;
}

bool OwnValues::on(std::string_view key) const {
    return as<bool>(value(key), key);
}

double OwnValues::number(std::string_view key) const {
    return as<double>(value(key), key);
}

int OwnValues::whole(std::string_view key) const {
    return static_cast<int>(number(key));
}

const std::string& OwnValues::choice(std::string_view key) const {
    return as<std::string>(value(key), key);
}

bool OwnValues::counts(std::string_view key) const {
    for (const auto& row : m_rows)
        if (row.key == key)
            return !row.shown || row.shown(*this);
    return false;
}

OwnSetting ownSwitch(std::string key, std::string label, bool first, std::string help) {
    return madeRow(SettingKind::Switch, std::move(key), std::move(label), first, std::move(help));
}

OwnSetting ownNumber(std::string key, std::string label, double first, NumberRange range, std::string help) {
    auto out = madeRow(SettingKind::Number, std::move(key), std::move(label), first, std::move(help));
    out.range = range;
    return out;
}

OwnSetting ownChoice(std::string key, std::string label, std::string first,
                     std::vector<SettingChoice> choices, std::string help) {
    auto out =
        madeRow(SettingKind::Choice, std::move(key), std::move(label), std::move(first), std::move(help));
    out.choices = std::move(choices);
    return out;
}

} // namespace keepseal
