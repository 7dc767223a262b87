#pragma once

#include "core/document/document.h"
#include "core/result.h"
#include "formats/project/artwork_json.h"

namespace fusuma {

/// The artwork stored under that name.
using ArtworkFrom = std::function<Result<Artwork>(const nlohmann::json&)>;

/// document.json. Fields that a later version wrote and this one carried are written back.
[[nodiscard]] nlohmann::json to_json(const Document& document, const StoreFile& store);

/// Throws nlohmann::json::exception or std::out_of_range on a field that is missing, of the wrong kind or out of range.
/// @param beyond    copies that were left out already, since there were too many
/// @param left_out  what there was too much of, in words; empty when nothing was
Result<Document> from_json(const nlohmann::json& json, const ArtworkFrom& artwork_from, std::size_t beyond,
                           Said& left_out);

// Parts of it, which clusters hold as well.
[[nodiscard]] json sticker_json(const Sticker& sticker, const StoreFile& store);
Result<Sticker> sticker_from(const json& j, const ArtworkFrom& artwork_from);
[[nodiscard]] json placement_json(const Placement& placement);
/// @param pages  that its page must be one of
[[nodiscard]] Placement placement_from(const json& j, int pages);

} // namespace fusuma
