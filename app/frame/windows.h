#pragma once

#include "app/frame/instance.h"
#include "app/frame/main_window.h"
#include "app/model/recovery.h"

namespace fusuma::app {

/// All windows of the program, each with a project of its own.
class Windows : public QObject {
    Q_OBJECT
  public:
    /// @param recovery_folder  where their unsaved work is kept aside
    explicit Windows(const QString& recovery_folder);
    ~Windows() override;

    MainWindow& open_new();
    /// Opens the files: pictures go to the first of the projects, or to a new one; each further project has a window of
    /// its own, and one that is open already is shown. Without files, a new window. An untouched empty one is used
    /// first.
    void open(const QStringList& paths);
    /// What is opened without files.
    void open_wish(Wish wish);
    /// Asks about work that was left behind, before anything of it is worked out.
    void offer_left_behind();

    [[nodiscard]] QStringList projects() const; ///< those that have a file
    [[nodiscard]] std::size_t count() const { return panes.size(); }
    [[nodiscard]] Model& model(std::size_t window) { return panes[window]->model; }
    [[nodiscard]] MainWindow& window(std::size_t number) { return panes[number]->window; }

  private:
    struct Pane {
        explicit Pane(const QString& folder) : recovery(model.project, model.messages, folder) {}
        Model model;
        MainWindow window{model};
        Recovery recovery;
    };
    QString folder;
    std::vector<std::unique_ptr<Pane>> panes;

    Pane& open_pane();
    /// One that nobody has put anything into, or a new one.
    Pane& empty_pane();
    /// The window that has the project; null when none has.
    [[nodiscard]] Pane* with_project(const QString& path) const;
    bool show_if_open(const QString& path);
};

} // namespace fusuma::app
