// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Rows as a table of the reference page. Internal to delivery/.
#pragma once

#include "base/language.h"
#include "base/setting_json.h"

namespace keepseal {

/// A cell of a table in Markdown: {title|untitled} would end it.
inline std::string tableCell(const std::string& text) {
    std::string out;
    for (const char c : text)
        out += c == '|' ? std::string("\\|") : std::string(1, c);
    return out;
}

template <class Owner>
std::string referenceTable(const std::vector<Setting<Owner>>& rows, const std::string& prefix) {
    std::string out, group;
    const auto head = "\n| " + said("Setting") + " | " + said("What it does") + " | " + said("Allowed") +
                      " | " + said("Default") + " |\n| --- | --- | --- | --- |\n";
    bool first = true;
    for (const auto& row : rows) {
        if (first || row.group != group) {
            group = row.group;
            out += (group.empty() ? std::string() : "\n### " + said(group) + "\n") + head;
            first = false;
        }
        const auto what = "**" + row.label + ".** " + row.help;
        const auto preset = toJsonValue(row, row.get(Owner{})).dump();
        out += "| `" + prefix + row.key + "` | " + tableCell(what) + " | " +
               tableCell(allowedText(row).said()) + " | `" + tableCell(preset) + "` |\n";
    }
    return out;
}

} // namespace keepseal
