#pragma once

#include <QTimer>
#include <QWidget>

class QLabel;

namespace fusuma::app {

/// A message in a row of its own, which covers nothing. What went well goes by itself after a few seconds, not while
/// the pointer rests on it; what did not stays until it is closed or the next message comes.
class Notice : public QWidget {
    Q_OBJECT
  public:
    Notice();
    void tell(const QString& text);         ///< something to know
    void tell_problem(const QString& text); ///< something could not be done

    int stays_ms = 7000;

  private:
    QLabel* words;
    QTimer goes;

    void show_text(const QString& text, bool is_problem);
};

} // namespace fusuma::app
