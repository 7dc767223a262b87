// What runs on threads beside each other, as the window does it: results, previews, plans, preflight and searches of
// one planner while documents change. ThreadSanitizer watches; the answers must be those of one thread alone.

#include "core/arrange/fill_sheet.h"
#include "core/geometry/combine_curves.h"
#include "core/preflight/preflight.h"
#include "core/raster/background.h"
#include "core/raster/light.h"
#include "core/rehearsal/slip.h"
#include "core/trace/trace.h"
#include "tests/support/samples.h"

#include <gtest/gtest.h>
#include <random>
#include <thread>

namespace fusuma {
namespace {

Document variant(int number) {
    Document d = test::disc_document({{60, 60}, {120.0 + number, 60}, {60, 120}});
    d.sheet.paper = {170, 160};
    Sticker s = *d.find(1);
    s.border.width = 1 + number % 4;
    s.bleed = {Bleed::Kind::art, 1};
    return with_sticker_changed(std::move(d), std::move(s));
}

std::vector<std::string> said_about(const Document& d, Planner& planner) {
    std::vector<std::string> all;
    for (const Finding& f : preflight(d, planner))
        all.push_back(f.message.english());
    all.push_back(std::to_string(totals(*planner.plan(d)).kiss_mm));
    return all;
}

TEST(Threads, OnePlannerServesThemAll) {
    constexpr int documents = 4;
    std::vector<Document> all;
    std::vector<std::vector<std::string>> alone;
    for (int i = 0; i < documents; ++i) {
        all.push_back(variant(i));
        Planner planner;
        alone.push_back(said_about(all.back(), planner));
    }
    Planner shared;
    std::vector<std::jthread> threads;
    for (unsigned seed = 0; seed < 3; ++seed)
        threads.emplace_back([&, seed] {
            std::mt19937 random(seed);
            for (int i = 0; i < 8; ++i) {
                const std::size_t which = random() % documents;
                EXPECT_EQ(said_about(all[which], shared), alone[which]);
                EXPECT_FALSE(shared.preview(*all[which].find(1))->cut_line().empty());
                if (i == 0 && seed == 0) {
                    EXPECT_GT(fill_sheet(all[which], shared, {.orders = {{.sticker = 1}}, .rounds = 1}).copies(), 0);
                }
                if (i == 0 && seed > 0) {
                    EXPECT_EQ(SlipSheet(*shared.plan(all[which]), 0, shared).size(), 3u);
                }
            }
        });
}

/// Two searches learn side by side how copies overlap.
TEST(Threads, FillAPageTogether) {
    FillTask task{.zone = {corners_of({{0, 0}, {60, 60}})}, .gap = 2, .way = FillWay::turned, .turns = Turns::half};
    task.items = {{.outline = {test::star({0, 0}, 5, 9, 4, 0.3)}}, {.outline = {test::star({0, 0}, 3, 8, 5, 0.1)}}};
    task.rounds = 50;
    EXPECT_GT(fill(task).copies.size(), 6U);
}

/// Worked out side by side, two sizes of a sticker still share one picture, which print files hold once.
TEST(Threads, WhatSeveralHaveInCommonIsOneForAllOfThem) {
    const auto sticker = std::make_shared<const Sticker>(test::disc_sticker(20));
    for (int round = 0; round < 10; ++round) {
        Evaluator evaluator;
        std::set<Evaluator::Wanted> wanted;
        for (const double width : {12.0, 18.0, 22.0, 30.0})
            wanted.insert({sticker, width});
        evaluator.work_out(wanted);
        std::set<std::shared_ptr<const Isolation>> pictures;
        for (const auto& [one, width] : wanted)
            pictures.insert(evaluator.evaluate(*one, width)->isolation);
        EXPECT_EQ(pictures.size(), 1U);
    }
}

TEST(Threads, TracingNoiseIsTheSameFromEveryThread) {
    Coverage noise(120, 120);
    std::mt19937 random(3);
    for (auto& value : noise.values)
        value = static_cast<std::uint8_t>(random());
    const Tracing right = trace(noise, {});
    std::vector<std::jthread> threads;
    for (int i = 0; i < 2; ++i)
        threads.emplace_back([&] { EXPECT_EQ(trace(noise, {}).outline, right.outline); });
}

/// Art on paper that a shadow falls across, with grain.
Image in_uneven_light() {
    Image image(280, 200);
    std::mt19937 random(7);
    for (int y = 0; y < image.height; ++y)
        for (int x = 0; x < image.width; ++x) {
            const bool is_art = std::hypot(x - 100, y - 90) < 45 || std::abs(std::hypot(x - 200, y - 130) - 30) < 2;
            const double light = (1 - 0.3 * x / image.width) * (y > 110 ? 0.7 : 1);
            const std::size_t at = 4 * (static_cast<std::size_t>(y) * 280 + static_cast<std::size_t>(x));
            for (std::size_t k = 0; k < 3; ++k)
                image.rgba[at + k] = static_cast<std::uint8_t>((is_art ? 60 + 50 * static_cast<int>(k) : 235) * light +
                                                               static_cast<double>(random() % 4));
            image.rgba[at + 3] = 255;
        }
    return image;
}

/// Its steps are done two at a time; what they come to does not tell how they were shared out.
TEST(Threads, LightIsTheSameHoweverManyLookAtOnce) {
    const Image image = in_uneven_light();
    const Image right = evened(image, light_on(image));
    EXPECT_NE(right.rgba, image.rgba);
    std::vector<std::jthread> threads;
    for (int i = 0; i < 2; ++i)
        threads.emplace_back([&] {
            for (int k = 0; k < 2; ++k)
                EXPECT_EQ(evened(image, light_on(image)).rgba, right.rgba);
        });
}

TEST(Threads, LightStopsWheneverItIsAskedTo) {
    const Image image = in_uneven_light();
    int stopped = 0;
    for (int i = 0; i < 15; ++i) {
        std::stop_source stop;
        std::jthread asker([&, i] {
            std::this_thread::sleep_for(std::chrono::microseconds(200 * i));
            stop.request_stop();
        });
        try {
            static_cast<void>(light_on(image, {stop.get_token()}));
        } catch (const Stopped&) {
            ++stopped;
        }
    }
    EXPECT_GT(stopped, 0);
    const Image right = evened(image, light_on(image));
    EXPECT_EQ(evened(image, light_on(image)).rgba, right.rgba);
}

TEST(Threads, PartingByColourIsTheSameFromEveryThread) {
    const Image image = in_uneven_light();
    BackgroundSettings by_colour;
    by_colour.source = Source::colour;
    by_colour.colours = {{235, 235, 235}};
    by_colour.tolerance = 12;
    const CutOut right = cut_out(image, by_colour);
    std::vector<std::jthread> threads;
    for (int i = 0; i < 3; ++i)
        threads.emplace_back([&] { EXPECT_EQ(cut_out(image, by_colour).coverage.values, right.coverage.values); });
}

TEST(Threads, APileIsSeenAndUnitedTheSameFromEveryThread) {
    std::vector<Outline> pile;
    std::mt19937 random(4);
    for (int i = 0; i < 150; ++i) {
        const auto place = [&random] { return static_cast<double>(random() % 6000) / 100; };
        const Point at{place(), place()};
        Polygon star;
        for (int k = 0; k < 10; ++k)
            star.push_back(at + (k % 2 ? 3.0 : 8.0) * Point{std::cos(0.6283 * k), std::sin(0.6283 * k)});
        pile.push_back({{contour_of(star)}});
    }
    const auto seen = visible_parts(pile);
    const Outline all = united(pile);
    std::vector<std::jthread> threads;
    for (int i = 0; i < 3; ++i)
        threads.emplace_back([&] {
            EXPECT_EQ(visible_parts(pile), seen);
            EXPECT_EQ(united(pile), all);
        });
}

TEST(Threads, WorkThatIsStoppedAtAnyTimeLeavesThePlannerSound) {
    Planner planner;
    const Document d = variant(1);
    for (int i = 0; i < 12; ++i) {
        std::stop_source stop;
        std::jthread worker([&] {
            try {
                static_cast<void>(planner.evaluate(*variant(i).find(1), std::nullopt, {stop.get_token()}));
            } catch (const Stopped&) {
            }
        });
        std::this_thread::sleep_for(std::chrono::microseconds(300 * i));
        stop.request_stop();
    }
    Planner fresh;
    EXPECT_EQ(said_about(d, planner), said_about(d, fresh));
}

} // namespace
} // namespace fusuma
