#pragma once

#include <QLocalServer>
#include <QLockFile>
#include <QStringList>

namespace fusuma::app {

/// The one running program of a person's session. Starting again hands what is to be opened to it.
class Instance : public QObject {
    Q_OBJECT
  public:
    /// Hands paths to the running program, if there is one; true when it took them. Relative ones are made absolute.
    [[nodiscard]] static bool hand_over(const QString& name, const QStringList& paths);
    /// Becomes the running program. False when another is, or became so meanwhile.
    bool listen(const QString& name);

    /// The usual name: one for each person.
    [[nodiscard]] static QString usual_name();

  signals:
    void started_again(QStringList paths);

  private:
    QLocalServer server;

    void answer();
};

} // namespace fusuma::app
