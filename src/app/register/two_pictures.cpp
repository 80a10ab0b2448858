// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "register/two_pictures.h"

#include "theme/theme.h"

#include <QPainter>

namespace keepseal::app {
namespace {

void paintOne(QPainter& painter, const QRect& box, const QImage& image, const QString& words) {
    const int line = words.isEmpty() ? 0 : withText(20);
    const QSize size =
        image.isNull() ? QSize(0, 0) : image.size().scaled(box.size() - QSize(0, line), Qt::KeepAspectRatio);
    const int top = box.top() + (box.height() - line - size.height()) / 2;
    painter.drawImage(QRect(QPoint(box.left() + (box.width() - size.width()) / 2, top), size), image);
    painter.setPen(theme().onSurround(surround()));
    painter.drawText(QRect(box.left(), top + size.height(), box.width(), line), Qt::AlignCenter,
                     painter.fontMetrics().elidedText(words, Qt::ElideMiddle, box.width()));
}

} // namespace

TwoPictures::TwoPictures(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void TwoPictures::show(const QImage& left, const QString& leftWords, const QImage& right,
                       const QString& rightWords) {
    m_left = left;
    m_right = right;
    m_leftWords = leftWords;
    m_rightWords = rightWords;
    setAccessibleName(rightWords.isEmpty() ? leftWords : leftWords + QObject::tr(", ") + rightWords);
    update();
}

void TwoPictures::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().surround(surround()));
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.setFont(smallFont());
    const QRect inner = rect().adjusted(kGap3, kGap3, -kGap3, -kGap1);
    if (m_rightWords.isEmpty())
        return paintOne(painter, inner, m_left, m_leftWords);
    const int half = (inner.width() - kGap3) / 2;
    paintOne(painter, QRect(inner.left(), inner.top(), half, inner.height()), m_left, m_leftWords);
    paintOne(painter, QRect(inner.right() - half + 1, inner.top(), half, inner.height()), m_right,
             m_rightWords);
}

} // namespace keepseal::app
