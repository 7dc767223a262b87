// Several files read at once, as the window's threads do.

#include "formats/drawing/drawing_read.h"
#include "formats/picture/picture_read.h"
#include "formats/project/project_file.h"
#include "tests/support/samples.h"

#include <gtest/gtest.h>
#include <thread>

namespace fusuma {
namespace {

TEST(Threads, FilesAreReadBesideEachOther) {
    const auto right = read_picture(test::demo_art("puffin.png"));
    ASSERT_TRUE(right);
    const QByteArray project = *project_bytes(with_sticker_added({}, new_sticker(PictureArtwork{*right})));
    std::vector<std::jthread> threads;
    for (int i = 0; i < 3; ++i)
        threads.emplace_back([&] {
            EXPECT_EQ((*read_picture(test::demo_art("puffin.png")))->pixels.get()->rgba, (*right)->pixels.get()->rgba);
            EXPECT_TRUE(read_picture(test::demo_art("harbour-ferry.jpg")));
            EXPECT_TRUE(read_drawing(test::demo_art("fair-badge.svg")));
            EXPECT_EQ(read_project_bytes(project, "p.fusuma")->stickers.size(), 1u);
            EXPECT_FALSE(read_picture(test::demo_art("missing.png")));
        });
}

} // namespace
} // namespace fusuma
