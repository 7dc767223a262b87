#include "formats/room/wire_values.h"

#include <mutex>
#include <unordered_set>

namespace fusuma::wire {

std::string_view literal(const std::string& words) {
    constexpr std::size_t most = 4096, longest = 4096; // there are some two thousand messages
    static std::mutex mutex;
    static std::unordered_set<std::string> all; // whose elements stay where they are
    const std::scoped_lock lock(mutex);
    if (const auto known = all.find(words); known != all.end())
        return *known;
    if (all.size() >= most || words.size() > longest)
        throw Broken{};
    return *all.insert(words).first;
}

void fields(Out& out, QImage& image) {
    out(std::int32_t{image.format()}, std::int32_t{image.width()}, std::int32_t{image.height()}, image.dotsPerMeterX(),
        image.dotsPerMeterY());
    out.block(image.constBits(), static_cast<std::size_t>(image.sizeInBytes()));
}

void fields(In& in, QImage& image) {
    std::int32_t format = 0, width = 0, height = 0;
    int across = 0, down = 0;
    in(format, width, height, across, down);
    const auto [memory, data, size] = in.block();
    const bool has_four_bytes =
        format == QImage::Format_RGB32 || format == QImage::Format_ARGB32 || format == QImage::Format_RGBA8888;
    if (!has_four_bytes || width < 0 || height < 0 ||
        size != std::size_t{4} * static_cast<std::size_t>(width) * static_cast<std::size_t>(height))
        throw Broken{};
    if (size == 0) {
        image = {};
        return;
    }
    image = QImage(
        data, width, height, static_cast<QImage::Format>(format),
        [](void* kept) { delete static_cast<std::shared_ptr<void>*>(kept); }, new std::shared_ptr<void>(memory));
    image.setDotsPerMeterX(across);
    image.setDotsPerMeterY(down);
}

} // namespace fusuma::wire
