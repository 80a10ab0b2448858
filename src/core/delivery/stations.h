// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The stations of a delivery as a table: what the window shows as a chain, what JSON, schema, command line
// and reference are made from.
#pragma once

#include "base/station_id.h"
#include "delivery/delivery.h"

namespace keepseal {

struct Station {
    StationId id;
    std::string key;   ///< as saved
    std::string label; ///< as shown
    std::string help;  ///< one sentence
    std::vector<Setting<Delivery>> settings;
    std::function<std::string(const Delivery&)> summary; ///< the plain one-liner of the chain

    /// Its part of two deliveries is the same.
    std::function<bool(const Delivery&, const Delivery&)> same;
    /// Its part as saved, into what may hold keys of another version.
    std::function<void(nlohmann::json& saved, const Delivery&)> write;
    /// `saved` is an object. Throws Problem(BadSetting | BadFile) naming the station.
    std::function<void(const nlohmann::json& saved, Delivery&)> read;
    std::function<nlohmann::json()> schema; ///< of what `write` makes, without a description
    std::function<std::string()> reference; ///< what the page of settings adds to the rows; may be empty
    /// The setting "on", or nullptr for a station that always works.
    const Setting<Delivery>* onSwitch() const;
};

/// In the one order of the chain.
const std::vector<Station>& stations();
const Station& station(StationId id);
/// "seal.size"; throws Problem(BadSetting) that lists what there is.
const Setting<Delivery>& settingAt(const std::string& path, const Station** owner = nullptr);
/// `assignment` is "station.setting=value", as typed on a command line.
void assign(Delivery& delivery, const std::string& assignment);

} // namespace keepseal
