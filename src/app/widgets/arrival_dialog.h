// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a shared zip would bring, shown before any of it is kept.
#pragma once

#include "library/arrival.h"

#include <QDialog>

class QPushButton;
class QVBoxLayout;

namespace keepseal::app {

class ArrivalDialog : public QDialog {
    Q_OBJECT
public:
    explicit ArrivalDialog(Arrival arrival, QWidget* parent = nullptr);
    const Arrival& arrival() const { return m_arrival; }
    QPushButton* takeButton() { return m_take; }

private:
    void addDesigns(QVBoxLayout* column);
    void addFiles(QVBoxLayout* column);
    void addWarnings(QVBoxLayout* column);
    Arrival m_arrival;
    QPushButton* m_take;
};

/// What became of the typefaces that were not taken; empty when all were.
QString saidOfTypefaces(const TakenIn& taken);

} // namespace keepseal::app
