// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A web album of copies put on a server: made here, then sent file by file, the first page last. Files that
// are there already as they are to be are not sent again, so that an album grows, and a line that broke goes
// on.
#pragma once

#include "send/outbox.h"
#include "send/upload.h"

namespace keepseal {

/// `items`: as Outbox::albumOf(). Those that wait must be as their run made them; those that were sent before
/// are in it as long as they are. `room`: a folder of our own for the time, emptied before and after.
/// Returns where its first page is. Throws NotSent, Problem.
std::string postAlbum(const std::vector<OutboxItem>& items, Outbox& outbox, Upload& line,
                      const std::filesystem::path& room, const std::atomic<bool>& stop);

} // namespace keepseal
