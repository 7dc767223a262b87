#pragma once

#include "core/plan/plan.h"
#include "core/registration/fit.h"
#include "core/steps/evaluator.h"

#include <cstdint>

namespace fusuma {

/// What a cut that lies off its print does to a copy.
enum class Damage {
    none,
    white,  ///< paper shows inside the cut where colour should reach it
    colour, ///< another colour shows at the edge than should, a neighbour's too
    art,    ///< the art is cut into
};

/// How much slip a sticker at one size bears by itself. Along the cut line it is known what should show at the edge;
/// how far that reaches inward and past the cut is looked up in distance fields, which answer for any slip.
class SlipCheck {
  public:
    explicit SlipCheck(const StickerResult& result);

    /// @param moved  where the cut really lies, over where it should, in the sticker's millimetres
    [[nodiscard]] Damage damage(const Transform& moved) const;

    /// The least shift in mm, in whatever direction, that does damage; HUGE_VAL when none can.
    [[nodiscard]] double tolerance() const { return std::fmin(inward, past_cut); }
    [[nodiscard]] Point weak_spot() const { return weakest; }   ///< of the cut line, where that happens, sticker's mm
    [[nodiscard]] double room_inward() const { return inward; } ///< mm from the cut line to the art or the next rim
    [[nodiscard]] double going_on_past_cut() const { return past_cut; } ///< mm that what shows at the edge goes on
    [[nodiscard]] bool has_other_colour_past_cut() const { return other_past_cut; } ///< a bleed that is not the edge's

  private:
    friend class SlipSheet;
    struct Sample {
        Point at;
        std::size_t edge; ///< what shows there, one of `edges`
        bool has_border;  ///< there is room between it and the art
    };
    struct Edge;
    struct Fields;
    std::vector<Sample> samples;
    std::shared_ptr<const Fields> fields;
    double inward = HUGE_VAL, past_cut = HUGE_VAL;
    bool other_past_cut = false;
    Point weakest;

    [[nodiscard]] Damage damage(const Sample& sample, Point moved) const;
};

/// The copies of a plan as slips see them.
class SlipSheet {
  public:
    /// @param page  counted from 0
    SlipSheet(const JobPlan& plan, std::size_t page, Evaluator& evaluator, const Work& work = {});

    [[nodiscard]] std::size_t size() const { return copies.size(); } ///< copies on the page
    [[nodiscard]] CopyId copy(std::size_t k) const { return copies[k].id; }
    [[nodiscard]] const SlipCheck& check(std::size_t k) const { return *checks[k]; } ///< as if it lay alone
    /// The least shift in mm that does damage to a copy where it lies: neighbours and marks take of its bleed, and
    /// their colours may come into the cut.
    [[nodiscard]] double tolerance(std::size_t k) const { return tolerances[k]; }
    /// @param moved  on the paper: where cuts really lie, over where they should
    [[nodiscard]] std::vector<CopyId> damaged(const Transform& moved) const;
    [[nodiscard]] std::size_t damaged_by(double mm) const; ///< copies that a shift by that much can damage
    [[nodiscard]] Damage damage(std::size_t k, const Transform& moved) const; ///< on the paper, as above
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
    std::vector<std::vector<std::size_t>> near; ///< by k, copies whose print lies near its cut
    std::vector<std::vector<Mark>> near_marks;  ///< by k
    std::vector<double> tolerances;
    std::vector<Point> weak_places; ///< by k, on the paper
    Point middle;                   ///< of the paper, about which sheets turn

    [[nodiscard]] bool goes_on_into(std::size_t k, std::size_t other, Point q, double no_farther) const;
    void look_beside(std::size_t k);
    /// What a place past copy k's cut shows because of what lies beside it.
    [[nodiscard]] Damage beside(std::size_t k, const SlipCheck::Sample& sample, Point on_paper, double past) const;
};

/// The stickers changed so that every copy, taken alone, bears a slip of `mm`: wider borders where art would be cut,
/// wider bleeds where paper would show, no bleed of another colour past a border of paper. Throws Stopped when asked to
/// stop.
struct Remedy {
    Document document;
    double widest_border = 0, widest_bleed = 0; ///< mm, of those changed; 0 when none was
    int without_bleed = 0;                      ///< stickers whose bleed was another colour than their edge
    int stickers = 0;                           ///< changed
};
[[nodiscard]] Remedy made_safe(const Document& document, Evaluator& evaluator, double mm, const Work& work = {});

} // namespace fusuma
