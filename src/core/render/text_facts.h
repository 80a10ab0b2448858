// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the tokens in a seal's text say for one picture. Nothing here tells a place.
#pragma once

#include "delivery/delivery.h"
#include "privacy/report.h"
#include "text/tokens.h"

namespace keepseal {

TextFacts textFacts(const std::filesystem::path& original, const FileReport& report,
                    const Delivery& delivery);

} // namespace keepseal
