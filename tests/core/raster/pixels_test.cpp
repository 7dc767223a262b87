#include "core/raster/pixels.h"

#include "core/raster/picture.h"

#include <atomic>
#include <gtest/gtest.h>
#include <random>
#include <thread>

namespace fusuma {
namespace {

std::shared_ptr<const Image> grey(int side, std::uint8_t value) {
    Image image(side, side);
    std::ranges::fill(image.rgba, value);
    return std::make_shared<const Image>(std::move(image));
}

/// The usual bounds again when it ends.
struct Within {
    explicit Within(std::size_t bytes) { Pixels::keep_within(bytes); }
    Within(const Within&) = delete;
    Within& operator=(const Within&) = delete;
    ~Within() { Pixels::keep_within(std::size_t{1} << 30); }
};

TEST(Pixels, AreMadeWhenTheyAreFirstNeededAndOnce) {
    int made = 0;
    const Pixels pixels(8, 8, [&](const Work&) {
        ++made;
        return grey(8, 7);
    });
    EXPECT_EQ(pixels.width(), 8);
    EXPECT_EQ(pixels.bytes(), 256U);
    EXPECT_FALSE(pixels.at_hand());
    EXPECT_EQ(made, 0);
    const Pixels copy = pixels;
    EXPECT_EQ(copy, pixels);
    EXPECT_EQ(pixels.get()->rgba[0], 7);
    EXPECT_EQ(copy.get(), pixels.get());
    EXPECT_TRUE(copy.at_hand());
    EXPECT_EQ(made, 1);
}

TEST(Pixels, OfFilesAreLetGoWhenOthersAreNeededAndOthersStay) {
    const Within bounds(3 * 256);
    std::vector<int> made(5);
    std::vector<Pixels> all;
    for (std::size_t k = 0; k < made.size(); ++k)
        all.emplace_back(8, 8, [&made, k](const Work&) {
            ++made[k];
            return grey(8, static_cast<std::uint8_t>(k));
        });
    const Pixels stays(*grey(100, 9));
    for (const Pixels& pixels : all)
        static_cast<void>(pixels.get());
    EXPECT_FALSE(all[0].at_hand() || all[1].at_hand()) << "used longest ago";
    EXPECT_TRUE(all[2].at_hand() && all[3].at_hand() && all[4].at_hand());
    EXPECT_TRUE(stays.at_hand());
    EXPECT_EQ(all[0].get()->rgba[0], 0);
    EXPECT_EQ(made, (std::vector{2, 1, 1, 1, 1}));
    const auto used = all[1].get(); // whoever uses them keeps them
    for (const Pixels& pixels : all)
        static_cast<void>(pixels.get());
    EXPECT_EQ(all[1].at_hand(), used);
    EXPECT_EQ(made[1], 2);
    const auto again = made;
    all.clear();
    EXPECT_EQ(used->rgba[0], 1);
    EXPECT_EQ(made, again);
}

TEST(Pixels, ThatCannotBeMadeSayWhyAndAreTriedAgain) {
    int tries = 0;
    const Pixels pixels(4, 4, [&](const Work& work) -> std::shared_ptr<const Image> {
        work.at(0);
        if (++tries == 1)
            throw Unreadable({"“{file}” is damaged."_said.with("file", "art.png")});
        return grey(tries == 2 ? 5 : 4, 1);
    });
    try {
        static_cast<void>(pixels.get());
        FAIL() << "it was damaged";
    } catch (const Unreadable& why) {
        EXPECT_STREQ(why.what(), "“art.png” is damaged.");
    }
    EXPECT_THROW(static_cast<void>(pixels.get()), Unreadable) << "of another size than was said";
    std::stop_source stop;
    stop.request_stop();
    EXPECT_THROW(static_cast<void>(pixels.get(Work{.stop = stop.get_token()})), Stopped);
    EXPECT_EQ(tries, 2);
    EXPECT_EQ(pixels.get()->width, 4);
    EXPECT_TRUE(Pixels().empty());
    EXPECT_TRUE(Pixels().get()->empty());
    EXPECT_TRUE(Pixels().at_hand());
}

TEST(Pixels, AreTheSameForAllThreadsThatNeedThem) {
    const Within bounds(4 * 1024);
    std::atomic<int> together = 0, most = 0;
    std::vector<Pixels> all;
    for (int k = 0; k < 12; ++k)
        all.emplace_back(16, 16, [&, k](const Work&) {
            most = std::max(most.load(), ++together);
            auto image = grey(16, static_cast<std::uint8_t>(k));
            --together;
            return image;
        });
    std::vector<std::jthread> threads;
    for (unsigned seed = 0; seed < 4; ++seed)
        threads.emplace_back([&all, seed] {
            std::mt19937 random(seed);
            for (int i = 0; i < 2000; ++i) {
                const auto k = random() % all.size();
                const Pixels mine = all[k]; // NOLINT(performance-unnecessary-copy-initialization)
                const auto image = i % 3 == 0 ? mine.at_hand() : mine.get();
                if (image) {
                    EXPECT_EQ(image->rgba[0], k);
                }
            }
        });
    threads.clear();
    EXPECT_LE(most, 4);
}

TEST(Picture, LaidFlatIsMadeOfItsPhotographWhenNeeded) {
    int decoded = 0;
    auto photo = std::make_shared<Picture>();
    photo->original = std::make_shared<const std::vector<std::byte>>();
    photo->pixels = {200, 200, [&](const Work&) {
                         ++decoded;
                         return grey(200, 90);
                     }};
    Flattening how;
    how.by = FlatBy::corners;
    how.size = {20, 10};
    how.px_per_mm = 5;
    how.view.plane = {1, 0, 0, 0, 1, 0, 0, 0, 1};
    how.view.middle = {100, 100};
    how.view.focal = 1;
    const auto flat = laid_flat(photo, how);
    EXPECT_EQ(flat->pixels.width(), 100);
    EXPECT_EQ(flat->pixels.height(), 50);
    EXPECT_EQ(decoded, 0);
    EXPECT_EQ(flat->pixels.get()->height, 50);
    EXPECT_EQ(decoded, 1);
}

} // namespace
} // namespace fusuma
