// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Controls made from rows of a table: every kind shows its value, announces the person's changes and nothing
// else.
#include "base/assets.h"
#include "document/job_document.h"
#include "seal/design.h"
#include "support/support.h"
#include "text/typefaces.h"
#include "tour/waiting.h"
#include "widgets/controls.h"
#include "widgets/setting_form.h"

#include <QApplication>
#include <QComboBox>
#include <QFileDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTimer>
#include <QToolButton>
#include <QtTest/QTest>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::app;

namespace {

struct Change {
    std::string path;
    SettingValue value;
    int drag;
};

class Form : public ::testing::Test {
protected:
    void show(const std::vector<std::string>& keys, PartKind kind = PartKind::Text) {
        std::vector<const SettingInfo*> rows;
        for (const auto& key : keys)
            rows.push_back(rowOf(partSettings(kind), key));
        form.setRows(rows, "part.");
        QObject::connect(&form, &SettingForm::changed, &form,
                         [this](const std::string& path, const SettingValue& value, int drag) {
                             changes.push_back({path, value, drag});
                         });
        form.show();
    }
    template <class Control>
    Control* control(const std::string& key) {
        return dynamic_cast<Control*>(form.control("part." + key));
    }
    SettingForm form{nullptr, SettingForm::Folding::Folded};
    std::vector<Change> changes;
};

} // namespace

TEST_F(Form, SettingAValueAnnouncesNothing) {
    show({"text", "weight", "italic", "size", "colour", "align"});
    form.setValue("part.text", std::string("kite"));
    form.setValue("part.weight", std::string("bold"));
    form.setValue("part.italic", true);
    form.setValue("part.size", 140.0);
    form.setValue("part.colour", std::string("#336699"));
    form.setValue("part.align", std::string("right"));
    form.setValue("part.nothing", 1.0);
    EXPECT_TRUE(changes.empty());
    EXPECT_EQ(control<QPlainTextEdit>("text")->toPlainText(), "kite");
    EXPECT_EQ(control<QComboBox>("weight")->currentText(), "Bold");
    EXPECT_TRUE(control<SwitchControl>("italic")->isChecked());
    EXPECT_EQ(control<NumberControl>("size")->value(), 140);
    EXPECT_EQ(control<SegmentControl>("align")->value(), "right");
}

TEST_F(Form, EachKindAnnouncesWhatAPersonDoes) {
    show({"text", "weight", "italic", "size", "align"});
    QTest::mouseClick(control<SwitchControl>("italic"), Qt::LeftButton);
    ASSERT_EQ(changes.size(), 1U);
    EXPECT_EQ(changes.back().path, "part.italic");
    EXPECT_EQ(std::get<bool>(changes.back().value), true);
    QTest::keyClicks(control<QPlainTextEdit>("text"), "ab");
    EXPECT_EQ(std::get<std::string>(changes.back().value), "ab");
    auto* box = control<NumberControl>("size")->box();
    box->setFocus();
    box->selectAll();
    QTest::keyClicks(box, "77");
    QTest::keyClick(box, Qt::Key_Return);
    EXPECT_EQ(std::get<double>(changes.back().value), 77);
    for (auto* button : control<SegmentControl>("align")->findChildren<QPushButton*>())
        if (button->text() == "Middle")
            QTest::mouseClick(button, Qt::LeftButton);
    EXPECT_EQ(std::get<std::string>(changes.back().value), "centre");
    auto* weight = control<QComboBox>("weight");
    weight->setCurrentIndex(0);
    emit weight->activated(0);
    EXPECT_EQ(std::get<std::string>(changes.back().value), "light");
}

TEST_F(Form, TheStepsOfOneSliderMovementBelongTogetherAndTwoMovementsDoNot) {
    show({"size", "opacity"});
    auto* slider = control<NumberControl>("size")->slider();
    slider->setSliderDown(true);
    slider->setValue(300);
    slider->setValue(400);
    slider->setSliderDown(false);
    ASSERT_EQ(changes.size(), 2U);
    EXPECT_EQ(changes[0].drag, changes[1].drag);
    slider->setSliderDown(true);
    slider->setValue(500);
    EXPECT_NE(changes[2].drag, changes[1].drag);
}

TEST_F(Form, HeadingsFoldAndOpenAgain) {
    show({"size", "letter_spacing", "line_height"});
    EXPECT_TRUE(control<NumberControl>("size")->isVisible());
    EXPECT_FALSE(control<NumberControl>("letter_spacing")->isVisible());
    form.unfold("Setting the text");
    EXPECT_TRUE(control<NumberControl>("letter_spacing")->isVisible());
    for (auto* button : form.findChildren<QToolButton*>())
        if (button->text() == "Setting the text")
            QTest::mouseClick(button, Qt::LeftButton);
    EXPECT_FALSE(control<NumberControl>("letter_spacing")->isVisible());
    form.unfold("Setting the text");
    form.setGroupVisible("Setting the text", false);
    EXPECT_FALSE(control<NumberControl>("letter_spacing")->isVisible());
    form.setGroupVisible("Setting the text", true);
    EXPECT_TRUE(control<NumberControl>("letter_spacing")->isVisible()); // as it was left
    form.setRowVisible("part.size", false);
    EXPECT_FALSE(control<NumberControl>("size")->isVisible());
}

TEST_F(Form, ATypefaceThatIsNotHereIsShownAndNotLost) {
    show({"family"});
    auto* box = control<QComboBox>("family");
    EXPECT_GE(box->findData("Inter"), 0);
    EXPECT_GE(box->findData("EB Garamond"), 0);
    form.setValue("part.family", std::string("Studio Hand"));
    EXPECT_EQ(box->currentData().toString(), "Studio Hand");
    EXPECT_TRUE(box->currentText().contains("not here"));
    EXPECT_TRUE(changes.empty());
}

TEST_F(Form, TypefacesAreTriedAsTheyArePointedAtAndLeftAsTheyWereOnEscape) {
    show({"family"});
    auto* box = control<QComboBox>("family");
    form.setValue("part.family", std::string("Inter"));
    const auto family = [&] { return std::get<std::string>(changes.back().value); };
    box->setFocus();
    QTest::keyClick(box, Qt::Key_Down);
    ASSERT_EQ(changes.size(), 1U); // at once, on the seal
    const auto next = family();
    EXPECT_NE(next, "Inter");
    box->showPopup();
    auto* list = box->view();
    QTest::keyClick(list, Qt::Key_Up);
    QTest::keyClick(list, Qt::Key_Up);
    ASSERT_EQ(changes.size(), 3U);
    EXPECT_EQ(changes[1].drag, changes[2].drag); // one step
    EXPECT_NE(changes[0].drag, changes[1].drag);
    QTest::keyClick(list, Qt::Key_Escape);
    ASSERT_TRUE(waitUntil([&] { return changes.size() == 4U; }, 60000));
    EXPECT_EQ(family(), next);
    // Keys alone never come to a dialog.
    QTest::keyClick(box, Qt::Key_End);
    EXPECT_EQ(QApplication::activeModalWidget(), nullptr);
}

TEST_F(Form, ATypefaceIsAddedFromItsFileAndOneThatIsNoneChangesNothing) {
    show({"family"});
    auto* box = control<QComboBox>("family");
    int stale = 0;
    QObject::connect(&form, &SettingForm::stale, &form, [&](const std::string&) { ++stale; });
    const test::TempFolder folder;
    const auto add = [&](const std::filesystem::path& file) {
        QTimer::singleShot(0, &form, [&] {
            auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
            ASSERT_NE(dialog, nullptr);
            dialog->findChild<QLineEdit*>("fileNameEdit")->setText(toQt(file));
            QTest::keyClick(dialog, Qt::Key_Return);
        });
        const int last = box->count() - 1;
        box->showPopup();
        box->hidePopup();
        emit box->activated(last);
    };
    test::writeFile(folder / "none.ttf", "no typeface");
    add(folder / "none.ttf");
    ASSERT_TRUE(waitUntil([&] { return stale == 2; }, 60000)); // as it was, before it is read and after
    EXPECT_TRUE(changes.empty());
    std::filesystem::copy_file(assetsFolder() / "fonts/Comfortaa-Bold.ttf", folder / "own.ttf");
    add(folder / "own.ttf");
    ASSERT_TRUE(waitUntil([&] { return !changes.empty(); }, 60000));
    EXPECT_EQ(std::get<std::string>(changes.back().value), box->currentData().toString().toStdString());
    EXPECT_FALSE(addedTypefaceFiles(box->currentData().toString().toStdString()).empty());
}

TEST_F(Form, APathCanBeTypedAndClearedByItsOwnButton) {
    show({"file"}, PartKind::Logo);
    auto* line = qobject_cast<QLineEdit*>(form.control("part.file")->focusProxy());
    ASSERT_NE(line, nullptr);
    QTest::keyClicks(line, "/a.svg");
    EXPECT_EQ(std::get<std::string>(changes.back().value), "/a.svg");
    line->clear();
    EXPECT_EQ(std::get<std::string>(changes.back().value), "");
}

TEST_F(Form, EveryRowOfEveryTableHasAControlThatSaysItsName) {
    for (const auto kind : {PartKind::Text, PartKind::Logo, PartKind::Shape, PartKind::Group}) {
        std::vector<const SettingInfo*> rows;
        for (const auto& row : partSettings(kind))
            rows.push_back(&row);
        form.setRows(rows);
        for (const auto* row : rows) {
            auto* made = form.control(row->key);
            ASSERT_NE(made, nullptr) << row->key;
            QStringList names = {made->accessibleName()};
            for (auto* child : made->findChildren<QWidget*>())
                names << child->accessibleName();
            EXPECT_FALSE(names.join("").isEmpty()) << row->key;
            EXPECT_FALSE(made->toolTip().isEmpty()) << row->key;
        }
    }
}
