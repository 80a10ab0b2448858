// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The typefaces there are. What is pointed at in the open list is tried at once, so that the seal itself is
// the sample; closed, the arrow keys go through them. A file of one's own is checked, kept in the library and
// taken.
#pragma once

#include "tasks/latest_task.h"

#include <QComboBox>

namespace keepseal::app {

/// By its name: what may be given as a typeface.
bool isTypefaceFile(const QString& file);

class TypefaceBox : public QComboBox {
    Q_OBJECT
public:
    explicit TypefaceBox(QWidget* parent = nullptr);
    void setFamily(const QString& family);
    void showPopup() override;
    void hidePopup() override;
    void addFile(const QString& file);

signals:
    void begun(); ///< what is chosen from here on belongs together
    void chosen(const QString& family);
    void leftAsItWas(); ///< the control needs its value set again

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void fill();
    void take(int index);
    void tryOut(int index);
    void closed();
    QString m_before; ///< while the list is open: what was chosen before
    bool m_open = false, m_tried = false;
    LatestTask<std::string> m_adding;
};

} // namespace keepseal::app
