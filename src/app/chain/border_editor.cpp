// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "chain/border_editor.h"

#include "theme/theme.h"
#include "widgets/markup.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QMenu>
#include <QMouseEvent>
#include <QPainter>
#include <QVBoxLayout>

#include <cmath>

namespace keepseal::app {
namespace {

constexpr double kThinnest = 7; ///< screen pixels of a ring in the diagram: what can be clicked

QToolButton* tool(const char* iconName, const QString& what) {
    auto* button = new QToolButton;
    button->setIcon(icon(iconName));
    button->setAccessibleName(what);
    button->setToolTip(what);
    button->setAutoRaise(true);
    button->setStyleSheet("padding: 4px;");
    return button;
}

int widthOf(const RingPlace& place) {
    return std::max({place.outer.right() - place.inner.right(), place.inner.x - place.outer.x,
                     place.outer.bottom() - place.inner.bottom(), place.inner.y - place.outer.y});
}

} // namespace

QString sizesReadout(const ChainPlan& chain) {
    const auto px = [](Size s) { return fromTheLeft(QString("%1 × %2").arg(s.width).arg(s.height)); };
    const auto mm = [&chain](int v) { return numberQt(v / chain.printPerMm, 1); };
    const auto& whole = chain.sizes.whole;
    QString text;
    if (!(chain.fit.picture == whole))
        text = QObject::tr("Picture %1 px\n").arg(px(chain.fit.picture));
    if (!(chain.sizes.fitted == chain.fit.picture))
        text += QObject::tr("Padded to %1 px\n").arg(px(chain.sizes.fitted));
    const auto edges = chain.ground.layout.edges();
    if (edges.across() + edges.down() > 0)
        text += QObject::tr("Border left %1, right %3,\ntop %2, bottom %4 px\n")
                    .arg(edges.left)
                    .arg(edges.top)
                    .arg(edges.right)
                    .arg(edges.bottom);
    text += QObject::tr("Whole %1 px, ratio %2\n")
                .arg(px(whole))
                .arg(double(whole.width) / whole.height, 0, 'f', 3);
    text += chain.pixelsPerMm > 0 ? QObject::tr("On paper %1 × %2 mm\nat %3 px/in")
                                        .arg(mm(whole.width), mm(whole.height))
                                        .arg(chain.pixelsPerMm * 25.4, 0, 'f', 0)
                                  : QObject::tr("On paper %1 × %2 mm,\nif printed at %3 px/in")
                                        .arg(mm(whole.width), mm(whole.height))
                                        .arg(chain.printPerMm * 25.4, 0, 'f', 0);
    return text;
}

RingDiagram::RingDiagram(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAccessibleName(tr("Rings of the border, from the picture outwards"));
    setToolTip(tr("Click a ring to choose it; drag its outer edge, or use the arrow keys"));
}

void RingDiagram::show(const BorderDesign& design, const BorderLayout& layout, int chosen) {
    m_design = design;
    m_layout = layout;
    m_chosen = chosen;
    layOut();
    update();
}

/// Widths in proportion, but none so thin that it could not be taken hold of.
void RingDiagram::layOut() {
    m_bands.clear();
    double sum = 0;
    for (const auto& place : m_layout.places)
        if (m_design.rings[place.ring].kind != RingKind::InnerLine)
            sum += widthOf(place);
    const double room = height() * 0.45;
    double at = 0;
    for (const auto& place : m_layout.places) {
        if (m_design.rings[place.ring].kind == RingKind::InnerLine) {
            m_bands.push_back({place.ring, -kThinnest, 0});
            continue;
        }
        const double width = std::max(kThinnest, sum > 0 ? widthOf(place) / sum * room : 0);
        m_bands.push_back({place.ring, at, at + width});
        at += width;
    }
}

QPointF RingDiagram::corner() const {
    double most = 0;
    for (const auto& band : m_bands)
        most = std::max(most, band.to);
    return {width() - 18 - most, 14 + most};
}

QRectF RingDiagram::bandOf(std::size_t ring) const {
    for (const auto& band : m_bands)
        if (band.ring == ring)
            return {0, corner().y() - band.to, corner().x(), band.to - band.from};
    return {};
}

void RingDiagram::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    painter.fillRect(rect(), t.surround(surround()));
    const QPointF at = corner();
    for (std::size_t i = m_bands.size(); i-- > 0;) {
        const auto& band = m_bands[i];
        if (band.from < 0)
            continue;
        const auto& ring = m_design.rings[band.ring];
        const QColor colour = ring.kind == RingKind::Gap             ? QColor("#ffffff")
                              : ring.from == RingColour::Typed       ? toQt(toText(ring.colour))
                              : ring.from == RingColour::Transparent ? QColor(0, 0, 0, 0)
                                                                     : QColor("#7c93a8");
        painter.setPen(Qt::NoPen);
        painter.setBrush(ring.from == RingColour::Transparent && ring.kind != RingKind::Gap
                             ? QBrush(t.quiet, Qt::Dense6Pattern)
                             : QBrush(colour));
        painter.drawRect(QRectF(-4, at.y() - band.to, at.x() + band.to + 4, height()));
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(QColor(128, 128, 128, 90), 1));
        painter.drawPolyline(
            QPolygonF({QPointF(-4, at.y() - band.to), QPointF(at.x() + band.to, at.y() - band.to),
                       QPointF(at.x() + band.to, height() + 4.0)}));
    }
    QLinearGradient picture(0, at.y(), at.x(), height());
    picture.setColorAt(0, QColor("#5d86a8"));
    picture.setColorAt(1, QColor("#2c4a63"));
    painter.setPen(Qt::NoPen);
    painter.setBrush(picture);
    painter.drawRect(QRectF(-4, at.y(), at.x() + 4, height()));
    for (const auto& band : m_bands) {
        if (static_cast<int>(band.ring) != m_chosen && band.from >= 0)
            continue;
        const bool isChosen = static_cast<int>(band.ring) == m_chosen;
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(isChosen ? t.accent : QColor(255, 255, 255, 180), isChosen ? 2.5 : 1));
        const double edge = band.from < 0 ? band.from / 2 : band.to - 1;
        painter.drawPolyline(QPolygonF({QPointF(-4, at.y() - edge), QPointF(at.x() + edge, at.y() - edge),
                                        QPointF(at.x() + edge, height() + 4.0)}));
        if (isChosen && band.from >= 0) {
            painter.setBrush(t.accent);
            painter.setPen(QPen(t.raised, 1.5));
            painter.drawEllipse(QPointF(at.x() / 2, at.y() - band.to + 1), 5, 5);
        }
    }
    painter.setFont(smallFont());
    painter.setPen(QColor(255, 255, 255, 220));
    painter.drawText(QRectF(8, at.y() + 4, at.x() - 14, height() - at.y() - 8),
                     Qt::AlignLeft | Qt::AlignBottom, tr("picture"));
    if (hasFocus()) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(t.accent, 1));
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

QString RingDiagram::accessibleItemName(int index) const {
    const auto ring = m_bands[static_cast<std::size_t>(index)].ring;
    const auto kind = saidQt(labelOf(m_design.rings[ring].kind));
    for (const auto& place : m_layout.places)
        if (place.ring == ring)
            return tr("%1, ring %2 from the picture, %3 px wide").arg(kind).arg(ring + 1).arg(widthOf(place));
    return kind;
}

QRect RingDiagram::accessibleItemRect(int index) const {
    return bandOf(m_bands[static_cast<std::size_t>(index)].ring).toAlignedRect();
}

bool RingDiagram::isAccessibleItemChosen(int index) const {
    return static_cast<int>(m_bands[static_cast<std::size_t>(index)].ring) == m_chosen;
}

int RingDiagram::accessibleCurrent() const {
    for (int i = 0; i < accessibleCount(); ++i)
        if (isAccessibleItemChosen(i))
            return i;
    return -1;
}

void RingDiagram::chooseAccessibleItem(int index) {
    emit chosen(static_cast<int>(m_bands[static_cast<std::size_t>(index)].ring));
}

void RingDiagram::mousePressEvent(QMouseEvent* event) {
    const QPointF at = corner(), p = event->position();
    const double away = std::max(at.y() - p.y(), p.x() - at.x());
    m_dragged = -1;
    for (const auto& band : m_bands)
        if (away >= band.from && away <= band.to + 3) {
            m_dragged = static_cast<int>(band.ring);
            m_dragStart = away;
            m_dragWidth = std::max(1.0, band.to - band.from);
            ++m_drag;
            emit chosen(m_dragged);
            if (away <= band.to - 3)
                m_dragStart = away; // anywhere in the ring
            return;
        }
}

void RingDiagram::mouseMoveEvent(QMouseEvent* event) {
    setCursor(Qt::SizeVerCursor);
    if (!(event->buttons() & Qt::LeftButton) || m_dragged < 0)
        return;
    const QPointF at = corner(), p = event->position();
    const double away = std::max(at.y() - p.y(), p.x() - at.x());
    const double factor = std::clamp(1 + (away - m_dragStart) / m_dragWidth, 0.05, 20.0);
    if (std::abs(away - m_dragStart) < 0.5)
        return;
    m_dragStart = away;
    emit widened(m_dragged, factor, m_drag);
}

void RingDiagram::keyPressEvent(QKeyEvent* event) {
    const int last = static_cast<int>(m_design.rings.size()) - 1;
    switch (event->key()) {
    case Qt::Key_Up:
        emit chosen(std::min(last, m_chosen + 1));
        return;
    case Qt::Key_Down:
        emit chosen(std::max(0, m_chosen - 1));
        return;
    case Qt::Key_Left:
    case Qt::Key_Right:
        if (!event->isAutoRepeat())
            ++m_drag;
        emit widened(m_chosen, event->key() == Qt::Key_Right ? 1.05 : 1 / 1.05, m_drag);
        return;
    default:
        QWidget::keyPressEvent(event);
    }
}

BorderEditor::BorderEditor(JobDocument* document, PictureLibrary* library, QWidget* parent)
    : QWidget(parent), m_document(document), m_library(library), m_diagram(new RingDiagram),
      m_form(new SettingForm), m_title(new QLabel), m_readout(new QLabel),
      m_remove(tool("trash-2", tr("Remove this ring"))),
      m_inwards(tool("arrow-down", tr("Nearer to the picture"))),
      m_outwards(tool("arrow-up", tr("Further outwards"))) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(kGap2);
    column->addWidget(m_diagram);
    auto* add = tool("plus", tr("Add a ring"));
    auto* menu = new QMenu(add);
    for (const auto kind : {RingKind::Mat, RingKind::Line, RingKind::Gap, RingKind::InnerLine})
        menu->addAction(saidQt(labelOf(kind)), this, [this, kind] { addRing(kind); });
    add->setMenu(menu);
    add->setPopupMode(QToolButton::InstantPopup);
    m_title->setFont(strongFont());
    m_title->setWordWrap(true);
    column->addWidget(m_title);
    auto* row = new QHBoxLayout;
    row->setSpacing(kGap1);
    auto* pick = tool("pipette", tr("Take this ring's colour from the picture"));
    connect(pick, &QToolButton::clicked, this, &BorderEditor::pickRequested);
    for (auto* button : {pick, add, m_inwards, m_outwards, m_remove})
        row->addWidget(button);
    row->addStretch();
    column->addLayout(row);
    column->addWidget(m_form);
    m_readout->setFont(smallFont());
    m_readout->setWordWrap(true);
    m_readout->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    m_readout->setAccessibleName(tr("Sizes of picture, border and whole"));
    column->addWidget(m_readout);
    std::vector<const SettingInfo*> rows;
    for (const auto& setting : ringSettings())
        rows.push_back(&setting);
    m_form->setRows(rows, "ring.");
    connect(m_form, &SettingForm::changed, this,
            [this](const std::string& path, const SettingValue& value, int drag) {
                const auto* setting = rowOf(ringSettings(), path.substr(5));
                change(
                    tr("changing “%1”").arg(QString::fromStdString(setting->label)),
                    [this, setting, &value](BorderDesign& b) {
                        setting->set(b.rings[static_cast<std::size_t>(m_chosen)], value);
                    },
                    drag);
            });
    connect(m_form, &SettingForm::stale, this, &BorderEditor::refresh);
    connect(m_diagram, &RingDiagram::chosen, this, &BorderEditor::choose);
    connect(m_diagram, &RingDiagram::widened, this, [this](int ring, double factor, int drag) {
        change(
            tr("drawing a ring"),
            [ring, factor](BorderDesign& b) {
                auto& r = b.rings[static_cast<std::size_t>(ring)];
                const auto wider = [factor](double v) {
                    return std::clamp(std::round(std::max(0.02, v) * factor * 100) / 100, 0.02, 400.0);
                };
                for (auto* width : {&r.width, &r.top, &r.right, &r.bottom, &r.left})
                    *width = wider(*width);
            },
            drag);
    });
    connect(m_remove, &QToolButton::clicked, this, &BorderEditor::removeRing);
    connect(m_inwards, &QToolButton::clicked, this, [this] { moveRing(-1); });
    connect(m_outwards, &QToolButton::clicked, this, [this] { moveRing(1); });
    refresh();
}

void BorderEditor::setLookedAt(OriginalId id) {
    m_id = id;
    refresh();
}

void BorderEditor::change(const QString& what, const std::function<void(BorderDesign&)>& edit, int merge) {
    if (border().rings.empty())
        return;
    auto next = border();
    edit(next);
    m_document->setBorder(std::move(next), what, merge);
}

void BorderEditor::choose(int ring) {
    m_chosen = ring;
    refresh();
}

void BorderEditor::addRing(RingKind kind) {
    if (border().rings.size() >= kMaxRings)
        return;
    auto next = border();
    Ring ring;
    ring.kind = kind;
    if (kind == RingKind::Line || kind == RingKind::InnerLine) {
        ring.width = 0.3;
        ring.colour = kind == RingKind::InnerLine ? Rgb{255, 255, 255} : Rgb{40, 40, 40};
    } else if (kind == RingKind::Gap)
        ring.width = 1;
    const auto at = next.rings.empty() ? 0 : static_cast<std::size_t>(m_chosen + 1);
    next.rings.insert(next.rings.begin() + static_cast<std::ptrdiff_t>(std::min(at, next.rings.size())),
                      ring);
    next.on = true;
    m_chosen = static_cast<int>(std::min(at, next.rings.size() - 1));
    m_document->setBorder(std::move(next), tr("adding a ring"));
    refresh();
}

void BorderEditor::takeColour(Rgb colour) {
    change(tr("taking a colour from the picture"), [this, colour](BorderDesign& b) {
        auto& ring = b.rings[static_cast<std::size_t>(m_chosen)];
        ring.colour = colour;
        ring.from = RingColour::Typed;
    });
}

void BorderEditor::removeRing() {
    if (border().rings.empty())
        return;
    auto next = border();
    next.rings.erase(next.rings.begin() + m_chosen);
    m_document->setBorder(std::move(next), tr("removing a ring"));
    refresh();
}

void BorderEditor::moveRing(int by) {
    const int to = m_chosen + by;
    if (to < 0 || to >= static_cast<int>(border().rings.size()))
        return;
    auto next = border();
    std::swap(next.rings[static_cast<std::size_t>(m_chosen)], next.rings[static_cast<std::size_t>(to)]);
    m_chosen = to;
    m_document->setBorder(std::move(next), tr("moving a ring"));
    refresh();
}

QString BorderEditor::readoutText() const {
    const auto chain = chainOf(*m_document, *m_library, m_id);
    return chain ? sizesReadout(*chain) : tr("Choose a picture to see its sizes.");
}

void BorderEditor::refresh() {
    const auto& design = border();
    const int count = static_cast<int>(design.rings.size());
    m_chosen = std::clamp(m_chosen, 0, std::max(0, count - 1));
    const auto info = m_library->info(m_id);
    const bool known = info && !info->problem;
    // Drawn also while it is switched off, so that it can be seen what would come on.
    auto shown = m_document->deliveryAsMade();
    shown.border.on = true;
    const auto& exception = m_document->exception(m_id);
    const auto chain =
        known ? chainOf(shown, *info, exception) : planChain(shown, {3000, 2000}, exception.turn);
    m_diagram->show(design, chain.ground.layout, m_chosen);
    m_title->setText(count == 0
                         ? tr("No ring yet")
                         : tr("%1 (%2 of %3)")
                               .arg(saidQt(labelOf(design.rings[static_cast<std::size_t>(m_chosen)].kind)))
                               .arg(m_chosen + 1)
                               .arg(count));
    m_form->setVisible(count > 0);
    m_remove->setEnabled(count > 0);
    m_inwards->setEnabled(m_chosen > 0);
    m_outwards->setEnabled(m_chosen + 1 < count);
    m_readout->setText(readoutText());
    if (count == 0)
        return;
    const auto& ring = design.rings[static_cast<std::size_t>(m_chosen)];
    for (const auto& setting : ringSettings()) {
        m_form->setValue("ring." + setting.key, setting.get(ring));
        m_form->setRowVisible("ring." + setting.key, setting.isShown(ring));
    }
}

} // namespace keepseal::app
