// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "proofs/proof_wall.h"

#include "run/stamped.h"
#include "theme/theme.h"

#include <QAccessible>
#include <QContextMenuEvent>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QPainter>
#include <QScrollBar>
#include <QTimer>
#include <QToolTip>

#include <algorithm>
#include <cmath>

namespace keepseal::app {

namespace {

constexpr int kMargin = 16, kSpacing = 14, kCaption = 22, kRowGap = 12;
constexpr int kMinHeight = 70, kMaxHeight = 420;

/// All that is written where it is seen: when none of it changed, no word needs another look.
std::string wordsSeen(const Delivery& delivery) {
    const auto& caption = delivery.border.caption;
    std::string out = delivery.place.suffix + "\n";
    if (delivery.border.on && caption.on)
        out += caption.left + "\n" + caption.middle + "\n" + caption.right + "\n";
    for (const auto& part : delivery.seal.parts)
        if (delivery.seal.on && part.kind == PartKind::Text && !part.hidden)
            out += part.text.text + "\n";
    return out;
}

} // namespace

ProofWall::ProofWall(JobDocument* document, PictureLibrary* library, QWidget* parent)
    : QAbstractScrollArea(parent), m_document(document), m_library(library),
      m_proofs(document, library, ProofSet::Bases::Keep) {
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::StrongFocus);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setAccessibleName(tr("Proof wall"));
    connect(document, &JobDocument::originalsChanged, this, &ProofWall::onOriginals);
    connect(&m_proofs, &ProofSet::changed, viewport(), qOverload<>(&QWidget::update));
    auto* relayout = new QTimer(this); // shapes come in one by one; the wall moves at most ten times a second
    relayout->setSingleShot(true);
    relayout->setInterval(30);
    connect(relayout, &QTimer::timeout, this, &ProofWall::layoutTiles);
    const auto soon = [relayout] {
        if (!relayout->isActive())
            relayout->start();
    };
    connect(library, &PictureLibrary::infoReady, relayout, soon);
    const auto newWords = [this] { m_words.clear(); };
    connect(document, &JobDocument::currentDeliveryChanged, this, newWords);
    connect(document, &JobDocument::exceptionsChanged, this, newWords);
    connect(document, &JobDocument::stationChanged, this, [this, newWords](StationId station) {
        // Dragging a slider of another station leaves the words as they are.
        const bool seen =
            station == StationId::Seal || station == StationId::Border || station == StationId::Place;
        const auto words = wordsSeen(m_document->currentDelivery());
        if (station == StationId::Rights || station == StationId::Privacy || (seen && words != m_wordsSeen)) {
            m_wordsSeen = words;
            newWords();
            viewport()->update();
        }
    });
    connect(document, &JobDocument::currentDeliveryChanged, relayout, soon);
    connect(document, &JobDocument::exceptionsChanged, relayout, soon);
    connect(document, &JobDocument::stationChanged, relayout, [soon](StationId station) {
        if (station == StationId::Turn || station == StationId::Fit || station == StationId::Border)
            soon(); // the copies have other shapes now
    });
}

void ProofWall::onOriginals() {
    std::set<OriginalId> there;
    for (const auto& item : m_document->originals())
        there.insert(item.id);
    std::erase_if(m_selected, [&](OriginalId id) { return !there.contains(id); });
    if (!there.contains(m_current)) {
        const auto& all = m_document->originals();
        const int old = indexOf(m_current);
        const auto index = std::min<std::size_t>(old < 0 ? 0 : static_cast<std::size_t>(old),
                                                 all.empty() ? 0 : all.size() - 1);
        m_current = all.empty() ? 0 : all[index].id;
        m_selected = m_current ? std::set{m_current} : std::set<OriginalId>{};
        emit currentChanged(m_current);
    }
    layoutTiles();
}

void ProofWall::setCurrent(OriginalId id) {
    if (id == m_current || !m_document->original(id))
        return;
    m_current = m_rangeStart = id;
    m_selected = {id};
    ensureVisible(indexOf(id));
    viewport()->update();
    emit currentChanged(id);
}

void ProofWall::setRowHeight(int height) {
    height = std::clamp(height, kMinHeight, kMaxHeight);
    if (height == m_rowHeight)
        return;
    m_rowHeight = height;
    layoutTiles();
    ensureVisible(indexOf(m_current));
    emit rowHeightChanged(height);
}

void ProofWall::selectEverything() {
    for (const auto& item : m_document->originals())
        m_selected.insert(item.id);
    viewport()->update();
}

void ProofWall::setOutcomes(std::map<OriginalId, int> outcomes) {
    m_outcomes = std::move(outcomes);
    viewport()->update();
}

void ProofWall::setBefore(bool before) {
    m_before = before;
    viewport()->update();
}

Size ProofWall::shapeOf(OriginalId id) const {
    const auto info = m_library->info(id);
    return info && !info->problem ? chainOf(*m_document, *info, id).sizes.whole : Size{3, 2};
}

/// Whole rows: a row takes pictures until it is full, then grows or shrinks a little to fill the width
/// exactly.
void ProofWall::layoutTiles() {
    m_tiles.clear();
    const int width = std::max(100, viewport()->width() - 2 * kMargin);
    int y = kMargin;
    std::vector<std::pair<OriginalId, double>> row;
    double rowWidth = 0;
    const auto flush = [&](bool last) {
        if (row.empty())
            return;
        const double gaps = kSpacing * static_cast<double>(row.size() - 1);
        double scale = (width - gaps) / rowWidth;
        if (last)
            scale = std::min(scale, 1.0);
        const int height = std::max(20, static_cast<int>(std::floor(m_rowHeight * scale)));
        double x = kMargin;
        for (const auto& [id, natural] : row) {
            const int tileWidth = std::max(12, static_cast<int>(std::floor(natural * scale)));
            m_tiles.push_back({id, QRect(static_cast<int>(x), y, tileWidth, height)});
            x += tileWidth + kSpacing;
        }
        y += height + kCaption + kRowGap;
        row.clear();
        rowWidth = 0;
    };
    for (const auto& item : m_document->originals()) {
        const Size shape = shapeOf(item.id);
        const double natural =
            std::min<double>(width, m_rowHeight * static_cast<double>(shape.width) / shape.height);
        const double withThis = rowWidth + natural + kSpacing * static_cast<double>(row.size());
        // Break before this picture when that leaves the row nearer to its wished height.
        if (!row.empty() && withThis > width && withThis - width > natural / 2)
            flush(false);
        row.emplace_back(item.id, natural);
        rowWidth += natural;
        if (rowWidth + kSpacing * static_cast<double>(row.size() - 1) >= width)
            flush(false);
    }
    flush(true);
    m_contentsHeight = y - kRowGap + kMargin;
    verticalScrollBar()->setPageStep(viewport()->height());
    verticalScrollBar()->setSingleStep(m_rowHeight / 2);
    verticalScrollBar()->setRange(0, std::max(0, m_contentsHeight - viewport()->height()));
    updateWishes();
    viewport()->update();
}

/// Visible tiles first, then one screen below and above.
void ProofWall::updateWishes() {
    const int top = verticalScrollBar()->value(), height = viewport()->height();
    const QRect screen(0, top, viewport()->width(), height);
    std::vector<ProofWish> near, wishes;
    const qreal ratio = devicePixelRatioF();
    for (const auto& tile : m_tiles) {
        const ProofWish wish{tile.id,
                             {static_cast<int>(std::lround(tile.picture.width() * ratio)),
                              static_cast<int>(std::lround(tile.picture.height() * ratio))}};
        if (tile.picture.intersects(screen))
            wishes.push_back(wish);
        else if (tile.picture.intersects(screen.adjusted(0, -height, 0, height)))
            near.push_back(wish);
    }
    const auto visible = static_cast<int>(wishes.size());
    wishes.insert(wishes.end(), near.begin(), near.end());
    m_proofs.wish(std::move(wishes), visible);
}

QRect ProofWall::pictureRect(OriginalId id) const {
    const int index = indexOf(id);
    return index < 0 ? QRect()
                     : m_tiles[static_cast<std::size_t>(index)].picture.translated(
                           0, -verticalScrollBar()->value());
}

int ProofWall::indexOf(OriginalId id) const {
    for (std::size_t i = 0; i < m_tiles.size(); ++i)
        if (m_tiles[i].id == id)
            return static_cast<int>(i);
    return -1;
}

int ProofWall::tileIndexAt(QPoint position) const {
    const QPoint at = position + QPoint(0, verticalScrollBar()->value());
    for (std::size_t i = 0; i < m_tiles.size(); ++i)
        if (m_tiles[i].picture.adjusted(-4, -4, 4, kCaption).contains(at))
            return static_cast<int>(i);
    return -1;
}

void ProofWall::ensureVisible(int index) {
    if (index < 0)
        return;
    const QRect rect =
        m_tiles[static_cast<std::size_t>(index)].picture.adjusted(0, -kMargin, 0, kCaption + kMargin);
    auto* bar = verticalScrollBar();
    if (rect.top() < bar->value())
        bar->setValue(rect.top());
    else if (rect.bottom() > bar->value() + viewport()->height())
        bar->setValue(rect.bottom() - viewport()->height());
}

void ProofWall::moveTo(int index, bool extend) {
    if (m_tiles.empty())
        return;
    index = std::clamp(index, 0, static_cast<int>(m_tiles.size()) - 1);
    const OriginalId id = m_tiles[static_cast<std::size_t>(index)].id;
    if (extend) {
        const int start = std::max(0, indexOf(m_rangeStart ? m_rangeStart : m_current));
        m_selected.clear();
        for (int i = std::min(start, index); i <= std::max(start, index); ++i)
            m_selected.insert(m_tiles[static_cast<std::size_t>(i)].id);
    } else {
        m_selected = {id};
        m_rangeStart = id;
    }
    m_current = id;
    ensureVisible(index);
    viewport()->update();
    setAccessibleDescription(describe(id));
    emit currentChanged(id);
}

/// The tile above or below whose middle is nearest.
int ProofWall::neighbourInRow(int index, int direction) const {
    if (index < 0)
        return 0;
    const QRect from = m_tiles[static_cast<std::size_t>(index)].picture;
    int best = index, bestRowDistance = 1 << 30, bestX = 1 << 30;
    for (std::size_t i = 0; i < m_tiles.size(); ++i) {
        const QRect to = m_tiles[i].picture;
        const int rowDistance = (to.top() - from.top()) * direction;
        const int x = std::abs(to.center().x() - from.center().x());
        if (rowDistance > 0 &&
            (rowDistance < bestRowDistance || (rowDistance == bestRowDistance && x < bestX))) {
            best = static_cast<int>(i);
            bestRowDistance = rowDistance;
            bestX = x;
        }
    }
    return best;
}

void ProofWall::paintEvent(QPaintEvent*) {
    QPainter painter(viewport());
    painter.fillRect(viewport()->rect(), theme().surround(surround()));
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRect screen(0, verticalScrollBar()->value(), viewport()->width(), viewport()->height());
    painter.translate(0, -screen.top());
    for (const auto& tile : m_tiles)
        if (tile.picture.adjusted(-8, -8, 8, kCaption + 8).intersects(screen))
            paintTile(painter, tile);
}

void ProofWall::paintTile(QPainter& painter, const Tile& tile) const {
    const bool selected = m_selected.contains(tile.id);
    if (selected) {
        painter.setPen(QPen(theme().accent, tile.id == m_current && hasFocus() ? 3 : 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(QRectF(tile.picture).adjusted(-4.5, -4.5, 4.5, 4.5), 3, 3);
    }
    paintPicture(painter, tile, tile.picture);
    paintBadges(painter, tile, tile.picture);
    const auto* item = m_document->original(tile.id);
    painter.setFont(smallFont());
    painter.setPen(theme().onSurround(surround()));
    const QRect caption(tile.picture.left(), tile.picture.bottom() + 5, tile.picture.width(), kCaption - 4);
    const auto name = item ? toQt(item->path.filename()) : QString();
    painter.drawText(caption, Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(name, Qt::ElideMiddle, caption.width()));
}

void ProofWall::paintPicture(QPainter& painter, const Tile& tile, const QRect& rect) const {
    if (const auto* proof = m_proofs.proof(tile.id)) {
        if (!m_before || proof->base.isNull())
            painter.drawImage(rect, proof->sealed);
        else // at the place that it has in the copy
            painter.drawImage(pictureWithin(*proof, rect), proof->base);
        return;
    }
    painter.fillRect(rect, theme().surround(surround()).darker(112));
    painter.setFont(smallFont());
    painter.setPen(theme().onSurround(surround()));
    const auto* problem = m_proofs.problem(tile.id);
    if (!problem)
        return;
    const QColor ink = surround() == Surround::Light ? QColor("#8d1f10") : QColor("#ffb4a6");
    const QPixmap sign = iconPixmap("circle-alert", ink, 20, devicePixelRatioF());
    painter.drawPixmap(rect.center().x() - 10, rect.top() + std::max(4, rect.height() / 5 - 10), sign);
    painter.setPen(theme().onSurround(surround()));
    painter.drawText(rect.adjusted(8, rect.height() / 5 + 16, -8, -4),
                     Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap,
                     tr("Cannot be stamped:\n%1").arg(toQt(problem->happened)));
}

void ProofWall::paintBadges(QPainter& painter, const Tile& tile, const QRect& rect) const {
    struct Badge {
        const char* icon;
        QColor ground, ink;
    };
    std::vector<Badge> badges;
    const auto info = m_library->info(tile.id);
    const auto outcome = m_outcomes.find(tile.id);
    if (outcome != m_outcomes.end())
        badges.push_back(outcome->second == 1 ? Badge{"check", QColor("#1f7a43"), Qt::white}
                                              : Badge{"x", QColor("#b03421"), Qt::white});
    if (info && info->report.tellsPlace())
        badges.push_back({"map-pin", QColor("#f0b341"), QColor("#231a05")});
    if (!wordsToLookAt(tile.id).isEmpty())
        badges.push_back({"tag", QColor("#f0b341"), QColor("#231a05")});
    if (!m_document->exception(tile.id).empty())
        badges.push_back({"pencil", QColor("#3fb3a2"), QColor("#06231f")});
    const auto* proof = m_proofs.proof(tile.id);
    if (info && copyMarkIn(info->report))
        badges.push_back({"stamp", QColor("#b9c4d6"), QColor("#1b2430")});
    if (proof && proof->sharp && !proof->warnings.empty())
        badges.push_back({"triangle-alert", QColor("#f0b341"), QColor("#231a05")});
    int x = rect.right() - 5;
    for (const auto& badge : badges) {
        const QRectF disc(x - 20, rect.top() + 6, 20, 20);
        painter.setPen(QPen(QColor(0, 0, 0, 60), 1));
        painter.setBrush(badge.ground);
        painter.drawEllipse(disc);
        painter.drawPixmap(disc.topLeft() + QPointF(3.5, 3.5),
                           iconPixmap(badge.icon, badge.ink, 13, devicePixelRatioF()));
        x -= 24;
    }
}

const QStringList& ProofWall::wordsToLookAt(OriginalId id) const {
    const auto found = m_words.find(id);
    if (found != m_words.end())
        return found->second;
    const auto info = m_library->info(id);
    static const QStringList none;
    if (!info)
        return none;
    return m_words[id] = wordWarnings(*info, m_document->currentDelivery(), m_document->exception(id));
}

QString ProofWall::describe(OriginalId id) const {
    const auto* item = m_document->original(id);
    const auto info = m_library->info(id);
    if (!item)
        return {};
    QString text = toQt(item->path.filename());
    if (!info)
        return text + tr(", being read");
    if (info->problem)
        return text + "\n" + toQt(info->problem->happened) + "\n" + toQt(info->problem->remedy);
    text += tr("\n%1 × %2, %3")
                .arg(info->facts.size.width)
                .arg(info->facts.size.height)
                .arg(toQt(std::string(nameOf(info->facts.container))));
    const auto chain = chainOf(*m_document, *info, id);
    text += tr("\nCopy: %1 × %2").arg(chain.sizes.whole.width).arg(chain.sizes.whole.height);
    if (copyMarkIn(info->report))
        text += m_document->exception(id).stampAgain
                    ? tr("\nThis is a copy that Keep Seal made; you chose to stamp it again.")
                    : tr("\nThis is a copy that Keep Seal made: it is left out, so that nothing is framed or "
                         "sealed twice.");
    if (info->report.tellsPlace())
        text +=
            tr("\nThe original tells a place: %1").arg(toQt(info->report.placeText())) +
            (m_document->currentDelivery().privacy.opensLocation() ? tr("\nThis copy will tell it too.")
                                                                   : tr("\nIt is taken out of the copies."));
    else
        text += tr("\nThe original tells no place.");
    for (const auto& words : wordsToLookAt(id))
        text += "\n" + words;
    if (const auto* proof = m_proofs.proof(id)) {
        if (proof->seal.readability > 0)
            text += tr("\nContrast of the seal: %1 : 1").arg(proof->seal.readability, 0, 'f', 1);
        if (!proof->seal.decision.why.empty())
            text += "\n" + toQt(proof->seal.decision.why);
        for (const auto& warning : proof->warnings)
            text += "\n" + toQt(warning);
    }
    if (const auto different = keepseal::describe(m_document->exception(id)); !different.empty())
        text += tr("\nDifferent here: %1").arg(toQt(different));
    return text;
}

void ProofWall::showEvent(QShowEvent*) {
    m_proofs.setPaused(false);
}
void ProofWall::hideEvent(QHideEvent*) {
    m_proofs.setPaused(true);
}

void ProofWall::contextMenuEvent(QContextMenuEvent* event) {
    const int index = tileIndexAt(event->pos());
    if (index < 0 || !m_exceptionMenu)
        return;
    if (!m_selected.contains(m_tiles[static_cast<std::size_t>(index)].id))
        moveTo(index, false);
    m_exceptionMenu->popup(event->globalPos());
}

void ProofWall::resizeEvent(QResizeEvent*) {
    layoutTiles();
}

void ProofWall::scrollContentsBy(int, int) {
    updateWishes();
    viewport()->update();
}

void ProofWall::mousePressEvent(QMouseEvent* event) {
    const int index = tileIndexAt(event->position().toPoint());
    if (index < 0)
        return;
    if (event->modifiers() & Qt::ControlModifier) {
        const OriginalId id = m_tiles[static_cast<std::size_t>(index)].id;
        if (!m_selected.insert(id).second)
            m_selected.erase(id);
        m_current = m_rangeStart = id;
        viewport()->update();
        emit currentChanged(id);
    } else
        moveTo(index, event->modifiers() & Qt::ShiftModifier);
}

void ProofWall::mouseDoubleClickEvent(QMouseEvent* event) {
    if (tileIndexAt(event->position().toPoint()) >= 0)
        emit openRequested(m_current);
}

void ProofWall::keyPressEvent(QKeyEvent* event) {
    const int index = indexOf(m_current), last = static_cast<int>(m_tiles.size()) - 1;
    const bool extend = event->modifiers() & Qt::ShiftModifier;
    switch (event->key()) {
    case Qt::Key_Left:
        return moveTo(index - 1, extend);
    case Qt::Key_Right:
        return moveTo(index + 1, extend);
    case Qt::Key_Up:
        return moveTo(neighbourInRow(index, -1), extend);
    case Qt::Key_Down:
        return moveTo(neighbourInRow(index, 1), extend);
    case Qt::Key_Home:
        return moveTo(0, extend);
    case Qt::Key_End:
        return moveTo(last, extend);
    case Qt::Key_Return:
    case Qt::Key_Enter:
        emit openRequested(m_current);
        return;
    case Qt::Key_Delete:
    case Qt::Key_Backspace:
        emit removeRequested();
        return;
    case Qt::Key_Space:
        if (!event->isAutoRepeat())
            setBefore(true);
        return;
    default:
        QAbstractScrollArea::keyPressEvent(event);
    }
}

void ProofWall::keyReleaseEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat())
        setBefore(false);
    else
        QAbstractScrollArea::keyReleaseEvent(event);
}

void ProofWall::focusInEvent(QFocusEvent* event) {
    QAbstractScrollArea::focusInEvent(event);
    viewport()->update();
}

void ProofWall::wheelEvent(QWheelEvent* event) {
    if (event->modifiers() & Qt::ControlModifier)
        setRowHeight(m_rowHeight + (event->angleDelta().y() > 0 ? 16 : -16));
    else
        QAbstractScrollArea::wheelEvent(event);
}

bool ProofWall::viewportEvent(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        const int index = tileIndexAt(help->pos());
        if (index >= 0)
            QToolTip::showText(help->globalPos(), describe(m_tiles[static_cast<std::size_t>(index)].id),
                               viewport());
        else
            QToolTip::hideText();
        return true;
    }
    return QAbstractScrollArea::viewportEvent(event);
}

void ProofWall::changeEvent(QEvent* event) {
    if (event->type() == QEvent::StyleChange || event->type() == QEvent::PaletteChange)
        viewport()->update();
    QAbstractScrollArea::changeEvent(event);
}

} // namespace keepseal::app
