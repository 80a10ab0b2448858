// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "proofs/single_view.h"

#include "finish/sharp_places.h"

#include "base/text.h"
#include "geometry/fit.h"
#include "render/chain_plan.h"
#include "theme/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace keepseal::app {
namespace {

constexpr int kViewMargin = 20, kFactLineHeight = 30;
constexpr double kGrip = 12;

} // namespace

SingleView::SingleView(JobDocument* document, PictureLibrary* library, EncodedProof* encoded, QWidget* parent)
    : QWidget(parent), m_document(document), m_library(library), m_encoded(encoded),
      m_proofs(document, library, ProofSet::For::One), m_placesTask([this](TaskOutcome<QImage> outcome) {
          m_places = outcome.result.value_or(QImage());
          update();
      }) {
    m_proofs.setPaused(true);
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAccessibleName(tr("One picture"));
    connect(&m_proofs, &ProofSet::changed, this, qOverload<>(&QWidget::update));
    connect(&m_proofs, &ProofSet::changed, this, &SingleView::measureSharpPlaces);
    connect(encoded, &EncodedProof::changed, this, qOverload<>(&QWidget::update));
    connect(document, &JobDocument::exceptionsChanged, this, &SingleView::updateWish);
    connect(library, &PictureLibrary::infoReady, this, [this](OriginalId id) {
        if (id == m_id)
            updateWish();
    });
    connect(document, &JobDocument::stationChanged, this, &SingleView::updateWish);
    connect(document, &JobDocument::currentDeliveryChanged, this, &SingleView::updateWish);
}

void SingleView::showPicture(OriginalId id) {
    if (id != m_id)
        m_pan = {};
    m_id = id;
    if (const auto* item = m_document->original(id))
        setAccessibleDescription(toQt(item->path.filename()));
    updateWish();
    update();
}

void SingleView::stepPage(int direction) {
    const auto info = m_library->info(m_id);
    if (!info)
        return;
    const auto& turn = m_document->currentDelivery().turn;
    const auto taken = pagesTaken(turn.pages, turn.somePages, info->facts.pages).size();
    const auto now = std::min(info->lookedAt, std::max<std::size_t>(taken, 1) - 1);
    if (direction > 0 ? now + 1 < taken : now > 0)
        m_library->lookAtPage(m_id, direction > 0 ? now + 1 : now - 1);
}

QString SingleView::pageWords(const PictureInfo& info) const {
    if (info.facts.pages <= 1)
        return {};
    const auto& turn = m_document->currentDelivery().turn;
    const auto of = tr("   ·   page %1 of %2")
                        .arg(info.factsIn(m_document->currentDelivery()).reading.page + 1)
                        .arg(info.facts.pages);
    return pagesTaken(turn.pages, turn.somePages, info.facts.pages).size() > 1
               ? of + tr(" (Page Up, Page Down)")
               : of;
}

void SingleView::setZoom(Zoom zoom) {
    m_zoom = zoom;
    m_pan = {};
    updateWish();
    update();
    emit zoomChanged();
}

void SingleView::setAsSaved(bool on) {
    m_asSaved = on;
    m_encoded->want(on && isVisible(), m_encoded->wantsCurve());
    update();
}

void SingleView::setDifference(bool on) {
    m_difference = on;
    m_encoded->wantDifference(on);
    update();
}

const QImage& SingleView::shownImage(const Proof& proof) const {
    if (m_asSaved && m_difference && !m_encoded->difference().isNull())
        return m_encoded->difference();
    return m_asSaved && !m_encoded->image().isNull() ? m_encoded->image() : proof.sealed;
}

void SingleView::startPicking() {
    m_picking = true;
    setCursor(Qt::CrossCursor);
    setFocus();
    update();
}

void SingleView::pickAt(QPointF position) {
    const auto* proof = m_proofs.proof(m_id);
    const QImage base = m_proofs.baseImage(m_id);
    if (!proof || base.isNull())
        return;
    const QRectF picture = pictureWithin(*proof, pictureRect());
    if (!picture.contains(position))
        return; // a click beside it: try again
    const QPoint at(static_cast<int>((position.x() - picture.left()) / picture.width() * base.width()),
                    static_cast<int>((position.y() - picture.top()) / picture.height() * base.height()));
    const QRgb pixel =
        base.pixel(std::clamp(at.x(), 0, base.width() - 1), std::clamp(at.y(), 0, base.height() - 1));
    m_picking = false;
    setCursor(Qt::ArrowCursor);
    emit colourPicked({static_cast<std::uint8_t>(qRed(pixel)), static_cast<std::uint8_t>(qGreen(pixel)),
                       static_cast<std::uint8_t>(qBlue(pixel))});
    update();
}

void SingleView::setDivided(bool on) {
    m_divided = on;
    update();
}

QRect SingleView::frameRect() const {
    return rect().adjusted(kViewMargin, kViewMargin, -kViewMargin, -kFactLineHeight - 8);
}

QRectF SingleView::pictureRect() const {
    const auto info = m_library->info(m_id);
    if (!info || info->problem)
        return {};
    const Size copy = chainOf(*m_document, *info, m_id).sizes.whole;
    const QRectF frame = frameRect();
    const qreal ratio = devicePixelRatioF();
    QSizeF size(copy.width / ratio, copy.height / ratio);
    if (m_zoom == Zoom::Fit) {
        if (size.width() > frame.width() || size.height() > frame.height())
            size.scale(frame.size(), Qt::KeepAspectRatio);
    } else if (m_zoom == Zoom::Double)
        size *= 2;
    QRectF out({}, size);
    out.moveCenter(frame.center() + m_pan);
    return out;
}

void SingleView::updateWish() {
    const auto info = m_library->info(m_id);
    if (m_id == 0)
        return m_proofs.wish({});
    if (!info || info->problem || !isVisible())
        return m_proofs.wish({{m_id, {16, 16}}}); // brings its facts to the front of the queue
    const Size copy = chainOf(*m_document, *info, m_id).sizes.whole;
    const auto shown = pictureRect().size() * devicePixelRatioF();
    const Size size = m_zoom == Zoom::Fit ? fitInside(copy, {static_cast<int>(std::lround(shown.width())),
                                                             static_cast<int>(std::lround(shown.height()))})
                                          : copy;
    m_proofs.wish({{m_id, size}});
}

void SingleView::clampPan() {
    const QRectF frame = frameRect();
    const QSizeF size = pictureRect().size();
    const double x = std::max(0.0, (size.width() - frame.width()) / 2);
    const double y = std::max(0.0, (size.height() - frame.height()) / 2);
    m_pan = {std::clamp(m_pan.x(), -x, x), std::clamp(m_pan.y(), -y, y)};
}

void SingleView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().surround(surround()));
    painter.setRenderHint(QPainter::SmoothPixmapTransform, m_zoom != Zoom::Double);
    painter.setRenderHint(QPainter::Antialiasing);
    if (const auto* problem = m_proofs.problem(m_id))
        return paintProblem(painter, *problem);
    const auto* proof = m_proofs.proof(m_id);
    const QRectF rect = pictureRect();
    if (!proof) {
        if (m_id != 0) {
            painter.setPen(theme().onSurround(surround()));
            painter.drawText(frameRect(), Qt::AlignCenter, tr("Reading the picture…"));
        }
        return;
    }
    painter.save();
    painter.setClipRect(QRect(0, 0, width(), height() - kFactLineHeight));
    if (m_before)
        painter.drawImage(pictureWithin(*proof, rect), m_proofs.baseImage(m_id));
    else
        painter.drawImage(rect, shownImage(*proof));
    if (m_sharpPlaces && !m_before && m_placesOf == m_proofs.developed(m_id))
        painter.drawImage(pictureWithin(*proof, rect), m_places);
    if (m_divided && !m_before)
        paintDivider(painter, rect);
    painter.restore();
    paintFacts(painter);
}

void SingleView::setSharpPlaces(bool on) {
    m_sharpPlaces = on;
    measureSharpPlaces();
    update();
}

/// In the background: a picture at its full size takes longer than a frame.
void SingleView::measureSharpPlaces() {
    const auto base = m_proofs.developed(m_id);
    auto finish = m_document->currentDelivery().finish;
    finish.sharpen = finish.grain = false; // they are what keeps to these places
    if (!m_sharpPlaces || !base || (m_placesOf == base && m_placesFor == finish))
        return;
    m_placesOf = base, m_placesFor = finish;
    m_placesTask.start([base, finish, tint = theme().accent](const auto&) {
        Frame toned = *base;
        applyFinish(finish, {}, toned);
        const SharpPlaces places(toned);
        QImage out(places.width(), places.height(), QImage::Format_ARGB32_Premultiplied);
        for (int y = 0; y < places.height(); ++y)
            for (int x = 0; x < places.width(); ++x) {
                auto colour = tint;
                colour.setAlphaF(0.75F * places.at(x, y));
                out.setPixelColor(x, y, colour);
            }
        return out;
    });
}

void SingleView::paintDivider(QPainter& painter, const QRectF& rect) const {
    const auto* proof = m_proofs.proof(m_id);
    const double x = rect.left() + rect.width() * m_divider;
    painter.save();
    painter.setClipRect(QRectF(rect.left(), rect.top(), x - rect.left(), rect.height()), Qt::IntersectClip);
    painter.fillRect(rect, theme().surround(surround()));
    painter.drawImage(pictureWithin(*proof, rect), m_proofs.baseImage(m_id));
    painter.restore();
    painter.setPen(QPen(QColor(0, 0, 0, 120), 3));
    painter.drawLine(QPointF(x, rect.top()), QPointF(x, rect.bottom()));
    painter.setPen(QPen(Qt::white, 1.4));
    painter.drawLine(QPointF(x, rect.top()), QPointF(x, rect.bottom()));
    const QPointF middle(x, rect.center().y());
    painter.setPen(QPen(QColor(0, 0, 0, 120), 1));
    painter.setBrush(Qt::white);
    painter.drawEllipse(middle, kGrip, kGrip);
    painter.setPen(QPen(QColor("#333333"), 1.8, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    for (const double side : {-1.0, 1.0})
        painter.drawPolyline(QPolygonF(
            {middle + QPointF(side * 4, -4), middle + QPointF(side * 8, 0), middle + QPointF(side * 4, 4)}));
    const auto label = [&](const QString& text, double left) {
        painter.setFont(smallFont());
        const QRectF box(left, rect.top() + 10, painter.fontMetrics().horizontalAdvance(text) + 16, 22);
        painter.setPen(Qt::NoPen);
        painter.setBrush(QColor(20, 20, 20, 190));
        painter.drawRoundedRect(box, 4, 4);
        painter.setPen(Qt::white);
        painter.drawText(box, Qt::AlignCenter, text);
    };
    label(tr("Original"), rect.left() + 10);
    const auto after = tr("Copy");
    label(after, rect.right() - 26 - QFontMetrics(smallFont()).horizontalAdvance(after));
}

void SingleView::paintProblem(QPainter& painter, const Problem& problem) const {
    const QColor ink = theme().onSurround(surround());
    painter.drawPixmap(width() / 2 - 16, height() / 2 - 70,
                       iconPixmap("circle-alert", ink, 32, devicePixelRatioF()));
    painter.setPen(ink);
    painter.setFont(strongFont());
    const QRect room = frameRect();
    painter.drawText(QRect(room.left(), height() / 2 - 26, room.width(), 24), Qt::AlignCenter,
                     toQt(std::filesystem::path(problem.subject).filename()));
    painter.setFont(bodyFont());
    painter.drawText(QRect(room.left(), height() / 2, room.width(), 90), Qt::AlignHCenter | Qt::TextWordWrap,
                     toQt(problem.happened) + ".\n" + toQt(problem.remedy));
}

void SingleView::paintFacts(QPainter& painter) const {
    const auto info = m_library->info(m_id);
    const auto* item = m_document->original(m_id);
    if (!info || !item)
        return;
    const Size copy = chainOf(*m_document, *info, m_id).sizes.whole;
    const QRectF rect = pictureRect();
    const double percent = copy.width > 0 ? 100.0 * rect.width() * devicePixelRatioF() / copy.width : 0;
    QString text = toQt(item->path.filename());
    text += pageWords(*info);
    if (!m_asSaved) // then the line is needed for what saving did
        text += tr("   ·   original %1 × %2").arg(info->facts.size.width).arg(info->facts.size.height);
    text += tr("   ·   copy %1 × %2   ·   shown at %3 %")
                .arg(copy.width)
                .arg(copy.height)
                .arg(percent, 0, 'f', 0);
    if (const auto* proof = m_proofs.proof(m_id); proof && proof->seal.readability > 0 && !m_asSaved)
        text += tr("   ·   contrast %1 : 1").arg(proof->seal.readability, 0, 'f', 1);
    if (m_asSaved)
        text += m_encoded->bytes() > 0 && m_encoded->settled()
                    ? tr("   ·   as saved: %1")
                          .arg((QStringList{m_encoded->format(), toQt(shownBytes(m_encoded->bytes()))} +
                                m_encoded->limits() + differenceWords())
                                   .join(QObject::tr(", ")))
                    : tr("   ·   being saved…");
    if (m_picking)
        text = tr("Click on the picture to take a colour · Escape gives up");
    else if (info->tellsPlace)
        text += tr("   ·   place in the original: %1").arg(toQt(info->place));
    painter.setFont(smallFont());
    painter.setPen(theme().onSurround(surround()));
    const QRect line(kViewMargin, height() - kFactLineHeight, width() - 2 * kViewMargin, kFactLineHeight - 6);
    painter.drawText(line, Qt::AlignCenter,
                     painter.fontMetrics().elidedText(text, Qt::ElideRight, line.width()));
}

QStringList SingleView::differenceWords() const {
    if (!m_encoded->score())
        return {};
    QStringList out{tr("difference %1 of 100").arg(*m_encoded->score(), 0, 'f', 1)};
    if (m_difference)
        out << tr("shown %1 times as large").arg(EncodedProof::kDifferenceTimes);
    return out;
}

void SingleView::showEvent(QShowEvent*) {
    m_proofs.setPaused(false);
    m_encoded->want(m_asSaved, m_encoded->wantsCurve());
}
void SingleView::hideEvent(QHideEvent*) {
    m_proofs.setPaused(true);
    m_encoded->want(false, m_encoded->wantsCurve());
    m_picking = false;
}

void SingleView::resizeEvent(QResizeEvent*) {
    clampPan();
    updateWish();
}

void SingleView::mousePressEvent(QMouseEvent* event) {
    if (m_picking)
        return pickAt(event->position());
    const QRectF rect = pictureRect();
    m_draggingDivider =
        m_divided && std::abs(event->position().x() - rect.left() - rect.width() * m_divider) < kGrip + 4;
    m_dragStart = event->position();
    m_panStart = m_pan;
}

void SingleView::mouseMoveEvent(QMouseEvent* event) {
    if (m_picking)
        return;
    const QRectF rect = pictureRect();
    const bool near =
        m_divided && std::abs(event->position().x() - rect.left() - rect.width() * m_divider) < kGrip + 4;
    setCursor(near ? Qt::SplitHCursor : m_zoom != Zoom::Fit ? Qt::OpenHandCursor : Qt::ArrowCursor);
    if (!(event->buttons() & Qt::LeftButton))
        return;
    if (m_draggingDivider)
        m_divider = std::clamp((event->position().x() - rect.left()) / rect.width(), 0.0, 1.0);
    else if (m_zoom != Zoom::Fit) {
        m_pan = m_panStart + event->position() - m_dragStart;
        clampPan();
    }
    update();
}

void SingleView::mouseReleaseEvent(QMouseEvent*) {
    m_draggingDivider = false;
}

void SingleView::mouseDoubleClickEvent(QMouseEvent* event) {
    const QPointF fraction(
        (event->position().x() - pictureRect().left()) / std::max(1.0, pictureRect().width()),
        (event->position().y() - pictureRect().top()) / std::max(1.0, pictureRect().height()));
    setZoom(m_zoom == Zoom::Fit ? Zoom::Full : Zoom::Fit);
    if (m_zoom == Zoom::Full) { // the point under the pointer comes to the middle
        const QSizeF size = pictureRect().size();
        m_pan = {(0.5 - fraction.x()) * size.width(), (0.5 - fraction.y()) * size.height()};
        clampPan();
        update();
    }
}

void SingleView::keyPressEvent(QKeyEvent* event) {
    const double step = 60;
    const bool pan = m_zoom != Zoom::Fit && (event->modifiers() & Qt::ShiftModifier);
    const bool divide = m_divided && (event->modifiers() & Qt::AltModifier);
    const auto move = [&](double dx, double dy) {
        m_pan += QPointF(dx, dy);
        clampPan();
        update();
    };
    switch (event->key()) {
    case Qt::Key_Left:
    case Qt::Key_Right: {
        const int direction = event->key() == Qt::Key_Left ? -1 : 1;
        if (divide) {
            m_divider = std::clamp(m_divider + 0.02 * direction, 0.0, 1.0);
            update();
        } else if (pan)
            move(-step * direction, 0);
        else
            emit stepRequested(layoutDirection() == Qt::RightToLeft ? -direction : direction);
        return;
    }
    case Qt::Key_Up:
    case Qt::Key_Down:
        if (pan)
            move(0, event->key() == Qt::Key_Up ? step : -step);
        else
            emit stepRequested(event->key() == Qt::Key_Up ? -1 : 1);
        return;
    case Qt::Key_PageUp:
    case Qt::Key_PageDown:
        stepPage(event->key() == Qt::Key_PageUp ? -1 : 1);
        return;
    case Qt::Key_Escape:
        if (std::exchange(m_picking, false)) {
            setCursor(Qt::ArrowCursor);
            update();
        } else
            emit closeRequested();
        return;
    case Qt::Key_0:
        setZoom(Zoom::Fit);
        return;
    case Qt::Key_1:
        setZoom(Zoom::Full);
        return;
    case Qt::Key_2:
        setZoom(Zoom::Double);
        return;
    case Qt::Key_Space:
        if (!event->isAutoRepeat()) {
            m_before = true;
            update();
        }
        return;
    default:
        QWidget::keyPressEvent(event);
    }
}

void SingleView::keyReleaseEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat()) {
        m_before = false;
        update();
    } else
        QWidget::keyReleaseEvent(event);
}

} // namespace keepseal::app
