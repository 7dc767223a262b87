#pragma once

#include <QObject>

namespace fusuma::app {

/// What people are told, whoever has to tell it: the frame shows it.
class Messages : public QObject {
    Q_OBJECT
  signals:
    void problem(QString text); ///< something could not be done
    void note(QString text);    ///< something to know
    void chatter(QString text); ///< what libraries said of a file, for the log alone
};

} // namespace fusuma::app
