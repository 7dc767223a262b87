#include "formats/room/shared_memory.h"

#include <algorithm>
#include <cstring>
#include <fcntl.h>
#include <new>
#include <sys/mman.h>
#include <sys/stat.h>
#include <unistd.h>
#include <utility>

namespace fusuma {

namespace {

constexpr std::size_t even = 64; // bytes, so that pixels and numbers lie well
constexpr int seals = F_SEAL_SHRINK | F_SEAL_GROW | F_SEAL_WRITE;

} // namespace

SharedMemory::SharedMemory() : file(::memfd_create("fusuma", MFD_CLOEXEC | MFD_ALLOW_SEALING)) {
    if (!file.is_open())
        throw std::bad_alloc();
}

SharedMemory::SharedMemory(std::span<const std::byte> bytes) : SharedMemory() {
    if (!bytes.empty())
        std::memcpy(at(add(bytes.size())), bytes.data(), bytes.size());
}

SharedMemory::SharedMemory(SharedMemory&& other) noexcept
    : file(std::move(other.file)), first(std::exchange(other.first, nullptr)), used(other.used),
      mapped(std::exchange(other.mapped, 0)) {}

SharedMemory& SharedMemory::operator=(SharedMemory&& other) noexcept {
    std::swap(file, other.file);
    std::swap(first, other.first);
    std::swap(used, other.used);
    std::swap(mapped, other.mapped);
    return *this;
}

SharedMemory::~SharedMemory() {
    if (first)
        ::munmap(first, mapped);
}

void SharedMemory::grow_to(std::size_t size) {
    if (size <= mapped)
        return;
    // By halves for many small pieces, exactly for one that is large.
    const std::size_t wanted = std::max(size, mapped + std::min(mapped / 2, std::size_t{16} << 20));
    if (::ftruncate(file.get(), static_cast<off_t>(wanted)) != 0)
        throw std::bad_alloc();
    void* memory = first ? ::mremap(first, mapped, wanted, MREMAP_MAYMOVE)
                         : ::mmap(nullptr, wanted, PROT_READ | PROT_WRITE, MAP_SHARED, file.get(), 0);
    if (memory == MAP_FAILED)
        throw std::bad_alloc();
    first = static_cast<std::byte*>(memory);
    constexpr std::size_t large = 4 << 20;
    if (wanted - mapped >=
        large) // all at once: page by page it takes as long as decoding. Systems that cannot go on so
        ::madvise(first + mapped, wanted - mapped, MADV_POPULATE_WRITE);
    mapped = wanted;
}

std::size_t SharedMemory::add(std::size_t size) {
    const std::size_t place = (used + even - 1) / even * even;
    grow_to(std::max<std::size_t>(place + size, 1));
    used = place + size;
    return place;
}

Descriptor SharedMemory::finished() && {
    if (first)
        ::munmap(std::exchange(first, nullptr), std::exchange(mapped, 0));
    if (::ftruncate(file.get(), static_cast<off_t>(used)) != 0 || ::fcntl(file.get(), F_ADD_SEALS, seals) != 0)
        throw std::bad_alloc();
    return std::move(file);
}

Received received(const Descriptor& file) {
    const int sealed = ::fcntl(file.get(), F_GET_SEALS); // negative where a file can have none
    return sealed >= 0 && (sealed & seals) == seals ? mapped(file) : Received{};
}

Received mapped(const Descriptor& file) {
    struct stat facts {};
    if (::fstat(file.get(), &facts) != 0)
        return {};
    const auto size = static_cast<std::size_t>(facts.st_size);
    if (size == 0)
        return {std::shared_ptr<std::byte>(new std::byte{}), 0};
    void* memory = ::mmap(nullptr, size, PROT_READ | PROT_WRITE, MAP_PRIVATE, file.get(), 0);
    if (memory == MAP_FAILED)
        return {};
    return {
        std::shared_ptr<std::byte>(static_cast<std::byte*>(memory), [size](std::byte* all) { ::munmap(all, size); }),
        size};
}

} // namespace fusuma
