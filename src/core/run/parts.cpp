// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "run/parts.h"

#include "base/own_folders.h"
#include "record/register.h"
#include "run/journal.h"

#include <algorithm>
#include <set>
#include <tuple>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

/// Which copy of the plan a row is of: its name may have become another one.
using RowKey = std::tuple<fs::path, std::size_t, int, fs::path>;
RowKey keyOfRow(const LedgerRow& row) {
    return {row.original, row.deliveryIndex.value_or(0), row.page, row.copy.extension()};
}

constexpr const char* kMakeAgain = "Make that part again: take its ledger away first";

using RowIndex = std::map<RowKey, std::size_t>;
RowIndex rowIndexOf(const std::vector<LedgerRow>& rows) {
    RowIndex out;
    for (std::size_t i = 0; i < rows.size(); ++i)
        out[keyOfRow(rows[i])] = i;
    return out;
}

/// Calls `take(index, row)` for each row that is of the plan.
template <class Take>
void eachKnown(const RowIndex& known, const Ledger& ledger, const Take& take) {
    for (const auto& row : ledger.rows)
        if (const auto found = known.find(keyOfRow(row)); found != known.end())
            take(found->second, row);
}

bool isOver(const LedgerRow& row) {
    return row.outcome != Outcome::Waiting && row.outcome != Outcome::Failed && !row.problem;
}

/// "K-of-N"; nothing for anything else.
std::optional<PlanPart> partNamed(std::string stem) {
    if (const auto of = stem.find("-of-"); of != std::string::npos)
        return planPartOf(stem.replace(of, 4, "/"));
    return std::nullopt;
}

} // namespace

fs::path partsFolder(const fs::path& planFile) {
    return fs::path(planFile) += ".parts";
}

fs::path partLedger(const fs::path& planFile, const PlanPart& part) {
    return partsFolder(planFile) /
           (std::to_string(part.number) + "-of-" + std::to_string(part.count) + ".json");
}

RunResult runPart(const fs::path& planFile, const PlanPart& part, RunOptions options,
                  const std::atomic<bool>& stop, const std::function<void(const RunEvent&)>& onEvent) {
    const auto ledgerFile = partLedger(planFile, part);
    options.partLedger = ledgerFile;
    const auto plan = loadPlan(planFile, part);
    makeFolder(ledgerFile.parent_path());
    if (fs::exists(journalOf(ledgerFile)))
        return resumeRun(journalOf(ledgerFile), options, stop, onEvent);
    if (!fs::exists(ledgerFile))
        return runPlan(plan, options, stop, onEvent);
    auto before = readLedger(ledgerFile, kMakeAgain);
    if (before.state == "finished" && std::all_of(before.rows.begin(), before.rows.end(), isOver)) {
        RunResult out;
        out.ledger = std::move(before);
        out.ledgerFile = ledgerFile;
        return out;
    }
    std::map<std::size_t, LedgerRow> rows;
    eachKnown(rowIndexOf(plannedRows(plan)), before,
              [&](std::size_t index, const LedgerRow& row) { rows[index] = row; });
    return runAgain(plan, before.started, std::move(rows), options, stop, onEvent);
}

JoinedParts joinParts(const fs::path& planFile) {
    const auto plan = loadPlan(planFile);
    JoinedParts out;
    out.ledger.rows = plannedRows(plan);
    out.ledger.state = "finished";
    const auto known = rowIndexOf(out.ledger.rows);
    std::set<std::size_t> counts;
    const auto folder = partsFolder(planFile);
    std::error_code none;
    for (const auto& entry : fs::directory_iterator(folder, none)) {
        const auto part = partNamed(entry.path().stem().string());
        if (!part)
            continue;
        counts.insert(part->count);
        if (entry.path().extension() == ".journal")
            out.unfinished.push_back(*part);
        if (entry.path().extension() != ".json")
            continue;
        const auto ledger = readLedger(entry.path(), kMakeAgain);
        out.found.push_back(*part);
        if (out.ledger.started.empty() || ledger.started < out.ledger.started)
            out.ledger.started = ledger.started;
        out.ledger.ended = std::max(out.ledger.ended, ledger.ended);
        eachKnown(known, ledger, [&](std::size_t index, const LedgerRow& row) {
            if (!isOver(out.ledger.rows[index]))
                out.ledger.rows[index] = row;
        });
    }
    const auto inOrder = [](const PlanPart& a, const PlanPart& b) {
        return std::tie(a.count, a.number) < std::tie(b.count, b.number);
    };
    std::sort(out.found.begin(), out.found.end(), inOrder);
    std::sort(out.unfinished.begin(), out.unfinished.end(), inOrder);
    if (!out.whole())
        for (const auto count : counts)
            for (std::size_t number = 1; number <= count; ++number)
                if (!std::binary_search(out.found.begin(), out.found.end(), PlanPart{number, count}, inOrder))
                    out.missing.push_back({number, count});
    return out;
}

KeptJoined keepJoined(const fs::path& planFile, const Ledger& ledger) {
    auto name = ledger.started;
    std::replace(name.begin(), name.end(), ':', '-');
    const auto folder = stateFolder() / "ledgers";
    makeFolder(folder);
    auto file = folder / (name + "-parts.json");
    saveLedger(ledger, file); // joined again, it is the same run
    std::error_code none;
    for (const auto& entry : fs::directory_iterator(partsFolder(planFile), none))
        if (entry.path().extension() == ".pictures")
            appendPictures(entry.path(), picturesOf(file));
    Register known;
    known.add(ledger, file);
    const auto plan = loadPlan(planFile);
    return {file, putIntoOutbox(plan, ledger, file, [&](const fs::path& copy) -> std::optional<std::string> {
                const auto row = known.madeAt(copy);
                return row ? std::optional(row->copyFingerprint) : std::nullopt;
            })};
}

} // namespace keepseal
