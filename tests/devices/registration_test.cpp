// Fits beside the published closed form's implementations, marks found on practice scans, and how sheets are located.

#include "core/registration/find_marks.h"
#include "core/registration/locate.h"
#include "core/sheet/sheet.h"
#include "devices/practice/practice_sheet.h"
#include "tests/support/samples.h"

#include <Eigen/Geometry>
#include <QImage>
#include <QPainter>
#include <QPainterPath>
#include <cstdlib>
#include <gmock/gmock.h>
#include <numbers>
#include <opencv2/calib3d.hpp>
#include <random>

namespace fusuma {
namespace {

using test::a4;
using test::degree;
using testing::HasSubstr;

std::vector<Pair> random_pairs(std::mt19937& numbers, const Transform& map, int count, double noise) {
    std::uniform_real_distribution<double> place(10, 200);
    std::normal_distribution<double> off(0, noise);
    std::vector<Pair> pairs;
    for (int i = 0; i < count; ++i) {
        const Point p{place(numbers), place(numbers)};
        pairs.push_back({p, map.apply(p) + Point{off(numbers), off(numbers)}});
    }
    return pairs;
}

TEST(Fit, SimilarityAgreesWithEigensUmeyama) { // Eigen::umeyama, after Umeyama 1991
    std::mt19937 numbers(3);
    for (int t = 0; t < 50; ++t) {
        const auto pairs = random_pairs(numbers, map_of({{3, -7}, 0.3, 1.02, 1.02}, {100, 100}), 4 + t % 5, 0.5);
        Eigen::Matrix2Xd wanted(2, static_cast<Eigen::Index>(pairs.size())), found = wanted;
        for (std::size_t i = 0; i < pairs.size(); ++i) {
            wanted.col(static_cast<Eigen::Index>(i)) << pairs[i].wanted.x, pairs[i].wanted.y;
            found.col(static_cast<Eigen::Index>(i)) << pairs[i].found.x, pairs[i].found.y;
        }
        const Eigen::Matrix3d theirs = Eigen::umeyama(wanted, found, true);
        const Transform ours = fit_similarity(pairs);
        for (const auto& [a, b] : {std::pair{ours.a, theirs(0, 0)},
                                   {ours.b, theirs(1, 0)},
                                   {ours.c, theirs(0, 1)},
                                   {ours.d, theirs(1, 1)},
                                   {ours.dx, theirs(0, 2)},
                                   {ours.dy, theirs(1, 2)}})
            EXPECT_NEAR(a, b, 1e-9);
    }
}

TEST(Fit, AgreesWithOpenCv) { // estimateAffinePartial2D and estimateAffine2D without outliers
    std::mt19937 numbers(8);
    for (int t = 0; t < 20; ++t) {
        const auto pairs = random_pairs(numbers, map_of({{1, 2}, -0.05, 1.01, 0.99}, {100, 150}), 8, 0.02);
        std::vector<cv::Point2f> wanted, found;
        for (const Pair& p : pairs) {
            wanted.emplace_back(static_cast<float>(p.wanted.x), static_cast<float>(p.wanted.y));
            found.emplace_back(static_cast<float>(p.found.x), static_cast<float>(p.found.y));
        }
        const cv::Mat partial = cv::estimateAffinePartial2D(wanted, found, cv::noArray(), cv::RANSAC, 50);
        const cv::Mat whole = cv::estimateAffine2D(wanted, found, cv::noArray(), cv::RANSAC, 50);
        for (const auto& [ours, theirs] : {std::pair{fit_similarity(pairs), partial}, {fit_affine(pairs), whole}})
            for (const Point p : {Point{20, 20}, Point{180, 30}, Point{100, 190}}) {
                const Point q{theirs.at<double>(0, 0) * p.x + theirs.at<double>(0, 1) * p.y + theirs.at<double>(0, 2),
                              theirs.at<double>(1, 0) * p.x + theirs.at<double>(1, 1) * p.y + theirs.at<double>(1, 2)};
                EXPECT_LT(distance(ours.apply(p), q), 0.01); // theirs refine by iterating on floats
            }
    }
}

TEST(Fit, StretchedFollowsExactlyFromThreeMarks) {
    const Pose pose{{2.5, -1.25}, 0.03, 1.008, 0.994};
    const Point middle{105, 148.5};
    std::vector<Pair> pairs;
    for (const Point p : {Point{14, 14}, Point{196, 14}, Point{14, 283}})
        pairs.push_back({p, map_of(pose, middle).apply(p)});
    const Pose found = pose_of(fit_stretched(pairs), middle);
    EXPECT_LT(distance(found.shift, pose.shift), 1e-6);
    EXPECT_NEAR(found.turn, pose.turn, 1e-8);
    EXPECT_NEAR(found.stretch_x, pose.stretch_x, 1e-8);
    EXPECT_NEAR(found.stretch_y, pose.stretch_y, 1e-8);
    EXPECT_LT(root_mean_square(residuals(pairs, fit_stretched(pairs))), 1e-6);
}

/// A sheet with its marks and art that is full of round things: eyes, buttons, polka dots.
QImage printed_sheet(const std::vector<Mark>& marks, double dpi, std::uint32_t seed = 4) {
    const double px = dpi / 25.4;
    QImage sheet(qRound(a4.width * px), qRound(a4.height * px), QImage::Format_RGB32);
    sheet.setDotsPerMeterX(qRound(px * 1000));
    sheet.setDotsPerMeterY(qRound(px * 1000));
    sheet.fill(Qt::white);
    QPainter painter(&sheet);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.scale(px, px);
    painter.setPen(Qt::NoPen);
    std::mt19937 numbers(seed);
    std::uniform_real_distribution<double> x(35, 175), y(35, 262), r(0.5, 6);
    for (int i = 0; i < 60; ++i) {
        painter.setBrush(QColor::fromHsv(static_cast<int>(numbers() % 360), 200, static_cast<int>(numbers() % 200)));
        painter.drawEllipse(QPointF(x(numbers), y(numbers)), r(numbers), r(numbers));
    }
    painter.setBrush(Qt::black);
    for (int i = 0; i < 4; ++i) // the very size and colour of a mark
        painter.drawEllipse(QPointF(60 + 22.0 * i, 25), 2.5, 2.5);
    for (const Mark& mark : marks) {
        QPainterPath path;
        for (const Contour& contour : ink_of(mark).contours) {
            path.moveTo(contour.start.x, contour.start.y);
            for (const Segment& s : contour.segments)
                s.kind == Segment::Kind::line
                    ? path.lineTo(s.end.x, s.end.y)
                    : path.cubicTo(s.control1.x, s.control1.y, s.control2.x, s.control2.y, s.end.x, s.end.y);
        }
        painter.fillPath(path, Qt::black);
    }
    return sheet;
}

struct Laid {
    std::vector<Mark> marks;
    PracticeFaults faults;
    Registration found;

    /// The farthest that the fit puts any place of the sheet from where it truly is, mm.
    [[nodiscard]] double error() const {
        double worst = 0;
        for (const Point p : {Point{10, 10}, Point{200, 10}, Point{10, 287}, Point{200, 287}, Point{105, 148}})
            worst = std::max(worst, distance(found.fit.apply(p), true_place(faults, a4).apply(p)));
        return worst;
    }
};

Laid laid(const QImage& sheet, const std::vector<Mark>& marks, const PracticeFaults& faults) {
    const QImage printed = with_faults(sheet, a4, faults.print);
    const Scan scan = practice_scan(printed, a4, marks, faults.print, faults.load);
    return {marks, faults, locate(marks, find_spots(scan, marks))};
}

/// FUSUMA_SHEETS sets how many; docs/cutting.md tells of 500.
TEST(Locate, FindsCrookedSheetsOrRefusesThem) {
    const char* asked = std::getenv("FUSUMA_SHEETS");
    const int sheets = asked ? std::atoi(asked) : 80;
    const auto marks = marks_on(a4, {});
    const QImage sheet = printed_sheet(marks, 110); // fewer dots than a printer's make it harder and quicker
    std::mt19937 numbers(2026);
    const auto between = [&numbers](double most) { return (static_cast<double>(numbers()) / 2147483648.0 - 1) * most; };
    int accepted = 0;
    for (int i = 0; i < sheets; ++i) {
        PracticeFaults f;
        f.load = {{between(3), between(3)},     between(3) * degree, i % 10 == 0, 3 + std::abs(between(5)), {}, {},
                  static_cast<std::uint32_t>(i)};
        f.print.pose = {{}, 0, 1 + between(0.01), 1 + between(0.01)};
        if (i % 25 == 3)
            f.load.smudged = {static_cast<std::size_t>(i) % 5};
        if (i % 25 == 7)
            f.load.missing = {static_cast<std::size_t>(i) % 5};
        const Laid l = laid(sheet, marks, f);
        if (l.found.accepted) {
            ++accepted;
            ASSERT_LT(l.error(), 0.15) << "sheet " << i;
            ASSERT_TRUE(f.load.missing.empty()) << "sheet " << i;
        } else {
            ASSERT_FALSE(l.found.reason.empty());
        }
    }
    EXPECT_GE(accepted, sheets * 91 / 100) << "all but those with smudged or missing marks";
}

TEST(Locate, SaysWhichMarkIsMissingAndTakesTheOthersWhenTold) {
    const auto marks = marks_on(a4, {});
    const QImage sheet = printed_sheet(marks, 200);
    PracticeFaults f;
    f.load.turn = 1.5 * degree;
    f.load.missing = {3};
    const Laid l = laid(sheet, marks, f);
    EXPECT_FALSE(l.found.accepted);
    EXPECT_EQ(l.found.marks_found, 4u);
    EXPECT_EQ(l.found.reason.english(), "A mark was not found: the dot at the bottom left. Smudged or covered?");
    const Scan scan = practice_scan(sheet, a4, marks, {}, f.load);
    const Registration told = locate(marks, find_spots(scan, marks), {.may_be_missing = 2});
    EXPECT_TRUE(told.accepted);
    EXPECT_LT((Laid{marks, f, told}.error()), 0.1);
    f.load.missing = {0, 1, 2};
    EXPECT_FALSE(laid(sheet, marks, f).found.accepted);
}

TEST(Locate, LeavesOutAMarkThatLiesWhereTheOthersSayItShouldNot) {
    const auto marks = marks_on(a4, {});
    std::vector<Spot> spots;
    for (const Mark& mark : marks)
        spots.push_back({mark.centre + Point{4, 2}, 2.5, 0});
    spots[1].at = spots[1].at + Point{0.6, 0};
    const Registration r = locate(marks, spots);
    EXPECT_FALSE(r.accepted);
    EXPECT_THAT(r.reason.english(), HasSubstr("lies 0.60 mm from where the others say"));
    const Registration told = locate(marks, spots, {.may_be_missing = 1});
    EXPECT_TRUE(told.accepted);
    EXPECT_LT(distance(told.fit.apply({100, 100}), {104, 102}), 1e-6);
}

TEST(Locate, RefusesWhatItCannotTell) {
    const auto dots = marks_on(a4, {});
    EXPECT_THAT(locate(dots, {}).reason.english(), HasSubstr("No mark was found"));
    EXPECT_THAT(locate({}, {}).reason.english(), HasSubstr("fewer than three marks"));
    std::vector<Spot> scattered{{{10, 10}, 2.5, 0}, {{60, 200}, 2.5, 0}, {{70, 20}, 2.5, 0}};
    EXPECT_THAT(locate(dots, scattered).reason.english(), HasSubstr("do not lie as the marks do"));
    // Four crosses look the same upside down.
    const auto crosses = marks_on(a4, {.kind = MarkKind::crosses});
    std::vector<Spot> spots;
    for (const Mark& mark : crosses)
        spots.push_back({mark.centre, 2.5, 0});
    EXPECT_THAT(locate(crosses, spots).reason.english(), HasSubstr("the other way up"));
    // A print at 104 % was scaled.
    spots.clear();
    for (const Mark& mark : dots)
        spots.push_back({1.02 * mark.centre, 2.5, 0});
    EXPECT_TRUE(locate(dots, spots).accepted);
    for (Spot& spot : spots)
        spot.at = (1.045 / 1.02) * spot.at;
    EXPECT_FALSE(locate(dots, spots).accepted);
}

TEST(FindSpots, PlacesDotsCrossesAndRingsWithinAFewHundredthsOfAPixel) {
    for (const MarkShape shape : {MarkShape::dot, MarkShape::cross, MarkShape::ring}) {
        MarkSettings settings{.kind = MarkKind::scheme};
        settings.scheme.marks = {{shape, PaperCorner::top_left, {14.13, 15.27}, 3, 0.6},
                                 {shape, PaperCorner::top_right, {14.41, 15.9}, 3, 0.6}};
        const auto marks = marks_on(a4, settings);
        const QImage sheet = printed_sheet(marks, 300, 9);
        const Scan scan = practice_scan(sheet, a4, marks, {}, {});
        const auto spots = find_spots(scan, marks);
        for (const Mark& mark : marks) {
            double nearest = HUGE_VAL;
            for (const Spot& spot : spots)
                nearest = std::min(nearest, distance(spot.at, mark.centre));
            EXPECT_LT(nearest * scan.px_per_mm, 0.06) << "shape " << static_cast<int>(shape);
        }
    }
}

TEST(FindSpots, TellsRingsFromThoseWithACore) {
    MarkSettings settings{.kind = MarkKind::scheme};
    settings.scheme.marks = {{MarkShape::ring, PaperCorner::top_left, {14, 15}, 4, 1.4},
                             {MarkShape::ring, PaperCorner::top_right, {14, 16}, 4, 1.4}};
    auto marks = marks_on(a4, settings);
    marks.push_back({marks[0].centre, 1.3, 8, MarkShape::dot});
    const QImage sheet = printed_sheet(marks, 300, 9);
    marks.pop_back();
    const auto spots = find_spots(practice_scan(sheet, a4, marks, {}, {}), marks);
    ASSERT_EQ(spots.size(), 1u);
    EXPECT_LT(distance(spots[0].at, marks[1].centre), 0.02);
}

TEST(FindSpots, IgnoresEmptyAndTinyScans) {
    const auto marks = marks_on(a4, {});
    EXPECT_TRUE(find_spots({}, marks).empty());
    EXPECT_TRUE(find_spots({3, 3, 11.8, {}, std::vector<std::uint8_t>(9)}, marks).empty());
    Scan blank{2480, 3508, 11.8, {}, std::vector<std::uint8_t>(std::size_t{2480} * 3508, 245)};
    EXPECT_TRUE(find_spots(blank, marks).empty());
    std::fill(blank.grey.begin(), blank.grey.end(), std::uint8_t{0});
    EXPECT_TRUE(find_spots(blank, marks).empty());
}

TEST(ByHand, ThreeMarksAreEnoughAndAFourthChecksThem) {
    const auto marks = marks_on(a4, {.kind = MarkKind::crosses});
    const Transform lies = map_of({{1, -2}, 0.01, 1.003, 0.998}, {105, 148.5});
    std::vector<std::optional<Point>> pointed(4);
    EXPECT_FALSE(located_by_hand(marks, pointed).accepted);
    for (const std::size_t i : {0u, 1u, 3u})
        pointed[i] = lies.apply(marks[i].centre);
    const Registration three = located_by_hand(marks, pointed);
    EXPECT_TRUE(three.accepted);
    EXPECT_THAT(three.reason.english(), HasSubstr("Three marks"));
    EXPECT_LT(distance(three.fit.apply({196, 283}), lies.apply({196, 283})), 1e-3);
    pointed[2] = lies.apply(marks[2].centre) + Point{3, 0};
    const Registration wrong = located_by_hand(marks, pointed);
    EXPECT_FALSE(wrong.accepted);
    EXPECT_THAT(wrong.reason.english(), HasSubstr("Which one is off cannot be told")) << "of four, any three agree";
}

TEST(Marks, AreNamedByWhereTheyLie) {
    const auto dots = marks_on(a4, {});
    std::vector<std::string> names;
    for (std::size_t i = 0; i < dots.size(); ++i)
        names.push_back(name_of(dots, i).english());
    EXPECT_THAT(names, testing::ElementsAre("the dot at the top left", "the dot at the top right",
                                            "the dot at the bottom right", "the dot at the bottom left",
                                            "the inner dot at the top left"));
}

} // namespace
} // namespace fusuma
