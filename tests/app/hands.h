// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Random hands: clicks, drags, keys and typed values on whatever window is in front, from a seed. Dialogs
// that choose files are answered with files of a throw-away folder.
#pragma once

#include "support/support.h"

#include <QObject>
#include <QTimer>

#include <fstream>
#include <random>

class QAction;
class QFileDialog;
class QMenu;
class QWidget;

namespace keepseal::app {

class Hands : public QObject {
    Q_OBJECT
public:
    /// `window` is kept open; files are looked for and saved in `folder`; steps are written to `log` as they
    /// are made.
    Hands(QWidget* window, std::filesystem::path folder, unsigned seed, const std::filesystem::path& log);
    ~Hands() override;
    /// Runs the event loop until so many steps are made, also within dialogs.
    void make(int steps);
    void leaveDialogs();

public slots:
    void openNothing(const QUrl&) {} ///< in place of the desktop's file manager

private:
    void step();
    void one();
    void answerFileDialog(QFileDialog* dialog);
    void onMenu(QMenu* menu);
    void onWidget(QWidget* front);
    void click(QWidget* widget);
    void drag(QWidget* widget);
    void wheel(QWidget* widget);
    void keys(QWidget* front);
    void type(QWidget* front);
    void shortcut(QWidget* front);
    QWidget* anyWidget(QWidget* front);
    void note(const QString& what);
    int number(int below) { return static_cast<int>(m_random() % static_cast<unsigned>(below)); }
    QWidget* m_window;
    std::filesystem::path m_folder;
    std::mt19937 m_random;
    std::ofstream m_log;
    int m_left = 0, m_made = 0, m_within = 0;
};

} // namespace keepseal::app
