#pragma once

#include "core/document/evaluate.h"
#include "core/document/memo.h"

#include <optional>

namespace fusuma {

/// One layer of a copy's print, in millimetres on the paper.
struct PrintItem {
    PrintLayer layer;
    std::size_t placement = 0; ///< index into Document::placements
};

struct PagePlan {
    std::vector<PrintItem> prints; ///< back to front; cut back where it would cover a neighbour or a mark
    std::vector<CutPath> cuts;     ///< in cutting order
    std::vector<Mark> marks;
    Polygons zone;      ///< mm on the paper
    Rect largest_place; ///< the largest rectangle in the empty zone
};

/// Everything that screen, printer, file writers, cutter and preflight read.
struct JobPlan {
    Size paper;
    std::vector<PagePlan> pages;
};

/// Sums over all pages, as every place shows and reports them.
struct PlanTotals {
    double zone_mm2 = 0;
    double used_share = 0; ///< area inside cut lines over area of the cut zone, 0 when there is no zone
    double kiss_mm = 0;    ///< length of all kiss cuts
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

    /// The box round all lines that are cut for one copy, in mm on the paper; empty when nothing is.
    Rect placed_box(const Document& document, const Placement& placement);

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
    };
    Memo<std::shared_ptr<const Picture>, SmallPicture> small_pictures{8};
    Memo<IsolationKey, Isolation> isolations{32};
    Memo<TraceKey, Tracing> tracings{64};
    Memo<TraceKey, Tracing> sketches{16};
    Memo<OutlineKey, Outlined> outlines{128};
    Memo<BorderKey, Border> borders{256};
    Memo<ContinuedKey, Continued> continuations{8};
    Memo<StickerKey, StickerResult> results{256};
    Memo<SheetSettings, Zone> zones{8};
    Memo<Document, JobPlan> plans{4};

    JobPlan make_plan(const Document& document);
    StickerResult finish(const std::shared_ptr<const Isolation>& isolation, const IsolationKey& isolation_key,
                         const std::shared_ptr<const Outlined>& outline, const std::shared_ptr<const Border>& derived,
                         const Sticker& sticker, double width, const Work& work);
};

} // namespace fusuma
