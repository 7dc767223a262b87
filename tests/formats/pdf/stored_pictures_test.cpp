// How pictures are kept in print files: what is clear round them is not, and the rest stays where it was.

#include "formats/pdf/stored_pictures.h"

#include <gtest/gtest.h>

namespace fusuma {
namespace {

/// A red block on a clear ground.
Image block(int width, int height, const PixelBox& box) {
    Image image(width, height);
    for (int y = box.y; y < box.y + box.height; ++y)
        for (int x = box.x; x < box.x + box.width; ++x) {
            std::uint8_t* p = &image.rgba[4 * static_cast<std::size_t>(y * width + x)];
            p[0] = 200;
            p[3] = 255;
        }
    return image;
}

/// The picture as the print of a plan that has nothing else keeps it.
StoredPicture kept(Image image) {
    const Pixels pixels(std::move(image));
    PrintItem item;
    item.layer.ink = PrintArt(pixels);
    item.layer.from_unit = Transform::scale(50, 25);
    JobPlan plan;
    plan.pages.emplace_back().prints.push_back(item);
    StoredPictures pictures(plan, {}, {});
    return pictures.of(pixels);
}

TEST(StoredPicture, LeavesOutWhatIsClearRoundItAndStaysInItsPlace) {
    for (const PixelBox box : {PixelBox{60, 30, 30, 20}, {0, 0, 200, 100}, {0, 0, 5, 5}, {199, 99, 1, 1}}) {
        const StoredPicture stored = kept(block(200, 100, box));
        const int left = std::max(0, box.x - 2), top = std::max(0, box.y - 2);
        EXPECT_EQ(stored.width, std::min(200, box.x + box.width + 2) - left) << "softened by two clear pixels";
        EXPECT_EQ(stored.height, std::min(100, box.y + box.height + 2) - top);
        // The corner of the block's first pixel, from what is stored to the whole picture.
        const Point in_stored{double(box.x - left) / stored.width, double(box.y - top) / stored.height};
        const Point in_picture = stored.turned.apply(in_stored);
        EXPECT_NEAR(in_picture.x, box.x / 200.0, 1e-12);
        EXPECT_NEAR(in_picture.y, box.y / 100.0, 1e-12);
        const Point end = stored.turned.apply({1, 1});
        EXPECT_NEAR(end.x, (left + stored.width) / 200.0, 1e-12);
        EXPECT_NEAR(end.y, (top + stored.height) / 100.0, 1e-12);
    }
}

TEST(StoredPicture, OfNothingButClearPixelsIsAFewOfThem) {
    const StoredPicture stored = kept(Image(200, 100));
    EXPECT_EQ(stored.width, 3);
    EXPECT_EQ(stored.height, 3);
    EXPECT_FALSE(stored.alphas.empty());
}

} // namespace
} // namespace fusuma
