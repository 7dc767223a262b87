#pragma once

#include <QByteArray>
#include <optional>
#include <string>

namespace fusuma {

/// A group code of a DXF file and its value, as text.
struct DxfPair {
    int code = 0;
    std::string value;
};

/// Whether the file is DXF in its binary form.
[[nodiscard]] bool is_binary_dxf(const QByteArray& file);

/// The pairs of a file one after the other, of text or binary, up to its end mark.
/// Source: DXF reference, ASCII and binary DXF files, group code value types
class DxfPairs {
  public:
    explicit DxfPairs(const QByteArray& of_file); ///< which must stay

    std::optional<DxfPair> next();
    [[nodiscard]] bool is_whole() const { return is_at_end_mark; } ///< once there is no next

  private:
    const QByteArray& file;
    qsizetype at = 0;
    const bool is_binary;
    bool has_long_codes = false; ///< binary ones of two bytes; those of the first versions have one
    bool is_at_end_mark = false;

    std::optional<DxfPair> next_of_text();
    std::optional<DxfPair> next_of_binary();
    std::optional<int> binary_code();
    std::optional<std::string> binary_value(int code);
    template <typename Number> std::optional<Number> number();
    template <typename Number> std::optional<std::string> written();
};

/// Whether libdxflib gets through the file in time and memory in proportion to its size, with the same numbers every
/// time: it makes room at once for as many corners, knots and points as an entity announces, and takes what lay in
/// memory for a number that is not there.
[[nodiscard]] bool is_sound_dxf(const QByteArray& file);

} // namespace fusuma
