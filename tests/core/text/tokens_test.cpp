// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "privacy/report.h"
#include "render/picture_words.h"
#include "support/seals.h"
#include "text/tokens.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::Contains;
using ::testing::ElementsAre;
using ::testing::HasSubstr;

TEST(Tokens, AreFilledInFallBackOrAreTold) {
    const TextFacts facts = {{"name", "tide_01"}, {"title", ""}};
    EXPECT_EQ(fillTokens("© {name}!", facts).text, "© tide_01!");
    EXPECT_EQ(fillTokens("{title|untitled}", facts).text, "untitled");
    EXPECT_EQ(fillTokens("a{title|}b", facts).text, "ab");
    const auto missing = fillTokens("x {title} {nonsense}", facts);
    EXPECT_EQ(missing.text, "x  ");
    EXPECT_THAT(missing.missing, ElementsAre("title", "nonsense"));
    EXPECT_EQ(fillTokens("{{name} { open", facts).text, "{name} { open");
    EXPECT_FALSE(holdsTokens("no brace } here {"));
}

TEST(Tokens, SayWhatTheFileSaysAndNeverAPlace) {
    const TempFolder folder;
    Planted planted;
    planted.gps = planted.camera = true;
    planted.xmpCity = kSecretCity;
    planted.description = "Kites over water";
    makePicture(folder / "tide_07.jpg", 60, 40, planted);
    const Bytes bytes = readFile(folder / "tide_07.jpg");
    Delivery delivery;
    delivery.rights.setAlways("creator", "Wrenna Oake");
    const auto facts =
        pictureWords("/x/tide_07.jpg", metadataFrom(inspect(MemorySource(bytes))), {60, 40}, delivery).facts;
    EXPECT_EQ(facts.at("name"), "tide_07");
    EXPECT_EQ(facts.at("description"), "Kites over water");
    EXPECT_EQ(facts.at("creator"), "Wrenna Oake");
    EXPECT_FALSE(facts.at("camera").empty());
    for (const auto& token : tokens()) {
        if (isWhoToken(token.key))
            continue; // filled in before any picture is looked at
        EXPECT_TRUE(facts.contains(token.key)) << token.key;
        EXPECT_EQ(facts.at(token.key).find(kSecretCity), std::string::npos);
    }
}

TEST(Tokens, ASealSaysWhichWordsAPictureLacks) {
    SealDesign design;
    design.setText("{title} by {creator|us}");
    Frame frame = plainFrame(600, 400, {0, 0, 0});
    const auto result = drawSeal(*prepareSeal(design, {{"name", "x"}}), frame);
    EXPECT_THAT(said(result.notes), Contains(HasSubstr("{title} has no value")));
    EXPECT_FALSE(result.empty());
}

TEST(Tokens, AFallbackMayBeAnotherToken) {
    EXPECT_EQ(fillTokens("{title|{name|none}}", {{"name", "tide"}}).text, "tide");
    EXPECT_EQ(fillTokens("{title|{name|none}}", {}).text, "none");
    EXPECT_EQ(fillTokens("{title|{name}}", {}).missing, std::vector<std::string>{"name"});
    EXPECT_EQ(fillTokens("{title|{name}", {{"title", "x"}}).text,
              "{title|"); // never closed: as typed, as far as it is none
}
