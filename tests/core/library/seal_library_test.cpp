// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/problem.h"
#include "delivery/who.h"
#include "library/archive.h"
#include "library/arrival.h"
#include "library/seal_library.h"
#include "seal/design_json.h"
#include "seal/prepared.h"
#include "support/seals.h"
#include "text/typefaces.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <set>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

constexpr const char* kLogo = "<svg xmlns='http://www.w3.org/2000/svg' width='10' height='10'>"
                              "<rect width='10' height='10' fill='#fff'/></svg>";

SavedSeal kite(const fs::path& logo = {}) {
    SavedSeal seal;
    seal.design = boxSeal();
    seal.design.name = "Kite mark";
    seal.notes = "for the marsh pictures";
    seal.tags = {"web", "small"};
    if (!logo.empty()) {
        SealPart part = newPart(seal.design, PartKind::Logo);
        part.logo.file = logo.string();
        seal.design.parts.push_back(part);
    }
    return seal;
}

std::size_t ownSeals(const SealLibrary& library) {
    std::size_t count = 0;
    for (const auto& seal : library.all())
        count += !seal.shipped;
    return count;
}

ProblemKind importProblem(const SealLibrary& library, const fs::path& zip) {
    try {
        takeIn(library, sharedSeal(library, zip));
    } catch (const Problem& problem) {
        EXPECT_FALSE(problem.happened.empty());
        return problem.kind;
    }
    ADD_FAILURE() << "taken";
    return ProblemKind::Internal;
}

Bytes ownBytes(const std::string& text) {
    return {text.begin(), text.end()};
}

} // namespace

TEST(SealLibrary, KeepsFindsRenamesRemovesAndBringsBack) {
    const TempFolder folder;
    const SealLibrary library(folder.path());
    auto saved = library.save(kite());
    EXPECT_EQ(saved.key, "kite-mark");
    EXPECT_EQ(library.find("kite MARK")->notes, "for the marsh pictures");
    EXPECT_TRUE(library.find("kite-mark")->matches("marsh web"));
    EXPECT_FALSE(library.find("kite-mark")->matches("marsh lantern"));
    EXPECT_EQ(library.save(kite()).key, "kite-mark-2"); // another one of that name
    saved.design.name = "Other";
    EXPECT_EQ(library.save(saved).key, "kite-mark");
    library.remove("kite-mark");
    EXPECT_EQ(ownSeals(library), 1U);
    library.restore("kite-mark");
    EXPECT_EQ(library.find("kite-mark")->design.name, "Other");
    EXPECT_THROW(library.remove("../seals/kite-mark"), Problem);
}

TEST(SealLibrary, WhatIsReplacedUnderItsOwnKeyIsSetAside) {
    const TempFolder folder;
    const SealLibrary library(folder.path());
    auto saved = library.save(kite());
    saved.notes = "changed";
    library.save(saved);
    EXPECT_EQ(library.find("kite-mark")->notes, "changed");
    EXPECT_EQ(loadSealFile(folder / "removed/kite-mark.json").notes, "for the marsh pictures");
    EXPECT_THROW(library.remove("kite-mark-9"), Problem);
}

TEST(SealLibrary, LogosAreKeptWithTheSealAndSurviveTheirOriginals) {
    const TempFolder folder;
    writeFile(folder / "mine/logo.svg", kLogo);
    const SealLibrary library(folder / "library");
    library.save(kite(folder / "mine/logo.svg"));
    fs::remove(folder / "mine/logo.svg");
    fs::rename(folder / "library", folder / "moved");
    const auto found = SealLibrary(folder / "moved").find("kite-mark");
    ASSERT_TRUE(found);
    EXPECT_TRUE(prepareSeal(found->design)->notes.empty());
    EXPECT_EQ(prepareSeal(found->design)->parts.size(), 2U);
}

TEST(SealLibrary, EveryShippedSealIsWholeAndDraws) {
    std::vector<Problem> problems;
    const TempFolder folder;
    std::size_t shipped = 0;
    for (const auto& seal : SealLibrary(folder.path()).all(&problems)) {
        ++shipped;
        EXPECT_FALSE(seal.notes.empty()) << seal.key;
        Frame frame = plainFrame(900, 600, {110, 120, 130});
        const auto prepared = prepareSeal(
            withWho(seal.design, withStandIns({})),
            {{"name", "a"}, {"title", "b"}, {"year", "2026"}, {"notice", "c"}, {"this_year", "2026"}});
        const auto result = drawSeal(*prepared, frame);
        EXPECT_EQ(countOf(result.notes, Severity::HoldsBack), 0U) << seal.key;
        EXPECT_FALSE(result.madeSmaller) << seal.key;
        EXPECT_NE(frame.rgb, plainFrame(900, 600, {110, 120, 130}).rgb) << seal.key;
    }
    EXPECT_GE(shipped, 8U);
    EXPECT_TRUE(problems.empty());
}

TEST(SealLibrary, ABrokenFileIsToldAndTheOthersStay) {
    const TempFolder folder;
    const SealLibrary library(folder.path());
    library.save(kite());
    writeFile(folder / "seals/broken.json", "{");
    std::vector<Problem> problems;
    EXPECT_FALSE(library.all(&problems).empty());
    ASSERT_EQ(problems.size(), 1U);
    EXPECT_THAT(problems[0].subject, HasSubstr("broken.json"));
    EXPECT_EQ(ownSeals(library), 1U);
}

TEST(SealSharing, AZipCarriesTheSealWithItsLogoToAnotherMachine) {
    const TempFolder folder;
    writeFile(folder / "logo.svg", kLogo);
    const SealLibrary here(folder / "here"), there(folder / "there");
    exportSeal(here.save(kite(folder / "logo.svg")), folder / "kite.zip");
    EXPECT_THROW(exportSeal(kite(), folder / "kite.zip"), Problem); // never replaces
    fs::remove_all(folder / "here");
    const auto seal = *takeIn(there, sharedSeal(there, folder / "kite.zip")).seal;
    EXPECT_EQ(seal.design.name, "Kite mark");
    EXPECT_EQ(seal.tags, (std::vector<std::string>{"web", "small"}));
    EXPECT_EQ(prepareSeal(there.find("kite-mark")->design)->parts.size(), 2U);
}

namespace {

/// A typeface that nobody has: one of ours under another name of the same length.
Bytes typefaceCalled(const std::string& family) {
    auto bytes = readText(fs::path(KEEPSEAL_SOURCE) / "assets/fonts/Comfortaa-Bold.ttf");
    const auto wide = [](const std::string& text) {
        std::string out;
        for (const char c : text)
            out += std::string{'\0', c};
        return out;
    };
    for (const auto& [from, to] :
         {std::pair{std::string("Comfortaa"), family}, {wide("Comfortaa"), wide(family)}})
        for (auto at = bytes.find(from); at != std::string::npos; at = bytes.find(from, at + 1))
            bytes.replace(at, from.size(), to);
    return ownBytes(bytes);
}

} // namespace

TEST(SealSharing, AnAddedTypefaceTravelsAlongAndReplacesNone) {
    const TempFolder folder;
    const SealLibrary here(folder / "here"), there(folder / "there");
    writeFile(folder / "tern.ttf", readText(fs::path(KEEPSEAL_SOURCE) / "assets/fonts/Comfortaa-Bold.ttf"));
    auto seal = kite();
    seal.design.setText("kite");
    seal.design.parts.back().text.family = here.addTypeface(folder / "tern.ttf");
    exportSeal(seal, folder / "kite.zip");
    auto files = readZip(folder / "kite.zip", 1 << 24, 50);
    ASSERT_EQ(std::erase_if(files, [](const auto& file) { return file.first.starts_with("fonts/"); }), 1U);
    files["fonts/tern.ttf"] = files["fonts/tern-bold.ttf"] = typefaceCalled("Ternwings");
    files["fonts/tern-bold.ttf"].push_back(1); // another cut of the same family
    writeZip(folder / "tern.zip", files);
    const auto arrival = sharedSeal(there, folder / "tern.zip");
    EXPECT_EQ(arrival.typefaces, (std::vector<std::string>{"tern-bold.ttf", "tern.ttf"}));
    EXPECT_FALSE(hasTypeface("Ternwings")); // looking takes nothing in
    EXPECT_FALSE(fs::exists(folder / "there/fonts"));
    EXPECT_TRUE(takeIn(there, arrival).typefacesLeft.empty());
    EXPECT_TRUE(hasTypeface("Ternwings"));
    const auto fontsNow = [&] {
        return std::distance(fs::directory_iterator(folder / "there/fonts"), fs::directory_iterator());
    };
    ASSERT_EQ(fontsNow(), 2);
    files["fonts/tern.ttf"].push_back(0); // another one of that family
    writeZip(folder / "other.zip", files);
    EXPECT_EQ(takeIn(there, sharedSeal(there, folder / "other.zip")).typefacesLeft,
              std::vector<std::string>{"Ternwings"});
    EXPECT_EQ(fontsNow(), 2);
    writeFile(folder / "no.ttf", "no typeface");
    EXPECT_THROW(here.addTypeface(folder / "no.ttf"), Problem);
}

TEST(SealSharing, TwoOfOneNameBecomeTwoAndNothingIsReplaced) {
    const TempFolder folder;
    writeFile(folder / "logo.svg", kLogo);
    const SealLibrary library(folder / "library");
    const auto mine = library.save(kite(folder / "logo.svg"));
    exportSeal(mine, folder / "kite.zip");
    const auto arrival = sharedSeal(library, folder / "kite.zip");
    ASSERT_EQ(arrival.designs.size(), 1U);
    EXPECT_EQ(arrival.designs[0].name, "Kite mark");
    EXPECT_EQ(arrival.designs[0].becomes, "Kite mark 2");
    EXPECT_EQ(arrival.logos.size(), 1U);
    EXPECT_EQ(ownSeals(library), 1U); // looked at, nothing kept
    const auto before = readText(folder / "library/seals/kite-mark.json");
    takeIn(library, arrival);
    EXPECT_EQ(ownSeals(library), 2U);
    EXPECT_EQ(readText(folder / "library/seals/kite-mark.json"), before);
    EXPECT_TRUE(library.find("Kite mark 2"));
}

TEST(SealSharing, WhatWasSetAsideIsNeverOverwritten) {
    const TempFolder folder;
    const SealLibrary library(folder / "library");
    for (int i = 0; i < 30; ++i) {
        auto seal = kite();
        seal.key = i == 0 ? "" : "kite-mark";
        seal.notes = "version " + std::to_string(i);
        library.save(seal);
    }
    std::set<std::string> notes;
    for (const auto& entry : fs::directory_iterator(folder / "library/removed"))
        notes.insert(loadSealFile(entry.path()).notes);
    EXPECT_EQ(notes.size(), 29U);
    library.remove("kite-mark");
    library.restore("kite-mark"); // the last one of it
    EXPECT_EQ(library.find("kite-mark")->notes, "version 29");
}

TEST(SealSharing, HostileZipsAreRefusedAndLeaveNothing) {
    const TempFolder folder;
    const SealLibrary library(folder / "library");
    auto design = toDocument(boxSeal());
    design["name"] = "x";
    const auto good = ownBytes(design.dump());
    auto pointing = design;
    pointing["parts"].push_back({{"kind", "logo"}, {"id", "l"}, {"file", "/etc/passwd"}});
    const std::vector<std::tuple<std::string, ZipFiles, ProblemKind>> cases = {
        {"up", {{"seal.json", good}, {"../../evil", ownBytes("x")}}, ProblemKind::Refused},
        {"absolute", {{"seal.json", good}, {"/tmp/evil", ownBytes("x")}}, ProblemKind::Refused},
        {"empty", {{"other.txt", ownBytes("x")}}, ProblemKind::BadFile},
        {"outside", {{"seal.json", ownBytes(pointing.dump())}}, ProblemKind::Refused},
        {"json", {{"seal.json", ownBytes("{")}}, ProblemKind::BadFile},
        {"large", {{"seal.json", good}, {"bomb", Bytes(70U << 20)}}, ProblemKind::TooLarge},
    };
    for (const auto& [name, files, kind] : cases) {
        writeZip(folder / (name + ".zip"), files);
        EXPECT_EQ(importProblem(library, folder / (name + ".zip")), kind) << name;
    }
    writeFile(folder / "words.zip", "no zip at all");
    EXPECT_EQ(importProblem(library, folder / "words.zip"), ProblemKind::BadFile);
    EXPECT_EQ(importProblem(library, folder / "nothing.zip"), ProblemKind::NotFound);
    auto scripted = toDocument(kite().design);
    scripted["parts"].push_back({{"kind", "logo"}, {"id", "l"}, {"file", "logos/l.svg"}});
    writeZip(folder / "script.zip",
             {{"seal.json", ownBytes(scripted.dump())}, {"logos/l.svg", ownBytes("<svg><script/></svg>")}});
    EXPECT_EQ(importProblem(library, folder / "script.zip"), ProblemKind::Refused);
    EXPECT_EQ(ownSeals(library), 0U);
    EXPECT_FALSE(fs::exists(folder / "evil"));
    EXPECT_TRUE(!fs::exists(folder / "library/logos") || fs::is_empty(folder / "library/logos"));
}
