#pragma once

#include "core/steps/small_picture.h"
#include "core/steps/sticker_result.h"

namespace fusuma {

// What results weigh in memory, in bytes: all that they keep alive but the artwork itself.

[[nodiscard]] std::size_t bytes_of(const Outline& outline);
[[nodiscard]] std::size_t bytes_of(const Lit& lit);
[[nodiscard]] std::size_t bytes_of(const Isolation& isolation);
[[nodiscard]] std::size_t bytes_of(const Tracing& tracing);
[[nodiscard]] std::size_t bytes_of(const SizedOutline& outline);
[[nodiscard]] std::size_t bytes_of(const Border& border);
[[nodiscard]] std::size_t bytes_of(const Cut& cut);
[[nodiscard]] std::size_t bytes_of(const StickerResult& result);
[[nodiscard]] std::size_t bytes_of(const Drawn& drawn);
[[nodiscard]] std::size_t bytes_of(const SmallPicture& picture);
[[nodiscard]] std::size_t bytes_of(const Continued& continued);

} // namespace fusuma
