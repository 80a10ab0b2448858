// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is different for one picture: decided by a person, stronger than the design and than any advice.
#pragma once

#include "seal/design.h"

#include <optional>

namespace keepseal {

struct SealException {
    bool none = false; ///< no seal on this picture
    std::optional<Anchor> anchor;
    Point nudge;                   ///< percent of the short side
    std::optional<bool> dark;      ///< this version
    std::optional<double> opacity; ///< percent, instead of the design's
    bool operator==(const SealException&) const = default;
    bool empty() const { return *this == SealException{}; }
};

/// "moved to the top left, dark version", for a person; empty when nothing is different.
std::string describe(const SealException& exception);

nlohmann::json toJson(const SealException& exception);
/// Throws Problem(BadSetting), its subject beginning with `path`.
SealException exceptionFromJson(const nlohmann::json& json, const std::string& path);

} // namespace keepseal
