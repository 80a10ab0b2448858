// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal_bench/seal_canvas.h"

#include "geometry/fit.h"
#include "render/picture_words.h"
#include "render/stages.h"
#include "seal/logo.h"
#include "theme/theme.h"

#include <QDragEnterEvent>
#include <QKeyEvent>
#include <QMimeData>
#include <QPainter>

#include <cmath>

namespace keepseal::app {
namespace {

constexpr int kMargin = 24;
constexpr double kGripRadius = 6, kReach = 10; ///< pixels: of a grip, and how far off it is still taken
constexpr int kGroundSide = 1200;

} // namespace

SealCanvas::SealCanvas(JobDocument* document, PictureLibrary* library, QWidget* parent)
    : QWidget(parent), m_document(document), m_library(library),
      m_proofs(document, library, ProofSet::For::One) {
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAcceptDrops(true);
    setAccessibleName(tr("Canvas: the seal on a picture; arrow keys move what is selected"));
    setMinimumSize(240, 180);
    m_proofs.setPaused(true);
    const auto redraw = [this] {
        if (m_prepared && m_prepared->design.parts.empty())
            m_prepared.reset(); // a logo may be known now
        update();
        emit shown();
    };
    connect(&m_proofs, &ProofSet::changed, this, redraw);
    connect(&m_plain, &FrameProof::changed, this, redraw);
    connect(document, &JobDocument::anythingChanged, this, [this] {
        m_prepared.reset();
        std::erase_if(m_selection,
                      [this](const std::string& id) { return !m_document->currentDelivery().seal.part(id); });
        if (m_ground != CanvasGround::Theirs && isVisible())
            m_plain.setSeal(m_document->deliveryAsMade().seal);
    });
    connect(library, &PictureLibrary::infoReady, this, [this](OriginalId id) {
        if (id == m_id)
            renew();
    });
}

/// The hand is on it: one that can't be laid out has nothing to be taken hold of, and problem() says why.
PreparedPtr SealCanvas::preparedOrNothing(const SealDesign& seal, const TextFacts& facts) {
    const KnownLogosOnly noDisk;
    try {
        return prepareSeal(seal, facts);
    } catch (const Problem&) {
        SealDesign nothing = seal;
        nothing.parts.clear();
        return prepareSeal(nothing);
    }
}

PreparedPtr SealCanvas::prepared() const {
    if (!m_prepared) {
        TextFacts facts;
        const auto& delivery = m_document->deliveryAsMade();
        if (const auto info = m_library->info(m_id); info && dependsOnPicture(delivery.seal))
            facts = wordsOf(*info, delivery, m_document->exception(m_id)).facts;
        m_prepared = preparedOrNothing(delivery.seal, facts);
    }
    return m_prepared;
}

void SealCanvas::showPicture(OriginalId id) {
    if (id == m_id)
        return;
    m_id = id;
    m_prepared.reset();
    renew();
}

Size SealCanvas::copySize() const {
    const auto info = m_library->info(m_id);
    if (!info || info->problem)
        return {1500, 1000};
    return chainOf(*m_document, *info, m_id).sizes.whole;
}

void SealCanvas::renew() {
    if (m_ground == CanvasGround::Theirs) {
        const QSizeF shown = pictureRect().size() * devicePixelRatioF();
        if (m_id && shown.width() >= 1)
            m_proofs.wish({{m_id,
                            {static_cast<int>(std::ceil(shown.width())),
                             static_cast<int>(std::ceil(shown.height()))}}});
    } else
        updateGround();
    update();
}

void SealCanvas::updateGround() {
    const Size size = fitInside(copySize(), {kGroundSide, kGroundSide});
    switch (m_ground) {
    case CanvasGround::Theirs:
        return;
    case CanvasGround::Dark:
        m_plain.setFrame(plainGround(size, 24));
        break;
    case CanvasGround::Middle:
        m_plain.setFrame(plainGround(size, 119));
        break;
    case CanvasGround::Bright:
        m_plain.setFrame(plainGround(size, 240));
        break;
    case CanvasGround::Chequered:
        m_plain.setFrame(chequeredGround(size));
        break;
    }
    m_plain.setSeal(m_document->deliveryAsMade().seal);
}

void SealCanvas::setGround(CanvasGround ground) {
    m_ground = ground;
    renew();
}

void SealCanvas::setSelection(const PartIds& ids) {
    if (ids == m_selection)
        return;
    m_selection = ids;
    update();
    emit selectionChanged();
    tellCurrentItem(*this, *this);
}

void SealCanvas::setPerspective(bool on) {
    m_perspective = on;
    update();
}

void SealCanvas::setZoom(double percent) {
    m_zoom = percent <= 0 ? 0 : std::clamp(percent, 5.0, 800.0);
    if (m_zoom == 0)
        m_pan = {};
    clampPan();
    renew();
    emit zoomChanged();
    emit shown();
}

double SealCanvas::zoomPercent() const {
    return 100 * pictureRect().width() * devicePixelRatioF() / std::max(1, copySize().width);
}

QRectF SealCanvas::pictureRect() const {
    const Size copy = copySize();
    const QRectF room = QRectF(rect()).adjusted(kMargin, kMargin, -kMargin, -kMargin);
    QSizeF size(copy.width, copy.height);
    if (m_zoom > 0)
        size *= m_zoom / 100 / devicePixelRatioF();
    else
        size.scale(room.size(), Qt::KeepAspectRatio);
    QRectF out({}, size);
    out.moveCenter(room.center() + m_pan);
    return out;
}

void SealCanvas::clampPan() {
    const QRectF shown = pictureRect();
    const double x = std::max(0.0, (shown.width() - width()) / 2 + kMargin);
    const double y = std::max(0.0, (shown.height() - height()) / 2 + kMargin);
    m_pan = {std::clamp(m_pan.x(), -x, x), std::clamp(m_pan.y(), -y, y)};
}

const QImage* SealCanvas::image() const {
    if (m_ground != CanvasGround::Theirs)
        return m_plain.image().isNull() ? nullptr : &m_plain.image();
    const auto* proof = m_proofs.proof(m_id);
    return proof ? &proof->sealed : nullptr;
}

const SealResult* SealCanvas::result() const {
    if (m_ground != CanvasGround::Theirs)
        return m_plain.image().isNull() ? nullptr : &m_plain.result();
    const auto* proof = m_proofs.proof(m_id);
    return proof ? &proof->seal : nullptr;
}

std::optional<Problem> SealCanvas::problem() const {
    if (m_ground != CanvasGround::Theirs)
        return m_plain.problem();
    const auto* problem = m_proofs.problem(m_id);
    return problem ? std::optional(*problem) : std::nullopt;
}

std::shared_ptr<const Frame> SealCanvas::base() const {
    return m_ground == CanvasGround::Theirs ? m_proofs.base(m_id) : nullptr;
}

bool SealCanvas::settled() const {
    return m_ground == CanvasGround::Theirs ? m_proofs.settled() : m_plain.settled();
}

Affine SealCanvas::toWidgetMap() const {
    const auto* seal = result();
    const auto* shown = image();
    if (!seal || !shown || seal->empty())
        return {};
    const QRectF rect = pictureRect();
    const double scale = rect.width() / shown->width();
    const Affine& m = seal->map;
    return {m.xx * scale,           m.yx * scale, m.xy * scale, m.yy * scale, m.x0 * scale + rect.x(),
            m.y0 * scale + rect.y()};
}

QPointF SealCanvas::toWidget(Point sealUnits) const {
    const Point at = toWidgetMap().map(sealUnits);
    return {at.x, at.y};
}

Point SealCanvas::toSeal(QPointF at) const {
    const Affine map = toWidgetMap();
    return std::abs(map.scale()) < 1e-9 ? Point{} : map.inverse().map(Point{at.x(), at.y()});
}

std::string SealCanvas::partAt(QPointF at) const {
    const Point p = toSeal(at);
    const double slack = 4 / std::max(1e-6, toWidgetMap().scale()); // thin lines can be hit as well
    const auto seal = prepared();
    for (auto it = seal->boxes.rbegin(); it != seal->boxes.rend(); ++it) {
        const auto* part = seal->design.part(it->first);
        const Box box = it->second.grown(slack);
        if (part && !part->locked && part->kind != PartKind::Group && p.x >= box.x && p.x <= box.right() &&
            p.y >= box.y && p.y <= box.bottom())
            return it->first;
    }
    return {};
}

Box SealCanvas::selectionBox() const {
    const auto seal = prepared();
    if (m_selection.empty())
        return seal->box;
    Box out;
    for (const auto& id : m_selection)
        out = united(out, boxOf(*seal, id));
    return out;
}

std::array<QPointF, 4> SealCanvas::grips() const {
    std::array<QPointF, 4> out;
    const auto* seal = result();
    const auto* shown = image();
    if (m_perspective && seal && shown) { // the dragged corners themselves
        const QRectF rect = pictureRect();
        const double scale = rect.width() / shown->width();
        for (std::size_t i = 0; i < 4; ++i)
            out[i] = rect.topLeft() + QPointF(seal->corners[i].x, seal->corners[i].y) * scale;
        return out;
    }
    const auto corners = selectionBox().corners();
    for (std::size_t i = 0; i < 4; ++i)
        out[i] = toWidget(corners[i]);
    return out;
}

QPointF SealCanvas::turnGrip() const {
    const auto c = grips();
    const QPointF top = (c[0] + c[1]) / 2, foot = (c[2] + c[3]) / 2;
    const QLineF up(foot, top);
    return up.length() < 1 ? top : top + (top - foot) / up.length() * 26;
}

SealCanvas::Grip SealCanvas::gripAt(QPointF at, int& corner) const {
    const auto* seal = result();
    if (!seal || seal->empty())
        return Grip::None;
    const auto near = [&](QPointF grip) { return QLineF(at, grip).length() <= kReach; };
    const auto corners = grips();
    for (int i = 0; i < 4; ++i)
        if (near(corners[static_cast<std::size_t>(i)])) {
            corner = i;
            return m_perspective ? Grip::Corner : Grip::Resize;
        }
    const bool turns = m_document->currentDelivery().seal.arrangement != Arrangement::Strip;
    if (m_selection.empty() && !m_perspective && turns && near(turnGrip()))
        return Grip::Turn;
    return Grip::None;
}

bool SealCanvas::movesParts(const SealDesign& design) const {
    if (m_selection.empty())
        return false;
    SealDesign copy = design;
    return layoutAround(copy, m_selection.front()).stacking == Stacking::Free;
}

void SealCanvas::resizeEvent(QResizeEvent*) {
    clampPan();
    renew();
}
void SealCanvas::showEvent(QShowEvent*) {
    m_proofs.setPaused(false);
    renew();
}
void SealCanvas::hideEvent(QHideEvent*) {
    finishText(true);
    m_proofs.setPaused(true);
}

void SealCanvas::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().surround(surround()));
    const QRectF where = pictureRect();
    painter.setRenderHint(QPainter::SmoothPixmapTransform, zoomPercent() < 300);
    if (const auto* shown = image())
        painter.drawImage(where, *shown);
    else {
        painter.fillRect(where, theme().surround(surround()).darker(115));
        painter.setPen(theme().onSurround(surround()));
        const auto* problem = m_proofs.problem(m_id);
        painter.drawText(where, Qt::AlignCenter | Qt::TextWordWrap,
                         problem ? toQt(problem->happened)
                         : m_id  ? tr("being read")
                                 : tr("No picture in the job yet: choose a plain ground below"));
    }
    painter.setRenderHint(QPainter::Antialiasing);
    paintOverlay(painter);
}

void SealCanvas::paintOverlay(QPainter& painter) const {
    const auto* seal = result();
    if (!seal || seal->empty() || m_editor)
        return;
    // Light over dark: a line that shows on every ground.
    const auto polygon = [&](const QPolygonF& shape, const QColor& colour, qreal width, Qt::PenStyle style) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(QColor(0, 0, 0, 130), width + 1.6));
        painter.drawPolygon(shape);
        painter.setPen(QPen(colour, width, style));
        painter.drawPolygon(shape);
    };
    const auto boxPolygon = [&](const Box& box) {
        QPolygonF out;
        for (const auto& corner : box.corners())
            out << toWidget(corner);
        return out;
    };
    const auto layout = prepared();
    for (const auto& id : m_selection)
        if (const Box box = boxOf(*layout, id); !box.empty())
            polygon(boxPolygon(box), theme().accent.lighter(115), 1.2, Qt::SolidLine);
    const auto corners = grips();
    polygon(QPolygonF({corners[0], corners[1], corners[2], corners[3]}), Qt::white, 1,
            m_selection.empty() ? Qt::SolidLine : Qt::DashLine);
    const auto grip = [&](QPointF at, bool round) {
        painter.setPen(QPen(QColor(0, 0, 0, 160), 1));
        painter.setBrush(m_perspective ? theme().look : QColor(Qt::white));
        const QRectF box(at.x() - kGripRadius + 1.5, at.y() - kGripRadius + 1.5, 2 * kGripRadius - 3,
                         2 * kGripRadius - 3);
        round ? painter.drawEllipse(box) : painter.drawRect(box);
    };
    for (const auto& corner : corners)
        grip(corner, m_perspective);
    if (m_selection.empty() && !m_perspective &&
        m_document->currentDelivery().seal.arrangement != Arrangement::Strip) {
        painter.setPen(QPen(Qt::white, 1));
        painter.drawLine((corners[0] + corners[1]) / 2, turnGrip());
        grip(turnGrip(), true);
    }
    painter.setPen(QPen(theme().accent, 1, Qt::DashLine));
    painter.drawLines(m_guides);
}

} // namespace keepseal::app
