// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Two deliveries of one picture side by side, made by the same code as the copies, under one loupe.
#pragma once

#include "check/loupe.h"
#include "document/picture_library.h"

#include <QDialog>

class QComboBox;
class QLabel;

namespace keepseal::app {

class CompareDeliveries : public QDialog {
    Q_OBJECT
public:
    CompareDeliveries(const std::vector<DeliveryItem>& deliveries, std::size_t current, PictureInfoPtr info,
                      const PictureException& exception, std::shared_ptr<DecodedPictures> decoded,
                      QWidget* parent = nullptr);
    QComboBox* left() { return m_left; }
    QComboBox* right() { return m_right; }
    Loupe* loupe() { return m_loupe; }
    QString difference() const;

private:
    void render();
    std::vector<Delivery> m_deliveries;
    PictureInfoPtr m_info;
    PictureException m_exception;
    std::shared_ptr<DecodedPictures> m_decoded;
    QComboBox *m_left, *m_right;
    QLabel* m_difference;
    Loupe* m_loupe;
};

} // namespace keepseal::app
