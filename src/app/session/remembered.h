// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The deliveries as they were left: a window that was started with nothing given begins with them, and leaves
// them for the next. Of several such windows the first one owns them. Reads and writes files: never called on
// the window's thread.
#pragma once

#include "base/problem.h"
#include "delivery/delivery.h"
#include "session/file_lock.h"

#include <optional>
#include <vector>

namespace keepseal::app {

struct RememberedDelivery {
    Delivery delivery;
    std::optional<Delivery> kept; ///< as the library has it under the same name
};

/// Held by the window that may remember; nothing: another one does.
std::optional<FileLock> lockRemembered();

/// A file that is damaged or of a newer version is set aside under another name, and told.
std::vector<RememberedDelivery> rememberedDeliveries(std::vector<Problem>* problems);
/// Throws Problem(CannotWrite).
void rememberDeliveries(const std::vector<Delivery>& deliveries);

} // namespace keepseal::app
