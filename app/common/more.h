#pragma once

#include <QWidget>

class QPushButton;
class QVBoxLayout;

namespace fusuma::app {

/// The rest of a step, behind a line of words that one click opens. Whether it is open is kept with the program's
/// settings.
class More : public QWidget {
    Q_OBJECT
  public:
    /// @param name   object name of the button, and the settings' key
    /// @param words  what is behind it
    More(const QString& name, const QString& words);
    [[nodiscard]] QVBoxLayout& rows() { return *inside; }
    void open();
    void close_again();
    [[nodiscard]] bool is_open() const;

  private:
    QString key, what;
    QPushButton* head;
    QWidget* body;
    QVBoxLayout* inside;

    void set_open(bool on);
};

} // namespace fusuma::app
