// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is painted and is no widget, for those who do not see it: assistive technology finds each item of a
// view as a child of it, with a name, a place and what a click would do. Buttons that stay pressed do there
// what they do under a hand, and sliders tell the value they stand for.
#pragma once

#include <QAccessible>
#include <QRect>
#include <QString>

class QWidget;

namespace keepseal::app {

/// Implemented by a widget that paints items. Counted from 0, in their order.
class AccessibleItems {
public:
    virtual ~AccessibleItems() = default;
    virtual int accessibleCount() const = 0;
    /// In words, all that one who sees it knows of it.
    virtual QString accessibleItemName(int index) const = 0;
    virtual QRect accessibleItemRect(int index) const = 0; ///< in the widget's own coordinates
    virtual bool isAccessibleItemChosen(int index) const = 0;
    virtual int accessibleCurrent() const = 0;        ///< where the keys are; -1: nowhere
    virtual void chooseAccessibleItem(int index) = 0; ///< as a click on it does
    /// Of each item: in a list several may be chosen, of radio buttons one is.
    virtual QAccessible::Role accessibleItemRole() const { return QAccessible::ListItem; }
};

/// The keys, or what is chosen, are elsewhere now: once for each step of a person.
void tellCurrentItem(QWidget& widget, const AccessibleItems& items);

/// Implemented by a slider that runs over steps of its own.
class AccessibleNumber {
public:
    virtual ~AccessibleNumber() = default;
    virtual double accessibleValue() const = 0;
    virtual void setAccessibleValue(double value) = 0;
    virtual double accessibleLeast() const = 0;
    virtual double accessibleMost() const = 0;
    virtual double accessibleStep() const = 0;
    virtual QString accessibleValueText() const = 0; ///< with its unit
};

/// Once in each program, before its first window.
void makeItemsAccessible();

} // namespace keepseal::app
