#pragma once

#include <QObject>
#include <functional>

namespace fusuma::app {

/// What people are told, whoever has to tell it: the frame shows it.
class Messages : public QObject {
    Q_OBJECT
  signals:
    void problem(QString text); ///< something could not be done
    void note(QString text);    ///< something to know
    void chatter(QString text); ///< what libraries said of a file, for the log alone
    /// A file takes long to be read: should it get more time, and be read again?
    void time_wanted(QString text, std::function<void(bool again)> answered);
};

} // namespace fusuma::app
