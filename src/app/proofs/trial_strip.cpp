// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "proofs/trial_strip.h"

#include "geometry/fit.h"
#include "theme/theme.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QStyle>
#include <QToolTip>

#include <cmath>

namespace keepseal::app {
namespace {

constexpr int kStripMargin = 14, kGap = 10, kPictures = 92;

int head() {
    return withText(26);
}
int foot() {
    return withText(20);
}

constexpr Size kWideRamp{1200, 240}, kTallRamp{300, 600};

QString ratioText(double ratio) {
    return ratio > 0 ? numberQt(ratio, 1) : QString();
}

} // namespace

TrialStrip::TrialStrip(JobDocument* document, PictureLibrary* library, HardCases* cases, Ramps ramps,
                       QWidget* parent)
    : QWidget(parent), m_document(document), m_library(library), m_ramps(ramps), m_cases(cases),
      m_proofs(document, library, ProofSet::For::Many) {
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAccessibleName(tr("Hard cases for this seal"));
    setFixedHeight(head() + kPictures + foot());
    m_proofs.setPaused(true);
    connect(m_cases, &HardCases::changed, this, &TrialStrip::layoutTiles);
    connect(&m_proofs, &ProofSet::changed, this, qOverload<>(&QWidget::update));
    if (ramps == Ramps::With) {
        m_wideRamp.setSpots({Anchor::Left, Anchor::Centre, Anchor::Right});
        m_tallRamp.setSpots({Anchor::Centre});
        m_wideRamp.setFrame(rampGround(kWideRamp));
        m_tallRamp.setFrame(rampGround(kTallRamp));
        for (auto* ramp : {&m_wideRamp, &m_tallRamp})
            connect(ramp, &FrameProof::changed, this, qOverload<>(&QWidget::update));
    }
    // While something is dragged the canvas comes first; the strip follows a few times a second.
    m_later.setSingleShot(true);
    m_later.setInterval(160);
    connect(document, &JobDocument::anythingChanged, this, [this] {
        m_proofs.setPaused(true);
        if (isVisible() && !m_later.isActive())
            m_later.start();
    });
    connect(&m_later, &QTimer::timeout, this, [this] {
        if (!isVisible())
            return;
        m_proofs.setPaused(false);
        updateRamps();
    });
}

void TrialStrip::updateRamps() {
    if (m_ramps == Ramps::Without)
        return;
    m_wideRamp.setSeal(m_document->deliveryAsMade().seal);
    m_tallRamp.setSeal(m_document->deliveryAsMade().seal);
}

bool TrialStrip::settled() const {
    return !m_later.isActive() && m_cases->settled() && m_proofs.settled() && m_wideRamp.settled() &&
           m_tallRamp.settled();
}

double TrialStrip::readabilityOf(OriginalId id) const {
    const auto* proof = m_proofs.proof(id);
    return proof ? proof->seal.readability : 0;
}

void TrialStrip::layoutTiles() {
    m_tiles.clear();
    const int height = this->height() - head() - foot() - 4;
    int x = kStripMargin;
    const auto add = [&](Tile tile, double shape) {
        const int width = std::clamp(static_cast<int>(std::lround(height * shape)), 44, 3 * height);
        int shown = height;
        if (width / shape < height)
            shown = static_cast<int>(width / shape);
        if (x + width > this->width() - kStripMargin)
            return;
        tile.picture =
            QStyle::visualRect(layoutDirection(), rect(), {x, head() + (height - shown), width, shown});
        m_tiles.push_back(std::move(tile));
        x += width + kGap;
    };
    const int reserved = m_ramps == Ramps::With ? 3 * height + height / 2 + 3 * kGap : 0;
    std::vector<ProofWish> wishes;
    for (const auto& hard : m_cases->cases()) {
        const auto info = m_library->info(hard.id);
        if (!info || info->problem)
            continue;
        const Size copy = chainOf(*m_document, *info, hard.id).sizes.whole;
        const double shape = static_cast<double>(copy.width) / copy.height;
        if (x + std::min(3.0, shape) * height > width() - kStripMargin - reserved)
            continue;
        add({hard.what, hard.id, nullptr, {}}, shape);
        const auto& tile = m_tiles.back();
        wishes.push_back({hard.id,
                          {static_cast<int>(tile.picture.width() * devicePixelRatioF()),
                           static_cast<int>(tile.picture.height() * devicePixelRatioF())}});
    }
    if (m_ramps == Ramps::With) {
        add({tr("black to white"), 0, &m_wideRamp, {}}, 3);
        add({tr("tall"), 0, &m_tallRamp, {}}, 0.5);
    }
    m_proofs.wish(std::move(wishes));
    m_current = std::clamp(m_current, 0, std::max(0, static_cast<int>(m_tiles.size()) - 1));
    update();
}

void TrialStrip::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.fillRect(rect(), theme().panel);
    painter.fillRect(QRect(0, 0, width(), 1), theme().line);
    painter.setFont(strongFont());
    painter.setPen(theme().text);
    const QRect top(kStripMargin, 4, width() - 2 * kStripMargin, head() - 6);
    const auto heading = tr("Where this seal is most likely to fail");
    const int headingWidth = painter.fontMetrics().horizontalAdvance(heading);
    painter.drawText(top, Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(heading, Qt::ElideRight, top.width()));
    const auto& verdict = m_cases->verdict();
    painter.setFont(smallFont());
    const bool bad = verdict.hardToRead > 0;
    QString words = verdict.measured == 0 ? tr("being measured")
                    : bad ? tr("hard to read in %1 of %2").arg(verdict.hardToRead).arg(verdict.measured)
                          : tr("readable in all %1 measured").arg(verdict.measured);
    if (verdict.plain > 0)
        words += tr(" · on plain ground in %1").arg(verdict.plain);
    for (const auto& [file, need] : m_cases->logoNeeds())
        words += tr(" · logo enlarged, needs %1 × %2 px").arg(need.needs.width).arg(need.needs.height);
    painter.setPen(bad ? theme().look : theme().quiet);
    painter.drawText(top, Qt::AlignRight | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(
                         words, Qt::ElideRight, std::max(0, top.width() - headingWidth - kStripMargin)));
    for (std::size_t i = 0; i < m_tiles.size(); ++i)
        paintTile(painter, m_tiles[i], hasFocus() && static_cast<int>(i) == m_current);
}

void TrialStrip::paintTile(QPainter& painter, const Tile& tile, bool current) const {
    double ratio = 0;
    bool hard = false;
    if (tile.ramp) {
        if (!tile.ramp->image().isNull())
            painter.drawImage(tile.picture, tile.ramp->image());
        ratio = tile.ramp->result().readability;
        hard = tile.ramp->result().belowReadable;
    } else if (const auto* proof = m_proofs.proof(tile.id)) {
        drawProof(painter, tile.picture, *proof);
        ratio = proof->seal.readability;
        hard = proof->seal.belowReadable;
    } else
        painter.fillRect(tile.picture, theme().raised);
    if (current) {
        painter.setPen(QPen(theme().accent, 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(tile.picture.adjusted(-2, -2, 1, 1));
    }
    painter.setFont(smallFont());
    const QFontMetrics metrics(smallFont());
    const QRect below(tile.picture.left(), tile.picture.bottom() + 3, tile.picture.width(), foot());
    const auto number = ratioText(ratio);
    const int room = below.width() - metrics.horizontalAdvance(number) - 4;
    painter.setPen(theme().quiet);
    if (room > 24)
        painter.drawText(below, Qt::AlignLeft | Qt::AlignTop,
                         metrics.elidedText(tile.what, Qt::ElideRight, room));
    painter.setPen(hard ? theme().look : theme().text);
    painter.drawText(below, Qt::AlignRight | Qt::AlignTop, number);
}

int TrialStrip::tileAt(QPoint at) const {
    for (std::size_t i = 0; i < m_tiles.size(); ++i)
        if (m_tiles[i].picture.adjusted(-3, -3, 3, foot()).contains(at))
            return static_cast<int>(i);
    return -1;
}

void TrialStrip::mousePressEvent(QMouseEvent* event) {
    if (const int at = tileAt(event->position().toPoint()); at >= 0)
        take(at);
}

void TrialStrip::take(int index) {
    m_current = index;
    update();
    if (const auto id = m_tiles[static_cast<std::size_t>(index)].id)
        emit chosen(id);
}

/// Which picture, and what is hard about it.
QString TrialStrip::wordsOf(const Tile& tile) const {
    const auto* item = m_document->original(tile.id);
    return (item ? toQt(item->path.filename()) + "\n" : QString()) + tile.what;
}

QString TrialStrip::accessibleItemName(int index) const {
    const auto& tile = m_tiles.at(static_cast<std::size_t>(index));
    const double ratio = tile.ramp ? tile.ramp->result().readability : readabilityOf(tile.id);
    return wordsOf(tile).replace('\n', QObject::tr(", ")) +
           (ratio > 0 ? tr(", contrast %1 to 1").arg(ratioText(ratio)) : tr(", being measured"));
}

void TrialStrip::mouseMoveEvent(QMouseEvent* event) {
    const int at = tileAt(event->position().toPoint());
    setCursor(at >= 0 && m_tiles[static_cast<std::size_t>(at)].id ? Qt::PointingHandCursor : Qt::ArrowCursor);
}

void TrialStrip::keyPressEvent(QKeyEvent* event) {
    const int along = layoutDirection() == Qt::RightToLeft ? -1 : 1;
    const int step = event->key() == Qt::Key_Right ? along : event->key() == Qt::Key_Left ? -along : 0;
    if (step != 0) {
        m_current = std::clamp(m_current + step, 0, std::max(0, static_cast<int>(m_tiles.size()) - 1));
        update();
        tellCurrentItem(*this, *this);
    } else if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
        if (m_current < static_cast<int>(m_tiles.size()))
            take(m_current);
    } else
        QWidget::keyPressEvent(event);
}

bool TrialStrip::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        const int at = tileAt(help->pos());
        if (at < 0)
            QToolTip::hideText();
        else {
            const auto& tile = m_tiles[static_cast<std::size_t>(at)];
            QToolTip::showText(
                help->globalPos(),
                wordsOf(tile) + tr("\nThe number is the contrast of the seal as measured, to 1."), this);
        }
        return true;
    }
    return QWidget::event(event);
}

void TrialStrip::resizeEvent(QResizeEvent*) {
    layoutTiles();
}
void TrialStrip::showEvent(QShowEvent*) {
    m_cases->watch();
    m_proofs.setPaused(false);
    updateRamps();
}
void TrialStrip::hideEvent(QHideEvent*) {
    m_cases->unwatch();
    m_proofs.setPaused(true);
}

} // namespace keepseal::app
