// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/desktop.h"

#include "document/job_document.h"

#include <QDBusMessage>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>
#include <QDesktopServices>
#include <QUrl>

namespace keepseal::app {
namespace {

const QString kNotices = "org.freedesktop.Notifications", kNoticesAt = "/org/freedesktop/Notifications",
              kFiles = "org.freedesktop.FileManager1", kFilesAt = "/org/freedesktop/FileManager1";
constexpr int kAsTheDesktopLikes = -1; // how long it is shown

/// The text may be taken for markup there, and holds names of files.
QString withoutMarkup(QString text) {
    return text.replace('&', "&amp;").replace('<', "&lt;").replace('>', "&gt;");
}

} // namespace

Desktop::Desktop(const QDBusConnection& bus, QObject* parent) : QObject(parent), m_bus(bus) {
    m_bus.connect(kNotices, kNoticesAt, kNotices, "ActionInvoked", this, SLOT(takeAction(uint, QString)));
}

void Desktop::notify(const QString& title, const QString& text, const std::vector<Action>& actions) {
    if (!m_bus.isConnected())
        return;
    QStringList keys;
    for (const auto& action : actions)
        keys << action.key << action.words;
    auto call = QDBusMessage::createMethodCall(kNotices, kNoticesAt, kNotices, "Notify");
    call << QString("Keep Seal") << m_shown << QString("org.example.KeepSeal") << title << withoutMarkup(text)
         << keys << QVariantMap{{"desktop-entry", QString("org.example.KeepSeal")}} << kAsTheDesktopLikes;
    auto* watcher = new QDBusPendingCallWatcher(m_bus.asyncCall(call), this);
    connect(watcher, &QDBusPendingCallWatcher::finished, this, [this, watcher] {
        const QDBusPendingReply<uint> reply = *watcher;
        if (!reply.isError())
            m_shown = reply.value();
        watcher->deleteLater();
    });
}

void Desktop::takeAction(uint id, const QString& key) {
    if (id == m_shown)
        emit actionChosen(key);
}

void Desktop::showInFolder(const std::filesystem::path& file) {
    const auto open = [folder = toQt(file.parent_path())] {
        QDesktopServices::openUrl(QUrl::fromLocalFile(folder));
    };
    if (!m_bus.isConnected())
        return open();
    auto call = QDBusMessage::createMethodCall(kFiles, kFilesAt, kFiles, "ShowItems");
    call << QStringList{QString::fromLatin1(QUrl::fromLocalFile(toQt(file)).toEncoded())} << QString();
    auto* watcher = new QDBusPendingCallWatcher(m_bus.asyncCall(call), this);
    connect(watcher, &QDBusPendingCallWatcher::finished, this, [watcher, open] {
        if (watcher->isError())
            open();
        watcher->deleteLater();
    });
}

} // namespace keepseal::app
