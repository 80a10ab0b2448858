// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/announce.h"

#include <QAccessible>
#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusVariant>
#include <QWidget>

namespace keepseal::app {

#if QT_VERSION < QT_VERSION_CHECK(6, 8, 0)
namespace {

/// Qt learnt to announce in 6.8. Before, the same signal as it sends then (org.a11y.atspi.Event.Object,
/// Announcement) goes over the connection that Qt made for its own events.
void sendAnnouncement(QAccessibleInterface* from, const QString& text) {
    const QDBusConnection bus(QStringLiteral("a11y"));
    if (!bus.isConnected())
        return;
    auto signal = QDBusMessage::createSignal(
        QStringLiteral("/org/a11y/atspi/accessible/%1").arg(QAccessible::uniqueId(from)),
        QStringLiteral("org.a11y.atspi.Event.Object"), QStringLiteral("Announcement"));
    constexpr int polite = 1; // AtspiLive
    signal.setArguments({QString(), polite, 0, QVariant::fromValue(QDBusVariant(text)), QVariantMap()});
    (void)bus.send(signal);
}

} // namespace
#endif

void announce(QWidget* from, const QString& text) {
    static QString last;
    if (text.isEmpty() || !QAccessible::isActive() || std::exchange(last, text) == text)
        return;
#if QT_VERSION < QT_VERSION_CHECK(6, 8, 0)
    if (auto* known = QAccessible::queryAccessibleInterface(from))
        sendAnnouncement(known, text);
#else
    QAccessibleAnnouncementEvent event(from, text);
    QAccessible::updateAccessibility(&event);
#endif
}

} // namespace keepseal::app
