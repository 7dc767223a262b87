#include "formats/basics/deflated.h"

#include "core/parallel.h"

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
};

Packed compressed(std::string_view all, std::size_t first) {
    const std::string_view part = all.substr(first, part_bytes);
    const std::string_view before = all.substr(first - std::min(first, window_bytes), std::min(first, window_bytes));
    const auto bytes_of = [](std::string_view view) {
        return const_cast<Bytef*>(reinterpret_cast<const Bytef*>(view.data())); // which zlib only reads
    };
    z_stream stream{};
    constexpr int memory = 8; // zlib's usual
    if (deflateInit2(&stream, Z_DEFAULT_COMPRESSION, Z_DEFLATED, -MAX_WBITS, memory, Z_DEFAULT_STRATEGY) != Z_OK)
        throw std::bad_alloc();
    if (!before.empty())
        deflateSetDictionary(&stream, bytes_of(before), static_cast<uInt>(before.size()));
    const bool is_last = first + part.size() == all.size();
    Packed result;
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

} // namespace

std::string deflated(std::string_view bytes, const Work& work) {
    const std::size_t count = std::max<std::size_t>(1, (bytes.size() + part_bytes - 1) / part_bytes);
    std::vector<Packed> parts(count);
    for_each_of(static_cast<int>(count), work, [&](int k) {
        const auto at = static_cast<std::size_t>(k);
        parts[at] = compressed(bytes, at * part_bytes);
    });
    std::string result("\x78\x9c", 2); // deflated in windows of 32 KiB, as zlib usually does
    uLong sum = 1;
    for (std::size_t k = 0; k < count; ++k) {
        result += parts[k].bytes;
        const std::size_t held = std::min(part_bytes, bytes.size() - k * part_bytes);
        sum = adler32_combine(sum, parts[k].sum, static_cast<z_off_t>(held));
        parts[k] = {};
    }
    for (int shift = 24; shift >= 0; shift -= 8)
        result += static_cast<char>(sum >> shift & 0xff);
    return result;
}

} // namespace fusuma
