// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The controls of the drawer: each shows one value and announces changes made by the person, never its own.
#pragma once

#include "base/setting.h"
#include "widgets/accessible_items.h"

#include <QAbstractButton>
#include <QDoubleSpinBox>
#include <QSlider>

namespace keepseal::app {

/// A slider with a number beside it that can be typed. Ranges that span more than two decades slide by ratio,
/// those from 0 that do by the cube.
class NumberControl : public QWidget {
    Q_OBJECT
public:
    NumberControl(const NumberRange& range, const QString& unit, const QString& name,
                  QWidget* parent = nullptr);
    void setValue(double value);
    double value() const { return m_box->value(); }
    QSlider* slider() { return m_slider; }
    QDoubleSpinBox* box() { return m_box; }

signals:
    void changed(double value);
    void dragStarted(); ///< a new series of small changes begins

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    int toSlider(double value) const;
    double fromSlider(int position) const;
    NumberRange m_range;
    bool m_byRatio, m_cubic;
    QDoubleSpinBox* m_box;
    QSlider* m_slider;
};

/// The nine places, laid out as on a picture.
class PlaceControl : public QWidget, public AccessibleItems {
    Q_OBJECT
public:
    explicit PlaceControl(const std::vector<SettingChoice>& choices, QWidget* parent = nullptr);
    void setValue(const std::string& key);
    const std::string& value() const { return m_value; }
    QSize sizeHint() const override { return {150, 92}; }

    int accessibleCount() const override { return static_cast<int>(m_choices.size()); }
    QString accessibleItemName(int index) const override;
    QRect accessibleItemRect(int index) const override { return cell(index).toRect(); }
    bool isAccessibleItemChosen(int at) const override { return at == index(); }
    int accessibleCurrent() const override { return index(); }
    void chooseAccessibleItem(int index) override { choose(index); }
    QAccessible::Role accessibleItemRole() const override { return QAccessible::RadioButton; }

signals:
    void changed(const std::string& key);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QRectF cell(int index) const;
    void choose(int index);
    int index() const;
    std::vector<SettingChoice> m_choices;
    std::string m_value;
};

/// Two or three choices side by side.
class SegmentControl : public QWidget {
    Q_OBJECT
public:
    SegmentControl(const std::vector<SettingChoice>& choices, const QString& name, QWidget* parent = nullptr);
    void setValue(const std::string& key);
    std::string value() const;

signals:
    void changed(const std::string& key);

private:
    std::vector<SettingChoice> m_choices;
    std::vector<QAbstractButton*> m_buttons;
};

/// A swatch that opens the colour dialog, beside the most used colours.
class ColourControl : public QWidget {
    Q_OBJECT
public:
    explicit ColourControl(const QString& name, QWidget* parent = nullptr);
    void setValue(const std::string& colour);

signals:
    void changed(const std::string& colour);
    void dragStarted();

private:
    void openDialog();
    std::string m_value;
    QAbstractButton* m_swatch;
};

/// A tick that reads "on" or "off" at a glance.
class SwitchControl : public QAbstractButton {
    Q_OBJECT
public:
    explicit SwitchControl(const QString& text, QWidget* parent = nullptr);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;
};

} // namespace keepseal::app
