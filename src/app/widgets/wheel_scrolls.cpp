// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/wheel_scrolls.h"

#include <QAbstractSpinBox>
#include <QApplication>
#include <QComboBox>
#include <QEvent>
#include <QSlider>

namespace keepseal::app {
namespace {

class WheelScrolls : public QObject {
public:
    using QObject::QObject;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override {
        const bool shown = event->type() == QEvent::Polish, turned = event->type() == QEvent::Wheel;
        if (!shown && !turned)
            return false;
        auto* widget = qobject_cast<QWidget*>(watched);
        if (!widget || !(qobject_cast<QComboBox*>(widget) || qobject_cast<QAbstractSpinBox*>(widget) ||
                         qobject_cast<QSlider*>(widget)))
            return false;
        if (shown) { // Qt gives the focus before it asks anybody
            if (widget->focusPolicy() == Qt::WheelFocus)
                widget->setFocusPolicy(Qt::StrongFocus);
            return false;
        }
        if (widget->hasFocus())
            return false;
        event->ignore(); // and it goes on to what is around it
        return true;
    }
};

} // namespace

void wheelScrolls(QApplication& application) {
    application.installEventFilter(new WheelScrolls(&application));
}

} // namespace keepseal::app
