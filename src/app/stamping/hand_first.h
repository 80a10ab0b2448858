// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Runs and forecasts stand still while a hand changes the job, until what it changed is seen.
#pragma once

#include "base/give_way.h"
#include "document/job_document.h"

#include <QTimer>

#include <functional>
#include <optional>

namespace keepseal::app {

class HandFirst : public QObject {
    Q_OBJECT
public:
    /// `seen`: whether all that is in view shows the latest change. The document is not owned, and outlives
    /// this.
    HandFirst(JobDocument* document, std::function<bool()> seen, QObject* parent = nullptr);
    bool holds() const { return m_still.has_value(); }

private:
    void moved();
    void look();

    std::function<bool()> m_seen;
    std::optional<Standstill> m_still;
    QTimer m_rest;
    int m_looks = 0; ///< since the hand moved last
};

} // namespace keepseal::app
