// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/stations.h"

#include "base/problem.h"
#include "base/setting_json.h"
#include "base/text.h"
#include "delivery/reference.h"
#include "delivery/rows.h"
#include "seal/design_json.h"

#include <optional>

namespace keepseal {
namespace {

std::string sealSummary(const Delivery& d) {
    if (!d.seal.drawsAnything())
        return said("no seal");
    std::string text = d.seal.name;
    if (text.empty() && d.seal.firstText())
        text = "“" + trimmed(d.seal.firstText()->text.text) + "”";
    if (text.empty())
        text = saidOf(d.seal.parts.size(), "{n} part", "{n} parts");
    for (char& c : text)
        if (c == '\n')
            c = ' ';
    if (text.size() > 28)
        text = cutUtf8(text, 26) + "…" + (text.starts_with("“") ? "”" : "");
    return saidTogether({text, shownNumber(d.seal.size, 1) + " %"});
}

/// A station whose part is plain values, each of which has its row.
template <class Part>
Station plainStation(StationId id, std::string label, std::string help, Part Delivery::*part,
                     const std::vector<Setting<Part>>& rows,
                     std::function<std::string(const Delivery&)> summary) {
    Station out;
    out.id = id, out.key = keyOf(id), out.label = said(label), out.help = said(help);
    out.settings = lifted(rows, part);
    out.summary = std::move(summary);
    out.same = [part](const Delivery& a, const Delivery& b) { return a.*part == b.*part; };
    out.write = [part, &rows](nlohmann::json& saved, const Delivery& delivery) {
        writeRows(saved, rows, delivery.*part);
    };
    out.read = [part, &rows, prefix = out.key + "."](const nlohmann::json& saved, Delivery& delivery) {
        readRows(saved, rows, delivery.*part, prefix);
    };
    out.schema = [&rows] { return nlohmann::json{{"type", "object"}, {"properties", schemaOfRows(rows)}}; };
    return out;
}

/// One whose part is a design with parts of its own: it has its own JSON, and the rows are short cuts into
/// it.
template <class Part>
Station designStation(StationId id, std::string label, std::string help, Part Delivery::*part,
                      const std::vector<Setting<Part>>& rows,
                      std::function<std::string(const Delivery&)> summary,
                      Part (*read)(const nlohmann::json&, const std::string&), nlohmann::json (*schema)(),
                      std::string (*reference)() = nullptr) {
    auto out = plainStation(id, std::move(label), std::move(help), part, rows, std::move(summary));
    out.write = [part](nlohmann::json& saved, const Delivery& delivery) {
        saved = toJson(delivery.*part); // it keeps what it does not know itself
    };
    out.read = [part, read, prefix = out.key + "."](const nlohmann::json& saved, Delivery& delivery) {
        delivery.*part = read(saved, prefix);
    };
    out.schema = schema;
    if (reference)
        out.reference = reference;
    return out;
}

std::string ringReference() {
    return "\n## " + said("A ring of the border") + "\n" + referenceTable(ringSettings(), "");
}

std::string partReference() {
    auto out =
        "\n" +
        said(
            "The first text's short cuts (`seal.text`, `seal.family`, `seal.weight`, `seal.colour`) are read "
            "where a file has no `parts`.") +
        "\n";
    for (const auto& [kind, heading] : {std::pair{PartKind::Text, toSay("A part of the seal: text")},
                                        {PartKind::Logo, toSay("A part of the seal: logo")},
                                        {PartKind::Shape, toSay("A part of the seal: shape")},
                                        {PartKind::Group, toSay("A part of the seal: group")}})
        out += "\n## " + said(heading) + "\n" + referenceTable(partSettings(kind), "");
    return out;
}

std::vector<Station> makeStations() {
    using D = Delivery;
    return {
        plainStation(StationId::Which, "Pictures", "Which pictures of the job this receiver gets.", &D::which,
                     whichSettings(), [](const D& d) { return whichSummary(d.which); }),
        plainStation(StationId::Turn, "Turn, crop", "Which part of the picture, and which way up.", &D::turn,
                     turnSettings(), turnSummary),
        plainStation(StationId::Fit, "Fit", "The pixel size the receiver gets.", &D::fit, fitSettings(),
                     fitSummary),
        plainStation(StationId::Finish, "Finish", "Sharpness, tone and grain at the final size.", &D::finish,
                     finishSettings(), finishSummary),
        designStation(StationId::Border, "Border", "What is put around the picture, or along its edge.",
                      &D::border, borderSettings(), borderSummary, borderFromJson, borderSchema,
                      ringReference),
        designStation(StationId::Seal, "Seal", "The visible mark.", &D::seal, sealSettings(), sealSummary,
                      sealFromJson, sealSchema, partReference),
        designStation(
            StationId::Rights, "Rights",
            "What copies say of their maker: written to XMP, Exif and IIM in step.", &D::rights,
            rightsSettings(), [](const D& d) { return rightsSummary(d.rights); }, sheetFromJson, sheetSchema),
        plainStation(
            StationId::Privacy, "Privacy",
            "What of the original's own metadata a copy may carry on. All else does not exist in it, "
            "and every finished copy is opened again and searched before it gets its name.",
            &D::privacy, privacySettings(), [](const D& d) { return privacySummary(d.privacy); }),
        plainStation(StationId::File, "File", "How the copy is saved.", &D::file, fileSettings(),
                     fileSummary),
        plainStation(StationId::Place, "Place", "Where the copy goes and how it is called.", &D::place,
                     placeSettings(), [](const D& d) { return placeSummary(d.place); }),
        plainStation(StationId::Sending, "Sending", "Where finished copies are put as well, by the outbox.",
                     &D::sending, sendingSettings(), [](const D& d) { return sendingSummary(d.sending); }),
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
                  near.empty() ? Saying("'keep-seal-cli settings' lists all there are")
                               : Saying("Did you mean {near}?", {{"near", near}}));
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
                      {"The border's rings are {count}, counted from the picture",
                       {{"count", std::to_string(delivery.border.rings.size())}}});
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
