// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// For programs that drive the window: tests, benchmarks, the tour.
#pragma once

#include <functional>

namespace keepseal::app {

/// Runs the event loop until `done` holds or `milliseconds` have passed; returns whether it holds.
bool waitUntil(const std::function<bool()>& done, int milliseconds);

} // namespace keepseal::app
