// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The window as assistive technology finds it: everything that can be used has a name and a role, what is
// painted is there item by item, and what is done there does what a hand does.
#include "window_fixture.h"

#include "chain/border_editor.h"
#include "chain/quality_curve.h"
#include "seal_bench/seal_bench.h"
#include "widgets/controls.h"

#include <QAccessible>
#include <QCheckBox>
#include <gmock/gmock.h>

#include <functional>

namespace keepseal::app {
namespace {

using Visit = std::function<void(QAccessibleInterface&, const QString& path)>;

/// All that is shown, from the top down; a view of very many items is represented by its first.
void walk(QAccessibleInterface* at, const QString& above, const Visit& visit) {
    if (!at || at->state().invisible)
        return;
    const QString path = above + "/" + at->text(QAccessible::Name).left(40);
    visit(*at, path);
    for (int i = 0; i < std::min(at->childCount(), 60); ++i) {
        auto* child = at->child(i);
        ASSERT_TRUE(child) << path.toStdString() << " child " << i;
        walk(child, path, visit);
    }
}

QAccessibleInterface* found(QObject& object) {
    return QAccessible::queryAccessibleInterface(&object);
}

void press(QAccessibleInterface& one) {
    auto* actions = one.actionInterface();
    ASSERT_TRUE(actions && !actions->actionNames().isEmpty()) << one.text(QAccessible::Name).toStdString();
    actions->doAction(actions->actionNames().front());
}

QAccessibleInterface* childNamed(QAccessibleInterface& parent, const QString& part) {
    for (int i = 0; i < parent.childCount(); ++i)
        if (parent.child(i)->text(QAccessible::Name).contains(part))
            return parent.child(i);
    return nullptr;
}

class AccessibleWindow : public Window {
protected:
    /// What a person can reach and can't be told of.
    QStringList nameless(QWidget& shown) {
        QStringList out;
        walk(found(shown), {}, [&](QAccessibleInterface& one, const QString& path) {
            const auto role = one.role();
            const auto* actions = one.actionInterface();
            const bool usable =
                one.state().focusable ||
                (actions && (actions->actionNames().contains(QAccessibleActionInterface::pressAction()) ||
                             actions->actionNames().contains(QAccessibleActionInterface::toggleAction())));
            const bool filler = role == QAccessible::NoRole || role == QAccessible::Client;
            if (!one.text(QAccessible::Name).isEmpty() && filler)
                out << path + QString(" is named, and nothing (%1)")
                                  .arg(one.object()->metaObject()->className());
            if (usable && (one.text(QAccessible::Name).trimmed().isEmpty() || filler))
                out << path + QString(" (role %1, %2)")
                                  .arg(int(role))
                                  .arg(one.object() ? one.object()->metaObject()->className() : "item");
            ++m_seen;
        });
        return out;
    }
    std::size_t m_seen = 0;
};

} // namespace

TEST_F(AccessibleWindow, EverythingThatCanBeUsedHasANameAndARole) {
    openAll();
    std::map<QString, QString> faults; // by what, in which view first
    const auto look = [&](const QString& view) {
        QCoreApplication::processEvents();
        for (const auto& fault : nameless(window))
            faults.emplace(fault, view);
    };
    for (const auto& station : stations()) {
        chooseStation(station.id);
        look(QString::fromStdString(station.label));
    }
    for (const auto view : {ViewKind::Wall, ViewKind::One, ViewKind::Leaves, ViewKind::Words, ViewKind::Check,
                            ViewKind::TheRegister}) {
        window.setView(view);
        look(QString("view %1").arg(int(view)));
    }
    window.setView(ViewKind::Wall);
    window.openBench();
    look("bench");
    EXPECT_GT(m_seen, 1000U);
    for (const auto& [what, view] : faults)
        ADD_FAILURE() << view.toStdString() << ": " << what.toStdString();
}

TEST_F(AccessibleWindow, ThePicturesOfTheWallAreThereAndCanBeChosen) {
    openAll();
    auto& wall = window.views().wall();
    auto* list = found(wall);
    ASSERT_EQ(list->role(), QAccessible::List);
    ASSERT_EQ(list->childCount(), static_cast<int>(window.document().originals().size()));
    for (int i = 0; i < list->childCount(); ++i) {
        const auto name = list->child(i)->text(QAccessible::Name);
        const auto& item = window.document().originals()[static_cast<std::size_t>(i)];
        EXPECT_TRUE(name.startsWith(QString::fromStdString(item.path.filename().string())))
            << name.toStdString();
        EXPECT_EQ(list->indexOfChild(list->child(i)), i);
        EXPECT_EQ(list->child(i)->parent()->object(), &wall);
    }
    auto* second = list->child(1);
    EXPECT_FALSE(second->state().selected);
    press(*second);
    EXPECT_EQ(wall.current(), id(1));
    EXPECT_TRUE(second->state().selected);
    EXPECT_FALSE(list->child(0)->state().selected);
    const QRect at = second->rect();
    EXPECT_EQ(list->childAt(at.center().x(), at.center().y()), second);
    // An exception is part of what it says; a picture that is gone is no longer there.
    window.document().editExceptions({id(1)}, "test", [](SealException& e) { e.none = true; });
    EXPECT_TRUE(second->text(QAccessible::Name).contains("Different here"))
        << second->text(QAccessible::Name).toStdString();
    const int before = list->childCount();
    auto* last = list->child(before - 1);
    window.document().removeOriginals({id(before - 1)});
    EXPECT_EQ(list->childCount(), before - 1);
    EXPECT_FALSE(last->isValid());
    EXPECT_TRUE(last->state().invalid);
}

TEST_F(AccessibleWindow, NinePlacesAreNineChoices) {
    openAll();
    chooseStation(StationId::Seal);
    auto* control = window.drawer().findChild<PlaceControl*>();
    ASSERT_TRUE(control);
    auto* places = found(*control);
    ASSERT_EQ(places->childCount(), 9);
    auto* topLeft = childNamed(*places, "Top left");
    ASSERT_TRUE(topLeft);
    EXPECT_EQ(topLeft->role(), QAccessible::RadioButton);
    press(*topLeft);
    EXPECT_EQ(window.document().currentDelivery().seal.anchor, Anchor::TopLeft);
    EXPECT_TRUE(topLeft->state().checked);
}

TEST_F(AccessibleWindow, ATickThatIsSetThereIsSetInTheJob) {
    openAll();
    chooseStation(StationId::Seal);
    const bool was = window.document().currentDelivery().seal.on;
    int toggles = 0;
    bool set = false;
    walk(found(window), {}, [&](QAccessibleInterface& one, const QString&) {
        auto* button = qobject_cast<QAbstractButton*>(one.object());
        if (!button || !button->isCheckable())
            return;
        ++toggles;
        EXPECT_TRUE(one.state().checkable);
        EXPECT_EQ(one.state().checked, button->isChecked());
        if (!set && one.text(QAccessible::Name) == "Put the seal on") {
            set = true;
            press(one);
        }
    });
    EXPECT_GT(toggles, 10);
    ASSERT_TRUE(set);
    EXPECT_NE(window.document().currentDelivery().seal.on, was);
}

TEST_F(AccessibleWindow, ASliderTellsTheNumberItStandsFor) {
    openAll();
    chooseStation(StationId::Seal);
    window.document().setSetting("seal.opacity", 40.0);
    QCoreApplication::processEvents();
    QAccessibleInterface* opacity = nullptr;
    walk(found(window), {}, [&](QAccessibleInterface& one, const QString&) {
        if (one.role() == QAccessible::Slider && one.text(QAccessible::Name) == "Opacity")
            opacity = &one;
    });
    ASSERT_TRUE(opacity);
    ASSERT_TRUE(opacity->valueInterface());
    EXPECT_EQ(opacity->valueInterface()->currentValue().toDouble(), 40);
    EXPECT_EQ(opacity->valueInterface()->maximumValue().toDouble(), 100);
    EXPECT_EQ(opacity->text(QAccessible::Value).remove(QChar(0x00A0)).remove(' '), "40%");
    opacity->valueInterface()->setCurrentValue(65.0);
    EXPECT_EQ(window.document().currentDelivery().seal.opacity, 65);
}

TEST_F(AccessibleWindow, RingsAndMeasuredQualitiesAreChoices) {
    openAll();
    chooseStation(StationId::Border);
    auto border = window.document().currentDelivery().border;
    border.on = true;
    border.rings.assign(2, {});
    border.rings[1].kind = RingKind::Line;
    window.document().setBorder(border, "two rings");
    auto* rings = found(*window.drawer().findChild<RingDiagram*>());
    ASSERT_TRUE(waitUntil([&] { return rings->childCount() == 2; }, kWait));
    EXPECT_EQ(rings->child(1)->role(), QAccessible::RadioButton);
    EXPECT_TRUE(rings->child(1)->text(QAccessible::Name).contains("px wide"));
    EXPECT_FALSE(rings->child(1)->state().checked);
    press(*rings->child(1));
    EXPECT_TRUE(rings->child(1)->state().checked);
    EXPECT_FALSE(rings->child(0)->state().checked);

    chooseStation(StationId::File);
    auto* curve = found(*window.drawer().qualityCurve());
    ASSERT_TRUE(waitUntil([&] { return curve->childCount() > 3; }, kWait));
    press(*curve->child(0));
    const auto name =
        QString("Quality %1: ")
            .arg(std::get<double>(settingAt("file.quality").get(window.document().currentDelivery())));
    EXPECT_TRUE(curve->child(0)->text(QAccessible::Name).startsWith(name))
        << curve->child(0)->text(QAccessible::Name).toStdString();
}

TEST_F(AccessibleWindow, WhereTheCropIsIsToldInWords) {
    openAll();
    chooseStation(StationId::Turn);
    window.views().wall().setCurrent(id(0));
    window.setView(ViewKind::One);
    auto& crop = window.views().crop();
    ASSERT_TRUE(waitUntil([&] { return crop.isVisible() && crop.ready(); }, kWait));
    const auto said = [&] { return found(crop)->text(QAccessible::Description); };
    EXPECT_TRUE(said().contains("crop 600 × 400 of 600 × 400 px")) << said().toStdString();
    for (int i = 0; i < 10; ++i)
        QTest::keyClick(&crop, Qt::Key_Left, Qt::ShiftModifier); // the right edge, a hundredth each
    for (int i = 0; i < 5; ++i)
        QTest::keyClick(&crop, Qt::Key_Right);
    EXPECT_TRUE(said().contains("crop 540 × 400 of 600 × 400 px")) << said().toStdString();
    EXPECT_TRUE(said().contains("5 % from the left, 0 % from the top")) << said().toStdString();
}

TEST_F(AccessibleWindow, ThePartsOfASealAndTheScoresOfItsPlacesAreOnTheBench) {
    openAll();
    window.openBench();
    auto& bench = window.bench();
    ASSERT_TRUE(waitUntil([&] { return bench.settled() && bench.advice().advice().has_value(); }, kWait));
    auto* canvas = found(bench.canvas());
    ASSERT_GE(canvas->childCount(), 1);
    auto* part = canvas->child(0);
    EXPECT_FALSE(part->text(QAccessible::Name).isEmpty());
    press(*part);
    ASSERT_EQ(bench.canvas().selection().size(), 1U);
    EXPECT_TRUE(part->state().selected);
    QAccessibleInterface* scores = nullptr;
    for (auto* widget : bench.advice().findChildren<QWidget*>())
        if (widget->accessibleName().startsWith("Scores of the nine places"))
            scores = found(*widget);
    ASSERT_TRUE(scores);
    ASSERT_EQ(scores->childCount(), 9);
    EXPECT_TRUE(scores->child(0)->text(QAccessible::Name).contains(" of 100: "));
    press(*scores->child(2));
    EXPECT_EQ(window.document().currentDelivery().seal.anchor, Anchor::TopRight);
}

} // namespace keepseal::app
