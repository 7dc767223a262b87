#pragma once

#include "app/shell/session.h"

#include <QWidget>

#include <vector>

class QLabel;
class QVBoxLayout;

namespace fusuma::app {

class TrayCard;

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
    QVBoxLayout* list;
    std::vector<TrayCard*> cards; ///< by sticker, in the tray's order

    void refresh();
    void rebuild();
};

} // namespace fusuma::app
