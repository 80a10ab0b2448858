// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Keeps the job on disk all the time, so that nothing is lost when the window or the machine dies: a moment
// after each change the whole job is written to a file of this process, in the background.
#pragma once

#include "shell/background.h"

namespace keepseal::app {

class JobKeeper : public QObject {
    Q_OBJECT
public:
    explicit JobKeeper(JobDocument* document, PictureLibrary* library, QObject* parent = nullptr);
    /// From now on. Not before a lost job was offered: nothing is written over it.
    void begin();
    /// At a proper end: what was there is the last job then.
    void finish();
    /// The job of a window that died without a proper end; nothing when there is none. It is taken away, so
    /// that it is offered once.
    static std::optional<Job> takeLost();
    /// The job that was there at the last proper end, if it held pictures.
    static std::optional<Job> last();
    const std::filesystem::path& file() const { return m_file; }
    bool busy() const { return m_task.busy(); }

private:
    void write();
    Job snapshot() const;
    JobDocument* m_document;
    PictureLibrary* m_library;
    QTimer m_wait;
    std::filesystem::path m_file;
    bool m_begun = false;
    LatestTask<NoStep> m_task{[](const auto&) {}};
};

} // namespace keepseal::app
