#pragma once

#include "app/frame/project_files.h"

#include <QTemporaryDir>

class QMimeData;

namespace fusuma::app {

/// The ways in which artwork comes into a project, with their dialogs.
class AddArtwork : public QObject {
    Q_OBJECT
  public:
    AddArtwork(Model& to, QWidget& over, ProjectFiles& opened);

    void choose_files();
    void new_label();
    void save_template();
    void paste(); ///< a picture, a drawing, a PDF or files from the clipboard
    /// The files of a drop or the clipboard; addresses of the web are refused. False when it holds neither.
    bool take(const QMimeData& data);

  private:
    QTemporaryDir pasted; ///< what came without a file of its own
    Model& model;
    QWidget& window;
    ProjectFiles& files;

    void ask_for_pages(const QString& path, int pages);
    void ask_for_page(const QString& path, int pages, int sticker);
};

} // namespace fusuma::app
