#pragma once

#include "core/document/document.h"
#include "core/geometry/point.h"

#include <set>

namespace fusuma {

// Edits of copies on the sheet that need not know what they look like: each returns the changed document. Locked copies
// stay as they are, and ids of copies that are gone are passed over.

/// Copies by their ids.
using Selection = std::set<CopyId>;

/// The copies with all others of their groups.
[[nodiscard]] Selection with_groups(const Document& document, const Selection& copies);
[[nodiscard]] Selection copies_of_sticker(const Document& document, int sticker, int page);

[[nodiscard]] Document moved(Document document, const Selection& copies, Point by);
/// Turned about a place. @param radians  clockwise on screen
[[nodiscard]] Document turned(Document document, const Selection& copies, Point about, double radians);
/// Made larger or smaller about a place; `tall` is a further factor of the height alone. Turned copies keep their
/// proportions.
[[nodiscard]] Document scaled(Document document, const Selection& copies, Point about, double factor, double tall = 1);
enum class Across { left_right, up_down };
[[nodiscard]] Document mirrored(Document document, const Selection& copies, Point about, Across across);

/// The document as it lies on the paper: a mirrored sheet with all its copies in the mirror, any other as it is. What is
/// printed, cut and found is worked out for this one.
[[nodiscard]] Document as_printed(Document document);

enum class Order { front, back };
[[nodiscard]] Document ordered(Document document, const Selection& copies, Order order);
[[nodiscard]] Document removed(Document document, const Selection& copies); ///< all but the locked ones

/// The result of an edit that makes copies, with what is to be selected after it.
struct Edited {
    Document document;
    Selection selection;
};
/// Adds copies, with ids of their own; those that were grouped are a group of their own.
void add_copies(Edited& edited, const std::vector<Placement>& fresh);
/// Copies of the copies, moved by some mm.
[[nodiscard]] Edited duplicated(const Document& document, const Selection& copies, Point by);

[[nodiscard]] Document grouped(Document document, const Selection& copies);
[[nodiscard]] Document ungrouped(Document document, const Selection& copies);
[[nodiscard]] Document with_lock(Document document, const Selection& copies, bool locked);
[[nodiscard]] Document on_page(Document document, const Selection& copies, int page);

/// A document with only these copies and their stickers, for taking along to another project.
[[nodiscard]] Document only(const Document& document, const Selection& copies);
/// The stickers and copies of `other` added to a page. Stickers that are here already are used, others come along.
[[nodiscard]] Edited joined(const Document& document, const Document& other, int page, Point by);

} // namespace fusuma
