// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Deliveries as JSON files: "format": "keep-seal/delivery", "version": 1. Unknown keys survive; a newer
// version is refused and left as it is.
#pragma once

#include "base/writer.h"
#include "delivery/delivery.h"

#include <filesystem>

namespace keepseal {

inline constexpr int kDeliveryVersion = 1;
inline constexpr const char* kDeliveryFormat = "keep-seal/delivery";

nlohmann::json toJson(const Delivery& delivery);
/// `subject` names the source in problems. Throws Problem(BadFile | BadSetting) with key, value and range.
Delivery deliveryFromJson(const nlohmann::json& json, const std::string& subject);

/// Throws Problem(NotFound | CannotRead | BadFile | BadSetting).
Delivery loadDelivery(const std::filesystem::path& path);
/// Whole or not at all: written beside, then renamed. Throws Problem(CannotWrite).
void saveDelivery(const Delivery& delivery, const std::filesystem::path& path,
                  const Untouchable& untouchable = {});

/// JSON Schema (draft 2020-12) of a delivery, made from the table of stations.
nlohmann::json deliverySchema();
/// The same table as a page of Markdown, in the language spoken: for docs/, and for help in the window.
std::string settingsReference();

} // namespace keepseal
