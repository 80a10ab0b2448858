// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/who.h"
#include "library/seal_library.h"
#include "library/shelf.h"
#include "seal/prepared.h"
#include "support/support.h"
#include "text/tokens.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

WhoYouAre gull() {
    return {"Gull & Reed", "Ines Gull", "gull.example", "post@gull.example", "", ""};
}

} // namespace

TEST(Who, StandsWhereverADesignAsksForItAndNothingElseIsFilledIn) {
    Delivery delivery;
    delivery.seal.setText("© {year} {studio} · {studio_link|no link} {title|{studio_creator}}");
    delivery.border.caption.middle = "{studio}: {title}";
    delivery.rights.setAlways("credit_line", "{creator} / {studio}");
    delivery.place.subfolder = "{studio}";
    const auto made = withWho(delivery, gull());
    EXPECT_EQ(made.seal.text(), "© {year} Gull & Reed · gull.example {title|Ines Gull}");
    EXPECT_EQ(made.border.caption.middle, "Gull & Reed: {title}");
    EXPECT_EQ(made.rights.always("credit_line"), "{creator} / Gull & Reed");
    EXPECT_EQ(made.place.subfolder, "Gull & Reed");
    auto shy = gull();
    shy.link.clear();
    EXPECT_THAT(withWho(delivery, shy).seal.text(), ::testing::HasSubstr("no link"));
    shy.studio = "{title} {{x";
    EXPECT_EQ(withWho(delivery, shy).place.subfolder, "(title) ((x"); // words are no tokens
}

TEST(Who, WhatIsNotSaidYetStaysATokenAndIsTold) {
    Delivery delivery;
    delivery.seal.setText("© {studio}");
    delivery.seal.parts.push_back(newPart(delivery.seal, PartKind::Logo));
    delivery.seal.parts.back().logo.file = kMyEmblem;
    const auto prepared = prepareSeal(withWho(delivery, {}).seal);
    std::vector<std::string> asked;
    for (const auto& note : prepared->notes)
        if (note.kind == NoteKind::WhoUnset)
            asked.push_back(note.subject);
    EXPECT_THAT(asked, ::testing::UnorderedElementsAre("studio", kMyEmblem));
    for (const auto& subject : asked)
        EXPECT_NE(whoSettingOf(subject), nullptr) << subject; // the question knows its field
    EXPECT_EQ(whoSettingOf("title"), nullptr);
    auto who = gull();
    who.emblem = "shipped:tidemark-light.svg";
    EXPECT_TRUE(prepareSeal(withWho(delivery, who).seal)->notes.empty());
}

TEST(Who, EveryTokenForItHasASetting) {
    for (const auto& token : tokens())
        EXPECT_EQ(isWhoToken(token.key), whoSettingOf(token.key) != nullptr) << token.key;
}

TEST(Who, IsKeptAndReadAgain) {
    const TempFolder folder;
    saveWho(gull());
    EXPECT_EQ(loadWho(), gull());
    EXPECT_EQ(whoFromJson(toJson(gull()), "x"), gull());
}

TEST(Who, NothingThatComesWithTheProgramHoldsSomebodysNameOrLink) {
    const TempFolder folder;
    for (const char* kind : {"seals", "deliveries", "sheets", "borders"})
        for (const auto& entry : fs::directory_iterator(fs::path(KEEPSEAL_SOURCE) / "assets" / kind)) {
            auto text = readText(entry.path());
            for (const char* standard :
                 {"http://ns.useplus.org", "http://cv.iptc.org"}) // the standards' own values
                for (auto at = text.find(standard); at != std::string::npos; at = text.find(standard))
                    text.erase(at, std::string(standard).size());
            for (const char* words :
                 {"Marsh", "MARSH", "tidemark", "Oake", "Gull", ".example", "http://", "https://"})
                EXPECT_EQ(text.find(words), std::string::npos) << entry.path() << ": " << words;
        }
}
