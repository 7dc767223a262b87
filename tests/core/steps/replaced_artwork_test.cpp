#include "core/steps/evaluator.h"
#include "core/steps/replaced_artwork.h"
#include "tests/support/samples.h"

#include <gmock/gmock.h>

namespace fusuma {
namespace {

Artwork square_of(int px, int side) {
    const double low = (px - side) / 2.0, high = low + side;
    return PictureArtwork{test::picture_of({corners_of({{low, low}, {high, high}})}, px, px)};
}

TEST(ReplacedArtwork, KeepsSizeBorderBleedNameAndFollowsPlaces) {
    Sticker s = test::disc_sticker(30); // 384 px across
    s = resized(s, 48);
    s.border.width = 3;
    s.bleed = {Bleed::Kind::art, 1.5};
    s.framing.crop = PixelBox{96, 96, 192, 192};
    s.background.strokes.push_back({.size = 20, .points = {{100, 200}}});
    const Sticker now = with_artwork_replaced(s, square_of(768, 600)); // twice as fine
    EXPECT_EQ(now.name, "Disc");
    EXPECT_DOUBLE_EQ(now.width, s.width);
    EXPECT_EQ(now.border, s.border);
    EXPECT_EQ(now.bleed, s.bleed);
    EXPECT_EQ(now.framing.crop, (PixelBox{192, 192, 384, 384})) << "the same part of it";
    ASSERT_EQ(now.background.strokes.size(), 1u);
    EXPECT_NEAR(now.background.strokes[0].points[0].x, 200, 1e-9);
    Planner planner;
    EXPECT_FALSE(planner.evaluate(now)->cut_line().contours.empty());
}

TEST(ReplacedArtwork, ACropThatLiesBesideTheNewPictureGoes) {
    Sticker s = test::disc_sticker(30);
    s.framing.crop = PixelBox{300, 300, 60, 60};
    auto wide = test::picture_of({corners_of({{10, 10}, {390, 90}})}, 400, 100); // as wide, not as high
    const Sticker now = with_artwork_replaced(s, PictureArtwork{wide});
    EXPECT_FALSE(now.framing.crop);
    EXPECT_DOUBLE_EQ(now.width, s.width);
    Planner planner;
    EXPECT_FALSE(planner.evaluate(now)->cut_line().contours.empty());
}

TEST(ReplacedArtwork, AnotherKindKeepsWhatEveryKindHas) {
    Sticker s = test::disc_sticker(30);
    s.border.by_hand.push_back({{100, 100}, true});
    s.background.source = Source::brightness;
    s.border.width = 4;
    LabelDesign design;
    design.texts.clear();
    const Sticker label = with_artwork_replaced(s, LabelArtwork{std::make_shared<const LabelDesign>(design), 0});
    EXPECT_DOUBLE_EQ(label.width, s.width);
    EXPECT_EQ(label.border.width, 4);
    EXPECT_TRUE(label.border.by_hand.empty());
    EXPECT_EQ(label.background, BackgroundSettings{});
    const Sticker back = with_artwork_replaced(label, s.artwork);
    EXPECT_DOUBLE_EQ(back.width, s.width);
}

TEST(StickersInTheTray, MoveAndNeverGetLost) {
    Document d;
    for (const char* name : {"a", "b", "c"}) {
        Sticker s = test::disc_sticker(20);
        s.name = name;
        d = with_sticker_added(std::move(d), std::move(s));
    }
    const auto order = [](const Document& document) {
        std::string names;
        for (const auto& s : document.stickers)
            names += s->name;
        return names;
    };
    EXPECT_EQ(order(with_sticker_moved(d, 1, 2)), "bca");
    EXPECT_EQ(order(with_sticker_moved(d, 3, 0)), "cab");
    EXPECT_EQ(order(with_sticker_moved(d, 2, 1)), "abc");
    EXPECT_EQ(order(with_sticker_moved(d, 1, 99)), "bca") << "past the end is the end";
    EXPECT_EQ(order(with_sticker_moved(d, 42, 0)), "abc") << "one that is not there";
    EXPECT_EQ(order(with_sticker_moved({}, 1, 0)), "");
}

} // namespace
} // namespace fusuma
