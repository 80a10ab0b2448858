// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/stations.h"

#include "base/problem.h"
#include "base/text.h"
#include "delivery/rows.h"

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
    std::string all;
    for (const auto& s : stations())
        for (const auto& setting : s.settings) {
            const auto candidate = s.key + "." + setting.key;
            if (candidate == path) {
                if (owner)
                    *owner = &s;
                return setting;
            }
            all += (all.empty() ? "" : ", ") + candidate;
        }
    throw Problem(ProblemKind::BadSetting, path, "there is no such setting", "There are: " + all);
}

void assign(Delivery& delivery, const std::string& assignment) {
    const auto equals = assignment.find('=');
    if (equals == std::string::npos)
        throw Problem(ProblemKind::BadSetting, assignment, "this sets nothing",
                      "Write station.setting=value");
    const auto path = assignment.substr(0, equals);
    const auto& setting = settingAt(path);
    setting.set(delivery, parseValue(setting, path, assignment.substr(equals + 1)));
}

} // namespace keepseal
