// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/stations.h"

#include "base/problem.h"
#include "base/text.h"
#include "delivery/rows.h"

#include <optional>

namespace keepseal {
namespace {

std::string sealSummary(const Delivery& d) {
    if (!d.seal.drawsAnything())
        return "no seal";
    std::string text = d.seal.name;
    if (text.empty() && d.seal.firstText())
        text = "“" + trimmed(d.seal.firstText()->text.text) + "”";
    if (text.empty())
        text = counted(d.seal.parts.size(), "part", "parts");
    for (char& c : text)
        if (c == '\n')
            c = ' ';
    if (text.size() > 28)
        text = cutUtf8(text, 26) + "…" + (text.starts_with("“") ? "”" : "");
    return text + ", " + trimmedNumber(d.seal.size, 1) + " %";
}

std::vector<Station> makeStations() {
    return {
        {StationId::Which, "which", "Pictures", "Which pictures of the job this receiver gets.",
         lifted(whichSettings(), &Delivery::which), [](const Delivery& d) { return whichSummary(d.which); }},
        {StationId::Turn, "turn", "Turn, crop", "Which part of the picture, and which way up.",
         lifted(turnSettings(), &Delivery::turn), turnSummary},
        {StationId::Fit, "fit", "Fit", "The pixel size the receiver gets.",
         lifted(fitSettings(), &Delivery::fit), fitSummary},
        {StationId::Finish, "finish", "Finish", "Sharpness, tone and grain at the final size.",
         lifted(finishSettings(), &Delivery::finish), finishSummary},
        {StationId::Border, "border", "Border", "What is put around the picture, or along its edge.",
         lifted(borderSettings(), &Delivery::border), borderSummary},
        {StationId::Seal, "seal", "Seal", "The visible mark.", lifted(sealSettings(), &Delivery::seal),
         sealSummary},
        {StationId::Rights, "rights", "Rights",
         "What copies say of their maker: written to XMP, Exif and IIM in step.",
         lifted(rightsSettings(), &Delivery::rights),
         [](const Delivery& d) { return rightsSummary(d.rights); }},
        {StationId::Privacy, "privacy", "Privacy",
         "What of the original's own metadata a copy may carry on. All else does not exist in it, and every "
         "finished copy is opened again and searched before it gets its name.",
         lifted(privacySettings(), &Delivery::privacy),
         [](const Delivery& d) { return privacySummary(d.privacy); }},
        {StationId::File, "file", "File", "How the copy is saved.", lifted(fileSettings(), &Delivery::file),
         fileSummary},
        {StationId::Place, "place", "Place", "Where the copy goes and how it is called.",
         lifted(placeSettings(), &Delivery::place), [](const Delivery& d) { return placeSummary(d.place); }},
    };
}

} // namespace

const Setting<Delivery>* Station::onSwitch() const {
    return !settings.empty() && settings.front().key == "on" ? &settings.front() : nullptr;
}

const std::vector<Station>& stations() {
    static const auto table = makeStations();
    return table;
}

const Station& station(StationId id) {
    return stations().at(static_cast<std::size_t>(id));
}

const Setting<Delivery>& settingAt(const std::string& path, const Station** owner) {
    std::vector<std::string> all;
    for (const auto& s : stations())
        for (const auto& setting : s.settings) {
            all.push_back(s.key + "." + setting.key);
            if (all.back() == path) {
                if (owner)
                    *owner = &s;
                return setting;
            }
        }
    const auto near = nearestWord(path, all);
    throw Problem(ProblemKind::BadSetting, path, "there is no such setting",
                  near.empty() ? "'keep-seal-cli settings' lists all there are"
                               : "Did you mean " + near + "?");
}

namespace {

/// "border.ring2.width" -> the second ring from the picture and its setting; nothing for any other path.
/// Throws for a ring or setting that there is not.
std::optional<std::pair<std::size_t, const Setting<Ring>*>> ringSettingAt(const Delivery& delivery,
                                                                          const std::string& path) {
    constexpr std::string_view prefix = "border.ring";
    const auto dot = path.find('.', prefix.size());
    if (!path.starts_with(prefix) || dot == std::string::npos || dot == prefix.size() ||
        path.find_first_not_of("0123456789", prefix.size()) != dot || dot - prefix.size() > 2)
        return std::nullopt;
    const auto number = static_cast<std::size_t>(std::stoul(path.substr(prefix.size(), dot - prefix.size())));
    if (number < 1 || number > delivery.border.rings.size())
        throw Problem(ProblemKind::BadSetting, path, "there is no such ring",
                      "The border has " + counted(delivery.border.rings.size(), "ring", "rings") +
                          ", counted from the picture");
    const auto key = path.substr(dot + 1);
    const auto* setting = rowOf(ringSettings(), key);
    if (!setting) {
        std::vector<std::string> keys;
        for (const auto& row : ringSettings())
            keys.push_back(row.key);
        const auto near = nearestWord(key, keys);
        throw Problem(ProblemKind::BadSetting, path, "a ring has no such setting",
                      near.empty() ? "'keep-seal-cli settings --markdown' lists them"
                                   : "Did you mean " + near + "?");
    }
    return std::pair(number - 1, setting);
}

} // namespace

void assign(Delivery& delivery, const std::string& assignment) {
    const auto equals = assignment.find('=');
    if (equals == std::string::npos)
        throw Problem(ProblemKind::BadSetting, assignment, "this sets nothing",
                      "Write station.setting=value");
    const auto path = assignment.substr(0, equals), value = assignment.substr(equals + 1);
    if (const auto ring = ringSettingAt(delivery, path)) {
        ring->second->set(delivery.border.rings[ring->first], parseValue(*ring->second, path, value));
        return;
    }
    const auto& setting = settingAt(path);
    setting.set(delivery, parseValue(setting, path, value));
}

} // namespace keepseal
