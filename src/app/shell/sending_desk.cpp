// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/sending_desk.h"

#include "document/job_document.h"
#include "send/secret.h"

#include <QInputDialog>
#include <QMenu>
#include <QMessageBox>
#include <QPushButton>

namespace keepseal::app {

SendingDesk::SendingDesk(DeskTools tools, Drawer* drawer)
    : m(std::move(tools)), m_trying([this](const TaskOutcome<TriedOut>& outcome) {
          if (outcome.result)
              showTried(*outcome.result);
          else if (outcome.problem)
              m.say(toQt(outcome.problem->sentence()));
      }) {
    connect(drawer, &Drawer::tryPlaceRequested, this, &SendingDesk::tryPlace);
    connect(drawer, &Drawer::passwordRequested, this, &SendingDesk::askPassword);
    connect(drawer, &Drawer::outboxRequested, this, &SendingDesk::showOutbox);
    connect(&m_posting, &Posting::said, this, [this](const QString& text) { m.say(text); });
}

void SendingDesk::fillMenu(QMenu* menu, WindowActions& actions) {
    menu->addAction(actions.add(tr("Outbox…"), QKeySequence("Ctrl+Shift+M"), [this] { showOutbox(); }));
}

void SendingDesk::showOutbox() {
    if (!m_outbox)
        m_outbox = new OutboxDialog(&m_posting, m.window);
    m_outbox->show();
    m_outbox->raise();
    m_outbox->activateWindow();
}

void SendingDesk::tryPlace() {
    m_tried = m.document->deliveryAsMade().sending;
    if (!m_tried.chosen())
        return m.say(tr("Name the server first."));
    m.say(tr("Trying %1 out…").arg(toQt(m_tried.place())));
    m_trying.start([to = m_tried](const TaskRun<NoStep>& run) {
        auto tried = tryOut(to, run.stop);
        if (!tried.problem)
            Outbox().allow(to);
        return tried;
    });
}

/// A key that was not accepted yet can be, after a look at it; the place is tried again with it then.
void SendingDesk::showTried(const TriedOut& tried) {
    QString text;
    if (!tried.hostKey.empty())
        text += tr("The server's key: %1\n\n").arg(toQt(tried.hostKey));
    for (const auto& sentence : tried.found)
        text += toQt(sentence) + "\n";
    text += tried.problem ? toQt(tried.problem->happened) + ".\n" + toQt(tried.problem->remedy)
                          : tr("\nCopies may be sent there from now on.");
    QMessageBox box(QMessageBox::NoIcon, tr("Try it out"), toQt(m_tried.place()), QMessageBox::Close,
                    m.window);
    box.setInformativeText(text);
    const bool newKey = tried.problem && !tried.hostKey.empty() && m_tried.hostKey != tried.hostKey;
    auto* accept = newKey ? box.addButton(tr("Accept this key"), QMessageBox::AcceptRole) : nullptr;
    if (newKey)
        box.setDefaultButton(QMessageBox::Close);
    box.exec();
    if (accept && box.clickedButton() == accept) {
        m.document->setSetting("sending.host_key", tried.hostKey);
        tryPlace();
    } else if (!tried.problem) {
        m_posting.change([](Outbox& outbox) { outbox.again(); }); // what was held for want of a word goes now
    }
}

void SendingDesk::askPassword() {
    const auto to = m.document->deliveryAsMade().sending;
    if (!to.chosen())
        return m.say(tr("Name the server and the user first."));
    if (to.secretFrom != SecretFrom::Desktop)
        return m.say(
            tr("This delivery takes its password from elsewhere: choose the desktop's secret store first."));
    bool given = false;
    const auto text = QInputDialog::getText(
        m.window, tr("Password"),
        tr("For %1.\nIt goes into the desktop's secret store, and nowhere else.").arg(toQt(to.place())),
        QLineEdit::Password, {}, &given);
    if (!given)
        return;
    m.files->run<bool>(
        [to, secret = text.toStdString()] {
            storeSecret(to, secret);
            return true;
        },
        [this](bool) { m.say(tr("The password is in the desktop's secret store.")); });
}

} // namespace keepseal::app
