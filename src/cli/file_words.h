// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Words of a call that begin like options and are names of files: a shell puts them there for "*", and
// whoever named the file must not set an option by it.
#pragma once

#include <string>
#include <vector>

namespace CLI {
class App;
}

namespace keepseal::cli {

/// The words with "./" before each that names a file in the current folder and is no option of its command.
/// What stands behind "--" is a path anyhow. Throws Problem(Refused) where a word is both a file and an
/// option.
std::vector<std::string> withFilesAsPaths(const CLI::App& app, std::vector<std::string> words);

} // namespace keepseal::cli
