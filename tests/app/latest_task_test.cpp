// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "tasks/latest_task.h"

#include "shell/tour.h"

#include <QCoreApplication>
#include <gtest/gtest.h>

#include <latch>

namespace keepseal::app {
namespace {

constexpr int kPatience = 60000;

struct Told {
    std::vector<int> results;
    std::vector<std::string> problems;
    LatestTask<int> task{[this](TaskOutcome<int> outcome) {
        if (outcome.result)
            results.push_back(*outcome.result);
        if (outcome.problem)
            problems.push_back(outcome.problem->happened);
    }};
    bool settle() {
        return waitUntil([this] { return !task.busy(); }, kPatience);
    }
};

} // namespace

TEST(LatestTask, OfManyWishesTheLastIsToldAndOnlyThat) {
    Told told;
    std::latch first{1};
    told.task.start([&](const std::atomic<bool>& stop) {
        first.count_down();
        while (!stop) // it is asked to give up as soon as it is overtaken
            std::this_thread::yield();
        return 1;
    });
    first.wait();
    for (int i = 2; i < 50; ++i)
        told.task.start([i](const auto&) { return i; });
    ASSERT_TRUE(told.settle());
    EXPECT_EQ(told.results, std::vector{49});
}

TEST(LatestTask, AFaultIsAnOutcome) {
    Told told;
    told.task.start([](const auto&) -> int { throw Problem(ProblemKind::BadFile, "a", "it is broken"); });
    ASSERT_TRUE(told.settle());
    told.task.start([](const auto&) -> int { throw std::runtime_error("lost"); });
    ASSERT_TRUE(told.settle());
    told.task.start([](const auto&) -> int { throw 7; });
    ASSERT_TRUE(told.settle());
    EXPECT_EQ(told.problems,
              (std::vector<std::string>{"it is broken", "lost", "something went wrong that has no name"}));
    EXPECT_TRUE(told.results.empty());
}

TEST(LatestTask, NothingIsToldAfterItIsGivenUpOrGone) {
    Told told;
    told.task.start([](const auto&) { return 1; });
    told.task.cancel();
    ASSERT_TRUE(told.settle());
    EXPECT_TRUE(told.results.empty());
    int calls = 0;
    std::atomic<bool> ended{false};
    std::latch running{1};
    {
        LatestTask<int> task([&](const auto&) { ++calls; });
        task.start([&](const std::atomic<bool>& stop) {
            running.count_down();
            while (!stop)
                std::this_thread::yield();
            ended = true;
            return 1;
        });
        running.wait();
    }
    EXPECT_TRUE(ended) << "it outlived its receiver";
    QCoreApplication::processEvents();
    EXPECT_EQ(calls, 0);
}

TEST(LatestTask, ItsReceiverMayEndItWhenItIsTold) {
    std::unique_ptr<LatestTask<int>> task;
    bool told = false;
    task = std::make_unique<LatestTask<int>>([&](const auto&) {
        told = true;
        task.reset();
    });
    task->start([](const auto&) { return 1; });
    ASSERT_TRUE(waitUntil([&] { return told; }, kPatience));
    EXPECT_FALSE(task);
}

} // namespace keepseal::app
