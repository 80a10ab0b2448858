// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// No planted secret survives any writing path: an independent reader and a plain search of the bytes find
// each one in the originals and none in the copies.
#include "metadata/metadata.h"
#include "privacy/verdict.h"
#include "run/run.h"
#include "support/hiding_spots.h"
#include "support/leak_corpus.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

/// Everything exiftool can say of each file, unknown and embedded things too, and the bytes themselves. One
/// call for all: starting it takes longer than its work.
std::map<fs::path, std::string> everything(const std::vector<fs::path>& files) {
    std::vector<std::string> words = {"exiftool", "-a", "-u", "-U", "-ee", "-G1", "-n", "-s"};
    for (const auto& file : files)
        words.push_back(file.string());
    const auto told = runProgram(words).out;
    const std::string mark = "======== ";
    std::map<fs::path, std::string> out;
    for (auto at = told.find(mark); at != std::string::npos;) {
        const auto end = told.find(mark, at + 1), line = told.find('\n', at);
        out[told.substr(at + mark.size(), line - at - mark.size())] = told.substr(line, end - line);
        at = end;
    }
    EXPECT_EQ(out.size(), files.size());
    for (const auto& file : files) {
        const auto beside = sidecarOf(file);
        out[file] += "\n" + readText(file) + (beside.empty() ? "" : readText(beside));
    }
    return out;
}

/// Each way a copy can come to be.
std::vector<Delivery> everyWritingPath(const fs::path& out) {
    auto web = sampleDelivery(out / "web");
    web.fit.longSide = 120;
    auto full = sampleDelivery(out / "full");
    full.fit.on = false;
    for (const char* format : {"png", "tiff", "webp", "avif", "jxl", "pdf"})
        full.file.choose(format);
    auto deep = sampleDelivery(out / "deep");
    deep.fit.on = deep.seal.on = false;
    deep.file.choose("jpeg", false);
    deep.file.choose("png"), deep.file.choose("tiff"), deep.file.choose("jxl");
    deep.file.depth = BitDepth::Sixteen;
    deep.file.colour = ColourOut::Original;
    auto kept = sampleDelivery(out / "kept"); // as much as may stay
    kept.privacy.camera = kept.privacy.serial = kept.privacy.history = Stay::Keep;
    kept.privacy.newPreview = true;
    kept.rights.on = false;
    std::vector<Delivery> all = {web, full, deep, kept};
    for (std::size_t i = 0; i < all.size(); ++i)
        all[i].name = "path " + std::to_string(i);
    return all;
}

} // namespace

TEST(Leaks, NoPlantedSecretSurvivesAnyWritingPath) {
    const TempFolder folder;
    const LeakCorpus corpus(folder / "in");
    ASSERT_GE(corpus.leaks().size(), 35U);
    std::vector<fs::path> originals;
    for (const auto& leak : corpus.leaks())
        originals.push_back(leak.file);
    const auto before = everything(originals);
    for (const auto& leak : corpus.leaks())
        for (const auto& secret : leak.secrets)
            ASSERT_NE(before.at(leak.file).find(secret), std::string::npos)
                << secret << " was not planted in " << leak.file;
    const std::atomic<bool> stop{false};
    const auto result =
        runPlan(makePlan(originals, everyWritingPath(folder / "out"), "/"), {}, stop, [](const RunEvent&) {});
    std::vector<fs::path> copies;
    for (const auto& row : result.ledger.rows) {
        ASSERT_EQ(row.outcome, Outcome::Made)
            << row.original << " " << row.delivery << ": " << (row.problem ? row.problem->sentence() : "");
        EXPECT_TRUE(row.noPlaceInCopy && row.originalUntouched());
        EXPECT_NE(tellsOf(readTold(row.copy).report), Tells::Place) << row.copy; // the same verdict
        copies.push_back(row.copy);
    }
    for (const auto& [copy, told] : everything(copies))
        for (const auto& leak : corpus.leaks())
            for (const auto& secret : leak.secrets)
                EXPECT_EQ(told.find(secret), std::string::npos)
                    << secret << " of " << leak.file << " is in " << copy;
}

namespace {

/// As open as a delivery can be short of the place itself; `cut`: coordinates are cut out of the words that
/// stay.
Delivery mostOpen(const fs::path& out, bool cut) {
    auto open = sampleDelivery(out);
    open.name = cut ? "cut" : "uncut";
    open.seal.on = open.rights.on = open.fit.on = false;
    auto& rules = open.privacy;
    rules.camera = rules.serial = rules.history = rules.dateTaken = rules.description = rules.contact =
        Stay::Keep;
    rules.keepRating = rules.newPreview = true;
    rules.cutCoordinates = cut;
    for (const char* format : {"png", "tiff", "webp", "avif", "jxl", "pdf"})
        open.file.choose(format);
    return open;
}

} // namespace

TEST(Leaks, CoordinatesAreGoneFromEveryHidingSpotAndLedgerAndSearchAgree) {
    const TempFolder folder;
    const HidingSpots spots(folder / "in");
    ASSERT_GE(spots.all().size(), 150U);
    std::vector<fs::path> originals;
    for (const auto& spot : spots.all())
        originals.push_back(spot.file);
    std::map<fs::path, const HidingSpot*> of;
    for (const auto& spot : spots.all()) {
        of[spot.file] = &spot;
        EXPECT_TRUE(readTold(spot.file).report.tellsPlace())
            << spot.name << " is not found by our own search";
    }
    auto uncut = mostOpen(folder / "uncut", false);
    for (const char* other : {"png", "tiff", "webp", "avif", "jxl", "pdf"})
        uncut.file.choose(other, false);
    const std::atomic<bool> stop{false};
    const auto result = runPlan(makePlan(originals, {mostOpen(folder / "cut", true), uncut}, "/"), {}, stop,
                                [](const RunEvent&) {});
    std::vector<fs::path> cut;
    std::size_t told = 0;
    for (const auto& row : result.ledger.rows) {
        const auto& spot = *of.at(row.original);
        ASSERT_EQ(row.outcome, Outcome::Made)
            << spot.name << ": " << ::testing::PrintToString(said(row.heldBackBy()));
        EXPECT_EQ(row.noPlaceInCopy, tellsOf(readTold(row.copy).report) != Tells::Place) << spot.name;
        if (row.delivery == "cut") {
            EXPECT_TRUE(row.noPlaceInCopy) << spot.name;
            EXPECT_FALSE(holdsText(readText(row.copy), spot.secret)) << spot.name << ": " << row.copy;
            if (row.copy.extension() == ".png") // what is compressed there another reader unpacks
                cut.push_back(row.copy);
        } else if (!row.noPlaceInCopy) {
            ++told;
            EXPECT_TRUE(holdsKind(row.notes, NoteKind::CoordinatesInWords)) << spot.name;
        }
    }
    EXPECT_GT(told, 40U); // what was not cut is in the copies, and it is said
    for (const auto& [copy, all] : everything(cut))
        for (const auto& spot : spots.all())
            EXPECT_FALSE(holdsText(all, spot.secret)) << spot.name << ": " << copy;
}

TEST(Leaks, APersonsOwnWordsThatNameThePlaceAreSaidAndTheLedgerDoesNotSayNoPlace) {
    const TempFolder folder;
    Planted planted;
    planted.xmpCity = kSecretCity;
    planted.description = std::string("Kites at ") + kSecretCity;
    makePicture(folder / "in/a.jpg", 80, 60, planted);
    auto delivery = sampleDelivery(folder / "out");
    delivery.rights.setAlways("contact_city", kSecretCity); // the studio's own address is none
    const std::atomic<bool> stop{false};
    const auto result =
        runPlan(makePlan({folder / "in/a.jpg"}, {delivery}, "/"), {}, stop, [](const RunEvent&) {});
    const auto& row = result.ledger.rows.at(0);
    ASSERT_EQ(row.outcome, Outcome::Made);
    EXPECT_FALSE(row.noPlaceInCopy);
    EXPECT_TRUE(holdsKind(row.notes, NoteKind::PlaceInWords));
    EXPECT_EQ(cli({"check", row.copy}).exitCode, 0); // alone it can't be known
    const auto named = cli({"check", "--original", folder / "in/a.jpg", row.copy});
    EXPECT_EQ(named.exitCode, 1);
    EXPECT_THAT(named.out, ::testing::HasSubstr(std::string("TELLS A PLACE: Kites at ") + kSecretCity));
    const auto report = readTold(row.copy).report;
    EXPECT_EQ(tellsOf(report, {kSecretCity}), Tells::Place);
    EXPECT_NE(tellsOf(report, {"Marshwater"}), Tells::Place);
    for (const auto& told : placesTold(report, {kSecretCity}))
        EXPECT_NE(report.findings[told.finding].category, Category::Contact);
}

TEST(Leaks, OurOwnSearchFindsThePlaceInEveryOriginalThatTellsOne) {
    const TempFolder folder;
    const LeakCorpus corpus(folder / "in");
    // A loose word in a comment, a trailer or an unknown tag is no place by itself: it is listed, not judged.
    const std::set<std::string> wordsOnly = {"unknownExifTag", "comment",           "trailer",
                                             "text",           "internationalText", "beside"};
    for (const auto& leak : corpus.leaks()) {
        const auto report = readTold(leak.file).report;
        if (wordsOnly.count(leak.file.stem().string())) {
            EXPECT_TRUE(tellsOf(report) != Tells::Nothing || leak.file.stem() == "beside") << leak.file;
            continue;
        }
        EXPECT_TRUE(report.tellsPlace()) << leak.file;
    }
}

TEST(Leaks, OpenedInWordsThePlaceIsToldAndNothingElse) {
    const TempFolder folder;
    Planted planted;
    planted.gps = planted.camera = true;
    planted.xmpCity = planted.iimCity = kSecretCity;
    makePicture(folder / "in/a.jpg", 80, 60, planted);
    auto delivery = sampleDelivery(folder / "out");
    delivery.privacy.location = Stay::Keep;
    EXPECT_THROW(makePlan({folder / "in/a.jpg"}, {delivery}, "/"), Problem); // a switch alone is not enough
    delivery.privacy.locationWords = kLocationWords;
    for (const char* format : {"png", "tiff", "webp", "avif", "jxl"})
        delivery.file.choose(format);
    const std::atomic<bool> stop{false};
    const auto result =
        runPlan(makePlan({folder / "in/a.jpg"}, {delivery}, "/"), {}, stop, [](const RunEvent&) {});
    ASSERT_EQ(result.ledger.count(Outcome::Made), 6U);
    for (const auto& row : result.ledger.rows) {
        EXPECT_TRUE(row.placeOpened);
        EXPECT_FALSE(row.noPlaceInCopy);
        EXPECT_EQ(exiftool(row.copy, "XMP-photoshop:City"), kSecretCity) << row.copy;
        EXPECT_EQ(exiftool(row.copy, "GPSLatitude"), "54.25") << row.copy;
        EXPECT_EQ(exiftool(row.copy, "SerialNumber"), "") << row.copy;
    }
}

TEST(Leaks, ANewPreviewShowsTheCopyAndNotTheOriginal) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 400, 300);
    auto delivery = sampleDelivery(folder / "out");
    delivery.privacy.newPreview = true;
    const std::atomic<bool> stop{false};
    const auto result =
        runPlan(makePlan({folder / "in/a.jpg"}, {delivery}, "/"), {}, stop, [](const RunEvent&) {});
    ASSERT_EQ(result.ledger.count(Outcome::Made), 1U);
    const auto report = inspect(MemorySource(readFile(folder / "out/a.jpg")));
    ASSERT_EQ(report.previews.size(), 1U);
    const auto bytes = readFile(folder / "out/a.jpg");
    const Bytes preview(
        bytes.begin() + static_cast<std::ptrdiff_t>(report.previews[0].offset),
        bytes.begin() + static_cast<std::ptrdiff_t>(report.previews[0].offset + report.previews[0].length));
    const auto facts = readFacts(MemorySource(preview), "preview");
    EXPECT_EQ(facts.stored, (Size{160, 120}));
    for (const auto& finding : inspect(MemorySource(preview)).findings)
        EXPECT_EQ(finding.category, Category::Technical);
}
