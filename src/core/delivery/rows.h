// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The tables of the stations whose settings are plain values, and their one-line summaries. Internal to
// delivery/.
#pragma once

#include "delivery/delivery.h"

namespace keepseal {

const std::vector<Setting<TurnSettings>>& turnSettings();
const std::vector<Setting<FitSettings>>& fitSettings();
const std::vector<Setting<FinishSettings>>& finishSettings();
const std::vector<Setting<FileSettings>>& fileSettings();

/// The nine places, as seals name them.
inline const std::vector<SettingChoice>& placeChoices() {
    return rowOf(sealSettings(), "place")->choices;
}

/// "turned 90°", "straightened 1.5°".
std::string turnedWords(int quarterTurns);
std::string straightenedWords(double angle);
std::string turnSummary(const Delivery& delivery);
std::string fitSummary(const Delivery& delivery);
std::string finishSummary(const Delivery& delivery);
std::string borderSummary(const Delivery& delivery);
std::string fileSummary(const Delivery& delivery);

} // namespace keepseal
