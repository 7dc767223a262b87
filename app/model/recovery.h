#pragma once

#include "app/model/project.h"

#include <QDateTime>
#include <QImage>
#include <QLockFile>
#include <QTimer>

namespace fusuma::app {

/// Work that a run of the program left behind when it did not end properly. While one of these lives, nobody else is
/// offered it.
struct LeftWork {
    QString file;           ///< that it is kept in
    QString name, path;     ///< of the project; the path may be empty
    QDateTime kept;         ///< when it was last kept
    QImage picture;         ///< of its first artwork; may be none
    bool was_tried = false; ///< it was opened again before, and that run did not end properly either
    std::shared_ptr<QLockFile> lock;
};

/// Keeps unsaved work aside every two seconds, so that a crash, or a power cut, loses no more than that. Each window
/// has a file of its own in the folder, and a lock that dies with the program; work without a living lock was left
/// behind.
class Recovery : public QObject {
    Q_OBJECT
  public:
    /// @param folder  where work is kept; created when missing
    Recovery(Project& open_project, Messages& told, const QString& folder);
    /// Leaves what is not saved for the next start, unless `end` was called: not every end is one that people were asked at.
    ~Recovery() override;
    /// Its window was closed by people, who saved or gave up what was there.
    void end() { is_given_up = !takes_up; }

    /// $XDG_STATE_HOME/fusuma/unsaved, as the XDG base directory specification has it.
    [[nodiscard]] static QString usual_folder();
    /// All that was left behind there, newest first.
    [[nodiscard]] static std::vector<LeftWork> left_behind(const QString& folder);
    /// Opens such work in the project. It stays unsaved, and its file stays, until people save it.
    void take_up(const LeftWork& left);
    [[nodiscard]] bool is_taking_up() const { return takes_up; }
    /// Removes such work for good.
    static void give_up(const LeftWork& left);

    void keep(); ///< at once, when there is something to keep

  private:
    Project& project;
    Messages& messages;
    QString folder, file;
    std::shared_ptr<QLockFile> lock;
    QTimer timer;
    QThreadPool worker;
    std::optional<Document> kept; ///< that the file holds
    bool is_keeping = false, takes_up = false, is_tried = false, is_given_up = false;
    int failures = 0; ///< one after the other

    void take_a_file();
    void end_keeping(const Document& document, const QString& in, const Outcome& outcome);
};

} // namespace fusuma::app
