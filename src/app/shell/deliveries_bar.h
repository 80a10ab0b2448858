// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The deliveries: one card each, with a tick for "in the next run". The chosen card's chain is below.
#pragma once

#include "document/job_document.h"

#include <QAbstractButton>
#include <QCheckBox>

#include <map>
#include <optional>

class QHBoxLayout;
class QLabel;
class QMenu;
class QToolButton;

namespace keepseal::app {

class DeliveryCard : public QAbstractButton {
    Q_OBJECT
public:
    explicit DeliveryCard(QWidget* parent = nullptr);
    /// `copies`: as planned; nothing while that is not known.
    void showItem(const DeliveryItem& item, bool chosen, std::optional<std::size_t> copies,
                  std::size_t heldBack);
    QCheckBox* tick() { return m_tick; }
    QSize sizeHint() const override;

signals:
    void renameRequested();
    void moveRequested(int steps);       ///< by keys
    void dropped(QPoint globalPosition); ///< dragged there

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    DeliveryItem m_item;
    std::optional<std::size_t> m_copies;
    std::size_t m_heldBack = 0;
    QPoint m_pressedAt;
    bool m_dragged = false;
    QCheckBox* m_tick;
};

class DeliveriesBar : public QWidget {
    Q_OBJECT
public:
    DeliveriesBar(JobDocument* document, QWidget* parent = nullptr);
    QToolButton* menuButton() { return m_menu; }
    QToolButton* undoButton() { return m_undo; }
    QToolButton* redoButton() { return m_redo; }
    DeliveryCard* card(std::size_t index) { return m_cards.at(index); }
    QToolButton* addButton() { return m_add; }
    /// Copies that each delivery will have, by index; shown until the job changes.
    void setCopies(std::map<DeliveryId, std::size_t> copies);
    /// How many of them will be held back, by index.
    void setHeldBack(std::map<DeliveryId, std::size_t> heldBack);
    /// Shown at the right mouse button on a card, which is chosen first; not owned.
    void setCardMenu(QMenu* menu) { m_cardMenu = menu; }

signals:
    void renameRequested();

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void rebuild();
    DeliveryCard* newCard(std::size_t index);
    void refresh();
    JobDocument* m_document;
    QLabel* m_about;
    QHBoxLayout* m_row;
    std::vector<DeliveryCard*> m_cards;
    QMenu* m_cardMenu = nullptr;
    std::map<DeliveryId, std::size_t> m_copies;
    std::map<DeliveryId, std::size_t> m_heldBack;
    QToolButton *m_add, *m_undo, *m_redo, *m_menu;
};

} // namespace keepseal::app
