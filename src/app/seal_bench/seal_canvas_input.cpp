// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The canvas under a person's hands: which part a press takes, the keys, the wheel, what is dropped.
#include "seal_bench/seal_canvas.h"

#include "theme/theme.h"
#include "widgets/typeface_box.h"

#include <QDragEnterEvent>
#include <QKeyEvent>
#include <QMimeData>
#include <QUrl>

#include <cmath>

namespace keepseal::app {

void SealCanvas::mousePressEvent(QMouseEvent* event) {
    finishText(true);
    const QPointF at = event->position();
    m_hold = {};
    m_hold.from = at;
    m_hold.design = m_document->currentDelivery().seal;
    m_hold.pan = m_pan;
    if (const auto* seal = result())
        m_hold.result = *seal;
    if (const auto* shown = image())
        m_hold.frameScale = pictureRect().width() / shown->width();
    ++m_merge;
    if (event->button() == Qt::MiddleButton) {
        m_hold.grip = Grip::Pan;
        return;
    }
    if (event->button() != Qt::LeftButton)
        return;
    m_hold.grip = gripAt(at, m_hold.corner);
    if (m_hold.grip != Grip::None)
        return;
    const auto hit = m_perspective ? std::string() : partAt(at);
    if (event->modifiers() & (Qt::ShiftModifier | Qt::ControlModifier)) {
        auto ids = m_selection;
        if (const auto found = std::find(ids.begin(), ids.end(), hit); found != ids.end())
            ids.erase(found);
        else if (!hit.empty())
            ids.push_back(hit);
        setSelection(ids);
        return;
    }
    const Point p = toSeal(at);
    const Box whole = prepared()->box;
    const bool inside = p.x >= whole.x && p.x <= whole.right() && p.y >= whole.y && p.y <= whole.bottom();
    const bool selected = std::find(m_selection.begin(), m_selection.end(), hit) != m_selection.end();
    if (!hit.empty() && !selected)
        setSelection({hit});
    else if (hit.empty())
        setSelection({});
    m_hold.grip = !hit.empty() && movesParts(m_hold.design) ? Grip::MoveParts
                  : inside                                  ? Grip::MoveSeal
                  : m_zoom > 0                              ? Grip::Pan
                                                            : Grip::None;
}

void SealCanvas::mouseMoveEvent(QMouseEvent* event) {
    if (m_hold.grip != Grip::None && event->buttons() != Qt::NoButton) {
        if (m_hold.moved || QLineF(event->position(), m_hold.from).length() > 3) {
            m_hold.moved = true;
            dragTo(event->position(), event->modifiers());
        }
        return;
    }
    int corner = 0;
    const Grip grip = gripAt(event->position(), corner);
    setCursor(grip == Grip::Resize   ? (corner % 2 == 0 ? Qt::SizeFDiagCursor : Qt::SizeBDiagCursor)
              : grip == Grip::Turn   ? Qt::CrossCursor
              : grip == Grip::Corner ? Qt::PointingHandCursor
              : !partAt(event->position()).empty() ? Qt::SizeAllCursor
                                                   : Qt::ArrowCursor);
}

void SealCanvas::mouseReleaseEvent(QMouseEvent*) {
    m_hold.grip = Grip::None;
    m_guides.clear();
    update();
}

void SealCanvas::keyPressEvent(QKeyEvent* event) {
    const double step = event->modifiers() & Qt::ShiftModifier ? 10 : 1;
    if (!event->isAutoRepeat())
        ++m_merge;
    switch (event->key()) {
    case Qt::Key_Left:
        return nudge(-step, 0);
    case Qt::Key_Right:
        return nudge(step, 0);
    case Qt::Key_Up:
        return nudge(0, -step);
    case Qt::Key_Down:
        return nudge(0, step);
    case Qt::Key_Delete:
    case Qt::Key_Backspace:
        if (!m_selection.empty()) {
            SealDesign next = m_document->currentDelivery().seal;
            removeParts(next, m_selection);
            m_document->setSeal(std::move(next), tr("removing parts"));
        }
        return;
    case Qt::Key_Return:
    case Qt::Key_Enter:
    case Qt::Key_F2:
        if (!m_selection.empty())
            editText(m_selection.front());
        return;
    case Qt::Key_Escape:
        if (m_selection.empty())
            QWidget::keyPressEvent(event); // up to the bench, which closes
        else
            setSelection({});
        return;
    case Qt::Key_Tab:
        QWidget::keyPressEvent(event);
        return;
    case Qt::Key_Plus:
    case Qt::Key_Equal:
        return setZoom(zoomPercent() * 1.25);
    case Qt::Key_Minus:
        return setZoom(zoomPercent() / 1.25);
    case Qt::Key_0:
        return setZoom(0);
    case Qt::Key_1:
        return setZoom(100);
    default:
        QWidget::keyPressEvent(event);
    }
}

void SealCanvas::wheelEvent(QWheelEvent* event) {
    if (event->modifiers() & Qt::ControlModifier)
        return setZoom(zoomPercent() * (event->angleDelta().y() > 0 ? 1.15 : 1 / 1.15));
    m_pan += QPointF(event->angleDelta()) / 3;
    clampPan();
    update();
}

void SealCanvas::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void SealCanvas::dropEvent(QDropEvent* event) {
    for (const auto& url : event->mimeData()->urls())
        if (url.isLocalFile())
            isTypefaceFile(url.toLocalFile()) ? emit typefaceDropped(url.toLocalFile())
                                              : emit logoDropped(url.toLocalFile());
    event->acceptProposedAction();
}

} // namespace keepseal::app
