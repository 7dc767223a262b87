#pragma once

#include "app/shell/session.h"

#include <QMainWindow>

class QAction;
class QLabel;
class QMenuBar;
class QPushButton;

namespace fusuma::app {

class Doors;
class BenchPage;
class Notice;
class OutputPage;
class SheetPage;

enum class Place { bench, sheet, output };

/// The frame: top bar with menus, the three places behind their doors, and the preflight strip.
class MainWindow : public QMainWindow {
    Q_OBJECT
  public:
    explicit MainWindow(Session& project);
    void go_to(Place place);
    void open_files(const QStringList& paths); ///< projects are opened, pictures added

  protected:
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

  private:
    Session& session;
    Doors* doors;
    Notice* notice;
    BenchPage* bench;
    SheetPage* sheet;
    OutputPage* output;
    QLabel *project_name, *saved_state, *place_words;
    QPushButton *undo_button, *redo_button, *unit_button;
    QAction *undo_action, *redo_action, *remove_action, *duplicate_action;
    QList<QAction*> commands;

    QWidget* top_bar();
    QMenuBar* menus();
    QAction* command(QMenu* menu, const QString& text, const QKeySequence& keys, const std::function<void()>& run);
    void refresh();
    void refresh_doors();
    void add_artwork();
    void new_label();
    void save_template();
    void paste();
    void ask_for_pages(const QString& path, int pages);
    void open_project();
    bool save();
    bool save_as();
    bool may_discard();
    void put_on_sheet();
    void next_unit();
    void switch_tone();
};

} // namespace fusuma::app
