// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What taking hold of the seal does: moving with snapping, resizing, turning, dragging corners, nudging.
#include "seal_bench/seal_canvas.h"

#include <cmath>
#include <numbers>

namespace keepseal::app {
namespace {

constexpr double kSnap = 8; ///< pixels

} // namespace

void SealCanvas::dragTo(QPointF at, Qt::KeyboardModifiers keys) {
    m_guides.clear();
    switch (m_hold.grip) {
    case Grip::MoveSeal:
        return moveSeal(at - m_hold.from);
    case Grip::MoveParts:
        return moveSelected(at - m_hold.from, !(keys & Qt::AltModifier));
    case Grip::Resize:
        return resizeTo(at);
    case Grip::Turn:
        return turnTo(at, keys & Qt::ShiftModifier);
    case Grip::Corner:
        return cornerTo(at);
    case Grip::Pan:
        m_pan = m_hold.pan + at - m_hold.from;
        clampPan();
        update();
        return;
    case Grip::None:
        return;
    }
}

/// Follows the pointer; near one of the nine places it takes that place, near a middle line that line.
void SealCanvas::moveSeal(QPointF by) {
    const QRectF rect = pictureRect();
    SealDesign next = m_hold.design;
    if (next.arrangement == Arrangement::Repeat) {
        const double unit = std::max(1.0, m_hold.result.unit * m_hold.frameScale);
        const Box box = prepared()->box;
        next.repeat.phaseX = std::clamp(
            std::remainder(
                m_hold.design.repeat.phaseX + by.x() / unit * 10000 / (box.width + next.repeat.gapX), 100.0),
            -100.0, 100.0);
        next.repeat.phaseY = std::clamp(
            std::remainder(
                m_hold.design.repeat.phaseY + by.y() / unit * 10000 / (box.height + next.repeat.gapY), 100.0),
            -100.0, 100.0);
        m_document->setSeal(std::move(next), tr("moving the pattern"), m_merge);
        return;
    }
    const Box& box = m_hold.result.box;
    const double scale = m_hold.frameScale;
    QPointF centre = rect.topLeft() + QPointF(box.centre().x, box.centre().y) * scale + by;
    const double width = box.width * scale, height = box.height * scale;
    const double margin = std::min(rect.width(), rect.height()) * next.margins.share / 100;
    for (int i = 0; i < 9; ++i) {
        const double x = i % 3 == 0   ? rect.left() + margin + width / 2
                         : i % 3 == 1 ? rect.center().x()
                                      : rect.right() - margin - width / 2;
        const double y = i / 3 == 0   ? rect.top() + margin + height / 2
                         : i / 3 == 1 ? rect.center().y()
                                      : rect.bottom() - margin - height / 2;
        if (std::abs(centre.x() - x) > kSnap || std::abs(centre.y() - y) > kSnap)
            continue;
        m_guides = {QLineF(x, rect.top(), x, rect.bottom()), QLineF(rect.left(), y, rect.right(), y)};
        next.anchor = static_cast<Anchor>(i);
        next.atPoint = false;
        m_document->setSeal(std::move(next), tr("moving the seal"), m_merge);
        return;
    }
    if (std::abs(centre.x() - rect.center().x()) <= kSnap) {
        centre.setX(rect.center().x());
        m_guides.push_back(QLineF(centre.x(), rect.top(), centre.x(), rect.bottom()));
    }
    if (std::abs(centre.y() - rect.center().y()) <= kSnap) {
        centre.setY(rect.center().y());
        m_guides.push_back(QLineF(rect.left(), centre.y(), rect.right(), centre.y()));
    }
    next.atPoint = true;
    const auto share = [](double v, double from, double length) {
        return std::round(std::clamp((v - from) / length * 100, 0.0, 100.0) * 10) / 10;
    };
    next.point = {share(centre.x(), rect.left(), rect.width()), share(centre.y(), rect.top(), rect.height())};
    m_document->setSeal(std::move(next), tr("moving the seal"), m_merge);
}

/// By whole tenths of a unit; edges and middles of other parts hold on to those that are moved.
void SealCanvas::moveSelected(QPointF by, bool snap) {
    const Affine& m = m_hold.result.map;
    const double scale = m_hold.frameScale;
    const Affine frame{m.xx * scale, m.yx * scale, m.xy * scale, m.yy * scale, 0, 0};
    Point move = frame.inverse().map(Point{by.x(), by.y()});
    const auto seal = preparedOrNothing(withWho(m_hold.design, m_document->who()));
    Box box;
    for (const auto& id : m_selection)
        box = united(box, boxOf(*seal, id));
    if (snap && !box.empty()) {
        const double reach = kSnap / std::max(1e-6, frame.scale());
        double bestX = reach, bestY = reach;
        Point shift;
        for (const auto& [id, other] : seal->boxes) {
            if (std::find(m_selection.begin(), m_selection.end(), id) != m_selection.end())
                continue;
            const double targetsX[] = {other.x, other.centre().x, other.right()};
            const double targetsY[] = {other.y, other.centre().y, other.bottom()};
            const double ownX[] = {box.x, box.centre().x, box.right()};
            const double ownY[] = {box.y, box.centre().y, box.bottom()};
            for (const double target : targetsX)
                for (const double own : ownX)
                    if (const double d = target - own - move.x; std::abs(d) < std::abs(bestX))
                        bestX = d, shift.x = d;
            for (const double target : targetsY)
                for (const double own : ownY)
                    if (const double d = target - own - move.y; std::abs(d) < std::abs(bestY))
                        bestY = d, shift.y = d;
        }
        move.x += shift.x, move.y += shift.y;
        const QRectF rect = pictureRect();
        const QPointF centre = toWidget({box.centre().x + move.x, box.centre().y + move.y});
        if (shift.x != 0)
            m_guides.push_back(QLineF(centre.x(), rect.top(), centre.x(), rect.bottom()));
        if (shift.y != 0)
            m_guides.push_back(QLineF(rect.left(), centre.y(), rect.right(), centre.y()));
    }
    SealDesign next = m_hold.design;
    moveParts(next, m_selection, {std::round(move.x * 10) / 10, std::round(move.y * 10) / 10});
    m_document->setSeal(std::move(next), tr("moving parts"), m_merge);
}

void SealCanvas::resizeTo(QPointF at) {
    const Box box = m_selection.empty() ? preparedOrNothing(withWho(m_hold.design, m_document->who()))->box
                                        : selectionBox();
    const QRectF rect = pictureRect();
    const Affine& m = m_hold.result.map;
    const Point middle = m.map(box.centre());
    const QPointF centre = rect.topLeft() + QPointF(middle.x, middle.y) * m_hold.frameScale;
    const double before = QLineF(centre, m_hold.from).length(), now = QLineF(centre, at).length();

    const double factor = std::clamp(now / std::max(4.0, before), 0.05, 20.0);
    SealDesign next = m_hold.design;
    if (m_selection.empty()) {
        next.size = std::clamp(std::round(m_hold.design.size * factor * 10) / 10, 0.5, 60.0);
        m_document->setSeal(std::move(next), tr("resizing the seal"), m_merge);
        return;
    }
    for (const auto& id : m_selection)
        resizePart(next, id, factor);
    m_document->setSeal(std::move(next), tr("resizing parts"), m_merge);
}

void SealCanvas::turnTo(QPointF at, bool steps) {
    const QRectF rect = pictureRect();
    const Point middle = m_hold.result.map.map(prepared()->box.centre());
    const QPointF centre = rect.topLeft() + QPointF(middle.x, middle.y) * m_hold.frameScale;
    const QPointF arm = at - centre;
    double degrees = std::atan2(arm.x(), -arm.y()) * 180 / std::numbers::pi;
    degrees = steps ? std::round(degrees / 15) * 15 : std::round(degrees * 2) / 2;
    if (!steps && std::abs(degrees) < 1.5)
        degrees = 0; // upright is where most seals belong
    SealDesign next = m_hold.design;
    next.angle = std::clamp(degrees, -180.0, 180.0);
    m_document->setSeal(std::move(next), tr("turning the seal"), m_merge);
}

void SealCanvas::cornerTo(QPointF at) {
    const QPointF by = (at - m_hold.from) / std::max(1e-6, m_hold.frameScale);
    const Affine& m = m_hold.result.map;
    const Point move = Affine{m.xx, m.yx, m.xy, m.yy, 0, 0}.inverse().map(Point{by.x(), by.y()});
    const Box box = prepared()->box;
    SealDesign next = m_hold.design;
    auto& corner = next.perspective.corners[static_cast<std::size_t>(m_hold.corner)];
    const auto percent = [](double v) { return std::clamp(std::round(v * 10) / 10, -300.0, 300.0); };
    corner = {percent(corner.x + move.x / box.width * 100), percent(corner.y + move.y / box.height * 100)};
    m_document->setSeal(std::move(next), tr("dragging a corner"), m_merge);
}

void SealCanvas::nudge(double dx, double dy) {
    SealDesign next = m_document->currentDelivery().seal;
    if (movesParts(next)) {
        moveParts(next, m_selection, {dx, dy});
        m_document->setSeal(std::move(next), tr("moving parts"), m_merge);
        return;
    }
    const auto* seal = result();
    const auto* shown = image();
    if (!seal || !shown || next.arrangement == Arrangement::Repeat)
        return;
    if (!next.atPoint)
        next.point = {seal->box.centre().x / shown->width() * 100,
                      seal->box.centre().y / shown->height() * 100};
    next.atPoint = true;
    const auto moved = [](double v) { return std::round(std::clamp(v, 0.0, 100.0) * 10) / 10; };
    next.point = {moved(next.point.x + dx / 5), moved(next.point.y + dy / 5)};
    m_document->setSeal(std::move(next), tr("moving the seal"), m_merge);
}

} // namespace keepseal::app
