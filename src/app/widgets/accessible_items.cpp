// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/accessible_items.h"

#include <QAbstractButton>
#include <QAccessibleWidget>
#include <QButtonGroup>
#include <QHash>
#include <QPointer>
#include <QSlider>
#include <QWindow>

namespace keepseal::app {
namespace {

class ItemsInterface;

class ItemInterface : public QAccessibleInterface, public QAccessibleActionInterface {
public:
    ItemInterface(QWidget* widget, AccessibleItems* items, int index)
        : m_widget(widget), m_items(items), m_index(index) {}

    bool isValid() const override { return m_widget && m_index < m_items->accessibleCount(); }
    QObject* object() const override { return nullptr; }
    QWindow* window() const override { return isValid() ? m_widget->window()->windowHandle() : nullptr; }
    QAccessibleInterface* parent() const override {
        return isValid() ? QAccessible::queryAccessibleInterface(m_widget) : nullptr;
    }
    QAccessibleInterface* child(int) const override { return nullptr; }
    int childCount() const override { return 0; }
    int indexOfChild(const QAccessibleInterface*) const override { return -1; }
    QAccessibleInterface* childAt(int, int) const override { return nullptr; }
    QAccessible::Role role() const override {
        return isValid() ? m_items->accessibleItemRole() : QAccessible::ListItem;
    }
    QString text(QAccessible::Text which) const override {
        return isValid() && which == QAccessible::Name ? m_items->accessibleItemName(m_index) : QString();
    }
    void setText(QAccessible::Text, const QString&) override {}
    QRect rect() const override {
        if (!isValid())
            return {};
        const QRect here = m_items->accessibleItemRect(m_index);
        return {m_widget->mapToGlobal(here.topLeft()), here.size()};
    }
    QAccessible::State state() const override {
        QAccessible::State out;
        if (!isValid()) {
            out.invalid = true;
            return out;
        }
        const bool radio = role() == QAccessible::RadioButton,
                   chosen = m_items->isAccessibleItemChosen(m_index);
        out.focusable = true;
        out.focused = m_widget->hasFocus() && m_items->accessibleCurrent() == m_index;
        out.selectable = !radio, out.selected = !radio && chosen;
        out.checkable = radio, out.checked = radio && chosen;
        out.invisible = !m_widget->isVisible();
        out.offscreen = !m_widget->rect().intersects(m_items->accessibleItemRect(m_index));
        out.disabled = !m_widget->isEnabled();
        return out;
    }

    void* interface_cast(QAccessible::InterfaceType type) override {
        return type == QAccessible::ActionInterface ? static_cast<QAccessibleActionInterface*>(this)
                                                    : nullptr;
    }
    QStringList actionNames() const override { return {pressAction()}; }
    void doAction(const QString& name) override {
        if (name == pressAction() && isValid() && m_widget->isEnabled())
            m_items->chooseAccessibleItem(m_index);
    }
    QStringList keyBindingsForAction(const QString&) const override { return {}; }

private:
    QPointer<QWidget> m_widget;
    AccessibleItems* m_items;
    int m_index;
};

/// The view: its items are its children.
class ItemsInterface : public QAccessibleWidget {
public:
    ItemsInterface(QWidget* widget, AccessibleItems* items)
        : QAccessibleWidget(widget, items->accessibleItemRole() == QAccessible::RadioButton
                                        ? QAccessible::Grouping
                                        : QAccessible::List),
          m_items(items) {}
    ~ItemsInterface() override {
        for (const auto id : m_made)
            QAccessible::deleteAccessibleInterface(id);
    }
    int childCount() const override { return m_items->accessibleCount(); }
    QAccessibleInterface* child(int index) const override {
        if (index < 0 || index >= childCount())
            return nullptr;
        if (const auto made = m_made.constFind(index); made != m_made.constEnd())
            return QAccessible::accessibleInterface(*made);
        auto* one = new ItemInterface(widget(), m_items, index);
        m_made.insert(index, QAccessible::registerAccessibleInterface(one));
        return one;
    }
    int indexOfChild(const QAccessibleInterface* child) const override {
        for (auto made = m_made.constBegin(); made != m_made.constEnd(); ++made)
            if (QAccessible::accessibleInterface(*made) == child)
                return made.key();
        return -1;
    }
    QAccessibleInterface* childAt(int x, int y) const override {
        const QPoint at = widget()->mapFromGlobal(QPoint(x, y));
        for (int i = 0; i < childCount(); ++i)
            if (m_items->accessibleItemRect(i).contains(at))
                return child(i);
        return nullptr;
    }
    QAccessibleInterface* focusChild() const override {
        return widget()->hasFocus() ? child(m_items->accessibleCurrent()) : nullptr;
    }

private:
    AccessibleItems* m_items;
    mutable QHash<int, QAccessible::Id> m_made; ///< as they were asked for
};

bool oneOfSeveral(const QAbstractButton& button) {
    return button.autoExclusive() || (button.group() && button.group()->exclusive());
}

/// Qt's own toggles without a click, which is what is listened to.
class ToggleInterface : public QAccessibleWidget {
public:
    explicit ToggleInterface(QAbstractButton* button)
        : QAccessibleWidget(button,
                            oneOfSeveral(*button) ? QAccessible::RadioButton : QAccessible::CheckBox) {}
    QString text(QAccessible::Text which) const override {
        const auto own = QAccessibleWidget::text(which);
        return which == QAccessible::Name && own.isEmpty() ? button()->text().remove('&') : own;
    }
    QAccessible::State state() const override {
        auto out = QAccessibleWidget::state();
        out.checkable = true;
        out.checked = button()->isChecked();
        return out;
    }
    QStringList actionNames() const override {
        return button()->isEnabled() ? QStringList{toggleAction(), setFocusAction()} : QStringList();
    }
    void doAction(const QString& name) override {
        if (name == toggleAction() || name == pressAction())
            button()->click();
        else
            QAccessibleWidget::doAction(name);
    }

private:
    QAbstractButton* button() const { return static_cast<QAbstractButton*>(widget()); }
};

class NumberInterface : public QAccessibleWidget, public QAccessibleValueInterface {
public:
    NumberInterface(QWidget* slider, AccessibleNumber* number)
        : QAccessibleWidget(slider, QAccessible::Slider), m_number(number) {}
    void* interface_cast(QAccessible::InterfaceType type) override {
        return type == QAccessible::ValueInterface ? static_cast<QAccessibleValueInterface*>(this)
                                                   : QAccessibleWidget::interface_cast(type);
    }
    QString text(QAccessible::Text which) const override {
        return which == QAccessible::Value ? m_number->accessibleValueText() : QAccessibleWidget::text(which);
    }
    QVariant currentValue() const override { return m_number->accessibleValue(); }
    void setCurrentValue(const QVariant& value) override { m_number->setAccessibleValue(value.toDouble()); }
    QVariant maximumValue() const override { return m_number->accessibleMost(); }
    QVariant minimumValue() const override { return m_number->accessibleLeast(); }
    QVariant minimumStepSize() const override { return m_number->accessibleStep(); }

private:
    AccessibleNumber* m_number;
};

/// What has a name is something: a group of what it holds, or a picture of something.
QAccessible::Role roleOfNamed(const QWidget& widget) {
    for (const auto* child : widget.children())
        if (child->isWidgetType())
            return QAccessible::Grouping;
    return QAccessible::Graphic;
}

class NamedInterface : public QAccessibleWidget {
public:
    explicit NamedInterface(QWidget* widget) : QAccessibleWidget(widget) {}
    QAccessible::Role role() const override {
        return widget()->accessibleName().isEmpty() || widget()->isWindow() ? QAccessible::Client
                                                                            : roleOfNamed(*widget());
    }
};

QAccessibleInterface* interfaceFor(const QString& kind, QObject* object) {
    if (auto* items = dynamic_cast<AccessibleItems*>(object))
        return new ItemsInterface(static_cast<QWidget*>(object), items);
    if (auto* number = dynamic_cast<AccessibleNumber*>(object))
        return new NumberInterface(static_cast<QWidget*>(object), number);
    if (auto* button = qobject_cast<QAbstractButton*>(object); button && button->isCheckable())
        return new ToggleInterface(button);
    // Asked for each of its classes, the most special one first: here Qt has nothing more special.
    if (kind == "QWidget" || kind == "QScrollArea")
        return new NamedInterface(static_cast<QWidget*>(object));
    return nullptr;
}

} // namespace

void tellCurrentItem(QWidget& widget, const AccessibleItems& items) {
    const int current = items.accessibleCurrent();
    if (!QAccessible::isActive() || current < 0 || !widget.hasFocus())
        return;
    QAccessibleEvent event(&widget, QAccessible::Focus);
    event.setChild(current);
    QAccessible::updateAccessibility(&event);
}

void makeItemsAccessible() {
    QAccessible::installFactory(interfaceFor);
}

} // namespace keepseal::app
