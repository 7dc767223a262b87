#pragma once

#include <string>
#include <string_view>

namespace fusuma {

/// Is it sound UTF-8?
[[nodiscard]] bool is_utf8(std::string_view bytes);

/// Text from programs of before, in Windows' usual encoding, as UTF-8. Bytes that mean nothing there are left out.
[[nodiscard]] std::string from_windows_1252(std::string_view bytes);

/// The bytes if they are sound UTF-8, else taken for Windows-1252, in which every text reads.
[[nodiscard]] std::string as_utf8(std::string_view bytes);

} // namespace fusuma
