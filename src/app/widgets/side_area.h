// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Where words of other languages, or large type, ask for more room than there usually is.
#pragma once

#include <QScrollArea>

namespace keepseal::app {

/// A column of settings beside the pictures: of its usual width, and wider where what is in it asks for it.
class SideArea : public QScrollArea {
    Q_OBJECT
public:
    explicit SideArea(QWidget* parent = nullptr);
    /// In pixels, as for the usual size of type; see withText().
    void setUsualWidth(int width);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void fitWidth();
    int m_usual = 0;
};

/// A row of controls that is cut by nothing: what has no room is reached by scrolling.
QScrollArea* scrolledSideways(QWidget* row);

} // namespace keepseal::app
