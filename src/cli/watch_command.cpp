// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/watch_command.h"

#include "base/problem.h"
#include "cli/print.h"
#include "cli/run_request.h"
#include "plan/watched_folders.h"
#include "send/postman.h"

#include <csignal>
#include <iostream>

namespace keepseal::cli {

namespace fs = std::filesystem;

namespace {

class Watching {
public:
    explicit Watching(const WatchOptions& options)
        : m_options(options),
          m_folders({options.stamp.pictures.paths.begin(), options.stamp.pictures.paths.end()},
                    options.stamp.pictures.recursive, options.quiet) {}

    int run() {
        int code = kDone;
        while (!stopRequested) {
            const auto files = m_folders.look();
            if (!files.empty())
                code = std::max(code, stamp(files));
            if (m_options.once && m_folders.restless() == 0) {
                if (files.empty())
                    return code;
                continue; // what came meanwhile
            }
            m_folders.wait(m_options.every);
        }
        return m_options.once ? kStopped : kDone; // to be stopped is how it ends
    }

private:
    /// A run by itself, with its own ledger. What stops it (a disk that is away) is said, and it is tried
    /// again.
    int stamp(const std::vector<fs::path>& files) {
        auto batch = m_options.stamp;
        batch.pictures.paths.assign(files.begin(), files.end());
        batch.once = true;
        try {
            const int code = runStamp(batch);
            send();
            return code;
        } catch (const Problem& problem) {
            complain(problem.sentence());
            if (problem.kind == ProblemKind::BadSetting || problem.kind == ProblemKind::Refused)
                throw; // it would be the same each time
            for (const auto& file : files)
                m_folders.forget(file);
            return kSomeProblems;
        }
    }

    void send() const {
        if (!m_options.sends || !Outbox::exists())
            return;
        try {
            Outbox outbox;
            sendDue(outbox, sendTimeNow, stopRequested, [](const OutboxItem& item) {
                if (item.state == SendState::Sent)
                    std::cout << Saying("sent: {file}", {{"file", shown(item.copy)}}).said() << "\n";
                else
                    std::cerr << Saying("not sent: {sentence}", {{"sentence", shown(item.problem)}}).said()
                              << "\n";
            });
        } catch (const Problem& problem) {
            complain(problem.sentence());
        }
    }

    const WatchOptions& m_options;
    WatchedFolders m_folders;
};

} // namespace

int runWatch(const WatchOptions& options) {
    stopOnSignals();
    std::signal(SIGIO, SIG_IGN); // somebody opens a file for writing while it is asked about
    return Watching(options).run();
}

} // namespace keepseal::cli
