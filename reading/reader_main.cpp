// The reading room: reads one file that it is handed and hands back a value (formats/room/room.h asks it). It is shut
// in before it looks at the first byte, and ends with its file.

#include "reading/answer.h"
#include "reading/shut_in.h"

#include <QCoreApplication>
#include <QImageReader>
#include <clocale>
#include <csignal>
#include <sys/socket.h>
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

/// The next message with the file that came along; closed when the other side is gone.
Descriptor asked(std::string& message) {
    message.resize(room::most_asked);
    iovec piece{message.data(), message.size()};
    alignas(cmsghdr) char beside[CMSG_SPACE(sizeof(int))]{};
    msghdr head{};
    head.msg_iov = &piece;
    head.msg_iovlen = 1;
    head.msg_control = beside;
    head.msg_controllen = sizeof beside;
    ssize_t size = 0;
    while ((size = ::recvmsg(room::reader_line, &head, MSG_CMSG_CLOEXEC)) < 0 && errno == EINTR) {
    }
    const cmsghdr* file = CMSG_FIRSTHDR(&head);
    if (size <= 0 || !file || file->cmsg_type != SCM_RIGHTS)
        return {};
    message.resize(static_cast<std::size_t>(size));
    int number = -1;
    std::memcpy(&number, CMSG_DATA(file), sizeof number);
    return Descriptor(number);
}

void answer(const room::Answer& answer, const Descriptor& file) {
    iovec piece{const_cast<room::Answer*>(&answer), sizeof answer};
    alignas(cmsghdr) char beside[CMSG_SPACE(sizeof(int))]{};
    msghdr message{};
    message.msg_iov = &piece;
    message.msg_iovlen = 1;
    if (const int number = file.get(); number >= 0) {
        message.msg_control = beside;
        message.msg_controllen = sizeof beside;
        cmsghdr* head = CMSG_FIRSTHDR(&message);
        head->cmsg_level = SOL_SOCKET;
        head->cmsg_type = SCM_RIGHTS;
        head->cmsg_len = CMSG_LEN(sizeof(int));
        std::memcpy(CMSG_DATA(head), &number, sizeof number);
    }
    ::sendmsg(room::reader_line, &message, MSG_NOSIGNAL);
}

void read_one(const std::string& message, const Descriptor& file, room::Answer& told, Descriptor& memory) {
    room::Wish wish;
    wire::In(message, {})(wish);
    bound(wish.seconds, wish.memory);
    const Received bytes = received(file);
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
    told.is_shut_in = shut_in();
    std::string message;
    const Descriptor file = asked(message);
    if (!file.is_open())
        std::_Exit(0); // not needed after all
    Descriptor memory;
    try {
        read_one(message, file, told, memory);
    } catch (const std::bad_alloc&) {
        told.ending = room::Ending::too_large;
        memory = {};
    }
    answer(told, memory);
    std::_Exit(0); // nothing is left to be tidied
}
