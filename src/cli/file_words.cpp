// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/file_words.h"

#include "base/problem.h"
#include "base/safe_text.h"

#include <CLI/CLI.hpp>

#include <sys/stat.h>

namespace keepseal::cli {
namespace {

bool isFile(const std::string& word) {
    struct stat info {};
    return ::lstat(word.c_str(), &info) == 0;
}

/// "--out=x" is --out, "-rx" begins with -r.
bool isOptionOf(const CLI::App& app, const std::string& word) {
    const auto name = word.starts_with("--") ? word.substr(0, word.find('=')) : word.substr(0, 2);
    return app.get_option_no_throw(name) != nullptr;
}

} // namespace

std::vector<std::string> withFilesAsPaths(const CLI::App& app, std::vector<std::string> words) {
    const CLI::App* command = &app;
    for (auto& word : words) {
        if (word == "--")
            break;
        for (const auto* inner : command->get_subcommands([](const CLI::App*) { return true; }))
            if (inner->get_name() == word) {
                command = inner;
                break;
            }
        if (word.size() < 2 || word[0] != '-' || !isFile(word))
            continue;
        if (isOptionOf(*command, word))
            throw Problem(ProblemKind::Refused, shownInTerminal(word),
                          "this is an option, and a file of that name lies here",
                          Saying("Write ./{file} for the file, or -- before the paths",
                                 {{"file", shownInTerminal(word)}}));
        word.insert(0, "./");
    }
    return words;
}

} // namespace keepseal::cli
