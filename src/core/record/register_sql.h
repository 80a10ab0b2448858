// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the register's own files share. Internal to record/.
#pragma once

#include "record/register.h"

#include <SQLiteCpp/SQLiteCpp.h>

namespace keepseal {

inline constexpr const char* kSelectCopy =
    "SELECT copies.id, original, original_bytes, original_modified_ns, original_sha256, delivery, "
    "settings_digest, "
    "copy_bytes, copy_modified_ns, copy_sha256, copy, started, ledger, width, height, sealed, place_told, "
    "seal, taken, "
    "picture, code FROM copies JOIN runs ON runs.id = copies.run WHERE ";
inline constexpr const char* kNewestFirst = " ORDER BY copies.id DESC";

/// Of a row that kSelectCopy found.
RegisteredCopy registeredCopyAt(const SQLite::Statement& at);
void bindPath(SQLite::Statement& statement, int at, const std::filesystem::path& path);
[[noreturn]] void cannotUseRegister(const std::filesystem::path& file, const char* why);

} // namespace keepseal
