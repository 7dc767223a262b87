#pragma once

#include "app/frame/menus.h"

#include <QMainWindow>

class QLabel;
class QPushButton;

namespace fusuma::app {

class Doors;
class Notice;
class Tray;

/// The frame: top bar with menus, the three places behind their doors, and the preflight strip.
class MainWindow : public QMainWindow {
    Q_OBJECT
  public:
    explicit MainWindow(Model& project);
    void go_to(Place place);
    void open_files(const QStringList& paths) { files.open_files(paths); } ///< projects are opened, pictures added

  protected:
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

  private:
    Model& model;
    ProjectFiles files;
    AddArtwork artwork;
    Commands commands;
    Doors* doors;
    Notice* notice;
    BenchPage* bench;
    SheetPage* sheet;
    OutputPage* output;
    QLabel *project_name, *saved_state, *place_words;
    QPushButton *undo_button, *redo_button, *unit_button;

    QWidget* top_bar();
    Tray* new_tray();
    void add_menus();
    void open_sticker(int id);
    void refresh();
    void refresh_doors();
};

} // namespace fusuma::app
