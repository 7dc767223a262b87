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
    void open();                        ///< as a click on it would, if it is closed
    [[nodiscard]] QString name() const; ///< its title
    [[nodiscard]] bool is(const char* id) const;
    [[nodiscard]] bool is_open() const;

  signals:
    void toggled();

  private:
    QWidget* header;
    QLabel *badge, *title, *state;
    QWidget* content;
};

} // namespace fusuma::app
