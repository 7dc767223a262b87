#pragma once

#include <QWidget>

class QLabel;

namespace fusuma::app {

/// One step of a sticker: a header that states its present value in words, and a body that one click opens.
class StepCard : public QWidget {
    Q_OBJECT
  public:
    /// @param number  shown in a badge; none when 0
    /// @param id      the same in every language
    StepCard(int number, const char* id, const QString& title, QWidget* body);
    void set_title(const QString& words);
    void set_state(const QString& words);
    void set_open(bool open);
    /// As a click on it would, if it is closed: what it holds is scrolled into sight, from its head on.
    void open();
    [[nodiscard]] QString name() const; ///< its title
    [[nodiscard]] bool is(const char* id) const;
    [[nodiscard]] bool is_open() const;

  signals:
    void toggled();

  private:
    void toggle();
    void come_into_sight();

    QWidget* header;
    QLabel *badge, *title, *state;
    QWidget* content;
};

} // namespace fusuma::app
