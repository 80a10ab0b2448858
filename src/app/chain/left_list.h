// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What left of the picture looked at, in a few lines: of each delivery the newest copy, and what was held
// back. It reads the register and, for what was held back, the original, in the background; no copy: what has
// become of those stands in the register's view.
#pragma once

#include "recognise/history.h"
#include "tasks/latest_task.h"

#include <QLabel>
#include <QPushButton>
#include <QTimer>
#include <QWidget>

namespace keepseal::app {

class LeftList : public QWidget {
    Q_OBJECT
public:
    explicit LeftList(QWidget* parent = nullptr);
    /// Empty: no picture.
    void setOriginal(const std::filesystem::path& original);
    void renew(); ///< a run came to its end
    QString text() const { return m_lines->text(); }
    bool busy() const { return m_soon.isActive() || m_task.busy(); }

signals:
    void wholeRequested();

protected:
    void showEvent(QShowEvent* event) override;

private:
    struct Left {
        std::vector<RegisteredCopy> copies; ///< of each delivery the newest
        std::vector<HeldCopy> held;
        std::size_t many = 0; ///< of all
    };
    void look();
    void show(const Left& left);
    std::filesystem::path m_original;
    QLabel* m_lines;
    QPushButton* m_whole;
    QTimer m_soon; ///< a hand that walks over the pictures looks at none of them
    LatestTask<Left> m_task;
};

} // namespace keepseal::app
