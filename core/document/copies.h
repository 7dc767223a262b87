#pragma once

#include "core/document/plan.h"

#include <set>

namespace fusuma {

/// Edits of copies on the sheet: each returns the changed document. Locked copies stay as they are.
using Selection = std::set<std::size_t>; ///< indices into Document::placements

/// The copies with all others of their groups.
[[nodiscard]] Selection with_groups(const Document& document, const Selection& copies);
[[nodiscard]] Selection copies_of_sticker(const Document& document, int sticker, int page);

/// The box round the cut lines of the copies, mm; empty when there are none.
[[nodiscard]] Rect box_of(const Document& document, Evaluator& evaluator, const Selection& copies);

[[nodiscard]] Document moved(Document document, const Selection& copies, Point by);
/// Turned about a place. @param radians  clockwise on screen
[[nodiscard]] Document turned(Document document, const Selection& copies, Point about, double radians);
/// Made larger or smaller about a place; `tall` is a further factor of the height alone. Turned copies keep their
/// proportions.
[[nodiscard]] Document scaled(Document document, const Selection& copies, Point about, double factor, double tall = 1);
enum class Across { left_right, up_down };
[[nodiscard]] Document mirrored(Document document, const Selection& copies, Point about, Across across);

/// One copy made so that its cut line's box has a width or a height; the border keeps its millimetres. Nothing when no
/// size does.
[[nodiscard]] std::optional<Document> sized(const Document& document, Evaluator& evaluator, std::size_t copy, Side side,
                                            double mm);

enum class Align { left, centre, right, top, middle, bottom };
/// Lines up the boxes of cut lines with the box round them all; a single copy with the cut zone's.
[[nodiscard]] Document aligned(const Document& document, Evaluator& evaluator, const Selection& copies, Align how);
/// Makes the distances between neighbouring boxes equal, the outermost staying where they are.
[[nodiscard]] Document distributed(const Document& document, Evaluator& evaluator, const Selection& copies,
                                   Across across);

/// The result of an edit that makes or reorders copies, with what is to be selected after it.
struct Edited {
    Document document;
    Selection selection;
};
enum class Order { front, back };
[[nodiscard]] Edited ordered(const Document& document, const Selection& copies, Order order);
[[nodiscard]] Edited removed(const Document& document, const Selection& copies); ///< all but the locked ones
/// Copies of the copies, moved by some mm.
[[nodiscard]] Edited duplicated(const Document& document, const Selection& copies, Point by);
/// The copies and further ones in rows and columns to the right and below, with a gap between the boxes round them.
[[nodiscard]] Edited repeated(const Document& document, Evaluator& evaluator, const Selection& copies, int columns,
                              int rows, double gap);

[[nodiscard]] Document grouped(Document document, const Selection& copies);
[[nodiscard]] Document ungrouped(Document document, const Selection& copies);
[[nodiscard]] Document with_lock(Document document, const Selection& copies, bool locked);
[[nodiscard]] Document on_page(Document document, const Selection& copies, int page);

/// A document with only these copies and their stickers, for taking along to another project.
[[nodiscard]] Document only(const Document& document, const Selection& copies);
/// The stickers and copies of `other` added to a page. Stickers that are here already are used, others come along.
[[nodiscard]] Edited joined(const Document& document, const Document& other, int page, Point by);

} // namespace fusuma
