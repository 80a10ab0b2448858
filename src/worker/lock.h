// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a worker gives up before it meets the first byte of a stranger. It can't be taken back, by nobody, and
// holds for every thread the process will have.
#pragma once

#include <cstdint>
#include <filesystem>
#include <vector>

namespace keepseal::worker {

/// At once, so that a decoder that opens and never closes ends soon.
inline constexpr int kMostOpenFiles = 256;

struct Locks {
    int fileSystem = 0; ///< Landlock's version; 0: this kernel has none, or it is switched off
    bool calls = false; ///< seccomp
};

/// Where nothing may be read but what the program is built on, and nothing at all be written, run, listened
/// to or called. `readable`: files and folders that stay readable; those that are not there are passed over.
Locks lockIn(const std::vector<std::filesystem::path>& readable);

/// Fonts, libraries, their tables.
std::vector<std::filesystem::path> whatItIsBuiltOn();

/// The most memory the process may ever take; how much for what it does now is set by allowMemory().
void limitMemory();
/// Bytes on top of what it held when limitMemory() was called.
void allowMemory(std::uint64_t bytes);

} // namespace keepseal::worker
