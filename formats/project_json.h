#pragma once

#include "core/document/document.h"
#include "core/result.h"

#include <functional>
#include <nlohmann/json.hpp>

namespace fusuma {

/// Name of an artwork's file inside the project, given its position among the distinct artworks.
using ArtworkFile = std::function<std::string(const Artwork&)>;
/// The artwork stored under that name.
using ArtworkFrom = std::function<Result<Artwork>(const nlohmann::json&)>;

/// document.json. Fields that a later version wrote and this one carried are written back.
[[nodiscard]] nlohmann::json to_json(const Document& document, const ArtworkFile& file_of);

/// Throws nlohmann::json::exception or std::out_of_range on a field that is missing, of the wrong kind or out of range.
Result<Document> from_json(const nlohmann::json& json, const ArtworkFrom& artwork_from);

} // namespace fusuma
