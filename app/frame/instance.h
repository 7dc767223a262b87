#pragma once

#include "core/words.h"

#include <QLocalServer>
#include <QLockFile>
#include <QStringList>

namespace fusuma::app {

/// What a person who starts the program without files wants.
enum class Wish { window, new_label, example };

} // namespace fusuma::app

template <>
inline constexpr std::array fusuma::words<fusuma::app::Wish>{
    fusuma::Word{fusuma::app::Wish::window, "window", "A new window"},
    fusuma::Word{fusuma::app::Wish::new_label, "new-label", "New label"},
    fusuma::Word{fusuma::app::Wish::example, "example", "Open the example"}};

namespace fusuma::app {

/// The one running program of a person's session. Starting again hands what is to be opened to it.
class Instance : public QObject {
    Q_OBJECT
  public:
    /// Hands paths, or a wish, to the running program, if there is one; true when it took them. Relative paths are made
    /// absolute.
    [[nodiscard]] static bool hand_over(const QString& name, const QStringList& paths, Wish wish = Wish::window);
    /// Becomes the running program. False when another is, or became so meanwhile.
    bool listen(const QString& name);

    /// The usual name: one for each person.
    [[nodiscard]] static QString usual_name();

  signals:
    void started_again(QStringList paths, Wish wish);

  private:
    QLocalServer server;

    void answer();
};

} // namespace fusuma::app
