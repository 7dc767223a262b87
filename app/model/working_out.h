#pragma once

#include "app/model/in_hand.h"
#include "core/border/ribbon.h"
#include "core/plan/planner.h"
#include "core/preflight/preflight.h"

#include <QTimer>
#include <atomic>
#include <functional>
#include <map>
#include <stop_token>

namespace fusuma::app {

/// What has been worked out for one document.
struct Snapshot {
    Document document;
    std::map<int, std::shared_ptr<const StickerResult>> results; ///< by sticker id, at its own size
    std::shared_ptr<const JobPlan> plan;                         ///< of the layout
    std::shared_ptr<const JobPlan> printed; ///< as it lies on the paper: another one when the sheet is mirrored
    std::vector<Finding> findings;
    PlanTotals totals;
    /// By sticker id: those whose picture cannot be decoded, and why. They have no result, and their copies are not in
    /// the plans, which must not be printed or cut.
    std::map<int, Problem> unreadable;

    [[nodiscard]] std::shared_ptr<const StickerResult> result(int sticker) const;
};

/// The box round copies as they are now, from what is worked out of them so far: those that were moved, turned or
/// scaled since take their lines along. Nothing is worked out for it.
[[nodiscard]] Rect box_in_sight(const Snapshot& snapshot, const Document& now, const Selection& copies);

/// Has every version of the document worked out on threads of its own, and decides when: a quick preview of the sticker
/// in hand at once, the full result when edits pause for a moment. While one run is at work only the newest document
/// waits; what comes too late is dropped.
class WorkingOut : public QObject {
    Q_OBJECT
  public:
    WorkingOut(Messages& told, Project& open_project, InHand& hand);
    ~WorkingOut() override;

    [[nodiscard]] const Snapshot& snapshot() const { return *latest; }
    [[nodiscard]] bool is_settled() const { return !working && latest_edit == worked_edit; }
    /// The sticker in hand as far as it is worked out: a quick preview of the last edit while the full result is on its
    /// way, else the snapshot's.
    [[nodiscard]] std::shared_ptr<const StickerResult> shown() const;
    [[nodiscard]] bool shows_preview() const { return preview != nullptr; }
    /// The snapshot's; of one that was never worked out before as soon as it is, though others are not yet.
    [[nodiscard]] std::shared_ptr<const StickerResult> known(int sticker) const;
    /// How many stickers of the document have nothing to be seen of them yet, neither in the snapshot nor early.
    [[nodiscard]] int stickers_to_come() const;
    /// What is shown of it, unrolled along its cut line: worked out with it, unless another sticker was just chosen.
    [[nodiscard]] std::shared_ptr<const Ribbon> ribbon();
    /// Has the sticker in hand been edited since it was worked out, so that a preview or the full result is on its way?
    [[nodiscard]] bool awaits_preview() const;
    [[nodiscard]] Planner& planner() { return steps; }

    /// How far the full result is, 0–1; nothing when none is on its way.
    [[nodiscard]] std::optional<double> progress() const;
    void cancel(); ///< stops it and takes back what asked for it
    /// Which edit is the latest: another number for every version of the document.
    [[nodiscard]] std::uint64_t version() const { return latest_edit; }

  signals:
    void worked_out(); ///< a new snapshot
    void previewed();  ///< a new preview of the sticker in hand
    void came_early(int sticker);

  private:
    Messages& messages;
    Project& project;
    InHand& in_hand;
    Planner steps;
    std::shared_ptr<const Snapshot> latest = std::make_shared<Snapshot>();
    QThreadPool workers;
    bool working = false;
    std::uint64_t latest_edit = 0, worked_edit = 0;
    struct Early {
        std::shared_ptr<const Sticker> sticker; ///< as it was worked out
        std::shared_ptr<const StickerResult> result;
    };
    std::map<int, Early> early_results; ///< by sticker id, until the snapshot has them
    std::shared_ptr<const StickerResult> preview;
    int preview_of = 0;             ///< sticker
    std::uint64_t preview_edit = 0; ///< the edit that it shows
    bool previewing = false;
    QTimer full_soon; ///< the full result waits until edits pause for a moment
    std::stop_source stop, preview_stop;
    bool may_stop = false; ///< previews are shown meanwhile, so the full result can wait
    std::atomic<double> done = 0;
    bool is_cancelled = false;
    bool is_left_out = false; ///< what takes too long to read: a person was asked

    void after_edit();
    void work_out_preview();
    void work_out();
    void tell_unreadable(const std::map<int, Problem>& before);
    using WhenWorkedOut = std::function<void(const Sticker&, const std::shared_ptr<const StickerResult>&)>;
    /// @param chosen  id of the sticker in hand, which is worked out first
    /// @param each    called for each sticker on the thread that works it out, perhaps twice
    [[nodiscard]] std::shared_ptr<const Snapshot> snapshot_of(const Document& now, int chosen, const Work& work,
                                                              const WhenWorkedOut& each);
    void tell_early(Early early, std::uint64_t generation);
    enum class Ribbons { coarse, fine }; ///< those of previews are coarser
    std::shared_ptr<const Ribbon> ribbon_of(const std::shared_ptr<const StickerResult>& result, Ribbons how);
};

} // namespace fusuma::app
