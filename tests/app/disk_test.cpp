// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A slow disk never holds the window: its thread asks the file system for nothing of the person's.
#include "disk_watch.h"
#include "event_watch.h"
#include "window_fixture.h"

#include "border/border_chooser.h"
#include "delivery/stations.h"
#include "seal_bench/seal_chooser.h"

#include <QDialog>
#include <QMenu>
#include <QTimer>
#include <QToolButton>

#include <gmock/gmock.h>

namespace keepseal::app {

using ::testing::IsEmpty;

class SlowDisk : public Window {
protected:
    SlowDisk() : m_watch(folder.path(), std::chrono::milliseconds(20)) {}
    void SetUp() override {
        {
            const DiskWatch::Aside own;
            Window::SetUp();
        }
        m_watch.takeAsked();
    }
    bool quiet() {
        return waitUntil(
            [&] {
                return !window.session().busy() && !window.filesBusy() && !window.runs().planning().busy() &&
                       window.runs().planning().current() && !window.runs().forecasting().busy() &&
                       !window.runs().running().busy() && window.views().wall().proofs().settled();
            },
            kWait);
    }
    /// `act()`, and what comes of it.
    void expectNone(const std::string& what, const std::function<void()>& act) {
        act();
        QApplication::processEvents();
        EXPECT_TRUE(quiet()) << what;
        EXPECT_THAT(m_watch.takeAsked(), IsEmpty()) << what;
    }
    /// A dialog that blocks: `within(dialog)` is called once it is there, then it is closed.
    template <class Dialog>
    void inDialog(const std::function<void()>& open, const std::function<void(Dialog&)>& within) {
        QTimer::singleShot(0, &window, [this, within] { meet<Dialog>(within); });
        open();
    }

private:
    template <class Dialog>
    void meet(const std::function<void(Dialog&)>& within) {
        auto* dialog = window.findChild<Dialog*>();
        if (!dialog || !dialog->isVisible()) {
            QTimer::singleShot(20, &window, [this, within] { meet<Dialog>(within); });
            return;
        }
        within(*dialog);
        dialog->reject();
    }

protected:
    DiskWatch m_watch;
};

TEST_F(SlowDisk, TheWindowsThreadAsksItForNothing) {
    if (!DiskWatch::works())
        GTEST_SKIP() << "calls can't be seen in this build";
    expectNone("beginning", [&] { window.session().begin(JobSession::Given::Nothing); });
    expectNone("opening a folder", [&] {
        window.open({pictures});
        waitUntil([&] { return window.library().known() == 4; }, kWait);
    });
    expectNone("a place", [&] { window.document().setSetting("place.folder", copies.string()); });
    for (const auto& station : stations())
        expectNone("the station " + std::string(station.key), [&] { chooseStation(station.id); });
    for (int view = 0; view < kViews; ++view)
        expectNone("view " + std::to_string(view), [&] { window.setView(static_cast<ViewKind>(view)); });
    window.setView(ViewKind::Wall);
    for (auto* button : window.findChildren<QToolButton*>())
        if (auto* menu = button->menu())
            expectNone("the menu of " + button->text().toStdString(), [&] {
                emit menu->aboutToShow();
                emit menu->aboutToHide();
            });
    expectNone("a colour profile", [&] {
        window.document().setSetting("file.colour", std::string("profile"));
        window.document().setSetting("file.profile", (folder / "none.icc").string());
    });
    expectNone("no colour profile",
               [&] { window.document().setSetting("file.colour", std::string("srgb")); });
    expectNone("the bench", [&] { window.openBench(); });
    expectNone("a logo on the bench", [&] {
        auto seal = window.document().currentDelivery().seal;
        seal.parts.push_back({});
        seal.parts.back().kind = PartKind::Logo;
        seal.parts.back().logo.file = (pictures / "tide_0.jpg").string();
        window.document().setSeal(seal, "logo");
        window.bench().choose({window.document().currentDelivery().seal.parts.back().id});
    });
    expectNone("back from the bench", [&] { window.closeBench(); });
    expectNone("seals of the library", [&] {
        inDialog<SealChooser>([&] { window.designDesk().chooseSeal(); }, [](SealChooser&) {});
    });
    expectNone("borders of the library", [&] {
        inDialog<BorderChooser>([&] { window.designDesk().compareBorders(); }, [](BorderChooser&) {});
    });
    expectNone("keeping a seal", [&] { window.designDesk().keepSeal(); });
    expectNone("keeping a delivery", [&] { window.deliveryDesk().keepDelivery(); });
    expectNone("who you are", [&] {
        auto who = window.document().who();
        who.studio = "Studio of the tide";
        window.takeWho(who, false);
    });
    window.setView(ViewKind::Wall);
    expectNone("a run", [&] { window.runs().stamp(); });
    EXPECT_EQ(window.runs().last()->ledger.count(Outcome::Made), 4U);
    for (int view = 0; view < kViews; ++view)
        expectNone("after the run, view " + std::to_string(view),
                   [&] { window.setView(static_cast<ViewKind>(view)); });
    expectNone("looking at what another program did", [&] {
        QEvent activated(QEvent::WindowActivate);
        QApplication::sendEvent(&window, &activated);
    });
    EXPECT_GT(m_watch.askedElsewhere(), 100U);
}

} // namespace keepseal::app
