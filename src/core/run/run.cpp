// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "run/run.h"

#include "base/files.h"
#include "base/fingerprint.h"
#include "base/text.h"
#include "render/encode.h"
#include "render/picture_words.h"
#include "run/check_copy.h"
#include "run/destination.h"
#include "run/memory_budget.h"
#include "run/stamped.h"

#include <algorithm>
#include <chrono>
#include <thread>
#include <unistd.h>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

constexpr auto kLedgerEvery = std::chrono::seconds(2);

std::uint64_t thirdOfMemory() {
    return static_cast<std::uint64_t>(::sysconf(_SC_PHYS_PAGES)) *
           static_cast<std::uint64_t>(::sysconf(_SC_PAGESIZE)) / 3;
}

/// Everything about one original that all its copies share.
struct OpenOriginal {
    explicit OpenOriginal(const fs::path& path)
        : file(path), fingerprintBefore(fingerprint(file)), facts(readFacts(file, path.string())),
          report(inspect(file)), metadata(readMetadata(path, report)) {}
    Original file;
    std::string fingerprintBefore;
    PictureFacts facts;
    FileReport report;
    Metadata metadata;
};

class Runner {
public:
    Runner(const Plan& plan, const RunOptions& options, const std::atomic<bool>& stop,
           const std::function<void(const RunEvent&)>& onEvent)
        : m_plan(plan), m_options(options), m_stop(stop), m_onEvent(onEvent),
          m_budget(options.memoryBudget ? options.memoryBudget : thirdOfMemory()) {
        openDestinations();
        for (const auto& delivery : m_plan.deliveries)
            m_prepared.push_back(prepareSeal(delivery.seal));
        prepareRows();
        startLedger();
    }

    RunResult run() {
        inParallel(m_tasks.size(), [this](std::size_t i) { stampOriginal(m_tasks[i]); });
        m_result.stopped = m_stop;
        for (auto& destination : m_destinations)
            destination->sync();
        m_done = 0;
        inParallel(
            m_tasks.size(), [this](std::size_t i) { verifyOriginal(m_tasks[i]); }, true);
        m_result.ledger.state = m_result.stopped ? "stopped" : "finished";
        m_result.ledger.ended = utcNow();
        saveLedger();
        releasePixelMemory();
        m_onEvent({RunEvent::Kind::Finished, m_tasks.size(), m_tasks.size(), nullptr});
        return std::move(m_result);
    }

private:
    struct Task {
        std::size_t original;
        std::vector<std::size_t> copies; ///< indices into plan and rows
    };

    void openDestinations() {
        std::set<std::pair<std::uint64_t, std::uint64_t>> forbidden;
        std::set<fs::path> folders;
        for (const auto& original : m_plan.originals)
            folders.insert(original.parent_path());
        for (const auto& folder : folders) {
            try {
                const auto identity = identityOf(folder);
                forbidden.insert({identity.device, identity.inode});
            } catch (const Problem&) {
                continue; // a folder that is gone holds no originals
            }
        }
        for (const auto& folder : m_plan.folders)
            m_destinations.push_back(std::make_unique<Destination>(folder, forbidden));
    }

    void prepareRows() {
        std::vector<std::vector<std::size_t>> byOriginal(m_plan.originals.size());
        for (std::size_t i = 0; i < m_plan.copies.size(); ++i) {
            const auto& copy = m_plan.copies[i];
            LedgerRow row;
            row.original = m_plan.originals[copy.original];
            row.originalIdentity = m_plan.identities[copy.original];
            row.delivery = m_plan.deliveries[copy.delivery].name;
            row.settingsDigest = copy.settingsDigest;
            row.outcome = copy.outcome;
            row.copy = copy.target;
            if (!copy.note.empty())
                row.warnings.push_back(copy.note);
            m_result.ledger.rows.push_back(std::move(row));
            if (copy.outcome == Outcome::Waiting) {
                byOriginal[copy.original].push_back(i);
                ++m_total;
            }
        }
        for (std::size_t i = 0; i < byOriginal.size(); ++i)
            if (!byOriginal[i].empty())
                m_tasks.push_back({i, std::move(byOriginal[i])});
    }

    void startLedger() {
        m_result.ledger.started = utcNow();
        auto stamp = m_result.ledger.started;
        std::replace(stamp.begin(), stamp.end(), ':', '-');
        const auto folder =
            m_options.ledgerFolder.empty() ? stateFolder() / "ledgers" : m_options.ledgerFolder;
        m_result.ledgerFile = folder / (stamp + "-" + std::to_string(::getpid()) + ".json");
        for (int n = 2; fs::exists(m_result.ledgerFile); ++n)
            m_result.ledgerFile =
                folder / (stamp + "-" + std::to_string(::getpid()) + "-" + std::to_string(n) + ".json");
        saveLedger();
    }

    void saveLedger() {
        // File names may hold any bytes; JSON may not.
        constexpr auto replace = nlohmann::json::error_handler_t::replace;
        writeTextFile(m_result.ledgerFile, toJson(m_result.ledger).dump(1, ' ', false, replace) + "\n");
        m_savedAt = std::chrono::steady_clock::now();
    }

    /// Calls `work(i)` for each i on the workers; stops handing out once the person stopped the run.
    template <class Work>
    void inParallel(std::size_t count, Work work, bool evenWhenStopped = false) {
        const auto wanted = m_options.workers > 0 ? static_cast<unsigned>(m_options.workers)
                                                  : std::max(1U, std::thread::hardware_concurrency());
        std::atomic<std::size_t> next{0};
        const auto loop = [&] {
            const PictureThread thread;
            for (std::size_t i = next++; i < count && (evenWhenStopped || !m_stop); i = next++)
                work(i);
        };
        std::vector<std::jthread> workers;
        for (unsigned i = 0; i < std::min<std::size_t>(wanted, count); ++i)
            workers.emplace_back(loop);
    }

    void stampOriginal(const Task& task) {
        std::unique_ptr<OpenOriginal> original;
        std::optional<Problem> problem;
        try {
            original = std::make_unique<OpenOriginal>(m_plan.originals[task.original]);
        } catch (const Problem& p) {
            problem = p;
        } catch (const std::exception& e) {
            problem = Problem(ProblemKind::Internal, m_plan.originals[task.original].string(), e.what());
        }
        Rendered rendered;
        for (const auto index : task.copies) {
            if (m_stop)
                return;
            LedgerRow row = m_result.ledger.rows[index];
            if (original)
                stampCopy(*original, index, row, rendered);
            else
                row.problem = problem, row.outcome = Outcome::Failed;
            finishRow(index, std::move(row));
        }
    }

    /// Finished pixels, kept for the formats of one delivery.
    struct Rendered {
        std::optional<std::size_t> delivery;
        Frame frame;
        std::vector<std::string> warnings;
        double readability = 0;
        PictureWords words;
    };

    void stampCopy(const OpenOriginal& original, std::size_t index, LedgerRow& row, Rendered& rendered) {
        row.fingerprintBefore = original.fingerprintBefore;
        row.originalIdentity = original.file.identity();
        row.placeInOriginal = original.report.tellsPlace();
        try {
            if (copyMarkIn(original.report) && !m_plan.exceptions[m_plan.copies[index].original].stampAgain) {
                row.warnings.emplace_back(kStampedBefore);
                row.outcome = Outcome::LeftOut;
                return;
            }
            makeCopy(original, m_plan.copies[index], row, rendered);
            row.outcome = Outcome::Made;
        } catch (const Problem& p) {
            row.problem = p;
            row.outcome = p.kind == ProblemKind::Stopped ? Outcome::Waiting : Outcome::Failed;
        } catch (
            const std::exception& e) { // out of memory, a library's own fault: still one picture's problem
            row.problem = Problem(ProblemKind::Internal, row.original.string(), e.what());
            row.outcome = Outcome::Failed;
        }
    }

    void makeCopy(const OpenOriginal& original, const PlannedCopy& planned, LedgerRow& row,
                  Rendered& rendered) {
        const auto& delivery = m_plan.deliveries[planned.delivery];
        const auto name = row.original.string();
        const auto& turn = m_plan.exceptions[planned.original].turn;
        const auto chain = planChain(delivery, original.facts.size, turn, original.facts.pixelsPerMm);
        const Size size = chain.sizes.whole;
        requireFits(planned.format, size, name);
        const MemoryBudget::Share share(m_budget, renderMemory(original.facts, delivery, chain));
        if (rendered.delivery != planned.delivery) {
            rendered = {}; // the last delivery's pixels make room first
            render(original, planned, chain, rendered);
        }
        if (m_stop)
            throw Problem(ProblemKind::Stopped, name, "the run was stopped");
        auto encoded = encodeCopy(rendered.frame, delivery, chain, planned.format, rendered.words.copy);
        row.warnings.insert(row.warnings.end(), rendered.warnings.begin(), rendered.warnings.end());
        row.warnings.insert(row.warnings.end(), encoded.notes.begin(), encoded.notes.end());
        row.readability = rendered.readability;
        place(original, encoded.bytes, size, rendered.words, planned, row);
    }

    static std::uint64_t renderMemory(const PictureFacts& facts, const Delivery& delivery,
                                      const ChainPlan& chain) {
        const auto perPixel = delivery.file.works16() ? 6U : 3U;
        const auto bordered =
            chain.ground.needed() ? static_cast<std::uint64_t>(chain.sizes.whole.pixels()) * perPixel * 2 : 0;
        return developMemory(facts, developWish(delivery, chain, chain.sizes.whole)) + bordered;
    }

    void render(const OpenOriginal& original, const PlannedCopy& planned, const ChainPlan& chain,
                Rendered& out) const {
        const auto& delivery = m_plan.deliveries[planned.delivery];
        const auto name = original.file.path().string();
        std::string warning;
        out.frame =
            renderBase(original.file, name, original.facts, delivery, chain, chain.sizes.whole, &warning);
        original.file.requireUnchanged();
        finishPicture(delivery, chain, grainSeed(original.file.path()), out.frame);
        FinishContext context;
        context.seal.exception = &m_plan.exceptions[planned.original].seal;
        out.words = pictureWords(original.file.path(), original.metadata, original.facts.size, delivery,
                                 m_plan.exceptions[planned.original].words);
        context.facts = out.words.facts;
        if (!dependsOnPicture(delivery.seal))
            context.prepared = m_prepared[planned.delivery];
        const auto finished = finishFrame(delivery, chain, out.frame, context);
        if (!warning.empty())
            out.warnings.push_back(warning);
        for (const auto& more : {chain.warnings(), finished.warnings(delivery)})
            out.warnings.insert(out.warnings.end(), more.begin(), more.end());
        out.readability = finished.seal.readability;
        out.delivery = planned.delivery;
    }

    void place(const OpenOriginal& original, const Bytes& bytes, Size size, const PictureWords& words,
               const PlannedCopy& planned, LedgerRow& row) {
        const auto& delivery = m_plan.deliveries[planned.delivery];
        auto staged = m_destinations[planned.delivery]->stage(bytes);
        auto check = checkCopy(*staged,
                               {planned.format, size, words.copy, delivery.privacy.opensLocation(),
                                hasNewPreview(delivery, planned.format)},
                               original.report);
        if (staged->size() != bytes.size())
            check.failures.push_back("it is not whole");
        if (!check.failures.empty())
            throw Problem(ProblemKind::FailedCheck, row.original.string(),
                          "the finished copy was not delivered: " + check.failures.front(),
                          "Please report this: it is a fault of Keep Seal");
        for (auto& warning : wordWarnings(words, original.metadata, delivery, planned.target.stem().string()))
            row.warnings.push_back(std::move(warning));
        placeUnderFreeName(*staged, delivery, planned, row);
        const auto identity = staged->identity();
        row.copyBytes = identity.size;
        row.copyModifiedNs = identity.modifiedNs;
        row.copySize = size;
        row.noPlaceInCopy = check.noPlace;
        row.rightsInCopy = check.rightsInStep && !words.copy.fields.empty();
        row.placeOpened = delivery.privacy.opensLocation();
        for (const auto& [key, value] : words.copy.fields)
            row.written.push_back(metadataField(key)->label);
        row.removed = removedKinds(original.report, check.report);
    }

    /// The plan's name, unless someone took it since.
    static void placeUnderFreeName(StagedCopy& staged, const Delivery& delivery, const PlannedCopy& planned,
                                   LedgerRow& row) {
        if (staged.place(planned.target.filename().string()))
            return;
        if (delivery.place.taken == TakenName::Skip)
            throw Problem(ProblemKind::CannotWrite, planned.target.string(),
                          "the name was taken during the run", "Stamp again to see what is there");
        for (int number = 2; number < 100000; ++number) {
            const auto name = copyName(row.original, delivery.place, planned.format, number);
            if (!staged.place(name))
                continue;
            row.copy = planned.target.parent_path() / name;
            row.warnings.emplace_back("the planned name was taken during the run");
            return;
        }
        throw Problem(ProblemKind::CannotWrite, planned.target.string(), "no free name was found");
    }

    void finishRow(std::size_t index, LedgerRow row) {
        const std::lock_guard lock(m_mutex);
        auto& kept = m_result.ledger.rows[index];
        kept = std::move(row);
        m_onEvent({RunEvent::Kind::CopyDone, ++m_done, m_total, &kept});
        if (std::chrono::steady_clock::now() - m_savedAt > kLedgerEvery)
            saveLedger();
    }

    /// Reads the original once more, by its path: what lies there now must be what was read.
    void verifyOriginal(const Task& task) {
        const auto& before = m_result.ledger.rows[task.copies.front()].fingerprintBefore;
        if (before.empty())
            return;
        std::string after;
        try {
            after = fingerprint(Original(m_plan.originals[task.original]));
        } catch (const Problem&) {
            after = "gone"; // an original that vanished meanwhile is not "as it was"
        }
        const std::lock_guard lock(m_mutex);
        for (const auto index : task.copies) {
            auto& row = m_result.ledger.rows[index];
            if (row.fingerprintBefore.empty())
                continue;
            row.fingerprintAfter = after;
            if (after != before && !row.problem)
                row.problem =
                    Problem(ProblemKind::Changed, row.original.string(),
                            after == "gone" ? "the original vanished during the run"
                                            : "the original was changed by another program during the run",
                            "Look at the original, then stamp it again");
        }
        m_onEvent({RunEvent::Kind::Verifying, ++m_done, m_tasks.size(), nullptr});
    }

    const Plan& m_plan;
    RunOptions m_options;
    const std::atomic<bool>& m_stop;
    const std::function<void(const RunEvent&)>& m_onEvent;
    MemoryBudget m_budget;
    std::vector<PreparedPtr> m_prepared; ///< each delivery's seal, laid out once
    std::vector<std::unique_ptr<Destination>> m_destinations;
    std::vector<Task> m_tasks;
    std::mutex m_mutex;
    std::size_t m_done = 0, m_total = 0;
    std::chrono::steady_clock::time_point m_savedAt;
    RunResult m_result;
};

} // namespace

int RunResult::exitCode() const {
    if (stopped)
        return 3;
    const bool problems = std::any_of(ledger.rows.begin(), ledger.rows.end(),
                                      [](const LedgerRow& row) { return row.problem.has_value(); });
    return problems ? 1 : 0;
}

RunResult runPlan(const Plan& plan, const RunOptions& options, const std::atomic<bool>& stop,
                  const std::function<void(const RunEvent&)>& onEvent) {
    return Runner(plan, options, stop, onEvent).run();
}

} // namespace keepseal
