#pragma once

#include "app/model/project.h"
#include "core/result.h"

#include <QTimer>

namespace fusuma::app {

/// Writes unsaved work aside every few seconds, so that a crash loses no more than that, and offers it at the next
/// start. A clean end or a save removes it.
class Autosave : public QObject {
    Q_OBJECT
  public:
    /// @param folder  where the work is kept; created when missing
    Autosave(Project& open_project, const QString& folder);
    ~Autosave() override;

    /// Work that an earlier run left behind, taken out of the folder.
    Result<Document> left_behind();
    [[nodiscard]] bool has_left_behind() const;

  private:
    Project& project;
    QString file;
    QTimer timer;
    QThreadPool worker;
    Document written;

    void keep();
};

} // namespace fusuma::app
