// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <optional>
#include <span>

namespace keepseal {

/// As many bytes as there are from `offset` on, up to the buffer's size, whatever interrupts; nothing when
/// reading fails, with errno.
std::optional<std::size_t> readAt(int descriptor, std::uint64_t offset, std::span<std::uint8_t> buffer);

} // namespace keepseal
