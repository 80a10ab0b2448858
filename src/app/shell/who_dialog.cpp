// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/who_dialog.h"

#include "document/job_document.h"
#include "theme/theme.h"
#include "widgets/setting_form.h"

#include <QCheckBox>
#include <QDialogButtonBox>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace keepseal::app {

WhoDialog::WhoDialog(WhoYouAre who, const std::vector<std::string>& asked, QWidget* parent)
    : QDialog(parent), m_who(std::move(who)), m_form(new SettingForm),
      m_onlyHere(new QCheckBox(tr("Only for this job"))) {
    setWindowTitle(tr("Who you are"));
    setMinimumWidth(withText(460));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kGap4, kGap4, kGap4, kGap4);
    column->setSpacing(kGap3);
    auto* about =
        new QLabel(asked.empty() ? tr("Said once: seals, captions and rights sheets use it wherever they "
                                      "hold {studio}, {studio_link} and the like.")
                                 : tr("These copies are held back, because their designs ask for something "
                                      "that is not said yet. Said once, every design uses it."));
    about->setWordWrap(true);
    column->addWidget(about);
    std::vector<const SettingInfo*> rows;
    for (const auto& setting : whoSettings())
        rows.push_back(&setting);
    m_form->setRows(rows);
    for (const auto& setting : whoSettings())
        m_form->setValue(setting.key, setting.get(m_who));
    connect(m_form, &SettingForm::changed, this, [this](const std::string& key, const SettingValue& value) {
        if (const auto* setting = rowOf(whoSettings(), key))
            setting->set(m_who, value);
    });
    column->addWidget(m_form);
    m_onlyHere->setToolTip(tr("Otherwise it is remembered for every job"));
    column->addWidget(m_onlyHere);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    m_ok = buttons->button(QDialogButtonBox::Ok);
    m_ok->setText(tr("That is me"));
    m_ok->setProperty("strong", true);
    for (auto* button : buttons->buttons())
        button->setIcon({}); // the desktop's own would be the only coloured ones here
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    for (const auto& subject : asked)
        if (const auto* setting = whoSettingOf(subject)) {
            if (auto* control = m_form->control(setting->key))
                control->setFocus();
            break;
        }
}

bool WhoDialog::onlyThisJob() const {
    return m_onlyHere->isChecked();
}

} // namespace keepseal::app
