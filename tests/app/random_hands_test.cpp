// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The window under random hands. KEEPSEAL_HANDS: how many steps; KEEPSEAL_HANDS_SEED: which ones. The steps
// of a seed that fails lie in random-hands-SEED.steps where the test was run.
#include "disk_watch.h"
#include "event_watch.h"
#include "hands.h"

#include "window_fixture.h"

#include "delivery/stations.h"
#include "job/job.h"
#include "library/bundle.h"

#include <filesystem>
#include <iostream>
#include <regex>

namespace keepseal::app {
namespace {

int wanted(const char* name, int usual) {
    const char* word = std::getenv(name);
    return word ? std::atoi(word) : usual;
}

/// What a person made: all that undo answers for.
std::string contentOf(const JobDocument& document) {
    auto job = document.job();
    job.current = 0;
    for (auto& item : job.deliveries)
        item.file.clear(), item.kept.reset();
    return toJson(job, {}).dump(1, ' ', false, nlohmann::json::error_handler_t::replace);
}

} // namespace

class RandomHands : public Window {
protected:
    void SetUp() override {
        Window::SetUp();
        writeFile(pictures / "broken.jpg", "no picture at all");
        fs::create_directories(bench);
        fs::copy(pictures / "tide_0.jpg", bench / "logo.jpg");
        fs::copy(pictures / "tide_1.jpg", bench / "more.jpg");
        writeFile(bench / "words.csv", "file,title\ntide_0.jpg,Tide\n");
        writeFile(bench / "wrong.json", "{}");
        exportDeliveries({window.document().currentDelivery()}, bench / "shared.zip", folder.path());
        before = fs::current_path();
        fs::current_path(bench); // what is typed as a relative path stays in here
    }
    void TearDown() override {
        fs::current_path(before);
        window.close();
    }
    fs::path bench = folder / "bench", before;
};

TEST_F(RandomHands, NothingFallsAndUndoGoesAllTheWayBack) {
    const auto seed = static_cast<unsigned>(wanted("KEEPSEAL_HANDS_SEED", 20261129));
    const auto log = before / ("random-hands-" + std::to_string(seed) + ".steps");
    SCOPED_TRACE("steps: " + log.string());
    ASSERT_TRUE(begun(window));
    openAll();
    useFolder(copies);
    window.document().undoStack()->clear();
    auto content = contentOf(window.document());
    QObject::connect(&window.session(), &JobSession::opened, &window,
                     [&] { content = contentOf(window.document()); });
    Hands hands(&window, bench, seed, log);
    EventWatch::self().takeLongest();
    DiskWatch disk(folder.path(), std::chrono::milliseconds(0));
    hands.make(wanted("KEEPSEAL_HANDS", 800));
    const auto longest = EventWatch::self().takeLongest();
    std::cout << "seed " << seed << ": the longest event took " << longest.ms << " ms of " << longest.what
              << std::endl;
    ASSERT_TRUE(waitUntil([&] { return !window.filesBusy() && !window.session().busy(); }, kWait));
    for (const auto& call : disk.takeAsked()) // Qt's own dialogs look at what they show
        if (!std::regex_search(
                call,
                std::regex("QFileDialog|QFileSystemModel|QFileInfoGatherer|QColorDialog|QtProject.conf")))
            ADD_FAILURE() << "asked of the disk on the window's thread: " << call.substr(0, 1500);
    window.runs().running().stop();
    ASSERT_TRUE(waitUntil([&] { return !window.runs().running().busy(); }, kWait));
    hands.leaveDialogs();
    while (window.document().undoStack()->canUndo())
        window.document().undoStack()->undo();
    EXPECT_EQ(contentOf(window.document()), content);
    while (window.document().undoStack()->canRedo())
        window.document().undoStack()->redo();
    for (int i = 0; i < 4; ++i) // and the originals
        EXPECT_TRUE(fs::exists(pictures / ("tide_" + std::to_string(i) + ".jpg")));
    if (!HasFailure())
        fs::remove(log);
}

namespace {

/// What a control may give at most, at least, and where nobody thought of it.
std::vector<SettingValue> extremesOf(const SettingInfo& info) {
    switch (info.kind) {
    case SettingKind::Switch:
        return {true, false};
    case SettingKind::Number:
        return {info.range.max, info.range.min};
    case SettingKind::Colour:
        return {std::string("#000000"), std::string("#ffffff")};
    case SettingKind::Choice: {
        std::vector<SettingValue> out;
        for (const auto& choice : info.choices)
            out.emplace_back(choice.key);
        return out;
    }
    default:
        return {std::string(), std::string(info.maxBytes, 'w'), std::string("{name} {nmae} <b>\n\t鳥"),
                std::string("/nowhere/at/all")};
    }
}

} // namespace

TEST_F(RandomHands, EverySettingOfEveryStationTakesItsExtremes) {
    ASSERT_TRUE(begun(window));
    openAll();
    useFolder(copies);
    auto& document = window.document();
    document.undoStack()->clear();
    const auto content = contentOf(document);
    std::size_t visited = 0;
    for (const auto& station : stations()) {
        chooseStation(station.id);
        if (const auto* on = station.onSwitch())
            document.setSetting(station.key + "." + on->key, true);
        // The single view encodes the file as well, which takes minutes for all of them.
        const bool everywhere = std::getenv("KEEPSEAL_HANDS") || station.id == StationId::File;
        for (const auto view : {ViewKind::Wall, ViewKind::One}) {
            if (view == ViewKind::One && !everywhere)
                continue;
            window.setView(view);
            window.encoded().want(view == ViewKind::One, false);
            for (const auto& setting : station.settings) {
                const auto path = station.key + "." + setting.key;
                SCOPED_TRACE(path);
                const auto was = setting.get(document.currentDelivery());
                for (const auto& value : extremesOf(setting)) {
                    document.setSetting(path, value);
                    QApplication::processEvents();
                    ++visited;
                }
                const auto& proofs = view == ViewKind::Wall ? window.views().wall().proofs()
                                                            : window.views().single().proofs();
                const auto follow = [&] { return window.views().cropping() || proofs.settled(); };
                if (everywhere) {
                    ASSERT_TRUE(waitUntil(follow, kWait));
                }
                document.setSetting(path, was);
            }
            ASSERT_TRUE(waitUntil(
                [&] {
                    return window.views().cropping() || window.views().wall().proofs().settled() ||
                           view == ViewKind::One;
                },
                kWait));
        }
    }
    EXPECT_GT(visited, 400U);
    ASSERT_TRUE(waitUntil([&] { return window.encoded().settled(); }, kWait));
    while (document.undoStack()->canUndo())
        document.undoStack()->undo();
    EXPECT_EQ(contentOf(document), content);
    window.setView(ViewKind::Wall);
    EXPECT_TRUE(proofsFollow());
}

} // namespace keepseal::app
