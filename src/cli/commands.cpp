// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"

#include "cli/border_commands.h"
#include "cli/seal_commands.h"
#include "cli/word_commands.h"

#include "base/files.h"
#include "base/problem.h"
#include "base/text.h"
#include "delivery/json.h"
#include "delivery/stations.h"
#include "geometry/fit.h"
#include "privacy/report.h"
#include "render/encode.h"
#include "render/picture_words.h"
#include "run/gather.h"
#include "run/run.h"
#include "seal/design_json.h"

#include <csignal>
#include <iostream>
#include <map>
#include <optional>

namespace keepseal::cli {
namespace {

namespace fs = std::filesystem;
using nlohmann::json;

std::atomic<bool> stopRequested{false};
static_assert(std::atomic<bool>::is_always_lock_free, "set from a signal handler");

void onInterrupt(int) {
    stopRequested = true;
}

std::string dump(const json& value) {
    return value.dump(2, ' ', false, json::error_handler_t::replace);
}

} // namespace

std::vector<Delivery> readDeliveries(const DeliveryOptions& options, const std::string& out) {
    std::vector<Delivery> deliveries;
    for (const auto& file : options.files)
        deliveries.push_back(loadDelivery(file));
    if (deliveries.empty())
        deliveries.emplace_back();
    for (auto& delivery : deliveries) {
        if (!options.border.empty())
            delivery.border = namedBorder(options.border);
        if (!options.sheet.empty())
            delivery.rights = namedSheet(options.sheet);
        if (!options.seal.empty())
            delivery.seal = namedSeal(options.seal);
        for (const auto& assignment : options.assignments)
            assign(delivery, assignment);
        requireWorded(delivery.privacy, "privacy.");
        if (!out.empty())
            delivery.place.folder = out;
    }
    return deliveries;
}

namespace {

struct Prepared {
    Plan plan;
    std::vector<Problem> problems; ///< of gathering
};

Prepared prepare(const StampOptions& options) {
    auto deliveries = readDeliveries(options.delivery, options.out);
    auto gathered = gather({options.pictures.paths.begin(), options.pictures.paths.end()},
                           options.pictures.recursive, &stopRequested);
    Exceptions exceptions;
    if (options.again)
        for (const auto& file : gathered.files)
            exceptions[file].stampAgain = true;
    if (!options.words.empty())
        takeWords(options.words, gathered.files, exceptions);
    return {makePlan(gathered.files, deliveries, fs::current_path(), exceptions),
            std::move(gathered.problems)};
}

void printProblems(const std::vector<Problem>& problems) {
    for (const auto& problem : problems)
        std::cerr << "problem: " << problem.sentence() << "\n";
}

std::string sizeText(Size size) {
    return std::to_string(size.width) + " x " + std::to_string(size.height);
}

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
}

/// The sizes of every copy's chain; only the pictures' headers are read.
class Sizes {
public:
    explicit Sizes(const Plan& plan) : m_plan(plan) {}
    /// Nothing for a picture that can't be read: the run will tell why.
    std::optional<ChainPlan> of(const PlannedCopy& copy) {
        auto [known, isNew] = m_facts.try_emplace(copy.original);
        if (isNew)
            known->second = read(m_plan.originals[copy.original]);
        if (!known->second)
            return std::nullopt;
        return planChain(m_plan.deliveries[copy.delivery], known->second->size,
                         m_plan.exceptions[copy.original].turn, known->second->pixelsPerMm);
    }

private:
    static std::optional<PictureFacts> read(const fs::path& path) {
        try {
            return readFacts(Original(path), path.string());
        } catch (const Problem&) {
            return std::nullopt;
        }
    }
    const Plan& m_plan;
    std::map<std::size_t, std::optional<PictureFacts>> m_facts;
};

json sizesJson(const ChainPlan& chain) {
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
std::string sizesText(const ChainPlan& chain) {
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

/// The words of planned copies: only the headers of each original are read, once for all its copies.
class PlannedWords {
public:
    explicit PlannedWords(const Plan& plan) : m_plan(plan) {}
    std::vector<std::string> warningsOf(const PlannedCopy& copy) {
        if (copy.outcome != Outcome::Waiting)
            return {};
        const auto& path = m_plan.originals[copy.original];
        try {
            if (copy.original != m_read) {
                const Original file(path);
                m_size = readFacts(file, path.string()).size;
                m_metadata = readMetadata(path, inspect(file, Reach::Headers));
                m_read = copy.original;
            }
        } catch (const Problem&) {
            return {}; // said where its size is asked for
        }
        const auto& delivery = m_plan.deliveries[copy.delivery];
        const auto words =
            pictureWords(path, m_metadata, m_size, delivery, m_plan.exceptions[copy.original].words);
        return wordWarnings(words, m_metadata, delivery, copy.target.stem().string());
    }

private:
    const Plan& m_plan;
    std::size_t m_read = static_cast<std::size_t>(-1);
    Size m_size;
    Metadata m_metadata;
};

json planJson(const Prepared& prepared) {
    json out = {{"copies", json::array()}, {"problems", prepared.problems}};
    Sizes sizes(prepared.plan);
    PlannedWords words(prepared.plan);
    for (const auto& copy : prepared.plan.copies) {
        json row = {{"original", prepared.plan.originals[copy.original].string()},
                    {"delivery", prepared.plan.deliveries[copy.delivery].name},
                    {"copy", copy.target.string()},
                    {"action", copy.outcome == Outcome::Waiting ? "make" : keyOf(copy.outcome)},
                    {"note", copy.note},
                    {"warnings", words.warningsOf(copy)}};
        if (const auto chain = sizes.of(copy))
            row["sizes"] = sizesJson(*chain);
        out["copies"].push_back(std::move(row));
    }
    return out;
}

void printPlanned(const PlannedCopy& copy, const Plan& plan, Sizes& sizes, PlannedWords& words) {
    std::cout << plan.originals[copy.original].string();
    if (copy.outcome == Outcome::LeftOut && copy.target.empty())
        std::cout << "  (left out)";
    else
        std::cout << " -> " << copy.target.string()
                  << (copy.outcome == Outcome::AlreadyThere ? "  (already there)"
                      : copy.outcome == Outcome::LeftOut    ? "  (left out)"
                                                            : "");
    std::cout << (copy.note.empty() ? "" : "  note: " + copy.note) << "\n";
    if (copy.outcome != Outcome::Waiting)
        return;
    if (const auto chain = sizes.of(copy)) {
        std::cout << "    " << sizesText(*chain) << "\n";
        for (const auto& warning : chain->warnings())
            std::cout << "    note: " << warning << "\n";
        for (const auto& warning : words.warningsOf(copy))
            std::cout << "    note: " << warning << "\n";
    } else
        std::cout << "    note: it can't be read; there will be no copy\n";
}

} // namespace

int runStamp(const StampOptions& options) {
    std::signal(SIGINT, onInterrupt);
    std::signal(SIGTERM, onInterrupt);
    const auto prepared = prepare(options);
    printProblems(prepared.problems);
    RunOptions runOptions;
    runOptions.workers = options.workers;
    const auto result = runPlan(prepared.plan, runOptions, stopRequested, [&](const RunEvent& event) {
        if (event.kind == RunEvent::Kind::CopyDone && !options.json)
            printRow(*event.row, event.done, event.total);
    });
    if (options.json) {
        auto out = toJson(result.ledger);
        out["ledger_file"] = result.ledgerFile.string();
        out["problems"] = prepared.problems;
        std::cout << dump(out) << "\n";
    } else
        printSummary(result, prepared.problems.size());
    return result.exitCode() == kDone && !prepared.problems.empty() ? kSomeProblems : result.exitCode();
}

int runPlanCommand(const StampOptions& options) {
    const auto prepared = prepare(options);
    if (options.json) {
        std::cout << dump(planJson(prepared)) << "\n";
    } else {
        printProblems(prepared.problems);
        Sizes sizes(prepared.plan);
        PlannedWords words(prepared.plan);
        for (const auto& copy : prepared.plan.copies)
            printPlanned(copy, prepared.plan, sizes, words);
        std::cout << counted(prepared.plan.count(Outcome::Waiting), "copy", "copies")
                  << " to make; nothing will be replaced, and nothing was written.\n";
    }
    return prepared.problems.empty() ? kDone : kSomeProblems;
}

int runProof(const ProofOptions& options) {
    const auto delivery = readDeliveries(options.delivery, {}).front();
    const Original original{fs::path(options.picture)};
    const auto facts = readFacts(original, options.picture);
    const auto chain = planChain(delivery, facts.size, {}, facts.pixelsPerMm);
    Size size = chain.sizes.whole;
    if (options.size > 0)
        size = fitLongSide(size, options.size);
    std::string warning;
    Frame frame = renderBase(original, options.picture, facts, delivery, chain, size, &warning);
    finishPicture(delivery, chain, grainSeed(original.path()), frame);
    FinishContext context;
    context.facts =
        pictureWords(original.path(), readMetadata(original.path(), inspect(original)), facts.size, delivery)
            .facts;
    const auto finished = finishFrame(delivery, chain, frame, context);
    writeNewFile(options.output, encodePng(screenFrame(frame, delivery.file)));
    if (!warning.empty())
        std::cerr << "note: " << warning << "\n";
    for (const auto& text : finished.warnings(delivery))
        std::cerr << "note: " << text << "\n";
    std::cout << options.output << "  " << sizeText(size) << "\n";
    return kDone;
}

int runSettings(const SettingsOptions& options) {
    if (options.markdown)
        std::cout << settingsReference();
    else if (options.schema)
        std::cout << deliverySchema().dump(2) << "\n";
    else if (options.sheetSchema)
        std::cout << sheetFileSchema().dump(2) << "\n";
    else if (options.fields)
        std::cout << fieldsReference();
    else if (options.sealSchema)
        std::cout << sealSchema().dump(2) << "\n";
    else if (options.borderSchema)
        std::cout << borderSchema().dump(2) << "\n";
    else if (options.defaults)
        std::cout << toJson(Delivery{}).dump(2) << "\n";
    else
        for (const auto& s : stations())
            for (const auto& setting : s.settings)
                std::cout << s.key << "." << setting.key << "  (" << allowedText(setting) << "; default "
                          << displayText(setting, setting.get(Delivery{})) << ")\n    " << setting.help
                          << "\n";
    return kDone;
}

} // namespace keepseal::cli
