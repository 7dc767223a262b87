// The reading room: has all libraries at hand and makes copies of itself, each of which reads one file that it is
// handed and hands back a value (formats/room/room.h asks it). A copy is shut in before it looks at the first byte, and
// ends with its file.

#include "formats/room/line.h"
#include "reading/answer.h"
#include "reading/shut_in.h"

#include <QCoreApplication>
#include <QImageReader>
#include <clocale>
#include <csignal>
#include <sched.h>
#include <sys/prctl.h>
#include <sys/syscall.h>
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

/// One reader's whole life.
[[noreturn]] void read_one_file() {
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

/// A copy of this program as a child not of it but of the program that started it, which waits for readers and ends
/// them. This program has one thread, so that nothing is held by others in the copy.
/// @return 0 in the copy
/// Source: clone(2), CLONE_PARENT; the number that the C library keeps of its thread is set anew by the kernel. Where
/// it
///         is kept comes fourth or fifth, by the kind of processor; the other of the two is not looked at.
pid_t copied() {
    int* thread = nullptr;
    const bool is_known = ::prctl(PR_GET_TID_ADDRESS, &thread) == 0 && thread;
    const unsigned long ways = CLONE_PARENT | SIGCHLD | (is_known ? CLONE_CHILD_SETTID | CLONE_CHILD_CLEARTID : 0);
    return static_cast<pid_t>(::syscall(SYS_clone, ways, nullptr, nullptr, thread, thread));
}

} // namespace

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv); // image plugins need one
    std::setlocale(LC_NUMERIC, "C");
    QImageReader::supportedImageFormats(); // what takes a moment happens before anybody waits: plugins, fonts
    prepare_to_shut_in();
    for (;;) {
        std::byte asked{};
        const auto next = [&asked] { return room::receive(room::reader_line, std::span(&asked, 1), true).file; };
        const Descriptor line = next(), chatter = next();
        if (!line.is_open() || !chatter.is_open())
            std::_Exit(0); // nobody needs any more
        const pid_t copy = copied();
        if (copy == 0) {
            ::prctl(PR_SET_NAME, "fusuma-reads"); // so that who looks at what runs can tell them apart
            ::dup2(line.get(), room::reader_line);
            ::dup2(chatter.get(), STDERR_FILENO);
            ::close_range(room::reader_line + 1, ~0U, 0);
            read_one_file();
        }
        room::send(room::reader_line, std::as_bytes(std::span(&copy, 1)), {});
    }
}
