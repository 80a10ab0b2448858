// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "run/journal.h"

#include "base/files.h"
#include "base/fingerprint.h"
#include "base/json_text.h"
#include "base/text.h"
#include "picture/original.h"
#include "plan/plan_json.h"
#include "record/register.h"

#include <algorithm>
#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <fstream>
#include <sys/file.h>
#include <unistd.h>

namespace keepseal {
namespace {

using nlohmann::json;
namespace fs = std::filesystem;

constexpr const char* kJournalFormat = "keep-seal/journal";
constexpr int kJournalVersion = 1;
constexpr const char* kRow = "row";
constexpr const char* kPlacing = "placing";

std::string lineOf(const json& value) {
    return value.dump(-1, ' ', false, json::error_handler_t::replace) + "\n";
}

[[noreturn]] void cannotWriteJournal(const fs::path& file) {
    throw Problem(ProblemKind::CannotWrite, file.string(),
                  Saying("the run's journal can't be written: {reason}", {{"reason", std::strerror(errno)}}),
                  "Check the folder's permissions and the space left on the disk");
}

} // namespace

fs::path journalOf(const fs::path& ledgerFile) {
    return fs::path(ledgerFile).replace_extension(".journal");
}
fs::path ledgerOf(const fs::path& journal) {
    return fs::path(journal).replace_extension(".json");
}

Journal Journal::create(const fs::path& ledgerFile, const std::string& started, const Plan& plan) {
    const auto file = journalOf(ledgerFile);
    makeFolder(file.parent_path());
    const int descriptor =
        ::open(file.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_APPEND | O_CLOEXEC | O_NOFOLLOW, 0600);
    if (descriptor < 0)
        cannotWriteJournal(file);
    Journal journal(file, descriptor);
    ::flock(descriptor, LOCK_EX | LOCK_NB);
    try {
        journal.write(lineOf({{"format", kJournalFormat},
                              {"version", kJournalVersion},
                              {"started", started},
                              {"plan", toJson(plan)}}));
    } catch (const Problem&) {
        journal.remove();
        throw;
    }
    if (::fsync(descriptor) != 0) {
        journal.remove();
        cannotWriteJournal(file);
    }
    return journal;
}

Journal Journal::reopen(const fs::path& file) {
    const int descriptor = ::open(file.c_str(), O_RDWR | O_APPEND | O_CLOEXEC | O_NOFOLLOW);
    if (descriptor < 0 && errno == ENOENT)
        throw Problem(ProblemKind::NotFound, file.string(), "there is no such run to go on with");
    if (descriptor < 0)
        cannotWriteJournal(file);
    Journal journal(file, descriptor);
    if (::flock(descriptor, LOCK_EX | LOCK_NB) != 0)
        throw Problem(ProblemKind::Refused, file.string(),
                      "this run is under way in another window or shell");
    // What a killed process wrote of its last line is parted from what comes now.
    char last = '\n';
    const auto end = ::lseek(descriptor, 0, SEEK_END);
    if (end > 0 && ::pread(descriptor, &last, 1, end - 1) == 1 && last != '\n')
        journal.write("\n");
    return journal;
}

Journal::Journal(Journal&& other) noexcept
    : m_file(std::move(other.m_file)), m_descriptor(std::exchange(other.m_descriptor, -1)),
      m_failed(other.m_failed) {}

Journal::~Journal() {
    if (m_descriptor >= 0)
        ::close(m_descriptor);
}

void Journal::write(const std::string& line) {
    std::size_t done = 0;
    while (done < line.size()) {
        const auto count = ::write(m_descriptor, line.data() + done, line.size() - done);
        if (count < 0 && errno == EINTR)
            continue;
        if (count <= 0)
            cannotWriteJournal(m_file);
        done += static_cast<std::size_t>(count);
    }
}

void Journal::add(std::size_t index, const char* what, const LedgerRow& row) noexcept {
    try {
        write(lineOf({{"copy", index}, {what, toJson(row)}}));
    } catch (const std::exception&) {
        m_failed = true; // the copies matter more than being able to go on after a crash
    }
}

void Journal::add(std::size_t index, const LedgerRow& row) noexcept {
    add(index, kRow, row);
}

void Journal::addPlacing(std::size_t index, const LedgerRow& row) noexcept {
    add(index, kPlacing, row);
}

void Journal::sync() noexcept {
    if (::fdatasync(m_descriptor) != 0)
        m_failed = true;
}

void Journal::remove() noexcept {
    ::unlink(m_file.c_str());
}

bool isAsDelivered(const LedgerRow& row) {
    try {
        return !row.copyFingerprint.empty() && fingerprint(Original(row.copy)) == row.copyFingerprint;
    } catch (const Problem&) {
        return false;
    }
}

JournalContents readJournal(const fs::path& file) {
    std::ifstream stream(file, std::ios::binary);
    std::string line;
    if (!stream || !std::getline(stream, line))
        throw Problem(ProblemKind::CannotRead, file.string(), "the run's journal can't be read");
    JournalContents out;
    try {
        const auto head = json::parse(line);
        if (head.at("format") != kJournalFormat || versionIn(head) - 1 >= kJournalVersion)
            throw Problem(ProblemKind::BadFile, file.string(), "this is no journal this version can read");
        out.started = head.at("started").get<std::string>();
        out.plan = planFromJson(head.at("plan"), file.string());
    } catch (const json::exception& error) {
        throw Problem(ProblemKind::BadFile, file.string(),
                      Saying("this is no journal: {reason}", {{"reason", error.what()}}));
    }
    std::map<std::size_t, LedgerRow> placing;
    while (std::getline(stream, line)) {
        const auto entry = json::parse(line, nullptr, false);
        if (!entry.is_object())
            continue; // cut short
        try {
            const auto index = entry.at("copy").get<std::size_t>();
            if (index >= out.plan.copies.size())
                continue;
            if (const auto row = entry.find(kRow); row != entry.end()) {
                out.rows[index] = ledgerRowFromJson(*row);
                placing.erase(index);
            } else {
                placing[index] = ledgerRowFromJson(entry.at(kPlacing));
            }
        } catch (const json::exception&) {
            continue;
        }
    }
    for (auto& [index, row] : placing)
        if (isAsDelivered(row))
            out.rows[index] = std::move(row);
    return out;
}

std::vector<UnfinishedRun> unfinishedRuns(const fs::path& given) {
    const auto folder = given.empty() ? stateFolder() / "ledgers" : given;
    std::vector<UnfinishedRun> out;
    std::error_code error;
    for (fs::directory_iterator it(folder, error), end; !error && it != end; it.increment(error)) {
        if (it->path().extension() != ".journal")
            continue;
        try {
            const auto held = Journal::reopen(it->path()); // only to see that nobody else has it
            const auto contents = readJournal(it->path());
            UnfinishedRun run{it->path(), contents.started, contents.plan.count(Outcome::Waiting), 0, {}};
            for (const auto& [index, row] : contents.rows)
                run.made += row.outcome == Outcome::Made;
            for (const auto& delivery : contents.plan.deliveries)
                run.deliveries.push_back(delivery.name);
            out.push_back(std::move(run));
        } catch (const Problem&) {
            continue;
        }
    }
    std::sort(out.begin(), out.end(),
              [](const auto& a, const auto& b) { return a.journal.filename() > b.journal.filename(); });
    return out;
}

void closeUnfinished(const fs::path& file) {
    auto journal = Journal::reopen(file);
    const auto contents = readJournal(file);
    Ledger ledger;
    ledger.started = contents.started;
    ledger.ended = utcNow();
    ledger.state = "stopped";
    ledger.rows = plannedRows(contents.plan);
    for (const auto& [index, row] : contents.rows)
        ledger.rows[index] = row;
    saveLedger(ledger, ledgerOf(file));
    Register().add(ledger, ledgerOf(file));
    journal.remove();
}

} // namespace keepseal
