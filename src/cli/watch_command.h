// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// watch: a folder that other programs fill, stamped as it fills.
#pragma once

#include "cli/run_commands.h"

namespace keepseal::cli {

struct WatchOptions {
    StampOptions stamp; ///< its pictures' paths are the folders
    double quiet = 3;   ///< seconds that a file has to be at rest
    double every = 10;  ///< seconds between two looks where the system tells nothing
    bool once = false;  ///< ends when all that is there has come to rest and was worked on
    bool sends = false; ///< what goes into the outbox is sent at once
};

int runWatch(const WatchOptions& options);

} // namespace keepseal::cli
