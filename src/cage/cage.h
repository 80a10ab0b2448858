// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The worker processes of this program: as many as there are cores, and as many again for what a person waits
// for while a run is at work; kept, and replaced when one ends. The functions that meet strangers' bytes (see
// picture/develop.h) are carried out through it.
#pragma once

#include <chrono>
#include <string>
#include <vector>

#include <sys/types.h>

namespace keepseal::cage {

/// What the kernel holds a worker to.
struct Holds {
    int fileSystem = 0; ///< Landlock's version: nothing can be opened but fonts and libraries; 0: not held
    bool calls = false; ///< seccomp: no network, no programs, no writing
    bool all() const { return fileSystem > 0 && calls; }
};

/// Of the first worker; starts it if need be. Throws Problem(Internal) when none can be started.
Holds holds();
/// A sentence for a person where the kernel does not do all of it; else empty. Never throws.
std::string whatIsMissing();

struct WorkerState {
    pid_t pid = 0;
    bool busy = false; ///< somebody waits for its answer
};
std::vector<WorkerState> workers();

/// How long a worker may neither compute nor answer before it is given up; 60 seconds unless a test says so.
void setIdleLimit(std::chrono::milliseconds most);

} // namespace keepseal::cage
