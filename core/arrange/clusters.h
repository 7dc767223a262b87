#pragma once

#include "core/document/cluster.h"
#include "core/document/copies.h"
#include "core/steps/evaluator.h"

#include <optional>

namespace fusuma {

/// The copies as one sticker, which takes their place on their page; their stickers stay in the tray. Nothing when
/// there are fewer than two, or they lie on several pages.
[[nodiscard]] std::optional<Edited> clustered(const Document& document, Evaluator& evaluator, const Selection& copies,
                                              ClusterCut how);

/// Copies of clusters as copies of what they were made of, where these lie. Stickers that have gone from the tray come
/// back to it.
[[nodiscard]] Edited parted(const Document& document, const Selection& copies);

} // namespace fusuma
