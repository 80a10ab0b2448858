// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/files.h"
#include "base/problem.h"
#include "delivery/json.h"
#include "delivery/stations.h"
#include "support/support.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <regex>
#include <set>
#include <sstream>

using namespace keepseal;
using namespace keepseal::test;

TEST(DeliveryJson, EverySettingComesBack) {
    auto delivery = sampleDelivery("/copies");
    for (const auto& station : stations())
        for (const auto& setting : station.settings) {
            // Any allowed value other than the default.
            if (setting.kind == SettingKind::Number)
                setting.set(delivery, setting.range.max);
            else if (setting.kind == SettingKind::Switch)
                setting.set(delivery, false);
            else if (setting.kind == SettingKind::Choice)
                setting.set(delivery, setting.choices.front().key);
            else if (setting.kind == SettingKind::Colour)
                setting.set(delivery, std::string("#12ab9f"));
            else if (setting.accepts)
                setting.set(delivery, std::string(setting.accepts("3:1")   ? "3:1"
                                                  : setting.accepts("2-4") ? "2-4"
                                                                           : "a@b.org"));
            else
                setting.set(delivery, std::string("text with \" and é"));
        }
    delivery.privacy.locationWords = kLocationWords; // without them it would not be read
    auto back = deliveryFromJson(nlohmann::json::parse(toJson(delivery).dump()), "test");
    for (const auto& station : stations())
        for (const auto& setting : station.settings)
            EXPECT_EQ(setting.get(back), setting.get(delivery)) << station.key << "." << setting.key;
}

TEST(DeliveryJson, UnknownKeysSurvive) {
    auto json = toJson(Delivery{});
    json["later"] = {{"a", 1}};
    json["stations"]["seal"]["sparkle"] = "yes";
    json["stations"]["border"]["rings"][0]["later"] = 1;
    json["stations"]["frame"] = {{"depth", 10}};
    const auto written = toJson(deliveryFromJson(json, "test"));
    EXPECT_EQ(written["later"]["a"], 1);
    EXPECT_EQ(written["stations"]["seal"]["sparkle"], "yes");
    EXPECT_EQ(written["stations"]["border"]["rings"][0]["later"], 1);
    EXPECT_EQ(written["stations"]["frame"]["depth"], 10);
}

TEST(DeliveryJson, AWrongValueNamesFileKeyValueAndWhatIsAllowed) {
    const TempFolder folder;
    auto json = toJson(Delivery{});
    json["stations"]["seal"]["place"] = "upside-down";
    writeFile(folder / "d.json", json.dump());
    try {
        loadDelivery(folder / "d.json");
        FAIL();
    } catch (const Problem& problem) {
        const auto text = problem.sentence();
        for (const char* part : {"d.json", "seal.place", "upside-down", "bottom-right"})
            EXPECT_NE(text.find(part), std::string::npos) << part << " in " << text;
    }
}

TEST(DeliveryJson, OtherFilesAndNewerVersionsAreRefused) {
    auto json = toJson(Delivery{});
    json["version"] = kDeliveryVersion + 1;
    EXPECT_THROW(deliveryFromJson(json, "x"), Problem);
    for (const char* text :
         {"[]", "{}", "3", R"({"format":"keep-seal/delivery"})",
          R"({"format":"keep-seal/delivery","version":"1"})",
          R"({"format":"keep-seal/delivery","version":1,"stations":[]})",
          R"({"format":"keep-seal/delivery","version":1,"stations":{"fit":3}})",
          R"({"format":"keep-seal/delivery","version":1,"stations":{"fit":{"long_side":null}}})",
          R"({"format":"keep-seal/delivery","version":1,"name":{}})"})
        EXPECT_THROW(deliveryFromJson(nlohmann::json::parse(text), "x"), Problem) << text;
}

TEST(Stations, DefaultsAreAllowedAndKeysAreUnique) {
    std::set<std::string> paths;
    for (const auto& station : stations()) {
        EXPECT_FALSE(station.summary(Delivery{}).empty());
        for (const auto& setting : station.settings) {
            const auto path = station.key + "." + setting.key;
            EXPECT_TRUE(paths.insert(path).second) << path;
            EXPECT_NO_THROW(validate(setting, path, setting.get(Delivery{})));
            EXPECT_FALSE(setting.help.empty()) << path;
        }
    }
}

TEST(Stations, AssignReadsACommandLine) {
    Delivery delivery;
    assign(delivery, "seal.text=a=b");
    EXPECT_EQ(delivery.seal.text(), "a=b");
    EXPECT_THROW(assign(delivery, "seal.sise=3"), Problem);
    EXPECT_THROW(assign(delivery, "seal.size"), Problem);
}

TEST(Docs, ReferenceSchemaAndExampleAreTheProgramsOwn) {
    const fs::path docs = fs::path(KEEPSEAL_SOURCE) / "docs";
    EXPECT_EQ(readText(docs / "settings.md"), settingsReference());
    std::istringstream rows(settingsReference());
    for (std::string row; std::getline(rows, row);)
        if (row.starts_with("| `")) { // {title|untitled} ends no cell
            const auto escaped = std::regex_replace(row, std::regex("\\\\\\|"), "");
            EXPECT_EQ(std::count(escaped.begin(), escaped.end(), '|'), 5) << row;
        }
    EXPECT_EQ(readJsonFile(docs / "formats/delivery.schema.json"), deliverySchema());
    EXPECT_EQ(readJsonFile(docs / "formats/border.schema.json"), borderSchema());
    EXPECT_NO_THROW(borderFromDocument(readJsonFile(docs / "formats/border.example.json"), "example"));
    EXPECT_EQ(readJsonFile(docs / "formats/rights-sheet.schema.json"), sheetFileSchema());
    EXPECT_NO_THROW(sheetFromDocument(readJsonFile(docs / "formats/rights-sheet.example.json"), "example"));
    EXPECT_NE(readText(docs / "metadata.md").find(fieldsReference()), std::string::npos);
    EXPECT_NO_THROW(loadDelivery(docs / "formats/delivery.example.json"));
}
