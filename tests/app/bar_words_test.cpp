// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The run bar's sentence and button, from what is known alone.
#include "shell/bar_words.h"

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

TEST_F(TheBar, AfterARunTheButtonOffersWhatIsLeft) {
    RunResult result;
    state.result = &result;
    EXPECT_EQ(action(), "Try 2 again");
    EXPECT_FALSE(barWords(state).sentence); // the run's own stays
    result.stopped = true;
    result.ledger.rows.resize(1);
    EXPECT_EQ(action(), "Go on: 1 left");
    for (auto& copy : plan.copies)
        copy.outcome = Outcome::AlreadyThere;
    EXPECT_FALSE(enabled());
}

} // namespace keepseal::app
