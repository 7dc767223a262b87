#pragma once

#include <string>
#include <string_view>

namespace fusuma {

/// Is it sound UTF-8?
[[nodiscard]] bool is_utf8(std::string_view bytes);

/// What programs of western Europe wrote before there was UTF-8.
inline constexpr const char* western_encoding = "Windows-1252";

/// Is there an encoding of this name?
[[nodiscard]] bool is_known_encoding(const std::string& name);

/// Text in an encoding of before, by the name that ICU knows, as UTF-8. Bytes that mean nothing there are left out.
[[nodiscard]] std::string from_encoding(std::string_view bytes, const char* encoding);

/// The bytes if they are sound UTF-8, else taken for `western_encoding`, in which every text reads.
[[nodiscard]] std::string as_utf8(std::string_view bytes);

} // namespace fusuma
