#pragma once

#include "core/words.h"
#include "core/border/rims.h"
#include "core/drawing/drawing.h"
#include "core/raster/picture.h"

#include <set>
#include <string>

namespace fusuma {

/// What happens to a part's edge.
enum class PartCut {
    none,
    outline, ///< it is part of what the border goes round
    kiss,    ///< its own edge is cut where it lies, whatever the border
    score,
    through
};
template <> inline constexpr std::array words<PartCut>{
    Word{PartCut::none, "none", "Do not cut"},
    Word{PartCut::outline, "outline", "Cut round it"},
    Word{PartCut::kiss, "kiss", "Kiss cut its edge"},
    Word{PartCut::score, "score", "Score its edge"},
    Word{PartCut::through, "through", "Cut its edge through"}};

struct PartUse {
    bool is_printed = true;
    PartCut cut = PartCut::outline;
    bool operator==(const PartUse&) const = default;
};

/// What a part is filled with in place of its own paint: a colour, a pattern of two, or a picture laid over its box.
struct PartFill {
    Fill plain{.kind = Fill::Kind::colour};
    std::shared_ptr<const Picture> picture; ///< in place of the colour; null for none
    bool operator==(const PartFill& other) const { return plain == other.plain && is_same(picture, other.picture); }
};

/// How several parts, or the pieces of one, become others.
enum class Combining {
    join,         ///< one shape of what any of them covers
    take_out,     ///< the lowest less what lies over it
    overlap_only, ///< what all of them cover
    exclude,      ///< one shape with holes where an even number of them overlap
    split,        ///< each region between their edges by itself
    visible,      ///< each less what lies over it
    pieces        ///< each piece of them by itself
};
template <> inline constexpr std::array words<Combining>{
    Word{Combining::join, "join", "Join"},
    Word{Combining::take_out, "take-out", "Take out"},
    Word{Combining::overlap_only, "overlap-only", "Overlap only"},
    Word{Combining::exclude, "exclude", "With holes"},
    Word{Combining::split, "split", "Split"},
    Word{Combining::visible, "visible", "Visible only"},
    Word{Combining::pieces, "pieces", "Into pieces"}};

class Combination;

/// One entry of a drawing's list: a part of the file, or something that parts were combined to.
struct Shape {
    int id = 0; ///< unique in its list, > 0
    std::string name;
    int part = -1;                         ///< of the drawing; −1 for a combined shape
    std::string layer;                     ///< of a combined shape: the groups that what gave its paint lies in
    std::shared_ptr<const Combination> of; ///< of a combined shape
    std::size_t result = 0;                ///< which of the combination's
    PartUse use;
    std::optional<PartFill> fill;
    bool operator==(const Shape& other) const; ///< combined ones by what they were combined of
};

/// Shapes combined, which stay as they were inside and can be taken apart again. What comes of it is worked out when it
/// is first asked for. Shared, never copied.
class Combination {
  public:
    Combination(Combining way, std::vector<Shape> from, double thickness = 0)
        : how(way), members(std::move(from)), least_thickness(thickness) {}
    const Combining how;
    const std::vector<Shape> members; ///< back to front
    const double least_thickness;     ///< mm: pieces that are nowhere as thick as this are left out; 0 for none

    struct Part {
        Outline region;
        std::size_t painted_as = 0; ///< the member whose paint it has
    };
    /// @param drawing  the one whose parts the members are; always the same for one combination
    /// Throws Stopped when asked to stop while they are worked out, which can be done again.
    [[nodiscard]] const std::vector<Part>& results(const Drawing& drawing, const Work& work = {}) const;

  private:
    mutable std::once_flag once;
    mutable std::vector<Part> made;
};

inline constexpr std::size_t most_split = 12; ///< members of one split, whose results may double with each

/// A colour of the drawing wherever it occurs, and what it is printed as.
struct Recolour {
    Rgb from, to;
    bool operator==(const Recolour&) const = default;
};

/// What a person made of a drawing: its shapes with what happens to each.
struct Parts {
    std::vector<Shape> shapes; ///< back to front
    std::vector<Recolour> recolours;
    int next_id = 1;
    bool operator==(const Parts&) const = default;
};

using ShapeIds = std::set<int>;

/// Every part as the file has it: printed, and part of the outline.
[[nodiscard]] Parts all_parts(const Drawing& drawing);

/// Names of the groups that a shape lies in, as `Part::layer` has them; empty for none.
[[nodiscard]] const std::string& layer_of(const Drawing& drawing, const Shape& shape);

// Quick choices: what is printed and what is cut, all at once.

[[nodiscard]] Parts cut_round_everything(Parts parts);
/// The lowest shape of any size is cut and not printed, the rest is printed and not cut.
[[nodiscard]] Parts cut_bottom_shape(const Drawing& drawing, Parts parts);
/// What is painted is printed; lines without fill that are thinner than a pen draws, or whose layer is named after a
/// kind of cut, are cut and not printed. Without any such line everything is cut round.
[[nodiscard]] Parts as_in_file(const Drawing& drawing, Parts parts);
/// Does the drawing hold lines to cut and nothing else? Then there is nothing to cut round.
[[nodiscard]] bool is_lines_alone(const Drawing& drawing);
/// For each colour, the backmost first: everything in that colour printed and cut round, nothing else.
[[nodiscard]] std::vector<std::pair<Rgb, Parts>> by_colour(const Drawing& drawing, const Parts& parts);

// Edits. Ids that are not there change nothing.

[[nodiscard]] Parts with_use(Parts parts, const ShapeIds& ids, const PartUse& use);
[[nodiscard]] Parts with_fill(Parts parts, const ShapeIds& ids, const std::optional<PartFill>& fill);
[[nodiscard]] Parts with_recolour(Parts parts, Rgb from, Rgb to);
/// In place of the frontmost of the shapes. Of what is visible where only a base was cut, all is printed and cut round
/// once. Nothing when there are too few for it, or nothing would come of it. Throws Stopped when asked to stop.
[[nodiscard]] std::optional<Parts> combined(const Drawing& drawing, const Parts& parts, const ShapeIds& ids,
                                            Combining how, const Work& work = {});
/// The members of combinations that any of the shapes came of, in place of all that came of these.
[[nodiscard]] Parts taken_apart(Parts parts, const ShapeIds& ids);
/// Combined shapes without pieces thinner than `thickness` mm. Those of parts as drawn stay.
[[nodiscard]] Parts without_slivers(const Parts& parts, double thickness);

// What comes of it.

[[nodiscard]] const Outline& region_of(const Drawing& drawing, const Shape& shape);
[[nodiscard]] std::vector<Painted> paints_of(const Drawing& drawing, const Parts& parts, const Shape& shape);
/// Colours that shapes are plainly painted with, as the file has them, backmost first.
[[nodiscard]] std::vector<Rgb> colours_of(const Drawing& drawing);

/// A thin piece of a combined shape.
struct Sliver {
    int shape = 0; ///< id
    Outline piece;
};
[[nodiscard]] std::vector<Sliver> slivers(const Drawing& drawing, const Parts& parts, double thickness);

[[nodiscard]] Drawn art_of(const Drawing& drawing, const Parts& parts);

/// The id of the topmost shape that covers a place; nothing where none does. @param at  mm on the drawing
[[nodiscard]] std::optional<int> shape_at(const Drawing& drawing, const Parts& parts, Point at);

} // namespace fusuma
