#include "core/cutting/doubled.h"
#include "core/preflight/rules.h"
#include "core/steps/edge_colours.h"

#include <map>
#include <set>

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
        if (!near.contains(place) || !is_nearer(other.room, place, same_line_mm))
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

/// Calls `visit(a, b)`, places in the plan's copies, for those that one cut parts. Others, of which a heap may have
/// millions of pairs, are not looked at.
template <typename Visit> void for_sharing(const PreflightInput& input, Visit&& visit) {
    for (std::size_t page = 0; page < input.plan.pages.size(); ++page) {
        const std::set<CopyId>& sharing = input.plan.pages[page].sharing.copies;
        if (sharing.empty())
            continue;
        std::vector<std::size_t> copies;
        std::vector<Rect> boxes;
        for (std::size_t i = 0; i < input.plan.copies.size(); ++i)
            if (sharing.contains(input.plan.copies[i].id)) {
                copies.push_back(i);
                boxes.push_back(input.cut_boxes[page].box(i).grown(same_line_mm));
            }
        const BoxGrid grid(std::move(boxes));
        for (std::size_t a = 0; a < copies.size(); ++a)
            for (const std::size_t b : grid.overlapping(grid.box(a)))
                if (b > a && is_shared(input, copies[a], copies[b]))
                    visit(copies[a], copies[b]);
    }
}

} // namespace

void shared_edge(const PreflightInput& input, Findings& findings) {
    constexpr double noticeable_share = 0.1;         // of the shared line
    std::map<std::pair<int, int>, std::size_t> told; // by their two stickers, the finding
    for_sharing(input, [&](std::size_t i, std::size_t k) {
        const PlannedCopy &one = input.plan.copies[i], &other = input.plan.copies[k];
        const auto unlike = input.planner.facts.get<Unlike>({one.placed, other.placed},
                                                            [&] { return unlike_colours(*one.placed, *other.placed); });
        if (unlike->unlike_mm <= noticeable_share * unlike->shared_mm)
            return;
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
    });
}

} // namespace fusuma
