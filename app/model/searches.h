#pragma once

#include "app/model/working_out.h"

namespace fusuma::app {

/// Looks for a better layout in the background. It is told as it improves; stopping keeps the best so far, and any edit
/// meanwhile drops it.
class Searches : public QObject {
    Q_OBJECT
  public:
    Searches(Messages& told, Project& open_project, WorkingOut& work);
    ~Searches() override;

    using Improved = std::function<void(const Document&)>;
    struct Searched {
        std::optional<Document> document; ///< nothing when nothing better was found
        QString report;                   ///< what came of it, in one sentence
    };
    using Search = std::function<Searched(const Document&, Planner&, const Work&, const Improved&)>;
    void search(const QString& label, const Search& find);
    void stop() { stop_source.request_stop(); } ///< what it has found by then is kept

    [[nodiscard]] bool is_searching() const { return searching; }
    /// The best layout so far while searching.
    [[nodiscard]] const std::optional<Document>& so_far() const { return found_so_far; }
    /// What the last search came to.
    [[nodiscard]] const QString& report() const { return last_report; }
    [[nodiscard]] const QString& label() const { return words; } ///< of the search at work
    [[nodiscard]] double progress() const { return done; }       ///< 0–1

  signals:
    void searched(); ///< something better was found, or the search began or ended

  private:
    Messages& messages;
    Project& project;
    WorkingOut& working_out;
    QThreadPool worker;
    bool searching = false;
    std::uint64_t version = 0, for_project = 0; ///< of the document that is searched on
    std::optional<Document> found_so_far;
    QString last_report, words;
    std::stop_source stop_source;
    std::atomic<double> done = 0;

    void drop(); ///< what it looks for is no longer wanted
    void end(const Searched& result);
};

} // namespace fusuma::app
