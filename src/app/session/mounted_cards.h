// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Tells which cards and cameras are there, whenever one is mounted or taken away.
#pragma once

#include "plan/cards.h"
#include "tasks/latest_task.h"

#include <QFile>
#include <QSocketNotifier>

#include <memory>

namespace keepseal::app {

class MountedCards : public QObject {
    Q_OBJECT
public:
    /// `mountInfo`: the system's own list, unless a test has another.
    explicit MountedCards(const QString& mountInfo = "/proc/self/mountinfo", QObject* parent = nullptr);
    const std::vector<Card>& cards() const { return m_cards; }
    /// Looks again, in the background.
    void look();
    bool busy() const { return m_looking.busy(); }

signals:
    void changed();

private:
    QFile m_list; ///< a file of the kernel's own: no disk is asked
    std::unique_ptr<QSocketNotifier> m_notifier;
    std::vector<Card> m_cards;
    LatestTask<std::vector<Card>> m_looking;
    using Stores = std::vector<std::filesystem::path>;
    Stores m_stores; ///< of cameras, when they were last asked for
    LatestTask<Stores> m_asking;
};

} // namespace keepseal::app
