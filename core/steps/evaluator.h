#pragma once

#include "core/steps/placed_copy.h"
#include "core/steps/recent.h"
#include "core/steps/remembered.h"
#include "core/steps/small_picture.h"
#include "core/steps/step_table.h"

#include <functional>
#include <optional>
#include <set>

namespace fusuma {

/// Runs the steps from artwork to cut line and print (step_table.h) and remembers what they came to. Safe to use from
/// several threads.
class Evaluator {
  public:
    /// @param budget  bytes that results may take up
    explicit Evaluator(std::size_t budget = usual_budget()) : remembered(budget) {}

    /// The sticker at `width` mm of artwork (its own width when not given). Throws Stopped when asked to stop.
    std::shared_ptr<const StickerResult> evaluate(const Sticker& sticker, std::optional<double> width = std::nullopt,
                                                  const Work& work = {});

    /// Works several out on every core, so that what they come to is at hand. What cannot be read is left to whoever
    /// asks for it. Throws Stopped when asked to stop.
    struct Wanted {
        std::shared_ptr<const Sticker> sticker;
        double width = 0; ///< mm, of the artwork
        bool operator==(const Wanted&) const = default;
        auto operator<=>(const Wanted&) const = default;
    };
    /// @param then  called for each on the thread that worked it out, while its pixels are at hand
    void work_out(const std::set<Wanted>& wanted, const Work& work = {},
                  const std::function<void(const Sticker&, const std::shared_ptr<const StickerResult>&)>& then = {});

    /// The sticker worked out quickly enough for every step of a slider: large pictures on a small copy, and the border
    /// in straight lines.
    std::shared_ptr<const StickerResult> preview(const Sticker& sticker, const Work& work = {});

    /// The sticker in the size and proportions of one of its copies.
    std::shared_ptr<const StickerResult> evaluate(const Sticker& sticker, const Placement& placement,
                                                  const Work& work = {});
    /// A copy as it lies on its page. Its sticker must be in the document.
    std::shared_ptr<const PlacedCopy> placed_copy(const Document& document, const Placement& placement);
    /// What drawn artwork comes to; null for pictures.
    std::shared_ptr<const Drawn> drawn(const Artwork& artwork, const Work& work = {});
    /// The art's colours carried outward by at least `reach_px`.
    /// @param px_for_one  how many of the art's pixels, across, become one, ≥ 1; more of a huge picture printed small
    std::shared_ptr<const Continued> continuation(const std::shared_ptr<const Isolation>& isolation, int reach_px,
                                                  int px_for_one, const Work& work = {});

    /// What has been worked out about copies and other parts of plans.
    Facts facts;

    [[nodiscard]] std::size_t bytes_remembered() const { return remembered.bytes(); }

  protected:
    /// Forgets what the last versions of the document did not need.
    void next_round();

  private:
    struct PlacedKey {
        std::shared_ptr<const Sticker> sticker;
        Placement placement; ///< without what changes nothing about how it lies
        bool operator==(const PlacedKey&) const = default;
        struct Hash {
            std::size_t operator()(const PlacedKey& key) const;
        };
    };
    Remembered remembered;
    Recent<PlacedKey, std::shared_ptr<const PlacedCopy>, PlacedKey::Hash> placed_copies;

    template <typename Step>
    std::shared_ptr<const typename Step::Result> result_of(const StepTable& table, const Work& work);
    std::shared_ptr<const StickerResult> as_first_row(const Sticker& sticker, double width, const Work& work);
};

} // namespace fusuma
