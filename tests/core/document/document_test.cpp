#include "core/arrange/free_place.h"
#include "core/document/history.h"
#include "core/geometry/measure.h"
#include "core/preflight/preflight.h"
#include "tests/support/samples.h"

#include <gmock/gmock.h>
#include <random>

namespace fusuma {
namespace {

using std::numbers::pi;

TEST(History, UndoAndRedoWalkTheDocuments) {
    History history{Document{}};
    Document wide;
    wide.sheet.gap = 5;
    history.apply("Gap", wide);
    EXPECT_EQ(history.undo_label(), "Gap");
    history.undo();
    EXPECT_EQ(history.current(), Document{});
    EXPECT_FALSE(history.can_undo());
    EXPECT_EQ(history.redo_label(), "Gap");
    history.redo();
    EXPECT_EQ(history.current(), wide);
}

TEST(History, AStrokeIsOneStepAndEndsWhenTold) {
    History history{Document{}};
    const auto with_gap = [](double gap) {
        Document d;
        d.sheet.gap = gap;
        return d;
    };
    for (const double gap : {4.0, 5.0, 6.0})
        history.apply("Gap", with_gap(gap), "drag");
    history.end_stroke();
    history.apply("Gap", with_gap(7), "drag");
    history.undo();
    EXPECT_EQ(history.current().sheet.gap, 6);
    history.undo();
    EXPECT_EQ(history.current().sheet.gap, Document{}.sheet.gap);
    EXPECT_FALSE(history.can_undo());
}

TEST(History, AnEditThatChangesNothingIsNoStep) {
    History history{Document{}};
    history.apply("Nothing", Document{});
    EXPECT_FALSE(history.can_undo());
}

/// The same as History, as a plain list.
class ListOfDocuments {
  public:
    explicit ListOfDocuments(Document first) { steps.emplace_back("", std::move(first)); }

    [[nodiscard]] const Document& current() const { return steps[now].second; }
    [[nodiscard]] bool can_undo() const { return now > 0; }
    [[nodiscard]] bool can_redo() const { return now + 1 < steps.size(); }
    void undo() { now -= can_undo(); }
    void redo() { now += can_redo(); }
    void end_stroke() { steps[now].first.clear(); }
    void apply(Document next, const std::string& stroke) {
        if (next == current())
            return;
        steps.resize(now + 1);
        if (!stroke.empty() && steps[now].first == stroke) {
            steps[now].second = std::move(next);
        } else {
            steps.emplace_back(stroke, std::move(next));
            ++now;
        }
    }

  private:
    std::vector<std::pair<std::string, Document>> steps;
    std::size_t now = 0;
};

TEST(History, AnySequenceOfEditsUndoAndRedoIsThatOfAListOfDocuments) {
    for (unsigned seed = 1; seed <= 30; ++seed) {
        std::mt19937 numbers(seed);
        const auto any = [&](std::size_t most) { return numbers() % (most + 1); };
        const auto edited = [&](Document next) {
            for (std::size_t k = any(2); k-- > 0;)
                next.put({.sticker = 1, .centre = {static_cast<double>(any(200)), 20}});
            if (!next.placements.empty() && any(1) == 0)
                next.placements.erase(next.placements.begin() +
                                      static_cast<std::ptrdiff_t>(any(next.placements.size() - 1)));
            for (Placement& p : next.placements)
                p.turn += any(4) == 0 ? 1 : 0;
            if (next.placements.size() > 1 && any(5) == 0)
                std::swap(next.placements.front(), next.placements.back());
            next.sheet.gap = static_cast<double>(any(1));
            return next;
        };
        const Document first = test::disc_document({{50, 50}, {90, 50}, {130, 50}});
        History history{first};
        ListOfDocuments list{first};
        for (int i = 0; i < 300; ++i) {
            switch (any(8)) {
            case 0:
            case 1:
                history.undo();
                list.undo();
                break;
            case 2:
                history.redo();
                list.redo();
                break;
            case 3:
                history.end_stroke();
                list.end_stroke();
                break;
            default:
                const std::string stroke = any(1) == 0 ? "drag" : "";
                const Document next = edited(history.current());
                history.apply("Edit", next, stroke);
                list.apply(next, stroke);
            }
            ASSERT_EQ(history.current(), list.current()) << seed << " after " << i;
            ASSERT_EQ(history.can_undo(), list.can_undo());
            ASSERT_EQ(history.can_redo(), list.can_redo());
        }
        for (; history.can_undo(); history.undo(), list.undo())
            ASSERT_EQ(history.current(), list.current()) << seed;
        ASSERT_EQ(history.current(), first);
    }
}

Document of_copies(int count) {
    Document document = test::disc_document({});
    for (int i = 0; i < count; ++i)
        document.put({.sticker = 1, .centre = {1.0 * i, 50}});
    return document;
}

TEST(History, OfAFullSheetTakesNoMoreThanWhatWasMoved) {
    constexpr std::size_t copies = 5000, steps = 499;
    const Document first = of_copies(copies);
    History history{first};
    for (std::size_t i = 0; i < steps; ++i) {
        Document next = history.current();
        next.placements[i * 7 % copies].centre.y += 1;
        history.apply("Move", std::move(next));
    }
    EXPECT_LT(history.bytes_of_copies(), 100'000u);
    for (std::size_t i = 0; i < steps; ++i)
        history.undo();
    EXPECT_FALSE(history.can_undo());
    EXPECT_EQ(history.current(), first);
    EXPECT_LT(history.bytes_of_copies(), 100'000u);
}

TEST(History, ForgetsTheOldestWhenAllIsMovedAgainAndAgain) {
    History history{of_copies(5000)};
    for (int i = 0; i < 200; ++i) {
        Document next = history.current();
        for (Placement& p : next.placements)
            p.centre.x += 1;
        history.apply("Move", std::move(next));
    }
    EXPECT_LT(history.bytes_of_copies(), 50u * 5000u * 120u);
    int undone = 0;
    for (; history.can_undo(); ++undone)
        history.undo();
    EXPECT_GE(undone, 49);
    EXPECT_EQ(history.current().placements[7].centre.x, 7 + 200 - undone);
}

TEST(History, IdsOfCopiesThatAreGoneAreNeverUsedAgain) {
    History history{test::disc_document({{50, 50}})};
    Document d = history.current();
    const CopyId gone = d.put({.sticker = 1, .centre = {90, 90}});
    history.apply("Add", d);
    history.undo();
    EXPECT_EQ(history.current().copy(gone), nullptr);
    d = history.current();
    EXPECT_NE(d.put({.sticker = 1, .centre = {20, 20}}), gone);
    const int stickers = history.current().sticker_ids.next;
    history.apply("Add", with_sticker_added(history.current(), test::disc_sticker(10)));
    history.undo();
    EXPECT_GT(history.current().sticker_ids.next, stickers);
}

TEST(Document, AddingChangingAndRemovingStickers) {
    Document d = test::disc_document({{50, 50}, {100, 100}});
    EXPECT_EQ(d.find(1)->name, "Disc");
    EXPECT_EQ(d.copies_of(1), 2);
    Sticker changed = *d.find(1);
    changed.name = "Moon";
    const Document renamed = with_sticker_changed(d, changed);
    EXPECT_EQ(renamed.find(1)->name, "Moon");
    EXPECT_EQ(d.find(1)->name, "Disc") << "documents are values";
    const Document without = with_sticker_removed(d, 1);
    EXPECT_TRUE(without.placements.empty());
    EXPECT_EQ(with_sticker_added(without, test::disc_sticker(10)).stickers.front()->id, 2)
        << "ids are never used again";
}

TEST(Document, ANewStickerIsNamedInWordsAndHasItsNaturalSize) {
    auto picture = test::picture_of({test::ellipse({150, 100}, 80, 80)}, 300, 200, 300);
    picture->file_name = "paper-lantern_old.v2.png";
    const Sticker s = new_sticker(PictureArtwork{picture});
    EXPECT_EQ(s.name, "Paper lantern old.v2");
    EXPECT_NEAR(s.width, 25.4, 1e-9); // 300 px at 300 dpi
    EXPECT_NEAR(artwork_size(s).height, 25.4 * 2 / 3, 1e-9);
}

TEST(Document, PlacingTurnsMirrorsAndScalesAboutTheMiddle) {
    const Sticker s = test::disc_sticker(30); // a 32 mm square picture
    const Transform map = map_of_copy(s, {.centre = {100, 50}, .turn = pi / 2, .mirrored = true, .scale = 0.5});
    const Point middle = map.apply({0.5, 0.5}), corner = map.apply({0, 0});
    EXPECT_NEAR(distance(middle, {100, 50}), 0, 1e-9);
    // Top left mirrors to the top right, a quarter turn clockwise takes that to the bottom right.
    EXPECT_NEAR(distance(corner, {108, 58}), 0, 1e-9);
}

TEST(Evaluator, TheBorderIsTrueMillimetresAtEverySize) {
    Planner evaluator;
    const Sticker s = test::disc_sticker(30);
    for (const double scale : {0.5, 1.0, 3.0}) {
        const auto result = evaluator.evaluate(s, s.width * scale);
        EXPECT_NEAR(bounds(result->outline()).width(), 30 * scale, 0.01 * scale);
        EXPECT_NEAR(bounds(result->cut_line()).width(), 30 * scale + 4, 0.02);
    }
}

TEST(Evaluator, ABorderThatScalesGrowsWithTheArt) {
    Planner evaluator;
    Sticker s = test::disc_sticker(30);
    s.border.scales_with_art = true;
    s.rims.inner = {{1, {}}};
    for (const double scale : {0.5, 1.0, 3.0})
        EXPECT_NEAR(bounds(evaluator.evaluate(s, s.width * scale)->cut_line()).width(), (30 + 2 * (2 + 1)) * scale,
                    0.03);
    // A new size of its own takes the border along, and the wanted finished size is met.
    const Sticker larger = resized(s, 2 * s.width);
    EXPECT_NEAR(bounds(evaluator.evaluate(larger)->cut_line()).width(), 72, 0.03);
    const auto width = width_for_finished(*evaluator.evaluate(s), s, Side::width, 54);
    EXPECT_NEAR(bounds(evaluator.evaluate(resized(s, *width))->cut_line()).width(), 54, 0.03);
}

TEST(Evaluator, HandworkIsOnEveryCopyAtItsSizeAndOpenLinesReachTheCutter) {
    Planner evaluator;
    Document d = test::disc_document({{60, 150}, {130, 150}});
    d.placements[1].scale = 1.5;
    Sticker s = *d.find(1);
    s.hand.lines = {{{{100, 192}, {Segment::line_to({284, 192})}}, true}}; // px: across the disc, 12 px to the mm
    d = with_sticker_changed(d, s);
    const auto plan = evaluator.plan(d);
    std::vector<double> lengths;
    for (const CutPath& cut : plan->pages[0].cuts)
        if (cut.is_open)
            lengths.push_back(length(cut.line));
    std::sort(lengths.begin(), lengths.end());
    ASSERT_EQ(lengths.size(), 2u);
    EXPECT_NEAR(lengths[0], 184 / 12.0, 1e-6);
    EXPECT_NEAR(lengths[1], 1.5 * 184 / 12.0, 1e-6);
    // A line beyond the zone is found, though it bounds nothing.
    s.hand.lines[0].path.segments[0] = Segment::line_to({2400, 192});
    const auto findings = preflight(with_sticker_changed(d, s), evaluator);
    EXPECT_TRUE(
        std::any_of(findings.begin(), findings.end(), [](const Finding& f) { return f.rule == "outside-zone"; }));
}

TEST(Evaluator, RemembersResultsByTheValueOfTheirInputs) {
    Planner evaluator;
    Sticker s = test::disc_sticker(30);
    const auto first = evaluator.evaluate(s);
    s.name = "Another name does not matter";
    EXPECT_EQ(evaluator.evaluate(s), first);
    s.border.width = 3;
    EXPECT_NE(evaluator.evaluate(s), first);
}

TEST(Plan, HoldsPrintsMarksZoneAndCuts) {
    Document d = test::disc_document({{160, 200}, {50, 60}});
    Sticker through = test::disc_sticker(20);
    through.cut = CutKind::through;
    d = with_sticker_added(d, through);
    const CopyId behind = d.put({.sticker = 2, .centre = {50, 120}});
    d = ordered(d, {behind}, Order::back);
    Planner evaluator;
    const PagePlan page = evaluator.plan(d)->pages.front();
    EXPECT_EQ(page.prints.size(), 3u);
    EXPECT_EQ(page.marks.size(), 5u);
    ASSERT_EQ(page.cuts.size(), 3u);
    for (std::size_t i = 0; i < 3; ++i) {
        EXPECT_EQ(page.cuts[i].copy, d.placements[i].id);
        EXPECT_EQ(page.cuts[i].kind, i == 0 ? CutKind::through : CutKind::kiss);
    }
    EXPECT_NEAR(distance(bounds(page.cuts[2].line).centre(), {50, 60}), 0, 0.01);
}

TEST(Arrange, RowsKeepTheGapAndStayInTheZone) {
    Planner evaluator;
    const Arranged arranged = place_in_rows(test::disc_document({}), evaluator, 1, 1000);
    // 34 mm discs at 37 mm pitch in 194 × 281 mm, less what the bites cost: at least 4 × 7.
    EXPECT_GE(arranged.placed, 28);
    EXPECT_LE(arranged.placed, 35);
    EXPECT_THAT(preflight(arranged.document, evaluator), testing::IsEmpty());
    for (std::size_t i = 0; i < arranged.document.placements.size(); ++i)
        for (std::size_t k = 0; k < i; ++k)
            EXPECT_GE(distance(arranged.document.placements[i].centre, arranged.document.placements[k].centre),
                      34 + 3 - 0.02);
}

TEST(Arrange, TooLargeAStickerFindsNoPlace) {
    Document d = with_sticker_added({}, test::disc_sticker(30));
    Sticker large = *d.find(1);
    large.width = 400;
    d = with_sticker_changed(d, large);
    Planner evaluator;
    EXPECT_EQ(place_in_rows(d, evaluator, 1, 1).placed, 0);
}

} // namespace
} // namespace fusuma
