// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// F1: the page about what has the focus.
#pragma once

#include "base/station_id.h"
#include "shell/desk.h"
#include "shell/fault_dialog.h"
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
    /// `place`: of what has the focus; asked at F1. `said`: what the window said last.
    HelpDesk(DeskTools tools, std::function<HelpPlace()> place, std::function<QString()> said);
    void fillMenu(QMenu* menu, WindowActions& actions);
    void show(const HelpPlace& place);
    HelpDialog* dialog() { return m_dialog; }
    void tellOfFault();
    FaultDialog* faultDialog() { return m_fault; }

private:
    std::vector<HelpKey> keys() const;
    DeskTools m;
    std::function<HelpPlace()> m_place;
    std::function<QString()> m_said;
    QPointer<HelpDialog> m_dialog;
    QPointer<FaultDialog> m_fault;
};

} // namespace keepseal::app
