// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Controls made from rows of a settings table, under headings that fold. No setting has code of its own here.
#pragma once

#include "base/setting.h"

#include <QWidget>

#include <functional>
#include <map>

class QVBoxLayout;

namespace keepseal::app {

class SettingForm : public QWidget {
    Q_OBJECT
public:
    enum class Folding { Flat, Folded }; ///< headings, and whether what is under them starts folded away
    explicit SettingForm(QWidget* parent = nullptr, Folding folding = Folding::Flat);

    /// Replaces all controls. `prefix` is put before each key in signals and in control().
    void setRows(const std::vector<const SettingInfo*>& rows, const std::string& prefix = {});
    void setValue(const std::string& path, const SettingValue& value);
    void setRowVisible(const std::string& path, bool visible);
    /// A heading with all that is under it; groups by their names in the table.
    void setGroupVisible(const QString& group, bool visible);
    /// Shows what is under a heading.
    void unfold(const QString& group);
    /// For focus and for tests; nullptr when there is no such row.
    QWidget* control(const std::string& path) const;

signals:
    /// Changes with the same `drag` belong to one movement of one control.
    void changed(const std::string& path, const keepseal::SettingValue& value, int drag);
    void stale(const std::string& path); ///< the control needs its value set again

private:
    struct Row {
        QWidget* box = nullptr; ///< caption and control
        QWidget* control = nullptr;
        std::function<void(const SettingValue&)> set;
    };
    QWidget* makeControl(const std::string& path, const SettingInfo& info, Row& row);
    QWidget* makeChoice(const std::string& path, const SettingInfo& info, Row& row);
    QWidget* makeText(const std::string& path, const SettingInfo& info, Row& row);
    QWidget* makeSuggested(const std::string& path, const SettingInfo& info, Row& row);
    QWidget* makePath(const std::string& path, const SettingInfo& info, Row& row);
    QWidget* makeFamily(const std::string& path, const SettingInfo& info, Row& row);
    QVBoxLayout* heading(QVBoxLayout* column, const QString& group, const QString& text);
    void change(const std::string& path, const SettingValue& value);
    void startDrag();

    Folding m_folding;
    std::map<std::string, Row> m_rows;
    struct Fold {
        QWidget* button = nullptr;
        std::function<void(bool)> open;
        std::function<void(bool)> show;
    };
    std::map<QString, Fold> m_folds;
    std::map<QString, bool> m_open; ///< remembered while the rows change
    int m_drag = 0;
    bool m_setting = false;
};

} // namespace keepseal::app
