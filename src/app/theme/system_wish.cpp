// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "theme/system_wish.h"

#include <QDBusMessage>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>

namespace keepseal::app {
namespace {

const QString kPortal = QStringLiteral("org.freedesktop.portal.Desktop");
const QString kPath = QStringLiteral("/org/freedesktop/portal/desktop");
const QString kSettings = QStringLiteral("org.freedesktop.portal.Settings");
struct WishKey {
    const char *group, *key;
};
constexpr WishKey kContrastKeys[] = {{"org.freedesktop.appearance", "contrast"}, // 0 as usual, 1 high
                                     {"org.gnome.desktop.a11y.interface", "high-contrast"}};

/// Read() puts a variant into a variant.
QVariant plain(QVariant value) {
    while (value.canConvert<QDBusVariant>())
        value = value.value<QDBusVariant>().variant();
    return value;
}

} // namespace

SystemWish::SystemWish(const QDBusConnection& bus, QObject* parent) : QObject(parent), m_bus(bus) {
    if (!m_bus.isConnected())
        return;
    m_bus.connect(kPortal, kPath, kSettings, QStringLiteral("SettingChanged"), this,
                  SLOT(hear(QDBusMessage)));
    for (const auto& [group, key] : kContrastKeys)
        ask(QString::fromLatin1(group), QString::fromLatin1(key));
}

void SystemWish::ask(const QString& group, const QString& key) {
    auto call = QDBusMessage::createMethodCall(kPortal, kPath, kSettings, QStringLiteral("Read"));
    call.setArguments({group, key});
    auto* answer = new QDBusPendingCallWatcher(m_bus.asyncCall(call), this);
    connect(answer, &QDBusPendingCallWatcher::finished, this, [this, answer, group, key] {
        const QDBusPendingReply<QDBusVariant> reply = *answer;
        if (reply.isValid())
            take(group, key, reply.value());
        answer->deleteLater();
    });
}

void SystemWish::hear(const QDBusMessage& message) {
    const auto said = message.arguments();
    if (said.size() == 3)
        take(said[0].toString(), said[1].toString(), said[2].value<QDBusVariant>());
}

void SystemWish::take(const QString& group, const QString& key, const QDBusVariant& value) {
    for (const auto& known : kContrastKeys)
        if (group == QLatin1String(known.group) && key == QLatin1String(known.key))
            m_told[group] = plain(value.variant()).toUInt() == 1;
    const bool high = m_told.values().contains(true);
    if (std::exchange(m_high, high) != high)
        emit highContrastChanged(high);
}

} // namespace keepseal::app
