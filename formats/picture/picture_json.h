#pragma once

#include "formats/basics/stored_files.h"

namespace fusuma {

/// How a picture is stored: its file, the page of a document, and how it was laid flat. Its pixels are made anew.
[[nodiscard]] json picture_json(const Picture& picture, const StoreFile& store);

/// Throws as all reading of fields does, and when the flat picture would be too large.
[[nodiscard]] Flattening flattening_from(const json& j);

} // namespace fusuma
