// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/run_commands.h"

#include "cli/print.h"
#include "cli/run_request.h"

#include "base/files.h"
#include "base/text.h"
#include "cli/desktop_commands.h"
#include "report/album.h"
#include "report/contact_sheet.h"
#include "report/proof_sheet.h"
#include "run/journal.h"
#include "run/parts.h"
#include "run/run.h"

#include <algorithm>
#include <chrono>
#include <iostream>
#include <optional>
#include <unistd.h>

namespace keepseal::cli {
namespace {

namespace fs = std::filesystem;
using nlohmann::json;

std::string timeText(double seconds) {
    return seconds < 90 ? trimmedNumber(seconds, 0) + " s" : trimmedNumber(seconds / 60, 0) + " min";
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
        std::map<std::string, std::string> values{
            {"done", asText(done)}, {"total", asText(total)}, {"percent", asText(100 * done / total)}};
        const char* pattern = toSay("{done} of {total}, {percent} %");
        if (done > 2 && done < total) {
            pattern = toSay("{done} of {total}, {percent} %, about {time} left");
            values["time"] = timeText(spent * static_cast<double>(total - done) / static_cast<double>(done));
        }
        std::cerr << "\r\033[K" << Saying(pattern, values).said() << std::flush;
    }

private:
    bool m_on;
    std::chrono::steady_clock::time_point m_begun = std::chrono::steady_clock::now();
};

/// What became of the place, for the line of a finished copy.
std::string placeWord(const LedgerRow& row) {
    if (!row.noPlaceInCopy)
        return "  " + (row.placeOpened ? said("PLACE TOLD") : said("A PLACE STANDS IN ITS WORDS"));
    return row.placeInOriginal ? "  " + said("place removed") : "";
}

void printRow(const LedgerRow& row, std::size_t done, std::size_t total) {
    std::cout << "[" << done << "/" << total << "] ";
    if (row.outcome == Outcome::Made)
        std::cout << shown(row.copy) << "  " << sizeText(row.copySize) << "  " << shownBytes(row.copyBytes)
                  << placeWord(row) << "\n";
    else if (row.outcome == Outcome::HeldBack)
        std::cout << Saying("held back: {original} for \"{delivery}\"",
                            {{"original", shown(row.original)}, {"delivery", shown(row.delivery)}})
                         .said()
                  << "\n";
    else if (row.problem)
        std::cout << Saying("no copy of {sentence}", {{"sentence", shown(row.problem->sentence())}}).said()
                  << "\n";
    else
        std::cout << Saying(row.outcome == Outcome::AlreadyThere ? toSay("already there: {original}")
                            : row.outcome == Outcome::LeftOut    ? toSay("left out: {original}")
                                                                 : toSay("not reached: {original}"),
                            {{"original", shown(row.original)}})
                         .said()
                  << "\n";
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

void printOutgoing(const Outgoing& outgoing) {
    const auto& [queued, letters] = outgoing;
    if (queued > 0)
        std::cout << saidOf(queued, "In the outbox: {n} copy more. To send them: {command}",
                            "In the outbox: {n} copies more. To send them: {command}",
                            {{"command", letters == queued ? "keep-seal-cli outbox letters"
                                                           : "keep-seal-cli outbox send"}})
                  << "\n";
    if (letters > 0 && letters < queued)
        std::cout
            << saidOf(
                   letters,
                   "In letters to be looked at: {n} copy of these. To see them: keep-seal-cli outbox letters",
                   "In letters to be looked at: {n} copies of these. To see them: keep-seal-cli outbox "
                   "letters")
            << "\n";
}

/// "3 copies made", and of what else came of them that did.
std::string outcomes(const Ledger& ledger, std::initializer_list<std::pair<Outcome, const char*>> words) {
    std::vector<std::string> out{saidOf(ledger.count(Outcome::Made), "{n} copy made", "{n} copies made")};
    for (const auto& [outcome, pattern] : words)
        if (const auto n = ledger.count(outcome))
            out.push_back(saidOf(n, pattern, pattern));
    return saidTogether(out);
}

void printLedgerFile(const fs::path& file) {
    std::cout << Saying("Ledger: {file}", {{"file", shown(file)}}).said() << "\n";
}

void printSummary(const RunResult& result, const std::string& toGoOn) {
    const auto& ledger = result.ledger;
    std::size_t untouched = 0, read = 0;
    std::uint64_t bytes = 0;
    for (const auto& row : ledger.rows) {
        read += !row.fingerprintBefore.empty();
        untouched += row.originalUntouched();
        bytes += row.outcome == Outcome::Made ? row.copyBytes : 0;
    }
    const auto came = outcomes(ledger, {{Outcome::HeldBack, toSayOf("{n} HELD BACK")},
                                        {Outcome::AlreadyThere, toSayOf("{n} already there")},
                                        {Outcome::LeftOut, toSayOf("{n} left out")},
                                        {Outcome::Failed, toSayOf("{n} could not be made")},
                                        {Outcome::Waiting, toSayOf("{n} not reached")}});
    std::cout << Saying(result.stopped ? toSay("Stopped: {outcomes}.") : toSay("Done: {outcomes}."),
                        {{"outcomes", came}})
                     .said()
              << " ";
    if (bytes > 0)
        std::cout << Saying("{bytes} were written.", {{"bytes", byteText(bytes)}}).said() << " ";
    std::cout << Saying("Originals read again: {same} of {read} byte for byte as before.",
                        {{"same", asText(untouched)}, {"read", asText(read)}})
                     .said()
              << "\n";
    if (const auto notes = notesByKind(ledger); !notes.empty())
        std::cout << Saying("Said: {notes}", {{"notes", notes}}).said() << "\n";
    printOutgoing(result.outgoing);
    printLedgerFile(result.ledgerFile);
    if (!result.journal.empty())
        std::cout << Saying("To go on where it was: {command}", {{"command", toGoOn}}).said() << "\n";
}

std::string shortSummary(const RunResult& result) {
    const auto came = outcomes(result.ledger, {{Outcome::AlreadyThere, toSayOf("{n} already there")},
                                               {Outcome::HeldBack, toSayOf("{n} held back")},
                                               {Outcome::Failed, toSayOf("{n} could not be made")},
                                               {Outcome::LeftOut, toSayOf("{n} left out")}});
    const auto copies = result.ledger.copies();
    if (copies.empty())
        return came;
    return Saying("{outcomes}. They are in {folder}",
                  {{"outcomes", came}, {"folder", printable(copies.front().parent_path().string(), 400)}})
        .said();
}

/// What -q still says.
void printTrouble(const LedgerRow& row) {
    if (row.problem)
        printProblem(*row.problem);
    if (row.outcome != Outcome::HeldBack)
        return;
    for (const auto& note : row.heldBackBy())
        std::cerr << Saying("held back: {original}: {sentence}",
                            {{"original", shown(row.original)}, {"sentence", shown(wholeSentenceOf(note))}})
                         .said()
                  << "\n";
}

/// Carries out or goes on, with rows, a progress line, or neither.
template <class Run>
int carryOut(const RunOutput& output, int workers, const Gathered* gathered, bool strict, const Run& run,
             const std::string& toGoOn = "keep-seal-cli resume") {
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
        printSummary(result, toGoOn);
    if (output.notifies)
        notifyDesktop("Keep Seal", shortSummary(result));
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
        std::cout << said("There is no picture in there that Keep Seal reads: nothing was made.") << "\n";
    return gathered.stopped ? kStopped : kSomeProblems;
}

} // namespace

namespace {

int stampSavedPlan(const StampOptions& options) {
    if (!options.pictures.paths.empty() || !options.delivery.files.empty() || !options.job.empty() ||
        !options.out.empty())
        throw Problem(ProblemKind::BadSetting, "plan",
                      "a saved plan has its own pictures, deliveries and folders",
                      "Leave these out, or plan anew");
    const auto part = planPartOf(options.part.empty() ? "1/1" : options.part);
    if (!part)
        throw Problem(ProblemKind::BadSetting, "part",
                      Saying("\"{part}\" is no part", {{"part", options.part}}), "Give K/N, such as 3/8");
    return carryOut(
        options.output, options.workers, nullptr, false,
        [&](const RunOptions& runOptions, const auto& onEvent) {
            return runPart(options.plan, *part, runOptions, stopRequested, onEvent);
        },
        said("the same command again"));
}

} // namespace

namespace {

int stampPictures(const StampOptions& options) {
    const auto prepared = prepare(options);
    if (!options.output.quiet || fails(prepared.gathered, options.pictures.strict))
        printOthers(prepared.gathered);
    if (prepared.gathered.files.empty() && prepared.cameAgain > 0)
        return kDone;
    if (prepared.gathered.files.empty()) // nothing usable: no folder, no ledger
        return sayNothingUsable(options.output, prepared.gathered);
    return carryOut(options.output, options.workers, &prepared.gathered, options.pictures.strict,
                    [&](const RunOptions& runOptions, const auto& onEvent) {
                        return runPlan(prepared.plan, runOptions, stopRequested, onEvent);
                    });
}

} // namespace

int runStamp(const StampOptions& options) {
    stopOnSignals();
    if (!options.plan.empty())
        return stampSavedPlan(options);
    try {
        return stampPictures(options);
    } catch (const Problem& problem) { // who began it in a file manager sees no terminal
        if (options.output.notifies)
            notifyDesktop("Keep Seal", problem.sentence());
        throw;
    }
}

int runResume(const ResumeOptions& options) {
    const auto runs = unfinishedRuns();
    if (options.list) {
        json all = json::array();
        for (const auto& run : runs) {
            if (!options.output.json)
                std::cout << shown(run.journal) << "  "
                          << saidOf(run.copies, "begun {day}, {made} of {n} copy made",
                                    "begun {day}, {made} of {n} copies made",
                                    {{"day", run.started}, {"made", asText(run.made)}})
                          << "\n";
            all.push_back({{"journal", run.journal.string()},
                           {"started", run.started},
                           {"copies", run.copies},
                           {"made", run.made},
                           {"deliveries", run.deliveries}});
        }
        if (options.output.json)
            std::cout << dump(all) << "\n";
        else if (runs.empty())
            std::cout << said("No run was interrupted.") << "\n";
        return kDone;
    }
    if (options.journal.empty() && runs.empty())
        throw Problem(ProblemKind::NotFound, "resume", "no run was interrupted",
                      "There is nothing to go on with");
    const auto journal = options.journal.empty() ? runs.front().journal : fs::path(options.journal);
    if (options.giveUp) {
        closeUnfinished(journal);
        std::cout << Saying("Given up; its ledger: {file}", {{"file", shown(ledgerOf(journal))}}).said()
                  << "\n";
        return kDone;
    }
    return carryOut(options.output, options.workers, nullptr, false,
                    [&](const RunOptions& runOptions, const auto& onEvent) {
                        return resumeRun(journal, runOptions, stopRequested, onEvent);
                    });
}

namespace {

std::string titleFor(const ReportOptions& options, const Ledger& ledger) {
    return options.title.empty() ? Saying("Copies of {day}", {{"day", ledger.started.substr(0, 10)}}).said()
                                 : options.title;
}

void writeReport(const ReportOptions& options, const Ledger& ledger) {
    const fs::path file(options.output);
    const auto ending = toLowerAscii(file.extension().string());
    ContactSheet sheet;
    sheet.title = titleFor(options, ledger);
    if (ending == ".pdf" && options.up > 0) {
        ProofSheet proofs;
        proofs.up = options.up, proofs.paper = options.paper;
        proofs.names = proofs.cutLines = !options.plain;
        writeProofSheet(ledger.copies(), proofs, sheet.title, file, stopRequested);
    } else if (ending == ".pdf")
        writeContactPdf(ledger, sheet, file, stopRequested);
    else if (ending == ".html")
        writeContactHtml(ledger, sheet, file, stopRequested);
    else if (ending == ".csv") {
        const auto text = ledgerCsv(ledger);
        writeNewFile(file, Bytes(text.begin(), text.end()));
    } else
        throw Problem(ProblemKind::BadSetting, "output",
                      Saying("\"{file}\" has no ending that is known", {{"file", options.output}}),
                      "End it with .pdf, .html or .csv");
}

Ledger wanted(Ledger ledger, const std::string& delivery) {
    if (delivery.empty())
        return ledger;
    std::string names;
    for (auto& one : deliveriesOf(ledger)) {
        if (one.name == delivery)
            return std::move(one.only);
        names += (names.empty() ? "\"" : ", \"") + one.name + "\"";
    }
    throw Problem(ProblemKind::BadSetting, "delivery",
                  Saying("that run had no delivery \"{delivery}\"", {{"delivery", delivery}}),
                  Saying("It had {deliveries}", {{"deliveries", names}}));
}

int makeAlbum(const ReportOptions& options, const Ledger& ledger) {
    stopOnSignals();
    Album album;
    album.title = titleFor(options, ledger);
    album.about = options.about, album.downloads = options.downloads, album.unlisted = options.unlisted;
    const auto made = writeAlbum(ledger, album, options.album, stopRequested);
    for (const auto& problem : made.leftOut)
        std::cerr << Saying("Left out: {sentence}", {{"sentence", shown(problem.sentence())}}).said() << "\n";
    std::cout << shown(fs::path(options.album) / "index.html") << ": "
              << saidOf(made.pictures, "{n} picture", "{n} pictures") << "\n";
    return made.leftOut.empty() ? kDone : kSomeProblems;
}

std::string listOf(const std::vector<PlanPart>& parts) {
    constexpr std::size_t kShown = 20;
    std::string out;
    for (std::size_t i = 0; i < std::min(parts.size(), kShown); ++i)
        out += (i > 0 ? ", " : "") + parts[i].text();
    return parts.size() <= kShown ? out
                                  : saidOf(parts.size() - kShown, "{parts} and {n} more",
                                           "{parts} and {n} more", {{"parts", out}});
}

json listJson(const std::vector<PlanPart>& parts) {
    json out = json::array();
    for (const auto& part : parts)
        out.push_back(part.text());
    return out;
}

void printJoined(const JoinedParts& joined, const KeptJoined& kept) {
    const auto& ledger = joined.ledger;
    std::cout << saidOf(joined.found.size(), "{n} part found; {outcomes}.", "{n} parts found; {outcomes}.",
                        {{"outcomes", outcomes(ledger, {{Outcome::HeldBack, toSayOf("{n} held back")},
                                                        {Outcome::LeftOut, toSayOf("{n} left out")},
                                                        {Outcome::AlreadyThere, toSayOf("{n} already there")},
                                                        {Outcome::Failed, toSayOf("{n} could not be made")},
                                                        {Outcome::Waiting, toSayOf("{n} MISSING")}})}})
              << "\n";
    if (!joined.missing.empty())
        std::cout << Saying("Parts without a ledger: {parts}", {{"parts", listOf(joined.missing)}}).said()
                  << "\n";
    if (!joined.unfinished.empty())
        std::cout
            << Saying("Killed, stopped or under way: {parts}", {{"parts", listOf(joined.unfinished)}}).said()
            << "\n";
    for (const auto& row : ledger.rows)
        if (row.problem)
            std::cout << shown(row.problem->sentence()) << "\n";
    printOutgoing(kept.outgoing);
    if (!kept.ledgerFile.empty())
        printLedgerFile(kept.ledgerFile);
}

/// The ledger is kept as one run's where nothing is missing any more.
int mergeParts(const ReportOptions& options) {
    const auto joined = joinParts(options.merge);
    const auto kept = joined.whole() ? keepJoined(options.merge, joined.ledger) : KeptJoined();
    if (options.json)
        std::cout << dump({{"found", listJson(joined.found)},
                           {"missing", listJson(joined.missing)},
                           {"unfinished", listJson(joined.unfinished)},
                           {"totals", totalsJson(joined.ledger)},
                           {"ledger_file", kept.ledgerFile.string()},
                           {"in_the_outbox", kept.outgoing.queued}})
                  << "\n";
    else
        printJoined(joined, kept);
    if (!options.output.empty())
        writeReport(options, joined.ledger);
    RunResult result;
    result.ledger = joined.ledger;
    return joined.whole() ? result.exitCode() : kSomeProblems;
}

} // namespace

int runReport(const ReportOptions& options) {
    if (!options.merge.empty())
        return mergeParts(options);
    if (options.ledger.empty() || (options.output.empty() && options.album.empty()))
        throw Problem(ProblemKind::BadSetting, "report",
                      "it needs a ledger and --output or --album, or --merge",
                      "keep-seal-cli report LEDGER -o sheet.pdf");
    const auto ledger =
        wanted(ledgerFromJson(readJsonFile(options.ledger), options.ledger), options.delivery);
    if (!options.output.empty()) {
        writeReport(options, ledger);
        std::cout << shown(fs::path(options.output)) << "\n";
    }
    return options.album.empty() ? kDone : makeAlbum(options, ledger);
}

} // namespace keepseal::cli
