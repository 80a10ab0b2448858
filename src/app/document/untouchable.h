// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A file that is saved by hand may go anywhere but onto an original or what lies beside it as its XMP file,
// whatever spelling or link leads there.
#pragma once

#include "base/writer.h"
#include "document/job_document.h"

namespace keepseal::app {

/// Originals with their XMP files, as they lie on the disk now. Asks the disk of each: not on the window's
/// thread.
Untouchable untouchable(const std::vector<std::filesystem::path>& originals);

} // namespace keepseal::app
