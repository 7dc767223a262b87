#include "app/frame/instance.h"

#include <QDir>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLocalSocket>
#include <QStandardPaths>
#include <unistd.h>

namespace fusuma::app {

namespace {

constexpr int patience_ms = 3000;
constexpr qint64 most_bytes = 1 << 20; // of paths

/// A file, so that a session of another desktop, or a test, has its own.
QString socket_of(const QString& name) {
    const QString runtime = QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation);
    return (runtime.isEmpty() ? QDir::tempPath() : runtime) + QLatin1Char('/') + name;
}

} // namespace

QString Instance::usual_name() {
    return QStringLiteral("fusuma-%1").arg(::getuid());
}

bool Instance::hand_over(const QString& name, const QStringList& paths, Wish wish) {
    QLocalSocket socket;
    socket.connectToServer(socket_of(name));
    if (!socket.waitForConnected(patience_ms))
        return false;
    QJsonArray list;
    for (const QString& path : paths)
        list << QDir::current().absoluteFilePath(path);
    const QJsonObject message{{QStringLiteral("paths"), list},
                              {QStringLiteral("wish"), QString::fromLatin1(word_of(wish).data())}};
    socket.write(QJsonDocument(message).toJson(QJsonDocument::Compact) + '\n');
    // Only an answer tells that it is alive and took them.
    return socket.waitForBytesWritten(patience_ms) && socket.waitForReadyRead(patience_ms) &&
           socket.readAll() == "ok\n";
}

bool Instance::listen(const QString& name) {
    const QString path = socket_of(name);
    QLockFile starting(path + QStringLiteral(".starting")); // of two that start at once, one waits for the other
    if (!starting.tryLock(patience_ms))
        return false;
    QLocalSocket other;
    other.connectToServer(path);
    if (other.waitForConnected(patience_ms))
        return false;
    QLocalServer::removeServer(path); // of a program that did not end properly
    server.setSocketOptions(QLocalServer::UserAccessOption);
    connect(&server, &QLocalServer::newConnection, this, &Instance::answer);
    return server.listen(path);
}

void Instance::answer() {
    while (QLocalSocket* socket = server.nextPendingConnection()) {
        connect(socket, &QLocalSocket::disconnected, socket, &QObject::deleteLater);
        connect(socket, &QLocalSocket::readyRead, this, [this, socket] {
            if (socket->bytesAvailable() > most_bytes) {
                socket->abort();
                return;
            }
            if (!socket->canReadLine())
                return;
            const QJsonObject message = QJsonDocument::fromJson(socket->readLine()).object();
            QStringList paths;
            for (const QJsonValue& path : message[QLatin1String("paths")].toArray())
                paths << path.toString();
            const auto wish = value_of<Wish>(message[QLatin1String("wish")].toString().toStdString());
            socket->write("ok\n");
            socket->flush();
            emit started_again(paths, wish.value_or(Wish::window));
        });
    }
}

} // namespace fusuma::app
