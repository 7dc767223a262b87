#pragma once

#include "formats/basics/descriptor.h"

#include <cstddef>
#include <span>

namespace fusuma::room {

/// One message over a line between two programs, with an open file or without. False when the other side is gone.
/// Source: unix(7), SCM_RIGHTS
bool send(int line, std::span<const std::byte> message, const Descriptor& file);

/// The next message with the file that came along.
struct Arrived {
    std::size_t size = 0; ///< of the message; 0 when the other side is gone, or nothing is there yet
    Descriptor file;
};
/// @param into   that the message is written to
/// @param waits  until there is one
[[nodiscard]] Arrived receive(int line, std::span<std::byte> into, bool waits);

} // namespace fusuma::room
