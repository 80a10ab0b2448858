// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The one small question: who you are. Said once, used by every design that holds a token for it.
#pragma once

#include "delivery/who.h"

#include <QDialog>

class QCheckBox;
class QPushButton;

namespace keepseal::app {

class SettingForm;

class WhoDialog : public QDialog {
    Q_OBJECT
public:
    /// `asked`: the subjects of notes that wait for an answer ("studio_link", "my emblem"); the first of
    /// them has the focus.
    WhoDialog(WhoYouAre who, const std::vector<std::string>& asked, QWidget* parent = nullptr);
    const WhoYouAre& who() const { return m_who; }
    bool onlyThisJob() const;
    SettingForm* form() { return m_form; }
    QPushButton* okButton() { return m_ok; }

private:
    WhoYouAre m_who;
    SettingForm* m_form;
    QCheckBox* m_onlyHere;
    QPushButton* m_ok;
};

} // namespace keepseal::app
