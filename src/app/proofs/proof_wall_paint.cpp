// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the wall shows of each picture: its proof, its badges, and the same in words.
#include "proofs/proof_wall.h"

#include "base/text.h"
#include "plan/stamped.h"
#include "theme/theme.h"
#include "widgets/markup.h"

#include <QPaintEvent>
#include <QPainter>
#include <QPixmapCache>
#include <QScrollBar>

#include <algorithm>
#include <cmath>

namespace keepseal::app {
namespace {

/// Something is worth a look that is not among `words`.
bool tellsMoreThan(const Notes& words, const Notes& notes) {
    return std::any_of(notes.begin(), notes.end(), [&](const Note& note) {
        return severityOf(note) >= Severity::WorthALook &&
               std::find(words.begin(), words.end(), note) == words.end();
    });
}

} // namespace

void ProofWall::paintEvent(QPaintEvent* event) {
    QPainter painter(viewport());
    painter.fillRect(viewport()->rect(), theme().surround(surround()));
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.setRenderHint(QPainter::Antialiasing);
    const int top = verticalScrollBar()->value();
    const QRect screen = event->rect().translated(0, top);
    painter.translate(0, -top);
    for (auto i = firstBelow(screen.top() - 16);
         i < m_tiles.size() && m_tiles[i].picture.top() < screen.bottom() + 16; ++i)
        if (const auto& at = m_tiles[i].picture;
            at.left() - 8 < screen.right() && at.right() + 8 > screen.left())
            paintTile(painter, m_tiles[i]);
}

void ProofWall::paintTile(QPainter& painter, const Tile& tile) const {
    const bool selected = m_selected.contains(tile.id);
    if (selected) {
        painter.setPen(QPen(theme().ring(surround()), tile.id == m_current && hasFocus() ? 3 : 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(QRectF(tile.picture).adjusted(-4.5, -4.5, 4.5, 4.5), 3, 3);
    }
    paintPicture(painter, tile, tile.picture);
    const bool made = whyNotMade(tile.id).isEmpty();
    if (made)
        paintBadges(painter, tile, tile.picture);
    else { // there, but in the background
        auto veil = theme().surround(surround());
        veil.setAlpha(190);
        painter.fillRect(tile.picture.adjusted(0, 0, 1, 1), veil);
        painter.setFont(smallFont());
        painter.setPen(theme().onSurround(surround()));
        painter.drawText(tile.picture.adjusted(4, 4, -4, -4), Qt::AlignCenter | Qt::TextWordWrap,
                         tr("left out"));
    }
    paintCaption(painter, tile);
}

void ProofWall::paintCaption(QPainter& painter, const Tile& tile) const {
    painter.setFont(smallFont());
    painter.setPen(theme().onSurround(surround()));
    auto known = m_captions.find(tile.id);
    if (known == m_captions.end()) {
        constexpr std::size_t most = 2000; // some screens: who scrolls past all of them keeps not each
        if (m_captions.size() > most)
            m_captions.clear();
        const auto* item = m_document->original(tile.id);
        const auto name = item ? toQt(item->path.filename()) : QString();
        auto text = plainLine(painter.fontMetrics().elidedText(name, Qt::ElideMiddle, tile.picture.width()));
        text.prepare({}, painter.font());
        known = m_captions.emplace(tile.id, std::move(text)).first;
    }
    const double space = captionHeight() - 4 - known->second.size().height();
    const double left = layoutDirection() == Qt::RightToLeft
                            ? tile.picture.right() + 1 - known->second.size().width()
                            : tile.picture.left();
    painter.drawStaticText(QPointF(left, tile.picture.bottom() + 5 + space / 2), known->second);
}

int ProofWall::captionHeight() {
    return withText(22);
}

QString ProofWall::whyNotMade(OriginalId id) const {
    const auto& exception = m_document->exception(id);
    if (exception.leftOut)
        return tr("left out by hand");
    const auto& which = m_document->currentDelivery().which;
    const auto info = which.all() ? nullptr : m_library->info(id);
    if (!info || info->problem)
        return {};
    const auto typed = exception.words.find("keywords");
    const auto& keywords =
        typed == exception.words.end() ? info->metadata()->field("keywords").items : typed->second.items;
    return toQt(whyNotTaken(which, {chainOf(*m_document, *info, id).sizes.cut, info->rating, keywords}));
}

void ProofWall::paintPicture(QPainter& painter, const Tile& tile, const QRect& rect) const {
    if (const auto* proof = m_proofs.proof(tile.id)) {
        if (const QImage before = m_before ? m_proofs.baseImage(tile.id) : QImage(); before.isNull())
            drawProof(painter, rect, *proof);
        else // at the place that it has in the copy
            painter.drawImage(pictureWithin(*proof, rect), before);
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

namespace {

struct Badge {
    const char* icon;
    QColor ground, ink;
    QString text{}; ///< in place of the icon
};

constexpr int kDisc = 20, kRim = 1; ///< of a badge, device-independent pixels

/// A disc with a sign or a number, drawn once: a wall shows many of them at each step of a slider.
QPixmap badgePixmap(const Badge& badge, qreal ratio) {
    const auto key = QString("ks:badge:%1:%2:%3:%4:%5")
                         .arg(badge.icon, badge.text)
                         .arg(badge.ground.rgb())
                         .arg(badge.ink.rgb())
                         .arg(std::lround(ratio * 100));
    QPixmap pixmap;
    if (QPixmapCache::find(key, &pixmap))
        return pixmap;
    pixmap = QPixmap(QSize(kDisc + 2 * kRim, kDisc + 2 * kRim) * ratio);
    pixmap.setDevicePixelRatio(ratio);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF disc(kRim, kRim, kDisc, kDisc);
    painter.setPen(QPen(QColor(0, 0, 0, 60), 1));
    painter.setBrush(badge.ground);
    painter.drawEllipse(disc);
    if (badge.text.isEmpty()) {
        painter.drawPixmap(disc.topLeft() + QPointF(3.5, 3.5), iconPixmap(badge.icon, badge.ink, 13, ratio));
    } else {
        painter.setFont(smallFont());
        painter.setPen(badge.ink);
        painter.drawText(disc, Qt::AlignCenter, badge.text);
    }
    painter.end();
    QPixmapCache::insert(key, pixmap);
    return pixmap;
}

} // namespace

void ProofWall::paintBadges(QPainter& painter, const Tile& tile, const QRect& rect) const {
    std::vector<Badge> badges;
    const auto info = m_library->info(tile.id);
    if (const auto stamped = m_stamped.find(tile.id); stamped != m_stamped.end())
        badges.push_back(stamped->second == Stamped::Made     ? Badge{"check", QColor("#1f7a43"), Qt::white}
                         : stamped->second == Stamped::Failed ? Badge{"x", QColor("#b03421"), Qt::white}
                                                              : Badge{"lock", QColor("#b03421"), Qt::white});
    else if (m_heldBack.contains(tile.id))
        badges.push_back({"lock", QColor("#b03421"), Qt::white});
    if (info && info->tellsPlace)
        badges.push_back({"map-pin", QColor("#f0b341"), QColor("#231a05")});
    const auto* proof = m_proofs.proof(tile.id);
    if (proof && !proof->words.empty())
        badges.push_back({"tag", QColor("#f0b341"), QColor("#231a05")});
    if (!m_document->exception(tile.id).empty())
        badges.push_back({"pencil", QColor("#3fb3a2"), QColor("#06231f")});
    if (info && info->stampedBefore)
        badges.push_back({"stamp", QColor("#b9c4d6"), QColor("#1b2430")});
    if (proof && proof->sharp && !m_heldBack.contains(tile.id) && tellsMoreThan(proof->words, proof->notes))
        badges.push_back({"triangle-alert", QColor("#f0b341"), QColor("#231a05")});
    if (const auto left = leftOf(tile.id); left > 0)
        badges.push_back(
            {"", QColor("#b9c4d6"), QColor("#1b2430"), left > 99 ? "99+" : QString::number(left)});
    int x = rect.right() - 5;
    for (const auto& badge : badges) {
        painter.drawPixmap(QPoint(x - kDisc - kRim, rect.top() + 6 - kRim),
                           badgePixmap(badge, devicePixelRatioF()));
        x -= kDisc + 4;
    }
}

std::size_t ProofWall::leftOf(OriginalId id) const {
    if (m_left.empty())
        return 0;
    const auto* item = m_document->original(id);
    const auto found = item ? m_left.find(item->path) : m_left.end();
    return found == m_left.end() ? 0 : found->second;
}

QString ProofWall::describe(OriginalId id) const {
    const auto* item = m_document->original(id);
    const auto info = m_library->info(id);
    if (!item)
        return {};
    QString text = toQt(item->path.filename());
    if (const auto why = whyNotMade(id); !why.isEmpty())
        text += tr("\nNo copy: %1").arg(why);
    if (const auto held = m_heldBack.find(id); held != m_heldBack.end())
        text += tr("\nWill be held back: ") + held->second.join("\n");
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
    if (const auto left = leftOf(id); left > 0)
        text += "\n" + saidQt(static_cast<std::size_t>(left), "{n} copy of it has left so far (Ctrl+H)",
                              "{n} copies of it have left so far (Ctrl+H)");
    if (info->stampedBefore)
        text += m_document->exception(id).stampAgain
                    ? tr("\nThis is a copy that Keep Seal made; you chose to stamp it again.")
                    : tr("\nThis is a copy that Keep Seal made: it is left out, so that nothing is framed or "
                         "sealed twice.");
    if (info->tellsPlace)
        text +=
            tr("\nThe original tells a place: %1").arg(toQt(info->place)) +
            (m_document->currentDelivery().privacy.opensLocation() ? tr("\nThis copy will tell it too.")
                                                                   : tr("\nIt is taken out of the copies."));
    else
        text += tr("\nThe original tells no place.");
    if (const auto* proof = m_proofs.proof(id)) {
        if (proof->seal.readability > 0)
            text += tr("\nContrast of the seal: %1 : 1").arg(proof->seal.readability, 0, 'f', 1);
        if (!proof->seal.decision.why.empty())
            text += "\n" + toQt(proof->seal.decision.why);
        auto notes = proof->words;
        addNotes(notes, proof->notes);
        for (const auto& words : sentences(notes))
            text += "\n" + words;
    }
    if (const auto different = keepseal::describe(m_document->exception(id)); !different.empty())
        text += tr("\nDifferent here: %1").arg(toQt(different));
    return text;
}

QString ProofWall::accessibleItemName(int index) const {
    return describe(m_tiles.at(static_cast<std::size_t>(index)).id).replace('\n', QObject::tr(", "));
}

QRect ProofWall::accessibleItemRect(int index) const {
    const QRect picture = pictureRect(m_tiles.at(static_cast<std::size_t>(index)).id);
    return {viewport()->mapTo(this, picture.topLeft()), picture.size()};
}

bool ProofWall::isAccessibleItemChosen(int index) const {
    return m_selected.contains(m_tiles.at(static_cast<std::size_t>(index)).id);
}

void ProofWall::chooseAccessibleItem(int index) {
    setCurrent(m_tiles.at(static_cast<std::size_t>(index)).id);
}

} // namespace keepseal::app
