// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// keep-seal-cli check, sheet and words: what files tell, the library of rights sheets, and the words of many
// copies as a table.
#pragma once

#include "cli/commands.h"
#include "plan/plan.h"

namespace CLI {
class App;
}

namespace keepseal::cli {

struct CheckOptions {
    std::vector<std::string> files;
    std::string html;     ///< a page to write; must not exist
    std::string original; ///< names of its place are looked for, too
    bool json = false;
};
void addCheckCommand(CLI::App& app, CheckOptions& options);
int runCheck(const CheckOptions& options);

/// A sheet file, an XMP file, or the name or key of one in the library. Throws Problem(NotFound | ...).
RightsSheet namedSheet(const std::string& nameOrFile);

struct WordsOptions {
    DeliveryOptions delivery;
    PictureOptions pictures;
    std::vector<std::string> fields;
    bool json = false;
};
/// What the copies of the first delivery will say: CSV, or JSON with before, after, rules and notes.
int runWords(const WordsOptions& options);
/// From a CSV file into exceptions. Throws Problem(BadSetting) when a row or column can't be used.
void takeWords(const std::string& file, const std::vector<std::filesystem::path>& pictures,
               Exceptions& exceptions);

} // namespace keepseal::cli
