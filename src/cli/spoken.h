// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The language of the commands: that of the person's environment for people, English for other programs.
#pragma once

#include <CLI/CLI.hpp>

#include <memory>
#include <set>
#include <string>
#include <vector>

namespace keepseal::cli {

/// Before anything is said. English where a word of the call asks for what programs read (--json, a schema, a
/// script's completion), and where there are no translations.
void speakFor(const std::vector<std::string>& call);

/// All words of a command's pages of help are said in the language spoken.
void sayDescriptions(CLI::App& app);
/// Pages of help that say what values are in words: for all commands, before the first is added.
std::shared_ptr<CLI::FormatterBase> pageFormatter();

/// What sayDescriptions() asks for, in English: before it was called.
std::set<std::string> descriptionsOf(const CLI::App& app);

/// A sentence of CLI11's about a wrong call, in the language spoken; itself where it is not known.
std::string saidOfCall(const std::string& english);

} // namespace keepseal::cli
