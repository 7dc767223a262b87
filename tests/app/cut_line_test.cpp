// Border, bleed and the cut line by hand, on the bench, with mouse and keys.

#include "app/bench/bench_view.h"
#include "app/bench/edge_ribbon.h"
#include "app/common/painting.h"
#include "app/common/theme.h"
#include "tests/app/window.h"

#include <QCheckBox>
#include <QComboBox>
#include <QListWidget>
#include <QMenu>
#include <QSlider>

namespace fusuma::app {
namespace {

using testing::HasSubstr;

class CutLineByHand : public Window {
  protected:
    std::shared_ptr<const StickerResult> result() { return model.snapshot().result(model.in_hand.sticker()->id); }
    const CutLines& lines() { return result()->cut->hand.lines; }
    BenchView* view() { return find<BenchView>("benchView"); }
    QPoint on_screen(Point mm) { return view()->to_view().map(QPointF(mm.x, mm.y)).toPoint(); }
    std::size_t pieces() {
        const auto& contours = result()->cut_line().contours;
        return static_cast<std::size_t>(
            std::count_if(contours.begin(), contours.end(), [](const Contour& c) { return signed_area(c) > 0; }));
    }
    void tick(const char* name) {
        auto* box = find<QCheckBox>(name);
        QTest::mouseClick(box, Qt::LeftButton, {}, QPoint(8, box->height() / 2));
        settle();
    }
    void pick_entry(const char* combo, int entry) {
        auto* box = find<QComboBox>(combo);
        box->setFocus();
        QTest::keyClick(box, Qt::Key_Home);
        for (int i = 0; i < entry; ++i)
            QTest::keyClick(box, Qt::Key_Down);
        QTest::keyClick(box, Qt::Key_Return);
        settle();
    }
    /// The point of the cut line farthest to the right.
    Point rightmost() {
        Point best{-1e9, 0};
        for (const CutLine& line : lines())
            for (const Point p : flatten_line(line.path, 0.02))
                if (p.x > best.x)
                    best = p;
        return best;
    }
    /// The point of the cut line nearest to a place that is a little away from all nodes.
    Point beside_nodes_near(Point place) {
        Point best;
        double least = HUGE_VAL;
        for (const CutLine& line : lines())
            for (const Point p : flatten_line(line.path, 0.002)) {
                double free = HUGE_VAL;
                for (std::size_t k = 0; k < line.node_count(); ++k)
                    free = std::min(free, distance(node_at(line, k), p));
                if (free * view()->px_per_mm() > 14 && distance(p, place) < least) {
                    least = distance(p, place);
                    best = p;
                }
            }
        return best;
    }
    QColor shown_at(Point mm) { return view()->grab().toImage().pixelColor(on_screen(mm)); }
};

TEST_F(CutLineByHand, TheOctopusGetsOneSmoothBorderWithoutAWiderRim) {
    drop_artwork({test::demo_art("octopus.png")});
    type("borderWidth", "1.6mm");
    const Rect before = bounds(result()->cut_line());
    EXPECT_GT(result()->cut_line().contours.size(), 1u) << "its arms enclose holes";
    type("leastGap", "7");
    choose("Close all");
    ASSERT_EQ(result()->cut_line().contours.size(), 1u);
    const Rect after = bounds(result()->cut_line());
    EXPECT_NEAR(after.width(), before.width(), 0.02);
    EXPECT_NEAR(after.height(), before.height(), 0.02);
    // No inlet is narrower than asked: closing it again by nearly as much adds nothing.
    const Outline& line = result()->cut_line();
    EXPECT_NEAR(area(border(line, {.reach = 0, .least_gap = 6.5}).line), area(line), 1);
    click("undo");
    click("undo");
    EXPECT_GT(result()->cut_line().contours.size(), 1u);
}

TEST_F(CutLineByHand, TheFigureInSeveralPiecesGetsOneJoinedBorder) {
    drop_artwork({test::demo_art("leaping-mackerel.png")});
    type("borderWidth", "1mm");
    ASSERT_GT(pieces(), 2u);
    EXPECT_THAT(find<QLabel>("borderWords")->text().toStdString(), HasSubstr("pieces"));
    const Rect apart = bounds(result()->cut_line());
    tick("oneBorder");
    EXPECT_EQ(pieces(), 1u);
    EXPECT_NEAR(bounds(result()->cut_line()).width(), apart.width(), 0.02);
    type("borderWidth", "0.5");
    EXPECT_EQ(pieces(), 1u) << "at every width";
}

TEST_F(CutLineByHand, TheWhiteMoonGetsAColouredRimAndABleed) {
    drop_artwork({test::demo_art("white-moon.png")});
    type("borderWidth", "2");
    pick_entry("borderFillKind", 1); // one colour
    click("addRim");
    type("rimWidth1", "0.8");
    pick_entry("rim1Kind", 2); // dots
    // The second of the two colours is picked from the picture: the moon's white.
    auto* swatch = find<QPushButton>("rim1Second");
    QTimer look;
    QObject::connect(&look, &QTimer::timeout, swatch, [&] {
        if (auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget())) {
            look.stop();
            QTest::keyClick(menu, Qt::Key_Down);
            QTest::keyClick(menu, Qt::Key_Return);
        }
    });
    look.start(50);
    QTest::mouseClick(swatch, Qt::LeftButton);
    QTest::mouseClick(view(), Qt::LeftButton, {}, on_screen({10, 21}));
    settle();
    ASSERT_EQ(model.in_hand.sticker()->rims.inner.size(), 1u);
    EXPECT_GT(model.in_hand.sticker()->rims.inner[0].fill.second.red, 230);
    EXPECT_EQ(model.in_hand.sticker()->rims.inner[0].fill.pattern, Pattern::dots);

    click("stepBleed");
    EXPECT_THAT(find<QLabel>("bleedWords")->text().toStdString(), HasSubstr("smallest slip shows paper"));
    choose("Rim's colour");
    type("bleedWidth", "1.2");
    const Outline& outline = result()->outline();
    const double left = bounds(outline).min.x;
    const auto& areas = result()->print;
    ASSERT_EQ(areas.size(), 4u); // border with bleed, rim and its dots, art
    EXPECT_NEAR(bounds(areas[0].area).min.x, left - 0.8 - 2 - 1.2, 0.05);
    EXPECT_NEAR(bounds(areas[1].area).min.x, left - 0.8, 0.05);
    EXPECT_NEAR(bounds(result()->cut_line()).min.x, left - 2.8, 0.05);
    // On the screen: the border's colour inside the cut line, paler past it, and canvas beyond the bleed.
    const double y = [&] {
        for (const Point p : flatten(outline.contours.front(), 0.02))
            if (p.x < left + 0.02)
                return p.y;
        return 0.0;
    }();
    const Rgb colour = model.in_hand.sticker()->rims.border.colour;
    EXPECT_EQ(shown_at({left - 1.8, y}), to_qt(colour));
    EXPECT_NE(shown_at({left - 3.4, y}), theme().canvas);
    EXPECT_NE(shown_at({left - 3.4, y}), to_qt(colour));
    EXPECT_EQ(shown_at({left - 5, y}), theme().canvas);
}

TEST_F(CutLineByHand, AnEditSurvivesAChangeOfWidthAndIsUndone) {
    drop_artwork({test::demo_art("tide-bell.png")});
    type("borderWidth", "2");
    click("stepCut");
    click("toolNodes");
    const Point side = rightmost();
    QTest::mouseDClick(view(), Qt::LeftButton, {}, on_screen(beside_nodes_near(side)));
    settle();
    ASSERT_EQ(model.in_hand.sticker()->hand.stretches.size(), 1u);
    ASSERT_EQ(find<QLineEdit>("nodeX")->isEnabled(), true) << "the new node is selected";
    const Point node = *window.findChild<BenchTools*>()->lines.single_node();
    drag(view(), on_screen(node), on_screen(node + Point{4, 0}));
    EXPECT_NEAR(rightmost().x, node.x + 4, 0.35);
    for (int i = 0; i < 3; ++i) // quicker than they are worked out
        QTest::keyClick(view(), Qt::Key_Right, Qt::ShiftModifier);
    settle();
    EXPECT_NEAR(rightmost().x, node.x + 7, 0.35);
    const double by_hand = rightmost().x - side.x;

    click("stepBorder");
    type("borderWidth", "4");
    EXPECT_TRUE(result()->cut->hand.does_not_apply.empty());
    EXPECT_NEAR(rightmost().x, side.x + 2 + by_hand, 0.4);
    click("stepOutline");
    type("detail", "0.4");
    EXPECT_TRUE(result()->cut->hand.does_not_apply.empty());
    EXPECT_NEAR(rightmost().x, side.x + 2 + by_hand, 0.4);
    click("stepCut");
    while (!model.in_hand.sticker()->hand.empty())
        click("undo");
    EXPECT_NEAR(rightmost().x, side.x, 0.2);
}

TEST_F(CutLineByHand, NodesAreWorkedByButtonsKeysAndFields) {
    drop_artwork({test::demo_art("tide-bell.png")});
    click("stepCut");
    click("toolNodes");
    const std::size_t nodes = lines()[0].node_count();
    view()->setFocus();
    key(Qt::Key_PageDown);
    key(Qt::Key_PageDown);
    ASSERT_TRUE(find<QLineEdit>("nodeX")->isEnabled());
    auto& tools = window.findChild<BenchTools*>()->lines;
    const Point before = *tools.single_node();
    type("nodeX", std::to_string(before.x + 1.5).c_str());
    EXPECT_NEAR(tools.single_node()->x, before.x + 1.5, 0.01);
    click("nodeCorner");
    EXPECT_FALSE(is_smooth(lines()[tools.selection().begin()->line], tools.selection().begin()->node));
    click("nodeSmooth");
    EXPECT_TRUE(is_smooth(lines()[tools.selection().begin()->line], tools.selection().begin()->node));
    click("nodeStraight");
    click("nodeCurved");
    click("nodeInsert");
    EXPECT_EQ(lines()[0].node_count(), nodes + 1);
    click("nodeDelete");
    EXPECT_EQ(lines()[0].node_count(), nodes);
    view()->setFocus();
    // Open the line, drag one end away, and bring it back: within the ring it snaps shut.
    key(Qt::Key_PageDown);
    click("nodeBreak");
    ASSERT_TRUE(lines()[0].is_open);
    EXPECT_TRUE(result()->cut_line().empty());
    const Point end = node_at(lines()[0], 0);
    drag(view(), on_screen(end), on_screen(end + Point{6, 3}));
    ASSERT_TRUE(lines()[0].is_open);
    Point moved = node_at(lines()[0], 0), other = node_at(lines()[0], lines()[0].node_count() - 1);
    if (distance(moved, end) < 1)
        std::swap(moved, other);
    drag(view(), on_screen(moved), on_screen(other + Point{0.3, 0.2}));
    EXPECT_FALSE(lines()[0].is_open);
    // A band takes several; Delete takes them out.
    key(Qt::Key_A, Qt::ControlModifier);
    EXPECT_EQ(tools.selection().size(), lines()[0].node_count());
    key(Qt::Key_Escape);
    EXPECT_TRUE(tools.selection().empty());
    key(Qt::Key_PageDown);
    const std::size_t before_delete = lines()[0].node_count();
    key(Qt::Key_Delete);
    EXPECT_EQ(lines()[0].node_count(), before_delete - 1) << "nodes, not copies on the sheet";
    key(Qt::Key_Escape);
    if (window.findChild<BenchTools*>()->tool() != Tool::none)
        key(Qt::Key_Escape);
    EXPECT_EQ(window.findChild<BenchTools*>()->tool(), Tool::none);
}

TEST_F(CutLineByHand, LinesAreDrawnFreelyWithThePenAndLeftOut) {
    drop_artwork({test::demo_art("paper-lantern.png")});
    type("borderWidth", "2");
    click("stepCut");
    auto* list = find<QListWidget>("cutLines");
    ASSERT_EQ(list->count(), 2) << "the edge and the handle's hole";
    EXPECT_THAT(list->item(0)->text().toStdString(), HasSubstr("Hole"));
    const auto click_tick = [&](int row) {
        QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualItemRect(list->item(row)).center());
        list->setFocus();
        QTest::keyClick(list, Qt::Key_Space);
        settle();
    };
    click_tick(0);
    EXPECT_EQ(result()->cut_line().contours.size(), 1u);
    EXPECT_EQ(list->item(0)->checkState(), Qt::Unchecked) << "it stays in the list";
    click("stepBorder");
    type("borderWidth", "1");
    EXPECT_EQ(result()->cut_line().contours.size(), 1u) << "and stays uncut at another width";
    click("stepCut");
    click_tick(0);
    EXPECT_EQ(result()->cut_line().contours.size(), 2u);

    click("toolFreeHand");
    drag(view(), on_screen({5, 20}), on_screen({15, 30}));
    ASSERT_EQ(lines().size(), 3u);
    EXPECT_TRUE(lines()[2].is_open);
    EXPECT_EQ(list->count(), 3);
    EXPECT_THAT(list->item(0)->text().toStdString(), HasSubstr("Open line"));
    click("toolPen");
    const auto press_at = [&](Point p) { QTest::mouseClick(view(), Qt::LeftButton, {}, on_screen(p)); };
    press_at({16, 40});
    press_at({24, 40});
    QTest::mousePress(view(), Qt::LeftButton, {}, on_screen({24, 48})); // drawn away from: a curve
    QMouseEvent move(QEvent::MouseMove, QPointF(on_screen({20, 50})), view()->mapToGlobal(QPointF(on_screen({20, 50}))),
                     Qt::NoButton, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(view(), &move);
    QTest::mouseRelease(view(), Qt::LeftButton, {}, on_screen({20, 50}));
    press_at({16, 40}); // back at the start: closed
    settle();
    ASSERT_EQ(lines().size(), 4u);
    EXPECT_FALSE(lines()[3].is_open);
    EXPECT_EQ(lines()[3].path.segments.size(), 3u);
    EXPECT_EQ(lines()[3].path.segments[0].kind, Segment::Kind::line);
    EXPECT_EQ(lines()[3].path.segments[1].kind, Segment::Kind::cubic);
    const auto& cuts = model.snapshot().plan->pages[0].cuts;
    EXPECT_TRUE(cuts.empty()) << "nothing lies on the sheet yet";
    click("putOnSheet");
    const auto& placed = model.snapshot().plan->pages[0].cuts;
    EXPECT_EQ(placed.size(), 4u);
    EXPECT_EQ(std::count_if(placed.begin(), placed.end(), [](const CutPath& c) { return c.is_open; }), 1);
}

TEST_F(CutLineByHand, MenusOpenTheStepAndTakeItsTool) {
    drop_artwork({test::demo_art("puffin.png")});
    window.go_to(Place::sheet);
    settle();
    for (QAction* action : window.findChildren<QAction*>())
        if (action->text().remove('&') == "Draw a cut line with the pen")
            action->trigger();
    settle();
    EXPECT_EQ(window.findChild<BenchTools*>()->tool(), Tool::pen);
    EXPECT_TRUE(find<QPushButton>("toolPen")->isChecked());
}

TEST_F(CutLineByHand, SingleHolesCloseAndOpenByClick) {
    drop_artwork({test::demo_art("paper-lantern.png")});
    type("borderWidth", "1");
    ASSERT_EQ(result()->cut_line().contours.size(), 2u);
    const Rect hole = bounds(result()->cut_line().contours[1]);
    const Rect outer = bounds(result()->cut_line().contours[0]);
    const Point inside = hole.width() < outer.width() ? hole.centre() : outer.centre();
    click("toolHole");
    const auto press = [&] {
        QTest::mouseClick(view(), Qt::LeftButton, {}, on_screen(inside));
        settle();
    };
    press();
    EXPECT_EQ(result()->cut_line().contours.size(), 1u);
    press();
    EXPECT_EQ(result()->cut_line().contours.size(), 2u);
    choose("Close all");
    EXPECT_EQ(result()->cut_line().contours.size(), 1u);
    click("toolHole");
    if (window.findChild<BenchTools*>()->tool() != Tool::hole)
        click("toolHole");
    press();
    EXPECT_EQ(result()->cut_line().contours.size(), 2u) << "one kept although all others close";
}

TEST_F(CutLineByHand, WhatNoLongerFitsIsListedAndDroppedOrKept) {
    drop_artwork({test::demo_art("paper-lantern.png")});
    type("borderWidth", "1");
    click("stepCut");
    click("toolNodes");
    const auto hole =
        std::find_if(lines().begin(), lines().end(), [](const CutLine& l) { return signed_area(l.path) < 0; });
    ASSERT_NE(hole, lines().end());
    const Point node = node_at(*hole, 1);
    drag(view(), on_screen(node), on_screen(node + Point{0.8, 0.8}));
    ASSERT_EQ(model.in_hand.sticker()->hand.stretches.size(), 1u);
    click("stepBorder");
    choose("Close all");
    click("stepCut");
    EXPECT_THAT(find<QLabel>("lostWork")->text().toStdString(), HasSubstr("finds no place"));
    EXPECT_EQ(model.in_hand.sticker()->hand.stretches.size(), 1u) << "not lost";
    click("holdLost");
    EXPECT_TRUE(result()->cut->hand.does_not_apply.empty());
    click("undo");
    click("dropLost");
    EXPECT_TRUE(model.in_hand.sticker()->hand.empty());
    click("undo");
    EXPECT_EQ(model.in_hand.sticker()->hand.stretches.size(), 1u);
}

TEST_F(CutLineByHand, TheRibbonFollowsTheSliderAndIsLinkedBothWays) {
    drop_artwork({test::demo_art("puffin.png")});
    type("borderWidth", "0.3");
    auto* ribbon = find<EdgeRibbon>("edgeRibbon");
    EXPECT_THAT(find<QPushButton>("narrowestPlace")->text().toStdString(), HasSubstr("0.3 mm"));
    EXPECT_THAT(find<QLabel>("ribbonWords")->text().toStdString(), HasSubstr("sliver"));
    type("ribbonSlip", "0.2");
    EXPECT_EQ(find<QLabel>("ribbonWords")->text(), QString());
    // Dragged, the slider repaints the ribbon before the full result is there.
    auto* slider = find<QSlider>("borderSlider");
    const QImage before = ribbon->grab().toImage();
    QTest::mousePress(slider, Qt::LeftButton, {}, QPoint(slider->width() / 2, slider->height() / 2));
    EXPECT_TRUE(QTest::qWaitFor([&] { return ribbon->grab().toImage() != before; }, long_enough));
    QTest::mouseRelease(slider, Qt::LeftButton, {}, QPoint(slider->width() / 2, slider->height() / 2));
    settle();
    // From the ribbon to the view and back.
    const QImage plain = view()->grab().toImage();
    QTest::mouseMove(ribbon, QPoint(300, ribbon->height() - 50));
    QTest::qWait(50);
    EXPECT_NE(view()->grab().toImage(), plain) << "the place is ringed";
    const Point right = rightmost();
    QTest::mouseMove(view(), on_screen(right - Point{1, 0}));
    QTest::qWait(50);
    const QImage with_mark = ribbon->grab().toImage();
    QTest::mouseMove(view(), on_screen({-1, -1}));
    QTest::qWait(50);
    EXPECT_NE(ribbon->grab().toImage(), with_mark);
    const double scale = view()->px_per_mm();
    click("narrowestPlace");
    EXPECT_GE(view()->px_per_mm(), scale);
    const Ribbon along = ribbon_along(result()->cut_line(), result()->outline(), 0.08);
    const Point middle = view()->to_mm(view()->rect().center());
    EXPECT_LT(distance(middle, along.samples[*along.narrowest].at), 1);
}

TEST_F(CutLineByHand, TheRibbonIsWalkedByKeysWheelAndOverview) {
    drop_artwork({test::demo_art("tide-bell.png")});
    auto* ribbon = find<EdgeRibbon>("edgeRibbon");
    ribbon->setFocus();
    QTest::keyClick(ribbon, Qt::Key_Home);
    const Ribbon along = ribbon_along(result()->cut_line(), result()->outline(), 0.08);
    const auto in_the_middle = [&] { return view()->to_mm(view()->rect().center()); };
    EXPECT_LT(distance(in_the_middle(), along.samples.front().at), 0.5);
    for (int i = 0; i < 3; ++i)
        QTest::keyClick(ribbon, Qt::Key_Right, Qt::ShiftModifier);
    EXPECT_LT(distance(in_the_middle(), along.samples[along.sample_at(30)].at), 0.8) << "three times 10 mm on";
    QTest::keyClick(ribbon, Qt::Key_End);
    EXPECT_LT(distance(in_the_middle(), along.samples.back().at), 0.5);
    // The overview jumps, the wheel zooms: both show another part of the strip.
    QImage before = ribbon->grab().toImage();
    QTest::mouseClick(ribbon, Qt::LeftButton, {}, QPoint(ribbon->width() / 2, 44));
    EXPECT_NE(ribbon->grab().toImage(), before);
    before = ribbon->grab().toImage();
    const QPointF at(ribbon->width() / 2.0, ribbon->height() - 50);
    QWheelEvent wheel(at, ribbon->mapToGlobal(at), {}, {0, 240}, Qt::NoButton, Qt::NoModifier, Qt::NoScrollPhase,
                      false);
    QApplication::sendEvent(ribbon, &wheel);
    EXPECT_NE(ribbon->grab().toImage(), before);
    // A click in the strip goes there.
    QTest::mouseClick(ribbon, Qt::LeftButton, {}, at.toPoint());
    EXPECT_LT(nearest_place(lines(), in_the_middle())->distance, 0.3);
}

TEST_F(CutLineByHand, BleedTooNearANeighbourIsFoundMovedAwayAndUndone) {
    drop_artwork({test::demo_art("kelp-relish.png")});
    type("borderWidth", "0");
    click("stepBleed");
    choose("Art's colours");
    type("bleedWidth", "1.5");
    click("putOnSheet");
    click("placeCopies");
    const auto short_ones = [&] {
        const auto& findings = model.snapshot().findings;
        return std::count_if(findings.begin(), findings.end(),
                             [](const Finding& f) { return f.rule == "short-bleed"; });
    };
    EXPECT_EQ(short_ones(), 0) << "copies are put far enough apart for their bleed";
    ASSERT_GE(model.document().placements.size(), 2u);
    const Point first = model.document().placements[0].centre, second = model.document().placements[1].centre;
    model.in_hand.select({CopyId{2}});
    const Point towards = unit(first - second);
    model.copies.move(1.6 * towards, {});
    settle();
    ASSERT_EQ(short_ones(), 2) << "one for each of the two";
    const Document before = model.document();
    const auto& findings = model.snapshot().findings;
    model.copies.apply_fix(
        *std::find_if(findings.begin(), findings.end(), [](const Finding& f) { return f.rule == "short-bleed"; }));
    settle();
    EXPECT_EQ(short_ones(), 0);
    click("undo");
    EXPECT_EQ(model.document(), before);
    EXPECT_EQ(short_ones(), 2);
}

} // namespace
} // namespace fusuma::app
