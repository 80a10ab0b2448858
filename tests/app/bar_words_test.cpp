// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The run bar's sentence and button, from what is known alone.
#include "stamping/bar_words.h"
#include "stamping/plan_seen.h"
#include "stamping/run_progress.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

namespace keepseal::app {

using ::testing::HasSubstr;

class TheBar : public ::testing::Test {
protected:
    TheBar() {
        cards.resize(2);
        cards[0].delivery.name = "Web";
        cards[1].delivery.name = "Print";
        for (auto& card : cards)
            card.delivery.place.folder = "/tide/copies";
        plan.deliveries = {cards[0].delivery};
        plan.originals = {"/tide/a.jpg", "/tide/b.jpg"};
        plan.exceptions.resize(2);
        for (std::size_t i = 0; i < 2; ++i) {
            PlannedCopy copy;
            copy.original = i;
            copy.target = "/tide/copies/" + std::to_string(i) + ".jpg";
            plan.copies.push_back(copy);
        }
        state.pictures = 2;
        state.cards = &cards;
        state.plan = &plan;
    }
    std::string sentence() { return barWords(state).sentence.value_or("").toStdString(); }
    std::string action() { return barWords(state).action.value_or("").toStdString(); }
    bool enabled() { return barWords(state).enabled; }

    std::vector<DeliveryItem> cards;
    Plan plan;
    BarState state;
};

TEST_F(TheBar, CountsWhatWillBeMade) {
    EXPECT_THAT(sentence(), HasSubstr("2 copies of 2 pictures to /tide/copies"));
    EXPECT_EQ(action(), "Stamp 2 copies");
    EXPECT_TRUE(enabled());
    plan.copies[0].outcome = Outcome::AlreadyThere;
    EXPECT_THAT(sentence(), HasSubstr("1 copy of 2 pictures"));
    EXPECT_EQ(action(), "Stamp 1 copy");
    plan.copies[1].outcome = Outcome::AlreadyThere;
    EXPECT_THAT(sentence(), HasSubstr("All 2 copies are already there"));
    EXPECT_FALSE(enabled());
}

TEST_F(TheBar, JudgesTheTickedDeliveriesAndAsksForTheirFolders) {
    cards[0].delivery.place.folder.clear();
    EXPECT_THAT(sentence(), HasSubstr("4 copies can be made as soon as there is a folder for “Web”"));
    EXPECT_EQ(action(), "Choose the folder…");
    cards[0].inNextRun = false;
    EXPECT_EQ(action(), "Stamp 2 copies");
    cards[1].inNextRun = false;
    EXPECT_THAT(sentence(), HasSubstr("No delivery is ticked"));
    EXPECT_EQ(barWords(state).tone, BarTone::Look);
    state.pictures = 0;
    EXPECT_EQ(sentence(), "No pictures yet.");
}

TEST_F(TheBar, ATakenNameOrAProblemStopsTheButton) {
    plan.copies[0].outcome = Outcome::Blocked;
    EXPECT_THAT(sentence(), HasSubstr("1 name is taken"));
    EXPECT_FALSE(enabled());
    const Problem problem(ProblemKind::BadSetting, "place.name", "there is no token {nmae}", "See the list");
    state.problem = &problem;
    EXPECT_THAT(sentence(), ::testing::StartsWith("Place: ")); // by its station, not by its key
    EXPECT_EQ(barWords(state).tone, BarTone::Bad);
}

TEST_F(TheBar, NothingPromisedIsPromisedWhereAllIsHeldBack) {
    Forecast ahead;
    ahead.copies.resize(2);
    for (auto& copy : ahead.copies)
        copy.outcome = Outcome::HeldBack;
    ahead.heldBack = 2;
    state.ahead = &ahead;
    EXPECT_THAT(sentence(), HasSubstr("No copy can be made as it stands"));
    EXPECT_FALSE(enabled());
}

TEST_F(TheBar, AfterARunItTellsWhatCameOfItAndOffersWhatIsLeft) {
    state.last = RunOutcome{.made = 3};
    EXPECT_EQ(action(), "Stamp 2 copies"); // of other pictures than those that were stamped
    state.last = RunOutcome{.made = 3, .failed = 2};
    EXPECT_EQ(action(), "Try 2 again");
    EXPECT_EQ(sentence(),
              "3 copies made and checked. 2 copies could not be made. The originals are byte for byte "
              "as they were.");
    EXPECT_EQ(barWords(state).tone, BarTone::Look);
    EXPECT_TRUE(barWords(state).openFolder);
    state.last = RunOutcome{.made = 1, .waiting = 1, .stopped = true};
    EXPECT_EQ(action(), "Go on: 1 left");
    EXPECT_THAT(sentence(), ::testing::StartsWith("Stopped. 1 copy was made, 1 not reached"));
    for (auto& copy : plan.copies)
        copy.outcome = Outcome::AlreadyThere;
    EXPECT_FALSE(enabled());
    state.last = RunOutcome{.made = 2};
    EXPECT_EQ(action(), "All stamped");
    EXPECT_EQ(barWords(state).tone, BarTone::Good);
    state.last->originalsKept = false;
    EXPECT_EQ(barWords(state).tone, BarTone::Look);
    state.last = RunOutcome{.failed = 1};
    EXPECT_EQ(action(), "Nothing more to make");
    EXPECT_FALSE(barWords(state).openFolder);
    state.plan = nullptr; // what is left is not known yet
    EXPECT_EQ(action(), "Planning…");
}

TEST_F(TheBar, WhileARunGoesOnTheButtonIsThereOnlyForWhatCanBePutInLine) {
    state.run = BarRun{.sentence = "Stamping…", .done = 1, .total = 2};
    auto words = barWords(state);
    EXPECT_EQ(words.sentence, "Stamping…");
    EXPECT_FALSE(words.strong);
    ASSERT_TRUE(words.run);
    EXPECT_EQ(words.run->total, 2U);
    state.run->more = true;
    words = barWords(state);
    EXPECT_TRUE(words.strong && words.enabled);
    EXPECT_EQ(words.action, "Stamp this as well, after it");
}

class HowFar : public TheBar {
protected:
    using Seconds = std::chrono::seconds;
    LedgerRow row(std::size_t delivery, const char* original) {
        LedgerRow out;
        out.deliveryIndex = delivery;
        out.original = original;
        return out;
    }
    std::string said(int second, std::size_t inLine = 0) {
        return progress.sentence(inLine, start + Seconds(second)).toStdString();
    }
    RunProgress progress;
    RunProgress::Time start;
};

TEST_F(HowFar, CountsByDeliveryAndJudgesTheTimeLeftByThePaceWithoutPauses) {
    plan.deliveries.push_back(cards[1].delivery);
    for (std::size_t i = 2; i < 12; ++i) {
        PlannedCopy copy;
        copy.original = i % 2;
        copy.delivery = 1;
        plan.copies.push_back(copy);
    }
    progress.begin(std::make_shared<const Plan>(plan), start);
    EXPECT_EQ(progress.total(), 12U);
    EXPECT_EQ(said(0), "Stamping…");
    progress.copyDone(1, 12, row(0, "/tide/a.jpg"));
    EXPECT_EQ(said(10), "Stamping: 1 of 12 · a.jpg · Web 1/2 · Print 0/10"); // one says little of the pace
    progress.copyDone(2, 12, row(0, "/tide/b.jpg"));
    progress.copyDone(3, 12, row(1, "/tide/b.jpg"));
    progress.setPaused(true, start + Seconds(30));
    EXPECT_THAT(said(1000), ::testing::StartsWith("Paused"));
    progress.setPaused(false, start + Seconds(5000));
    // 30 s for 3, so 90 s for the 9 others.
    EXPECT_THAT(said(5000, 2), ::testing::EndsWith("Print 1/10 · about 2 min left · 2 more in line"));
    progress.verifying(1, 2);
    EXPECT_EQ(said(5001), "Reading the originals again: 1 of 2");
}

TEST_F(HowFar, ARunThatNobodyHasSeenThePlanOfIsCountedAllTheSame) {
    progress.begin(nullptr, start);
    progress.copyDone(1, 3, row(0, "/tide/a.jpg"));
    EXPECT_EQ(said(1), "Stamping: 1 of 3 · a.jpg");
    EXPECT_EQ(progress.total(), 3U);
}

TEST_F(TheBar, CardsAndExamplesFollowThePlan) {
    const std::vector<DeliveryId> ids{7};
    plan.roots = {"/tide/copies"};
    auto seen = planSeen(plan, ids, 7, {});
    EXPECT_EQ(seen.copies, (std::map<DeliveryId, std::size_t>{{7, 2}}));
    EXPECT_EQ(seen.examples, (QStringList{"a.jpg → 0.jpg", "b.jpg → 1.jpg"}));
    plan.copies[0].outcome = Outcome::LeftOut;
    seen = planSeen(plan, ids, 8, {}); // another card is looked at
    EXPECT_EQ(seen.copies.at(7), 1U);
    EXPECT_TRUE(seen.examples.isEmpty());
}

} // namespace keepseal::app
