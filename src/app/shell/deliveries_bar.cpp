// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/deliveries_bar.h"

#include "formats/output_format.h"

#include "delivery/difference.h"
#include "geometry/anchor.h"
#include "theme/theme.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QScrollArea>
#include <QStyle>
#include <QToolButton>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

QToolButton* roundButton(const QString& name, const QString& iconName) {
    auto* button = new QToolButton;
    button->setIcon(icon(iconName));
    button->setIconSize({20, 20});
    button->setAccessibleName(name);
    button->setToolTip(name);
    button->setFocusPolicy(Qt::StrongFocus);
    return button;
}

/// A picture-shaped sign with the seal's place on it.
void paintSign(QPainter& painter, const QRect& box, const SealDesign& seal) {
    painter.setPen(Qt::NoPen);
    painter.setBrush(QColor("#8d9aa3"));
    painter.drawRect(box);
    if (!seal.on)
        return;
    const auto colour = seal.parts.empty() ? Rgb{255, 255, 255} : seal.parts.front().colour;
    const QColor ink(colour.r, colour.g, colour.b);
    if (seal.arrangement == Arrangement::Repeat) { // short strokes all over
        painter.setPen(QPen(ink, 1.6));
        for (int y = 0; y < 3; ++y)
            for (int x = 0; x < 3; ++x)
                painter.drawLine(QPointF(box.x() + 5 + x * 15 + (y % 2) * 4, box.y() + 10 + y * 11),
                                 QPointF(box.x() + 12 + x * 15 + (y % 2) * 4, box.y() + 6 + y * 11));
        painter.setPen(Qt::NoPen);
        return;
    }
    if (seal.arrangement == Arrangement::Strip) {
        painter.setBrush(QColor(0, 0, 0, 110));
        const int row = static_cast<int>(seal.anchor) / 3;
        painter.drawRect(QRect(box.x(), box.y() + row * (box.height() - 9) / 2, box.width(), 9));
    }
    const auto at =
        anchored({box.x(), box.y(), box.width(), box.height()}, box.width() * 0.36, 3.5, seal.anchor, 4);
    painter.setBrush(ink);
    painter.drawRect(QRectF(at.x, at.y, box.width() * 0.36, 3.5));
}

} // namespace

DeliveryCard::DeliveryCard(QWidget* parent) : QAbstractButton(parent), m_tick(new QCheckBox(this)) {
    setCheckable(true);
    setFocusPolicy(Qt::StrongFocus);
    m_tick->setToolTip(tr("In the next run"));
}

QSize DeliveryCard::sizeHint() const {
    return {std::min(withText(208), 300), withText(62)};
}

namespace {

/// Its notes, what was changed since it was kept, and how the card is used.
QString cardHelp(const DeliveryItem& item) {
    QStringList lines;
    if (!item.delivery.notes.empty())
        lines << toQt(item.delivery.notes);
    if (!item.delivery.tags.empty()) {
        QStringList tags;
        for (const auto& tag : item.delivery.tags)
            tags << toQt(tag);
        lines << tags.join(QObject::tr(", "));
    }
    if (item.changed()) {
        lines << DeliveryCard::tr("Changed since it was kept:");
        const auto changes = differences(*item.kept, item.delivery);
        for (std::size_t i = 0; i < std::min<std::size_t>(changes.size(), 8); ++i)
            lines << "  " + toQt(changes[i]);
        if (changes.size() > 8)
            lines << DeliveryCard::tr("  and %1 more").arg(changes.size() - 8);
    }
    lines << DeliveryCard::tr("F2 renames, the right button offers more, dragging changes the order");
    return lines.join("\n");
}

} // namespace

void DeliveryCard::showItem(const DeliveryItem& item, bool chosen, std::optional<std::size_t> copies,
                            std::size_t heldBack) {
    if (m_item == item && isChecked() == chosen && m_copies == copies && m_heldBack == heldBack)
        return; // each step of a slider asks all of them
    m_item = item;
    m_copies = copies;
    m_heldBack = heldBack;
    setChecked(chosen);
    const QSignalBlocker blocker(m_tick);
    m_tick->setChecked(item.inNextRun);
    m_tick->setAccessibleName(tr("%1 in the next run").arg(toQt(item.delivery.name)));
    setAccessibleName(tr("Delivery %1").arg(toQt(item.delivery.name)) +
                      (item.changed() ? tr(", changed") : QString()));
    setToolTip(cardHelp(item));
    update();
}

namespace {

/// "JPEG + PNG"
QString formatsOf(const FileSettings& file) {
    QStringList names;
    for (const auto* format : file.formats())
        names << toQt(format->name);
    return names.join(" + ");
}

} // namespace

void DeliveryCard::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    const auto side = [this](const QRect& at) { return QStyle::visualRect(layoutDirection(), rect(), at); };
    painter.setPen(QPen(isChecked() ? t.accent : t.line, isChecked() ? 2 : 1));
    painter.setBrush(isChecked() ? t.raised : t.panel);
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 8, 8);
    paintSign(painter, side({11, 13, 48, 36}), m_item.delivery.seal);
    const auto& d = m_item.delivery;
    const int left = 70, room = width() - left - 32;
    painter.setFont(strongFont());
    painter.setPen(m_item.inNextRun ? t.text : t.quiet);
    const QFontMetrics strong(strongFont()), small(smallFont());
    painter.drawText(side({left, 8, room, strong.height()}), Qt::AlignLeft | Qt::AlignVCenter,
                     strong.elidedText(toQt(d.name), Qt::ElideRight, room));
    painter.setFont(smallFont());
    painter.setPen(t.quiet);
    const bool plain = d.fit.on && d.fit.to == FitTo::LongSide;
    const auto size = plain ? tr("%1 px").arg(d.fit.longSide) : toQt(station(StationId::Fit).summary(d));
    painter.drawText(side({left, 10 + strong.height(), width() - left - 8, small.height()}), Qt::AlignLeft,
                     small.elidedText(size + " · " + formatsOf(d.file), Qt::ElideRight, width() - left - 8));
    const bool held = m_heldBack > 0 && m_item.inNextRun;
    if (d.privacy.opensLocation() || held)
        painter.setPen(t.bad);
    painter.drawText(side({left, 10 + strong.height() + small.height(), width() - left - 8, small.height()}),
                     Qt::AlignLeft,
                     d.privacy.opensLocation() ? tr("TELLS THE PLACE")
                     : !m_item.inNextRun       ? tr("not in the next run")
                     : held                    ? tr("%1 held back").arg(m_heldBack)
                     : !m_copies               ? QString()
                                               : saidQt(*m_copies, "{n} copy", "{n} copies"));
    if (m_item.changed()) {
        painter.setPen(t.look);
        painter.drawText(
            side({left, 10 + strong.height() + small.height(), width() - left - 10, small.height()}),
            Qt::AlignRight, tr("changed"));
    }
    if (hasFocus()) {
        painter.setPen(QPen(t.text, 1, Qt::DotLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(QRectF(rect()).adjusted(3.5, 3.5, -3.5, -3.5), 6, 6);
    }
}

void DeliveryCard::resizeEvent(QResizeEvent*) {
    m_tick->move(layoutDirection() == Qt::RightToLeft ? 28 - m_tick->width() : width() - 28, 7);
}
void DeliveryCard::mousePressEvent(QMouseEvent* event) {
    m_pressedAt = event->position().toPoint();
    m_dragged = false;
    QAbstractButton::mousePressEvent(event);
}

void DeliveryCard::mouseMoveEvent(QMouseEvent* event) {
    constexpr int far = 16;
    if ((event->buttons() & Qt::LeftButton) &&
        (event->position().toPoint() - m_pressedAt).manhattanLength() > far) {
        m_dragged = true;
        setCursor(Qt::ClosedHandCursor);
    }
    QAbstractButton::mouseMoveEvent(event);
}

void DeliveryCard::mouseReleaseEvent(QMouseEvent* event) {
    unsetCursor();
    if (m_dragged) {
        setDown(false);
        emit dropped(event->globalPosition().toPoint());
        return;
    }
    QAbstractButton::mouseReleaseEvent(event);
}

void DeliveryCard::mouseDoubleClickEvent(QMouseEvent*) {
    emit renameRequested();
}

void DeliveryCard::keyPressEvent(QKeyEvent* event) {
    const bool move = event->modifiers() == (Qt::ControlModifier | Qt::ShiftModifier);
    if (event->key() == Qt::Key_F2)
        emit renameRequested();
    else if (move && (event->key() == Qt::Key_Left || event->key() == Qt::Key_Right))
        emit moveRequested(event->key() == Qt::Key_Left ? -1 : 1);
    else
        QAbstractButton::keyPressEvent(event);
}

DeliveriesBar::DeliveriesBar(JobDocument* document, QWidget* parent)
    : QWidget(parent), m_document(document), m_about(new QLabel), m_row(new QHBoxLayout),
      m_add(roundButton(tr("New delivery"), "plus")), m_undo(roundButton(tr("Undo"), "undo-2")),
      m_redo(roundButton(tr("Redo"), "redo-2")), m_menu(roundButton(tr("Menu"), "menu")) {
    setAccessibleName(tr("Deliveries"));
    auto* whole = new QHBoxLayout(this);
    whole->setContentsMargins(kGap4, kGap2, kGap3, kGap2);
    whole->setSpacing(kGap3);
    auto* mark = new QLabel;
    mark->setPixmap(sealPixmap(40, 2));
    auto* words = new QVBoxLayout;
    words->setSpacing(0);
    auto* name = new QLabel("Keep Seal");
    name->setFont(titleFont());
    m_about->setFont(smallFont());
    words->addStretch();
    words->addWidget(name);
    words->addWidget(m_about);
    words->addStretch();
    auto* brand = new QWidget;
    auto* brandRow = new QHBoxLayout(brand);
    brandRow->setContentsMargins(0, 0, 0, 0);
    brandRow->setSpacing(10);
    brandRow->addWidget(mark);
    brandRow->addLayout(words, 1);
    brand->setFixedWidth(withText(196));
    whole->addWidget(brand);

    auto* cards = new QWidget;
    m_row->setContentsMargins(0, 0, 0, 0);
    m_row->setSpacing(kGap2);
    m_row->addWidget(m_add);
    m_row->addStretch();
    cards->setLayout(m_row);
    auto* scroll = new QScrollArea;
    scroll->setWidget(cards);
    scroll->setWidgetResizable(true);
    scroll->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFixedHeight(withText(76));
    scroll->setFocusPolicy(Qt::NoFocus);
    whole->addWidget(scroll, 1);
    for (auto* button : {m_undo, m_redo, m_menu})
        whole->addWidget(button);
    m_menu->setPopupMode(QToolButton::InstantPopup);
    m_menu->setStyleSheet("QToolButton::menu-indicator { image: none; }");
    m_add->setPopupMode(QToolButton::InstantPopup);
    m_add->setStyleSheet("QToolButton::menu-indicator { image: none; }");
    connect(document, &JobDocument::deliveriesChanged, this, &DeliveriesBar::rebuild);
    connect(document, &JobDocument::anythingChanged, this, &DeliveriesBar::refresh);
    rebuild();
}

void DeliveriesBar::rebuild() {
    const auto count = m_document->state().deliveries.size();
    while (m_cards.size() > count) {
        m_cards.back()->deleteLater();
        m_row->removeWidget(m_cards.back());
        m_cards.pop_back();
    }
    while (m_cards.size() < count) {
        auto* card = newCard(m_cards.size());
        m_row->insertWidget(static_cast<int>(m_cards.size()), card);
        m_cards.push_back(card);
    }
    refresh();
}

DeliveryCard* DeliveriesBar::newCard(std::size_t index) {
    auto* card = new DeliveryCard;
    const auto choose = [this, index] { m_document->selectDelivery(index); };
    connect(card, &QAbstractButton::clicked, this, [this, choose] {
        choose();
        refresh();
    });
    connect(card, &DeliveryCard::renameRequested, this, [this, choose] {
        choose();
        emit renameRequested();
    });
    connect(card, &DeliveryCard::moveRequested, this, [this, index](int steps) {
        const auto to = static_cast<std::ptrdiff_t>(index) + steps;
        if (to < 0 || to >= static_cast<std::ptrdiff_t>(m_cards.size()))
            return;
        m_document->moveDelivery(index, static_cast<std::size_t>(to));
        m_cards[static_cast<std::size_t>(to)]->setFocus();
    });
    connect(card, &DeliveryCard::dropped, this, [this, index](QPoint at) {
        for (std::size_t i = 0; i < m_cards.size(); ++i)
            if (m_cards[i]->rect().contains(m_cards[i]->mapFromGlobal(at)))
                return m_document->moveDelivery(index, i);
    });
    card->setContextMenuPolicy(Qt::CustomContextMenu);
    connect(card, &QWidget::customContextMenuRequested, this, [this, choose, card](QPoint at) {
        choose();
        if (m_cardMenu)
            m_cardMenu->popup(card->mapToGlobal(at));
    });
    connect(card->tick(), &QCheckBox::toggled, this,
            [this, index](bool on) { m_document->setInNextRun(index, on); });
    return card;
}

void DeliveriesBar::refresh() {
    const auto& state = m_document->state();
    const auto pictures = state.originals->size();
    for (std::size_t i = 0; i < m_cards.size() && i < state.deliveries.size(); ++i) {
        const auto& item = state.deliveries[i];
        const auto copies = m_copies.find(item.id), held = m_heldBack.find(item.id);
        m_cards[i]->showItem(item, i == state.currentDelivery,
                             copies != m_copies.end() ? std::optional(copies->second) : std::nullopt,
                             held != m_heldBack.end() ? held->second : 0);
    }
    const auto& job = state.name;
    m_about->setToolTip(toQt(job));
    m_about->setText(
        !job.empty()
            ? m_about->fontMetrics().elidedText(
                  toQt(job) + (pictures ? tr(" · %1").arg(pictures) : QString()), Qt::ElideMiddle, 140)
        : pictures == 0 ? tr("no pictures yet")
                        : saidQt(static_cast<std::size_t>(pictures), "{n} original", "{n} originals"));
}

void DeliveriesBar::setHeldBack(std::map<DeliveryId, std::size_t> heldBack) {
    if (heldBack == m_heldBack)
        return;
    m_heldBack = std::move(heldBack);
    refresh();
}

void DeliveriesBar::setCopies(std::map<DeliveryId, std::size_t> copies) {
    m_copies = std::move(copies);
    refresh();
}

void DeliveriesBar::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().window);
    painter.fillRect(QRect(0, height() - 1, width(), 1), theme().line);
}

} // namespace keepseal::app
