#pragma once

#include "formats/basics/stored_files.h"

namespace fusuma {

/// How a picture is stored: its file, the page of a document, how it was laid flat, and what decoding it came to but
/// the pixels, which are made anew.
[[nodiscard]] json picture_json(const Picture& picture, const StoreFile& store);

/// The picture as it came, from what is stored: its pixels are decoded when they are first needed. Throws as all reading
/// of fields does, also where nothing but the file is stored, as by Fusuma 0.3 and older.
[[nodiscard]] std::shared_ptr<const Picture> picture_from(const json& j, const FileBytes& original);

/// Throws as all reading of fields does, and when the flat picture would be too large.
[[nodiscard]] Flattening flattening_from(const json& j);

} // namespace fusuma
