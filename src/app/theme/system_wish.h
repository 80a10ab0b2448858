// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the person asked of the whole desktop: high contrast, as the settings portal tells it
// (org.freedesktop.appearance, and the older key of one desktop). Asked in the background, and heard when it
// changes.
#pragma once

#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusVariant>
#include <QMap>
#include <QObject>

namespace keepseal::app {

class SystemWish : public QObject {
    Q_OBJECT
public:
    explicit SystemWish(const QDBusConnection& bus = QDBusConnection::sessionBus(),
                        QObject* parent = nullptr);
    /// False while nothing is known, and where nobody tells.
    bool highContrast() const { return m_high; }

signals:
    void highContrastChanged(bool high);

private slots:
    void hear(const QDBusMessage& message); ///< SettingChanged

private:
    void take(const QString& group, const QString& key, const QDBusVariant& value);
    void ask(const QString& group, const QString& key);
    QDBusConnection m_bus;
    QMap<QString, bool> m_told; ///< by each of those who tell
    bool m_high = false;
};

} // namespace keepseal::app
