#include "core/cutting/doubled.h"
#include "core/preflight/rules.h"
#include "core/steps/edge_colours.h"

#include <map>

namespace fusuma {

namespace {

/// What shows of a copy close inside its cut line; paper where nothing is printed.
class ColourInside {
  public:
    explicit ColourInside(const PlacedCopy& copy) : rim(rim_at_cut(*copy.sticker)), art(*copy.result) {}

    [[nodiscard]] Rgb at(Point mm) const {
        constexpr Rgb paper{255, 255, 255};
        if (!rim)
            return art.at(mm).value_or(paper);
        return rim->kind == Fill::Kind::colour ? rim->colour : paper;
    }

  private:
    const Fill* rim;
    ArtColours art;
};

/// Places on the first's cut line where it lies on the other's and another colour shows on either side.
struct Unlike {
    double shared_mm = 0, unlike_mm = 0;
    Point at;
};

Unlike unlike_colours(const PlacedCopy& one, const PlacedCopy& other) {
    constexpr double step = 1, aside = 0.2; // mm
    Unlike found;
    const ColourInside here(one), there(other);
    const Transform to_other = other.map.inverted();
    const Rect near = other.room_box.grown(same_line_mm);
    along_cut_line(*one.result, step, [&](Point p, Point inward, double length) {
        const Point place = one.map.apply(p);
        if (!near.contains(place) || nearest_on(other.room, place).distance > same_line_mm)
            return;
        found.shared_mm += length;
        const Point beyond = one.map.apply(p - aside * inward);
        if (are_alike(here.at(p + aside * inward), there.at(to_other.apply(beyond))))
            return;
        found.unlike_mm += length;
        found.at = place;
    });
    return found;
}

} // namespace

void shared_edge(const PreflightInput& input, Findings& findings) {
    constexpr double noticeable_share = 0.1;         // of the shared line
    std::map<std::pair<int, int>, std::size_t> told; // by their two stickers, the finding
    for_neighbours(
        input, 0, [](std::size_t, std::size_t) { return same_line_mm; },
        [&](std::size_t i, std::size_t k) {
            if (!is_shared(input, i, k))
                return false;
            const PlannedCopy &one = input.plan.copies[i], &other = input.plan.copies[k];
            const auto unlike = input.planner.facts.get<Unlike>(
                {one.placed, other.placed}, [&] { return unlike_colours(*one.placed, *other.placed); });
            if (unlike->unlike_mm <= noticeable_share * unlike->shared_mm)
                return false;
            const auto [at, is_first] =
                told.try_emplace(std::minmax(one->sticker->id, other->sticker->id), findings.size());
            if (is_first)
                findings.push_back(
                    {.rule = "shared-edge",
                     .severity = Severity::to_look_at,
                     .message = "{sticker} and {other}: one cut for both, but another colour on either side of it, so "
                                "the smallest slip shows the neighbour's"_said.with("sticker", name_of_copy(input, i))
                                    .with("other", name_of_copy(input, k)),
                     .page = one.page + 1,
                     .at = unlike->at});
            std::vector<CopyId>& copies = findings[at->second].copies;
            for (const CopyId id : {one.id, other.id})
                if (std::ranges::find(copies, id) == copies.end())
                    copies.push_back(id);
            return false;
        });
}

} // namespace fusuma
