// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Who you are: what a person says once of themselves. Designs hold tokens ({studio}, {studio_link}, ...) and
// the logo "my emblem" for it, so that a design from a start set never puts a stranger's name on a picture.
// It is filled in when a snapshot of a delivery is taken: what renders and runs sees plain words.
#pragma once

#include "delivery/delivery.h"

namespace keepseal {

struct WhoYouAre {
    std::string studio, creator, link, contact; ///< UTF-8; empty: not said yet
    std::string emblem;                         ///< a logo file, for dark ground
    std::string emblemDark;                     ///< the dark one, for light ground; empty: the same
    bool operator==(const WhoYouAre&) const = default;
    bool empty() const { return *this == WhoYouAre{}; }
};

const std::vector<Setting<WhoYouAre>>& whoSettings();
/// The setting that a token or the emblem stands for; nullptr for any other.
const Setting<WhoYouAre>* whoSettingOf(const std::string& subject);

/// The same designs with all that is said filled in; what is not said yet stays a token, and is told when
/// the design is used.
Delivery withWho(Delivery delivery, const WhoYouAre& who);
SealDesign withWho(SealDesign design, const WhoYouAre& who);
/// For looking at designs before anything is said: "Your studio" and the like stand in.
WhoYouAre withStandIns(WhoYouAre who);

/// "format": "keep-seal/who-you-are", "version": 1.
nlohmann::json toJson(const WhoYouAre& who);
/// Throws Problem(BadFile | BadSetting).
WhoYouAre whoFromJson(const nlohmann::json& json, const std::string& subject);
/// The person's own, in the configuration folder; empty when there is none. Throws Problem(BadFile).
WhoYouAre loadWho();
/// Throws Problem(CannotWrite).
void saveWho(const WhoYouAre& who);

} // namespace keepseal
