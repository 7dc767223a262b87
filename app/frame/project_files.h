#pragma once

#include "app/model/model.h"

#include <QWidget>

namespace fusuma::app {

/// Opening and saving projects, with the questions that go with it.
class ProjectFiles : public QObject {
    Q_OBJECT
  public:
    ProjectFiles(Model& of, QWidget& over) : model(of), window(over) {}

    void open_project();
    void open_files(const QStringList& paths); ///< projects are opened, pictures added
    bool save();
    bool save_as();
    /// Asks what to do with unsaved changes; false when nothing may be given up.
    bool may_discard();

  private:
    Model& model;
    QWidget& window;
};

} // namespace fusuma::app
