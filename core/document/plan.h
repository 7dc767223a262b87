#pragma once

#include "core/document/evaluate.h"
#include "core/document/memo.h"
#include "core/document/recent.h"

#include <optional>

namespace fusuma {

/// One copy put on its page: shared between plans as long as nothing about it changes.
struct PlacedCopy {
    std::shared_ptr<const Sticker> sticker;
    std::shared_ptr<const StickerResult> result;
    Placement placement;
    Transform map;             ///< from the sticker's millimetres to the paper's
    Outline line;              ///< the closed cut lines on the paper
    std::vector<Contour> open; ///< the open ones
    std::vector<OwnLine> own;  ///< the artwork's own lines
    Polygons cut;              ///< `line` within 0.02 mm
    std::vector<std::vector<Point>> open_points;
    double cut_mm2 = 0, cut_mm = 0; ///< inside its cut lines, and along them without the artwork's own
    Rect cut_box;                   ///< round all cut lines
    Rect closed_box;                ///< round the closed ones
    Rect print_box;                 ///< round all that is printed
    double past_cut = 0;            ///< mm that it prints past its cut line
    double least_gap = 0;           ///< mm, twice its bleed: nearer neighbours cut it short
};

/// One layer of a copy's print, in millimetres on the paper.
struct PrintItem {
    PrintLayer layer;
    std::size_t placement = 0; ///< index into Document::placements
};

struct PagePlan {
    std::vector<PrintItem> prints; ///< back to front; cut back where it would cover a neighbour or a mark
    std::vector<CutPath> cuts;     ///< by copy, what divides the sheet last; `cut_job` puts them in order
    std::vector<Mark> marks;
    Polygons zone;                     ///< mm on the paper
    Rect largest_place;                ///< the largest rectangle in the empty zone
    std::vector<Rect> small_sheets;    ///< of a divided page, else none
    std::shared_ptr<const void> sheet; ///< the same for as long as paper, marks and zone are
};

/// Everything that screen, printer, file writers, cutter and preflight read.
struct JobPlan {
    Size paper;
    std::vector<PagePlan> pages;
    std::vector<std::shared_ptr<const PlacedCopy>> copies; ///< by placement
    Transform print_correction;                            ///< of the printer, mm on the paper, for what is sent to it
    std::vector<int> page_of;                              ///< of each copy, from 0
};

/// Sums over all pages, as every place shows and reports them.
struct PlanTotals {
    double zone_mm2 = 0;
    double used_share = 0; ///< area inside cut lines over area of the cut zone, 0 when there is no zone
    double kiss_mm = 0;    ///< length of all kiss cuts
    double score_mm = 0;   ///< length of all scores
    double through_mm = 0; ///< length of all through cuts
    std::size_t cuts = 0;  ///< lines, closed and open
};
[[nodiscard]] PlanTotals totals(const JobPlan& plan);

/// The steps from artwork to cut line and the plan of the sheet, as pure functions with remembered results.
class Evaluator {
  public:
    /// The sticker at `width` mm of artwork (its own width when not given). Throws Stopped when asked to stop.
    std::shared_ptr<const StickerResult> evaluate(const Sticker& sticker, std::optional<double> width = std::nullopt,
                                                  const Work& work = {});

    /// The sticker worked out quickly enough for every step of a slider: large pictures on a small copy, and the border
    /// in straight lines.
    std::shared_ptr<const StickerResult> preview(const Sticker& sticker, const Work& work = {});

    std::shared_ptr<const JobPlan> plan(const Document& document);

    /// The sticker in the size and proportions of one of its copies.
    std::shared_ptr<const StickerResult> evaluate(const Sticker& sticker, const Placement& placement,
                                                  const Work& work = {});
    /// A copy as it lies on its page. Its sticker must be in the document.
    std::shared_ptr<const PlacedCopy> placed_copy(const Document& document, const Placement& placement);
    /// What drawn artwork comes to; null for pictures.
    std::shared_ptr<const Drawn> drawn(const Artwork& artwork, const Work& work = {});

    /// What has been worked out about copies and other parts of plans.
    Facts facts;

  private:
    struct IsolationKey {
        Artwork artwork;
        std::optional<PixelBox> crop;
        BackgroundSettings background;
        bool operator==(const IsolationKey&) const = default;
    };
    struct TraceKey {
        IsolationKey isolation;
        TraceSettings settings;
        bool operator==(const TraceKey&) const = default;
    };
    struct OutlineKey {
        TraceKey trace;
        Framing framing;
        CleanUp clean;
        double width;
        bool operator==(const OutlineKey&) const = default;
    };
    struct BorderKey {
        OutlineKey outline;
        BorderSettings border; ///< at its size
        bool operator==(const BorderKey&) const = default;
    };
    struct ContinuedKey {
        IsolationKey isolation;
        int reach_px;
        bool operator==(const ContinuedKey&) const = default;
    };
    struct StickerKey {
        OutlineKey outline;
        double own_width;
        BorderSettings border;
        Rims rims;
        Bleed bleed;
        HandWork hand;
        bool operator==(const StickerKey&) const = default;
    };
    struct Zone {
        Polygons polygons;
        Rect largest_place;
        std::vector<Rect> small_sheets;
        std::vector<Mark> marks;
    };
    struct PlacedKey {
        std::shared_ptr<const Sticker> sticker;
        Placement placement; ///< without its page, group and lock
        bool operator==(const PlacedKey&) const = default;
        struct Hash {
            std::size_t operator()(const PlacedKey& key) const;
        };
    };
    Memo<std::shared_ptr<const Picture>, SmallPicture> small_pictures{8};
    Memo<Artwork, Drawn> drawings{32};
    Memo<IsolationKey, Isolation> isolations{32};
    Memo<TraceKey, Tracing> tracings{64};
    Memo<TraceKey, Tracing> sketches{16};
    Memo<OutlineKey, Outlined> outlines{128};
    Memo<BorderKey, Border> borders{256};
    Memo<ContinuedKey, Continued> continuations{8};
    Memo<StickerKey, StickerResult> results{256};
    Memo<SheetSettings, Zone> zones{8};
    Recent<PlacedKey, std::shared_ptr<const PlacedCopy>, PlacedKey::Hash> placed_copies;
    Memo<Document, JobPlan> plans{4};

    Isolation make_isolation(const Sticker& sticker, const Work& work);
    std::optional<StickerResult> as_first_row(const Sticker& sticker, double width, const Work& work);
    JobPlan make_plan(const Document& document);
    PagePlan make_page(const Document& document, const JobPlan& plan, int page);
    StickerResult finish(const std::shared_ptr<const Isolation>& isolation, const IsolationKey& isolation_key,
                         const std::shared_ptr<const Outlined>& outline, const std::shared_ptr<const Border>& derived,
                         const Sticker& sticker, double width, const Work& work);
};

} // namespace fusuma
