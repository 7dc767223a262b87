#include "devices/practice_cutter.h"

#include <QPainter>
#include <QPainterPath>
#include <QTcpSocket>
#include <algorithm>

namespace fusuma {

namespace {

double stroke_length(const HpglStroke& stroke) {
    double sum = 0;
    for (std::size_t i = 1; i < stroke.points.size(); ++i)
        sum += distance(stroke.points[i - 1], stroke.points[i]);
    return sum;
}

/// The first `left` millimetres of a stroke.
HpglStroke beginning(const HpglStroke& stroke, double left) {
    HpglStroke part{stroke.pen, {stroke.points.front()}};
    for (std::size_t i = 1; i < stroke.points.size(); ++i) {
        const double piece = distance(stroke.points[i - 1], stroke.points[i]);
        if (piece > left) {
            part.points.push_back(lerp(stroke.points[i - 1], stroke.points[i], left / piece));
            break;
        }
        part.points.push_back(stroke.points[i]);
        left -= piece;
    }
    return part;
}

} // namespace

QImage cut_sheet(const QImage& print, Size paper, const std::vector<HpglStroke>& strokes) {
    QImage sheet = print.convertToFormat(QImage::Format_RGB32);
    const double px_per_mm = sheet.width() / paper.width;
    QPainter painter(&sheet);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.scale(px_per_mm, sheet.height() / paper.height);
    for (const HpglStroke& stroke : strokes) {
        QPainterPath path;
        for (std::size_t i = 0; i < stroke.points.size(); ++i) {
            const QPointF p(stroke.points[i].x, paper.height - stroke.points[i].y);
            i == 0 ? path.moveTo(p) : path.lineTo(p);
        }
        const QColor colour(stroke.pen == 2 ? 0x6B2FA0 : 0x00838A);
        const double width = stroke.pen == 2 ? 0.4 : 0.3;
        painter.setPen(QPen(Qt::white, width + 0.4, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.drawPath(path);
        painter.setPen(QPen(colour, width, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.drawPath(path);
    }
    return sheet;
}

PracticeCutter::PracticeCutter(double blade_speed, QObject* parent) : QObject(parent), speed(blade_speed) {
    step.setInterval(40);
    connect(&step, &QTimer::timeout, this, &PracticeCutter::advance);
    connect(&server, &QTcpServer::newConnection, this, &PracticeCutter::accept);
}

Outcome PracticeCutter::listen(quint16 port) {
    if (!server.listen(QHostAddress::LocalHost, port))
        return Problem{"The practice cutter cannot listen on port " + std::to_string(port) + ": " +
                       server.errorString().toStdString() + "."};
    return Done{};
}

void PracticeCutter::accept() {
    QTcpSocket* socket = server.nextPendingConnection();
    if (connection) { // one job at a time, as with a real machine
        socket->abort();
        socket->deleteLater();
        return;
    }
    connection = socket;
    reader = {};
    received.clear();
    cut_length = 0;
    whole = false;
    connect(socket, &QTcpSocket::readyRead, this, &PracticeCutter::take_bytes);
    connect(socket, &QTcpSocket::disconnected, this, [this, socket] {
        if (connection != socket)
            return;
        take_bytes();
        whole = true;
        connection = nullptr;
        socket->deleteLater();
        advance();
    });
    clock.start();
    step.start();
    if (socket->bytesAvailable() > 0)
        take_bytes();
}

void PracticeCutter::take_bytes() {
    if (!connection)
        return;
    const QByteArray bytes = connection->readAll();
    const Outcome taken = reader.take({bytes.constData(), static_cast<std::size_t>(bytes.size())});
    received = reader.strokes();
    if (!taken) {
        QTcpSocket* socket = std::exchange(connection, nullptr);
        socket->abort();
        socket->deleteLater();
        step.stop();
        emit refused(QString::fromStdString(taken.problem().text()));
    }
}

void PracticeCutter::stop() {
    step.stop();
    if (QTcpSocket* socket = std::exchange(connection, nullptr)) {
        socket->abort();
        socket->deleteLater();
    }
}

double PracticeCutter::received_length() const {
    double sum = 0;
    for (const HpglStroke& stroke : received)
        sum += stroke_length(stroke);
    return sum;
}

void PracticeCutter::advance() {
    const double seconds = static_cast<double>(clock.restart()) / 1000;
    const double all = received_length();
    cut_length = speed > 0 ? std::min(all, cut_length + speed * seconds) : all;
    emit advanced();
    if (whole && cut_length >= all && step.isActive()) {
        step.stop();
        emit finished();
    }
}

std::vector<HpglStroke> PracticeCutter::cut_so_far() const {
    std::vector<HpglStroke> done;
    double left = cut_length;
    for (const HpglStroke& stroke : received) {
        if (left <= 0)
            break;
        const double whole_stroke = stroke_length(stroke);
        done.push_back(whole_stroke <= left + 1e-9 ? stroke : beginning(stroke, left));
        left -= whole_stroke;
    }
    return done;
}

double PracticeCutter::progress() const {
    const double all = received_length();
    return all > 0 ? cut_length / all : whole ? 1 : 0;
}

} // namespace fusuma
