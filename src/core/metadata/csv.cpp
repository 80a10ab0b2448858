// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "metadata/csv.h"

#include "base/problem.h"
#include "base/safe_text.h"
#include "base/text.h"

#include <algorithm>

namespace keepseal {
namespace {

constexpr std::size_t kMaxBytes = 64U << 20, kMaxRows = 200'000;

char separatorOf(std::string_view line) {
    char best = ',';
    for (const char c : {';', '\t'})
        if (std::count(line.begin(), line.end(), c) > std::count(line.begin(), line.end(), best))
            best = c;
    return best;
}

const FieldInfo* fieldByHeader(const std::string& header) {
    for (const auto* field : writableFields())
        if (header == field->key || toLowerAscii(header) == toLowerAscii(field->label))
            return field;
    return nullptr;
}

} // namespace

CsvRows parseCsv(const std::string& input, const std::string& subject) {
    std::string_view text = input;
    if (text.size() > kMaxBytes)
        throw Problem(ProblemKind::TooLarge, subject, "the table is too long");
    if (text.starts_with("\xEF\xBB\xBF"))
        text.remove_prefix(3);
    if (!isUtf8(text))
        throw Problem(ProblemKind::BadFile, subject, "the table is not in UTF-8",
                      "Save it again as \"CSV UTF-8\"");
    const char separator = separatorOf(text.substr(0, text.find('\n')));
    CsvRows out;
    std::vector<std::string> row;
    std::string cell;
    bool quotedCell = false, open = false;
    const auto endCell = [&] {
        row.push_back(std::move(cell));
        cell.clear();
        quotedCell = false;
    };
    const auto endRow = [&] {
        endCell();
        if (row.size() > 1 || !row.front().empty())
            out.push_back(std::move(row));
        row.clear();
        if (out.size() > kMaxRows)
            throw Problem(ProblemKind::TooLarge, subject, "the table has too many rows");
    };
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (open) {
            if (c != '"')
                cell += c;
            else if (i + 1 < text.size() && text[i + 1] == '"')
                cell += text[++i];
            else
                open = false;
        } else if (c == '"' && cell.empty() && !quotedCell)
            open = quotedCell = true;
        else if (c == separator)
            endCell();
        else if (c == '\n')
            endRow();
        else if (c != '\r')
            cell += c;
    }
    if (open)
        throw Problem(ProblemKind::BadFile, subject, "a quoted cell never ends");
    if (!cell.empty() || !row.empty())
        endRow();
    return out;
}

std::string toCsv(const CsvRows& rows) {
    std::string out;
    for (const auto& row : rows) {
        for (std::size_t i = 0; i < row.size(); ++i)
            out += (i ? "," : "") + csvCell(row[i]);
        out += "\r\n";
    }
    return out;
}

CsvWords wordsFromCsv(const CsvRows& rows, const std::vector<std::filesystem::path>& pictures) {
    CsvWords out;
    if (rows.empty())
        return out;
    std::map<std::string, std::size_t> byPath;
    std::map<std::string, std::vector<std::size_t>> byName;
    for (std::size_t i = 0; i < pictures.size(); ++i) {
        byPath[pictures[i].string()] = i;
        byName[pictures[i].filename().string()].push_back(i);
    }
    std::vector<const FieldInfo*> columns = {nullptr};
    for (std::size_t c = 1; c < rows[0].size(); ++c) {
        columns.push_back(fieldByHeader(trimmed(rows[0][c])));
        if (!columns.back())
            out.problems.push_back("the column \"" + cutUtf8(rows[0][c], 60) + "\" is no field");
    }
    for (std::size_t r = 1; r < rows.size(); ++r) {
        const auto name = trimmed(rows[r][0]);
        const auto path = byPath.find(name);
        const auto named = byName.find(std::filesystem::path(name).filename().string());
        if (path == byPath.end() && (named == byName.end() || named->second.size() != 1)) {
            out.problems.push_back(named == byName.end()
                                       ? "no picture is called \"" + cutUtf8(name, 80) + "\""
                                       : "several pictures are called \"" + cutUtf8(name, 80) + "\"");
            continue;
        }
        auto& words = out.byPicture[path != byPath.end() ? path->second : named->second.front()];
        for (std::size_t c = 1; c < rows[r].size() && c < columns.size(); ++c) {
            const auto cell = withoutFormulaMark(rows[r][c]);
            if (columns[c] && !trimmed(cell).empty())
                words[columns[c]->key] = fieldFromTyped(*columns[c], cell);
        }
    }
    return out;
}

} // namespace keepseal
