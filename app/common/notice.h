#pragma once

#include <QWidget>

class QLabel;

namespace fusuma::app {

/// A message that stays over the top of the current place until it is closed or the next one comes.
class Notice : public QWidget {
    Q_OBJECT
  public:
    explicit Notice(QWidget* over);
    void tell(const QString& text);

  private:
    QLabel* words;
};

} // namespace fusuma::app
