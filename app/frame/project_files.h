#pragma once

#include "app/model/model.h"

#include <QWidget>

namespace fusuma::app {

/// Opening and saving projects, with the questions that go with it.
class ProjectFiles : public QObject {
    Q_OBJECT
  public:
    ProjectFiles(Model& of, QWidget& over);

    void take_what_is_typed(); ///< the field that is being typed into is done
    [[nodiscard]] static bool is_project(const QString& path);

    void open_project();
    void open_files(const QStringList& paths); ///< the last project is opened, pictures are added to it
    void start_new();
    using Then = std::function<void()>;
    void save(const Then& then = {});
    void save_as(const Then& then = {});
    /// Calls `then` once nothing would be lost any more: a cutter at work was stopped, and unsaved changes were saved
    /// or given up, as people said. Never, when they stay.
    void leave(const Then& then);

    /// Shows the window that has a project open, if one has.
    std::function<bool(const QString& path)> show_if_open = [](const QString&) { return false; };
    /// Asks whether work of the machines may be stopped, and stops it; false when it goes on.
    std::function<bool()> may_stop_machines = [] { return true; };

  private:
    Model& model;
    QWidget& window;
    bool is_waiting = false; ///< to leave, for files that are being written

    void take_and_stay(); ///< takes what is typed; the cursor stays in its field
    void save_to(const QString& path, const Then& then);
    void ask_before_overwriting(const Then& then);
    using Answered = std::function<void(bool again)>;
    std::vector<Answered> waiting; ///< for more time, while a person is asked
    void ask_for_time(const QString& text, const Answered& answered);
};

} // namespace fusuma::app
