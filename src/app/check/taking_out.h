// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Finished copies on their way to other programs: on the clipboard, as files, and one alone as a picture too.
#pragma once

#include "record/ledger.h"
#include "tasks/latest_task.h"

#include <QImage>
#include <QObject>

#include <memory>

class QMimeData;

namespace keepseal::app {

/// Those of the rows whose copies are there, each once: as files (a list of URIs) and as text, a path a line.
/// Null where there are none.
std::unique_ptr<QMimeData> copiesAsFiles(const std::vector<LedgerRow>& rows);

class TakingOut : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// A picture that is alone comes as pixels a moment later, unless something else was copied meanwhile.
    void copy(const std::vector<LedgerRow>& rows);
    bool busy() const { return m_reading.busy(); }

private:
    void add(const QImage& picture);
    std::vector<LedgerRow> m_rows;
    LatestTask<QImage> m_reading{[this](const TaskOutcome<QImage>& outcome) {
        if (outcome.result)
            add(*outcome.result);
    }};
};

} // namespace keepseal::app
