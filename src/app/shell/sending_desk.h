// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a person does about sending: trying a place out, a password, the outbox.
#pragma once

#include "chain/drawer.h"
#include "send/upload.h"
#include "sending/outbox_dialog.h"
#include "shell/desk.h"
#include "shell/window_actions.h"

#include <QPointer>

namespace keepseal::app {

class SendingDesk : public QObject {
    Q_OBJECT
public:
    SendingDesk(DeskTools tools, Drawer* drawer);
    void fillMenu(QMenu* menu, WindowActions& actions);
    void showOutbox();
    void tryPlace();
    Posting& posting() { return m_posting; }
    OutboxDialog* outbox() { return m_outbox; }
    /// Something of a person's is being worked on.
    bool busy() const { return m_trying.busy() || m_posting.busy(); }

private:
    void askPassword();
    void showTried(const TriedOut& tried);
    DeskTools m;
    Posting m_posting;
    QPointer<OutboxDialog> m_outbox;
    SendingSettings m_tried;
    LatestTask<TriedOut> m_trying;
};

} // namespace keepseal::app
