// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "chain/quality_curve.h"

#include "base/text.h"
#include "theme/theme.h"

#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace keepseal::app {
namespace {

constexpr int kFrom = 40, kTo = 98;

} // namespace

QualityCurve::QualityCurve(EncodedProof* encoded, QWidget* parent) : QWidget(parent), m_encoded(encoded) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    connect(encoded, &EncodedProof::changed, this, [this] {
        tellAll();
        update();
    });
}

void QualityCurve::setQuality(int quality, const QString& picture) {
    m_quality = quality;
    m_picture = picture;
    tellAll();
    update();
}

void QualityCurve::tellAll() {
    setAccessibleName(tr("%1: %2").arg(m_picture, sentence()));
    setToolTip(accessibleName());
}

QString QualityCurve::sentence() const {
    if (!m_encoded->problem().isEmpty())
        return m_encoded->problem();
    if (m_encoded->bytes() == 0)
        return tr("measuring the file…");
    const auto bytes = toQt(shownBytes(m_encoded->bytes()));
    const auto& limits = m_encoded->limits();
    const auto score = scoreAt(m_encoded->quality().value_or(m_quality));
    const auto seen = score ? tr(", difference %1").arg(*score, 0, 'f', 0) : QString();
    return (limits.isEmpty() ? tr("%1 as %2").arg(bytes, m_encoded->format())
                             : (QStringList{bytes} + limits).join(QObject::tr(", "))) +
           seen;
}

std::optional<double> QualityCurve::scoreAt(int quality) const {
    if (m_encoded->score())
        return m_encoded->score();
    for (const auto& point : m_encoded->curve())
        if (point.quality == quality)
            return point.score;
    return std::nullopt;
}

QRectF QualityCurve::plot() const {
    return QRectF(rect()).adjusted(10, 26, -14, -38);
}

QPointF QualityCurve::at(int quality, qulonglong bytes) const {
    qulonglong most = 1;
    for (const auto& point : m_encoded->curve())
        most = std::max(most, point.bytes);
    const QRectF p = plot();
    return {p.left() + p.width() * (quality - kFrom) / (kTo - kFrom),
            p.bottom() - p.height() * static_cast<double>(bytes) / static_cast<double>(most)};
}

void QualityCurve::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    painter.setFont(smallFont());
    painter.setPen(t.text);
    const auto& curve = m_encoded->curve();
    const auto words = sentence();
    painter.drawText(QRectF(0, 0, width(), 22), Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(words, Qt::ElideMiddle, width()));
    const QRectF p = plot();
    painter.setPen(QPen(t.line, 1));
    painter.drawLine(p.bottomLeft(), p.bottomRight());
    painter.setPen(t.quiet);
    for (const int quality : {50, 70, 90})
        painter.drawText(QRectF(at(quality, 0).x() - 20, p.bottom() + 3, 40, 16), Qt::AlignCenter,
                         QString::number(quality));
    if (curve.empty())
        return;
    QPolygonF line;
    for (const auto& point : curve)
        line << at(point.quality, point.bytes);
    painter.setPen(QPen(t.accent, 2));
    painter.drawPolyline(line);
    QPolygonF seen; // of 100 at the top
    for (const auto& point : curve)
        if (point.score)
            seen << QPointF(at(point.quality, 0).x(),
                            p.bottom() - p.height() * std::max(0.0, *point.score) / 100);
    painter.setPen(QPen(t.quiet, 2, Qt::DotLine));
    painter.drawPolyline(seen);
    painter.setPen(t.quiet);
    painter.drawText(QRectF(p.left(), p.top() - 2, 90, 16), Qt::AlignLeft,
                     toQt(shownBytes(curve.back().bytes)));
    if (!seen.isEmpty())
        painter.drawText(QRectF(0, p.bottom() + 19, width(), 16), Qt::AlignLeft,
                         tr("line: bytes · dotted: difference"));
    const int shown = std::clamp(m_encoded->quality().value_or(m_quality), kFrom, kTo);
    painter.setPen(QPen(t.quiet, 1, Qt::DashLine));
    if (const auto most = m_encoded->atMost(); most > 0 && most < curve.back().bytes)
        painter.drawLine(QPointF(p.left(), at(shown, most).y()), QPointF(p.right(), at(shown, most).y()));
    painter.drawLine(QPointF(at(shown, 0).x(), p.top()), QPointF(at(shown, 0).x(), p.bottom()));
    painter.setPen(QPen(t.raised, 1.5));
    painter.setBrush(t.accent);
    painter.drawEllipse(at(shown, m_encoded->bytes()), 5, 5);
}

int QualityCurve::accessibleCount() const {
    return static_cast<int>(m_encoded->curve().size());
}

QString QualityCurve::accessibleItemName(int index) const {
    const auto& point = m_encoded->curve()[static_cast<std::size_t>(index)];
    const auto bytes = tr("Quality %1: %2").arg(point.quality).arg(toQt(shownBytes(point.bytes)));
    return point.score ? tr("%1, difference %2").arg(bytes).arg(*point.score, 0, 'f', 0) : bytes;
}

QRect QualityCurve::accessibleItemRect(int index) const {
    const auto& point = m_encoded->curve()[static_cast<std::size_t>(index)];
    return QRectF(at(point.quality, point.bytes) - QPointF(5, 5), QSizeF(10, 10)).toRect();
}

bool QualityCurve::isAccessibleItemChosen(int index) const {
    return index == accessibleCurrent();
}

/// The nearest of those that were measured.
int QualityCurve::accessibleCurrent() const {
    const auto& curve = m_encoded->curve();
    const int shown = m_encoded->quality().value_or(m_quality);
    const auto nearest = std::min_element(curve.begin(), curve.end(), [shown](const auto& a, const auto& b) {
        return std::abs(a.quality - shown) < std::abs(b.quality - shown);
    });
    return nearest == curve.end() ? -1 : static_cast<int>(nearest - curve.begin());
}

void QualityCurve::chooseAccessibleItem(int index) {
    emit qualityChosen(m_encoded->curve()[static_cast<std::size_t>(index)].quality);
}

void QualityCurve::mousePressEvent(QMouseEvent* event) {
    const QRectF p = plot();
    const double share = std::clamp((event->position().x() - p.left()) / p.width(), 0.0, 1.0);
    emit qualityChosen(static_cast<int>(std::lround(kFrom + share * (kTo - kFrom))));
}

} // namespace keepseal::app
