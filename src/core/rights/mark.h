// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The mark by which Keep Seal knows its own copies: two XMP properties in a namespace of our own
// (docs/formats/copy-mark.md). They tell that a copy was made, and whether it has a border and a seal;
// nothing of the picture, its maker or the machine.
#pragma once

#include "privacy/report.h"

#include <optional>

namespace keepseal {

inline constexpr const char* kMarkNamespace = "https://keepseal.example.org/ns/copy/1.0/";
inline constexpr const char* kMarkPrefix = "keepseal";
inline constexpr const char* kMarkVersion = "1";

struct CopyMark {
    bool border = false, seal = false;
    bool operator==(const CopyMark&) const = default;
};
/// The mark in what a file tells; nothing: it has none.
std::optional<CopyMark> copyMarkIn(const FileReport& report);

} // namespace keepseal
