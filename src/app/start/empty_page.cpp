// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "start/empty_page.h"

#include "theme/theme.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace keepseal::app {

EmptyPage::EmptyPage(QWidget* parent) : QWidget(parent), m_lastJob(new QPushButton), m_cards(new QWidget) {
    auto* column = new QVBoxLayout(this);
    column->setSpacing(kGap3);
    column->addStretch(2);
    auto* mark = new QLabel;
    mark->setPixmap(sealPixmap(88, 2));
    mark->setAlignment(Qt::AlignCenter);
    auto* title = new QLabel(tr("Drop pictures or folders here"));
    title->setFont(titleFont());
    title->setAlignment(Qt::AlignCenter);
    auto* text = new QLabel(
        tr("Every picture appears as the copy it will become: sized, sealed, with your rights in it\n"
           "and without the place where it was taken. The originals are only ever read."));
    text->setAlignment(Qt::AlignCenter);
    auto* buttons = new QHBoxLayout;
    auto* pictures = new QPushButton(icon("images"), " " + tr("Open pictures…"));
    auto* folder = new QPushButton(icon("folder-open"), " " + tr("Open a folder…"));
    connect(pictures, &QPushButton::clicked, this, &EmptyPage::picturesRequested);
    connect(folder, &QPushButton::clicked, this, &EmptyPage::folderRequested);
    auto* what = new QPushButton(icon("search"), " " + tr("What is this picture?"));
    what->setToolTip(tr("A picture that you met somewhere: is it yours, and which copy? (Ctrl+Shift+I)"));
    connect(what, &QPushButton::clicked, this, &EmptyPage::whatRequested);
    buttons->addStretch();
    buttons->addWidget(pictures);
    buttons->addWidget(folder);
    buttons->addWidget(what);
    buttons->addStretch();
    for (auto* label : {mark, title, text})
        column->addWidget(label);
    column->addLayout(buttons);
    auto* again = new QHBoxLayout;
    m_lastJob->hide();
    connect(m_lastJob, &QPushButton::clicked, this, &EmptyPage::lastJobRequested);
    again->addStretch();
    again->addWidget(m_lastJob);
    again->addStretch();
    column->addLayout(again);
    new QVBoxLayout(m_cards);
    m_cards->hide();
    column->addWidget(m_cards, 0, Qt::AlignHCenter);
    column->addStretch(3);
}

void EmptyPage::offerCards(const QStringList& words) {
    qDeleteAll(m_cards->findChildren<QPushButton*>());
    for (int i = 0; i < words.size(); ++i) {
        auto* card = new QPushButton(icon("download"), " " + words[i]);
        connect(card, &QPushButton::clicked, this, [this, i] { emit cardRequested(i); });
        m_cards->layout()->addWidget(card);
    }
    m_cards->setVisible(!words.isEmpty());
}

void EmptyPage::offerLastJob(const QString& words) {
    m_lastJob->setVisible(!words.isEmpty());
    m_lastJob->setText(words);
}

} // namespace keepseal::app
