#pragma once

#include "app/frame/sticker_acts.h"

#include <QWidget>

#include <vector>

class QLabel;
class QScrollArea;
class QVBoxLayout;

namespace fusuma::app {

class TrayCard;

/// The stickers of the project, a card each. Cards are dragged to another place in the tray, or onto the sheet.
class Tray : public QWidget {
    Q_OBJECT
  public:
    Tray(Model& project, StickerActs& sticker_acts, QWidget* parent = nullptr);
    void rename_in_hand(); ///< in place, on its card

  signals:
    void add_artwork_wanted();
    void new_label_wanted();
    void sticker_opened(int id); ///< double-clicked

  protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

  private:
    Model& model;
    StickerActs& acts;
    QLabel* counts;
    QScrollArea* scroll;
    QVBoxLayout* list;
    std::vector<TrayCard*> cards; ///< by sticker, in the tray's order

    void refresh();
    void rebuild();
    int brought_into_sight = 0; ///< id of the sticker that the tray scrolled to last
};

} // namespace fusuma::app
