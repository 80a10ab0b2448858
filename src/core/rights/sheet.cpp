// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "rights/sheet.h"

#include "base/text.h"

namespace keepseal {

std::vector<std::string> RightsSheet::creators() const {
    return splitTrimmed(creator, ';');
}

const std::vector<Setting<RightsSheet>>& rightsSettings() {
    using R = RightsSheet;
    static const std::vector<Setting<R>> table = {
        switchSetting("on", "Write rights", &R::on, "Whether copies carry the rights sheet."),
        textSetting("creator", "Creator", &R::creator, false,
                    "Who made the picture. Part several names with a semicolon."),
        textSetting("copyright_notice", "Copyright Notice", &R::copyrightNotice, false,
                    "The notice that says who owns the rights, as in \"© 2026 Marsh & Line Studio\"."),
    };
    return table;
}

} // namespace keepseal
