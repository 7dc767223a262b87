#pragma once

#include "app/frame/long_work.h"
#include "app/frame/menus.h"
#include "app/frame/message_log.h"

#include <QMainWindow>

class QLabel;
class QPushButton;

namespace fusuma::app {

class Doors;
class Notice;
class StartPage;
class Tray;
class ZoomView;

/// The frame: top bar with menus, the three places behind their doors, and the preflight strip.
class MainWindow : public QMainWindow {
    Q_OBJECT
  public:
    explicit MainWindow(Model& project);
    ~MainWindow() override;
    void go_to(Place place);
    void open_files(const QStringList& paths) { files.open_files(paths); } ///< a project is opened, pictures are added
    void new_label() { artwork.new_label(); }
    void redraw() { emit model.changed(); } ///< painted widgets take new colours
    /// @param show_if_open  shows the window that has a project, if one has
    /// @param open_new      opens another window
    void set_other_windows(const std::function<bool(const QString&)>& show_if_open,
                           const std::function<void()>& open_new);

  signals:
    void closed();

  protected:
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

  private:
    Model& model;
    ProjectFiles files;
    AddArtwork artwork;
    StickerActs sticker_acts;
    MessageLog log;
    LongWork long_work;
    Commands commands;
    Doors* doors;
    Notice* notice;
    StartPage* start; ///< in the Bench's place while there is no sticker
    BenchPage* bench;
    SheetPage* sheet;
    OutputPage* output;
    std::vector<Tray*> trays;
    QLabel *project_name, *saved_state, *place_words;
    std::function<void()> open_new_window = [] {};
    bool is_leaving = false; ///< everything was asked already
    QPushButton *undo_button, *redo_button, *unit_button;

    QWidget* top_bar();
    Tray* new_tray();
    void add_menus();
    void open_sticker(int id);
    void find_anything();
    void go_to_pane(bool forward);
    [[nodiscard]] ZoomView* view_in_sight() const; ///< of the open place
    void show_sheet_menu(QPoint at);               ///< of the copies selected, or of the page
    void refresh();
    void name_place(); ///< in a sentence where there is room
    void refresh_doors();
};

} // namespace fusuma::app
