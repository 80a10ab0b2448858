// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A day's work in the window: it holds no more objects at the end of it than at its beginning, and a change
// of theme has no more to do.
#include "window_fixture.h"

#include "event_watch.h"

#include <QMenu>
#include <QToolButton>

#include <map>

namespace keepseal::app {
namespace {

std::map<std::string, int> objectsOf(const QObject& top) {
    std::map<std::string, int> out;
    for (const auto* object : top.findChildren<QObject*>())
        ++out[object->metaObject()->className()];
    for (const auto* widget : QApplication::allWidgets())
        ++out[std::string("widget ") + widget->metaObject()->className()];
    return out;
}

} // namespace

class LongUse : public Window {
protected:
    void oneRound() {
        for (const auto& s : stations()) {
            chooseStation(s.id);
            QApplication::processEvents();
        }
        for (int view = 0; view < kViews; ++view)
            window.setView(static_cast<ViewKind>(view));
        window.openBench();
        QApplication::processEvents();
        window.closeBench();
        for (auto* button : window.findChildren<QToolButton*>())
            if (auto* menu = button->menu()) {
                emit menu->aboutToShow();
                emit menu->aboutToHide();
            }
        document().duplicateCurrentDelivery();
        document().removeCurrentDelivery();
        window.setLook(ThemeKind::Light, Surround::Dark);
        window.setLook(ThemeKind::Dark, Surround::Dark);
        window.setView(ViewKind::Wall);
        QApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        QApplication::processEvents();
    }
    JobDocument& document() { return window.document(); }
    /// How many events a change of theme makes.
    int workOfATheme() {
        class Counter : public QObject {
        public:
            int events = 0;
            bool eventFilter(QObject*, QEvent* event) override {
                events += event->type() == QEvent::StyleChange || event->type() == QEvent::PaletteChange ||
                          event->type() == QEvent::Polish;
                return false;
            }
        } counter;
        qApp->installEventFilter(&counter);
        window.setLook(ThemeKind::Light, Surround::Dark);
        QApplication::processEvents();
        window.setLook(ThemeKind::Dark, Surround::Dark);
        QApplication::processEvents();
        qApp->removeEventFilter(&counter);
        return counter.events;
    }
};

TEST_F(LongUse, NothingIsMadeAgainAndAgainAndNeverFreed) {
    openAll();
    for (int i = 0; i < 2; ++i)
        oneRound();
    const auto before = objectsOf(window);
    const int work = workOfATheme();
    const char* rounds = std::getenv("KEEPSEAL_ROUNDS");
    for (int i = rounds ? std::atoi(rounds) : 5; i > 0; --i)
        oneRound();
    const auto after = objectsOf(window);
    for (const auto& [name, count] : after)
        EXPECT_LE(count, before.contains(name) ? before.at(name) : 0) << name;
    EXPECT_LE(workOfATheme(), work + work / 50); // layouts differ by a few events
}

} // namespace keepseal::app
