#pragma once

#include "core/plan/plan.h"
#include "core/steps/evaluator.h"
#include "core/registration/fit.h"

#include <cstdint>

namespace fusuma {

/// What a cut that lies off its print does to a copy.
enum class Damage {
    none,
    white, ///< paper shows inside the cut where colour should reach it
    art,   ///< the art is cut into
};

/// How much slip a sticker at one size bears. Distances to its art and into its print, looked up along the cut line,
/// answer for any slip. Neighbours that take of its bleed are left out of account: what shows there is their colour.
class SlipCheck {
  public:
    explicit SlipCheck(const StickerResult& result);

    /// @param moved  where the cut really lies, over where it should, in the sticker's millimetres
    [[nodiscard]] Damage damage(const Transform& moved) const;

    /// The least shift in mm, in whatever direction, that does damage; HUGE_VAL when none can.
    [[nodiscard]] double tolerance() const { return std::fmin(to_art, past_print); }
    [[nodiscard]] Point weak_spot() const { return weakest; }   ///< of the cut line, where that happens, sticker's mm
    [[nodiscard]] double room_to_art() const { return to_art; } ///< mm between cut line and art
    [[nodiscard]] double printed_past_cut() const { return past_print; } ///< mm of colour beyond it where it needs any

  private:
    struct Sample {
        Point at;
        bool needs_print, has_border; ///< colour reaches it from inside; there is room between it and the art
    };
    std::vector<Sample> samples;
    struct Fields;
    std::shared_ptr<const Fields> fields;
    double to_art = HUGE_VAL, past_print = HUGE_VAL;
    Point weakest;
};

/// The copies of a plan as slips see them.
class SlipSheet {
  public:
    /// @param page  counted from 0
    SlipSheet(const JobPlan& plan, std::size_t page, Evaluator& evaluator, const Work& work = {});

    [[nodiscard]] std::size_t size() const { return copies.size(); } ///< copies on the page
    [[nodiscard]] CopyId copy(std::size_t k) const { return copies[k].id; }
    [[nodiscard]] const SlipCheck& check(std::size_t k) const { return *checks[k]; }
    /// @param moved  on the paper: where cuts really lie, over where they should
    [[nodiscard]] std::vector<CopyId> damaged(const Transform& moved) const;
    [[nodiscard]] std::size_t damaged_by(double mm) const; ///< copies that a shift by that much can damage
    [[nodiscard]] Damage damage(std::size_t k, const Transform& moved) const;
    [[nodiscard]] Point weakest_place() const; ///< on the paper, of the copy that bears least; there must be one

    /// How many copies come out damaged when slips vary as a machine's do.
    struct Chances {
        double mean = 0;             ///< copies damaged on a sheet
        double all_good = 0;         ///< share of sheets without any
        std::vector<double> of_copy; ///< share of sheets on which each is damaged, by k
    };
    struct Spread {
        double shift = 0.25; ///< mm, standard deviation in each direction
        double turn = 0.001; ///< radians, standard deviation
    };
    [[nodiscard]] Chances chances(const Spread& spread, int sheets, std::uint32_t seed, const Work& work = {}) const;

  private:
    std::vector<PlannedCopy> copies;
    std::vector<std::shared_ptr<const SlipCheck>> checks;
    Point middle; ///< of the paper, about which sheets turn
};

/// The stickers changed so that every copy bears a slip of `mm`: wider borders where art would be cut, wider bleeds
/// where paper would show.
struct Remedy {
    Document document;
    double widest_border = 0, widest_bleed = 0; ///< mm, of those changed; 0 when none was
    int stickers = 0;                           ///< changed
};
[[nodiscard]] Remedy made_safe(const Document& document, Evaluator& evaluator, double mm);

} // namespace fusuma
