#pragma once

#include "app/model/model.h"

#include <QWidget>

#include <vector>

class QLabel;
class QScrollArea;
class QVBoxLayout;

namespace fusuma::app {

class TrayCard;

/// The stickers of the project, a card each.
class Tray : public QWidget {
    Q_OBJECT
  public:
    Tray(Model& project, QWidget* parent = nullptr);

  signals:
    void add_artwork_wanted();
    void new_label_wanted();
    void sticker_opened(int id); ///< double-clicked

  private:
    Model& model;
    QLabel* counts;
    QScrollArea* scroll;
    QVBoxLayout* list;
    std::vector<TrayCard*> cards; ///< by sticker, in the tray's order

    void refresh();
    void rebuild();
    int brought_into_sight = 0; ///< id of the sticker that the tray scrolled to last
};

} // namespace fusuma::app
