// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// outbox: what is to be sent, and sending it.
#pragma once

#include "cli/commands.h"

#include <CLI/CLI.hpp>

namespace keepseal::cli {

struct OutboxOptions {
    DeliveryOptions delivery; ///< whose station Sending is meant
    std::vector<std::int64_t> ids;
    bool json = false, all = false, wait = false, sent = false, letGo = false;
};

CLI::App* addOutboxCommands(CLI::App& app, OutboxOptions& options);
int runOutbox(const CLI::App& command, const OutboxOptions& options);

} // namespace keepseal::cli
