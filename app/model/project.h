#pragma once

#include "app/model/messages.h"
#include "core/document/history.h"
#include "core/plan/ticket.h"

#include <QThreadPool>
#include <functional>

namespace fusuma::app {

/// The open project: its document with the way back, where it is on disk, and whether all of it is there.
class Project : public QObject {
    Q_OBJECT
  public:
    explicit Project(Messages& told);
    ~Project() override;

    [[nodiscard]] const Document& document() const { return history.current(); }

    using Edit = std::function<Document(Document)>;
    /// Edits with the same `stroke` in a row undo as one.
    void edit(const QString& label, const Edit& change, const QString& stroke = {});
    void end_stroke() { history.end_stroke(); }
    void undo();
    void redo();
    [[nodiscard]] const History& steps() const { return history; }

    // What was printed stays printed: tickets are not undone with edits.
    void add_ticket(const Ticket& ticket);
    void remove_ticket(const std::string& code);

    void open(const QString& path); ///< reads in the background; a failure is told and changes nothing
    void start_new();
    bool save(const QString& path);
    /// Takes a document that is not on disk under its own name, such as the demo or recovered work.
    void adopt(Document document, const QString& name);
    [[nodiscard]] const QString& path() const { return file; }
    [[nodiscard]] QString name() const;
    [[nodiscard]] bool is_changed() const { return !(document() == saved_document); }

  signals:
    void replacing(); ///< another document is about to take the place of this one
    void edited();
    void replaced(); ///< another project, or this one saved

  private:
    Messages& messages;
    History history{Document{}};
    Document saved_document;
    QString file, fallback_name;
    QThreadPool reader;

    void replace(Document document, const QString& path, const QString& name);
};

} // namespace fusuma::app
