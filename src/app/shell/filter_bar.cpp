// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/filter_bar.h"

#include "theme/theme.h"
#include "widgets/announce.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QToolButton>

namespace keepseal::app {

FilterBar::FilterBar(QWidget* parent)
    : QWidget(parent), m_kind(new QComboBox), m_words(new QLineEdit), m_count(new QLabel) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(kGap4, kGap1, kGap3, kGap1);
    row->setSpacing(kGap2);
    using Kind = PictureFilter::Kind;
    const std::pair<QString, Kind> kinds[] = {{tr("All pictures"), Kind::All},
                                              {tr("Tall"), Kind::Tall},
                                              {tr("Wide"), Kind::Wide},
                                              {tr("Square"), Kind::Square},
                                              {tr("Rated 1 or more"), Kind::Rated1},
                                              {tr("Rated 3 or more"), Kind::Rated3},
                                              {tr("Rated 5"), Kind::Rated5},
                                              {tr("Tells a place"), Kind::TellsPlace},
                                              {tr("Stamped before"), Kind::StampedBefore},
                                              {tr("Something is different"), Kind::Different},
                                              {tr("Left out"), Kind::LeftOut},
                                              {tr("With a problem"), Kind::Problem}};
    for (const auto& [name, kind] : kinds)
        m_kind->addItem(name, static_cast<int>(kind));
    m_kind->setAccessibleName(tr("Which pictures are shown"));
    m_words->setPlaceholderText(tr("Find a name, a keyword, a title"));
    m_words->setAccessibleName(tr("Find pictures"));
    m_words->setClearButtonEnabled(true);
    m_words->setMaximumWidth(withText(280));
    m_count->setFont(smallFont());
    auto* close = new QToolButton;
    close->setIcon(icon("x"));
    close->setAccessibleName(tr("Show all pictures again"));
    close->setToolTip(tr("Show all pictures again (Esc)"));
    row->addWidget(m_kind);
    row->addWidget(m_words, 1);
    row->addWidget(m_count);
    row->addStretch();
    row->addWidget(close);
    connect(m_kind, &QComboBox::currentIndexChanged, this, &FilterBar::changed);
    connect(m_words, &QLineEdit::textChanged, this, &FilterBar::changed);
    connect(close, &QToolButton::clicked, this, &FilterBar::leave);
}

void FilterBar::leave() {
    clear();
    hide();
    emit closed();
}

void FilterBar::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape)
        leave();
    else
        QWidget::keyPressEvent(event);
}

PictureFilter FilterBar::filter() const {
    return {static_cast<PictureFilter::Kind>(m_kind->currentData().toInt()), m_words->text().trimmed()};
}

void FilterBar::clear() {
    const QSignalBlocker kind(m_kind), words(m_words);
    m_kind->setCurrentIndex(0);
    m_words->clear();
    emit changed();
}

void FilterBar::setShown(std::size_t shown, std::size_t all) {
    m_count->setText(shown == all ? tr("all %1 shown").arg(all) : tr("%1 of %2 shown").arg(shown).arg(all));
    if (isVisible())
        announce(m_count, m_count->text());
}

} // namespace keepseal::app
