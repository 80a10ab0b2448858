// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/run_commands.h"

#include "cli/library_commands.h"
#include "cli/print.h"
#include "cli/word_commands.h"

#include "base/files.h"
#include "base/text.h"
#include "job/job.h"
#include "plan/forecast.h"
#include "plan/gather.h"
#include "render/chain_plan.h"
#include "report/contact_sheet.h"
#include "run/journal.h"
#include "run/run.h"

#include <algorithm>
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
    Gathered gathered;
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

/// By the day and time they were taken; those that do not say come last, as they were.
void orderByTaken(std::vector<fs::path>& files) {
    std::vector<std::pair<std::string, fs::path>> keyed;
    for (auto& file : files)
        keyed.emplace_back(readOriginalFacts(file)->metadata.takenAt, std::move(file));
    std::stable_sort(keyed.begin(), keyed.end(), [](const auto& a, const auto& b) {
        return a.first.empty() != b.first.empty() ? b.first.empty() : a.first < b.first;
    });
    for (std::size_t i = 0; i < keyed.size(); ++i)
        files[i] = std::move(keyed[i].second);
}

void order(std::vector<fs::path>& files, const std::string& by) {
    if (by == "taken")
        orderByTaken(files);
    else if (by == "name")
        std::stable_sort(files.begin(), files.end(), [](const fs::path& a, const fs::path& b) {
            return naturalLess(a.filename().string(), b.filename().string());
        });
}

/// "KIND" or "KIND=SUBJECT": accepted for all pictures.
std::vector<Acceptance> acceptedOf(const std::vector<std::string>& typed) {
    std::vector<Acceptance> out;
    for (const auto& text : typed) {
        const auto equals = text.find('=');
        const auto* row = noteRow(text.substr(0, equals));
        if (!row || !row->acceptable)
            throw Problem(ProblemKind::BadSetting, "deliver-all-the-same",
                          "\"" + text + "\" is nothing that can be accepted",
                          "'keep-seal-cli settings --notes' lists what holds copies back");
        out.push_back({row->kind, equals == std::string::npos ? std::string("*") : text.substr(equals + 1)});
    }
    std::sort(out.begin(), out.end());
    return out;
}

Prepared prepare(const StampOptions& options) {
    auto deliveries = readDeliveries(options.delivery, options.out);
    std::vector<fs::path> paths(options.pictures.paths.begin(), options.pictures.paths.end());
    Exceptions exceptions;
    Job job;
    if (!options.job.empty())
        takeJob(options, job, paths, deliveries, exceptions);
    if (paths.empty())
        throw Problem(ProblemKind::BadSetting, "paths", "there is no picture to work on",
                      "Name pictures, folders or a job");
    const auto who = whoOf(options.delivery, job.who);
    for (auto& delivery : deliveries)
        delivery = withWho(std::move(delivery), who);
    Prepared out;
    out.gathered = gather(paths, {options.pictures.recursive, options.again, &stopRequested});
    order(out.gathered.files, options.pictures.order);
    const auto accepted = acceptedOf(options.accepted);
    for (const auto& file : out.gathered.files) {
        if (options.again)
            exceptions[file].stampAgain = true;
        if (!accepted.empty())
            exceptions[file].accepted = accepted;
    }
    if (!options.words.empty())
        takeWords(options.words, out.gathered.files, exceptions);
    out.plan = makePlan({out.gathered.files, deliveries, fs::current_path(), exceptions, job.name});
    return out;
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

/// What became of the place, for the line of a finished copy.
const char* placeWord(const LedgerRow& row) {
    if (!row.placeInOriginal)
        return "";
    return row.placeOpened ? "  PLACE TOLD" : row.noPlaceInCopy ? "  place removed" : "";
}

void printRow(const LedgerRow& row, std::size_t done, std::size_t total) {
    std::cout << "[" << done << "/" << total << "] ";
    if (row.outcome == Outcome::Made)
        std::cout << shown(row.copy) << "  " << sizeText(row.copySize) << "  " << byteText(row.copyBytes)
                  << placeWord(row) << "\n";
    else if (row.outcome == Outcome::HeldBack)
        std::cout << "held back: " << shown(row.original) << " for \"" << shown(row.delivery) << "\"\n";
    else if (row.problem)
        std::cout << "no copy of " << shown(row.problem->sentence()) << "\n";
    else
        std::cout << keyOf(row.outcome) << ": " << shown(row.original) << "\n";
    printNotes(std::cout, row.notes);
    std::cout.flush();
}

json totalsJson(const Ledger& ledger) {
    json out;
    std::uint64_t bytes = 0;
    std::map<std::string, std::size_t> notes;
    for (const auto& row : ledger.rows) {
        bytes += row.outcome == Outcome::Made ? row.copyBytes : 0;
        for (const auto& note : row.notes)
            ++notes[rowOf(note.kind).key];
    }
    for (const auto outcome : {Outcome::Made, Outcome::HeldBack, Outcome::Failed, Outcome::LeftOut,
                               Outcome::AlreadyThere, Outcome::Waiting})
        out[keyOf(outcome)] = ledger.count(outcome);
    out["bytes"] = bytes;
    out["notes"] = notes;
    return out;
}

/// "3 caption-token-empty, 1 seal-logo": what was said, by kind.
std::string notesByKind(const Ledger& ledger) {
    std::map<NoteKind, std::size_t> counts;
    for (const auto& row : ledger.rows)
        for (const auto& note : row.notes)
            ++counts[note.kind];
    std::string out;
    for (const auto& [kind, count] : counts)
        out += (out.empty() ? "" : ", ") + std::to_string(count) + " " + rowOf(kind).key;
    return out;
}

void printSummary(const RunResult& result) {
    const auto& ledger = result.ledger;
    std::size_t untouched = 0, read = 0;
    std::uint64_t bytes = 0;
    for (const auto& row : ledger.rows) {
        read += !row.fingerprintBefore.empty();
        untouched += row.originalUntouched();
        bytes += row.outcome == Outcome::Made ? row.copyBytes : 0;
    }
    std::cout << (result.stopped ? "Stopped: " : "Done: ")
              << counted(ledger.count(Outcome::Made), "copy", "copies") << " made";
    if (bytes > 0)
        std::cout << " (" << byteText(bytes) << ")";
    if (const auto n = ledger.count(Outcome::HeldBack))
        std::cout << ", " << n << " HELD BACK";
    if (const auto n = ledger.count(Outcome::AlreadyThere))
        std::cout << ", " << n << " already there";
    if (const auto n = ledger.count(Outcome::LeftOut))
        std::cout << ", " << n << " left out";
    if (const auto n = ledger.count(Outcome::Failed))
        std::cout << ", " << counted(n, "problem", "problems");
    if (const auto n = ledger.count(Outcome::Waiting))
        std::cout << ", " << n << " not reached";
    std::cout << ". Originals read again: " << untouched << " of " << read << " byte for byte as before.\n";
    if (const auto notes = notesByKind(ledger); !notes.empty())
        std::cout << "Said: " << notes << "\n";
    std::cout << "Ledger: " << shown(result.ledgerFile) << "\n";
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

const char* actionOf(const PlannedCopy& copy, Outcome ahead) {
    if (ahead != Outcome::Waiting)
        return keyOf(ahead);
    return copy.replaces ? "replace" : "make";
}

json planJson(const Prepared& prepared, const Forecast& ahead, const ByteRates& rates) {
    const auto& plan = prepared.plan;
    json out = {{"copies", json::array()},
                {"others", othersJson(prepared.gathered)},
                {"to_make", ahead.toMake()},
                {"held_back", ahead.heldBack},
                {"failing", ahead.failing},
                {"to_look_at", ahead.toLookAt},
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
        const auto& known = ahead.copies[i];
        json row = {{"original", plan.originals[copy.original].string()},
                    {"delivery", plan.deliveries[copy.delivery].name},
                    {"copy", copy.target.string()},
                    {"action", actionOf(copy, known.outcome)},
                    {"expected_bytes", known.bytes},
                    {"notes", known.notes}};
        if (known.problem)
            row["problem"] = *known.problem;
        if (!known.size().empty())
            row["sizes"] = sizesJson(known);
        out["copies"].push_back(std::move(row));
    }
    return out;
}

void printPlanned(const PlannedCopy& copy, const CopyForecast& ahead, const Plan& plan) {
    static const std::map<Outcome, const char*> words = {
        {Outcome::AlreadyThere, "  (already there)"},
        {Outcome::LeftOut, "  (left out)"},
        {Outcome::Blocked, "  (TAKEN: the run will not begin)"},
        {Outcome::HeldBack, "  (HELD BACK)"},
        {Outcome::Failed, "  (CAN'T BE MADE)"},
    };
    const auto word = words.find(ahead.outcome);
    std::cout << shown(plan.originals[copy.original]) << " -> " << shown(copy.target)
              << (word != words.end() ? word->second
                  : copy.replaces     ? "  (replaces an earlier copy)"
                                      : "")
              << "\n";
    if (ahead.outcome == Outcome::Waiting && !ahead.size().empty())
        std::cout << "    " << sizesText(ahead) << (ahead.bytes > 0 ? ", about " + byteText(ahead.bytes) : "")
                  << "\n";
    if (ahead.problem)
        std::cout << "    " << shown(ahead.problem->sentence()) << "\n";
    printNotes(std::cout, ahead.notes);
}

void printPlanSummary(const Plan& plan, const Forecast& ahead, const ByteRates& rates) {
    std::cout << counted(ahead.toMake(), "copy", "copies") << " to make";
    if (ahead.bytes > 0)
        std::cout << ", about " << byteText(ahead.bytes) << " (estimated from "
                  << counted(rates.sampled, "copy", "copies") << " made to find out)";
    std::cout << "; "
              << (plan.replaced() > 0
                      ? counted(plan.replaced(), "earlier copy", "earlier copies") + " will be replaced"
                      : std::string("nothing will be replaced"))
              << ", and nothing was written.\n";
    if (ahead.heldBack > 0)
        std::cout << counted(ahead.heldBack, "copy", "copies")
                  << " will be HELD BACK, as it stands: see above what each lacks\n";
    if (ahead.failing > 0)
        std::cout << counted(ahead.failing, "copy", "copies") << " can't be made\n";
    if (ahead.toLookAt > 0)
        std::cout << counted(ahead.toLookAt, "copy is", "copies are") << " worth a look\n";
    for (const auto& place : plan.places())
        std::cout << "To: " << shown(place) << "\n";
    for (const auto& room : ahead.rooms)
        if (room.isShort())
            std::cout << "look: " << shown(room.place) << " has only " << byteText(room.free) << " left\n";
}

void stopOnSignals() {
    std::signal(SIGINT, onInterrupt);
    std::signal(SIGTERM, onInterrupt);
}

/// What -q still says.
void printTrouble(const LedgerRow& row) {
    if (row.problem)
        printProblem(*row.problem);
    if (row.outcome != Outcome::HeldBack)
        return;
    for (const auto& note : row.heldBackBy())
        std::cerr << "held back: " << shown(row.original) << ": " << shown(wholeSentenceOf(note)) << "\n";
}

/// Carries out or goes on, with rows, a progress line, or neither.
template <class Run>
int carryOut(const RunOutput& output, int workers, const Gathered* gathered, bool strict, const Run& run) {
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
        else if (output.quiet)
            printTrouble(*event.row);
        line.show(event.done, event.total);
    });
    line.clear();
    printProblems(result.notes);
    if (output.json) {
        auto out = toJson(result.ledger);
        out["ledger_file"] = result.ledgerFile.string();
        out["totals"] = totalsJson(result.ledger);
        if (gathered)
            out["others"] = othersJson(*gathered);
        std::cout << dump(out) << "\n";
    } else if (!output.quiet)
        printSummary(result);
    const bool failed = gathered && fails(*gathered, strict);
    return result.exitCode() == kDone && failed ? kSomeProblems : result.exitCode();
}

} // namespace

namespace {

int sayNothingUsable(const RunOutput& output, const Gathered& gathered) {
    if (output.json) {
        Ledger none;
        none.started = none.ended = utcNow();
        none.state = "finished";
        auto out = toJson(none);
        out["totals"] = totalsJson(none);
        out["others"] = othersJson(gathered);
        std::cout << dump(out) << "\n";
    } else if (!output.quiet)
        std::cout << "There is no picture in there that Keep Seal reads: nothing was made.\n";
    return gathered.stopped ? kStopped : kSomeProblems;
}

} // namespace

int runStamp(const StampOptions& options) {
    stopOnSignals();
    const auto prepared = prepare(options);
    if (!options.output.quiet || fails(prepared.gathered, options.pictures.strict))
        printOthers(prepared.gathered);
    if (prepared.gathered.files.empty()) // nothing usable: no folder, no ledger
        return sayNothingUsable(options.output, prepared.gathered);
    return carryOut(options.output, options.workers, &prepared.gathered, options.pictures.strict,
                    [&](const RunOptions& runOptions, const auto& onEvent) {
                        return runPlan(prepared.plan, runOptions, stopRequested, onEvent);
                    });
}

namespace {

/// Without a look into any picture: only names and places are known.
Forecast namesAlone(const Plan& plan) {
    Forecast out;
    for (const auto& copy : plan.copies) {
        CopyForecast known;
        known.outcome = copy.outcome;
        known.notes = copy.notes;
        out.copies.push_back(std::move(known));
    }
    return out;
}

} // namespace

int runPlanCommand(const StampOptions& options) {
    stopOnSignals();
    const auto prepared = prepare(options);
    const bool estimate = options.estimate && !options.namesOnly;
    const auto rates = estimate ? sampleBytes(prepared.plan, kSampledEach, stopRequested) : ByteRates{};
    const auto ahead =
        options.namesOnly ? namesAlone(prepared.plan) : forecast(prepared.plan, {}, rates, stopRequested);
    const bool blocked = prepared.plan.count(Outcome::Blocked) > 0;
    if (options.output.json)
        std::cout << dump(planJson(prepared, ahead, rates)) << "\n";
    else {
        printOthers(prepared.gathered);
        if (!options.output.quiet)
            for (std::size_t i = 0; i < prepared.plan.copies.size(); ++i)
                printPlanned(prepared.plan.copies[i], ahead.copies[i], prepared.plan);
        printPlanSummary(prepared.plan, ahead, rates);
    }
    if (stopRequested)
        return kStopped;
    if (blocked)
        return kWrongCall; // as the run ends, which then does not begin
    const bool problems =
        ahead.heldBack + ahead.failing > 0 || fails(prepared.gathered, options.pictures.strict);
    return problems ? kSomeProblems : kDone;
}

int runResume(const ResumeOptions& options) {
    const auto runs = unfinishedRuns();
    if (options.list) {
        json all = json::array();
        for (const auto& run : runs) {
            if (!options.output.json)
                std::cout << shown(run.journal) << "  begun " << run.started << ", " << run.made << " of "
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
    return carryOut(options.output, options.workers, nullptr, false,
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
