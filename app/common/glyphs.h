#pragma once

#include "core/border/border.h"
#include "core/document/cluster.h"
#include "core/drawing/parts.h"
#include "core/label/label_shape.h"
#include "core/sheet/marks.h"

#include <QIcon>

class QComboBox;

namespace fusuma::app {

// Small pictures of choices, in one style of lines, for where a picture is read faster than its words. They take the
// theme's colours whenever they are drawn, and never stand without a name.

enum class FillGlyph { rows, snug, upside_down, quarters, any };
enum class InkGlyph { paper, colour, dots, stripes, art };
enum class NodeGlyph { smooth, corner, straight, curved, insert, remove, break_open, join };

[[nodiscard]] QIcon glyph(Corners of);
[[nodiscard]] QIcon glyph(Holes of);
[[nodiscard]] QIcon glyph(ClusterCut of);
[[nodiscard]] QIcon glyph(Combining of);
[[nodiscard]] QIcon glyph(MarkKind of);
[[nodiscard]] QIcon glyph(LabelShape of);
[[nodiscard]] QIcon glyph(FillGlyph of);
[[nodiscard]] QIcon glyph(InkGlyph of);
[[nodiscard]] QIcon glyph(NodeGlyph of);

} // namespace fusuma::app
