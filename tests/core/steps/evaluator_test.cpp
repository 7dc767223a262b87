// What evaluating does at its limits.

#include "core/geometry/measure.h"
#include "core/plan/planner.h"
#include "core/rehearsal/slip.h"
#include "tests/support/samples.h"

#include <gtest/gtest.h>
#include <mutex>
#include <set>

namespace fusuma {
namespace {

using namespace test;

/// A huge picture printed small would need more pixels round it than there is memory.
TEST(ColoursCarriedOutward, StayWithinTheirBudgetAndInTheirPlace) {
    Evaluator evaluator;
    const Sticker sticker = disc_sticker(4);
    const auto isolation = evaluator.evaluate(sticker)->isolation;
    const auto usual = evaluator.continuation(isolation, 200, 1);
    const auto vast = evaluator.continuation(isolation, 3500, 1);
    EXPECT_EQ(usual->factor, 1);
    EXPECT_GT(vast->factor, 1);
    EXPECT_LE(vast->image.bytes(), 4 * 50'000'000u);
    EXPECT_GE(vast->margin * vast->factor, 3500);
    // The disc's own red lies all round it, as near as with all pixels.
    const auto image = vast->image.get();
    const int middle = image->width / 2, beside = vast->margin - 3;
    const auto* px = &image->rgba[4 * (static_cast<std::size_t>(middle) * static_cast<std::size_t>(image->width) +
                                       static_cast<std::size_t>(beside))];
    EXPECT_EQ((std::array{px[0], px[1], px[2], px[3]}), (std::array<std::uint8_t, 4>{200, 60, 40, 255}));
}

/// A photograph's pixels printed small: the bleed is made of as few as show, and still lies against its art.
TEST(ColoursCarriedOutward, AreNoFinerThanPrintsShow) {
    Evaluator evaluator;
    Sticker sticker = disc_sticker(60); // 744 px
    sticker.border.width = 0;
    sticker.bleed = {Bleed::Kind::art, 2};
    for (const double width : {62.0, 31.0, 15.5, 6.2}) {
        const auto result = evaluator.evaluate(sticker, width);
        ASSERT_EQ(result->print.size(), 2U);
        const PrintLayer& bleed = result->print.front();
        const auto image = std::get<Pixels>(std::get<PrintArt>(bleed.ink)).get();
        const double dpi = 25.4 * image->width / std::hypot(bleed.from_unit.a, bleed.from_unit.b);
        EXPECT_GE(dpi, 299) << width;
        EXPECT_LT(dpi, 620) << width;
        const Rect disc = bounds(result->outline());
        for (const double out : {-0.05, 0.5, 1.9}) { // mm past the art's left side
            const Point at = bleed.from_unit.inverted().apply({disc.min.x - out, (disc.min.y + disc.max.y) / 2});
            const auto px = [](double share, int size) { return static_cast<std::size_t>(share * size); };
            const std::uint8_t* p = &image->rgba[4 * (px(at.y, image->height) * static_cast<std::size_t>(image->width) +
                                                      px(at.x, image->width))];
            EXPECT_EQ((std::array{p[0], p[1], p[2], p[3]}), (std::array<std::uint8_t, 4>{200, 60, 40, 255}))
                << width << ", " << out;
        }
    }
}

/// A red disc with a grey edge on warm paper that darkens to one side.
Image on_paper(int side) {
    Image image(side, side);
    for (int y = 0; y < side; ++y)
        for (int x = 0; x < side; ++x) {
            const double far = std::hypot(x - side * 0.45, y - side * 0.5), light = 1 - 0.25 * x / side;
            const bool is_disc = far < side * 0.3, is_rim = !is_disc && far < side * 0.31;
            const std::array<int, 3> colour = is_disc  ? std::array{190, 50 + y % 7, 40}
                                              : is_rim ? std::array{120, 118, 116}
                                                       : std::array{250, 247, 240};
            std::uint8_t* p = &image.rgba[4 * (static_cast<std::size_t>(y) * static_cast<std::size_t>(side) +
                                               static_cast<std::size_t>(x))];
            for (const int part : colour)
                *p++ = static_cast<std::uint8_t>(part * light);
            *p = 255;
        }
    return image;
}

/// What is worked out of a picture is let go of like the picture itself, and is the same when it is needed again.
TEST(WorkedOutPixels, AreMadeAgainTheSame) {
    auto picture = picture_of({}, 1, 1);
    picture->pixels = on_paper(300);
    const Sticker plain = new_sticker(PictureArtwork{picture});
    std::vector<std::pair<std::string, Sticker>> all;
    const auto with = [&](const char* name, auto&& change) {
        Sticker sticker = plain;
        change(sticker);
        all.emplace_back(name, std::move(sticker));
    };
    with("offered", [](Sticker&) {});
    with("cropped", [](Sticker& s) { s.framing.crop = PixelBox{20, 10, 250, 270}; });
    with("evened and whitened", [](Sticker& s) {
        s.background.light.light = Light::even;
        s.background.light.prints_evened = s.background.light.whitens_paper = true;
    });
    with("a colour taken away", [](Sticker& s) {
        s.background.source = Source::colour;
        s.background.colours = {{190, 50, 40}};
    });
    with("by brightness, touched up", [](Sticker& s) {
        s.background.source = Source::brightness;
        s.background.strokes = {{Stroke::Kind::erase, 30, 0.8, {{100, 100}, {160, 140}}}};
    });
    with("a subject", [](Sticker& s) { s.background.source = Source::subject; });
    for (const auto& [name, sticker] : all) {
        Evaluator evaluator;
        const auto result = evaluator.evaluate(sticker);
        const Pixels art = std::get<Pixels>(result->isolation->art);
        const PixelBytes before = art.get()->rgba;
        EXPECT_LT(result->isolation->mask->bytes() * 3, before.size());
        EXPECT_EQ(art.bytes_held(), 0U) << name;
        Pixels::keep_within(1);
        static_cast<void>(Pixels(1, 1, [](const Work&) { return std::make_shared<const Image>(1, 1); }).get());
        EXPECT_FALSE(art.at_hand()) << name;
        EXPECT_EQ(art.get()->rgba, before) << name;
        Pixels::keep_within(std::size_t{1} << 30);
    }
}

TEST(WorkingSeveralOut, LeavesThemRememberedAndWhatCannotBeReadToWhoAsks) {
    std::atomic<int> decoded = 0;
    std::set<Evaluator::Wanted> wanted;
    std::vector<std::shared_ptr<const Sticker>> stickers;
    for (int i = 0; i < 6; ++i) {
        auto picture = picture_of({}, 1, 1);
        picture->pixels = Pixels(200, 200, [&decoded, i](const Work&) {
            ++decoded;
            if (i == 2)
                throw Unreadable({"is damaged."_said});
            return std::make_shared<const Image>(on_paper(200));
        });
        Sticker sticker = disc_sticker(10);
        sticker.artwork = PictureArtwork{picture};
        stickers.push_back(std::make_shared<const Sticker>(sticker));
        wanted.insert({stickers.back(), sticker.width});
    }
    Evaluator evaluator;
    std::mutex telling;
    std::set<const Sticker*> told;
    evaluator.work_out(wanted, {}, [&](const Sticker& sticker, const std::shared_ptr<const StickerResult>& result) {
        const std::scoped_lock lock(telling);
        EXPECT_TRUE(result && told.insert(&sticker).second);
    });
    EXPECT_EQ(told.size(), 5u) << "but for what cannot be read";
    const int before = decoded;
    EXPECT_EQ(before, 6);
    for (std::size_t i = 0; i < stickers.size(); ++i) {
        if (i == 2) {
            EXPECT_THROW(static_cast<void>(evaluator.evaluate(*stickers[i])), Unreadable);
        } else {
            EXPECT_FALSE(evaluator.evaluate(*stickers[i])->cut_line().empty());
        }
    }
    EXPECT_EQ(decoded, before + 1) << "only what could not be read was tried again";
    std::stop_source stop;
    stop.request_stop();
    Evaluator another;
    EXPECT_THROW(another.work_out(wanted, {stop.get_token()}), Stopped);
}

/// Bleeds are parted where prints meet, not where clear margins do.
TEST(PrintBox, IsRoundWhatIsPrintedAndNotRoundClearMargins) {
    const Sticker tight = disc_sticker(30);
    Sticker loose = new_sticker(PictureArtwork{picture_of({ellipse({480, 480}, 180, 180)}, 960, 960)});
    loose.border.width = 2;
    Planner planner;
    for (const Sticker& sticker : {tight, loose}) {
        Document d = with_sticker_added({}, sticker);
        d.put({.sticker = 1, .centre = {100, 100}});
        const auto plan = planner.plan(d);
        const Rect& box = plan->copies[0]->print_box;
        EXPECT_NEAR(box.width(), 30, 0.2);
        EXPECT_NEAR(box.height(), 30, 0.2);
        EXPECT_NEAR(plan->copies[0]->past_cut, 0, 1e-9);
    }
}

TEST(SlipCheck, OfAStickerWithoutArtOrWithoutACutIsNotAskedForMore) {
    Planner planner;
    Sticker nothing = disc_sticker(8);
    nothing.border.width = -20;
    const SlipCheck no_line(*planner.evaluate(nothing));
    EXPECT_EQ(no_line.damage(Transform::shift({1, 1})), Damage::none);
    Sticker clear = disc_sticker(8);
    clear.background.strokes = {{Stroke::Kind::erase, 400, 1, {{60, 60}, {62, 60}}}};
    const SlipCheck no_art(*planner.evaluate(clear));
    EXPECT_EQ(no_art.damage(Transform::shift({1, 1})), Damage::none);
}

} // namespace
} // namespace fusuma
