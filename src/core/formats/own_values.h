// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Settings that only one format has: rows with their own first values, and the values that differ from them.
#pragma once

#include "base/setting.h"

#include <map>

namespace keepseal {

/// By key; what is not there is as its row has it.
using OwnMap = std::map<std::string, SettingValue, std::less<>>;

class OwnValues;

struct OwnSetting : SettingInfo {
    SettingValue first;
    std::function<bool(const OwnValues&)> shown; ///< whether it does anything now; empty: always
};

/// The values of one format. Both stay the caller's. Asking for what is no row, or by another kind, throws
/// std::logic_error.
class OwnValues {
public:
    OwnValues(const std::vector<OwnSetting>& rows, const OwnMap& differing)
        : m_rows(rows), m_differing(differing) {}
    const SettingValue& value(std::string_view key) const;
    bool on(std::string_view key) const;
    double number(std::string_view key) const;
    int whole(std::string_view key) const;
    const std::string& choice(std::string_view key) const;
    /// Whether the setting is there and does anything now.
    bool counts(std::string_view key) const;

private:
    const OwnSetting& row(std::string_view key) const;
    const std::vector<OwnSetting>& m_rows;
    const OwnMap& m_differing;
};

OwnSetting ownSwitch(std::string key, std::string label, bool first, std::string help);
OwnSetting ownNumber(std::string key, std::string label, double first, NumberRange range, std::string help);
OwnSetting ownChoice(std::string key, std::string label, std::string first,
                     std::vector<SettingChoice> choices, std::string help);

} // namespace keepseal
