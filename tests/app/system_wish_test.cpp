// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the desktop's settings portal says, on a bus of the test's own.
#include "theme/system_wish.h"
#include "tour/waiting.h"

#include <QDBusMessage>
#include <QDBusVirtualObject>
#include <QProcess>
#include <gtest/gtest.h>

namespace keepseal::app {
namespace {

const QString kOldGroup = QStringLiteral("org.gnome.desktop.a11y.interface");

/// As a portal answers: it knows one key, and refuses the other.
class PortalStandIn : public QDBusVirtualObject {
public:
    QString introspect(const QString&) const override { return {}; }
    bool handleMessage(const QDBusMessage& message, const QDBusConnection& connection) override {
        if (message.member() != "Read")
            return false;
        const bool known = message.arguments().value(0) == kOldGroup;
        const QDBusVariant inside(true);
        connection.send(
            known ? message.createReply(QVariant::fromValue(QDBusVariant(QVariant::fromValue(inside))))
                  : message.createErrorReply("org.freedesktop.portal.Error.NotFound", "no such key"));
        return true;
    }
};

} // namespace

TEST(SystemWish, HighContrastIsHeardAtTheStartAndWhenItChanges) {
    QProcess daemon;
    daemon.start("dbus-daemon", {"--session", "--nofork", "--print-address"});
    ASSERT_TRUE(daemon.waitForReadyRead());
    const auto address = QString::fromUtf8(daemon.readLine().trimmed());
    PortalStandIn standIn;
    auto desktop = QDBusConnection::connectToBus(address, "portal-side");
    ASSERT_TRUE(desktop.registerService("org.freedesktop.portal.Desktop"));
    desktop.registerVirtualObject("/org/freedesktop/portal", &standIn, QDBusConnection::SubPath);
    {
        SystemWish wish(QDBusConnection::connectToBus(address, "wish-side"));
        EXPECT_FALSE(wish.highContrast());
        ASSERT_TRUE(waitUntil([&] { return wish.highContrast(); }, 20000));
        const auto tell = [&](const QString& group, const QString& key, const QVariant& value) {
            auto signal = QDBusMessage::createSignal("/org/freedesktop/portal/desktop",
                                                     "org.freedesktop.portal.Settings", "SettingChanged");
            signal.setArguments({group, key, QVariant::fromValue(QDBusVariant(value))});
            desktop.send(signal);
        };
        tell(kOldGroup, "high-contrast", false);
        ASSERT_TRUE(waitUntil([&] { return !wish.highContrast(); }, 20000));
        tell("org.freedesktop.appearance", "color-scheme", 1U); // another wish
        tell("org.freedesktop.appearance", "contrast", 1U);
        ASSERT_TRUE(waitUntil([&] { return wish.highContrast(); }, 20000));
    }
    for (const char* side : {"portal-side", "wish-side"})
        QDBusConnection::disconnectFromBus(side);
    daemon.kill();
    daemon.waitForFinished();
}

} // namespace keepseal::app
