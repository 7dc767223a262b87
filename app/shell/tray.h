#pragma once

#include "app/shell/session.h"

#include <QWidget>

class QLabel;
class QVBoxLayout;

namespace fusuma::app {

/// The stickers of the project, a card each.
class Tray : public QWidget {
    Q_OBJECT
  public:
    Tray(Session& project, QWidget* parent = nullptr);

  signals:
    void add_artwork_wanted();
    void sticker_opened(int id); ///< double-clicked

  private:
    Session& session;
    QLabel* counts;
    QVBoxLayout* cards;

    void refresh();
};

} // namespace fusuma::app
