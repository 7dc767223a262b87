#pragma once

#include <unistd.h>
#include <utility>

namespace fusuma {

/// An open file that closes itself.
class Descriptor {
  public:
    Descriptor() = default;
    explicit Descriptor(int number) : fd(number) {}
    Descriptor(Descriptor&& other) noexcept : fd(other.release()) {}
    Descriptor& operator=(Descriptor&& other) noexcept {
        std::swap(fd, other.fd);
        return *this;
    }
    ~Descriptor() {
        if (fd >= 0)
            ::close(fd);
    }
    [[nodiscard]] int get() const { return fd; }
    [[nodiscard]] bool is_open() const { return fd >= 0; }
    [[nodiscard]] int release() { return std::exchange(fd, -1); }

  private:
    int fd = -1;
};

} // namespace fusuma
