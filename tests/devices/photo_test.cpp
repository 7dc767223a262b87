// Photographs by the practice camera: the board, papers and cards found in them and laid flat, prints found by them,
// and pictures that must be refused. FUSUMA_PHOTOS sets how many seeds; docs/photographs.md tells of 100.

#include "core/photo/find_print.h"
#include "core/photo/fit_view.h"
#include "core/photo/lay_flat.h"
#include "core/plan/planner.h"
#include "core/plan/test_prints.h"
#include "core/registration/fit.h"
#include "core/sheet/sheet.h"
#include "devices/practice/practice_camera.h"
#include "devices/practice/practice_printer.h"
#include "devices/practice/practice_sheet.h"
#include "formats/pdf/pdf_write.h"
#include "formats/picture/picture_read.h"
#include "formats/project/project_file.h"
#include "formats/room/room.h"
#include "tests/support/samples.h"

#include <QGuiApplication>
#include <QPainter>
#include <QPainterPath>
#include <QTemporaryDir>
#include <cstdlib>
#include <gmock/gmock.h>
#include <iostream>
#include <numbers>
#include <opencv2/calib3d.hpp>
#include <random>

namespace fusuma {
namespace {

using test::a4;
using test::degree;
using testing::HasSubstr;

int photos(int usual) {
    const char* asked = std::getenv("FUSUMA_PHOTOS");
    return asked ? std::atoi(asked) : usual;
}

class Chance {
  public:
    explicit Chance(unsigned seed) : numbers(seed) {}
    double operator()(double least, double most) {
        return least + (most - least) * (static_cast<double>(numbers()) / 4294967296.0);
    }

  private:
    std::mt19937 numbers;
};

/// The board as it is printed, with a few blots inside.
Image printed_board(const Board& board, double px_per_mm) {
    const auto print = practice_print(
        QByteArray::fromStdString(print_pdf(board_page(board), {.with_cut_lines = false})), px_per_mm * 25.4);
    QImage sheet = print->convertToFormat(QImage::Format_RGBA8888);
    QPainter painter(&sheet);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.scale(sheet.width() / board.paper.width, sheet.height() / board.paper.height);
    painter.setPen(QPen(QColor(40, 30, 90), 1.2));
    for (int i = 0; i < 5; ++i) // rings that are no marks
        painter.drawEllipse(QPointF(board.inside.min.x + 30 + 14 * i, board.inside.max.y - 30), 4, 4);
    painter.setPen(Qt::NoPen);
    painter.setBrush(QColor(150, 30, 40));
    painter.drawEllipse(QPointF(board.inside.centre().x, board.inside.centre().y), 25, 18);
    painter.end();
    return *image_from(sheet);
}

/// As people take them: tilted, turned, in any light. Smaller than telephones' unless many are asked for.
PracticeShot any_shot(unsigned seed, Chance& any) {
    PracticeShot shot;
    shot.seed = seed;
    const bool is_wide = any(0, 1) < 0.5;
    const int longer = photos(0) > 0 ? 4000 : 1500;
    shot.width = is_wide ? longer : longer * 3 / 4;
    shot.height = is_wide ? longer * 3 / 4 : longer;
    shot.tilt = any(0, 35) * degree;
    shot.tilt_towards = any(0, 360) * degree;
    shot.turn = any(-12, 12) * degree;
    shot.lens = {any(-0.1, 0.1), 0};
    shot.falls_to = any(0.5, 1);
    shot.light_from = any(0, 360) * degree;
    shot.shadow = static_cast<PracticeShot::Shadow>(static_cast<int>(any(0, 3)));
    shot.shadow_strength = any(0.3, 0.55);
    shot.blur = any(0, 1.5);
    shot.noise = any(0, 5);
    return shot;
}

Image developed(const PracticePhoto& photo) {
    std::string said; // by the reader
    room::log_to([&said](const std::string& words) { said += words + "\n"; });
    const auto picture = read_picture(photo.jpeg, QStringLiteral("photo.jpg"));
    room::log_to({});
    EXPECT_TRUE(picture) << picture.problem().english() << "\n" << said;
    return *(*picture)->pixels.get();
}

TEST(PhotoBoard, ItsMarksTellWhereTheyAreEvenInTheMirror) {
    std::vector<Board> boards = usual_boards();
    boards.push_back(board_on({420, 594})); // A2, the largest
    for (const Board& board : boards) {
        const std::size_t n = board.marks.size();
        std::set<std::vector<bool>> seen;
        for (std::size_t from = 0; from < n; ++from) {
            std::vector<bool> forward, backward;
            for (std::size_t k = 0; k < told_apart; ++k) {
                forward.push_back(board.marks[(from + k) % n].has_core);
                backward.push_back(board.marks[(from + told_apart - 1 - k) % n].has_core);
            }
            EXPECT_TRUE(seen.insert(forward).second);
            EXPECT_TRUE(seen.insert(backward).second);
        }
        for (const Board::Mark& mark : board.marks)
            EXPECT_FALSE(board.inside.grown(BoardRing::outer + 3.9).contains(mark.centre));
    }
}

TEST(PhotoBoard, OfAnyPaperHasItsMarksAsFarApartAsTheyAreLookedFor) {
    Chance any(31);
    int boards = 0;
    while (boards < 60) {
        const Size paper{any(60, 800), any(60, 800)};
        if (!can_be_board(paper))
            continue;
        ++boards;
        const Board board = board_on(paper);
        for (std::size_t i = 0; i < board.marks.size(); ++i) {
            const double radii =
                distance(board.marks[i].centre, board.marks[(i + 1) % board.marks.size()].centre) / BoardRing::outer;
            EXPECT_GT(radii, 5) << paper.width << " x " << paper.height;
            EXPECT_LT(radii, 8.2) << paper.width << " x " << paper.height;
        }
    }
    EXPECT_FALSE(can_be_board({89, 200}));
    EXPECT_FALSE(can_be_board({594, 841}));
    EXPECT_TRUE(can_be_board({420, 594}));
}

TEST(PhotoBoard, IsFoundHoweverItIsPhotographedOrRefused) {
    const Board board = board_on(a4);
    const Image printed = printed_board(board, photos(0) > 0 ? 12 : 7);
    const int seeds = photos(3);
    int right = 0;
    for (int seed = 0; seed < seeds; ++seed) {
        Chance any(static_cast<unsigned>(seed));
        PracticeShot shot = any_shot(static_cast<unsigned>(seed), any);
        shot.turn += std::floor(any(0, 4)) * std::numbers::pi / 2;
        const PracticePhoto photo = photographed(printed, board.paper, shot);
        const auto found = find_board(grey_of(developed(photo)), usual_boards());
        if (!found) {
            EXPECT_FALSE(found.problem().hint.empty());
            std::cout << "seed " << seed << ": " << found.problem().english() << '\n';
            continue;
        }
        ++right;
        EXPECT_EQ(found->board.paper, a4);
        for (double x = 0.05; x < 1; x += 0.3)
            for (double y = 0.05; y < 1; y += 0.3) {
                const Point mm{board.inside.min.x + x * board.inside.width(),
                               board.inside.min.y + y * board.inside.height()};
                const auto back = found->view.to_plane(*photo.truth.to_photo(mm));
                ASSERT_TRUE(back);
                EXPECT_LT(distance(*back, mm), 0.1) << "seed " << seed;
            }
        EXPECT_NEAR(found->view.lens.k1, shot.lens.k1, 0.02);
    }
    EXPECT_GE(right, seeds * 97 / 100);
}

TEST(PhotoBoard, IsRefusedInOneSentenceAboutWhatToDo) {
    const Board board = board_on(a4);
    const Image printed = printed_board(board, 8);
    PracticeShot shot;
    shot.width = 1600;
    shot.height = 1200;
    const Image photo = developed(photographed(printed, board.paper, shot));
    ASSERT_TRUE(find_board(grey_of(photo), usual_boards()));
    const auto refused = [](const Image& image) {
        const auto found = find_board(grey_of(image), usual_boards());
        return found ? std::string("found") : found.problem().english();
    };
    EXPECT_THAT(refused(Image(1, 1)), HasSubstr("too small"));
    EXPECT_THAT(refused(cropped(photo, {0, 0, 0, 0})), HasSubstr("too small"));
    Image white(800, 600);
    std::ranges::fill(white.rgba, 255);
    EXPECT_THAT(refused(white), HasSubstr("No photo board"));
    Image mirrored = photo;
    for (int y = 0; y < photo.height; ++y)
        for (int x = 0; x < photo.width; ++x)
            std::copy_n(&photo.rgba[4 * static_cast<std::size_t>(y * photo.width + x)], 4,
                        &mirrored.rgba[4 * static_cast<std::size_t>(y * photo.width + photo.width - 1 - x)]);
    EXPECT_THAT(refused(mirrored), HasSubstr("mirrored"));
    EXPECT_THAT(refused(cropped(photo, {0, 0, 800, 1200})), HasSubstr("in sight")) << "half a board";
    EXPECT_THAT(refused(reduced(photo, 6)),
                testing::AnyOf(HasSubstr("too small"), HasSubstr("No photo board"), HasSubstr("in sight")));
    shot.blur = 9;
    EXPECT_THAT(refused(developed(photographed(printed, board.paper, shot))), testing::Not("found"));
}

/// Some drawn things on white paper, or beside a card.
Image things_on(Size paper, double px_per_mm, Chance& any, const std::function<void(QPainter&)>& first = {}) {
    QImage sheet(static_cast<int>(paper.width * px_per_mm), static_cast<int>(paper.height * px_per_mm),
                 QImage::Format_RGBA8888);
    sheet.fill(first ? QColor(0, 0, 0, 0) : QColor(250, 249, 245));
    QPainter painter(&sheet);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.scale(px_per_mm, px_per_mm);
    if (first)
        first(painter);
    else
        for (int i = 0; i < 5; ++i) {
            painter.setPen(QPen(QColor::fromHsv(static_cast<int>(any(0, 359)), 200, 120), any(0.5, 2)));
            painter.drawRect(QRectF(any(30, paper.width - 70), any(40, paper.height - 70), any(8, 30), any(8, 25)));
        }
    painter.end();
    return *image_from(sheet);
}

TEST(PhotoOfPaper, ItsEdgesLayItFlatInTrueMillimetres) { // ISO 216
    const int seeds = photos(3);
    int right = 0;
    for (int seed = 0; seed < seeds; ++seed) {
        Chance any(static_cast<unsigned>(seed) + 100);
        const Image paper = things_on(a4, 8, any);
        const PracticeShot shot = any_shot(static_cast<unsigned>(seed), any);
        const PracticePhoto photo = photographed(paper, a4, shot);
        const auto flat = lay_flat(developed(photo), {.by = FlatBy::paper, .size = a4});
        if (!flat) {
            EXPECT_FALSE(flat.problem().hint.empty());
            continue;
        }
        ++right;
        for (const Point corner : corners_on_photo(*flat)) {
            const Point mm = *photo.truth.to_plane(corner);
            double nearest = HUGE_VAL;
            for (const Point true_corner : corners_of({{0, 0}, {a4.width, a4.height}}))
                nearest = std::min(nearest, distance(mm, true_corner));
            EXPECT_LT(nearest, 0.2) << "seed " << seed;
        }
    }
    EXPECT_GE(right, seeds * 95 / 100);
}

TEST(PhotoOfACard, GivesWhatLiesBesideItItsSize) { // ISO/IEC 7810 ID-1
    EXPECT_EQ(id_card, (Size{85.60, 53.98}));
    const int seeds = photos(3);
    int right = 0;
    for (int seed = 0; seed < seeds; ++seed) {
        Chance any(static_cast<unsigned>(seed) + 200);
        constexpr Size table{220, 160};
        const QPointF middle(any(48, 60), any(40, 60));
        const double turn = any(-20, 20);
        const Image things = things_on(table, 8, any, [&](QPainter& painter) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(QColor(252, 251, 248));
            painter.drawRect(QRectF(112, 20, 100, 120));
            painter.translate(middle);
            painter.rotate(turn);
            painter.setBrush(QColor(225, 232, 240));
            painter.drawRoundedRect(QRectF(-42.8, -26.99, 85.6, 53.98), 3.18, 3.18);
            painter.setBrush(QColor(210, 170, 60));
            painter.drawRect(QRectF(-34, -8, 12, 9));
        });
        PracticeShot shot = any_shot(static_cast<unsigned>(seed), any);
        shot.shadow = PracticeShot::Shadow::none;
        const PracticePhoto photo = photographed(things, table, shot);
        const auto flat = lay_flat(developed(photo), {.by = FlatBy::card});
        if (!flat)
            continue;
        ++right;
        const auto a = flat->view.to_plane(*photo.truth.to_photo({130, 60})),
                   b = flat->view.to_plane(*photo.truth.to_photo({180, 100}));
        ASSERT_TRUE(a && b);
        EXPECT_NEAR(distance(*a, *b), distance({130, 60}, {180, 100}), 0.6) << "seed " << seed;
    }
    EXPECT_GE(right, seeds * 9 / 10);
}

TEST(PhotoByCorners, IsExactAndRefusesWhatMakesNoOutline) {
    Chance any(7);
    const PracticePhoto photo = photographed(things_on(a4, 5, any), a4, {.width = 1200, .height = 900, .tilt = 0.4});
    FlatWish wish{.by = FlatBy::corners, .size = a4};
    const Point corner[] = {{0, 0}, {210, 0}, {210, 297}, {0, 297}};
    for (std::size_t k = 0; k < 4; ++k)
        wish.corners[k] = *photo.truth.to_photo(corner[k]);
    const Image image = developed(photo);
    const auto flat = lay_flat(image, wish);
    ASSERT_TRUE(flat);
    for (const Point mm : {Point{30, 40}, Point{105, 148}, Point{180, 250}})
        EXPECT_LT(distance(*flat->view.to_photo(mm), *photo.truth.to_photo(mm)), 1e-3);
    const auto refused = [&](FlatWish wrong) {
        const auto result = lay_flat(image, wrong);
        return result ? std::string("taken") : result.problem().english();
    };
    FlatWish wrong = wish;
    std::swap(wrong.corners[0], wrong.corners[1]);
    EXPECT_THAT(refused(wrong), HasSubstr("clockwise"));
    wrong = wish;
    wrong.corners[2] = wrong.corners[1];
    EXPECT_THAT(refused(wrong), HasSubstr("four corners"));
    // A strip as long as may be is held to what can be resampled.
    wrong = wish;
    wrong.size = Size{5000, 1};
    const auto strip = lay_flat(image, wrong);
    ASSERT_TRUE(strip);
    EXPECT_LE(strip->width_px(), most_flattened_px);
    EXPECT_EQ(flattened(image, *strip).width, strip->width_px());
    wrong = wish;
    wrong.size = Size{0, 10};
    EXPECT_THAT(refused(wrong), HasSubstr("5000 mm"));
    EXPECT_THAT(refused({.by = FlatBy::card}), HasSubstr("No card"));
}

TEST(Views, AgreeWithOpenCvsHomographyAndCamera) { // findHomography, projectPoints
    Chance any(11);
    for (int round = 0; round < 20; ++round) {
        View camera = blank_view({4000, 3000}, 2900);
        const std::array<Point, 4> mm{Point{0, 0}, {200, 0}, {200, 150}, {0, 150}};
        const std::array<Point, 4> px{Point{any(300, 900), any(300, 800)},
                                      {any(3000, 3700), any(300, 800)},
                                      {any(3000, 3700), any(2200, 2800)},
                                      {any(300, 900), any(2200, 2800)}};
        const auto ours = view_through(mm, px, camera);
        ASSERT_TRUE(ours);
        std::vector<cv::Point2d> from, to;
        for (std::size_t k = 0; k < 4; ++k) {
            from.emplace_back(mm[k].x, mm[k].y);
            to.emplace_back(px[k].x, px[k].y);
        }
        const cv::Mat theirs = cv::findHomography(from, to);
        std::vector<cv::Point2d> there;
        cv::perspectiveTransform(std::vector<cv::Point2d>{{37, 81}}, there, theirs);
        EXPECT_LT(distance(*ours->to_photo({37, 81}), {there[0].x, there[0].y}), 1e-3);

        // The lens, on the same place as a pinhole shows it.
        View bent = *ours;
        bent.lens = {any(-0.1, 0.1), any(-0.02, 0.02)};
        const Point pinhole = (1 / camera.focal) * (Point{there[0].x, there[0].y} - camera.middle);
        const cv::Matx33d matrix(camera.focal, 0, camera.middle.x, 0, camera.focal, camera.middle.y, 0, 0, 1);
        std::vector<cv::Point2d> seen;
        cv::projectPoints(std::vector<cv::Point3d>{{pinhole.x, pinhole.y, 1}}, cv::Vec3d(), cv::Vec3d(), matrix,
                          cv::Vec4d(bent.lens.k1, bent.lens.k2, 0, 0), seen);
        EXPECT_LT(distance(*bent.to_photo({37, 81}), {seen[0].x, seen[0].y}), 1e-3);
        EXPECT_LT(distance(*bent.to_plane({seen[0].x, seen[0].y}), {37, 81}), 1e-3);
    }
}

TEST(Views, AreFittedAsOpenCvsCalibrationDoesAndHeedNoOutliers) { // calibrateCamera
    const PracticeShot shot{.width = 40, .height = 30, .tilt = 0.5, .tilt_towards = 1, .lens = {-0.07, 0.01}};
    const auto truth = std::make_optional(photographed(Image(4, 3), {200, 150}, shot).truth);
    std::vector<Sighting> seen;
    std::vector<cv::Point3f> mm;
    std::vector<cv::Point2f> px;
    for (int x = 0; x <= 200; x += 20)
        for (int y = 0; y <= 150; y += 15) {
            const Point at{double(x), double(y)}, there = *truth->to_photo(at);
            seen.push_back({.px = there, .at = at});
            mm.emplace_back(static_cast<float>(x), static_cast<float>(y), 0.0F);
            px.emplace_back(static_cast<float>(there.x), static_cast<float>(there.y));
        }
    cv::Mat matrix =
                (cv::Mat_<double>(3, 3) << truth->focal, 0, truth->middle.x, 0, truth->focal, truth->middle.y, 0, 0, 1),
            lens;
    std::vector<cv::Mat> turns, shifts;
    cv::calibrateCamera(std::vector<std::vector<cv::Point3f>>{mm}, std::vector<std::vector<cv::Point2f>>{px}, {40, 30},
                        matrix, lens, turns, shifts,
                        cv::CALIB_USE_INTRINSIC_GUESS | cv::CALIB_FIX_FOCAL_LENGTH | cv::CALIB_FIX_PRINCIPAL_POINT |
                            cv::CALIB_ZERO_TANGENT_DIST | cv::CALIB_FIX_K3);
    for (std::size_t i = 0; i < seen.size(); i += 9) // one in nine is wrong
        seen[i].px = seen[i].px + Point{1.2, -0.8};
    View start = *truth;
    start.lens = {};
    const auto fitted = fit_view(start, seen, LensFit::both);
    ASSERT_TRUE(fitted);
    EXPECT_LT(fitted->residual, 0.02);
    EXPECT_NEAR(fitted->view.lens.k1, lens.at<double>(0), 0.004);
    EXPECT_NEAR(fitted->view.lens.k1, -0.07, 0.003);
    EXPECT_LT(fitted->used, seen.size() * 9 / 10);
}

TEST(PrintOnTheBoard, IsFoundByOnePhotographOrRefused) {
    constexpr Size sheet_size{148, 210}, board_size{297, 420}; // A5 on A3
    Document document;
    document.sheet.paper = sheet_size;
    const auto plan = Planner().plan(document);
    const auto& marks = plan->pages[0].marks;
    const double k = photos(0) > 0 ? 10 : 6;
    const QImage print =
        practice_print(QByteArray::fromStdString(print_pdf(*plan, {.with_cut_lines = false})), k * 25.4)
            ->convertToFormat(QImage::Format_RGBA8888);
    const Board board = board_on(board_size);
    const Image bare = printed_board(board, k);
    const int seeds = photos(2);
    int right = 0;
    for (int seed = 0; seed < seeds; ++seed) {
        Chance any(static_cast<unsigned>(seed) + 300);
        const Transform lies =
            map_of({{board.inside.centre().x - 74 + any(-15, 15), board.inside.centre().y - 105 + any(-15, 15)},
                    any(-8, 8) * degree,
                    1,
                    1},
                   {74, 105});
        QImage both(bare.rgba.data(), bare.width, bare.height, QImage::Format_RGBA8888);
        both = both.copy();
        QPainter painter(&both);
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.scale(both.width() / board_size.width, both.height() / board_size.height);
        painter.setTransform(QTransform(lies.a, lies.b, lies.c, lies.d, lies.dx, lies.dy), true);
        painter.drawImage(QRectF(0, 0, sheet_size.width, sheet_size.height), print);
        painter.end();
        PracticeShot shot = any_shot(static_cast<unsigned>(seed), any);
        if (photos(0) == 0)
            shot.tilt /= 2; // fewer pixels
        const auto found =
            find_print(developed(photographed(*image_from(both), board_size, shot)), usual_boards(), marks);
        if (!found || !found->registration.accepted)
            continue;
        ++right;
        for (const Point corner : corners_of({{10, 10}, {138, 200}}))
            EXPECT_LT(distance(found->registration.fit.apply(corner), lies.apply(corner)), 0.2) << "seed " << seed;
    }
    EXPECT_GE(right, seeds * 9 / 10);
    // With a mark covered it is refused, by its name.
    QImage both = QImage(bare.rgba.data(), bare.width, bare.height, QImage::Format_RGBA8888).copy();
    QPainter painter(&both);
    painter.scale(both.width() / board_size.width, both.height() / board_size.height);
    painter.drawImage(QRectF(70, 100, sheet_size.width, sheet_size.height), print);
    painter.fillRect(QRectF(70 + marks[0].centre.x - 6, 100 + marks[0].centre.y - 6, 12, 12), QColor(200, 190, 180));
    painter.end();
    const auto covered = find_print(
        developed(photographed(*image_from(both), board_size, {.width = 2200, .height = 1650})), usual_boards(), marks);
    ASSERT_TRUE(covered);
    EXPECT_FALSE(covered->registration.accepted);
    EXPECT_THAT(covered->registration.reason.english(), HasSubstr("not found"));
}

TEST(FlatPictures, StayInProjectsAndAreOneForAllThatShareThem) {
    Chance any(5);
    const PracticePhoto photo = photographed(things_on(a4, 4, any), a4, {.width = 1000, .height = 800, .tilt = 0.3});
    const auto picture = read_picture(photo.jpeg, QStringLiteral("sheet.jpg"));
    const auto how = lay_flat(*(*picture)->pixels.get(), {.by = FlatBy::paper, .size = a4});
    ASSERT_TRUE(how);
    const auto flat = laid_flat(*picture, *how);
    EXPECT_NEAR(flat->pixels.width() / flat->dpi * 25.4, std::max(how->size.width, 1.0), 0.2);
    EXPECT_EQ(as_it_came(flat), *picture);
    EXPECT_FALSE(is_same(flat, *picture));
    Document d = with_sticker_added({}, new_sticker(PictureArtwork{flat}));
    d = with_sticker_added(d, new_sticker(PictureArtwork{flat}));
    const QTemporaryDir folder;
    const QString path = folder.filePath("flat.fusuma");
    ASSERT_TRUE(save_project(d, path));
    const auto read = load_project(path);
    ASSERT_TRUE(read);
    const auto& first = std::get<PictureArtwork>(read->stickers[0]->artwork).picture;
    EXPECT_EQ(first->flat, flat->flat);
    EXPECT_EQ(first->pixels.get()->rgba, flat->pixels.get()->rgba);
    EXPECT_EQ(first, std::get<PictureArtwork>(read->stickers[1]->artwork).picture) << "shared";
    EXPECT_TRUE(is_same(first, flat));
    EXPECT_EQ(first->photo->pixels.width(), 1000);
}

/// Is my printer straight? A photograph of the measuring page says what a ruler would.
TEST(PrintOnItsPaper, IsMeasuredByAPhotographHoweverItIsTaken) {
    SheetSettings sheet;
    const PrintFaults off{.pose = {{1.4, -0.9}, 0.004, 1.006, 1.006}};
    const auto page = practice_print(
        QByteArray::fromStdString(print_pdf(measuring_page(sheet), {.with_cut_lines = false})), 6 * 25.4);
    const Image printed = *image_from(with_faults(*page, sheet.paper, off).convertToFormat(QImage::Format_RGBA8888));
    const Transform truth = map_of(off.pose, {105, 148.5});
    const auto marks = measuring_page(sheet).pages.front().marks;
    for (const double turn : {std::numbers::pi / 2 + 0.05, std::numbers::pi - 0.1}) {
        const PracticePhoto photo =
            photographed(printed, sheet.paper,
                         {.width = 1100, .height = 1450, .tilt = 0.2, .turn = turn, .falls_to = 0.7, .noise = 2});
        const auto print = print_on_its_paper(developed(photo), sheet.paper, marks);
        ASSERT_TRUE(print) << print.problem().english();
        ASSERT_TRUE(print->accepted) << print->reason;
        for (const Point p : {Point{20, 20}, Point{190, 30}, Point{100, 270}})
            EXPECT_LT(distance(print->fit.apply(p), truth.apply(p)), 0.25) << "turned by " << turn;
        const PrintMeasures measured = measures_of(sheet, print->fit), wanted = wanted_measures(sheet);
        const auto printer = corrected(sheet, measured);
        ASSERT_TRUE(printer);
        EXPECT_NEAR(printer->stretch_x, 1 / 1.006, 0.002);
        EXPECT_GT(measured.across, wanted.across);
    }
    const auto none = print_on_its_paper(Image(400, 300), sheet.paper, marks);
    ASSERT_FALSE(none);
    EXPECT_FALSE(none.problem().hint.empty());
}

} // namespace
} // namespace fusuma
