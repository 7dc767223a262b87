#pragma once

#include "formats/room/room.h"

namespace fusuma {

/// What the wish wants of the file, as bytes of a value or a problem. Throws whatever reading throws.
/// @param pixels  where pixels go
[[nodiscard]] std::string answer_to(const room::Wish& wish, std::span<const std::byte> file, SharedMemory& pixels);

} // namespace fusuma
