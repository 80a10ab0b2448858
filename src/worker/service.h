// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Answers one program's requests, one after the other, until it hangs up.
#pragma once

#include "worker/lock.h"

namespace keepseal::worker {

/// Returns when the other end of `socket` is gone.
void serve(int socket, const Locks& locks);

} // namespace keepseal::worker
