// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/mounted_cards.h"

#include "base/problem.h"

#include <QGuiApplication>

#include <utility>

namespace keepseal::app {

MountedCards::MountedCards(const QString& mountInfo, QObject* parent)
    : QObject(parent), m_list(mountInfo), m_looking([this](const TaskOutcome<std::vector<Card>>& outcome) {
          if (!outcome.result || *outcome.result == m_cards)
              return;
          m_cards = *outcome.result;
          emit changed();
      }),
      m_asking([this](const TaskOutcome<Stores>& outcome) {
          if (outcome.result && std::exchange(m_stores, *outcome.result) != *outcome.result)
              look();
      }) {
    if (m_list.open(QIODevice::ReadOnly)) {
        // The kernel says so on this very file when something is mounted: poll(2), proc(5).
        m_notifier = std::make_unique<QSocketNotifier>(m_list.handle(), QSocketNotifier::Exception);
        connect(m_notifier.get(), &QSocketNotifier::activated, this, &MountedCards::look);
    }
    // What the desktop mounts for its own programs is in no list of the system's. Their names alone are asked
    // for each time: a telephone takes long to tell all of its pictures.
    connect(qGuiApp, &QGuiApplication::applicationStateChanged, this, [this](Qt::ApplicationState state) {
        if (state == Qt::ApplicationActive)
            m_asking.start(
                [](const auto&) { return storesOfCameras(qgetenv("XDG_RUNTIME_DIR").toStdString()); });
    });
    look();
}

void MountedCards::look() {
    m_looking.start([name = m_list.fileName()](const TaskRun<NoStep>& run) {
        QFile list(name);
        const auto text = list.open(QIODevice::ReadOnly) ? list.readAll().toStdString() : std::string();
        return cardsThere(text, run.stop);
    });
}

} // namespace keepseal::app
