// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The sentence of the setting that has the focus, written out: nobody has to hover to read it. It keeps its
// height, so that nothing moves under a hand.
#pragma once

#include <QLabel>

namespace keepseal::app {

/// What a row of settings is for; the nearest one around the focus is shown.
void setAbout(QWidget* row, const QString& text);

class AboutLine : public QLabel {
    Q_OBJECT
public:
    /// `of`: only what is in it is explained; not owned. `otherwise` stands there while nothing has the
    /// focus.
    AboutLine(QWidget* of, QString otherwise, QWidget* parent = nullptr);

private:
    void follow(QWidget* focus);
    QWidget* m_of;
    QString m_otherwise;
};

} // namespace keepseal::app
