#pragma once

#include "app/model/model.h"

class QMenu;

namespace fusuma::app {

/// What one does with the sticker in hand as a whole, from menus, keys and its card in the tray.
class StickerActs : public QObject {
    Q_OBJECT
  public:
    StickerActs(Model& of, QWidget& over);

    void duplicate();
    /// Any of them, by its id; with a blank name it keeps the one it has.
    void rename(int sticker, const QString& name);
    void move(int steps);     ///< in the tray, down when positive
    void ask_to_remove();     ///< with its copies, after a question that names it
    void choose_artwork();    ///< other artwork in place of its own
    void add_to(QMenu& menu); ///< all of these but the new name, for a right click

  signals:
    void each_wanted(int copies); ///< so many of every sticker on the sheet

  private:
    Model& model;
    QWidget& window;
};

} // namespace fusuma::app
