// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Which pictures the wall shows: by what they are and by words. It hides, it takes nothing out of the job.
#pragma once

#include "document/picture_filter.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QLineEdit;

namespace keepseal::app {

class FilterBar : public QWidget {
    Q_OBJECT
public:
    explicit FilterBar(QWidget* parent = nullptr);
    PictureFilter filter() const;
    void clear();
    void setShown(std::size_t shown, std::size_t all);
    QComboBox* kind() { return m_kind; }
    QLineEdit* words() { return m_words; }

signals:
    void changed();
    void closed(); ///< all are shown again

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    void leave();
    QComboBox* m_kind;
    QLineEdit* m_words;
    QLabel* m_count;
};

} // namespace keepseal::app
