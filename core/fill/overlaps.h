#pragma once

#include "core/fill/fill_page.h"

#include <atomic>
#include <cmath>
#include <memory>
#include <vector>

namespace fusuma {

/// A posture at a place.
struct Stance {
    const Posture* posture = nullptr;
    Point at;
};

/// How much copies overlap, wherever they lie: how far edges reach into what must stay free, summed along them, in mm²;
/// negative where they lie farther apart than they must, down to where it does not matter how far. Worked out on a grid
/// of places where it is asked, and remembered. Safe to use from several threads.
class Overlaps {
  public:
    /// @param empty     the page with its fixed copies only
    /// @param postures  all that there are
    /// @param turns     postures are turned by multiples of a full turn by that many
    Overlaps(const FillPage& empty, const std::vector<Posture>& postures, int turns);

    [[nodiscard]] double between(const Stance& one, const Stance& other) const;
    /// With the zone's edge and all that is fixed.
    [[nodiscard]] double past(const Stance& one) const;
    static constexpr double nowhere = 1e6; ///< mm², told where it cannot lie at all
    /// Is the zone large enough for the item in any of its postures? Nothing else may be asked about those that are
    /// not.
    [[nodiscard]] bool fits_at_all(std::size_t item) const { return item < items.size() && items[item]; }

    /// The same from points closer together, without a grid of places.
    /// @param beyond  mm that they should lie farther apart than they must
    [[nodiscard]] double closely_between(const Stance& one, const Stance& other, double beyond) const;
    [[nodiscard]] double closely_past(const Stance& one, double beyond) const;
    /// Are there so few pairs that their grids, which memory bounds, are fine enough to be of use? Nothing may be asked
    /// otherwise.
    [[nodiscard]] bool are_fine() const;
    /// Does what was found on a grid leave no doubt?
    [[nodiscard]] static bool is_clear(double overlap);

    [[nodiscard]] const FillPage& page() const { return empty; }
    [[nodiscard]] const std::vector<Posture>& postures() const { return all; }

  private:
    /// By place, for one pair that lies to each other as given, or one posture on the page.
    struct Map {
        Rect extent; ///< mm, of where it may be other than clearly apart
        int columns = 0, rows = 0;
        std::unique_ptr<std::atomic<float>[]> nodes; ///< not a number where nobody has asked yet
    };
    const FillPage& empty;
    const std::vector<Posture>& all;
    int turns;
    std::vector<const ReadyItem*> items; ///< by number; null where the zone is too small for them
    std::vector<Map> pairs;              ///< by item, other item and the other's turn seen from the first
    std::vector<Map> places;             ///< by posture
    double pair_cell = 0, place_cell = 0;        ///< mm

    [[nodiscard]] std::size_t pair(std::size_t item, std::size_t other, int turn) const;
    [[nodiscard]] double turn_of(int step) const;
    [[nodiscard]] static double cell_for_all(const std::vector<Map>& maps);
    static void lay_out(std::vector<Map>& maps, double cell);
    template <typename WorkOut> [[nodiscard]] static double at(const Map& map, double cell, Point p,
                                                           WorkOut&& work_out);
};

} // namespace fusuma
