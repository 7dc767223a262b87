#pragma once

#include "formats/basics/descriptor.h"

#include <cstddef>
#include <cstdint>
#include <memory>
#include <span>

namespace fusuma {

/// Memory that two programs see: one fills it, then nobody can change it any more. Throws std::bad_alloc when there is
/// none left.
/// Source: memfd_create(2) and its seals
class SharedMemory {
  public:
    /// A copy of bytes.
    explicit SharedMemory(std::span<const std::byte> bytes);
    SharedMemory();
    SharedMemory(SharedMemory&&) noexcept;
    SharedMemory& operator=(SharedMemory&&) noexcept;
    ~SharedMemory();

    /// Room for so many bytes more, from an even place on.
    /// @return  where it begins; what was asked for before may have moved
    std::size_t add(std::size_t size);
    [[nodiscard]] std::byte* at(std::size_t place) { return first + place; }
    /// Sealed: its size and content stay as they are.
    [[nodiscard]] Descriptor finished() &&;

  private:
    Descriptor file;
    std::byte* first = nullptr;
    std::size_t used = 0, mapped = 0;
    void grow_to(std::size_t size);
};

/// What another program filled, as memory of this one: changing it changes nothing over there. Null when it could still
/// be changed, or is none.
struct Received {
    std::shared_ptr<std::byte> memory;
    std::size_t size = 0;
};
[[nodiscard]] Received received(const Descriptor& file);

/// Any file as memory of this program, which ends when somebody shortens the file meanwhile: for readers alone.
[[nodiscard]] Received mapped(const Descriptor& file);

} // namespace fusuma
