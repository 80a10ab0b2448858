// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "proofs/proof_wall.h"

#include "theme/theme.h"

#include <QContextMenuEvent>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QScrollBar>
#include <QStyle>
#include <QTimer>
#include <QToolTip>

#include <algorithm>
#include <cmath>

namespace keepseal::app {

namespace {

constexpr int kWallMargin = 16, kSpacing = 14, kRowGap = 12;
constexpr int kMinHeight = 70, kMaxHeight = 420;

} // namespace

ProofWall::ProofWall(JobDocument* document, PictureLibrary* library, QWidget* parent)
    : QAbstractScrollArea(parent), m_document(document), m_library(library),
      m_proofs(document, library, ProofSet::For::Many) {
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::StrongFocus);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setAccessibleName(tr("Proof wall"));
    viewport()->setAttribute(Qt::WA_OpaquePaintEvent); // all of it is painted: nothing is laid under it first
    connect(document, &JobDocument::originalsChanged, this, &ProofWall::onOriginals);
    connect(&m_proofs, &ProofSet::changed, viewport(), qOverload<>(&QWidget::update));
    auto* relayout = new QTimer(this); // shapes come in one by one; the wall moves at most ten times a second
    relayout->setSingleShot(true);
    connect(relayout, &QTimer::timeout, this, &ProofWall::layoutTiles);
    const auto soon = [this, relayout] {
        constexpr int soonest = 30, latest = 1000; // ms: a hundred thousand take a moment to be laid out
        if (!relayout->isActive())
            relayout->start(
                std::clamp(static_cast<int>(m_document->originals().size() / 100), soonest, latest));
    };
    connect(library, &PictureLibrary::infoReady, relayout, soon);
    const auto newShapes = [this, soon] {
        m_shapes.clear();
        soon();
    };
    connect(document, &JobDocument::currentDeliveryChanged, relayout, newShapes);
    connect(document, &JobDocument::exceptionsChanged, relayout, newShapes);
    connect(document, &JobDocument::stationChanged, relayout, [this, newShapes] {
        if (auto sizes = sizeSettings(m_document->deliveryAsMade()); !(sizes == m_shapesOf)) {
            m_shapesOf = std::move(sizes);
            newShapes();
        }
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
    for (const auto& tile : m_tiles)
        m_selected.insert(tile.id);
    viewport()->update();
}

void ProofWall::select(const std::vector<OriginalId>& ids) {
    if (ids.empty())
        return;
    setCurrent(ids.front());
    m_selected = {ids.begin(), ids.end()};
    viewport()->update();
}

void ProofWall::setStamped(std::map<OriginalId, Stamped> stamped) {
    m_stamped = std::move(stamped);
    viewport()->update();
}

void ProofWall::setBefore(bool before) {
    m_before = before;
    viewport()->update();
}

Size ProofWall::shapeOf(OriginalId id) const {
    if (const auto known = m_shapes.find(id); known != m_shapes.end())
        return known->second;
    const auto info = m_library->info(id);
    if (!info)
        return {3, 2};
    return m_shapes[id] = info->problem ? Size{3, 2} : chainOf(*m_document, *info, id).sizes.whole;
}

bool ProofWall::isShown(const OriginalItem& item) const {
    return m_filter.all() || m_filter.takes(item, m_library->info(item.id).get(),
                                            m_document->exception(item.id), shapeOf(item.id));
}

void ProofWall::setFilter(const PictureFilter& filter) {
    if (filter == m_filter)
        return;
    m_filter = filter;
    layoutTiles();
    // What is chosen and can't be seen would be changed unseen.
    std::erase_if(m_selected, [this](OriginalId id) { return indexOf(id) < 0; });
    if (indexOf(m_current) < 0 && !m_tiles.empty())
        moveTo(0, false);
}

std::vector<OriginalId> ProofWall::shownIds() const {
    std::vector<OriginalId> out;
    for (const auto& tile : m_tiles)
        out.push_back(tile.id);
    return out;
}

void ProofWall::setHeldBack(std::map<OriginalId, QStringList> heldBack) {
    if (heldBack == m_heldBack)
        return;
    m_heldBack = std::move(heldBack);
    viewport()->update();
}

void ProofWall::setLeft(std::map<std::filesystem::path, std::size_t> left) {
    m_left = std::move(left);
    viewport()->update();
}

void ProofWall::setStamped(OriginalId id, Stamped stamped) {
    m_stamped[id] = stamped;
    viewport()->update(pictureRect(id).adjusted(-6, -6, 6, captionHeight()));
}

/// Whole rows: a row takes pictures until it is full, then grows or shrinks a little to fill the width
/// exactly.
void ProofWall::layoutTiles() {
    m_tiles.clear();
    m_captions.clear();
    const int width = std::max(100, viewport()->width() - 2 * kWallMargin);
    int y = kWallMargin;
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
        double x = kWallMargin;
        for (const auto& [id, natural] : row) {
            const int tileWidth = std::max(12, static_cast<int>(std::floor(natural * scale)));
            const QRect at(static_cast<int>(x), y, tileWidth, height);
            m_tiles.push_back(
                {id, QStyle::visualRect(layoutDirection(), {0, 0, width + 2 * kWallMargin, 1}, at)});
            x += tileWidth + kSpacing;
        }
        y += height + captionHeight() + kRowGap;
        row.clear();
        rowWidth = 0;
    };
    for (const auto& item : m_document->originals()) {
        if (!isShown(item))
            continue;
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
    m_tileOf.clear();
    for (std::size_t i = 0; i < m_tiles.size(); ++i)
        m_tileOf[m_tiles[i].id] = static_cast<int>(i);
    m_contentsHeight = y - kRowGap + kWallMargin;
    verticalScrollBar()->setPageStep(viewport()->height());
    verticalScrollBar()->setSingleStep(m_rowHeight / 2);
    verticalScrollBar()->setRange(0, std::max(0, m_contentsHeight - viewport()->height()));
    updateWishes();
    viewport()->update();
    emit laidOut();
}

/// Index of the first tile that ends below `y`; tiles lie in rows from top to bottom.
std::size_t ProofWall::firstBelow(int y) const {
    return static_cast<std::size_t>(
        std::partition_point(m_tiles.begin(), m_tiles.end(),
                             [y](const Tile& tile) { return tile.picture.bottom() + captionHeight() < y; }) -
        m_tiles.begin());
}

/// Visible tiles first, then one screen below and above.
void ProofWall::updateWishes() {
    const int top = verticalScrollBar()->value(), height = viewport()->height();
    const QRect screen(0, top, viewport()->width(), height);
    std::vector<ProofWish> near, wishes;
    const qreal ratio = devicePixelRatioF();
    for (auto i = firstBelow(top - height); i < m_tiles.size() && m_tiles[i].picture.top() < top + 2 * height;
         ++i) {
        const auto& tile = m_tiles[i];
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
    const auto found = m_tileOf.find(id);
    return found == m_tileOf.end() ? -1 : found->second;
}

int ProofWall::tileIndexAt(QPoint position) const {
    const QPoint at = position + QPoint(0, verticalScrollBar()->value());
    for (auto i = firstBelow(at.y() - kRowGap); i < m_tiles.size() && m_tiles[i].picture.top() <= at.y() + 4;
         ++i)
        if (m_tiles[i].picture.adjusted(-4, -4, 4, captionHeight()).contains(at))
            return static_cast<int>(i);
    return -1;
}

void ProofWall::ensureVisible(int index) {
    if (index < 0)
        return;
    const QRect rect = m_tiles[static_cast<std::size_t>(index)].picture.adjusted(
        0, -kWallMargin, 0, captionHeight() + kWallMargin);
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
    emit currentChanged(id);
    tellCurrentItem(*this, *this);
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

void ProofWall::showEvent(QShowEvent*) {
    m_proofs.setPaused(false);
}
void ProofWall::hideEvent(QHideEvent*) {
    m_proofs.setPaused(true);
}

void ProofWall::contextMenuEvent(QContextMenuEvent* event) {
    const bool byKey = event->reason() == QContextMenuEvent::Keyboard; // then the pointer is anywhere
    const int index = byKey ? indexOf(current()) : tileIndexAt(event->pos());
    if (index < 0 || !m_exceptionMenu)
        return;
    if (!m_selected.contains(m_tiles[static_cast<std::size_t>(index)].id))
        moveTo(index, false);
    m_exceptionMenu->popup(byKey ? viewport()->mapToGlobal(pictureRect(current()).center())
                                 : event->globalPos());
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
    const int along = layoutDirection() == Qt::RightToLeft ? -1 : 1;
    switch (event->key()) {
    case Qt::Key_Left:
        return moveTo(index - along, extend);
    case Qt::Key_Right:
        return moveTo(index + along, extend);
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
    if (event->type() == QEvent::StyleChange || event->type() == QEvent::PaletteChange ||
        event->type() == QEvent::FontChange) {
        m_captions.clear();
        viewport()->update();
    }
    QAbstractScrollArea::changeEvent(event);
}

} // namespace keepseal::app
