#pragma once

#include "formats/basics/json_fields.h"

#include <functional>

namespace fusuma {

// How descriptions refer to files that are kept beside them.

using FileBytes = std::shared_ptr<const std::vector<std::byte>>;

/// Keeps an imported file in the project, once, and tells the name of its entry.
using StoreFile = std::function<std::string(const FileBytes& original, const std::string& file_name)>;
/// The bytes of an entry; null when it is not there.
using LoadFile = std::function<FileBytes(const std::string& entry)>;

} // namespace fusuma
