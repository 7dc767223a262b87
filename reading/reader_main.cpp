// The reading room: reads one file that it is handed and hands back a value (formats/room/room.h asks it). It is shut
// in before it looks at the first byte, and ends with its file.

#include "formats/room/line.h"
#include "reading/answer.h"
#include "reading/shut_in.h"

#include <QCoreApplication>
#include <QImageReader>
#include <clocale>
#include <csignal>
#include <unistd.h>

#ifdef __SANITIZE_ADDRESS__
#define UNDER_ASAN
#elif defined(__has_feature)
#if __has_feature(address_sanitizer)
#define UNDER_ASAN
#endif
#endif
#ifdef UNDER_ASAN
extern "C" const char* __asan_default_options();
extern "C" const char* __asan_default_options() { // in place of a bound that its own memory would break
    return "hard_rss_limit_mb=4000:allocator_may_return_null=1:max_allocation_size_mb=2560";
}
#endif

namespace {

using namespace fusuma;

void read_one(const std::string& message, const Descriptor& file, room::Answer& told, Descriptor& memory) {
    room::Wish wish;
    wire::In(message, {})(wish);
    bound(wish.seconds, wish.memory);
    const Received bytes = mapped(file);
    SharedMemory shared;
    const std::string value = answer_to(wish, {bytes.memory.get(), bytes.size}, shared);
    told.at = shared.add(value.size());
    told.size = value.size();
    if (!value.empty())
        std::memcpy(shared.at(told.at), value.data(), value.size());
    memory = std::move(shared).finished();
}

} // namespace

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv); // image plugins need one
    std::setlocale(LC_NUMERIC, "C");
    QImageReader::supportedImageFormats(); // what takes a moment happens before anybody waits: plugins, fonts, the lock
    room::Answer told;
    told.is_shut_in = shut_in() ? 1 : 0;
    std::string message(room::most_asked, '\0');
    const auto [size, file] = room::receive(room::reader_line, std::as_writable_bytes(std::span(message)), true);
    if (size == 0 || !file.is_open())
        std::_Exit(0); // not needed after all
    message.resize(size);
    Descriptor memory;
    try {
        read_one(message, file, told, memory);
    } catch (const std::bad_alloc&) {
        told.ending = room::Ending::too_large;
        memory = {};
    }
    room::send(room::reader_line, std::as_bytes(std::span(&told, 1)), memory);
    std::_Exit(0); // nothing is left to be tidied
}
