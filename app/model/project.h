#pragma once

#include "app/model/messages.h"
#include "core/document/history.h"
#include "core/plan/ticket.h"
#include "formats/basics/file.h"
#include "formats/project/zip_archive.h"

#include <QThreadPool>
#include <deque>
#include <functional>
#include <optional>

namespace fusuma::app {

/// The open project: its document with the way back, where it is on disk, and whether all of it is there. Files are read
/// and written in the background, one after the other.
class Project : public QObject {
    Q_OBJECT
  public:
    explicit Project(Messages& told);
    ~Project() override;

    [[nodiscard]] const Document& document() const { return history.current(); }
    /// Another number for every project that takes the place of this one: what was begun for one ends there.
    [[nodiscard]] std::uint64_t generation() const { return opened; }

    using Edit = std::function<Document(Document)>;
    /// What goes into saved files beside the document; asked for when saving begins, made on the thread that writes.
    std::function<std::function<ZipEntries()>()> beside_when_saved = [] { return [] { return ZipEntries(); }; };

    /// Edits with the same `stroke` in a row undo as one. One that adds more copies than a project holds is told, and
    /// changes nothing.
    void edit(const QString& label, const Edit& change, const QString& stroke = {});
    void end_stroke() { history.end_stroke(); }
    void undo();
    void redo();
    void take_back(); ///< the last of these: an edit or a redo is undone, an undo is redone
    [[nodiscard]] const History& steps() const { return history; }

    // What was printed stays printed: tickets are not undone with edits.
    void add_ticket(const Ticket& ticket);
    void remove_ticket(const std::string& code);
    void count_cut(const std::string& code, const std::string& machine, const std::string& material);

    /// A failure is told and changes nothing. @param then  called with whether it was opened
    void open(const QString& path, const std::function<void(bool opened)>& then = {});
    void open_example(const QString& path); ///< to be saved under a name of its own
    void start_new();
    /// What is edited meanwhile is not saved by it. A failure is told, and leaves the file as it was.
    void save(const QString& path, const std::function<void(bool saved)>& then = {});
    /// Takes a document that is not on disk under its own name, such as the demo.
    void adopt(Document document, const QString& name);
    /// Takes one that was never saved as it is, and is not until people save it.
    /// @param path  where it belongs; may be empty
    void adopt_unsaved(Document document, const QString& name, const QString& path);

    [[nodiscard]] const QString& path() const { return file; }
    [[nodiscard]] QString name() const;
    [[nodiscard]] bool is_changed() const { return !saved_document || !(document() == *saved_document); }
    /// Has somebody else written the file since it was read or saved here? One that is gone cannot be overwritten.
    [[nodiscard]] bool has_changed_on_disk() const;
    /// What files are read or written for, in words; empty when for nothing.
    [[nodiscard]] QString business() const { return doing.empty() ? QString() : doing.front(); }
    [[nodiscard]] bool is_busy() const { return !doing.empty(); }

  signals:
    void replacing(); ///< another document is about to take the place of this one
    void edited();
    void replaced(); ///< another project
    void saved();

  private:
    Messages& messages;
    History history{Document{}};
    std::optional<Document> saved_document = Document{}; ///< nothing: no file holds it
    QString file, fallback_name;
    std::deque<QString> doing; ///< with files, the first at work
    FileStamp stamp;
    std::uint64_t opened = 0;
    bool was_undone = false; ///< the last step was back
    QThreadPool files;

    void replace(Document document, const QString& path, const QString& name);
};

} // namespace fusuma::app
