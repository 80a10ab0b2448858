// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// All that a person reads can be said in another language, and has room for longer words. In a process of its
// own: tables are filled in the language of the first who asks for them.
#include "pseudo_language.h"
#include "window_fixture.h"

#include <QAccessible>
#include <QLabel>
#include <QMenu>
#include <QRegularExpression>
#include <QScrollArea>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTextTable>
#include <gmock/gmock.h>

#include <set>

namespace keepseal::app {
namespace {

/// Names and values that are the same in every language, and what the sample pictures bring along.
QString withoutSameWords(QString text) {
    static const QRegularExpression same(
        "tide_\\d+\\.jpg|tide_\\d+|Keep Seal|JPEG "
        "XL|JPEG|WebP|PNG|TIFF|AVIF|PDF|sRGB|Display P3|SHA-256|"
        "Ctrl|Shift|Alt|Esc|Delete|Enter|Page "
        "(Up|Down)|wheel|Tab|\\{[^}]*\\}|https?://\\S*|<[^>]*>|&\\w+;|/\\S*|"
        "#[0-9a-fA-F]{6}|px|English|Deutsch|Text|min|Inter|UTC|CSV|XMP|IIM|Exif|zip");
    return text.remove(same);
}

class PseudoWindow : public Window {
protected:
    void SetUp() override {
        if (speaksEnglish())
            GTEST_SKIP() << "only where another language is spoken";
        Window::SetUp();
        openAll();
    }

    void everywhere(const std::function<void(const QString& view)>& look) {
        const auto settled = [&](const QString& view) {
            waitUntil([] { return false; }, 30);
            look(view);
        };
        for (const auto& station : stations()) {
            chooseStation(station.id);
            settled(QString::fromStdString(station.key));
        }
        const char* names[] = {"wall",        "one",   "before and after", "words",
                               "what leaves", "check", "register"};
        for (int view = 0; view < 7; ++view) {
            window.setView(static_cast<ViewKind>(view));
            settled(names[view]);
        }
        window.setView(ViewKind::Wall);
        window.openBench();
        settled("bench");
        QTest::keyClick(&window, Qt::Key_Escape);
        stamp();
        window.setView(ViewKind::Check);
        for (int row = 0; row < window.views().check().filter()->rowCount(); ++row) {
            window.views().check().chooseLine(row);
            settled("check after a run");
        }
        window.setView(ViewKind::TheRegister);
        ASSERT_TRUE(waitUntil([&] { return !window.views().registerView().busy(); }, kWait));
        settled("register after a run");
    }

    /// With a picture that can't be read among the others.
    void stamp() {
        writeFile(pictures / "tide_9.jpg", "\xFF\xD8\xFF\xE0 and nothing more");
        window.open({pictures});
        ASSERT_TRUE(waitUntil([&] { return window.library().known() == 5; }, kWait));
        useFolder(out.path());
        ASSERT_TRUE(waitUntil([&] { return window.runBar().strongButton()->isEnabled(); }, kWait));
        window.runBar().strongButton()->click();
        ASSERT_TRUE(waitUntil([&] { return window.runs().last().has_value(); }, kWait));
    }
    TempFolder out;

    void collect(QAccessibleInterface* at, const QString& view) {
        if (!at || at->state().invisible)
            return;
        for (const auto kind : {QAccessible::Name, QAccessible::Description, QAccessible::Value}) {
            const auto role = at->role();
            const bool typed = kind == QAccessible::Value || role == QAccessible::EditableText;
            const auto plain = withoutSameWords(outsideOfBrackets(at->text(kind)));
            static const QRegularExpression word("[A-Za-z]{3,}");
            if (!typed && word.match(plain).hasMatch())
                m_found.emplace(at->text(kind).left(120), view);
        }
        for (int i = 0; i < std::min(at->childCount(), 60); ++i)
            collect(at->child(i), view);
    }

    std::map<QString, QString> m_found; ///< what, and where first
};

QString wordsOf(const QWidget& widget) {
    if (const auto* label = qobject_cast<const QLabel*>(&widget))
        return label->text();
    if (const auto* button = qobject_cast<const QAbstractButton*>(&widget))
        return button->text();
    return {};
}

/// What asks for more room than there is.
QString widestIn(const QWidget& inside, int room) {
    QStringList out;
    for (const auto* child : inside.findChildren<QWidget*>())
        if (child->isVisible() && child->minimumSizeHint().width() > room &&
            child->findChildren<QWidget*>().isEmpty())
            out << QString("%1 \"%2\"").arg(child->metaObject()->className(), wordsOf(*child).left(40));
    return out.join(", ");
}

/// Words that ask for more room than they have, and columns that are wider than what shows them.
std::set<QString> cutIn(const QWidget& window) {
    std::set<QString> cut;
    for (auto* widget : window.findChildren<QWidget*>()) {
        if (!widget->isVisible())
            continue;
        // What may be scrolled sideways is cut by nothing.
        if (auto* area = qobject_cast<QScrollArea*>(widget);
            area && area->horizontalScrollBarPolicy() == Qt::ScrollBarAlwaysOff && area->widget() &&
            area->widget()->width() > area->viewport()->width() + 1)
            cut.emplace(QString("%1 is wider than what shows it, by %2: %3")
                            .arg(area->widget()->metaObject()->className())
                            .arg(area->widget()->width() - area->viewport()->width())
                            .arg(widestIn(*area->widget(), area->viewport()->width() - 32)));
        const auto words = wordsOf(*widget);
        const auto* label = qobject_cast<QLabel*>(widget);
        if (!words.isEmpty() && !(label && label->wordWrap()) &&
            widget->width() + 1 < widget->minimumSizeHint().width())
            cut.emplace(words.left(80));
    }
    return cut;
}

class ArabicWindow : public Window {
protected:
    void SetUp() override {
        if (!QGuiApplication::isRightToLeft())
            GTEST_SKIP() << "only where Arabic is spoken";
        Window::SetUp();
        openAll();
    }
};

} // namespace

TEST_F(PseudoWindow, NothingIsReadThatCanNotBeTranslated) {
    if (qEnvironmentVariable("KEEPSEAL_TEST_LANGUAGE") != "pseudo")
        GTEST_SKIP() << "other languages have Latin letters, too";
    everywhere([&](const QString& view) {
        collect(QAccessible::queryAccessibleInterface(&window), view);
        for (auto* widget : window.findChildren<QWidget*>())
            if (widget->isVisible() && !widget->toolTip().isEmpty() &&
                QRegularExpression("[A-Za-z]{3,}")
                    .match(withoutSameWords(outsideOfBrackets(widget->toolTip())))
                    .hasMatch())
                m_found.emplace("tooltip: " + widget->toolTip().left(120), view);
        for (auto* action : window.findChildren<QAction*>())
            if (QRegularExpression("[A-Za-z]{3,}")
                    .match(withoutSameWords(outsideOfBrackets(action->text())))
                    .hasMatch())
                m_found.emplace("action: " + action->text(), view);
    });
    for (const auto& [what, view] : m_found)
        ADD_FAILURE() << view.toStdString() << ": " << what.toStdString();
}

TEST_F(PseudoWindow, LongerWordsAreNotCut) {
    everywhere([&](const QString& view) {
        std::set<QString> cut;
        waitUntil([&] { return (cut = cutIn(window)).empty(); },
                  3000); // what is still being laid out is not cut
        for (const auto& what : cut)
            ADD_FAILURE() << view.toStdString() << ": " << what.toStdString();
    });
}

TEST_F(ArabicWindow, IsReadFromTheRight) {
    auto& wall = window.views().wall();
    const auto first = wall.pictureRect(id(0)), second = wall.pictureRect(id(1));
    EXPECT_GT(first.left(), second.right()) << "the wall begins at the right";
    wall.setFocus();
    wall.setCurrent(id(0));
    QTest::keyClick(&wall, Qt::Key_Left);
    EXPECT_EQ(wall.current(), id(1)) << "the arrow leads to what lies there";
    EXPECT_GT(window.chain().mapTo(&window, QPoint()).x(), wall.mapTo(&window, QPoint()).x());
    // Plural forms of a language that has six of them.
    EXPECT_EQ(saidQt(2, "{n} copy", "{n} copies"), QString::fromUtf8("نسختان"));
    EXPECT_EQ(saidQt(11, "{n} copy", "{n} copies"), QString::fromUtf8("11 نسخة"));
    // Places on a picture are where they are, whatever is read from where.
    chooseStation(StationId::Seal);
    window.document().setSetting("seal.place", std::string("top-left"));
    ASSERT_TRUE(proofsFollow());
    const auto* proof = wall.proofs().proof(id(0));
    ASSERT_TRUE(proof);
    EXPECT_LT(proof->seal.box.x, proof->sealed.width() / 2.0);
}

TEST_F(ArabicWindow, HelpIsReadInArabicWhereThereIsSuchAPage) {
    const QRegularExpression arabic("[\u0600-\u06ff]");
    const auto pages = helpPages();
    EXPECT_EQ(pages[0].file, "using.md");
    EXPECT_TRUE(pages[0].title.contains(arabic));
    EXPECT_EQ(headingIn(pages[0], "Keys"), QString::fromUtf8("المفاتيح"));
    EXPECT_EQ(headingIn(pages[0], "No such heading"), QString());
    const auto settings = std::find_if(pages.begin(), pages.end(),
                                       [](const HelpPage& page) { return page.file == "settings.md"; });
    ASSERT_NE(settings, pages.end());
    EXPECT_TRUE(settings->title.contains(arabic));
    QStringList english; // sentences, not what is typed as it stands
    bool found = false;
    for (const auto& page : pages) {
        if (!page.chapter)
            continue;
        found |= page.text.contains("`fit.long_side`");
        const auto lines = page.text.split('\n');
        for (auto line : lines)
            if (line.remove(QRegularExpression("`[^`]*`|\"[^\"]*\""))
                    .contains(QRegularExpression("\\b(the|which|from)\\b")))
                english << line;
    }
    EXPECT_TRUE(found);
    EXPECT_EQ(english.join('\n').toStdString(), "");
    window.helpDesk().show({"using.md", "Keys"});
    auto* dialog = window.helpDesk().dialog();
    ASSERT_TRUE(dialog);
    ASSERT_TRUE(waitUntil(
        [&] { return dialog->page()->textCursor().block().text() == QString::fromUtf8("المفاتيح"); }, kWait));
    const auto frames = dialog->page()->document()->rootFrame()->childFrames();
    ASSERT_FALSE(frames.isEmpty());
    const auto* keys = qobject_cast<QTextTable*>(frames[0]);
    ASSERT_TRUE(keys && keys->columns() == 2);
    EXPECT_EQ(keys->cellAt(0, 1).firstCursorPosition().block().text(), QString::fromUtf8("المفتاح"))
        << "the first column is at the right";
    EXPECT_FALSE(dialog->page()->toHtml().contains("font-style:italic")) << "no typeface has such letters";
}

TEST_F(ArabicWindow, StampsAndKeepsItsRecordsInEnglish) {
    TempFolder out;
    useFolder(out.path());
    const auto plan = window.runs().planning().plan();
    ASSERT_TRUE(plan);
    window.setView(ViewKind::Check);
    window.views().check().chooseLine(0); // a row is chosen where columns begin at the right, too
    EXPECT_EQ(window.views().check().chosen().size(), 1U);
    for (const auto& copy : plan->copies)
        for (const auto& note : copy.notes)
            EXPECT_FALSE(
                QString::fromStdString(englishOf(note)).contains(QRegularExpression("[\u0600-\u06ff]")));
}

} // namespace keepseal::app
