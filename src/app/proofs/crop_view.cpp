// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "proofs/crop_view.h"

#include "picture/original.h"
#include "proofs/frame_proof.h"
#include "theme/theme.h"
#include "widgets/announce.h"
#include "widgets/markup.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <cmath>

namespace keepseal::app {
namespace {

constexpr int kCropMargin = 36, kFactsHeight = 30;
constexpr double kGripReach = 10, kSmallest = 0.02; ///< of a side: a crop is never less

QString factsOf(const ChainPlan& chain, CropView::Mode mode, bool own) {
    const auto pair = [](double w, double h) {
        return fromTheLeft(QString("%1 × %2").arg(w, 0, 'f', 0).arg(h, 0, 'f', 0));
    };
    const auto& kept = chain.fit.kept;
    if (mode == CropView::Mode::Trim)
        return QObject::tr(
                   "%1 of %2 px are kept for the copy's %3 px   ·   drag the frame, or use the arrow keys")
            .arg(pair(kept.width, kept.height), pair(chain.sizes.cut.width, chain.sizes.cut.height),
                 pair(chain.fit.picture.width, chain.fit.picture.height));
    return QObject::tr("crop %1 of %2 px, ratio %3   ·   %4")
        .arg(pair(chain.cut.box.width, chain.cut.box.height),
             pair(chain.cut.turned.width, chain.cut.turned.height))
        .arg(chain.cut.box.width / chain.cut.box.height, 0, 'f', 2)
        .arg(own ? QObject::tr("this picture's own crop, Delete takes it back")
                 : QObject::tr("drag the frame to crop this picture alone"));
}

} // namespace

CropView::CropView(JobDocument* document, PictureLibrary* library, QWidget* parent)
    : QWidget(parent), m_document(document), m_library(library) {
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAccessibleName(tr("Crop of one picture"));
    const auto renew = [this] {
        if (isVisible()) {
            develop();
            tell(false);
        }
        update();
    };
    connect(document, &JobDocument::stationChanged, this, renew);
    connect(document, &JobDocument::currentDeliveryChanged, this, renew);
    connect(document, &JobDocument::exceptionsChanged, this, renew);
    connect(library, &PictureLibrary::infoReady, this, [this, renew](OriginalId id) {
        if (id == m_id)
            renew();
    });
}

void CropView::showPicture(OriginalId id) {
    if (id != m_id)
        forget();
    m_id = id;
    if (isVisible())
        develop();
    update();
}

/// What is painted, for who does not see it; a step of the keys is announced as well.
void CropView::tell(bool byKeys) {
    const auto now = chain();
    if (!now)
        return;
    const Box box = cropBox(*now);
    const auto share = [](double part, double whole) { return std::lround(100 * part / whole); };
    const auto words = tr("%1 · %2 % from the left, %3 % from the top")
                           .arg(factsOf(*now, m_mode, m_document->exception(m_id).turn.crop.has_value()))
                           .arg(share(box.x, now->cut.turned.width))
                           .arg(share(box.y, now->cut.turned.height));
    setAccessibleDescription(words);
    if (byKeys)
        announce(this, words);
}

void CropView::setMode(Mode mode) {
    m_mode = mode;
    update();
}

void CropView::forget() {
    m_image = {};
    m_imageFor = {};
    m_imageTurns = -1;
}

std::optional<ChainPlan> CropView::chain() const {
    return chainOf(*m_document, *m_library, m_id);
}

/// The picture as turned, in the background; the latest wish wins.
void CropView::develop() {
    const auto now = chain();
    const auto info = m_library->info(m_id);
    if (!now || !info)
        return;
    const qreal ratio = devicePixelRatioF();
    const QSize room = (QSizeF(size()) * ratio).toSize();
    const Size wanted = fitInside(now->cut.turned, {std::max(64, room.width()), std::max(64, room.height())});
    const Size target{std::min(wanted.width, now->cut.turned.width),
                      std::min(wanted.height, now->cut.turned.height)};
    const auto reading = info->factsIn(m_document->deliveryAsMade()).reading;
    if (target == m_imageFor && reading == m_imageReading && m_imageTurns == now->cut.quarterTurns &&
        m_imageFlip == now->cut.flip)
        return;
    DevelopWish wish;
    wish.cut = now->cut;
    wish.cut.angle = 0;
    wish.cut.box = {0, 0, double(now->cut.turned.width), double(now->cut.turned.height)};
    wish.kept = wish.cut.box;
    wish.target = target;
    if (m_task.busy() && m_asked && m_asked->id == m_id && m_asked->wish.cut == wish.cut &&
        m_asked->wish.target == wish.target && m_asked->facts.reading == reading)
        return;
    m_asked = Turned{m_id, info->factsIn(m_document->deliveryAsMade()), wish, {}};
    m_task.follow([asked = *m_asked, info, decoded = m_library->decoded()](const auto&) mutable {
        asked.image = toImage(decoded->developed(Original(info->path), asked.facts, asked.wish));
        return asked;
    });
}

/// Of one that can't be made the wall and the single view tell why.
void CropView::take(const TaskOutcome<Turned>& outcome) {
    if (!outcome.result || outcome.result->id != m_id)
        return;
    const auto& [id, facts, wish, image] = *outcome.result;
    m_image = image;
    m_imageFor = wish.target;
    m_imageReading = facts.reading;
    m_imageTurns = wish.cut.quarterTurns;
    m_imageFlip = wish.cut.flip;
    update();
}

Box CropView::cropBox(const ChainPlan& chain) const {
    if (m_mode == Mode::Crop)
        return chain.cut.box;
    return {chain.cut.box.x + chain.fit.kept.x, chain.cut.box.y + chain.fit.kept.y, chain.fit.kept.width,
            chain.fit.kept.height};
}

double CropView::scale() const {
    const auto now = chain();
    if (!now)
        return 1;
    // A straightened picture needs more room: its corners stand out.
    const double radians = std::abs(now->cut.angle) * M_PI / 180;
    const double w = now->cut.turned.width * std::cos(radians) + now->cut.turned.height * std::sin(radians);
    const double h = now->cut.turned.width * std::sin(radians) + now->cut.turned.height * std::cos(radians);
    return std::min((width() - 2 * kCropMargin) / w, (height() - 2 * kCropMargin - kFactsHeight) / h);
}

QRectF CropView::pictureOnScreen() const {
    const auto now = chain();
    if (!now)
        return {};
    const double s = scale();
    QRectF out(0, 0, now->cut.turned.width * s, now->cut.turned.height * s);
    out.moveCenter(QPointF(width() / 2.0, (height() - kFactsHeight) / 2.0));
    return out;
}

QRectF CropView::frameOnScreen() const {
    const auto now = chain();
    if (!now)
        return {};
    const QRectF picture = pictureOnScreen();
    const Box box = cropBox(*now);
    const double s = scale();
    return {picture.left() + box.x * s, picture.top() + box.y * s, box.width * s, box.height * s};
}

void CropView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().surround(surround()));
    const auto now = chain();
    if (!now)
        return;
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF picture = pictureOnScreen();
    painter.save();
    painter.translate(picture.center());
    painter.rotate(now->cut.angle);
    painter.translate(-picture.center());
    if (!m_image.isNull())
        painter.drawImage(picture, m_image);
    painter.restore();
    paintFrame(painter);
    painter.setFont(smallFont());
    painter.setPen(theme().onSurround(surround()));
    painter.drawText(QRect(0, height() - kFactsHeight, width(), kFactsHeight - 6), Qt::AlignCenter,
                     factsOf(*now, m_mode, m_document->exception(m_id).turn.crop.has_value()));
}

void CropView::paintFrame(QPainter& painter) const {
    const QRectF frame = frameOnScreen();
    QPainterPath outside;
    outside.addRect(rect());
    QPainterPath inside;
    inside.addRect(frame);
    QColor shade = theme().surround(surround());
    shade.setAlpha(190);
    painter.fillPath(outside.subtracted(inside), shade);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(QColor(0, 0, 0, 130), 3));
    painter.drawRect(frame);
    painter.setPen(QPen(Qt::white, 1.2));
    painter.drawRect(frame);
    if (m_mode == Mode::Trim)
        return;
    painter.setPen(QPen(QColor(0, 0, 0, 120), 1));
    painter.setBrush(Qt::white);
    for (const double u : {0.0, 0.5, 1.0})
        for (const double v : {0.0, 0.5, 1.0})
            if (u != 0.5 || v != 0.5) {
                const QPointF at(frame.left() + u * frame.width(), frame.top() + v * frame.height());
                painter.drawEllipse(at, 4.5, 4.5);
            }
}

CropView::Grip CropView::gripAt(QPointF p) const {
    const QRectF frame = frameOnScreen();
    if (!frame.adjusted(-kGripReach, -kGripReach, kGripReach, kGripReach).contains(p))
        return {};
    Grip out;
    if (m_mode == Mode::Crop) {
        out.x = std::abs(p.x() - frame.left()) < kGripReach    ? -1
                : std::abs(p.x() - frame.right()) < kGripReach ? 1
                                                               : 0;
        out.y = std::abs(p.y() - frame.top()) < kGripReach      ? -1
                : std::abs(p.y() - frame.bottom()) < kGripReach ? 1
                                                                : 0;
    }
    out.body = !out.x && !out.y && frame.contains(p);
    return out;
}

void CropView::mousePressEvent(QMouseEvent* event) {
    const auto now = chain();
    if (event->button() != Qt::LeftButton || !now)
        return;
    m_grip = gripAt(event->position());
    m_dragStart = event->position();
    m_dragBox = cropBox(*now);
    ++m_drag;
}

void CropView::mouseMoveEvent(QMouseEvent* event) {
    if (!(event->buttons() & Qt::LeftButton) || !m_grip.any()) {
        const Grip grip = gripAt(event->position());
        setCursor(grip.x && grip.y ? (grip.x == grip.y ? Qt::SizeFDiagCursor : Qt::SizeBDiagCursor)
                  : grip.x         ? Qt::SizeHorCursor
                  : grip.y         ? Qt::SizeVerCursor
                  : grip.body      ? Qt::SizeAllCursor
                                   : Qt::ArrowCursor);
        return;
    }
    if (m_mode == Mode::Trim)
        moveTrim(event->position());
    else
        drag(event->position() - m_dragStart);
}

void CropView::mouseReleaseEvent(QMouseEvent*) {
    m_grip = {};
}

void CropView::mouseDoubleClickEvent(QMouseEvent*) {
    emit closeRequested();
}

/// Moves the frame, or the edges that are held; with a ratio the other side follows.
void CropView::drag(QPointF by) {
    const auto now = chain();
    if (!now)
        return;
    const double s = scale(), w = now->cut.turned.width, h = now->cut.turned.height;
    Box box = m_dragBox;
    if (m_grip.body) {
        box.x = std::clamp(box.x + by.x() / s, 0.0, w - box.width);
        box.y = std::clamp(box.y + by.y() / s, 0.0, h - box.height);
        return change(box, m_drag);
    }
    double left = box.x, top = box.y, right = box.right(), bottom = box.bottom();
    const double leastW = w * kSmallest, leastH = h * kSmallest;
    if (m_grip.x < 0)
        left = std::clamp(left + by.x() / s, 0.0, right - leastW);
    if (m_grip.x > 0)
        right = std::clamp(right + by.x() / s, left + leastW, w);
    if (m_grip.y < 0)
        top = std::clamp(top + by.y() / s, 0.0, bottom - leastH);
    if (m_grip.y > 0)
        bottom = std::clamp(bottom + by.y() / s, top + leastH, h);
    const double ratio = ratioOf(m_document->deliveryAsMade().turn, now->cut.turned);
    if (ratio > 0) {
        double width = right - left, height = bottom - top;
        if (m_grip.x && (!m_grip.y || width / height < ratio))
            height = width / ratio;
        else
            width = height * ratio;
        const double most = std::min(
            {1.0, (m_grip.x < 0 ? right : w - left) / width, (m_grip.y < 0 ? bottom : h - top) / height});
        width *= most, height *= most;
        if (m_grip.x < 0)
            left = right - width;
        else
            right = left + width;
        if (m_grip.y < 0)
            top = bottom - height;
        else
            bottom = top + height;
    }
    change({left, top, right - left, bottom - top}, m_drag);
}

void CropView::change(Box box, int merge) {
    const auto now = chain();
    if (!now)
        return;
    const double w = now->cut.turned.width, h = now->cut.turned.height;
    const auto share = [](double v) { return std::clamp(v, 0.0, 1.0); };
    const Box crop{share(box.x / w), share(box.y / h), share(box.width / w), share(box.height / h)};
    m_document->editPictures(
        {m_id}, tr("cropping this picture"), [crop](PictureException& e) { e.turn.crop = crop; }, merge);
}

/// The frame of a trim goes to the nearest of the nine places.
void CropView::moveTrim(QPointF to) {
    const auto now = chain();
    if (!now)
        return;
    const QRectF picture = pictureOnScreen();
    const auto third = [](double u) { return std::clamp(static_cast<int>(u * 3), 0, 2); };
    const int column = third((to.x() - picture.left()) / std::max(1.0, picture.width()));
    const int row = third((to.y() - picture.top()) / std::max(1.0, picture.height()));
    const auto& choices = settingAt("fit.place").choices;
    m_document->setSetting("fit.place", choices[static_cast<std::size_t>(row * 3 + column)].key,
                           100000 + m_drag);
}

void CropView::keyPressEvent(QKeyEvent* event) {
    const auto now = chain();
    const int key = event->key();
    const int dx = key == Qt::Key_Left ? -1 : key == Qt::Key_Right ? 1 : 0;
    const int dy = key == Qt::Key_Up ? -1 : key == Qt::Key_Down ? 1 : 0;
    if (key == Qt::Key_Escape || key == Qt::Key_Return || key == Qt::Key_Enter) {
        emit closeRequested();
    } else if (key == Qt::Key_PageUp || key == Qt::Key_PageDown) {
        emit stepRequested(key == Qt::Key_PageUp ? -1 : 1);
    } else if ((key == Qt::Key_Delete || key == Qt::Key_Backspace) && m_mode == Mode::Crop) {
        m_document->editPictures({m_id}, tr("taking back this picture's crop"),
                                 [](PictureException& e) { e.turn.crop.reset(); });
    } else if ((dx || dy) && now && m_mode == Mode::Trim) {
        const auto anchor = static_cast<int>(m_document->deliveryAsMade().fit.anchor);
        const int column = std::clamp(anchor % 3 + dx, 0, 2), row = std::clamp(anchor / 3 + dy, 0, 2);
        m_document->setSetting(
            "fit.place", settingAt("fit.place").choices[static_cast<std::size_t>(row * 3 + column)].key);
    } else if ((dx || dy) && now) {
        // Arrows move the frame by a hundredth; with Shift they move its right and bottom edges.
        const double s = scale();
        const QPointF by(dx * now->cut.turned.width * 0.01 * s, dy * now->cut.turned.height * 0.01 * s);
        m_dragBox = now->cut.box;
        m_grip =
            event->modifiers() & Qt::ShiftModifier ? Grip{dx ? 1 : 0, dy ? 1 : 0, false} : Grip{0, 0, true};
        if (!event->isAutoRepeat())
            ++m_drag;
        drag(by);
        m_grip = {};
        tell(true);
    } else
        QWidget::keyPressEvent(event);
}

void CropView::resizeEvent(QResizeEvent*) {
    develop();
}

void CropView::showEvent(QShowEvent*) {
    develop();
    tell(false);
}

} // namespace keepseal::app
