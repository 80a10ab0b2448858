// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/watch_command.h"

#include "base/problem.h"
#include "cli/print.h"
#include "cli/run_request.h"
#include "plan/at_rest.h"
#include "plan/stamped.h"
#include "send/postman.h"

#include <chrono>
#include <csignal>
#include <iostream>
#include <poll.h>
#include <sys/inotify.h>
#include <unistd.h>

namespace keepseal::cli {

namespace fs = std::filesystem;

namespace {

double secondsNow() {
    return std::chrono::duration<double>(std::chrono::steady_clock::now().time_since_epoch()).count();
}

/// The system's word that something happened in folders; on network folders it tells only of this machine.
class FolderNews {
public:
    explicit FolderNews(const std::vector<std::string>& folders)
        : m_descriptor(::inotify_init1(IN_NONBLOCK | IN_CLOEXEC)) {
        for (const auto& folder : folders)
            ::inotify_add_watch(m_descriptor, folder.c_str(),
                                IN_CLOSE_WRITE | IN_MOVED_TO | IN_CREATE | IN_MODIFY | IN_DELETE |
                                    IN_MOVED_FROM);
    }
    ~FolderNews() { ::close(m_descriptor); }
    FolderNews(const FolderNews&) = delete;
    FolderNews& operator=(const FolderNews&) = delete;
    /// Until something happens, but not longer than `seconds`. A signal ends it too.
    void wait(double seconds) const {
        pollfd news{m_descriptor, POLLIN, 0};
        if (::poll(&news, 1, static_cast<int>(seconds * 1000)) <= 0)
            return;
        // Ten thousand files come with as many words: one look for those of a moment.
        ::poll(nullptr, 0, 200);
        std::array<char, 16 << 10> told{};
        while (::read(m_descriptor, told.data(), told.size()) > 0)
            continue;
    }

private:
    int m_descriptor;
};

/// Copies of ours that come into the folder, or lie in one inside it, are no originals.
bool isOurs(const fs::path& file) {
    try {
        return stampedBefore(file, identityOf(file));
    } catch (const Problem&) { // what is wrong with it is told when it is worked on
        return false;
    }
}

class Watching {
public:
    explicit Watching(const WatchOptions& options)
        : m_options(options), m_atRest(options.quiet), m_news(options.stamp.pictures.paths) {
        for (const auto& folder : options.stamp.pictures.paths)
            if (std::error_code error; !fs::is_directory(folder, error))
                throw Problem(ProblemKind::NotFound, folder, "there is no such folder",
                              "Name a folder to be watched");
    }

    int run() {
        int code = kDone;
        while (!stopRequested) {
            auto files = m_atRest.look(all(), secondsNow(), isBeingWritten);
            std::erase_if(files, isOurs);
            if (!files.empty())
                code = std::max(code, stamp(files));
            if (m_options.once && m_atRest.restless() == 0) {
                if (files.empty())
                    return code;
                continue; // what came meanwhile
            }
            m_news.wait(m_atRest.restless() > 0
                            ? std::min(m_options.every, std::max(0.05, m_options.quiet / 4))
                            : m_options.every);
        }
        return m_options.once ? kStopped : kDone; // to be stopped is how it ends
    }

private:
    std::vector<FileThere> all() const {
        std::vector<FileThere> out;
        for (const auto& folder : m_options.stamp.pictures.paths) {
            const auto found = filesThere(fs::absolute(folder), m_options.stamp.pictures.recursive);
            out.insert(out.end(), found.begin(), found.end());
        }
        return out;
    }

    /// A run by itself, with its own ledger. What stops it (a disk that is away) is said, and it is tried
    /// again.
    int stamp(const std::vector<fs::path>& files) {
        auto batch = m_options.stamp;
        batch.pictures.paths.assign(files.begin(), files.end());
        try {
            const int code = runStamp(batch);
            send();
            return code;
        } catch (const Problem& problem) {
            std::cerr << "keep-seal-cli: " << shown(problem.sentence()) << "\n";
            if (problem.kind == ProblemKind::BadSetting || problem.kind == ProblemKind::Refused)
                throw; // it would be the same each time
            for (const auto& file : files)
                m_atRest.forget(file);
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
                    std::cout << "sent: " << shown(item.copy) << "\n";
                else
                    std::cerr << "not sent: " << shown(item.problem) << "\n";
            });
        } catch (const Problem& problem) {
            std::cerr << "keep-seal-cli: " << shown(problem.sentence()) << "\n";
        }
    }

    const WatchOptions& m_options;
    AtRest m_atRest;
    FolderNews m_news;
};

} // namespace

int runWatch(const WatchOptions& options) {
    stopOnSignals();
    std::signal(SIGIO, SIG_IGN); // somebody opens a file for writing while it is asked about
    return Watching(options).run();
}

} // namespace keepseal::cli
