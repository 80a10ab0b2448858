// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The line above the proofs: which view, how large, on which grey; and notices that block nobody.
#pragma once

#include "theme/theme.h"

#include <QWidget>

class QLabel;
class QPushButton;
class QSlider;
class QToolButton;

namespace keepseal::app {

enum class ViewKind { Wall, One, BeforeAfter, Words, Leaves, Check, TheRegister };
inline constexpr int kViews = 7;

class ViewsHeader : public QWidget {
    Q_OBJECT
public:
    explicit ViewsHeader(QWidget* parent = nullptr);
    void setView(ViewKind view);
    void setZoomText(const QString& text);
    QToolButton* asSavedButton() { return m_asSaved; }
    QToolButton* differenceButton() { return m_difference; }
    void setNotice(const QString& text);
    QSlider* sizeSlider() { return m_size; }
    QPushButton* viewButton(ViewKind view) { return m_views[static_cast<std::size_t>(view)]; }

signals:
    void viewRequested(keepseal::app::ViewKind view);
    void zoomRequested(int step); ///< 0 fit, 1 full, 2 double
    void surroundRequested();
    void noticeClosed();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void makeRoom();
    ViewKind m_view = ViewKind::Wall;
    QPushButton* m_views[kViews];
    QToolButton* m_zooms[3];
    QToolButton *m_asSaved, *m_difference;
    QSlider* m_size;
    QToolButton* m_surround;
    QWidget* m_noticeBox;
    QLabel* m_notice;
};

} // namespace keepseal::app
