// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// F1: the page about what has the focus.
#pragma once

#include "base/station_id.h"
#include "shell/desk.h"
#include "shell/help_dialog.h"
#include "shell/views_header.h"
#include "shell/window_actions.h"

#include <QPointer>

namespace keepseal::app {

struct HelpPlace {
    QString file, heading;
};
HelpPlace helpFor(StationId station);
HelpPlace helpFor(ViewKind view);

class HelpDesk : public QObject {
    Q_OBJECT
public:
    /// `place`: of what has the focus; asked at F1.
    HelpDesk(DeskTools tools, std::function<HelpPlace()> place);
    void fillMenu(QMenu* menu, WindowActions& actions);
    void show(const HelpPlace& place);
    HelpDialog* dialog() { return m_dialog; }

private:
    std::vector<HelpKey> keys() const;
    DeskTools m;
    std::function<HelpPlace()> m_place;
    QPointer<HelpDialog> m_dialog;
};

} // namespace keepseal::app
