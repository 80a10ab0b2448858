// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/watch_dialog.h"

#include "theme/theme.h"

#include <QCheckBox>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTreeWidget>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

constexpr int kMostLines = 2000; // older ones are in the register

} // namespace

WatchDialog::WatchDialog(QWidget* parent)
    : QDialog(parent), m_folder(new QLineEdit), m_choose(new QPushButton(tr("Choose…"))),
      m_recursive(new QCheckBox(tr("With all folders in it"))),
      m_stamps(new QCheckBox(tr("Stamp each picture by the ticked deliveries as it comes"))),
      m_said(new QLabel), m_list(new QTreeWidget) {
    setObjectName("watch");
    setWindowTitle(tr("Watch a folder"));
    resize(withText(680), withText(460));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kGap4, kGap4, kGap4, kGap4);
    column->setSpacing(kGap3);
    auto* form = new QFormLayout;
    form->setSpacing(kGap2);
    auto* row = new QHBoxLayout;
    row->addWidget(m_folder, 1);
    m_choose->setAutoDefault(false);
    row->addWidget(m_choose);
    form->addRow(tr("Folder"), row);
    qobject_cast<QLabel*>(form->labelForField(row))->setBuddy(m_folder);
    form->addRow(QString(), m_recursive);
    m_stamps->setChecked(true);
    form->addRow(QString(), m_stamps);
    column->addLayout(form);
    m_said->setWordWrap(true);
    column->addWidget(m_said);
    m_list->setAccessibleName(tr("What was done"));
    m_list->setHeaderLabels({tr("When"), tr("Picture"), tr("What was done")});
    m_list->setRootIsDecorated(false);
    m_list->setUniformRowHeights(true);
    m_list->setTextElideMode(Qt::ElideMiddle);
    m_list->setColumnWidth(0, m_list->fontMetrics().horizontalAdvance("00:00:00 AM") + 24);
    m_list->setColumnWidth(1, withText(200));
    column->addWidget(m_list, 1);
    addButtons();
    connect(m_choose, &QPushButton::clicked, this, [this] {
        const auto folder =
            QFileDialog::getExistingDirectory(this, tr("Watch this folder"), m_folder->text());
        if (!folder.isEmpty())
            m_folder->setText(folder);
    });
    showWatched({});
}

void WatchDialog::addButtons() {
    auto* buttons = new QDialogButtonBox;
    m_watch = buttons->addButton(QString(), QDialogButtonBox::ActionRole);
    m_watch->setProperty("strong", true);
    buttons->addButton(QDialogButtonBox::Close)->setAutoDefault(false);
    layout()->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject); // it goes on behind it
    connect(m_watch, &QPushButton::clicked, this, [this] {
        if (m_watching)
            emit stopRequested();
        else
            emit startRequested(m_folder->text().trimmed(), m_recursive->isChecked());
    });
}

void WatchDialog::showWatched(const QString& folder) {
    m_watching = !folder.isEmpty();
    m_watch->setText(m_watching ? tr("Watch no more") : tr("Watch"));
    for (QWidget* widget : std::initializer_list<QWidget*>{m_folder, m_choose, m_recursive})
        widget->setEnabled(!m_watching);
    if (m_watching)
        m_folder->setText(folder);
    say(m_watching
            ? tr("Watched while this window is open: what has been at rest for two seconds comes onto the "
                 "wall.")
            : tr("Nothing is watched. Pictures that come into the folder go onto the wall by themselves."));
}

void WatchDialog::add(const QString& when, const QString& picture, const QString& what, bool good) {
    auto* row = new QTreeWidgetItem({when, picture, what});
    if (!good)
        row->setForeground(2, theme().look);
    row->setToolTip(2, what);
    row->setSizeHint(0, {0, m_list->fontMetrics().lineSpacing() + 10});
    m_list->insertTopLevelItem(0, row);
    while (m_list->topLevelItemCount() > kMostLines)
        delete m_list->takeTopLevelItem(kMostLines);
}

void WatchDialog::say(const QString& text) {
    m_said->setText(text);
}

QString WatchDialog::said() const {
    return m_said->text();
}

} // namespace keepseal::app
