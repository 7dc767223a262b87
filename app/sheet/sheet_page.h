#pragma once

#include "app/model/model.h"

#include <QWidget>

namespace fusuma::app {

class SheetView;

/// The second place: the page that is printed and cut.
class SheetPage : public QWidget {
    Q_OBJECT
  public:
    /// @param tray  shown at its left, which it takes over
    SheetPage(Model& model, QWidget* tray);
    void show_finding(const Finding& finding);
    void show_true_size();
    void start_measuring();
    void open_card(const char* id); ///< of the panel

  signals:
    void sticker_opened(int id);
    void menu_wanted(QPoint global);

  private:
    Model& model;
    SheetView* view;

    void show_mark_menu(QPoint at);
};

} // namespace fusuma::app
