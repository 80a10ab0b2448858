// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the register is asked.
#include "base/files.h"
#include "record/register_sql.h"

#include <algorithm>

namespace keepseal {

namespace fs = std::filesystem;

namespace {

fs::path pathIn(const SQLite::Column& column) {
    return std::string(static_cast<const char*>(column.getBlob()),
                       static_cast<std::size_t>(column.getBytes()));
}

/// All paths below a folder lie between these two: paths are bytes.
std::pair<std::string, std::string> boundsOf(const fs::path& folder) {
    auto name = folder.native();
    while (name.ends_with('/'))
        name.pop_back();
    return {name + "/", name + static_cast<char>('/' + 1)};
}

} // namespace

void cannotUseRegister(const fs::path& file, const char* why) {
    throw Problem(ProblemKind::CannotWrite, file.string(),
                  Saying("the register can't be used: {why}", {{"why", why}}),
                  "Check the folder's permissions; the copies themselves are not touched by this");
}

void bindPath(SQLite::Statement& statement, int at, const fs::path& path) { // file names are bytes, not text
    statement.bind(at, path.native().data(), static_cast<int>(path.native().size()));
}

RegisteredCopy registeredCopyAt(const SQLite::Statement& at) {
    RegisteredCopy out;
    int i = 0;
    const auto next = [&] { return at.getColumn(i++); };
    auto& row = out.row;
    row.outcome = Outcome::Made;
    out.id = next().getInt64();
    row.original = pathIn(next());
    row.originalIdentity.size = static_cast<std::uint64_t>(next().getInt64());
    row.originalIdentity.modifiedNs = next().getInt64();
    row.fingerprintBefore = next().getString();
    row.delivery = next().getString();
    row.settingsDigest = next().getString();
    row.copyBytes = static_cast<std::uint64_t>(next().getInt64());
    row.copyModifiedNs = next().getInt64();
    row.copyFingerprint = next().getString();
    row.copy = pathIn(next());
    out.made = next().getString();
    out.ledger = next().getString();
    row.copySize.width = next().getInt();
    row.copySize.height = next().getInt();
    row.sealOnCopy = next().getInt() != 0;
    row.placeOpened = next().getInt() != 0;
    row.seal = next().getString();
    row.takenAt = next().getString();
    row.picture = next().getString();
    row.code = static_cast<std::uint64_t>(next().getInt64());
    return out;
}

std::optional<RegisteredCopy> Register::newestAt(const fs::path& copy) {
    try {
        m_madeAt->reset();
        bindPath(*m_madeAt, 1, copy);
        if (!m_madeAt->executeStep())
            return std::nullopt;
        auto found = registeredCopyAt(*m_madeAt);
        m_madeAt->reset();
        return found;
    } catch (const SQLite::Exception&) {
        return std::nullopt; // then the copy is made again under another name
    }
}

std::optional<LedgerRow> Register::madeAt(const fs::path& copy) {
    auto found = newestAt(copy);
    return found ? std::optional(std::move(found->row)) : std::nullopt;
}

std::vector<RegisteredCopy> Register::read(SQLite::Statement& statement) const {
    std::vector<RegisteredCopy> out;
    try {
        while (statement.executeStep())
            out.push_back(registeredCopyAt(statement));
    } catch (const SQLite::Exception& error) {
        cannotUseRegister(m_file, error.what());
    }
    return out;
}

std::vector<RegisteredCopy> Register::copiesWhere(const char* condition, const std::string& value) {
    SQLite::Statement found(*m_database, kSelectCopy + std::string(condition) + kNewestFirst);
    found.bind(1, value);
    return read(found);
}

std::vector<RegisteredCopy> Register::copiesWith(const std::string& fingerprint) {
    return copiesWhere("copy_sha256 = ?", fingerprint);
}

std::vector<RegisteredCopy> Register::copiesOf(const std::string& fingerprint) {
    return copiesWhere("original_sha256 = ?", fingerprint);
}

bool Register::holdsOriginalOf(std::uintmax_t bytes) {
    SQLite::Statement found(*m_database, "SELECT 1 FROM copies WHERE original_bytes = ? LIMIT 1");
    found.bind(1, static_cast<std::int64_t>(bytes));
    return found.executeStep();
}

std::vector<RegisteredCopy> Register::copiesOfPicture(const std::string& picture) {
    return copiesWhere("picture = ?", picture);
}

std::vector<RegisteredCopy> Register::copiesOfFile(const fs::path& original) {
    SQLite::Statement found(*m_database, kSelectCopy + std::string("original = ?") + kNewestFirst);
    bindPath(found, 1, original);
    return read(found);
}

std::vector<RegisteredCopy> Register::madeBelow(const fs::path& folder) {
    SQLite::Statement found(*m_database,
                            kSelectCopy + std::string("copy > ? AND copy < ? ORDER BY copy, copies.id DESC"));
    const auto [first, behind] = boundsOf(folder);
    bindPath(found, 1, first);
    bindPath(found, 2, behind);
    auto out = read(found);
    out.erase(std::unique(out.begin(), out.end(),
                          [](const auto& a, const auto& b) { return a.row.copy == b.row.copy; }),
              out.end());
    return out;
}

std::optional<RegisteredCopy> Register::whole(std::int64_t id) {
    SQLite::Statement found(*m_database, kSelectCopy + std::string("copies.id = ?"));
    found.bind(1, id);
    auto rows = read(found);
    if (rows.empty())
        return std::nullopt;
    SQLite::Statement text(*m_database, "SELECT row FROM copies WHERE id = ?");
    text.bind(1, id);
    if (text.executeStep() && text.getColumn(0).getBytes() > 0)
        try {
            rows.front().row = ledgerRowFromJson(nlohmann::json::parse(text.getColumn(0).getString()));
        } catch (const nlohmann::json::exception&) { // what the columns hold is still true
        }
    return rows.front();
}

std::vector<RegisteredCopy> Register::heldBackOf(const fs::path& original, const std::string& fingerprint) {
    std::vector<RegisteredCopy> out;
    SQLite::Statement found(
        *m_database, "SELECT held.id, row, started, ledger FROM held JOIN runs ON runs.id = held.run WHERE "
                     "original = ? OR (original_sha256 = ? AND original_sha256 <> '') "
                     "ORDER BY started DESC, held.id DESC");
    bindPath(found, 1, original);
    found.bind(2, fingerprint);
    try {
        while (found.executeStep())
            try {
                out.push_back({found.getColumn(0).getInt64(),
                               ledgerRowFromJson(nlohmann::json::parse(found.getColumn(1).getString())),
                               found.getColumn(2).getString(), found.getColumn(3).getString()});
            } catch (const nlohmann::json::exception&) { // one that nobody can read tells nothing
            }
    } catch (const SQLite::Exception& error) {
        cannotUseRegister(m_file, error.what());
    }
    return out;
}

std::map<fs::path, std::size_t> Register::countsOf(const std::vector<fs::path>& originals) {
    std::map<fs::path, std::size_t> out;
    SQLite::Statement counted(*m_database, "SELECT count(*) FROM copies WHERE original = ?");
    for (const auto& original : originals) {
        counted.reset();
        bindPath(counted, 1, original);
        if (counted.executeStep() && counted.getColumn(0).getInt64() > 0)
            out[original] = static_cast<std::size_t>(counted.getColumn(0).getInt64());
    }
    return out;
}

std::size_t Register::copies() {
    return static_cast<std::size_t>(m_database->execAndGet("SELECT count(*) FROM copies").getInt64());
}

namespace {

/// What a search asks, as SQL with its values. Words of a person stand in values only.
struct Asked {
    std::string from = "copies JOIN runs ON runs.id = copies.run", where = "1", order = "copies.id";
    std::vector<std::function<void(SQLite::Statement&, int)>> values;

    template <class Value>
    void also(const std::string& condition, Value value) {
        where += " AND " + condition;
        values.emplace_back([value](SQLite::Statement& statement, int at) { statement.bind(at, value); });
    }
    void alsoPath(const std::string& path) {
        values.emplace_back([path](SQLite::Statement& statement, int at) { bindPath(statement, at, path); });
    }
    void bindAll(SQLite::Statement& statement) const {
        for (std::size_t i = 0; i < values.size(); ++i)
            values[i](statement, static_cast<int>(i) + 1);
    }
};

/// Each word begins one that is there; what is written together (heron_1) stands together there, so that a
/// name's number is not looked for in all other words. In the words of SQLite's full-text search, each in
/// quotes.
std::string matchOf(const std::string& words) {
    std::string out, together;
    const auto end = [&] {
        if (!together.empty())
            out += (out.empty() ? "\"" : " \"") + together + "\"*";
        together.clear();
    };
    bool apart = false;
    for (const char c : words) {
        const auto byte = static_cast<unsigned char>(c);
        const bool isOfWord = byte >= 0x80 || std::isalnum(byte);
        if (std::isspace(byte))
            end();
        else if (isOfWord && apart && !together.empty())
            together += ' ';
        if (isOfWord)
            together += c;
        apart = !isOfWord;
    }
    end();
    return out;
}

/// "2026", "2026-05" or "2026-05-01".
std::string dayOf(const std::string& text) {
    const auto isPattern = [&](std::string_view pattern) {
        return text.size() == pattern.size() &&
               std::equal(text.begin(), text.end(), pattern.begin(),
                          [](char c, char p) { return p == '0' ? c >= '0' && c <= '9' : c == p; });
    };
    if (!isPattern("0000") && !isPattern("0000-00") && !isPattern("0000-00-00"))
        throw Problem(ProblemKind::BadSetting, text, "this is no day",
                      "Write it as in 2026-05-01, 2026-05 or 2026");
    return text;
}

Asked askedBy(const RegisterSearch& search) {
    Asked out;
    if (const auto match = matchOf(search.words); !match.empty()) {
        out.from = "words JOIN copies ON copies.id = words.rowid JOIN runs ON runs.id = copies.run";
        out.order = "words.rowid";
        out.also("words MATCH ?", match);
    }
    if (!search.delivery.empty())
        out.also("delivery = ?", search.delivery);
    if (!search.since.empty())
        out.also("started >= ?", dayOf(search.since));
    if (!search.until.empty())
        out.also("started < ?", dayOf(search.until) + "~"); // behind all that begin so
    if (!search.below.empty()) {
        out.where += " AND ((copy > ? AND copy < ?) OR (original > ? AND original < ?))";
        const auto [first, behind] = boundsOf(search.below);
        for (const auto& bound : {first, behind, first, behind})
            out.alsoPath(bound);
    }
    if (!search.original.empty()) {
        out.where += " AND (original = ? OR original_sha256 IN (SELECT original_sha256 FROM copies WHERE "
                     "original = ?))";
        out.alsoPath(search.original.native());
        out.alsoPath(search.original.native());
    }
    if (search.sealed)
        out.also("sealed = ?", *search.sealed ? 1 : 0);
    if (search.tellsPlace)
        out.also("place_told = ?", *search.tellsPlace ? 1 : 0);
    if (search.sideFrom > 0)
        out.also("side >= ?", search.sideFrom);
    if (search.sideTo > 0)
        out.also("side <= ?", search.sideTo);
    return out;
}

} // namespace

std::vector<RegisteredCopy> Register::find(const RegisterSearch& search, std::size_t from, std::size_t most) {
    const auto asked = askedBy(search);
    const std::string columns(kSelectCopy, std::string_view(kSelectCopy).find(" FROM "));
    SQLite::Statement found(*m_database, columns + " FROM " + asked.from + " WHERE " + asked.where +
                                             " ORDER BY " + asked.order + " DESC LIMIT " +
                                             std::to_string(most) + " OFFSET " + std::to_string(from));
    asked.bindAll(found);
    return read(found);
}

std::size_t Register::count(const RegisterSearch& search) {
    const auto asked = askedBy(search);
    // Where only words are asked for nothing else need be looked at.
    const bool wordsAlone = asked.values.size() == 1 && asked.order == "words.rowid";
    SQLite::Statement found(*m_database, "SELECT count(*) FROM " + (wordsAlone ? "words" : asked.from) +
                                             " WHERE " + asked.where);
    asked.bindAll(found);
    found.executeStep();
    return static_cast<std::size_t>(found.getColumn(0).getInt64());
}

std::vector<std::string> Register::deliveries() {
    std::vector<std::string> out;
    // From one name to the next: there are few of them, and many copies of each.
    SQLite::Statement next(*m_database, "SELECT min(delivery) FROM copies WHERE delivery > ?");
    for (std::string name;; out.push_back(name)) {
        next.reset();
        next.bind(1, name);
        if (!next.executeStep() || next.getColumn(0).isNull())
            return out;
        name = next.getColumn(0).getString();
    }
}

Bytes Register::smallPicture(const std::string& picture) {
    SQLite::Statement found(*m_database, "SELECT small FROM pictures WHERE id = ?");
    found.bind(1, picture);
    if (!found.executeStep())
        return {};
    const auto* bytes = static_cast<const std::uint8_t*>(found.getColumn(0).getBlob());
    return {bytes, bytes + found.getColumn(0).getBytes()};
}

namespace {

RegisteredPicture registeredPictureAt(const SQLite::Statement& at) {
    return {at.getColumn(0).getString(),
            {at.getColumn(1).getInt(), at.getColumn(2).getInt()},
            unpackedMark({static_cast<const char*>(at.getColumn(3).getBlob()),
                          static_cast<std::size_t>(at.getColumn(3).getBytes())})};
}

} // namespace

std::optional<RegisteredPicture> Register::picture(const std::string& id) {
    SQLite::Statement found(*m_database, "SELECT id, width, height, mark FROM pictures WHERE id = ?");
    found.bind(1, id);
    return found.executeStep() ? std::optional(registeredPictureAt(found)) : std::nullopt;
}

void Register::eachPicture(std::size_t batch,
                           const std::function<bool(std::vector<RegisteredPicture>&&)>& take) {
    std::vector<RegisteredPicture> some;
    SQLite::Statement found(*m_database, "SELECT id, width, height, mark FROM pictures ORDER BY rowid");
    while (found.executeStep()) {
        some.push_back(registeredPictureAt(found));
        if (some.size() == batch && !take(std::exchange(some, {})))
            return;
    }
    if (!some.empty())
        take(std::move(some));
}

bool Register::holds(const fs::path& ledgerFile) {
    SQLite::Statement found(*m_database, "SELECT 1 FROM runs WHERE ledger = ?");
    found.bind(1, ledgerFile.string());
    return found.executeStep();
}

std::size_t Register::pictures() {
    return static_cast<std::size_t>(m_database->execAndGet("SELECT count(*) FROM pictures").getInt64());
}

} // namespace keepseal
