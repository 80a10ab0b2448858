// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window remembers from one day to the next: its size, its look, and the deliveries as they were
// left.
#include "shell/language.h"
#include "shell/main_window.h"

#include <QApplication>
#include <QCloseEvent>
#include <QColorDialog>
#include <QSettings>

namespace keepseal::app {
namespace {

/// The colours that a person kept in the dialog for colours.
QStringList keptColours() {
    QStringList out;
    for (int i = 0; i < QColorDialog::customCount(); ++i)
        out << QColorDialog::customColor(i).name();
    return out;
}

void takeKeptColours(const QStringList& names) {
    for (int i = 0; i < std::min<int>(QColorDialog::customCount(), static_cast<int>(names.size())); ++i)
        if (const QColor colour(names[i]); colour.isValid())
            QColorDialog::setCustomColor(i, colour);
}

} // namespace

/// In the background: where it lies may be slow, or far away.
void MainWindow::remember(const QVariantMap& values) {
    m_files.run([values] {
        QSettings settings(windowFile(), QSettings::IniFormat);
        for (auto value = values.begin(); value != values.end(); ++value)
            settings.setValue(value.key(), value.value());
    });
}

void MainWindow::setLook(ThemeKind kind, Surround tone) {
    setTheme(*qobject_cast<QApplication*>(QApplication::instance()), kind, tone);
    if (m_contrastAction)
        m_contrastAction->setChecked(contrast() == Contrast::High);
    remember({{"light", kind == ThemeKind::Light}, {"grey", static_cast<int>(tone)}});
    // Rich text holds its colours, so what was written with the old ones is made again.
    m_drawer->showStation(m_chain->chosen());
    m_bench->renewLook();
    m_runDesk->renewLook();
    update();
}

/// Once after an update.
void MainWindow::tellUpdate() {
    const QString now = KEEPSEAL_VERSION;
    const auto before = std::exchange(m_versionBefore, now);
    if (before == now)
        return;
    remember({{"version", now}});
    if (!before.isEmpty())
        showNotice(tr("This is Keep Seal %1. What is new stands under Menu > Help > What changed.").arg(now));
}

/// As the desktop asks, until the person says otherwise here.
void MainWindow::followSystem() {
    if (m_ownContrast)
        return;
    setContrast(m_wish.highContrast() ? Contrast::High : Contrast::Usual);
    setLook(theme().kind, surround());
}

void MainWindow::chooseContrast(bool high) {
    setContrast(high ? Contrast::High : Contrast::Usual);
    m_ownContrast.reset();
    if (high != m_wish.highContrast()) // who chooses what the desktop asks follows it again
        m_ownContrast = contrast();
    remember({{"highContrast", m_ownContrast ? QVariant(high) : QVariant()}});
    setLook(theme().kind, surround());
}

/// Before the window is seen.
void MainWindow::restoreState() {
    QSettings settings(windowFile(), QSettings::IniFormat);
    if (const auto geometry = settings.value("geometry").toByteArray(); !geometry.isEmpty())
        restoreGeometry(geometry);
    m_views->wall().setRowHeight(settings.value("proofSize", m_views->wall().rowHeight()).toInt());
    m_cardKeys->take(settings.value("cardKeys").toMap());
    if (const auto high = settings.value("highContrast"); high.isValid()) {
        m_ownContrast = high.toBool() ? Contrast::High : Contrast::Usual;
        setContrast(*m_ownContrast);
    }
    m_versionBefore = settings.value("version").toString();
    m_askedBefore = settings.value("askedFirst", false).toBool();
    takeKeptColours(settings.value("colours").toStringList());
    const int grey = settings.value("grey", 0).toInt();
    setLook(settings.value("light", false).toBool() ? ThemeKind::Light : ThemeKind::Dark,
            static_cast<Surround>(grey >= 0 && grey <= 2 ? grey : 0));
}

/// Who comes back from a file manager may have changed anything there. Who comes back by a click on Stamp
/// means it: while the plan is made anew there is nothing to click on, so that waits.
void MainWindow::changeEvent(QEvent* event) {
    QMainWindow::changeEvent(event);
    if (event->type() == QEvent::ActivationChange && isActiveWindow())
        m_cameBack.start();
}

void MainWindow::lookAgain() {
    if (QGuiApplication::mouseButtons() != Qt::NoButton || m_runBar->strongButton()->isDown())
        return m_cameBack.start();
    m_libraries.lookAgain();
    if (!m_runs.busy())
        m_runs.planning().lookAgain();
}

/// A run under way is stopped between two steps: whole copies stay, and the next run goes on there.
void MainWindow::closeEvent(QCloseEvent* event) {
    m_runs.running().stop();
    m_session.end();
    remember({{"geometry", saveGeometry()},
              {"proofSize", m_views->wall().rowHeight()},
              {"colours", keptColours()}});
    event->accept();
}

} // namespace keepseal::app
