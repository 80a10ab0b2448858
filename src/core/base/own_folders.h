// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The person's own folders of Keep Seal (XDG Base Directory Specification 0.8). What is in them is nobody
// else's business, and nobody else may put anything there: folders are 0700, files 0600, and one that belongs
// to another user is refused.
#pragma once

#include <filesystem>

namespace keepseal {

/// $XDG_STATE_HOME/keep-seal, $XDG_CONFIG_HOME/keep-seal, with the defaults of the specification; without
/// $HOME those of the account. Nothing is made.
std::filesystem::path stateFolder();
std::filesystem::path configFolder();
/// $XDG_DATA_HOME/keep-seal: the library of saved seals, logos and typefaces.
std::filesystem::path dataFolder();

/// Called once at the start of each program: shuts those that are there to others. Throws Problem(Refused)
/// when one is another user's.
void secureOwnFolders();
/// Whether a file lies in one of them.
bool isOwn(const std::filesystem::path& path);
/// Makes `folder` and what is missing above it: 0700 in the person's own, as usual elsewhere. What can't be
/// made is told by whatever is then written there.
void makeFolder(const std::filesystem::path& folder);

/// A program of ours that lies beside this one, by its whole path: what starts it need not have our search
/// path. Where none lies there, `name`.
std::string programBeside(const std::string& name);

/// Called first of all in each program: where standard input, output or errors are closed, something that
/// can't be written to takes their places, so that no file or socket opened later gets what is printed.
void holdStandardStreams();

} // namespace keepseal
