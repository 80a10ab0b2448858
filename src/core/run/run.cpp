// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "run/run.h"

#include "base/files.h"
#include "base/fingerprint.h"
#include "base/give_way.h"
#include "base/patience.h"
#include "picture/pixel_memory.h"
#include "record/register.h"
#include "run/journal.h"
#include "run/stamper.h"

#include <algorithm>
#include <chrono>
#include <thread>
#include <unistd.h>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

constexpr auto kJournalEvery = std::chrono::seconds(2);
constexpr auto kPausedStep = std::chrono::milliseconds(40);

std::uint64_t thirdOfMemory() {
    return static_cast<std::uint64_t>(::sysconf(_SC_PHYS_PAGES)) *
           static_cast<std::uint64_t>(::sysconf(_SC_PAGESIZE)) / 3;
}

/// Folders that originals lie in, that of a link's own file too.
ForbiddenFolders foldersOfOriginals(const Plan& plan) {
    ForbiddenFolders out;
    std::set<fs::path> folders;
    folders.insert(plan.otherFolders.begin(), plan.otherFolders.end());
    for (const auto& original : plan.originals) {
        folders.insert(original.parent_path());
        std::error_code error;
        if (fs::is_symlink(original, error))
            folders.insert(fs::canonical(original, error).parent_path());
    }
    for (const auto& folder : folders) {
        try {
            const auto identity = identityOf(folder);
            out.insert({identity.device, identity.inode});
        } catch (const Problem&) {
            continue; // a folder that is gone holds no originals
        }
    }
    return out;
}

/// Where copies go among the originals, because their delivery says so.
std::set<fs::path> foldersAmong(const Plan& plan) {
    std::set<fs::path> out;
    for (const auto& copy : plan.copies)
        if (plan.deliveries[copy.delivery].place.where == PlaceWhere::AmongOriginals)
            out.insert(copy.target.parent_path());
    return out;
}

fs::path freeLedgerFile(const RunOptions& options, std::string started) {
    if (!options.partLedger.empty())
        return options.partLedger;
    std::replace(started.begin(), started.end(), ':', '-');
    const auto folder = options.ledgerFolder.empty() ? stateFolder() / "ledgers" : options.ledgerFolder;
    const auto base = started + "-" + std::to_string(::getpid());
    auto file = folder / (base + ".json");
    for (int n = 2; fs::exists(file) || fs::exists(journalOf(file)); ++n)
        file = folder / (base + "-" + std::to_string(n) + ".json");
    return file;
}

class Runner {
public:
    Runner(const Plan& plan, const RunOptions& options, const std::atomic<bool>& stop,
           const std::function<void(const RunEvent&)>& onEvent)
        : m_plan(plan), m_options(options), m_stop(stop), m_onEvent(onEvent),
          m_budget(options.memoryBudget ? options.memoryBudget : thirdOfMemory()),
          m_destinations(foldersOfOriginals(plan), foldersAmong(plan),
                         options.partLedger.empty() ? RunsBeside::None : RunsBeside::Parts),
          m_stamper(
              plan, m_destinations, m_budget, stop,
              [this](const fs::path& copy) { return fingerprintOfOurs(copy); },
              [this](std::size_t index, const LedgerRow& row) { notePlacing(index, row); },
              [this](const KeptPicture& picture, const KeptSeal& seal) {
                  m_pictures->add(picture);
                  if (!seal.id.empty())
                      m_pictures->add(seal);
              }) {
        refuseBlocked();
        claimRoots();
        m_result.ledger.rows = plannedRows(m_plan);
    }

    /// A new run.
    void begin() {
        m_result.ledger.started = utcNow();
        m_result.ledgerFile = freeLedgerFile(m_options, m_result.ledger.started);
        m_journal =
            std::make_unique<Journal>(Journal::create(m_result.ledgerFile, m_result.ledger.started, m_plan));
        m_pictures = std::make_unique<KeptPictures>(picturesOf(m_result.ledgerFile));
    }

    /// A run whose ledger came to its end before: what failed then is tried again.
    void beginAgain(const JournalContents& before) {
        begin();
        takeOver(before);
    }

    /// The same run again: what it made is looked at, and kept where it is as it was delivered.
    void goOn(Journal journal, const JournalContents& before) {
        m_journal = std::make_unique<Journal>(std::move(journal));
        m_result.ledgerFile = ledgerOf(m_journal->file());
        m_pictures = std::make_unique<KeptPictures>(picturesOf(m_result.ledgerFile));
        takeOver(before);
    }

    void takeOver(const JournalContents& before) {
        m_result.ledger.started = before.started;
        std::vector<std::pair<std::size_t, LedgerRow>> made(before.rows.begin(), before.rows.end());
        std::erase_if(made, [](const auto& entry) {
            return entry.second.outcome != Outcome::Made && entry.second.outcome != Outcome::LeftOut;
        });
        inParallel(made.size(), [&](std::size_t i) {
            const auto& [index, row] = made[i];
            if (row.outcome == Outcome::Made && !isAsDelivered(row))
                return;
            const std::lock_guard lock(m_mutex);
            auto& kept = m_result.ledger.rows[index];
            kept = row;
            kept.fingerprintAfter.clear(),
                kept.checksumAfter.clear(); // it is read again at the end of this run
            m_onEvent({RunEvent::Kind::Resumed, ++m_done, made.size(), &kept, index});
        });
        m_done = 0;
    }

    RunResult run() {
        listTasks();
        {
            const KeepsFreedMemory fromOneToTheNext;
            inParallel(m_tasks.size(), [this](std::size_t i) { stampOriginal(m_tasks[i]); });
            m_result.stopped = m_stop;
            m_destinations.sync();
            m_done = 0;
            inParallel(
                m_tasks.size(), [this](std::size_t i) { verifyOriginal(m_tasks[i]); }, true);
        }
        m_result.ledger.state = m_result.stopped ? "stopped" : "finished";
        m_result.ledger.ended = utcNow();
        keepRecord();
        m_onEvent({RunEvent::Kind::Finished, m_tasks.size(), m_tasks.size(), nullptr, 0});
        return std::move(m_result);
    }

private:
    struct Task {
        std::size_t original = 0;
        std::vector<std::size_t> together; ///< indices into plan and rows: all its copies
        std::vector<std::size_t> copies;   ///< those to be made
    };

    void refuseBlocked() const {
        for (const auto& copy : m_plan.copies)
            if (copy.outcome == Outcome::Blocked)
                throw Problem(ProblemKind::Refused, copy.target.string(),
                              Saying("the name is taken, and \"{delivery}\" says not to begin then",
                                     {{"delivery", m_plan.deliveries[copy.delivery].name}}),
                              "Move that file away, or choose another name or folder");
    }

    fs::path registerFile() const {
        return m_options.ledgerFolder.empty() ? fs::path{}
                                              : m_options.ledgerFolder.parent_path() / "register.sqlite";
    }

    std::optional<std::string> fingerprintOfOurs(const fs::path& copy) {
        const std::lock_guard lock(m_registerMutex);
        try {
            if (!m_register)
                m_register = std::make_unique<Register>(registerFile());
            const auto row = m_register->madeAt(copy);
            return row ? std::optional(row->copyFingerprint) : std::nullopt;
        } catch (const Problem&) { // without the record nothing is ours
            return std::nullopt;
        }
    }

    void claimRoots() {
        std::set<fs::path> targets;
        for (const auto& copy : m_plan.copies)
            if (copy.outcome == Outcome::Waiting)
                targets.insert(copy.target.parent_path());
        for (const auto& root : m_plan.roots)
            m_destinations.claim(root, targets.contains(root));
    }

    void listTasks() {
        std::vector<Task> byOriginal(m_plan.originals.size());
        for (std::size_t i = 0; i < m_plan.copies.size(); ++i) {
            auto& task = byOriginal[m_plan.copies[i].original];
            task.original = m_plan.copies[i].original;
            if (m_plan.copies[i].outcome == Outcome::Waiting)
                task.together.push_back(i);
            if (m_result.ledger.rows[i].outcome == Outcome::Waiting) {
                task.copies.push_back(i);
                ++m_total;
            }
        }
        for (auto& task : byOriginal)
            if (!task.together.empty())
                m_tasks.push_back(std::move(task));
    }

    /// Calls `work(i)` for each i on the workers; stops handing out once the person stopped the run.
    template <class Work>
    void inParallel(std::size_t count, Work work, bool evenWhenStopped = false) {
        const auto wanted = m_options.workers > 0 ? static_cast<unsigned>(m_options.workers)
                                                  : std::max(1U, std::thread::hardware_concurrency());
        std::atomic<std::size_t> next{0};
        const auto loop = [&] {
            const PictureThread thread;
            const Patience patience(m_stop);
            for (std::size_t i = next++; i < count && (evenWhenStopped || !m_stop); i = next++) {
                while (((m_options.pause && *m_options.pause) || (Standstill::now() && givesWay())) &&
                       !m_stop)
                    std::this_thread::sleep_for(kPausedStep);
                if (!m_stop || evenWhenStopped)
                    work(i);
            }
        };
        std::vector<std::jthread> workers;
        for (unsigned i = 0; i < std::min<std::size_t>(wanted, count); ++i)
            workers.emplace_back(loop);
    }

    void stampOriginal(const Task& task) {
        if (task.copies.empty())
            return;
        m_stamper.stamp(
            task.copies, task.together, [this](std::size_t index) { return plannedRow(index); },
            [this](std::size_t index, LedgerRow row) { finishRow(index, std::move(row)); });
    }

    LedgerRow plannedRow(std::size_t index) {
        const std::lock_guard lock(m_mutex);
        return m_result.ledger.rows[index];
    }

    void notePlacing(std::size_t index, const LedgerRow& row) {
        const std::lock_guard lock(m_mutex);
        m_journal->addPlacing(index, row);
    }

    void finishRow(std::size_t index, LedgerRow row) {
        const std::lock_guard lock(m_mutex);
        auto& kept = m_result.ledger.rows[index];
        kept = std::move(row);
        m_journal->add(index, kept);
        m_onEvent({RunEvent::Kind::CopyDone, ++m_done, m_total, &kept, index});
        if (const auto now = std::chrono::steady_clock::now(); now - m_syncedAt > kJournalEvery) {
            m_journal->sync();
            m_syncedAt = now;
        }
    }

    bool allHaveChecksums(const Task& task) {
        const std::lock_guard lock(m_mutex);
        return std::none_of(task.together.begin(), task.together.end(), [&](std::size_t index) {
            const auto& row = m_result.ledger.rows[index];
            return !row.fingerprintBefore.empty() && row.checksumBefore.empty();
        });
    }

    bool wasRead(const Task& task) {
        const std::lock_guard lock(m_mutex);
        return std::any_of(task.together.begin(), task.together.end(), [&](std::size_t index) {
            return !m_result.ledger.rows[index].fingerprintBefore.empty();
        });
    }

    /// Reads the original once more, by its path: what lies there now must be what was read. Rows that a
    /// program before this one made have no checksum: theirs is held against SHA-256.
    void verifyOriginal(const Task& task) {
        if (!wasRead(task))
            return;
        Fingerprints after;
        try {
            const Original original(m_plan.originals[task.original]);
            after = allHaveChecksums(task) ? Fingerprints{{}, checksum(original)} : fingerprints(original);
        } catch (const Problem&) {
            after = {kGone, kGone}; // an original that vanished meanwhile is not "as it was"
        }
        const std::lock_guard lock(m_mutex);
        for (const auto index : task.together) {
            auto& row = m_result.ledger.rows[index];
            if (row.fingerprintBefore.empty())
                continue;
            if (row.checksumBefore.empty())
                row.fingerprintAfter = after.sha256;
            else
                row.checksumAfter = after.checksum;
            if (!row.originalUntouched() && !row.problem)
                row.problem = Problem(ProblemKind::Changed, row.original.string(),
                                      after.checksum == kGone
                                          ? "the original vanished during the run"
                                          : "the original was changed by another program during the run",
                                      "Look at the original, then stamp it again");
        }
        m_onEvent({RunEvent::Kind::Verifying, ++m_done, m_tasks.size(), nullptr, 0});
    }

    /// Ledger and register; a journal stays only where there is something to go on with.
    void keepRecord() {
        if (m_journal->failed())
            m_result.notes.emplace_back(
                ProblemKind::CannotWrite, m_journal->file().string(),
                "the run's journal could not be written to its end",
                "Make room on the disk: only a whole journal lets a killed run go on");
        if (m_pictures->failed())
            m_result.notes.emplace_back(ProblemKind::CannotWrite, picturesOf(m_result.ledgerFile).string(),
                                        "what the pictures are known by could not be kept",
                                        "Make room on the disk: these copies are found by their bytes only");
        bool kept = true;
        const auto tryTo = [&](const std::function<void()>& step) {
            try {
                step();
            } catch (const Problem& problem) {
                m_result.notes.push_back(problem);
                kept = false;
            }
        };
        tryTo([&] { saveLedger(m_result.ledger, m_result.ledgerFile); });
        if (m_options.partLedger.empty())
            tryTo([&] { Register(registerFile()).add(m_result.ledger, m_result.ledgerFile); });
        if (m_options.partLedger.empty())
            tryTo([&] {
                m_result.outgoing =
                    putIntoOutbox(m_plan, m_result.ledger, m_result.ledgerFile,
                                  [this](const fs::path& copy) { return fingerprintOfOurs(copy); });
            });
        m_journal->sync();
        if (!m_result.stopped && kept)
            m_journal->remove();
        else
            m_result.journal = m_journal->file();
    }

    const Plan& m_plan;
    RunOptions m_options;
    const std::atomic<bool>& m_stop;
    const std::function<void(const RunEvent&)>& m_onEvent;
    MemoryBudget m_budget;
    Destinations m_destinations;
    std::mutex m_registerMutex;
    std::unique_ptr<Register> m_register; ///< opened when a copy is to replace another
    Stamper m_stamper;
    std::unique_ptr<Journal> m_journal;
    std::unique_ptr<KeptPictures> m_pictures;
    std::vector<Task> m_tasks;
    std::mutex m_mutex;
    std::size_t m_done = 0, m_total = 0;
    std::chrono::steady_clock::time_point m_syncedAt;
    RunResult m_result;
};

} // namespace

int RunResult::exitCode() const {
    if (stopped)
        return 3;
    const bool problems = std::any_of(ledger.rows.begin(), ledger.rows.end(), [](const LedgerRow& row) {
        return row.problem.has_value() || row.outcome == Outcome::HeldBack;
    });
    return problems ? 1 : 0;
}

RunResult runPlan(const Plan& plan, const RunOptions& options, const std::atomic<bool>& stop,
                  const std::function<void(const RunEvent&)>& onEvent) {
    Runner runner(plan, options, stop, onEvent);
    runner.begin();
    return runner.run();
}

RunResult runAgain(const Plan& plan, const std::string& started, std::map<std::size_t, LedgerRow> rows,
                   const RunOptions& options, const std::atomic<bool>& stop,
                   const std::function<void(const RunEvent&)>& onEvent) {
    Runner runner(plan, options, stop, onEvent);
    runner.beginAgain({started, {}, std::move(rows)});
    return runner.run();
}

RunResult resumeRun(const fs::path& file, const RunOptions& options, const std::atomic<bool>& stop,
                    const std::function<void(const RunEvent&)>& onEvent) {
    auto journal = Journal::reopen(file);
    const auto before = readJournal(file);
    Runner runner(before.plan, options, stop, onEvent);
    runner.goOn(std::move(journal), before);
    return runner.run();
}

} // namespace keepseal
