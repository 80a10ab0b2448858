// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/difference.h"

#include "base/text.h"
#include "delivery/stations.h"

namespace keepseal {
namespace {

std::string shown(const Setting<Delivery>& setting, const Delivery& delivery) {
    const auto text = trimmed(displayText(setting, setting.get(delivery)));
    return text.empty() ? said("empty") : text.size() > 60 ? cutUtf8(text, 57) + "..." : text;
}

} // namespace

std::vector<std::string> differences(const Delivery& was, const Delivery& is) {
    std::vector<std::string> out;
    if (was.name != is.name)
        out.push_back(Saying("Name: {is}, was {was}", {{"is", is.name}, {"was", was.name}}).said());
    for (const auto& station : stations()) {
        const auto before = out.size();
        for (const auto& setting : station.settings)
            if (!setting.derived && !(setting.get(was) == setting.get(is)))
                out.push_back(Saying("{station}: {setting} {is}, was {was}", {{"station", station.label},
                                                                              {"setting", setting.label},
                                                                              {"is", shown(setting, is)},
                                                                              {"was", shown(setting, was)}})
                                  .said());
        if (out.size() == before && !station.same(was, is))
            out.push_back(Saying("{station}: its design was changed", {{"station", station.label}}).said());
    }
    if (was.notes != is.notes || was.tags != is.tags)
        out.push_back(said("Notes or tags"));
    return out;
}

} // namespace keepseal
