#pragma once

#include "core/raster/image.h"
#include "core/result.h"

#include <exception>
#include <functional>
#include <memory>

namespace fusuma {

/// Thrown where pixels are needed that cannot be made.
class Unreadable : public std::exception {
  public:
    explicit Unreadable(Problem why) : problem(std::move(why)), words(problem.english()) {}
    [[nodiscard]] const char* what() const noexcept override { return words.c_str(); }
    const Problem problem;

  private:
    std::string words;
};

/// The pixels of a picture, as a handle that is cheap to copy. Those of a file are decoded when they are first needed,
/// what is worked out from them is made of them, and both are let go when others have been needed since: those of all
/// pictures together stay within a quarter of the machine's memory, at most 1 GiB. What was never in a file stays. Safe
/// to use from several threads.
class Pixels {
  public:
    Pixels() = default;                         // none
    Pixels(std::shared_ptr<const Image> image); // NOLINT(google-explicit-constructor): they stay
    Pixels(Image image);                        // NOLINT(google-explicit-constructor): they stay
    /// Called when they are needed. Throws Unreadable, Stopped.
    using Make = std::function<std::shared_ptr<const Image>(const Work&)>;
    using File = std::shared_ptr<const std::vector<std::byte>>;
    Pixels(int width, int height, Make make, File of = {});
    /// At hand now; they can be made again.
    Pixels(std::shared_ptr<const Image> image, Make again, File of = {});

    [[nodiscard]] int width() const { return across; }
    [[nodiscard]] int height() const { return down; }
    [[nodiscard]] std::size_t bytes() const {
        return std::size_t{4} * static_cast<std::size_t>(across) * static_cast<std::size_t>(down);
    }
    [[nodiscard]] bool empty() const { return bytes() == 0; }
    /// What the handle keeps in memory for as long as it is there: nothing where they can be made again.
    [[nodiscard]] std::size_t bytes_held() const;

    /// Never null. Throws Unreadable; Stopped when asked to stop.
    [[nodiscard]] std::shared_ptr<const Image> get(const Work& work = {}) const;
    /// The same when it takes no time; else null.
    [[nodiscard]] std::shared_ptr<const Image> at_hand() const;

    /// The file that they were decoded from, all of them and as they were; null for others.
    [[nodiscard]] const File& file() const;

    /// The very same, not pixels that look the same.
    bool operator==(const Pixels& other) const { return identity() == other.identity(); }
    /// What tells them from others, for as long as any handle is there.
    [[nodiscard]] std::shared_ptr<const void> identity() const;

    /// What the pixels of all files may take up together.
    static void keep_within(std::size_t bytes);

  private:
    struct Source;
    class Kept;
    std::shared_ptr<Source> source;
    int across = 0, down = 0;
    static Kept& kept();
};

} // namespace fusuma
