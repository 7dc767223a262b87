#pragma once

#include "core/document/document.h"

namespace fusuma {

/// The sticker with other artwork in the place of its own: name, size, border, bleed and cut stay, and so does what was
/// set by hand where the new artwork has such a thing. Places on a picture follow to the same share of the new one; a
/// drawing's parts keep their uses when there are as many. What belongs to another kind of artwork goes.
[[nodiscard]] Sticker with_artwork_replaced(Sticker sticker, Artwork artwork);

} // namespace fusuma
