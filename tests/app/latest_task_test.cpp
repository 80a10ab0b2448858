// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "tasks/latest_task.h"
#include "tasks/task_queue.h"

#include "tour/waiting.h"

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

TEST(LatestTask, WhatFollowsWaitsForWhatIsAtWorkAndOnlyTheNewestIsDone) {
    Told told;
    std::latch first{1}, goOn{1};
    told.task.follow([&](const auto&) {
        first.count_down();
        goOn.wait();
        return 1;
    });
    first.wait();
    for (int i = 2; i < 50; ++i)
        told.task.follow([i](const auto&) { return i; });
    goOn.count_down();
    ASSERT_TRUE(told.settle());
    EXPECT_EQ(told.results, (std::vector{1, 49})); // the hand saw the first while it moved on
}

TEST(LatestTask, StepsAreToldInOrderBeforeTheEndAndNotOfWorkThatWasOvertaken) {
    std::vector<int> told;
    LatestTask<int, int> task([&](const TaskOutcome<int>& outcome) { told.push_back(-*outcome.result); },
                              [&](const int& step) { told.push_back(step); });
    task.start([](const TaskRun<int>& run) {
        for (int i = 1; i < 4; ++i)
            run.tell(i);
        return 9;
    });
    ASSERT_TRUE(waitUntil([&] { return !task.busy(); }, kPatience));
    EXPECT_EQ(told, (std::vector{1, 2, 3, -9}));
    std::latch stepped{1};
    task.start([&](const TaskRun<int>& run) {
        run.tell(77);
        stepped.count_down();
        return 77;
    });
    stepped.wait();
    task.start([](const TaskRun<int>&) { return 5; });
    ASSERT_TRUE(waitUntil([&] { return !task.busy(); }, kPatience));
    EXPECT_EQ(told, (std::vector{1, 2, 3, -9, -5}));
}

TEST(LatestTask, StoppedWorkTellsHowFarItCameAndTheEndIsWaitedFor) {
    Told told;
    std::latch running{1};
    told.task.start([&](const std::atomic<bool>& stop) {
        running.count_down();
        while (!stop)
            std::this_thread::yield();
        return 3;
    });
    running.wait();
    told.task.stop();
    told.task.follow([](const auto&) { return 4; });
    told.task.finish(); // without an event loop
    EXPECT_EQ(told.results, (std::vector{3, 4}));
    QCoreApplication::processEvents();
    EXPECT_EQ(told.results, (std::vector{3, 4})); // and nothing is told twice
}

TEST(TaskQueue, TheMostWantedComeFirstAndFaultsAreOutcomes) {
    TaskQueue queue(1);
    TaskShare share(&queue);
    std::vector<int> told;
    std::string fault;
    std::latch first{1}, goOn{1};
    const auto add = [&](int urgency, int value) {
        share.start<int>(
            urgency, [value] { return value; },
            [&](const TaskOutcome<int>& outcome) { told.push_back(*outcome.result); });
    };
    share.start<int>(
        0,
        [&] {
            first.count_down();
            goOn.wait();
            return 0;
        },
        [&](const auto&) { told.push_back(0); });
    first.wait();
    add(1, 1);
    add(5, 5);
    add(3, 3);
    share.start<int>(
        -1, []() -> int { throw 7; },
        [&](const TaskOutcome<int>& outcome) { fault = outcome.problem->happened; });
    EXPECT_EQ(share.pending(), 5U);
    goOn.count_down();
    ASSERT_TRUE(waitUntil([&] { return share.pending() == 0; }, kPatience));
    EXPECT_EQ(told, (std::vector{0, 5, 3, 1}));
    EXPECT_EQ(fault, "something went wrong that has no name");
}

TEST(TaskQueue, NothingOfAShareOutlivesIt) {
    TaskQueue queue(2);
    std::atomic<int> at{0}, done{0};
    int told = 0;
    std::latch running{1};
    {
        TaskShare share(&queue);
        for (int i = 0; i < 30; ++i)
            share.start<int>(
                0,
                [&] {
                    if (at++ == 0)
                        running.count_down();
                    std::this_thread::yield();
                    return ++done;
                },
                [&](const auto&) { ++told; });
        running.wait();
    }
    const int then = done;
    QCoreApplication::processEvents();
    TaskShare other(&queue); // what waited of the first was dropped: this comes at once
    bool mine = false;
    other.start<int>(
        0, [] { return 1; }, [&](const auto&) { mine = true; });
    ASSERT_TRUE(waitUntil([&] { return mine; }, kPatience));
    EXPECT_EQ(done, then);
    EXPECT_EQ(told, 0);
}

} // namespace keepseal::app
