// A setting that a step reads and its key leaves out would show an old result for a new setting. Every setting of a
// sticker is changed here in turn; what is remembered must come out as if it were worked out afresh.

#include "core/plan/planner.h"
#include "tests/support/samples.h"

#include <gtest/gtest.h>

namespace fusuma {
namespace {

/// Two discs on white, the right one with a hole, and fine detail: something for every setting to change.
Sticker sample() {
    const Polygons shapes{test::ellipse({70, 70}, 50, 50), test::ellipse({200, 70}, 60, 55)};
    Sticker s = new_sticker(PictureArtwork{test::picture_of(shapes, 300, 140)});
    s.width = 60;
    s.border.width = 1;
    return s;
}

using Change = std::function<void(Sticker&)>;

/// One change for every member of a sticker, in their order, and more where members have members.
std::vector<std::pair<const char*, Change>> changes() {
    return {
        {"id", [](Sticker& s) { s.id = 7; }},
        {"name", [](Sticker& s) { s.name = "Other"; }},
        {"artwork",
         [](Sticker& s) { s.artwork = PictureArtwork{test::picture_of({test::ellipse({70, 70}, 40, 60)}, 300, 140)}; }},
        {"width", [](Sticker& s) { s.width = 75; }},
        {"framing.crop", [](Sticker& s) { s.framing.crop = PixelBox{10, 0, 200, 140}; }},
        {"framing.mirrored", [](Sticker& s) { s.framing.mirrored = true; }},
        {"framing.turn", [](Sticker& s) { s.framing.turn = 0.4; }},
        {"framing.stretch", [](Sticker& s) { s.framing.stretch = 1.3; }},
        {"background.source", [](Sticker& s) { s.background.source = Source::brightness; }},
        {"background.fill_inside", [](Sticker& s) { s.background.fill_inside = true; }},
        {"background.focus", [](Sticker& s) { s.background.focus = PixelBox{0, 0, 130, 140}; }},
        {"background.pockets_at", [](Sticker& s) { s.background.pockets_at = {{70, 70}}; }},
        {"background.strokes",
         [](Sticker& s) { s.background.strokes = {{Stroke::Kind::erase, 30, 0.8, {{60, 60}, {90, 90}}}}; }},
        {"trace.threshold", [](Sticker& s) { s.trace.threshold = 40; }},
        {"trace.detail_px", [](Sticker& s) { s.trace.detail_px = 3; }},
        {"trace.smoothing_px", [](Sticker& s) { s.trace.smoothing_px = 20; }},
        {"clean.specks", [](Sticker& s) { s.clean.specks = 350; }},
        {"clean.outer_only", [](Sticker& s) { s.clean.outer_only = true; }},
        {"clean.gaps", [](Sticker& s) { s.clean.gaps = 8; }},
        {"border.width", [](Sticker& s) { s.border.width = 2.5; }},
        {"border.scales_with_art", [](Sticker& s) { s.border.scales_with_art = true; }},
        {"border.corners", [](Sticker& s) { s.border.corners = Corners::bevel; }},
        {"border.holes", [](Sticker& s) { s.border.holes = Holes::close; }},
        {"border.by_hand", [](Sticker& s) { s.border.by_hand = {{{200, 70}, false}}; }},
        {"border.join", [](Sticker& s) { s.border.join = 12; }},
        {"border.one_border", [](Sticker& s) { s.border.one_border = true; }},
        {"border.least_gap", [](Sticker& s) { s.border.least_gap = 4; }},
        {"rims.inner", [](Sticker& s) { s.rims.inner = {{1.5, {.kind = Fill::Kind::colour}}}; }},
        {"rims.border", [](Sticker& s) { s.rims.border = {.kind = Fill::Kind::colour}; }},
        {"bleed.kind", [](Sticker& s) { s.bleed.kind = Bleed::Kind::art; }},
        {"bleed.width", [](Sticker& s) { s.bleed = {Bleed::Kind::art, 2}; }},
        {"hand.lines",
         [](Sticker& s) { s.hand.lines = {{Contour{{150, 20}, {Segment::line_to({150, 120})}}, true}}; }},
        {"cut", [](Sticker& s) { s.cut = CutKind::through; }},
        {"carried", [](Sticker& s) { s.carried = "{}"; }},
    };
}

/// Fails to compile when a sticker gets another member: it belongs into the list above, and into the step that reads it.
[[maybe_unused]] void members_of(const Sticker& sticker) {
    [[maybe_unused]] const auto& [id, name, artwork, width, framing, background, trace, clean, border, rims, bleed, hand,
                                  cut, carried] = sticker;
}

void expect_same(const StickerResult& a, const StickerResult& b, const char* what) {
    EXPECT_EQ(a.isolation->coverage().values, b.isolation->coverage().values) << what;
    EXPECT_EQ(a.outline(), b.outline()) << what;
    EXPECT_EQ(a.cut->lines, b.cut->lines) << what;
    EXPECT_EQ(a.cut_line(), b.cut_line()) << what;
    ASSERT_EQ(a.print.size(), b.print.size()) << what;
    for (std::size_t i = 0; i < a.print.size(); ++i) {
        EXPECT_EQ(a.print[i].area, b.print[i].area) << what;
        EXPECT_EQ(a.print[i].from_unit, b.print[i].from_unit) << what;
    }
}

TEST(StepTable, NoSettingIsLeftOutOfWhatResultsAreRememberedBy) {
    Evaluator remembering;
    const Sticker plain = sample();
    static_cast<void>(remembering.evaluate(plain));
    static_cast<void>(remembering.preview(plain));
    for (const auto& [what, change] : changes()) {
        Sticker changed = plain;
        change(changed);
        expect_same(*remembering.evaluate(changed), *Evaluator().evaluate(changed), what);
        expect_same(*remembering.preview(changed), *Evaluator().preview(changed), what);
        Sticker small = changed;
        expect_same(*remembering.evaluate(small, 41), *Evaluator().evaluate(small, 41), what);
    }
}

TEST(StepTable, WhatDoesNotChangeAStepLeavesItsResultAsItIs) {
    Evaluator evaluator;
    Sticker s = sample();
    const auto before = evaluator.evaluate(s);
    s.bleed = {Bleed::Kind::art, 1};
    const auto bled = evaluator.evaluate(s);
    EXPECT_EQ(bled->cut, before->cut) << "a bleed moves no line";
    s.border.width = 3;
    const auto wider = evaluator.evaluate(s);
    EXPECT_EQ(wider->outlined, before->outlined) << "nor a border the outline";
    s.name = "Other";
    EXPECT_EQ(evaluator.evaluate(s), wider);
}

TEST(Remembered, KeepsWithinItsBytesAndForgetsTheOldestFirst) {
    struct Key {
        int number;
        bool operator==(const Key&) const = default;
        [[nodiscard]] std::size_t rough() const { return 1; } // all alike: equality decides
    };
    Remembered known(1000);
    int made = 0;
    const auto get = [&](int number, std::size_t bytes) {
        return *known.get(
            Key{number},
            [&] {
                ++made;
                return 10 * number;
            },
            [bytes](int) { return bytes; });
    };
    for (int i = 0; i < 5; ++i)
        EXPECT_EQ(get(i, 200), 10 * i);
    EXPECT_EQ(known.bytes(), 1000u);
    EXPECT_EQ(get(0, 200), 0) << "still there, and now the latest";
    EXPECT_EQ(made, 5);
    EXPECT_EQ(get(5, 200), 50);
    EXPECT_EQ(get(0, 200), 0);
    EXPECT_EQ(made, 6) << "0 stayed, 1 went";
    static_cast<void>(get(1, 200));
    EXPECT_EQ(made, 7);
    static_cast<void>(get(9, 5000));
    EXPECT_EQ(known.bytes(), 5000u) << "the latest stays, whatever it weighs";
    static_cast<void>(get(8, 1));
    EXPECT_EQ(known.bytes(), 1u);
}

TEST(Remembered, WhatOthersHoldIsFoundAgainForAsLongAsTheyDo) {
    struct Key {
        int number;
        bool operator==(const Key&) const = default;
        [[nodiscard]] std::size_t rough() const { return static_cast<std::size_t>(number % 3); }
    };
    Remembered known(1000);
    int made = 0;
    const auto get = [&](int number) {
        return known.get(
            Key{number},
            [&] {
                ++made;
                return 10 * number;
            },
            [](int) { return std::size_t{300}; });
    };
    constexpr int many = 50;
    std::vector<std::shared_ptr<const int>> held; // as the snapshot of a large document holds its results
    for (int i = 0; i < many; ++i)
        held.push_back(get(i));
    EXPECT_EQ(known.bytes(), 900u) << "the others' weight is whoever's who holds them";
    for (int i = 0; i < many; ++i)
        EXPECT_EQ(get(i), held[static_cast<std::size_t>(i)]);
    EXPECT_EQ(made, many) << "none was made twice";
    EXPECT_EQ(known.bytes(), 900u);
    const std::weak_ptr<const int> one = held[7];
    held.clear();
    EXPECT_TRUE(one.expired()) << "nothing else keeps it";
    EXPECT_EQ(*get(7), 70);
    EXPECT_EQ(made, many + 1);
    for (int i = 0; i < 20 * many; ++i) // what nobody holds any more is thrown out on the way
        static_cast<void>(get(100 + i));
    for (int i = 0; i < many; ++i)
        EXPECT_EQ(*get(i), 10 * i);
}

TEST(Remembered, StrokesDoNotEachPinAPicture) {
    constexpr std::size_t budget = 200'000;
    Evaluator evaluator(budget);
    Sticker s = new_sticker(PictureArtwork{test::picture_of({test::ellipse({600, 600}, 500, 500)}, 1200, 1200)});
    std::weak_ptr<const Isolation> first;
    for (int i = 0; i < 12; ++i) {
        s.background.strokes.push_back({Stroke::Kind::erase, 40, 0.8, {{100.0 + 80 * i, 300}, {150.0 + 80 * i, 700}}});
        const auto result = evaluator.evaluate(s);
        if (i == 0)
            first = result->isolation;
        EXPECT_LE(evaluator.bytes_remembered(), 2 * budget) << "the budget and the latest";
    }
    EXPECT_TRUE(first.expired());
}

} // namespace
} // namespace fusuma
