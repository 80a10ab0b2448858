// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// JSON from a file, which a stranger may have made: so long, so deep and of so many values and no more.
#pragma once

#include <nlohmann/json_fwd.hpp>

#include <cstdint>
#include <filesystem>
#include <string>
#include <string_view>

namespace keepseal {

struct JsonLimits {
    std::uint64_t bytes = 64ULL << 20;
    std::size_t values = 5'000'000; ///< keys and values together
    int depth = 32;
    std::size_t text = 1U << 20; ///< bytes of one text
};
/// Of designs, which travel: a delivery with a seal of 200 parts and a sheet of 200 rules takes a tenth of
/// it.
inline constexpr JsonLimits kDesignLimits{4ULL << 20, 100'000, 24, 64 * 1024};

/// Throws Problem(BadFile) naming `subject` for what is no JSON or past a limit.
nlohmann::json parseJson(std::string_view text, const std::string& subject, const JsonLimits& limits);
/// Throws Problem(NotFound | CannotRead | BadFile).
nlohmann::json readJsonFile(const std::filesystem::path& path, const JsonLimits& limits);

/// The value as it stands there, cut where it is long: for a sentence.
std::string shownJson(const nlohmann::json& value);

/// The number of a version as it stands there, nothing rounded or wrapped; 0: it is no whole number above 0.
std::uint64_t versionIn(const nlohmann::json& document);

} // namespace keepseal
