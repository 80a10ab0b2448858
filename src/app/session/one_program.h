// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One program for one person: a second start hands its files to the window that runs, and ends. Asked for
// over the desktop's own activation (org.freedesktop.Application of the Desktop Entry Specification 1.5, over
// D-Bus), and where there is no D-Bus over a socket in the person's state folder.
#pragma once

#include "session/file_lock.h"

#include <QLocalServer>
#include <QStringList>
#include <QVariantMap>

#include <filesystem>
#include <vector>

namespace keepseal::app {

/// Gives files to the window that runs, which comes to the front. Waits for its answer, at most some seconds.
/// False: none runs, or it does not answer.
bool handOver(const std::vector<std::filesystem::path>& files);

/// Listens for what is handed over; of several only the first one.
class OneProgram : public QObject {
    Q_OBJECT
public:
    explicit OneProgram(QObject* parent = nullptr);
    ~OneProgram() override;
    /// Whether others can reach this one.
    bool listens() const { return m_onBus || m_server.isListening(); }

signals:
    /// Empty: only to the front.
    void handed(const std::vector<std::filesystem::path>& files);

private:
    friend class ApplicationOnBus;
    void listenOnSocket();
    void answer(class QLocalSocket* socket);
    void take(const QStringList& uris, const QString& activationToken);
    std::optional<FileLock> m_lock;
    QLocalServer m_server;
    bool m_onBus = false;
};

} // namespace keepseal::app
