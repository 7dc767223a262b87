#pragma once

#include "core/document/history.h"
#include "core/document/plan.h"
#include "core/preflight/preflight.h"

#include <QObject>
#include <QThreadPool>
#include <atomic>
#include <functional>
#include <map>
#include <memory>
#include <set>

namespace fusuma::app {

/// What has been worked out for one document.
struct Snapshot {
    Document document;
    std::map<std::pair<int, double>, std::shared_ptr<const StickerResult>> results; ///< by sticker id and scale
    std::shared_ptr<const JobPlan> plan;
    std::vector<Finding> findings;
    PlanTotals totals;

    [[nodiscard]] std::shared_ptr<const StickerResult> result(int sticker, double scale = 1) const;
};

/// The open project as the window sees it: the document with its history, what is selected, and what has been worked
/// out so far. Widgets read it and ask it to apply edits; all heavy work happens on its threads, and results that come
/// too late are dropped.
class Session : public QObject {
    Q_OBJECT
  public:
    explicit Session(QObject* parent = nullptr);
    ~Session() override;

    [[nodiscard]] const Document& document() const { return history.current(); }
    [[nodiscard]] const Snapshot& snapshot() const { return *latest; }
    [[nodiscard]] bool is_settled() const { return !working && latest_edit == worked_edit; }

    using Edit = std::function<Document(Document)>;
    /// Edits with the same `stroke` in a row undo as one.
    void edit(const QString& label, const Edit& change, const QString& stroke = {});
    void end_stroke() { history.end_stroke(); }
    void undo();
    void redo();
    [[nodiscard]] const History& steps() const { return history; }

    // The sticker in hand and the copies selected on the sheet.
    [[nodiscard]] std::shared_ptr<const Sticker> sticker() const { return document().find(chosen_sticker); }
    void choose_sticker(int id);
    /// Edits the sticker in hand.
    void edit_sticker(const QString& label, const std::function<void(Sticker&)>& change, const QString& stroke = {});
    [[nodiscard]] const std::set<std::size_t>& selection() const { return selected; }
    void select(std::set<std::size_t> copies);
    void remove_selection();
    void duplicate_selection();
    void move_selection(Point by, const QString& stroke);
    /// Puts copies of the sticker in hand into free places; as many as fit when `copies` is negative.
    void place_copies(int copies);
    void apply_fix(const Finding& finding);

    // Files. Reading happens in the background; a failure is told by problem() and changes nothing.
    void add_artwork(const QStringList& paths);
    void open(const QString& path);
    void start_new();
    bool save(const QString& path);
    [[nodiscard]] const QString& path() const { return project_path; }
    [[nodiscard]] QString project_name() const;
    [[nodiscard]] bool is_changed() const { return !(document() == saved_document); }
    /// Takes a document that is not on disk under its own name, such as the demo or recovered work.
    void adopt(Document document, const QString& name);

  signals:
    void changed();         ///< the document or what is in hand
    void worked_out();      ///< a new snapshot
    void project_changed(); ///< another project, or saved
    void artwork_added();
    void problem(QString text);
    void note(QString text);

  private:
    History history{Document{}};
    Document saved_document;
    QString project_path, fallback_name;
    int chosen_sticker = 0;
    std::set<std::size_t> selected;
    std::shared_ptr<const Snapshot> latest;
    std::shared_ptr<Evaluator> evaluator = std::make_shared<Evaluator>();
    QThreadPool workers;
    bool working = false;
    std::uint64_t latest_edit = 0, worked_edit = 0;

    void replace(Document document, const QString& path, const QString& name);
    void after_change();
    void work_out();
    void keep_selection_valid();
};

} // namespace fusuma::app
