// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is open: the one owner of the job between the disk and the window. Its rules:
// - The job is on disk a moment after each change, and at once when another one came in its place.
// - What was lost (its window died) or ended is offered; it takes the place of the job at hand only when a
//   person asks, or when nothing was given and nothing is at hand. The job at hand is then kept among the
//   ended ones. Jobs are never mixed.
// - The file of a lost job goes when the job is on disk again, not before.
// - A window that was started with nothing given begins with the deliveries of last time, and leaves its own
//   for next time; those that came from a file stay with their file.
// Files are read and written on a thread of their own, one after the other.
#pragma once

#include "document/picture_library.h"
#include "run/journal.h"
#include "session/kept_jobs.h"
#include "session/remembered.h"
#include "tasks/latest_task.h"
#include "tasks/task_queue.h"

#include <QTimer>

namespace keepseal::app {

class JobSession : public QObject {
    Q_OBJECT
public:
    JobSession(JobDocument* document, PictureLibrary* library, QObject* parent = nullptr);
    /// Waits for what is being written.
    ~JobSession() override;

    enum class Given {
        Nothing, ///< the deliveries of last time, and a lost job, come back
        Files,   ///< pictures: the deliveries of last time come back, a lost job is offered
        All,     ///< deliveries or a job
    };
    /// From now on the job is kept. Announced by begun().
    void begin(Given given);
    bool hasBegun() const { return m_begun; }
    /// Nothing is known of the person yet, and nothing was given. Known when it has begun.
    bool firstTime() const { return m_firstTime; }

    /// A job file that a person names.
    void open(const std::filesystem::path& file);
    void bringBack(const KeptJob& kept);
    void saveTo(const std::filesystem::path& file);
    /// Lost and ended ones, see keptJobs().
    const std::vector<KeptJob>& kept() const { return m_kept; }
    /// Looks for originals that are not where they were, below a folder.
    void findMissingIn(const std::filesystem::path& folder);
    /// What the person says of themselves, for all jobs.
    void keepWho(const WhoYouAre& who);

    /// Writes now what is not written yet, and waits for it: the desktop's session ends.
    void keepNow();
    /// The window was closed: the job is over, and no lost one.
    void end();
    /// The file that this window's job is kept in; empty until it was written.
    const std::filesystem::path& keptFile() const { return m_keptFile; }
    /// Something is to be read or written still.
    bool busy() const;

signals:
    void begun();
    void said(const QString& text); ///< what a person should know
    void keptChanged();
    void opened(); ///< another job is here
    /// Runs that did not come to their end; the newest first.
    void runsLeft(const std::vector<keepseal::UnfinishedRun>& runs);

private:
    /// What belongs to the disk's thread.
    struct Disk {
        std::unique_ptr<OpenJobFile> job;
        std::optional<FileLock> remembered; ///< this window leaves its deliveries for next time
    };
    struct Found {
        std::optional<WhoYouAre> who;
        std::vector<RememberedDelivery> deliveries;
        std::vector<KeptJob> jobs;
        std::vector<UnfinishedRun> runs;
        std::vector<Problem> problems;
    };
    struct Loaded {
        Job job;
        std::filesystem::path from;
        bool kept = false, lost = false; ///< not a file that a person named
        std::size_t missing = 0;         ///< originals that are not where they were
    };
    static Found look(Disk& disk, bool deliveries);
    void takeFound(Given given, const TaskOutcome<Found>& outcome);
    void load(const std::filesystem::path& file, bool kept, bool lost);
    void takeLoaded(const TaskOutcome<Loaded>& outcome);
    void write();
    void written(const TaskOutcome<std::filesystem::path>& outcome);
    Job snapshot() const;
    Job snapshotToKeep() const;

    JobDocument* m_document;
    PictureLibrary* m_library;
    QTimer m_wait;
    bool m_begun = false, m_firstTime = false, m_remembers = false, m_toldUnkept = false;
    std::vector<KeptJob> m_kept;
    std::vector<std::filesystem::path> m_toForget; ///< once the job at hand is written
    std::filesystem::path m_keptFile;
    std::shared_ptr<Disk> m_disk = std::make_shared<Disk>();
    TaskQueue m_queue{1};
    TaskShare m_writes{&m_queue};
    LatestTask<Loaded> m_loading{[this](const TaskOutcome<Loaded>& outcome) { takeLoaded(outcome); }};
    using FoundAgain = std::map<std::filesystem::path, std::filesystem::path>;
    LatestTask<std::pair<FoundAgain, std::size_t>> m_finding;
};

} // namespace keepseal::app
