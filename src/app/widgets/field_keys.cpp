// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/field_keys.h"

#include <QAbstractItemView>
#include <QAbstractSpinBox>
#include <QApplication>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QTextEdit>

namespace keepseal::app {
namespace {

bool edits(const QKeyEvent& key) {
    switch (key.key()) {
    case Qt::Key_Backspace:
    case Qt::Key_Delete:
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return true;
    default:
        break;
    }
    for (const auto standard : {QKeySequence::Copy, QKeySequence::Cut, QKeySequence::Paste,
                                QKeySequence::Undo, QKeySequence::Redo, QKeySequence::SelectAll})
        if (key.matches(standard))
            return true;
    return false;
}

bool holdsRows(const QObject* object) {
    return qobject_cast<const QAbstractItemView*>(object) || qobject_cast<const QTextEdit*>(object);
}

class FieldKeys : public QObject {
public:
    using QObject::QObject;
    bool eventFilter(QObject* object, QEvent* event) override {
        if (event->type() != QEvent::ShortcutOverride)
            return false;
        const auto& key = *static_cast<QKeyEvent*>(event);
        const bool kept = isField(object)     ? edits(key)
                          : holdsRows(object) ? key.matches(QKeySequence::SelectAll)
                                              : false;
        if (kept)
            event->accept();
        return kept;
    }
};

} // namespace

bool isField(const QObject* object) {
    return qobject_cast<const QLineEdit*>(object) || qobject_cast<const QPlainTextEdit*>(object) ||
           qobject_cast<const QAbstractSpinBox*>(object);
}

void keepKeysInFields(QApplication& app) {
    app.installEventFilter(new FieldKeys(&app));
}

} // namespace keepseal::app
