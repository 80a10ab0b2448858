// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A seal as JSON: "format": "keep-seal/seal", "version": 1 where it stands in a file of its own, the same
// object without these two inside a delivery. Unknown keys survive.
#pragma once

#include "seal/design.h"

namespace keepseal {

inline constexpr int kSealVersion = 1;
inline constexpr const char* kSealFormat = "keep-seal/seal";
inline constexpr std::size_t kMaxParts = 200;
inline constexpr std::size_t kMaxLetters = 20'000; ///< bytes of text in all parts together

/// Every key of the design.
nlohmann::json toJson(const SealDesign& design);
/// `path` names the place in problems ("seal."). Without "parts" there is one text part, shaped by the short
/// cuts "text", "family", "weight", "colour". Throws Problem(BadSetting).
SealDesign sealFromJson(const nlohmann::json& object, const std::string& path);
/// A file of its own; throws Problem(BadFile | BadSetting).
SealDesign sealFromDocument(const nlohmann::json& document, const std::string& subject);
nlohmann::json toDocument(const SealDesign& design);

/// JSON Schema of the object.
nlohmann::json sealSchema();

} // namespace keepseal
