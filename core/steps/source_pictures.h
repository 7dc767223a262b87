#pragma once

#include "core/document/document.h"

namespace fusuma {

/// What each way to tell a picture's art from its background would give, small, in the order of the words of `Source`;
/// the sticker's other settings stay. Empty for drawn artwork. Throws Stopped when asked to stop.
/// @param most_px  along the longer side of each
[[nodiscard]] std::vector<std::shared_ptr<const Image>> source_pictures(const Sticker& sticker, int most_px,
                                                                        const Work& work = {});

} // namespace fusuma
