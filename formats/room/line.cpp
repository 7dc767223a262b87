#include "formats/room/line.h"

#include <cerrno>
#include <cstring>
#include <sys/socket.h>

namespace fusuma::room {

namespace {

/// A message with room for one file beside it.
struct Envelope {
    iovec piece{};
    alignas(cmsghdr) char beside[CMSG_SPACE(sizeof(int))]{};
    msghdr head{};

    Envelope(void* data, std::size_t size, bool has_file) : piece{data, size} {
        head.msg_iov = &piece;
        head.msg_iovlen = 1;
        head.msg_control = has_file ? beside : nullptr;
        head.msg_controllen = has_file ? sizeof beside : 0;
    }
    Envelope(const Envelope&) = delete;
    Envelope& operator=(const Envelope&) = delete;
};

} // namespace

bool send(int line, std::span<const std::byte> message, const Descriptor& file) {
    Envelope envelope(const_cast<std::byte*>(message.data()), message.size(), file.is_open());
    if (cmsghdr* first = CMSG_FIRSTHDR(&envelope.head)) {
        first->cmsg_level = SOL_SOCKET;
        first->cmsg_type = SCM_RIGHTS;
        first->cmsg_len = CMSG_LEN(sizeof(int));
        const int number = file.get();
        std::memcpy(CMSG_DATA(first), &number, sizeof number);
    }
    return ::sendmsg(line, &envelope.head, MSG_NOSIGNAL) == static_cast<ssize_t>(message.size());
}

Arrived receive(int line, std::span<std::byte> into, bool waits) {
    Envelope envelope(into.data(), into.size(), true);
    ssize_t size = 0;
    while ((size = ::recvmsg(line, &envelope.head, MSG_CMSG_CLOEXEC | (waits ? 0 : MSG_DONTWAIT))) < 0 &&
           errno == EINTR) {
    }
    if (size <= 0)
        return {};
    Arrived arrived{static_cast<std::size_t>(size), {}};
    const cmsghdr* first = CMSG_FIRSTHDR(&envelope.head);
    if (first && first->cmsg_level == SOL_SOCKET && first->cmsg_type == SCM_RIGHTS) {
        int number = -1;
        std::memcpy(&number, CMSG_DATA(first), sizeof number);
        arrived.file = Descriptor(number);
    }
    return arrived;
}

} // namespace fusuma::room
