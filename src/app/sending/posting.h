// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Sends what is due in the outbox, in the background, for as long as the window is there. A failure of one
// copy keeps no other from being sent.
#pragma once

#include "send/postman.h"
#include "tasks/latest_task.h"

#include <QTimer>

namespace keepseal::app {

class Posting : public QObject {
    Q_OBJECT
public:
    using Items = std::vector<OutboxItem>;
    explicit Posting(QObject* parent = nullptr);
    /// Something was put in, or is to be tried again.
    void poke();
    /// Reads the outbox anew.
    void look();
    /// Works on the outbox in the background, then looks, and sends what is due.
    void change(std::function<void(Outbox&)> work);
    bool busy() const { return m_sending.busy() || m_looking.busy() || m_changing.busy(); }
    /// As it was when it was read last.
    const Items& items() const { return m_items; }
    std::size_t count(SendState state) const;
    /// What became of that copy, in words; empty: it is in no outbox.
    QString wordsOf(const std::filesystem::path& copy, const std::string& fingerprint) const;

signals:
    void changed();
    /// A round came to its end and something was done.
    void said(const QString& text);

private:
    void ended(const TaskOutcome<PostRound>& outcome);
    void waitForNext();
    Items m_items;
    QString m_heldBy;      ///< what the first of this round was held by
    QTimer m_next, m_soon; ///< `m_soon`: steps of a round are told together
    LatestTask<Items> m_looking;
    LatestTask<bool> m_changing;
    LatestTask<PostRound, OutboxItem> m_sending;
};

} // namespace keepseal::app
