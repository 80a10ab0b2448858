// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Two pictures side by side, each as large as it goes.
#pragma once

#include <QImage>
#include <QWidget>

namespace keepseal::app {

class TwoPictures : public QWidget {
    Q_OBJECT
public:
    explicit TwoPictures(QWidget* parent = nullptr);
    /// An empty second one leaves the room to the first.
    void show(const QImage& left, const QString& leftWords, const QImage& right, const QString& rightWords);
    QSize sizeHint() const override { return {640, 300}; }
    QSize minimumSizeHint() const override { return {200, 120}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QImage m_left, m_right;
    QString m_leftWords, m_rightWords;
};

} // namespace keepseal::app
