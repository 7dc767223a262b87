#pragma once

#include "app/frame/project_files.h"

namespace fusuma::app {

/// The ways in which artwork comes into a project, with their dialogs.
class AddArtwork : public QObject {
    Q_OBJECT
  public:
    AddArtwork(Model& to, QWidget& over, ProjectFiles& opened);

    void choose_files();
    void new_label();
    void save_template();
    void paste(); ///< a picture or files from the clipboard

  private:
    Model& model;
    QWidget& window;
    ProjectFiles& files;

    void ask_for_pages(const QString& path, int pages);
};

} // namespace fusuma::app
