// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window remembers from one day to the next: its size, its look, and the deliveries as they were
// left.
#include "shell/main_window.h"

#include "base/files.h"

#include <QApplication>
#include <QCloseEvent>
#include <QSettings>

namespace keepseal::app {
namespace {

QString settingsFile() {
    return toQt(configFolder() / "window.ini");
}

} // namespace

/// In the background: where it lies may be slow, or far away.
void MainWindow::remember(const QVariantMap& values) {
    m_files.run([values] {
        QSettings settings(settingsFile(), QSettings::IniFormat);
        for (auto value = values.begin(); value != values.end(); ++value)
            settings.setValue(value.key(), value.value());
    });
}

void MainWindow::setLook(ThemeKind kind, Surround tone) {
    setTheme(*qobject_cast<QApplication*>(QApplication::instance()), kind, tone);
    remember({{"light", kind == ThemeKind::Light}, {"grey", static_cast<int>(tone)}});
    // Rich text holds its colours, so what was written with the old ones is made again.
    m_drawer->showStation(m_chain->chosen());
    m_bench->renewLook();
    updateRunBar();
    if (m_lastRun && m_resultIsCurrent)
        m_check->showLedger(*m_lastRun, m_lastPlan.get(), m_check->cards());
    update();
}

/// Before the window is seen.
void MainWindow::restoreState() {
    QSettings settings(settingsFile(), QSettings::IniFormat);
    if (const auto geometry = settings.value("geometry").toByteArray(); !geometry.isEmpty())
        restoreGeometry(geometry);
    m_wall->setRowHeight(settings.value("proofSize", m_wall->rowHeight()).toInt());
    const int grey = settings.value("grey", 0).toInt();
    setLook(settings.value("light", false).toBool() ? ThemeKind::Light : ThemeKind::Dark,
            static_cast<Surround>(grey >= 0 && grey <= 2 ? grey : 0));
}

/// Who comes back from a file manager may have changed anything there.
void MainWindow::changeEvent(QEvent* event) {
    QMainWindow::changeEvent(event);
    if (event->type() != QEvent::ActivationChange || !isActiveWindow())
        return;
    m_libraries.lookAgain();
    if (!m_running.busy())
        m_planning.lookAgain();
}

/// A run under way is stopped between two steps: whole copies stay, and the next run goes on there.
void MainWindow::closeEvent(QCloseEvent* event) {
    m_running.stop();
    m_session.end();
    remember({{"geometry", saveGeometry()}, {"proofSize", m_wall->rowHeight()}});
    event->accept();
}

} // namespace keepseal::app
