#pragma once

#include "core/fill/overlaps.h"
#include "core/work.h"

#include <optional>
#include <random>
#include <vector>

namespace fusuma {

/// Moves copies that overlap apart: one after the other goes to where it overlaps least, anywhere and in any of its
/// item's postures, and what goes on overlapping weighs ever more (Egeblad, Nielsen & Odgaard 2007; Umetani et al.
/// 2009; guided local search; from memory).
class Separation {
  public:
    Separation(const Overlaps& overlaps, std::mt19937& random, const Work& work);

    /// The page with all copies apart, each as it is allowed to stand; nothing when they do not part before long.
    [[nodiscard]] std::optional<FillPage> parted(const std::vector<Stance>& copies);
    /// Where one more copy of the item would overlap the copies least, as far as some tries tell; nothing where the
    /// zone is too small for it.
    [[nodiscard]] std::optional<Stance> least_overlapping(const std::vector<Stance>& copies, std::size_t item);
    /// A posture of the item.
    [[nodiscard]] const Posture& any_of(std::size_t item);

  private:
    struct Contact {
        std::size_t with;
        double overlap; ///< mm²
        double weight = 1;
    };
    struct Loose {
        Stance stance;
        double beyond = 0; ///< mm farther from everything than it must be
        double past = 0;   ///< mm² past the zone's edge or over what is fixed
        double past_weight = 1;
        std::vector<Contact> contacts;

        [[nodiscard]] double overlap() const;
    };
    struct Try {
        Stance stance;
        double cost;
    };
    const Overlaps& overlaps;
    std::mt19937& random;
    const Work& work;
    std::vector<Loose> loose;
    bool is_close = false; ///< are overlaps looked at closely?
    double cell = 1;       ///< mm
    std::size_t columns = 1, rows = 1;
    std::vector<std::vector<std::size_t>> cells; ///< loose copies, by where their middles are

    [[nodiscard]] double chance() { return std::uniform_real_distribution<double>(0, 1)(random); }
    void lay_out(const std::vector<Stance>& copies);
    [[nodiscard]] std::size_t cell_at(Point p) const;
    template <typename Visit> void for_near(Point p, Visit&& visit) const;
    [[nodiscard]] double between(const Stance& one, const Stance& other, double beyond) const;
    [[nodiscard]] double past(const Stance& stance, double beyond) const;
    [[nodiscard]] double weighed(const Stance& stance, std::size_t as, double enough) const;
    [[nodiscard]] Try settled(Try from, std::size_t as);
    [[nodiscard]] Stance anywhere(const Posture& posture);
    [[nodiscard]] Stance better(std::size_t which);
    void move(std::size_t which, const Stance& to);
    void note_contacts(std::size_t which);
    void look(bool closely);
    void weigh_anew();
    [[nodiscard]] std::optional<FillPage> as_page();
};

} // namespace fusuma
