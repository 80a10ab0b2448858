// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Keys belong to the view that has the focus; no two of one view clash, and none is the desktop's.
#include "window_fixture.h"

#include "widgets/controls.h"

#include <QAbstractSpinBox>
#include <QClipboard>
#include <QComboBox>
#include <QLineEdit>
#include <QMenu>
#include <QPlainTextEdit>
#include <QSlider>
#include <QTableView>
#include <QTimer>

#include <set>

namespace keepseal::app {
namespace {

/// Ctrl+Alt+letters and arrows, Alt+Shift+arrows, Alt+F4 and its like, the Meta key; keys of input methods.
bool desktopTakes(const QKeySequence& keys) {
    const int combined = keys[0].toCombined(), key = keys[0].key();
    const bool ctrl = combined & Qt::CTRL, alt = combined & Qt::ALT, shift = combined & Qt::SHIFT;
    const bool arrow = key >= Qt::Key_Left && key <= Qt::Key_Down;
    const bool function = key >= Qt::Key_F1 && key <= Qt::Key_F12;
    // IBus types characters by their number and emoji with these, Fcitx turns kinds of Chinese; both begin
    // with Ctrl+Space.
    const bool input = ctrl && ((shift && (key == Qt::Key_U || key == Qt::Key_E || key == Qt::Key_F)) ||
                                key == Qt::Key_Space || key == Qt::Key_Period || key == Qt::Key_Semicolon);
    return input || (combined & Qt::META) || (ctrl && alt) || (alt && shift && arrow) || (alt && function) ||
           (alt && (key == Qt::Key_Tab || key == Qt::Key_Space || key == Qt::Key_Escape));
}

} // namespace

class KeysWindow : public Window {
protected:
    /// One of the drawer, in which somebody types.
    QLineEdit* fieldAtHand() {
        chooseStation(StationId::Place);
        auto* field = window.drawer().findChild<QLineEdit*>();
        if (field)
            field->setFocus();
        return field;
    }
};

TEST_F(Window, NoTwoShortcutsOfAViewClashAndNoneIsTheDesktops) {
    std::map<QString, QStringList> everywhere;
    std::map<const QObject*, std::map<QString, QStringList>> inViews;
    for (const auto* action : window.findChildren<QAction*>())
        for (const auto& keys : action->shortcuts()) {
            if (keys.isEmpty())
                continue;
            EXPECT_FALSE(desktopTakes(keys)) << keys.toString().toStdString();
            if (action->shortcutContext() == Qt::WindowShortcut)
                everywhere[keys.toString()] << action->text();
            else
                for (const auto* object : action->associatedObjects())
                    if (!qobject_cast<const QMenu*>(object))
                        inViews[object][keys.toString()] << action->text();
        }
    EXPECT_GT(everywhere.size(), 20U);
    EXPECT_GT(inViews.size(), 4U);
    for (const auto& [keys, names] : everywhere)
        EXPECT_EQ(names.size(), 1) << keys.toStdString() << ": " << names.join(", ").toStdString();
    for (const auto& [view, mine] : inViews)
        for (const auto& [keys, names] : mine) {
            EXPECT_EQ(names.size(), 1) << keys.toStdString() << ": " << names.join(", ").toStdString();
            EXPECT_FALSE(everywhere.contains(keys))
                << keys.toStdString() << ": " << names.join(", ").toStdString();
        }
}

TEST_F(KeysWindow, WhoTypesIntoAFieldChangesTheFieldAndNothingElse) {
    openAll();
    useFolder(copies);
    auto* field = fieldAtHand();
    ASSERT_NE(field, nullptr);
    field->setText("one two");
    QTest::keyClick(field, Qt::Key_Backspace, Qt::ControlModifier);
    EXPECT_EQ(field->text().trimmed(), "one");
    EXPECT_FALSE(window.document().exception(window.views().wall().current()).leftOut);
    QTest::keyClick(field, Qt::Key_Return, Qt::ControlModifier);
    EXPECT_FALSE(window.runs().running().busy());
    EXPECT_FALSE(window.runs().last().has_value());
    QTest::keyClick(field, Qt::Key_A, Qt::ControlModifier);
    EXPECT_EQ(field->selectedText(), field->text());
    EXPECT_LE(window.views().wall().selected().size(), 1U);
    QTest::keyClick(field, Qt::Key_3, Qt::AltModifier);
    EXPECT_FALSE(window.document().exception(window.views().wall().current()).seal.anchor.has_value());
}

TEST_F(Window, KeysOfTablesActOnTheTables) {
    openAll();
    window.setView(ViewKind::Words);
    auto* table = window.views().words().findChild<QTableView*>();
    table->setCurrentIndex(table->model()->index(0, 2));
    table->setFocus();
    QTest::keyClick(table, Qt::Key_A, Qt::ControlModifier);
    EXPECT_GT(table->selectionModel()->selectedIndexes().size(), 4);
    EXPECT_LE(window.views().wall().selected().size(), 1U);
    table->setCurrentIndex(table->model()->index(0, 2));
    QApplication::clipboard()->setText("Tide");
    for (auto* action : table->actions()) // a window that is not in front gets no shortcuts
        if (action->shortcut() == QKeySequence(QKeySequence::Paste))
            action->trigger();
    EXPECT_EQ(table->model()->index(0, 2).data().toString(), "Tide");
    EXPECT_EQ(window.document().originals().size(), 4U);
    QTest::keyClick(table, Qt::Key_Tab);
    EXPECT_NE(window.focusWidget(), table);
    table->setFocus();
    QTest::keyClick(table, Qt::Key_Escape);
    EXPECT_EQ(window.view(), ViewKind::Wall);
}

TEST_F(Window, AWheelOverWhatHasNotTheFocusScrollsAndChangesNothing) {
    openAll();
    for (const auto station : {StationId::Place, StationId::Fit, StationId::Seal}) {
        chooseStation(station);
        window.views().wall().setFocus();
        const auto before = toJson(window.document().deliveryAsMade());
        std::size_t turned = 0;
        for (auto* widget : window.drawer().findChildren<QWidget*>()) {
            if (!widget->isVisible() ||
                !(qobject_cast<QComboBox*>(widget) || qobject_cast<QAbstractSpinBox*>(widget) ||
                  qobject_cast<QSlider*>(widget)))
                continue;
            const QPointF middle = QRectF(widget->rect()).center();
            for (const int way : {120, -120}) {
                QWheelEvent wheel(middle, widget->mapToGlobal(middle), {}, {0, way}, Qt::NoButton,
                                  Qt::NoModifier, Qt::NoScrollPhase, false);
                QApplication::sendEvent(widget, &wheel);
            }
            EXPECT_FALSE(widget->hasFocus()) << widget->accessibleName().toStdString();
            ++turned;
        }
        EXPECT_GE(turned, 3U);
        EXPECT_EQ(toJson(window.document().deliveryAsMade()), before);
    }
}

TEST_F(Window, TheFilterClosesWithEscAndTheMenuKeyKeepsThePicture) {
    openAll();
    shortcut(QKeySequence::Find)->trigger();
    ASSERT_TRUE(window.views().filterBar().isVisible());
    window.views().filterBar().words()->setText("tide_3");
    EXPECT_EQ(window.views().wall().shown(), 1U);
    QTest::keyClick(window.views().filterBar().words(), Qt::Key_Escape);
    EXPECT_FALSE(window.views().filterBar().isVisible());
    EXPECT_EQ(window.views().wall().shown(), 4U);
    window.views().wall().setCurrent(id(2));
    QTimer::singleShot(0, [] {
        if (auto* menu = QApplication::activePopupWidget())
            menu->close();
    });
    // The pointer is over the first picture.
    const QPoint at = window.views().wall().pictureRect(id(0)).center();
    QContextMenuEvent asked(QContextMenuEvent::Keyboard, at,
                            window.views().wall().viewport()->mapToGlobal(at));
    QApplication::sendEvent(window.views().wall().viewport(), &asked);
    QApplication::processEvents();
    EXPECT_EQ(window.views().wall().current(), id(2));
}

TEST_F(KeysWindow, TheEndOfARunLeavesAFieldToWhoTypesInIt) {
    openAll();
    useFolder(copies);
    auto* field = fieldAtHand();
    ASSERT_NE(field, nullptr);
    ASSERT_EQ(window.focusWidget(), field);
    window.runs().stamp();
    ASSERT_TRUE(waitUntil([&] { return window.runs().last().has_value() && !window.runs().running().busy(); },
                          kWait));
    EXPECT_EQ(window.focusWidget(), field);
    EXPECT_TRUE(field->isVisible());
    EXPECT_TRUE(window.runBar().sentence().contains("4 copies made and checked"));
}

TEST_F(Window, TheBarJudgesTheTickedDeliveriesAndSpeaksToPeople) {
    openAll();
    useFolder(copies);
    auto& document = window.document();
    document.duplicateCurrentDelivery();
    document.renameCurrentDelivery("Homeless");
    document.setSetting("place.folder", std::string());
    const auto planned = [&] {
        return waitUntil(
            [&] { return window.runs().planning().current() && !window.runs().planning().busy(); }, kWait);
    };
    document.selectDelivery(0); // the one that is looked at has a folder
    ASSERT_TRUE(planned());
    EXPECT_EQ(window.runBar().sentence(),
              "8 copies can be made as soon as there is a folder for “Homeless”.");
    document.setInNextRun(1, false);
    ASSERT_TRUE(planned());
    EXPECT_TRUE(window.runBar().strongButton()->isEnabled());
    document.selectDelivery(1); // one that is not in the run may lack what it likes
    ASSERT_TRUE(planned());
    EXPECT_EQ(window.runBar().strongButton()->text().trimmed(), "Stamp 4 copies");
    document.selectDelivery(0);
    document.setSetting("place.name", std::string("{nmae}"));
    ASSERT_TRUE(planned());
    EXPECT_TRUE(window.runBar().sentence().startsWith("Place: ")) << window.runBar().sentence().toStdString();
}

TEST_F(Window, TabGoesFromDeliveriesToTheRunBarWhateverWasFilledLast) {
    openAll();
    useFolder(folder / "copies");
    chooseStation(StationId::Border);
    chooseStation(StationId::Seal); // its controls are the latest
    const std::vector<QWidget*> regions{&window.deliveries(), &window.chain(), &window.drawer(),
                                        &window.views(), &window.runBar()};
    const auto regionOfFocus = [&] {
        for (std::size_t i = 0; i < regions.size(); ++i)
            if (window.focusWidget() && regions[i]->isAncestorOf(window.focusWidget()))
                return i;
        return regions.size();
    };
    window.deliveries().menuButton()->setFocus();
    std::vector<std::size_t> visited;
    std::set<const QWidget*> met;
    while (met.insert(window.focusWidget()).second) {
        if (visited.empty() || visited.back() != regionOfFocus())
            visited.push_back(regionOfFocus());
        QTest::keyClick(window.focusWidget(), Qt::Key_Tab);
    }
    std::rotate(visited.begin(), std::find(visited.begin() + 1, visited.end(), 0U), visited.end());
    EXPECT_EQ(std::set(visited.begin(), visited.end()).size(), regions.size());
    EXPECT_EQ(std::adjacent_find(visited.begin(), visited.end(), std::greater<>()), visited.end());
    EXPECT_GT(met.size(), 20U);
    // And back again.
    window.runBar().strongButton()->setFocus();
    QTest::keyClick(window.focusWidget(), Qt::Key_Backtab);
    EXPECT_EQ(regionOfFocus(), 3U);
}

TEST_F(Window, CommaAndPointAreTakenAlike) {
    openAll();
    chooseStation(StationId::Seal);
    auto* size = control<NumberControl>("seal.size");
    ASSERT_NE(size, nullptr);
    for (const auto* typed : {"7.5", "7,5"}) {
        window.document().setSetting("seal.size", 20.0);
        size->box()->setFocus();
        size->box()->selectAll();
        QTest::keyClicks(size->box(), typed);
        QTest::keyClick(size->box(), Qt::Key_Return);
        EXPECT_DOUBLE_EQ(std::get<double>(settingAt("seal.size").get(window.document().currentDelivery())),
                         7.5)
            << typed;
        EXPECT_TRUE(size->box()->text().startsWith("7.5"));
    }
}

} // namespace keepseal::app
