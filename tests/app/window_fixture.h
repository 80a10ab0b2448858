// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A window with four made-up pictures, and the few movements that all of its tests make.
#pragma once

#include "shell/main_window.h"
#include "support/support.h"
#include "tour/waiting.h"

#include <QAction>
#include <QtTest/QTest>
#include <gtest/gtest.h>

namespace keepseal::app {

using namespace keepseal::test;

inline constexpr int kWait = 60000;

class Window : public ::testing::Test {
protected:
    void SetUp() override {
        for (int i = 0; i < 4; ++i) {
            Planted planted;
            planted.gps = i == 1;
            makePicture(pictures / ("tide_" + std::to_string(i) + ".jpg"), i == 2 ? 300 : 600,
                        i == 2 ? 700 : 400, planted);
        }
        window.document().startWithWho(loadWho());
        window.resize(1280, 800);
        window.show();
    }

    void openAll() {
        window.open({pictures});
        const auto known = [&] {
            return window.document().originals().size() >= 4 &&
                   window.library().known() == window.document().originals().size();
        };
        ASSERT_TRUE(waitUntil(known, kWait));
        waitUntil([] { return false; }, 100); // the wall takes the true shapes a moment after they are known
        ASSERT_TRUE(proofsFollow());
    }

    OriginalId id(std::size_t index) { return window.document().originals().at(index).id; }

    QImage sealed(std::size_t index = 0) {
        const auto* proof = window.views().wall().proofs().proof(id(index));
        return proof ? proof->sealed : QImage();
    }

    bool proofsFollow() {
        return waitUntil([&] { return window.views().wall().proofs().settled(); }, kWait);
    }

    void chooseStation(StationId station) {
        QTest::mouseClick(window.chain().button(station), Qt::LeftButton);
    }

    template <class Control>
    Control* control(const std::string& path) {
        return dynamic_cast<Control*>(window.drawer().control(path));
    }

    void useFolder(const fs::path& path) {
        window.document().setSetting("place.folder", path.string());
        ASSERT_TRUE(waitUntil(
            [&] { return window.runs().planning().current() && !window.runs().planning().busy(); }, kWait));
    }

    static bool begun(MainWindow& window, JobSession::Given given = JobSession::Given::Nothing) {
        window.session().begin(given);
        return waitUntil([&] { return window.session().hasBegun() && !window.session().busy(); }, kWait);
    }
    static bool ended(MainWindow& window) {
        window.close();
        return waitUntil([&] { return !window.session().busy() && !window.filesBusy(); }, kWait);
    }

    QAction* shortcut(const QKeySequence& keys) {
        for (auto* action : window.actions() + window.views().wall().parentWidget()->actions())
            if (action->shortcuts().contains(keys))
                return action;
        return nullptr;
    }

    TempFolder folder;
    const bool cacheMoved = qputenv("XDG_CACHE_HOME", (folder / "cache").c_str());
    fs::path pictures = folder / "pictures", copies = folder / "copies";
    MainWindow window;
};

} // namespace keepseal::app
