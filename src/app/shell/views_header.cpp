// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/views_header.h"

#include "widgets/side_area.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QSlider>
#include <QToolButton>
#include <QVBoxLayout>

#include <algorithm>

namespace keepseal::app {
ViewsHeader::ViewsHeader(QWidget* parent)
    : QWidget(parent), m_asSaved(new QToolButton), m_difference(new QToolButton),
      m_size(new QSlider(Qt::Horizontal)), m_surround(new QToolButton), m_noticeBox(new QWidget),
      m_notice(new QLabel) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kGap4, kGap1, kGap3, kGap1);
    column->setSpacing(kGap1);
    auto* row = new QHBoxLayout;
    row->setSpacing(kGap1);
    const std::pair<QString, QString> views[] = {
        {tr("Wall"), tr("All proofs (Ctrl+1)")},
        {tr("One"), tr("One proof, large (Ctrl+2 or Enter)")},
        {tr("Before / after"), tr("Original and copy with a divider (Ctrl+3)")},
        {tr("Words"), tr("What all copies will say, as a table (Ctrl+4)")},
        {tr("What leaves"), tr("What each file tells, and what its copy will (Ctrl+5)")},
        {tr("Plan and check"), tr("Every copy, before and after the run (Ctrl+6)")},
        {tr("Register"), tr("Every copy that ever left, and what a picture is that you met (Ctrl+7)")}};
    auto* viewGroup = new QButtonGroup(this);
    auto* zoomGroup = new QButtonGroup(this);
    auto* tabs = new QWidget;
    auto* viewsRow = new QHBoxLayout(tabs);
    viewsRow->setContentsMargins(0, 0, 0, 0);
    viewsRow->setSpacing(0); // all fit beside the widest drawer at 1280 pixels
    for (int i = 0; i < kViews; ++i) {
        auto* button = new QPushButton(views[i].first);
        button->setToolTip(views[i].second);
        button->setCheckable(true);
        viewGroup->addButton(button);
        button->setStyleSheet("QPushButton { border: none; border-bottom: 2px solid transparent; "
                              "border-radius: 0; background: transparent; "
                              "padding: 7px 5px; } QPushButton:checked { border-bottom: 2px solid "
                              "palette(highlight); font-weight: 600; }"
                              "QPushButton:focus { color: palette(highlight); }");
        connect(button, &QPushButton::clicked, this,
                [this, i] { emit viewRequested(static_cast<ViewKind>(i)); });
        button->setMinimumWidth(QFontMetrics(strongFont()).horizontalAdvance(views[i].first) + 12);
        m_views[i] = button;
        viewsRow->addWidget(button);
    }
    viewsRow->addStretch();
    row->addWidget(scrolledSideways(tabs), 1);
    const QString zooms[] = {tr("Fit"), tr("100 %"), tr("200 %")};
    for (int i = 0; i < 3; ++i) {
        m_zooms[i] = new QToolButton;
        m_zooms[i]->setText(zooms[i]);
        m_zooms[i]->setCheckable(true);
        zoomGroup->addButton(m_zooms[i]);
        m_zooms[i]->setAccessibleName(tr("Zoom: %1").arg(zooms[i]));
        connect(m_zooms[i], &QToolButton::clicked, this, [this, i] { emit zoomRequested(i); });
        row->addWidget(m_zooms[i]);
    }
    m_asSaved->setText(tr("As saved"));
    m_asSaved->setCheckable(true);
    m_asSaved->setToolTip(tr("The picture as its file will be, decoded again, with its bytes (Ctrl+E)"));
    row->addWidget(m_asSaved);
    m_difference->setText(tr("Difference"));
    m_difference->setCheckable(true);
    m_difference->setToolTip(tr("What saving changed, enlarged on grey (Ctrl+Shift+Y)"));
    connect(m_asSaved, &QToolButton::toggled, this, &ViewsHeader::makeRoom);
    row->addWidget(m_difference);
    m_size->setRange(70, 420);
    m_size->setFixedWidth(withText(130));
    m_size->setAccessibleName(tr("Size of the proofs"));
    m_size->setToolTip(tr("Size of the proofs (Ctrl+wheel)"));
    row->addWidget(m_size);
    row->addSpacing(kGap2);
    m_surround->setText(tr("Grey"));
    m_surround->setAccessibleName(tr("Grey around the pictures"));
    m_surround->setToolTip(tr("Dark, middle or light grey around the pictures (Ctrl+G)"));
    connect(m_surround, &QToolButton::clicked, this, &ViewsHeader::surroundRequested);
    row->addWidget(m_surround);
    column->addLayout(row);

    auto* noticeRow = new QHBoxLayout(m_noticeBox);
    noticeRow->setContentsMargins(kGap2, kGap1, kGap1, kGap1);
    m_notice->setWordWrap(true);
    m_notice->setTextInteractionFlags(Qt::TextSelectableByMouse);
    auto* close = new QToolButton;
    close->setIcon(icon("x"));
    close->setAccessibleName(tr("Close the notice"));
    connect(close, &QToolButton::clicked, this, &ViewsHeader::noticeClosed);
    noticeRow->addWidget(m_notice, 1);
    noticeRow->addWidget(close);
    m_noticeBox->hide();
    column->addWidget(m_noticeBox);
    setView(ViewKind::Wall);
}

void ViewsHeader::setView(ViewKind view) {
    m_views[static_cast<std::size_t>(view)]->setChecked(true);
    m_view = view;
    makeRoom();
}

/// Where it is narrow the names of the views stay whole; what has a key of its own gives way.
void ViewsHeader::makeRoom() {
    const bool one = m_view == ViewKind::One || m_view == ViewKind::BeforeAfter;
    const bool wall = m_view == ViewKind::Wall;
    int room = width() - kGap4 - kGap3;
    for (auto* button : m_views)
        room -= button->minimumWidth() + kGap1;
    const auto fits = [&](QWidget* widget, bool wanted) {
        const int need = std::max(widget->sizeHint().width(), widget->minimumWidth()) + kGap1;
        const bool shown = wanted && need <= room;
        widget->setVisible(shown);
        room -= shown ? need : 0;
    };
    fits(m_zooms[0], one);
    fits(m_zooms[1], one);
    fits(m_asSaved, one);
    fits(m_difference, one && m_asSaved->isChecked());
    fits(m_zooms[2], one);
    fits(m_size, wall);
    fits(m_surround, one || wall);
}

void ViewsHeader::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    makeRoom();
}

void ViewsHeader::setZoomText(const QString& text) {
    for (auto* zoom : m_zooms)
        zoom->setChecked(zoom->text() == text);
}

void ViewsHeader::setNotice(const QString& text) {
    m_notice->setText(text);
    m_noticeBox->setVisible(!text.isEmpty());
    m_noticeBox->setStyleSheet(
        QString("QWidget { background: %1; border-radius: 6px; } QLabel { color: %2; }")
            .arg(theme().raised.name(), theme().look.name()));
}

} // namespace keepseal::app
