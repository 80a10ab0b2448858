// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/difference.h"

#include "base/text.h"
#include "delivery/stations.h"

namespace keepseal {
namespace {

std::string shown(const Setting<Delivery>& setting, const Delivery& delivery) {
    const auto text = trimmed(displayText(setting, setting.get(delivery)));
    return text.empty() ? "empty" : text.size() > 60 ? cutUtf8(text, 57) + "..." : text;
}

} // namespace

std::vector<std::string> differences(const Delivery& was, const Delivery& is) {
    std::vector<std::string> out;
    if (was.name != is.name)
        out.push_back("Name: " + is.name + ", was " + was.name);
    for (const auto& station : stations()) {
        const auto before = out.size();
        for (const auto& setting : station.settings)
            if (!setting.derived && !(setting.get(was) == setting.get(is)))
                out.push_back(station.label + ": " + setting.label + " " + shown(setting, is) + ", was " +
                              shown(setting, was));
        if (out.size() == before && !station.same(was, is))
            out.push_back(station.label + ": its design was changed");
    }
    if (was.notes != is.notes || was.tags != is.tags)
        out.emplace_back("Notes or tags");
    return out;
}

} // namespace keepseal
