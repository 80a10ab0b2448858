// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Metadata as a table of text: CSV (RFC 4180) to keep and to edit elsewhere, and what a spreadsheet puts on
// the clipboard. The first column names the file; the others are fields, by key or by label.
#pragma once

#include "metadata/fields.h"

#include <filesystem>

namespace keepseal {

using CsvRows = std::vector<std::vector<std::string>>;

/// Takes commas, semicolons or tabs, whichever the first line has most of; quoted cells may hold any of them
/// and line ends. At most 200,000 rows and 64 MB; a byte order mark is passed over.
/// Throws Problem(BadFile) when a quote never ends or the text is no UTF-8.
CsvRows parseCsv(const std::string& text, const std::string& subject);
/// Cells that a spreadsheet would take for a formula get an apostrophe before them.
std::string toCsv(const CsvRows& rows);

struct CsvWords {
    std::map<std::size_t, FieldValues> byPicture; ///< by index into the pictures given
    std::vector<std::string> problems;            ///< rows without a picture, columns that are no field
};
/// Rows are matched by path, else by file name where only one picture has it. An empty cell leaves the field
/// as it is.
CsvWords wordsFromCsv(const CsvRows& rows, const std::vector<std::filesystem::path>& pictures);

} // namespace keepseal
