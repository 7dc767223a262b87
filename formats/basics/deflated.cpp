#include "formats/basics/deflated.h"

#include "core/parallel.h"

#include <cstdlib>
#include <limits>
#include <new>
#include <vector>
#include <zlib.h>

namespace fusuma {

namespace {

constexpr std::size_t part_bytes = 1 << 20, window_bytes = 1 << 15;

struct Packed {
    std::string bytes;
    uLong sum = 1; ///< Adler-32 of what it holds
    std::size_t holds = 0;
};

/// @param before   what lies before the part
/// @param is_last  else its end is on a byte
Packed compressed(std::string_view before, std::string_view part, bool is_last, int level) {
    const auto bytes_of = [](std::string_view view) {
        return const_cast<Bytef*>(reinterpret_cast<const Bytef*>(view.data())); // which zlib only reads
    };
    z_stream stream{};
    constexpr int memory = 8; // zlib's usual
    if (deflateInit2(&stream, level, Z_DEFLATED, -MAX_WBITS, memory, Z_DEFAULT_STRATEGY) != Z_OK)
        throw std::bad_alloc();
    if (!before.empty())
        deflateSetDictionary(&stream, bytes_of(before), static_cast<uInt>(before.size()));
    Packed result;
    result.holds = part.size();
    result.sum = adler32(result.sum, bytes_of(part), static_cast<uInt>(part.size()));
    constexpr std::size_t flush_bytes = 16; // that ending on a byte may take
    result.bytes.resize(deflateBound(&stream, static_cast<uLong>(part.size())) + flush_bytes);
    stream.next_in = bytes_of(part);
    stream.avail_in = static_cast<uInt>(part.size());
    stream.next_out = reinterpret_cast<Bytef*>(result.bytes.data());
    stream.avail_out = static_cast<uInt>(result.bytes.size());
    deflate(&stream, is_last ? Z_FINISH : Z_SYNC_FLUSH);
    result.bytes.resize(result.bytes.size() - stream.avail_out);
    result.bytes.shrink_to_fit();
    deflateEnd(&stream);
    return result;
}

/// A zlib stream of `count` parts.
template <typename Part> std::string stream_of(std::size_t count, const Work& work, Part&& part) {
    std::vector<Packed> parts(count);
    for_each_of(static_cast<int>(count), work, [&](int k) {
        const auto at = static_cast<std::size_t>(k);
        parts[at] = part(at);
    });
    std::string result("\x78\x9c", 2); // deflated in windows of 32 KiB, as zlib usually does
    uLong sum = 1;
    for (Packed& one : parts) {
        result += one.bytes;
        sum = adler32_combine(sum, one.sum, static_cast<z_off_t>(one.holds));
        one = {};
    }
    for (int shift = 24; shift >= 0; shift -= 8)
        result += static_cast<char>(sum >> shift & 0xff);
    return result;
}

/// Rows of PNG, as they are and as their differences. Only from rows of the same part, so that parts stand alone.
struct Rows {
    std::string plain, differing;
};

/// @param out  gets by how much each byte differs from the other
/// @return     the sum of all differences, taken as signed
long put_differences(const char* bytes, const char* others, std::size_t count, char* __restrict out) {
    int sum = 0;
    for (std::size_t i = 0; i < count; ++i) {
        const auto differs_by = static_cast<signed char>(bytes[i] - others[i]);
        out[i] = static_cast<char>(differs_by);
        sum += std::abs(differs_by);
    }
    return sum;
}

Rows png_rows(std::string_view samples, std::size_t row_bytes, std::size_t per_pixel) {
    enum Filter : char { none, from_before, from_above };
    Rows rows;
    std::string before(row_bytes, '\0'), above(row_bytes, '\0');
    for (std::size_t start = 0; start < samples.size(); start += row_bytes) {
        const char* const row = samples.data() + start;
        std::copy_n(row, per_pixel, before.begin());
        const long along = put_differences(row + per_pixel, row, row_bytes - per_pixel, before.data() + per_pixel);
        const bool is_like_above = start > 0 && put_differences(row, row - row_bytes, row_bytes, above.data()) < along;
        (rows.plain += none).append(row, row_bytes);
        (rows.differing += is_like_above ? from_above : from_before) += is_like_above ? above : before;
    }
    return rows;
}

} // namespace

std::string deflated(std::string_view bytes, const Work& work) {
    const std::size_t count = std::max<std::size_t>(1, (bytes.size() + part_bytes - 1) / part_bytes);
    return stream_of(count, work, [&](std::size_t k) {
        const std::size_t first = k * part_bytes, known = std::min(first, window_bytes);
        return compressed(bytes.substr(first - known, known), bytes.substr(first, part_bytes), k + 1 == count,
                          Z_DEFAULT_COMPRESSION);
    });
}

std::string deflated_rows(std::string_view samples, std::size_t columns, std::size_t per_pixel, const Work& work) {
    const std::size_t row_bytes = columns * per_pixel;
    const std::size_t height = row_bytes == 0 ? 0 : samples.size() / row_bytes;
    const std::size_t rows_in_part = std::max<std::size_t>(1, part_bytes / std::max<std::size_t>(1, row_bytes));
    const std::size_t count = std::max<std::size_t>(1, (height + rows_in_part - 1) / rows_in_part);
    return stream_of(count, work, [&](std::size_t k) {
        const std::size_t first = k * rows_in_part, many = std::min(rows_in_part, height - first);
        const Rows rows = png_rows(samples.substr(first * row_bytes, many * row_bytes), row_bytes, per_pixel);
        // Drawings, whose colours and edges repeat, are smaller as they are: some rows tell.
        constexpr int fastest = 1, fast = 2;
        constexpr std::size_t every = 16;
        std::string some_plain, some_differing;
        for (std::size_t row = std::min(every, many) / 2; row < many; row += every) {
            some_plain += rows.plain.substr(row * (row_bytes + 1), row_bytes + 1);
            some_differing += rows.differing.substr(row * (row_bytes + 1), row_bytes + 1);
        }
        const bool is_like_photograph = compressed({}, some_differing, true, fastest).bytes.size() <
                                        compressed({}, some_plain, true, fastest).bytes.size();
        return is_like_photograph ? compressed({}, rows.differing, k + 1 == count, fast)
                                  : compressed({}, rows.plain, k + 1 == count, Z_DEFAULT_COMPRESSION);
    });
}

} // namespace fusuma
