#include "devices/cutter_connection.h"

namespace fusuma {

CutterConnection::CutterConnection(QObject* parent) : QObject(parent) {
    connect(&socket, &QTcpSocket::connected, this, &CutterConnection::write_more);
    connect(&socket, &QTcpSocket::bytesWritten, this, [this](qint64) { write_more(); });
    connect(&socket, &QTcpSocket::disconnected, this, [this] {
        if (rest.isEmpty())
            emit sent();
    });
    connect(&socket, &QTcpSocket::errorOccurred, this, [this](QAbstractSocket::SocketError error) {
        if (error == QAbstractSocket::RemoteHostClosedError && rest.isEmpty())
            return;
        emit failed(tr("The cutter at %1 does not take the job: %2.").arg(socket.peerName(), socket.errorString()));
    });
}

void CutterConnection::send(const QString& host, quint16 port, const QByteArray& job) {
    socket.abort();
    rest = job;
    socket.connectToHost(host, port);
}

void CutterConnection::stop() {
    rest.clear();
    socket.abort();
}

void CutterConnection::write_more() {
    constexpr qsizetype chunk = 16384;
    if (socket.bytesToWrite() > chunk)
        return;
    if (rest.isEmpty()) {
        if (socket.bytesToWrite() == 0)
            socket.disconnectFromHost();
        return;
    }
    socket.write(rest.first(std::min(chunk, rest.size())));
    rest.remove(0, std::min(chunk, rest.size()));
}

} // namespace fusuma
