// Machines: where their axes run, what they reach, prints found in them by hand, and arcs for those that take them.

#include "core/geometry/measure.h"
#include "core/machine/arcs.h"
#include "core/machine/loaded_sheet.h"
#include "tests/support/samples.h"

#include <gmock/gmock.h>
#include <numbers>
#include <random>
#include <type_traits>

namespace fusuma {
namespace {

using testing::HasSubstr;

// A job is made by a print that was found, and that by a sheet that was loaded: there is no other way to one.
static_assert(!std::is_default_constructible_v<MachineJob> && !std::is_default_constructible_v<FoundPrint>);
static_assert(!std::is_constructible_v<MachineJob, std::shared_ptr<const Machine>, CutJob, Material, Motion>);
static_assert(!std::is_constructible_v<FoundPrint, std::shared_ptr<const Machine>, Size, Registration>);

constexpr double radian = std::numbers::pi / 180;

Machine turned_machine(BedCorner nought, Heading x, Heading y) {
    Machine machine;
    machine.bed = {400, 600};
    machine.nought = nought;
    machine.x_runs = x;
    machine.y_runs = y;
    return machine;
}

/// Every way that axes can lie.
std::vector<Machine> all_machines() {
    std::vector<Machine> all;
    for (const auto& corner : words<BedCorner>)
        for (const Heading across : {Heading::left, Heading::right})
            for (const Heading along : {Heading::up, Heading::down}) {
                all.push_back(turned_machine(corner.value, across, along));
                all.push_back(turned_machine(corner.value, along, across));
            }
    return all;
}

TEST(Machine, ItsAxesRunFromItsCornerTheWayTheyAreSaidTo) {
    const auto on_bed = [](const Machine& machine, Point p) { return bed_of(machine).apply(p); };
    EXPECT_EQ(on_bed(turned_machine(BedCorner::bottom_left, Heading::right, Heading::up), {0, 0}), (Point{0, 600}));
    EXPECT_EQ(on_bed(turned_machine(BedCorner::bottom_left, Heading::right, Heading::up), {30, 20}), (Point{30, 580}));
    EXPECT_EQ(on_bed(turned_machine(BedCorner::top_right, Heading::down, Heading::left), {30, 20}), (Point{380, 30}));
    EXPECT_EQ(on_bed(turned_machine(BedCorner::top_left, Heading::right, Heading::up), {30, -20}), (Point{30, 20}))
        << "the numbers of such a machine are below nought";
    ASSERT_EQ(all_machines().size(), 32u);
    for (const Machine& machine : all_machines()) {
        const Transform there = bed_of(machine), back = there.inverted();
        for (const Point p : {Point{0, 0}, Point{12.5, -3}, Point{100, 250}})
            EXPECT_LT(distance(back.apply(there.apply(p)), p), 1e-12);
        EXPECT_NEAR(std::abs(there.determinant()), 1, 1e-15) << "lengths stay lengths";
    }
}

TEST(Machine, PaperLiesInTheCornerOfItsNought) {
    const auto corner = [&](BedCorner nought) {
        return paper_on_bed(turned_machine(nought, Heading::right, Heading::up), test::a4).apply({0, 0});
    };
    EXPECT_EQ(corner(BedCorner::top_left), (Point{0, 0}));
    EXPECT_EQ(corner(BedCorner::top_right), (Point{190, 0}));
    EXPECT_EQ(corner(BedCorner::bottom_left), (Point{0, 303}));
    EXPECT_EQ(corner(BedCorner::bottom_right), (Point{190, 303}));
}

std::vector<CutPath> discs(const std::vector<Point>& middles) {
    std::vector<CutPath> paths;
    for (std::size_t i = 0; i < middles.size(); ++i)
        paths.push_back(
            {contour_of(test::ellipse(middles[i], 15, 15, 0, 200)), CutKind::kiss, CopyId{static_cast<int>(i) + 1}});
    return paths;
}

TEST(Machine, NamesWhatItDoesNotReach) {
    Machine machine = turned_machine(BedCorner::bottom_left, Heading::right, Heading::up);
    machine.bed = {200, 280}; // smaller than the paper
    const auto job = LoadedSheet(std::make_shared<const Machine>(machine), {210, 297})
                         .by_edge()
                         .job(discs({{100, 100}, {190, 150}, {40, 20}}), {}, {});
    auto outside = job.out_of_reach();
    std::ranges::sort(outside, {}, &OutOfReach::copy);
    ASSERT_EQ(outside.size(), 2u);
    EXPECT_EQ(outside[0].copy, CopyId{2});
    EXPECT_EQ(outside[0].past, Heading::right);
    EXPECT_NEAR(outside[0].mm, 5, 0.01);
    EXPECT_EQ(outside[1].copy, CopyId{3});
    EXPECT_EQ(outside[1].past, Heading::up) << "the paper's top lies past the far edge";
    EXPECT_NEAR(outside[1].mm, 12, 0.01);
    Document document;
    EXPECT_EQ(reach_words(outside[0], document).english(),
              "A line that divides the sheet would leave the machine's bed by 5.0 mm at its right edge");
}

/// The figure of docs/cutting.md.
TEST(Machine, ACrookedSheetFoundByHandIsCutWithinAQuarterMillimetre) {
    const Size paper{210, 297};
    const auto marks = marks_on(paper, {.kind = MarkKind::crosses});
    ASSERT_EQ(marks.size(), 4u);
    const auto cuts = discs({{40, 40}, {170, 60}, {105, 150}, {45, 250}, {165, 255}});
    Polygons lines;
    for (const CutPath& cut : cuts)
        lines.push_back(flatten_line(cut.line, 0.002));
    const auto machines = all_machines();
    for (unsigned seed = 1; seed <= 200; ++seed) {
        std::mt19937 random(seed);
        const auto within = [&](double most) { return std::uniform_real_distribution(-most, most)(random); };
        const auto machine = std::make_shared<const Machine>(machines[seed % machines.size()]);
        const Pose crooked{{within(10), within(10)}, within(5 * radian), 1, 1};
        const Transform lies = map_of(crooked, {105, 148.5}).then(paper_on_bed(*machine, paper)); // truly, on the bed
        std::vector<std::optional<Point>> pointed;
        for (const Mark& mark : marks)
            pointed.push_back(bed_of(*machine).inverted().apply(lies.apply(mark.centre)) +
                              Point{within(0.1), within(0.1)});
        const FoundPrint print = LoadedSheet(machine, paper).by_hand(marks, pointed);
        ASSERT_TRUE(print.registration().accepted) << print.registration().reason;
        double worst = 0;
        const MachineJob job = print.job(cuts, {}, {});
        for (const CutRun& run : job.cut().runs)
            for (std::size_t i = 0; i < run.axis.size(); i += 7) {
                const Point on_print = lies.inverted().apply(run.axis[i]);
                worst = std::max(worst, nearest_on(lines, on_print, worst).distance);
            }
        EXPECT_LT(worst, 0.25) << "seed " << seed;
    }
}

TEST(Machine, ThreeMarksFitFourCheckAndFiveSayWhichOneIsWrong) {
    const Size paper{210, 297};
    const auto marks = marks_on(paper, {});
    ASSERT_EQ(marks.size(), 5u);
    const LoadedSheet sheet(
        std::make_shared<const Machine>(turned_machine(BedCorner::bottom_left, Heading::right, Heading::up)), paper);
    std::vector<std::optional<Point>> pointed;
    for (const Mark& mark : marks)
        pointed.push_back(sheet.expected(mark.centre));
    EXPECT_TRUE(sheet.by_hand(marks, pointed).registration().accepted);
    for (std::size_t wrong = 0; wrong < marks.size(); ++wrong) {
        auto places = pointed;
        *places[wrong] = *places[wrong] + Point{3, -2};
        const Registration five = sheet.by_hand(marks, places).registration();
        EXPECT_FALSE(five.accepted);
        EXPECT_THAT(five.reason.english(), HasSubstr(name_of(marks, wrong).english()))
            << "of five, the wrong one is known";
        places[wrong].reset();
        EXPECT_TRUE(sheet.by_hand(marks, places).registration().accepted);
    }
    auto four = pointed;
    four[4].reset();
    *four[2] = *four[2] + Point{3, -2};
    const Registration checked = sheet.by_hand(marks, four).registration();
    EXPECT_FALSE(checked.accepted);
    EXPECT_THAT(checked.reason.english(), HasSubstr("differ by"));
    auto three = pointed;
    three[4].reset();
    three[2].reset();
    EXPECT_THAT(sheet.by_hand(marks, three).registration().reason.english(), HasSubstr("Three marks"));
    three[3].reset();
    EXPECT_THAT(sheet.by_hand(marks, three).registration().reason.english(), HasSubstr("Point at three marks"));
}

TEST(Machine, ANextMarkIsExpectedWhereThoseBeforeSay) {
    const Size paper{210, 297};
    const auto marks = marks_on(paper, {});
    const auto machine =
        std::make_shared<const Machine>(turned_machine(BedCorner::top_right, Heading::down, Heading::left));
    const LoadedSheet sheet(machine, paper);
    const Transform lies = map_of({{4, -7}, 3 * radian, 1, 1}, {105, 148.5})
                               .then(paper_on_bed(*machine, paper))
                               .then(bed_of(*machine).inverted());
    std::vector<std::optional<Point>> pointed(marks.size());
    double before = HUGE_VAL;
    for (std::size_t i = 0; i < marks.size(); ++i) {
        const double off = distance(sheet.expected(marks[i].centre, marks, pointed), lies.apply(marks[i].centre));
        if (i == 1) {
            EXPECT_LT(off, before) << "one mark tells the shift";
        }
        if (i >= 3) {
            EXPECT_LT(off, 1e-6) << "three tell the rest";
        }
        before = off;
        pointed[i] = lies.apply(marks[i].centre);
    }
}

TEST(Machine, ANudgeMovesTheCutAsOneStandsBeforeIt) {
    for (const Machine& machine : all_machines()) {
        auto shifted = machine;
        shifted.shift = {0.5, 0};
        const auto middle = [](const FoundPrint& print) {
            const MachineJob job = print.job(discs({{100, 100}}), {}, {});
            return bounds(Polygons{job.cut().runs[0].axis}).centre();
        };
        const FoundPrint plain = LoadedSheet(std::make_shared<const Machine>(machine), {210, 297}).by_edge();
        FoundPrint print = LoadedSheet(std::make_shared<const Machine>(shifted), {210, 297}).by_edge();
        print.nudge({-0.2, 0.1});
        print.nudge({0, 0.2});
        EXPECT_LT(distance(middle(print) - middle(plain), {0.3, 0.3}), 1e-9);
    }
}

TEST(Arcs, OfACircleAreFewAndStayOnIt) {
    const auto ring = test::ellipse({30, 40}, 20, 20, 0, 400);
    auto path = ring;
    path.push_back(ring.front());
    const auto steps = with_arcs(path, 0.005);
    EXPECT_LE(steps.size(), 8u);
    for (const PathStep& step : steps) {
        ASSERT_TRUE(step.centre);
        EXPECT_LT(distance(*step.centre, {30, 40}), 0.02);
        EXPECT_EQ(step.is_clockwise, cross(path[1] - Point{30, 40}, path[2] - Point{30, 40}) < 0) << "with y up";
    }
    EXPECT_EQ(steps.back().to, path.front());
}

TEST(Arcs, StraightPathsStayStraight) {
    std::vector<Point> path;
    for (int i = 0; i <= 40; ++i)
        path.push_back({i * 1.0, i * 0.5});
    for (int i = 1; i <= 40; ++i)
        path.push_back({40.0 - i, 20.0 + i});
    for (const PathStep& step : with_arcs(path, 0.005))
        EXPECT_FALSE(step.centre);
    EXPECT_EQ(with_arcs({{1, 1}}, 0.005).size(), 0u);
    EXPECT_EQ(with_arcs({{1, 1}, {2, 2}}, 0.005).size(), 1u);
}

/// Whatever the path, no place of it or of its arcs is farther from the other than the tolerance.
TEST(Arcs, NeverLeaveThePath) {
    for (unsigned seed = 1; seed <= 60; ++seed) {
        std::mt19937 random(seed);
        const auto within = [&](double low, double high) { return std::uniform_real_distribution(low, high)(random); };
        std::vector<Point> path{{0, 0}};
        double heading = 0;
        for (int bend = 0; bend < 12; ++bend) {
            const double turn = bend % 4 == 3 ? 0 : within(-0.4, 0.4), step = within(0.05, 1.2);
            for (int i = 0; i < 20; ++i)
                path.push_back(path.back() + step * Point{std::cos(heading += turn), std::sin(heading)});
            heading += within(-2, 2); // a corner
        }
        constexpr double tolerance = 0.01;
        std::vector<Point> drawn{path.front()};
        for (const PathStep& step : with_arcs(path, tolerance)) {
            if (step.centre) {
                const Point from = drawn.back() - *step.centre, to = step.to - *step.centre;
                EXPECT_NEAR(norm(from), norm(to), 1e-6);
                double turn = std::atan2(cross(from, to), dot(from, to));
                if (step.is_clockwise ? turn > 0 : turn < 0)
                    turn += (step.is_clockwise ? -2 : 2) * std::numbers::pi;
                for (int i = 1; i < 200; ++i)
                    drawn.push_back(Transform::turn(turn * i / 200).apply(from) + *step.centre);
            }
            drawn.push_back(step.to);
        }
        EXPECT_EQ(drawn.back(), path.back());
        const auto farthest = [](const std::vector<Point>& from, std::vector<Point> to) {
            to.insert(to.end(), to.rbegin(), to.rend()); // there and back, so that it is not closed by another line
            const Polygons lines{to};
            double far = 0;
            for (const Point p : from)
                far = std::max(far, nearest_on(lines, p, far).distance);
            return far;
        };
        EXPECT_LT(farthest(path, drawn), tolerance + 1e-3) << seed;
        EXPECT_LT(farthest(drawn, path), tolerance + 1e-3) << seed;
    }
}

} // namespace
} // namespace fusuma
