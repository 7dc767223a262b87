#pragma once

#include "core/document/copies.h"
#include "core/steps/evaluator.h"

#include <optional>

namespace fusuma {

// Edits of copies by the boxes of their cut lines. Locked copies stay as they are.

/// The box round the cut lines of the copies, mm; empty when there are none.
[[nodiscard]] Rect box_of(const Document& document, Evaluator& evaluator, const Selection& copies);

/// One copy made so that its cut line's box has a width or a height; the border keeps its millimetres. Nothing when no
/// size does, or the copy is gone.
[[nodiscard]] std::optional<Document> sized(const Document& document, Evaluator& evaluator, CopyId copy, Side side,
                                            double mm);

enum class Align { left, centre, right, top, middle, bottom };
/// Lines up the boxes of cut lines with the box round them all; a single copy with the cut zone's.
[[nodiscard]] Document aligned(const Document& document, Evaluator& evaluator, const Selection& copies, Align how);
/// Makes the distances between neighbouring boxes equal, the outermost staying where they are.
[[nodiscard]] Document distributed(const Document& document, Evaluator& evaluator, const Selection& copies,
                                   Across across);
/// The copies and further ones in rows and columns to the right and below, with a gap between the boxes round them.
[[nodiscard]] Edited repeated(const Document& document, Evaluator& evaluator, const Selection& copies, int columns,
                              int rows, double gap);

} // namespace fusuma
