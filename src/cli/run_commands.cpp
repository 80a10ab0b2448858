// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/run_commands.h"

#include "cli/library_commands.h"
#include "cli/word_commands.h"

#include "base/files.h"
#include "base/text.h"
#include "job/job.h"
#include "render/render.h"
#include "run/contact_sheet.h"
#include "run/forecast.h"
#include "run/gather.h"
#include "run/journal.h"
#include "run/run.h"

#include <chrono>
#include <csignal>
#include <iostream>
#include <optional>
#include <unistd.h>

namespace keepseal::cli {
namespace {

namespace fs = std::filesystem;
using nlohmann::json;

constexpr std::size_t kSampledEach = 3; // copies of each delivery made to estimate bytes

std::atomic<bool> stopRequested{false};
static_assert(std::atomic<bool>::is_always_lock_free, "set from a signal handler");

void onInterrupt(int) {
    stopRequested = true;
}

std::string timeText(double seconds) {
    return seconds < 90 ? trimmedNumber(seconds, 0) + " s" : trimmedNumber(seconds / 60, 0) + " min";
}

std::string dump(const json& value) {
    return value.dump(2, ' ', false, json::error_handler_t::replace);
}

struct Prepared {
    Plan plan;
    std::vector<Problem> problems; ///< of gathering
};

/// A saved job brings its originals, exceptions and ticked deliveries.
void takeJob(const StampOptions& options, Job& job, std::vector<fs::path>& paths,
             std::vector<Delivery>& deliveries, Exceptions& exceptions) {
    job = loadJob(options.job);
    for (const auto& original : job.originals) {
        paths.push_back(original.path);
        if (!original.exception.empty())
            exceptions[original.path] = original.exception;
    }
    if (!options.delivery.files.empty())
        return;
    deliveries.clear();
    for (const auto& item : job.deliveries)
        if (item.inNextRun) {
            deliveries.push_back(item.delivery);
            if (!options.out.empty())
                deliveries.back().place.folder = options.out;
        }
}

Prepared prepare(const StampOptions& options) {
    auto deliveries = readDeliveries(options.delivery, options.out);
    std::vector<fs::path> paths(options.pictures.paths.begin(), options.pictures.paths.end());
    PlanOptions planOptions;
    auto& exceptions = planOptions.exceptions;
    Job job;
    if (!options.job.empty())
        takeJob(options, job, paths, deliveries, exceptions);
    if (paths.empty())
        throw Problem(ProblemKind::BadSetting, "paths", "there is no picture to work on",
                      "Name pictures, folders or a job");
    planOptions.jobName = job.name;
    auto gathered = gather(paths, options.pictures.recursive, &stopRequested);
    if (options.again)
        for (const auto& file : gathered.files)
            exceptions[file].stampAgain = true;
    if (!options.words.empty())
        takeWords(options.words, gathered.files, exceptions);
    return {makePlan(gathered.files, deliveries, fs::current_path(), planOptions),
            std::move(gathered.problems)};
}

void printProblems(const std::vector<Problem>& problems) {
    for (const auto& problem : problems)
        std::cerr << "problem: " << problem.sentence() << "\n";
}

std::string sizeText(Size size) {
    return std::to_string(size.width) + " x " + std::to_string(size.height);
}

/// The last line of a terminal: how far it is, and an honest guess of the time left.
class ProgressLine {
public:
    explicit ProgressLine(bool on) : m_on(on && ::isatty(STDERR_FILENO)) {}
    ~ProgressLine() { clear(); }
    void clear() const {
        if (m_on)
            std::cerr << "\r\033[K";
    }
    void show(std::size_t done, std::size_t total) const {
        if (!m_on || total == 0)
            return;
        const auto spent = std::chrono::duration<double>(std::chrono::steady_clock::now() - m_begun).count();
        std::cerr << "\r\033[K" << done << " of " << total << ", " << 100 * done / total << " %";
        if (done > 2 && done < total)
            std::cerr << ", about "
                      << timeText(spent * static_cast<double>(total - done) / static_cast<double>(done))
                      << " left";
        std::cerr.flush();
    }

private:
    bool m_on;
    std::chrono::steady_clock::time_point m_begun = std::chrono::steady_clock::now();
};

void printRow(const LedgerRow& row, std::size_t done, std::size_t total) {
    std::cout << "[" << done << "/" << total << "] ";
    if (row.outcome == Outcome::Made)
        std::cout << row.copy.string() << "  " << sizeText(row.copySize) << "  " << byteText(row.copyBytes)
                  << (row.placeInOriginal ? "  place removed" : "") << "\n";
    else if (row.problem)
        std::cout << "no copy of " << row.problem->sentence() << "\n";
    for (const auto& warning : row.warnings)
        std::cout << "    note: " << warning << "\n";
    std::cout.flush();
}

void printSummary(const RunResult& result, std::size_t gatherProblems) {
    const auto& ledger = result.ledger;
    std::size_t untouched = 0, read = 0;
    for (const auto& row : ledger.rows) {
        read += !row.fingerprintBefore.empty();
        untouched += row.originalUntouched();
    }
    std::cout << (result.stopped ? "Stopped: " : "Done: ")
              << counted(ledger.count(Outcome::Made), "copy", "copies") << " made";
    if (const auto n = ledger.count(Outcome::AlreadyThere))
        std::cout << ", " << n << " already there";
    if (const auto n = ledger.count(Outcome::LeftOut))
        std::cout << ", " << n << " left out";
    if (const auto n = ledger.count(Outcome::Failed) + gatherProblems)
        std::cout << ", " << counted(n, "problem", "problems");
    if (const auto n = ledger.count(Outcome::Waiting))
        std::cout << ", " << n << " not reached";
    std::cout << ". Originals read again: " << untouched << " of " << read << " byte for byte as before.\n"
              << "Ledger: " << result.ledgerFile.string() << "\n";
    if (!result.journal.empty())
        std::cout << "To go on where it was: keep-seal-cli resume\n";
}

json sizesJson(const CopyForecast& chain) {
    const auto pair = [](Size size) { return json::array({size.width, size.height}); };
    json out = {{"original", pair(chain.sizes.original)},
                {"cropped", pair(chain.sizes.cut)},
                {"fitted", pair(chain.sizes.fitted)},
                {"whole", pair(chain.sizes.whole)}};
    if (chain.pixelsPerMm > 0)
        out["mm"] = {chain.sizes.whole.width / chain.pixelsPerMm,
                     chain.sizes.whole.height / chain.pixelsPerMm};
    return out;
}

/// "6000 x 4000 > cropped 4000 x 4000 > fitted 2048 x 2048 > with border 2208 x 2208 (187 x 187 mm)": only
/// what changes.
std::string sizesText(const CopyForecast& chain) {
    const auto& s = chain.sizes;
    std::string out = sizeText(s.original);
    if (!(s.cut == s.original))
        out += " > cropped " + sizeText(s.cut);
    if (!(s.fitted == s.cut))
        out += " > fitted " + sizeText(s.fitted);
    if (!(s.whole == s.fitted))
        out += " > with border " + sizeText(s.whole);
    if (chain.pixelsPerMm > 0)
        out += " (" + trimmedNumber(s.whole.width / chain.pixelsPerMm, 1) + " x " +
               trimmedNumber(s.whole.height / chain.pixelsPerMm, 1) + " mm)";
    return out;
}

json planJson(const Prepared& prepared, const Forecast& ahead, const ByteRates& rates) {
    const auto& plan = prepared.plan;
    json out = {{"copies", json::array()},
                {"problems", prepared.problems},
                {"to_make", plan.count(Outcome::Waiting)},
                {"to_replace", plan.replaced()},
                {"expected_bytes", ahead.bytes},
                {"expected_bytes_from_copies", rates.sampled},
                {"places", json::array()}};
    for (const auto& place : plan.places())
        out["places"].push_back(place.string());
    for (const auto& room : ahead.rooms)
        out["disks"].push_back({{"place", room.place.string()},
                                {"needed_bytes", room.needed},
                                {"free_bytes", room.free},
                                {"short", room.isShort()}});
    for (std::size_t i = 0; i < plan.copies.size(); ++i) {
        const auto& copy = plan.copies[i];
        json row = {{"original", plan.originals[copy.original].string()},
                    {"delivery", plan.deliveries[copy.delivery].name},
                    {"copy", copy.target.string()},
                    {"action", copy.replaces                      ? "replace"
                               : copy.outcome == Outcome::Waiting ? "make"
                                                                  : keyOf(copy.outcome)},
                    {"note", copy.note},
                    {"expected_bytes", ahead.copies[i].bytes},
                    {"warnings", ahead.copies[i].warnings}};
        if (!ahead.copies[i].size().empty())
            row["sizes"] = sizesJson(ahead.copies[i]);
        out["copies"].push_back(std::move(row));
    }
    return out;
}

void printPlanned(const PlannedCopy& copy, const CopyForecast& ahead, const Plan& plan) {
    std::cout << plan.originals[copy.original].string() << " -> " << copy.target.string()
              << (copy.outcome == Outcome::AlreadyThere ? "  (already there)"
                  : copy.outcome == Outcome::LeftOut    ? "  (left out)"
                  : copy.outcome == Outcome::Blocked    ? "  (TAKEN: the run will not begin)"
                  : copy.replaces                       ? "  (replaces an earlier copy)"
                                                        : "")
              << (copy.note.empty() ? "" : "  note: " + copy.note) << "\n";
    if (copy.outcome != Outcome::Waiting)
        return;
    if (!ahead.size().empty())
        std::cout << "    " << sizesText(ahead) << (ahead.bytes > 0 ? ", about " + byteText(ahead.bytes) : "")
                  << "\n";
    for (const auto& warning : ahead.warnings)
        std::cout << "    note: " << warning << "\n";
}

void printPlanSummary(const Plan& plan, const Forecast& ahead, const ByteRates& rates) {
    std::cout << counted(plan.count(Outcome::Waiting), "copy", "copies") << " to make";
    if (ahead.bytes > 0)
        std::cout << ", about " << byteText(ahead.bytes) << " (estimated from "
                  << counted(rates.sampled, "copy", "copies") << " made to find out)";
    std::cout << "; "
              << (plan.replaced() > 0
                      ? counted(plan.replaced(), "earlier copy", "earlier copies") + " will be replaced"
                      : std::string("nothing will be replaced"))
              << ", and nothing was written.\n";
    for (const auto& place : plan.places())
        std::cout << "To: " << place.string() << "\n";
    for (const auto& room : ahead.rooms)
        if (room.isShort())
            std::cout << "note: " << room.place.string() << " has only " << byteText(room.free) << " left\n";
}

void stopOnSignals() {
    std::signal(SIGINT, onInterrupt);
    std::signal(SIGTERM, onInterrupt);
}

/// Carries out or goes on, with rows, a progress line, or neither.
template <class Run>
int carryOut(const RunOutput& output, int workers, const std::vector<Problem>& problems, const Run& run) {
    stopOnSignals();
    RunOptions options;
    options.workers = workers;
    const bool rows = !output.json && !output.quiet;
    const ProgressLine line(!output.json && !output.quiet);
    const RunResult result = run(options, [&](const RunEvent& event) {
        if (event.kind != RunEvent::Kind::CopyDone)
            return;
        line.clear();
        if (rows)
            printRow(*event.row, event.done, event.total);
        else if (output.quiet && event.row->problem)
            std::cerr << "problem: " << event.row->problem->sentence() << "\n";
        line.show(event.done, event.total);
    });
    line.clear();
    printProblems(result.notes);
    if (output.json) {
        auto out = toJson(result.ledger);
        out["ledger_file"] = result.ledgerFile.string();
        out["problems"] = problems;
        std::cout << dump(out) << "\n";
    } else if (!output.quiet)
        printSummary(result, problems.size());
    return result.exitCode() == kDone && !problems.empty() ? kSomeProblems : result.exitCode();
}

} // namespace

int runStamp(const StampOptions& options) {
    stopOnSignals();
    const auto prepared = prepare(options);
    printProblems(prepared.problems);
    return carryOut(options.output, options.workers, prepared.problems,
                    [&](const RunOptions& runOptions, const auto& onEvent) {
                        return runPlan(prepared.plan, runOptions, stopRequested, onEvent);
                    });
}

int runPlanCommand(const StampOptions& options) {
    stopOnSignals();
    const auto prepared = prepare(options);
    const bool estimate = options.estimate && !options.namesOnly;
    const auto rates = estimate ? sampleBytes(prepared.plan, kSampledEach, stopRequested) : ByteRates{};
    Forecast ahead;
    ahead.copies.resize(prepared.plan.copies.size());
    if (!options.namesOnly)
        ahead = forecast(prepared.plan, {}, rates, stopRequested);
    if (options.output.json)
        std::cout << dump(planJson(prepared, ahead, rates)) << "\n";
    else {
        printProblems(prepared.problems);
        if (!options.output.quiet)
            for (std::size_t i = 0; i < prepared.plan.copies.size(); ++i)
                printPlanned(prepared.plan.copies[i], ahead.copies[i], prepared.plan);
        printPlanSummary(prepared.plan, ahead, rates);
    }
    return prepared.problems.empty() ? kDone : kSomeProblems;
}

int runResume(const ResumeOptions& options) {
    const auto runs = unfinishedRuns();
    if (options.list) {
        json all = json::array();
        for (const auto& run : runs) {
            if (!options.output.json)
                std::cout << run.journal.string() << "  begun " << run.started << ", " << run.made << " of "
                          << counted(run.copies, "copy", "copies") << " made\n";
            all.push_back({{"journal", run.journal.string()},
                           {"started", run.started},
                           {"copies", run.copies},
                           {"made", run.made},
                           {"deliveries", run.deliveries}});
        }
        if (options.output.json)
            std::cout << dump(all) << "\n";
        else if (runs.empty())
            std::cout << "No run was interrupted.\n";
        return kDone;
    }
    if (options.journal.empty() && runs.empty())
        throw Problem(ProblemKind::NotFound, "resume", "no run was interrupted",
                      "There is nothing to go on with");
    const auto journal = options.journal.empty() ? runs.front().journal : fs::path(options.journal);
    if (options.giveUp) {
        closeUnfinished(journal);
        std::cout << "Given up; its ledger: " << ledgerOf(journal).string() << "\n";
        return kDone;
    }
    return carryOut(options.output, options.workers, {},
                    [&](const RunOptions& runOptions, const auto& onEvent) {
                        return resumeRun(journal, runOptions, stopRequested, onEvent);
                    });
}

int runReport(const ReportOptions& options) {
    const auto ledger = ledgerFromJson(readJsonFile(options.ledger), options.ledger);
    const fs::path file(options.output);
    const auto ending = toLowerAscii(file.extension().string());
    ContactSheet sheet;
    sheet.title = options.title.empty() ? "Copies of " + ledger.started.substr(0, 10) : options.title;
    if (ending == ".pdf")
        writeContactPdf(ledger, sheet, file, stopRequested);
    else if (ending == ".html")
        writeContactHtml(ledger, sheet, file, stopRequested);
    else if (ending == ".csv") {
        const auto text = ledgerCsv(ledger);
        writeNewFile(file, Bytes(text.begin(), text.end()));
    } else
        throw Problem(ProblemKind::BadSetting, "output",
                      "\"" + options.output + "\" has no ending that is known",
                      "End it with .pdf, .html or .csv");
    std::cout << options.output << "\n";
    return kDone;
}

} // namespace keepseal::cli
