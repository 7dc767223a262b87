#pragma once

#include "core/document/copies.h"
#include "core/document/history.h"
#include "core/document/plan.h"
#include "core/document/ticket.h"
#include "core/preflight/preflight.h"
#include "core/result.h"

#include <QObject>
#include <QThreadPool>
#include <QTimer>
#include <atomic>
#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <set>
#include <stop_token>
#include <vector>

namespace fusuma::app {

/// What has been worked out for one document.
struct Snapshot {
    Document document;
    std::map<int, std::shared_ptr<const StickerResult>> results; ///< by sticker id, at its own size
    std::shared_ptr<const JobPlan> plan;
    std::vector<Finding> findings;
    PlanTotals totals;

    [[nodiscard]] std::shared_ptr<const StickerResult> result(int sticker) const;
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
    /// The sticker in hand as far as it is worked out: a quick preview of the last edit while the full result is on its
    /// way, else the snapshot's.
    [[nodiscard]] std::shared_ptr<const StickerResult> shown() const;
    [[nodiscard]] bool shows_preview() const { return preview != nullptr; }
    /// Has the sticker in hand been edited since it was worked out, so that a preview or the full result is on its way?
    [[nodiscard]] bool awaits_preview() const;

    /// What is being worked on for a person to wait for, and how far it is (0–1; negative when nobody knows).
    struct Business {
        QString words;
        double done = -1;
    };
    [[nodiscard]] std::optional<Business> business() const;
    /// Stops it: what was being read is left out, what was being worked out is undone.
    void cancel_business();

    using Edit = std::function<Document(Document)>;
    /// Edits with the same `stroke` in a row undo as one.
    void edit(const QString& label, const Edit& change, const QString& stroke = {});
    void end_stroke() { history.end_stroke(); }
    // What was printed stays printed: tickets are not undone with edits.
    void add_ticket(const Ticket& ticket);
    void remove_ticket(const std::string& code);
    void undo();
    void redo();
    [[nodiscard]] const History& steps() const { return history; }

    // The sticker in hand and the copies selected on the sheet.
    [[nodiscard]] std::shared_ptr<const Sticker> sticker() const { return document().find(chosen_sticker); }
    void choose_sticker(int id);
    /// Edits the sticker in hand.
    void edit_sticker(const QString& label, const std::function<void(Sticker&)>& change, const QString& stroke = {});
    [[nodiscard]] const Selection& selection() const { return selected; }
    void select(Selection copies); ///< and whatever is grouped with them
    [[nodiscard]] int page() const { return shown_page; }
    void go_to_page(int page);

    /// Edits what is selected; nothing happens when nothing is.
    void edit_selection(const QString& label, const std::function<Document(const Document&, const Selection&)>& change,
                        const QString& stroke = {});
    /// The same for edits after which something else is selected.
    void rearrange(const QString& label, const std::function<Edited(const Document&, const Selection&)>& change);
    void remove_selection();
    void duplicate_selection();
    void move_selection(Point by, const QString& stroke);
    void copy_selection() const; ///< to the clipboard
    bool paste_copies();         ///< from the clipboard; false when it holds none
    /// Puts copies of the sticker in hand into free places of the page.
    void place_copies(int copies);
    void apply_fix(const Finding& finding);
    [[nodiscard]] Evaluator& working_out() { return *evaluator; }

    /// Looks for a layout in the background. It is told as it improves; stopping keeps the best so far, and any edit
    /// meanwhile drops it.
    using Improved = std::function<void(const Document&)>;
    struct Searched {
        std::optional<Document> document; ///< nothing when nothing better was found
        QString report;                   ///< what came of it, in one sentence
    };
    using Search = std::function<Searched(const Document&, Evaluator&, const Work&, const Improved&)>;
    void search(const QString& label, const Search& find);
    [[nodiscard]] bool is_searching() const { return searching; }
    /// The best layout so far while searching.
    [[nodiscard]] const std::optional<Document>& so_far() const { return found_so_far; }
    /// What the last search came to.
    [[nodiscard]] const QString& search_report() const { return last_report; }

    // Files. Reading happens in the background; a failure is told by problem() and changes nothing.
    void add_artwork(const QStringList& paths);
    void add_pages(const QString& path, const std::vector<int>& pages, double dpi);
    void add_drawing(const QString& path, int page);
    void add_picture(const QByteArray& file, const QString& name); ///< as pasted
    void add_label(const LabelDesign& design, const QString& name);
    /// A picture for something other than a sticker of its own.
    void read_picture_for(const QString& path, const std::function<void(const std::shared_ptr<const Picture>&)>& use);
    /// Draws the page that the sticker in hand comes from anew.
    void set_page_resolution(double dpi);
    void open(const QString& path);
    void start_new();
    bool save(const QString& path);
    [[nodiscard]] const QString& path() const { return project_path; }
    [[nodiscard]] QString project_name() const;
    [[nodiscard]] bool is_changed() const { return !(document() == saved_document); }
    /// Takes a document that is not on disk under its own name, such as the demo or recovered work.
    void adopt(Document document, const QString& name);

  signals:
    void changed();                             ///< the document or what is in hand
    void worked_out();                          ///< a new snapshot
    void searched();                            ///< something better was found, or the search began or ended
    void previewed();                           ///< a new preview of the sticker in hand
    void pages_wanted(QString path, int pages); ///< a document with pages was to be added: which, and as what?
    void project_changed();                     ///< another project, or saved
    void artwork_added();
    void problem(QString text);
    void note(QString text);

  private:
    History history{Document{}};
    Document saved_document;
    QString project_path, fallback_name;
    int chosen_sticker = 0;
    Selection selected;
    int shown_page = 0;
    bool searching = false;
    std::uint64_t searched_edit = 0; ///< the edit whose document is searched on
    std::optional<Document> found_so_far;
    QString last_report, search_label;
    std::stop_source search_stop;
    std::atomic<double> search_done = 0;
    std::shared_ptr<const Snapshot> latest;
    std::shared_ptr<Evaluator> evaluator = std::make_shared<Evaluator>();
    QThreadPool workers;
    QThreadPool reader; ///< one thread, so that files come in the order in which they were added
    bool working = false;
    std::atomic<std::uint64_t> latest_edit = 0;
    std::uint64_t worked_edit = 0;
    std::shared_ptr<const StickerResult> preview;
    int preview_of = 0;             ///< sticker
    std::uint64_t preview_edit = 0; ///< the edit that it shows
    bool previewing = false;
    QTimer full_soon; ///< the full result waits until edits pause for a moment
    std::stop_source stop, preview_stop;
    bool may_stop = false; ///< previews are shown meanwhile, so the full result can wait
    std::atomic<double> done = 0;
    bool is_cancelled = false;
    std::vector<std::pair<std::uint64_t, QString>> reading; ///< what is being read: number and name
    std::uint64_t next_reading = 1;

    void replace(Document document, const QString& path, const QString& name);
    void after_change();
    void work_out_preview();
    void work_out();
    void work_on(std::uint64_t run, const Document& now, const Work& work);
    void keep_selection_valid();
    using Reader = std::function<Result<std::shared_ptr<const Picture>>()>;
    template <typename Read, typename Use> void read_in_background(const QString& name, Read read, Use use);
    void add_read(const QString& name, const Reader& read);
    void add_as_sticker(Sticker sticker, const QString& words);
};

} // namespace fusuma::app
