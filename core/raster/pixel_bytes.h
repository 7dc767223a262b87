#pragma once

#include <cstddef>
#include <cstdint>
#include <cstring>
#include <memory>
#include <utility>

namespace fusuma {

/// The bytes of a picture, or one for each of its pixels: memory of their own, or a part of a larger piece that is let
/// go when nobody uses it any more, such as one that another program filled. A copy has memory of its own.
class PixelBytes {
  public:
    PixelBytes() = default;
    /// All zero. Throws std::bad_alloc.
    explicit PixelBytes(std::size_t size) : PixelBytes(unset(size)) {
        if (size > 0)
            std::memset(first, 0, size);
    }
    /// To be written to before they are read. Throws std::bad_alloc.
    [[nodiscard]] static PixelBytes unset(std::size_t size);
    /// @param within  keeps `data` alive, which may be written to
    PixelBytes(std::shared_ptr<void> within, std::uint8_t* data, std::size_t size)
        : memory(std::move(within)), first(data), count(size) {}
    PixelBytes(const PixelBytes& other) : PixelBytes(unset(other.count)) {
        if (count > 0)
            std::memcpy(first, other.first, count);
    }
    PixelBytes(PixelBytes&& other) noexcept { swap(other); }
    PixelBytes& operator=(PixelBytes other) noexcept {
        swap(other);
        return *this;
    }
    ~PixelBytes() = default;

    [[nodiscard]] std::uint8_t* data() { return first; }
    [[nodiscard]] const std::uint8_t* data() const { return first; }
    [[nodiscard]] std::size_t size() const { return count; }
    [[nodiscard]] bool empty() const { return count == 0; }
    [[nodiscard]] std::uint8_t& operator[](std::size_t i) { return first[i]; }
    [[nodiscard]] const std::uint8_t& operator[](std::size_t i) const { return first[i]; }
    [[nodiscard]] std::uint8_t* begin() { return first; }
    [[nodiscard]] std::uint8_t* end() { return first + count; }
    [[nodiscard]] const std::uint8_t* begin() const { return first; }
    [[nodiscard]] const std::uint8_t* end() const { return first + count; }
    bool operator==(const PixelBytes& other) const {
        return count == other.count && (count == 0 || std::memcmp(first, other.first, count) == 0);
    }

  private:
    std::shared_ptr<void> memory;
    std::uint8_t* first = nullptr;
    std::size_t count = 0;

    void swap(PixelBytes& other) noexcept {
        std::swap(memory, other.memory);
        std::swap(first, other.first);
        std::swap(count, other.count);
    }
};

} // namespace fusuma
