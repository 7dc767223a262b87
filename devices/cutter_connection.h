#pragma once

#include "core/result.h"

#include <QByteArray>
#include <QObject>
#include <QTcpSocket>

namespace fusuma {

/// Sends a job to a cutter that listens on a raw TCP port, and closes the line when all of it is out.
class CutterConnection : public QObject {
    Q_OBJECT
  public:
    explicit CutterConnection(QObject* parent = nullptr);

    void send(const QString& host, quint16 port, const QByteArray& job);
    void stop();

  signals:
    void sent();
    void failed(QString why);

  private:
    QTcpSocket socket;
    QByteArray rest;

    void write_more();
};

} // namespace fusuma
