// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Knowing our own copies when they come back as originals, so that none is framed and sealed twice.
#pragma once

#include "picture/original.h"
#include "rights/mark.h"

namespace keepseal {

/// Looks for the mark at both ends of the file, where copies of ours have it, and only then reads what it
/// tells. What a file was found to be is remembered while it stays the same; any thread. False for what can't
/// be read.
bool stampedBefore(const std::filesystem::path& path, const FileIdentity& identity);

} // namespace keepseal
