// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What was changed on a delivery, for a person.
#pragma once

#include "delivery/delivery.h"

namespace keepseal {

/// "Fit: Long side 2048 px, was 1600 px"; designs with parts of their own as "Seal: changed". In the order of
/// the chain; empty when nothing is different.
std::vector<std::string> differences(const Delivery& was, const Delivery& is);

} // namespace keepseal
