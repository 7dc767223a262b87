#pragma once

#include "app/model/messages.h"

#include <QByteArray>
#include <QThreadPool>
#include <functional>
#include <vector>

namespace fusuma::app {

/// Makes files and writes them on a thread, one set after the other.
class Exporter : public QObject {
    Q_OBJECT
  public:
    explicit Exporter(Messages& told);
    ~Exporter() override;

    struct File {
        QString path;
        std::function<QByteArray()> make; ///< called on a thread
    };
    /// A failure is told, and leaves what was there; then the rest is not written.
    /// @param done  what to tell when all are there
    /// @param then  called with whether they are
    void write(std::vector<File> files, const QString& done, const std::function<void(bool)>& then = {});
    /// What is written, in words; empty when nothing is.
    [[nodiscard]] QString business() const { return writing.empty() ? QString() : writing.front(); }

  private:
    Messages& messages;
    QThreadPool worker;
    std::vector<QString> writing;
};

} // namespace fusuma::app
