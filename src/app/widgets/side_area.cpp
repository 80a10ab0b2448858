// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/side_area.h"

#include "theme/theme.h"

#include <QEvent>
#include <QScrollBar>

#include <algorithm>

namespace keepseal::app {
namespace {

constexpr int kWidest = 460; ///< the pictures stay the most of the window

} // namespace

SideArea::SideArea(QWidget* parent) : QScrollArea(parent) {
    setWidgetResizable(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
}

void SideArea::setUsualWidth(int width) {
    m_usual = width;
    fitWidth();
}

bool SideArea::eventFilter(QObject* watched, QEvent* event) {
    if (watched == widget() && event->type() == QEvent::LayoutRequest)
        fitWidth();
    return QScrollArea::eventFilter(watched, event);
}

void SideArea::fitWidth() {
    const int asked = widget() ? widget()->minimumSizeHint().width() +
                                     verticalScrollBar()->sizeHint().width() + 2 * frameWidth()
                               : 0;
    setFixedWidth(std::min(std::max(withText(m_usual), asked), kWidest));
}

QScrollArea* scrolledSideways(QWidget* row) {
    auto* area = new QScrollArea;
    area->setWidget(row);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setFocusPolicy(Qt::NoFocus);
    area->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    area->setFixedHeight(row->sizeHint().height());
    return area;
}

} // namespace keepseal::app
