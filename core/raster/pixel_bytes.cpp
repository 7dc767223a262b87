#include "core/raster/pixel_bytes.h"

#include <sys/mman.h>
#include <unistd.h>

namespace fusuma {

PixelBytes PixelBytes::unset(std::size_t size) {
    if (size == 0)
        return {};
    const std::shared_ptr<std::uint8_t[]> memory(new std::uint8_t[size]); // whose end looks at none of them
    std::uint8_t* const bytes = memory.get();
    constexpr std::size_t large = 4 << 20;
    if (size >=
        large) { // in large pages, where there are any: thousands of small ones take as long as the work on them
        const auto page = static_cast<std::size_t>(::sysconf(_SC_PAGESIZE));
        const auto from = (reinterpret_cast<std::uintptr_t>(bytes) + page - 1) / page * page;
        const auto to = (reinterpret_cast<std::uintptr_t>(bytes) + size) / page * page;
        ::madvise(reinterpret_cast<void*>(from), to - from, MADV_HUGEPAGE);
    }
    return {memory, bytes, size};
}

} // namespace fusuma
