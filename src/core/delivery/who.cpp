// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/who.h"

#include "base/files.h"
#include "base/problem.h"
#include "base/setting_json.h"
#include "text/tokens.h"

namespace keepseal {
namespace {

constexpr const char* kWhoFormat = "keep-seal/who-you-are";
constexpr int kWhoVersion = 1;

std::filesystem::path whoFile() {
    return configFolder() / "who-you-are.json";
}

/// What each token stands for.
TextFacts factsOf(const WhoYouAre& who) {
    return {{"studio", who.studio},
            {"studio_creator", who.creator},
            {"studio_link", who.link},
            {"studio_contact", who.contact}};
}

void fillValue(FieldValue& value, const TextFacts& facts) {
    for (auto& item : value.items)
        item = fillOnly(item, facts);
    for (auto& [language, text] : value.languages)
        text = fillOnly(text, facts);
}

} // namespace

const std::vector<Setting<WhoYouAre>>& whoSettings() {
    using W = WhoYouAre;
    static const std::vector<Setting<W>> table = {
        textSetting("studio", "Studio", &W::studio, false, "The name your pictures go out under: {studio}."),
        textSetting("creator", "Your name", &W::creator, false, "Who takes the pictures: {studio_creator}."),
        textSetting("link", "Link", &W::link, false, "Your web address, as it is read: {studio_link}."),
        textSetting("contact", "Contact", &W::contact, false,
                    "An e-mail address for questions about your pictures: {studio_contact}."),
        textSetting("emblem", "Emblem, light", &W::emblem, false,
                    "A logo for dark ground (SVG, PDF, PNG, TIFF, WebP or JPEG).", SettingKind::File),
        textSetting("emblem_dark", "Emblem, dark", &W::emblemDark, false,
                    "The same for light ground; empty: one serves both.", SettingKind::File),
    };
    return table;
}

const Setting<WhoYouAre>* whoSettingOf(const std::string& subject) {
    if (subject == kMyEmblem)
        return rowOf(whoSettings(), "emblem");
    if (!isWhoToken(subject))
        return nullptr;
    return rowOf(whoSettings(), subject == "studio" ? subject : subject.substr(7)); // behind "studio_"
}

SealDesign withWho(SealDesign design, const WhoYouAre& who) {
    const auto facts = factsOf(who);
    for (auto& part : design.parts) {
        part.text.text = fillOnly(part.text.text, facts);
        if (part.logo.file != kMyEmblem || (who.emblem.empty() && who.emblemDark.empty()))
            continue;
        part.logo.file = who.emblem.empty() ? who.emblemDark : who.emblem;
        part.logo.darkFile = who.emblemDark;
    }
    return design;
}

Delivery withWho(Delivery delivery, const WhoYouAre& who) {
    const auto facts = factsOf(who);
    delivery.seal = withWho(std::move(delivery.seal), who);
    for (auto* text :
         {&delivery.border.caption.left, &delivery.border.caption.middle, &delivery.border.caption.right,
          &delivery.place.name, &delivery.place.subfolder, &delivery.place.suffix, &delivery.sending.subject,
          &delivery.sending.words, &delivery.sending.albumTitle, &delivery.sending.albumAbout})
        *text = fillOnly(*text, facts);
    for (auto& rule : delivery.rights.rules)
        fillValue(rule.value, facts);
    return delivery;
}

WhoYouAre withStandIns(WhoYouAre who) {
    const auto standIn = [](std::string& text, const char* words) {
        if (text.empty())
            text = words;
    };
    standIn(who.studio, "Your studio");
    standIn(who.creator, "Your name");
    standIn(who.link, "your-link.example");
    standIn(who.contact, "you@your-link.example");
    if (who.emblem.empty() && who.emblemDark.empty()) {
        who.emblem = "shipped:stand-in-light.svg";
        who.emblemDark = "shipped:stand-in-dark.svg";
    }
    return who;
}

nlohmann::json toJson(const WhoYouAre& who) {
    nlohmann::json out = {{"format", kWhoFormat}, {"version", kWhoVersion}};
    writeRows(out, whoSettings(), who);
    return out;
}

WhoYouAre whoFromJson(const nlohmann::json& in, const std::string& subject) {
    requireFormat(in, subject, kWhoFormat, kWhoVersion, "description of who you are");
    WhoYouAre out;
    readRows(in, whoSettings(), out, "who.");
    return out;
}

WhoYouAre loadWho() {
    const auto file = whoFile();
    std::error_code error;
    if (!std::filesystem::exists(file, error))
        return {};
    return whoFromJson(readJsonFile(file), file.string());
}

void saveWho(const WhoYouAre& who) {
    writeTextFile(whoFile(), toJson(who).dump(2) + "\n");
}

} // namespace keepseal
