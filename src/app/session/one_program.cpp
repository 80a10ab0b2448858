// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/one_program.h"

#include "base/own_folders.h"
#include "base/problem.h"
#include "document/job_document.h"
#include "session/application_on_bus.h"

#include <QDBusConnection>
#include <QDBusConnectionInterface>
#include <QDBusMessage>
#include <QLocalSocket>
#include <QUrl>

namespace keepseal::app {

namespace {

constexpr int kAnswerMs = 5000;
constexpr qint64 kMostBytes = 8 << 20;
constexpr std::size_t kMostPath = 100; // what the address of a socket holds
constexpr const char* kEnd = "\n\n";

const QString kService = "org.example.KeepSeal", kObject = "/org/example/KeepSeal",
              kInterface = "org.freedesktop.Application";

/// Empty where its name would be too long for a socket.
QString socketFile() {
    const auto file = stateFolder() / "window.socket";
    return file.native().size() > kMostPath ? QString() : toQt(file);
}

QStringList urisOf(const std::vector<std::filesystem::path>& files) {
    QStringList out;
    for (const auto& file : files)
        out << QString::fromLatin1(QUrl::fromLocalFile(toQt(file)).toEncoded());
    return out;
}

bool handOverBus(const QStringList& uris, const QString& token) {
    auto bus = QDBusConnection::sessionBus();
    if (!bus.isConnected() || !bus.interface()->isServiceRegistered(kService))
        return false;
    auto call = QDBusMessage::createMethodCall(kService, kObject, kInterface, "Open");
    call << uris << QVariantMap{{"activation-token", token}};
    return bus.call(call, QDBus::Block, kAnswerMs).type() == QDBusMessage::ReplyMessage;
}

bool handOverSocket(const QStringList& uris, const QString& token) {
    const auto name = socketFile();
    QLocalSocket socket;
    if (name.isEmpty())
        return false;
    socket.connectToServer(name);
    if (!socket.waitForConnected(kAnswerMs))
        return false;
    socket.write((token + "\n" + uris.join("\n") + kEnd).toUtf8());
    return socket.waitForBytesWritten(kAnswerMs) && socket.waitForReadyRead(kAnswerMs) &&
           socket.readAll().startsWith("taken");
}

} // namespace

bool handOver(const std::vector<std::filesystem::path>& files) {
    const auto uris = urisOf(files);
    const auto token =
        qEnvironmentVariable("XDG_ACTIVATION_TOKEN", qEnvironmentVariable("DESKTOP_STARTUP_ID"));
    return handOverBus(uris, token) || handOverSocket(uris, token);
}

OneProgram::OneProgram(QObject* parent) : QObject(parent) {
    new ApplicationOnBus(this); // this object's child
    auto bus = QDBusConnection::sessionBus();
    m_onBus = bus.isConnected() && bus.registerObject(kObject, this) && bus.registerService(kService);
    listenOnSocket();
}

OneProgram::~OneProgram() {
    if (m_onBus)
        QDBusConnection::sessionBus().unregisterService(kService);
}

void OneProgram::listenOnSocket() {
    try {
        makeFolder(stateFolder());
    } catch (const Problem&) {
        return; // then each start has a window of its own
    }
    if (auto lock = FileLock::take(stateFolder() / "window.lock"))
        m_lock.emplace(std::move(*lock));
    if (!m_lock || socketFile().isEmpty())
        return;
    QLocalServer::removeServer(socketFile()); // of one that died: the lock says that none listens there
    m_server.setSocketOptions(QLocalServer::UserAccessOption);
    if (!m_server.listen(socketFile()))
        return;
    connect(&m_server, &QLocalServer::newConnection, this, [this] {
        while (auto* socket = m_server.nextPendingConnection()) {
            connect(socket, &QLocalSocket::disconnected, socket, &QObject::deleteLater);
            connect(socket, &QLocalSocket::readyRead, this, [this, socket] { answer(socket); });
            answer(socket);
        }
    });
}

void OneProgram::answer(QLocalSocket* socket) {
    if (socket->bytesAvailable() > kMostBytes)
        return socket->abort();
    const auto text = socket->peek(kMostBytes);
    if (!text.endsWith(kEnd))
        return; // more follows
    socket->readAll();
    auto lines = QString::fromUtf8(text).split('\n');
    const auto token = lines.takeFirst();
    lines.removeAll({});
    take(lines, token);
    socket->write("taken\n");
    socket->disconnectFromServer();
}

void OneProgram::take(const QStringList& uris, const QString& activationToken) {
    if (!activationToken.isEmpty())
        qputenv("XDG_ACTIVATION_TOKEN", activationToken.toUtf8()); // Qt takes it when it activates a window
    std::vector<std::filesystem::path> files;
    for (const auto& uri : uris)
        if (const QUrl url(uri); url.isLocalFile())
            files.push_back(toPath(url.toLocalFile()));
    emit handed(files);
}

} // namespace keepseal::app
