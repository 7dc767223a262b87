#pragma once

#include "app/model/messages.h"

#include <QTime>
#include <QWidget>
#include <deque>

namespace fusuma::app {

/// The last messages, for people who looked away.
class MessageLog : public QObject {
    Q_OBJECT
  public:
    explicit MessageLog(Messages& messages);
    void show(QWidget* over) const;          ///< as a list, the newest first
    [[nodiscard]] QStringList lines() const; ///< the newest first

  private:
    struct Said {
        QTime at;
        QString text;
        bool is_problem;
    };
    std::deque<Said> said; ///< oldest first

    void keep(const QString& text, bool is_problem);
};

} // namespace fusuma::app
