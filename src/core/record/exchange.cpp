// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "record/exchange.h"

#include "base/files.h"
#include "base/fingerprint.h"
#include "base/json_text.h"

#include <algorithm>

namespace keepseal {
namespace {

using nlohmann::json;
namespace fs = std::filesystem;

constexpr const char* kExportFormat = "keep-seal/register-export";
constexpr std::uint64_t kExportVersion = 1;
constexpr std::size_t kMostProblems = 100;
constexpr JsonLimits kLineLimits{1U << 20, 20'000, 24, 512 * 1024};

std::string exportLine(const json& value) {
    return value.dump(-1, ' ', false, json::error_handler_t::replace);
}

/// What a run was, whatever its file is called and wherever it came from.
std::string digestOf(const Ledger& ledger) {
    auto text = ledger.started + ledger.ended + ledger.state;
    for (const auto& row : ledger.rows)
        text += exportLine(toJson(row));
    return fingerprint(ByteSpan(reinterpret_cast<const std::uint8_t*>(text.data()), text.size()))
        .substr(0, 24);
}

class Importer {
public:
    explicit Importer(Register& known) : m_known(known) {
        for (const auto& file : ledgersIn(known.ledgerFolder()))
            try {
                m_here[digestOf(readLedger(file))] = file;
            } catch (const Problem&) { // it can't be the same as one that can be read
            }
    }

    void take(const json& line) {
        if (const auto run = line.find("run"); run != line.end()) {
            end();
            Ledger begun;
            begun.started = run->at("started").get<std::string>();
            begun.ended = run->at("ended").get<std::string>();
            begun.state = run->at("state").get<std::string>();
            m_ledger = std::move(begun);
        } else if (const auto row = line.find("row"); row != line.end() && m_ledger) {
            m_ledger->rows.push_back(ledgerRowFromJson(*row));
        } else if (line.contains("picture") && m_ledger) {
            m_pictures += toJson(keptPictureFromJson(line)).dump() + "\n";
        } else if (line.contains("seal") && m_ledger) {
            m_pictures += toJson(keptSealFromJson(line)).dump() + "\n";
        } else {
            throw Problem(ProblemKind::BadFile, {}, "this line is none of an export");
        }
    }

    void end() {
        if (!m_ledger)
            return;
        auto ledger = std::move(*m_ledger);
        m_ledger.reset();
        const auto pictures = std::exchange(m_pictures, {});
        const auto digest = digestOf(ledger);
        if (const auto here = m_here.find(digest); here != m_here.end()) {
            if (!m_known.holds(here->second)) // whoever wrote it was killed before the register knew of it
                m_known.add(readLedger(here->second), here->second);
            ++m_out.knownRuns;
            return;
        }
        ledger.elsewhere = true;
        const auto file = m_known.ledgerFolder() / ("elsewhere-" + digest + ".json");
        makeFolder(m_known.ledgerFolder());
        writeTextFile(picturesOf(file), pictures);
        saveLedger(ledger, file);
        m_known.add(ledger, file);
        m_here[digest] = file;
        ++m_out.runs;
        m_out.copies += ledger.count(Outcome::Made);
    }

    void fault(std::size_t number, const std::string& subject, const std::string& what) {
        if (m_out.problems.size() < kMostProblems)
            m_out.problems.emplace_back(ProblemKind::BadFile, subject + ", line " + std::to_string(number),
                                        what);
    }
    Imported result() { return std::move(m_out); }

private:
    Register& m_known;
    std::map<std::string, fs::path> m_here; ///< ledgers, by what they are
    std::optional<Ledger> m_ledger;
    std::string m_pictures;
    Imported m_out;
};

} // namespace

std::vector<Problem> exportRegister(const Register& known,
                                    const std::function<void(const std::string&)>& line) {
    std::vector<Problem> out;
    line(exportLine({{"format", kExportFormat}, {"version", kExportVersion}, {"program", KEEPSEAL_VERSION}}));
    for (const auto& file : ledgersIn(known.ledgerFolder())) {
        try {
            const auto ledger = readLedger(file);
            line(exportLine(
                {{"run", {{"started", ledger.started}, {"ended", ledger.ended}, {"state", ledger.state}}}}));
            for (const auto& row : ledger.rows)
                line(exportLine({{"row", toJson(row)}}));
            const auto kept = [&](const auto& one) { line(toJson(one).dump()); };
            readPictures(picturesOf(file), {kept, kept});
        } catch (const Problem& problem) {
            out.push_back(problem);
        }
    }
    return out;
}

Imported importRegister(Register& known, std::istream& lines, const std::string& subject) {
    std::string text;
    std::getline(lines, text);
    const auto head = parseJson(text, subject, kLineLimits);
    if (!head.is_object() || head.value("format", json()) != kExportFormat ||
        versionIn(head) != kExportVersion)
        throw Problem(ProblemKind::BadFile, subject,
                      "this is no register that was exported, or of a newer version");
    Importer importer(known);
    for (std::size_t number = 2; std::getline(lines, text); ++number) {
        if (text.empty())
            continue;
        try {
            importer.take(parseJson(text, subject, kLineLimits));
        } catch (const json::exception& error) {
            importer.fault(number, subject, error.what());
        } catch (const Problem& problem) {
            if (problem.kind != ProblemKind::BadFile)
                throw;
            importer.fault(number, subject, problem.happened);
        }
    }
    importer.end();
    return importer.result();
}

} // namespace keepseal
