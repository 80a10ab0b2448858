// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Single controls by mouse and keys, and the promises of the look: contrast and the smallest letters.
#include "document/job_document.h"
#include "seal/readability.h"
#include "theme/theme.h"
#include "widgets/controls.h"

#include "widgets/markup.h"

#include <QApplication>
#include <QLabel>
#include <QPushButton>
#include <QSignalSpy>
#include <QToolTip>
#include <QWheelEvent>
#include <QtTest/QTest>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::app;

namespace {

double contrast(const QColor& a, const QColor& b) {
    const auto l = [](const QColor& c) {
        const std::uint8_t rgb[3] = {static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()),
                                     static_cast<std::uint8_t>(c.blue())};
        return luminance(rgb);
    };
    return contrastRatio(l(a), l(b));
}

std::vector<SettingChoice> nine() {
    return rowOf(sealSettings(), "place")->choices;
}

} // namespace

TEST(NumberControl, SliderAndNumberSayTheSameOverTheWholeRange) {
    for (const NumberRange& range : {NumberRange{0, 100, 1, 0}, NumberRange{0.5, 60, 0.1, 1},
                                     NumberRange{16, 30000, 1, 0}, NumberRange{-180, 180, 1, 1}}) {
        NumberControl control(range, "%", "x");
        for (int position = 0; position <= 1000; position += 50) {
            control.slider()->setValue(position);
            const double shown = control.value();
            EXPECT_GE(shown, range.min);
            EXPECT_LE(shown, range.max);
            control.setValue(shown); // and back: the slider stays where it is, but for rounding
            EXPECT_NEAR(control.slider()->value(), position, 1000 * 0.6 / (range.max - range.min) + 12);
        }
        control.slider()->setValue(0);
        EXPECT_EQ(control.value(), range.min);
        control.slider()->setValue(1000);
        EXPECT_EQ(control.value(), range.max);
    }
}

TEST(NumberControl, ATypedNumberIsTakenAtReturnAndKeptInRange) {
    NumberControl control({0, 100, 1, 0}, "%", "x");
    std::vector<double> heard;
    QObject::connect(&control, &NumberControl::changed, &control, [&](double v) { heard.push_back(v); });
    control.show();
    control.box()->selectAll();
    QTest::keyClicks(control.box(), "42");
    EXPECT_TRUE(heard.empty()); // not while it is being typed
    QTest::keyClick(control.box(), Qt::Key_Return);
    ASSERT_EQ(heard.size(), 1U);
    EXPECT_EQ(heard[0], 42);
    control.setValue(250);
    EXPECT_EQ(control.value(), 100);
    EXPECT_EQ(heard.size(), 1U); // what the program sets is no change of the person's
}

TEST(NumberControl, AWheelOverAControlThatIsNotInUseChangesNothing) {
    NumberControl control({0, 100, 1, 0}, "%", "x");
    control.setValue(50);
    control.show();
    control.slider()->clearFocus();
    QWheelEvent wheel(QPointF(5, 5), QPointF(5, 5), {}, {0, 120}, Qt::NoButton, Qt::NoModifier,
                      Qt::NoScrollPhase, false);
    QApplication::sendEvent(control.slider(), &wheel);
    EXPECT_EQ(control.value(), 50);
}

TEST(PlaceControl, ArrowsWalkTheNinePlacesAndStopAtTheEdges) {
    PlaceControl control(nine());
    std::vector<std::string> heard;
    QObject::connect(&control, &PlaceControl::changed, &control,
                     [&](const std::string& v) { heard.push_back(v); });
    control.setValue("centre");
    control.show();
    for (const auto key : {Qt::Key_Left, Qt::Key_Left, Qt::Key_Up, Qt::Key_Up, Qt::Key_Right, Qt::Key_Down})
        QTest::keyClick(&control, key);
    EXPECT_EQ(heard, (std::vector<std::string>{"left", "top-left", "top", "centre"}));
    control.resize(150, 92);
    QTest::mouseClick(&control, Qt::LeftButton, {}, QPoint(140, 82));
    EXPECT_EQ(control.value(), "bottom-right");
    EXPECT_EQ(control.accessibleDescription(), "Bottom right");
}

TEST(SegmentControl, OneIsChosenAndKeysReachAll) {
    SegmentControl control({{"a", "One"}, {"b", "Two"}, {"c", "Three"}}, "Number");
    std::string heard;
    QObject::connect(&control, &SegmentControl::changed, &control, [&](const std::string& v) { heard = v; });
    control.setValue("b");
    control.show();
    const auto buttons = control.findChildren<QPushButton*>();
    ASSERT_EQ(buttons.size(), 3);
    EXPECT_TRUE(buttons[1]->isChecked());
    buttons[2]->setFocus();
    QTest::keyClick(buttons[2], Qt::Key_Space);
    EXPECT_EQ(heard, "c");
    EXPECT_FALSE(buttons[1]->isChecked());
    EXPECT_EQ(buttons[0]->accessibleName(), "Number: One");
}

TEST(ColourControl, UsualColoursAreOneClickAway) {
    ColourControl control("Colour");
    std::string heard;
    QObject::connect(&control, &ColourControl::changed, &control, [&](const std::string& v) { heard = v; });
    control.show();
    for (auto* swatch : control.findChildren<QAbstractButton*>())
        if (swatch->accessibleName() == "Colour #111111")
            QTest::mouseClick(swatch, Qt::LeftButton);
    EXPECT_EQ(heard, "#111111");
}

TEST(SwitchControl, SpaceAndClickTurnItOver) {
    SwitchControl control("On");
    control.show();
    QTest::keyClick(&control, Qt::Key_Space);
    EXPECT_TRUE(control.isChecked());
    QTest::mouseClick(&control, Qt::LeftButton);
    EXPECT_FALSE(control.isChecked());
    EXPECT_EQ(control.accessibleName(), "On");
}

TEST(Look, TextCanBeReadInBothThemesAndOnEveryGrey) {
    auto& app = *qobject_cast<QApplication*>(QApplication::instance());
    for (const auto kind : {ThemeKind::Dark, ThemeKind::Light}) {
        setTheme(app, kind, Surround::Dark);
        const auto& t = theme();
        for (const auto& ground : {t.window, t.panel, t.raised}) {
            EXPECT_GE(contrast(t.text, ground), 7) << ground.name().toStdString();
            EXPECT_GE(contrast(t.quiet, ground), 4.5) << ground.name().toStdString();
        }
        EXPECT_GE(contrast(t.onAccent, t.accent), 4.5);
        for (const auto& sign : {t.accent, t.good, t.look, t.bad})
            EXPECT_GE(contrast(sign, t.panel), 4.5) << sign.name().toStdString();
        for (const auto tone : {Surround::Dark, Surround::Middle, Surround::Light})
            EXPECT_GE(contrast(t.onSurround(tone), t.surround(tone)), 4.4);
        for (const auto tone : {Surround::Dark, Surround::Middle, Surround::Light}) {
            const auto grey = t.surround(tone);
            EXPECT_TRUE(grey.red() == grey.green() && grey.green() == grey.blue());
        }
    }
    setTheme(app, ThemeKind::Dark, Surround::Dark);
    for (const auto& font : {smallFont(), bodyFont(), strongFont(), titleFont()})
        EXPECT_GE(font.pointSizeF(), 9);
}

TEST(Look, EveryIconThatIsNamedIsShipped) {
    for (const auto* name : {"type",    "image",    "shapes",     "group",      "ungroup",
                             "eye",     "eye-off",  "lock",       "lock-open",  "copy",
                             "trash-2", "arrow-up", "arrow-down", "arrow-left", "library",
                             "zoom-in", "zoom-out", "pencil",     "map-pin",    "triangle-alert",
                             "check",   "x",        "undo-2",     "redo-2",     "menu",
                             "plus"})
        EXPECT_FALSE(iconPixmap(name, Qt::black, 16, 1).isNull()) << name;
}

TEST(Document, TellsWhatChangedAndUndoesIt) {
    JobDocument document;
    std::vector<StationId> stations;
    int exceptions = 0, anything = 0;
    QObject::connect(&document, &JobDocument::stationChanged, &document,
                     [&](StationId s) { stations.push_back(s); });
    QObject::connect(&document, &JobDocument::exceptionsChanged, &document, [&] { ++exceptions; });
    QObject::connect(&document, &JobDocument::anythingChanged, &document, [&] { ++anything; });
    document.addOriginals({"/a.jpg", "/b.jpg"});
    const auto id = document.originals()[1].id;
    auto seal = document.currentDelivery().seal;
    seal.size = 9;
    document.setSeal(seal, "size");
    document.setSeal(seal, "size"); // nothing new: no step
    EXPECT_EQ(stations, std::vector<StationId>{StationId::Seal});
    document.editExceptions({id}, "move", [](SealException& e) { e.anchor = Anchor::Top; });
    EXPECT_EQ(exceptions, 1);
    EXPECT_EQ(document.exceptions().at("/b.jpg").seal.anchor, Anchor::Top);
    document.editExceptions({id}, "same", [](SealException&) {});
    EXPECT_EQ(document.undoStack()->count(), 3);
    document.undoStack()->undo();
    EXPECT_TRUE(document.exception(id).empty());
    document.undoStack()->undo();
    EXPECT_EQ(document.currentDelivery().seal.size, SealDesign{}.size);
    EXPECT_EQ(anything, 5);
}

TEST(Document, StepsOfOneMovementAreOneUndoAndBackAtTheStartThereIsNone) {
    JobDocument document;
    const auto before = document.currentDelivery().seal;
    for (const double size : {5.0, 6.0, 7.0}) {
        auto seal = document.currentDelivery().seal;
        seal.size = size;
        document.setSeal(seal, "resizing", 4);
    }
    EXPECT_EQ(document.undoStack()->count(), 1);
    document.setSeal(before, "resizing", 4);
    EXPECT_EQ(document.undoStack()->count(), 0);
    document.addOriginals({"/a.jpg"});
    const auto id = document.originals()[0].id;
    for (int i = 0; i < 3; ++i)
        document.editExceptions(
            {id}, "nudge", [](SealException& e) { e.nudge.x += 1; }, 1);
    EXPECT_EQ(document.undoStack()->count(), 2);
    EXPECT_EQ(document.exception(id).seal.nudge.x, 3);
    document.removeOriginals({id});
    EXPECT_TRUE(document.exceptions().empty()); // of a picture that is not in the job
    document.undoStack()->undo();
    EXPECT_EQ(document.exceptions().size(), 1U); // and it comes back with it
}

TEST(PlainLabels, ShowWhateverTheyAreGivenAsTextTooltipsIncluded) {
    const QString nasty = "<h1>tide</h1><img src='x'>";
    QLabel label(nasty);
    label.show();
    EXPECT_EQ(label.textFormat(), Qt::PlainText);
    QToolTip::showText({10, 10}, nasty, &label);
    int tips = 0;
    for (auto* widget : QApplication::topLevelWidgets())
        if (widget->inherits("QTipLabel")) {
            ++tips;
            EXPECT_EQ(qobject_cast<QLabel*>(widget)->textFormat(), Qt::PlainText);
        }
    EXPECT_EQ(tips, 1);
    QToolTip::hideText();
    QLabel ours;
    Markup::of("<b>%1</b>: %2", {nasty, QString("%1")}).showOn(ours);
    ours.show();
    EXPECT_EQ(ours.textFormat(), Qt::RichText);
    EXPECT_EQ(ours.text(), "<b>&lt;h1&gt;tide&lt;/h1&gt;&lt;img src='x'&gt;</b>: %1");
}
