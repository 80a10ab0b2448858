// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The promise itself: with one fault planted in a job, whatever it is, plan and run come to the same end for
// every copy, and no copy is delivered without what its delivery promises. Every kind of note has a fault.
#include "planted_faults.h"

#include "base/note.h"
#include "plan/forecast.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <set>

using namespace keepseal;
using namespace keepseal::test;

namespace {

/// What the run comes to when the plan says this.
Outcome afterwards(Outcome ahead) {
    return ahead == Outcome::Waiting ? Outcome::Made : ahead;
}

const std::atomic<bool> kGoOn{false};

/// Plans and runs, and holds one against the other.
void expectOneVoice(const Planting& planted, const Fault& fault) {
    const auto plan = planted.plan();
    const auto ahead = forecast(plan, {}, {}, kGoOn);
    const auto result = runAll(plan);
    for (std::size_t i = 0; i < plan.copies.size(); ++i) {
        const auto& row = result.ledger.rows[i];
        // A file that turns out too large is the one thing that no plan can know.
        const bool unknowable = fault.inPixels && severityOf({fault.kind, {}, {}}) == Severity::HoldsBack;
        EXPECT_EQ(row.outcome, unknowable ? Outcome::HeldBack : afterwards(ahead.copies[i].outcome))
            << keyOf(row.outcome);
        for (const auto& note : ahead.copies[i].notes)
            EXPECT_TRUE(holdsKind(row.notes, note.kind)) << sentenceOf(note);
        EXPECT_EQ(row.outcome == Outcome::HeldBack,
                  !row.heldBackBy().empty() && row.outcome != Outcome::LeftOut);
        if (row.outcome == Outcome::HeldBack) {
            EXPECT_TRUE(row.copyFingerprint.empty());
            EXPECT_FALSE(fs::exists(row.copy));
            EXPECT_TRUE(stationOf(row.heldBackBy()[0])) << "what is held back is mended somewhere";
        }
    }
    const auto& last = result.ledger.rows.back();
    EXPECT_TRUE(holdsKind(last.notes, fault.kind));
    EXPECT_TRUE(fault.inPixels || holdsKind(ahead.copies.back().notes, fault.kind));
    EXPECT_TRUE(severityOf({fault.kind, {}, {}}) != Severity::HoldsBack || last.outcome == Outcome::HeldBack);
}

} // namespace

TEST(KeptPromises, WithAnyOneFaultPlanAndRunComeToTheSameEnd) {
    for (const auto& fault : allFaults()) {
        SCOPED_TRACE(rowOf(fault.kind).key);
        Planting planted;
        fault.plant(planted);
        expectOneVoice(planted, fault);
    }
}

TEST(KeptPromises, StrictHoldsBackWhatIsWorthALookAndPlanAndRunAgreeAgain) {
    for (const auto& fault : allFaults()) {
        SCOPED_TRACE(rowOf(fault.kind).key);
        if (fault.inPixels || severityOf({fault.kind, {}, {}}) != Severity::WorthALook)
            continue;
        Planting planted;
        fault.plant(planted);
        planted.delivery.place.strict = true;
        const auto plan = planted.plan();
        const auto ahead = forecast(plan, {}, {}, kGoOn);
        const auto result = runAll(plan);
        EXPECT_EQ(ahead.copies.back().outcome, Outcome::HeldBack);
        EXPECT_EQ(result.ledger.rows.back().outcome, Outcome::HeldBack);
        EXPECT_EQ(result.exitCode(), 1);
        EXPECT_FALSE(fs::exists(planted.folder / "out/tide_01.png"));
    }
}

TEST(KeptPromises, WhatIsAcceptedIsDeliveredAndTheLedgerSaysSo) {
    for (const auto& fault : allFaults()) {
        SCOPED_TRACE(rowOf(fault.kind).key);
        if (severityOf({fault.kind, {}, {}}) != Severity::HoldsBack)
            continue;
        Planting planted;
        fault.plant(planted);
        const auto before = runAll(planted.plan());
        for (const auto& note : before.ledger.rows.back().heldBackBy())
            planted.exception.accepted.push_back({note.kind, note.subject});
        const auto after = runAll(planted.plan());
        const auto& row = after.ledger.rows.back();
        if (!rowOf(fault.kind).acceptable) { // some things nobody can accept
            EXPECT_EQ(row.outcome, Outcome::HeldBack);
            continue;
        }
        EXPECT_EQ(row.outcome, Outcome::Made);
        EXPECT_EQ(row.accepted, acceptedIn(0, planted.exception));
        EXPECT_TRUE(holdsKind(row.notes, fault.kind)); // it is still said
        // The mark in the copy tells what is really on it.
        const bool noSeal = fault.kind == NoteKind::SealNothing || fault.kind == NoteKind::SealOffPicture ||
                            fault.kind == NoteKind::SealLogo || fault.kind == NoteKind::SealLogoNotChosen;
        EXPECT_FALSE(noSeal && row.sealOnCopy);
        EXPECT_THAT(readText(row.copy), ::testing::HasSubstr(row.sealOnCopy ? "keepseal:Seal=\"True\""
                                                                            : "keepseal:Seal=\"False\""));
    }
}

TEST(KeptPromises, EveryKindOfNoteHasAFaultThatPlantsIt) {
    std::set<NoteKind> planted;
    for (const auto& fault : allFaults())
        planted.insert(fault.kind);
    // What no fault of a person's can plant: read-back of finished files (see CheckCopy and Mapping), things
    // that happen while a run goes on (see Resume and Places), and what old ledgers hold.
    for (const auto kind : {NoteKind::CopyHoldsMore, NoteKind::CopyLacksWords, NoteKind::CopyTellsPlace,
                            NoteKind::CopyNotSearched, NoteKind::CopyNotAsPlanned,
                            NoteKind::NameTakenMeanwhile, NoteKind::LayThere, NoteKind::OldSentence})
        planted.insert(kind);
    for (std::size_t i = 0; i < kNoteKinds; ++i) {
        const auto& row = rowOf(static_cast<NoteKind>(i));
        const bool ofGathering = std::string(row.key).starts_with("met-"); // those have a test of their own
        EXPECT_TRUE(ofGathering || planted.contains(row.kind)) << row.key;
    }
}

TEST(KeptPromises, OnePictureWithFaultsOfManyKindsHoldsBackNoOther) {
    Planting planted;
    for (int i = 2; i < 6; ++i) {
        planted.files.push_back(planted.folder / ("in/tide_0" + std::to_string(i) + ".jpg"));
        makePicture(planted.files.back(), 120, 80);
    }
    planted.files[0] = planted.folder / "in/seventeen.png"; // too wide for one of its formats
    makePicture(planted.files[0], 17000, 12);
    planted.delivery.file.choose("jpeg", false);
    planted.delivery.file.choose("webp");
    writeFile(planted.files[2], "\xFF\xD8\xFF and no more");
    const auto plan = planted.plan();
    const auto ahead = forecast(plan, {}, {}, kGoOn);
    EXPECT_EQ(ahead.heldBack, 1U);
    EXPECT_EQ(ahead.failing, 1U);
    EXPECT_EQ(ahead.toMake(), 3U);
    const auto result = runAll(plan);
    EXPECT_EQ(result.ledger.count(Outcome::HeldBack), 1U);
    EXPECT_EQ(result.ledger.count(Outcome::Failed), 1U);
    EXPECT_EQ(result.ledger.count(Outcome::Made), 3U);
    for (const auto& row : result.ledger.rows) // held back or not, the originals are as they were
        EXPECT_TRUE(row.fingerprintBefore.empty() || row.originalUntouched());
}
