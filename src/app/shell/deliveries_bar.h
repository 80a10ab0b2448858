// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The deliveries: one card each, with a tick for "in the next run". The chosen card's chain is below.
#pragma once

#include "document/job_document.h"

#include <QAbstractButton>
#include <QCheckBox>

class QHBoxLayout;
class QLabel;
class QToolButton;

namespace keepseal::app {

class DeliveryCard : public QAbstractButton {
    Q_OBJECT
public:
    explicit DeliveryCard(QWidget* parent = nullptr);
    void showItem(const DeliveryItem& item, bool chosen, std::size_t pictures);
    QCheckBox* tick() { return m_tick; }
    QSize sizeHint() const override;

signals:
    void renameRequested();

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    DeliveryItem m_item;
    std::size_t m_pictures = 0;
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

signals:
    void renameRequested();

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void rebuild();
    void refresh();
    JobDocument* m_document;
    QLabel* m_about;
    QHBoxLayout* m_row;
    std::vector<DeliveryCard*> m_cards;
    QToolButton *m_add, *m_undo, *m_redo, *m_menu;
};

} // namespace keepseal::app
