// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "hands.h"

#include <QAction>
#include <QApplication>
#include <QDesktopServices>
#include <QDialog>
#include <QElapsedTimer>
#include <QFileDialog>
#include <QMenu>
#include <QMessageBox>
#include <QPointer>
#include <QWheelEvent>
#include <QtTest/QTest>

namespace keepseal::app {
namespace {

const Qt::Key kKeys[] = {Qt::Key_Tab,  Qt::Key_Backtab, Qt::Key_Return,   Qt::Key_Escape, Qt::Key_Space,
                         Qt::Key_Left, Qt::Key_Right,   Qt::Key_Up,       Qt::Key_Down,   Qt::Key_Home,
                         Qt::Key_End,  Qt::Key_PageUp,  Qt::Key_PageDown, Qt::Key_Delete, Qt::Key_Backspace,
                         Qt::Key_F2,   Qt::Key_Menu,    Qt::Key_Plus,     Qt::Key_Minus,  Qt::Key_A};
const Qt::KeyboardModifiers kModifiers[] = {Qt::NoModifier,
                                            Qt::NoModifier,
                                            Qt::NoModifier,
                                            Qt::ShiftModifier,
                                            Qt::ControlModifier,
                                            Qt::AltModifier,
                                            Qt::ControlModifier | Qt::ShiftModifier};
const char* kTexts[] = {"0",           "-1",
                        "1",           "100",
                        "99999999999", "1,5",
                        "1.5",         "0.0001",
                        "-",           "",
                        "x",           "{name}",
                        "{nmae}",      "{number}-{date}",
                        "a/b",         "ünïcödé 鳥",
                        "<b>bold</b>", "marsh",
                        "2026-05-01",  "#ff8800",
                        "©",           "\\",
                        "  ",          "54.1, 8.2"};

/// What would end the program or leave it.
bool leaves(const QAction& action) {
    return action.shortcut() == QKeySequence(QKeySequence::Quit) || action.text() == "Quit";
}

} // namespace

Hands::Hands(QWidget* window, std::filesystem::path folder, unsigned seed, const std::filesystem::path& log)
    : m_window(window), m_folder(std::move(folder)), m_random(seed), m_log(log) {
    QDesktopServices::setUrlHandler("file", this, "openNothing");
}

Hands::~Hands() {
    QDesktopServices::unsetUrlHandler("file");
}

void Hands::note(const QString& what) {
    m_log << m_made << " " << what.toStdString() << std::endl; // each is on the disk before it is made
}

void Hands::make(int steps) {
    m_left = steps;
    QTimer::singleShot(0, this, &Hands::step);
    while (m_left > 0)
        QApplication::processEvents(QEventLoop::AllEvents, 20);
    leaveDialogs();
}

void Hands::leaveDialogs() {
    for (int i = 0; i < 20 && QApplication::activePopupWidget(); ++i)
        QApplication::activePopupWidget()->close();
    for (auto* widget : QApplication::topLevelWidgets())
        if (auto* dialog = qobject_cast<QDialog*>(widget); dialog && dialog->isVisible())
            dialog->reject();
}

void Hands::step() {
    if (m_left <= 0) {
        leaveDialogs();
        if (m_within) // something within which this step is made is open still
            QTimer::singleShot(10, this, &Hands::step);
        return;
    }
    --m_left;
    ++m_made;
    QTimer::singleShot(0, this, &Hands::step); // a new one: this step may be within a dialog for long
    ++m_within;
    one();
    --m_within;
}

void Hands::one() {
    if (!m_window->isVisible())
        m_window->show();
    if (auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget()))
        return onMenu(menu);
    if (auto* popup = QApplication::activePopupWidget()) {
        note("popup");
        return number(3) == 0 ? static_cast<void>(popup->close()) : onWidget(popup);
    }
    auto* modal = QApplication::activeModalWidget();
    if (auto* files = qobject_cast<QFileDialog*>(modal))
        return answerFileDialog(files);
    if (modal && number(12) == 0) {
        note("leave " + QString(modal->metaObject()->className()));
        if (auto* dialog = qobject_cast<QDialog*>(modal))
            return dialog->reject();
    }
    onWidget(modal ? modal : m_window);
}

void Hands::answerFileDialog(QFileDialog* dialog) {
    const bool saving = dialog->acceptMode() == QFileDialog::AcceptSave;
    note("files: " + dialog->windowTitle());
    if (number(3) == 0)
        return dialog->reject();
    std::vector<std::filesystem::path> there;
    for (const auto& entry : std::filesystem::directory_iterator(m_folder))
        there.push_back(entry.path());
    auto path = there.empty() ? m_folder / "nothing.jpg"
                              : there[static_cast<std::size_t>(number(static_cast<int>(there.size())))];
    if (saving)
        path = m_folder / ("saved-" + std::to_string(number(6)));
    else if (dialog->fileMode() == QFileDialog::Directory)
        path = m_folder;
    QPointer<QFileDialog> kept(dialog);
    dialog->setDirectory(QString::fromStdString(m_folder.string()));
    dialog->selectFile(QString::fromStdString(path.string()));
    dialog->setOption(QFileDialog::DontConfirmOverwrite);
    QMetaObject::invokeMethod(dialog, "accept");
    if (kept && kept->isVisible())
        dialog->reject(); // a kind it does not take
}

void Hands::onMenu(QMenu* menu) {
    const auto actions = menu->actions();
    if (actions.isEmpty() || number(4) == 0)
        return static_cast<void>(menu->close());
    auto* action = actions[number(static_cast<int>(actions.size()))];
    note("menu: " + action->text());
    if (leaves(*action) || !action->isEnabled() || action->isSeparator())
        return static_cast<void>(menu->close());
    if (action->menu()) {
        menu->setActiveAction(action);
        return;
    }
    menu->close();
    action->trigger();
}

QWidget* Hands::anyWidget(QWidget* front) {
    std::vector<QWidget*> all;
    for (auto* widget : front->findChildren<QWidget*>())
        if (widget->isVisible() && widget->isEnabled() && widget->width() > 2 && widget->height() > 2 &&
            widget->window() == front->window())
            all.push_back(widget);
    return all.empty() ? front : all[static_cast<std::size_t>(number(static_cast<int>(all.size())))];
}

void Hands::onWidget(QWidget* front) {
    switch (number(12)) {
    case 0:
    case 1:
    case 2:
    case 3:
        return click(anyWidget(front));
    case 4:
    case 5:
        return drag(anyWidget(front));
    case 6:
        return wheel(anyWidget(front));
    case 7:
    case 8:
        return keys(front);
    case 9:
    case 10:
        return type(front);
    default:
        return shortcut(front);
    }
}

void Hands::click(QWidget* widget) {
    const QPoint at(number(widget->width()), number(widget->height()));
    const auto kind = number(10);
    note(QString("click %1 %2 at %3,%4 kind %5")
             .arg(widget->metaObject()->className(), widget->accessibleName())
             .arg(at.x())
             .arg(at.y())
             .arg(kind));
    if (kind == 0)
        QTest::mouseDClick(widget, Qt::LeftButton, kModifiers[number(7)], at);
    else if (kind == 1) {
        QContextMenuEvent asked(QContextMenuEvent::Mouse, at, widget->mapToGlobal(at));
        QApplication::sendEvent(widget, &asked);
    } else
        QTest::mouseClick(widget, Qt::LeftButton, kind == 2 ? kModifiers[number(7)] : Qt::NoModifier, at);
}

void Hands::drag(QWidget* widget) {
    QPointer<QWidget> held(widget);
    QPoint at(number(widget->width()), number(widget->height()));
    note(QString("drag %1 from %2,%3").arg(widget->metaObject()->className()).arg(at.x()).arg(at.y()));
    QTest::mousePress(widget, Qt::LeftButton, Qt::NoModifier, at);
    for (int i = number(5) + 1; i > 0 && held; --i) {
        at += QPoint(number(120) - 60, number(80) - 40);
        QMouseEvent moved(QEvent::MouseMove, at, held->mapToGlobal(at), Qt::LeftButton, Qt::LeftButton,
                          Qt::NoModifier);
        QApplication::sendEvent(held, &moved);
    }
    if (held)
        QTest::mouseRelease(held, Qt::LeftButton, Qt::NoModifier, at);
}

void Hands::wheel(QWidget* widget) {
    const QPoint at(widget->width() / 2, widget->height() / 2);
    note(QString("wheel %1").arg(widget->metaObject()->className()));
    QWheelEvent turned(at, widget->mapToGlobal(at), {}, {0, number(2) ? 120 : -120}, Qt::NoButton,
                       kModifiers[number(7)], Qt::NoScrollPhase, false);
    QApplication::sendEvent(widget, &turned);
}

void Hands::keys(QWidget* front) {
    auto* focus = front->focusWidget() ? front->focusWidget() : front;
    const auto key = kKeys[number(std::size(kKeys))];
    const auto with = kModifiers[number(7)];
    note(QString("key %1 with %2 on %3")
             .arg(key, 0, 16)
             .arg(int(with), 0, 16)
             .arg(focus->metaObject()->className()));
    QTest::keyClick(focus, key, with);
}

void Hands::type(QWidget* front) {
    auto* focus = front->focusWidget() ? front->focusWidget() : anyWidget(front);
    const QString text =
        number(20) == 0 ? QString(3000, 'w') : QString::fromUtf8(kTexts[number(std::size(kTexts))]);
    note(QString("type “%1” into %2").arg(text.left(30), focus->metaObject()->className()));
    QPointer<QWidget> held(focus);
    if (number(2) == 0)
        QTest::keyClick(focus, Qt::Key_A, Qt::ControlModifier);
    const auto send = [&](const QString& words) {
        QKeyEvent pressed(QEvent::KeyPress, Qt::Key_unknown, Qt::NoModifier, words);
        if (held)
            QApplication::sendEvent(held, &pressed);
    };
    if (text.size() > 100) // as an input method gives it
        send(text);
    else
        for (const auto letter : text)
            send(letter);
    if (held && number(2) == 0)
        QTest::keyClick(held, number(2) ? Qt::Key_Return : Qt::Key_Tab);
}

void Hands::shortcut(QWidget* front) {
    std::vector<QAction*> all;
    for (auto* action : front->actions())
        if (action->isEnabled() && !leaves(*action))
            all.push_back(action);
    if (all.empty())
        return;
    auto* action = all[static_cast<std::size_t>(number(static_cast<int>(all.size())))];
    note("action: " + action->text() + " " + action->shortcut().toString());
    action->trigger();
}

} // namespace keepseal::app
