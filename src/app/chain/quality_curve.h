// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Bytes against quality for the picture that is looked at, each point measured by encoding it. A click takes
// a quality.
#pragma once

#include "proofs/encoded_proof.h"

#include "widgets/accessible_items.h"

#include <QWidget>

namespace keepseal::app {

class QualityCurve : public QWidget, public AccessibleItems {
    Q_OBJECT
public:
    explicit QualityCurve(EncodedProof* encoded, QWidget* parent = nullptr);
    void setQuality(int quality, const QString& picture);
    QSize sizeHint() const override { return {220, 166}; }
    // Each measured quality, as assistive technology finds it.
    int accessibleCount() const override;
    QString accessibleItemName(int index) const override;
    QRect accessibleItemRect(int index) const override;
    bool isAccessibleItemChosen(int index) const override;
    int accessibleCurrent() const override;
    void chooseAccessibleItem(int index) override;
    QAccessible::Role accessibleItemRole() const override { return QAccessible::RadioButton; }
    QString sentence() const; ///< what it says, for a screen reader and for tests

signals:
    void qualityChosen(int quality);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    /// Nothing where it was not measured.
    std::optional<double> scoreAt(int quality) const;
    void tellAll();
    QRectF plot() const;
    QPointF at(int quality, qulonglong bytes) const;
    EncodedProof* m_encoded;
    int m_quality = 90;
    QString m_picture;
};

} // namespace keepseal::app
