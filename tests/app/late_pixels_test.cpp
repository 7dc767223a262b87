// Pictures that are not at hand: let go, too slow to read, or none at all.

#include "app/bench/bench_view.h"
#include "app/common/painting.h"
#include "app/sheet/sheet_view.h"
#include "core/document/copies.h"
#include "formats/basics/file.h"
#include "formats/pdf/pdf_write.h"
#include "formats/picture/picture_read.h"
#include "formats/project/zip_archive.h"
#include "formats/room/room.h"
#include "tests/app/window.h"

#include <QBuffer>
#include <QPainter>
#include <random>

namespace fusuma::app {
namespace {

using testing::HasSubstr;

/// A picture that no reader gets through in no time, which is over after forty milliseconds.
QByteArray large_picture() {
    QImage image(2400, 1600, QImage::Format_RGB32);
    std::mt19937 random(5);
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            image.setPixel(x, y, static_cast<QRgb>(random()) | 0xff000000);
    QByteArray png;
    QBuffer buffer(&png);
    image.save(&buffer, "PNG", 90);
    return png;
}

/// A sticker of each, with a copy.
Document stickers_of(const std::vector<const char*>& pictures) {
    Document d;
    for (const char* name : pictures) {
        d = with_sticker_added(std::move(d), new_sticker(PictureArtwork{*read_picture(test::demo_art(name))}));
        const int id = d.stickers.back()->id;
        d.put({.sticker = id, .centre = {105, 20 + 220.0 * id / static_cast<double>(pictures.size())}});
    }
    return d;
}
Document two_stickers() {
    return stickers_of({"puffin.png", "harbour-ferry.jpg"});
}

class LatePixels : public Window {
  protected:
    QTemporaryDir files;
    const int patience = room::allowed_seconds();
    int asked = 0;
    const char* answer = "Go on without it";
    QTimer answers;

    void SetUp() override {
        Window::SetUp();
        QObject::connect(&answers, &QTimer::timeout, [this] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            if (!box || box->objectName() != "moreTime")
                return;
            EXPECT_THAT(box->text().toStdString(), HasSubstr("longer to read than"));
            ++asked;
            for (QAbstractButton* button : box->buttons())
                if (button->text() == QLatin1String(answer))
                    button->click();
        });
        answers.start(50);
    }
    void TearDown() override {
        room::allow(patience);
        Pixels::keep_within(std::size_t{1} << 30);
        Window::TearDown();
    }
    /// Nothing is read in no time.
    void hurry(const char* said) {
        room::allow(0);
        answer = said;
        asked = 0;
    }
    void wait() {
        EXPECT_TRUE(
            QTest::qWaitFor([this] { return model.importer.reading().isEmpty() && !model.project.is_busy(); }, 60'000));
        settle();
    }
    const Finding* found(const char* rule) {
        const auto& all = model.snapshot().findings;
        const auto it = std::ranges::find(all, rule, &Finding::rule);
        return it == all.end() ? nullptr : &*it;
    }
    /// Very near, where the view shows the art's own pixels.
    QImage seen_near(int sticker) {
        window.go_to(Place::bench);
        model.in_hand.choose_sticker(sticker);
        settle();
        auto* view = window.findChild<BenchView*>();
        view->fit();
        view->zoom_by(20);
        settle();
        return view->grab().toImage();
    }
};

TEST_F(LatePixels, OneAnswerHoldsForAllFilesThatTakeLong) {
    const QByteArray picture = large_picture();
    const QStringList paths{files.filePath("one.png"), files.filePath("two.png"), files.filePath("three.png")};
    for (const QString& path : paths)
        ASSERT_TRUE(write_file(path, picture));
    hurry("Go on without it");
    drop(paths);
    ASSERT_TRUE(QTest::qWaitFor([this] { return asked > 0; }, 30'000));
    wait();
    EXPECT_TRUE(model.document().stickers.empty());
    EXPECT_EQ(room::allowed_seconds(), 0);

    hurry("Give it more time");
    drop(paths);
    ASSERT_TRUE(QTest::qWaitFor([this] { return asked > 0; }, 30'000));
    ASSERT_TRUE(QTest::qWaitFor([this] { return model.document().stickers.size() == 3; }, 60'000));
    wait();
    EXPECT_EQ(asked, 1) << "who gave more time gave it to all";
    EXPECT_EQ(room::allowed_seconds(), room::patient_seconds);
}

TEST_F(LatePixels, AProjectThatTakesLongMayGetMoreTimeToo) {
    const QString project = files.filePath("large.fusuma");
    Document d = with_sticker_added({}, new_sticker(PictureArtwork{*read_picture(large_picture(), "large.png")}));
    ASSERT_TRUE(save_project(d, project));
    for (const char* said : {"Go on without it", "Give it more time"}) {
        hurry(said);
        drop({project});
        ASSERT_TRUE(QTest::qWaitFor([this] { return asked > 0; }, 30'000)) << said;
        wait();
        EXPECT_EQ(asked, 1) << said;
        EXPECT_EQ(model.document().stickers.size(), said == std::string("Go on without it") ? 0U : 1U);
    }
}

TEST_F(LatePixels, APictureOfTheProjectThatTakesLongIsAskedAboutOnceAndLeftOutOrRead) {
    const QByteArray bytes = *project_bytes(
        with_sticker_added(two_stickers(), new_sticker(PictureArtwork{*read_picture(large_picture(), "large.png")})));
    for (const char* said : {"Go on without it", "Give it more time"}) {
        room::allow(patience);
        auto opened = read_project_bytes(bytes, QStringLiteral("three.fusuma"));
        ASSERT_TRUE(opened);
        for (std::size_t k : {0U, 1U}) // these two are at hand
            static_cast<void>(std::get<PictureArtwork>(opened->stickers[k]->artwork).picture->pixels.get());
        const int large = opened->stickers[2]->id;
        opened->put({.sticker = large, .centre = {60, 60}});
        hurry(said);
        model.project.adopt(*opened, "Three");
        ASSERT_TRUE(QTest::qWaitFor([this] { return asked > 0; }, 30'000)) << said;
        wait();
        if (said == std::string("Give it more time")) {
            EXPECT_TRUE(model.snapshot().result(large));
            EXPECT_FALSE(found("unreadable"));
            EXPECT_EQ(model.snapshot().plan->copies.size(), 3U);
            continue;
        }
        EXPECT_FALSE(model.snapshot().result(large));
        ASSERT_TRUE(found("unreadable"));
        EXPECT_EQ(model.snapshot().plan->copies.size(), 2U) << "the others are worked out";
        model.project.edit("Rename", [](Document now) {
            Sticker first = *now.stickers.front();
            first.name = "Another";
            return with_sticker_changed(std::move(now), std::move(first));
        });
        settle();
        EXPECT_EQ(asked, 1) << "nobody is asked again with every edit";
    }
}

TEST_F(LatePixels, AProjectWithAPictureThatIsNoneOpensAndTheRestIsWholeButNotPrinted) {
    ZipEntries entries = *unzip(*project_bytes(two_stickers()), largest_project_bytes);
    for (auto& [name, content] : entries)
        if (name.starts_with("artwork/1"))
            content = "no picture at all";
    const QString path = files.filePath("damaged.fusuma");
    ASSERT_TRUE(write_file(path, *zip_bytes(entries)));
    QString told;
    int times = 0;
    QObject::connect(&model.messages, &Messages::problem, [&](const QString& text) {
        told = text;
        ++times;
    });
    drop({path});
    ASSERT_TRUE(QTest::qWaitFor([&] { return !told.isEmpty(); }, 30'000));
    wait();
    EXPECT_THAT(told.toStdString(), HasSubstr("puffin.png"));
    ASSERT_EQ(model.document().stickers.size(), 2U);
    const int damaged = model.document().stickers.front()->id, whole = model.document().stickers.back()->id;
    EXPECT_TRUE(model.snapshot().result(whole));
    EXPECT_FALSE(model.snapshot().result(damaged));
    ASSERT_TRUE(found("unreadable"));
    EXPECT_EQ(found("unreadable")->severity, Severity::to_fix);
    EXPECT_EQ(found("unreadable")->copies.size(), 1U);
    EXPECT_TRUE(bounds(found("unreadable")->region).contains({105, 130})) << "it is shown where it lies";
    for (const Place place : {Place::sheet, Place::bench, Place::output}) {
        window.go_to(place);
        settle();
    }
    EXPECT_EQ(times, 1) << "said once";
    click("savePdf");
    EXPECT_THAT(told.toStdString(), HasSubstr("neither printed nor cut"));
    click("practicePrint");
    EXPECT_TRUE(model.document().tickets.empty());
    model.project.edit("Remove", [&](Document now) { return with_sticker_removed(std::move(now), damaged); });
    settle();
    EXPECT_FALSE(found("unreadable"));
    EXPECT_TRUE(save(files.filePath("rest.fusuma")));
    click("practicePrint");
    EXPECT_TRUE(QTest::qWaitFor([this] { return !model.document().tickets.empty(); }, 30'000));
}

TEST_F(LatePixels, NothingIsSaidOfTheProjectBeforeAndStopEndsReading) {
    model.project.adopt(two_stickers(), "Two");
    settle();
    ASSERT_EQ(model.snapshot().plan->copies.size(), 2U);
    const auto never = std::make_shared<std::atomic<bool>>(false);
    Picture slow;
    slow.file_name = "slow.png";
    slow.original = std::make_shared<const std::vector<std::byte>>();
    slow.pixels = {100, 100, [never](const Work& work) -> std::shared_ptr<const Image> {
                       while (!*never) {
                           work.at(0);
                           std::this_thread::sleep_for(std::chrono::milliseconds(5));
                       }
                       return std::make_shared<const Image>(100, 100);
                   }};
    model.project.adopt(with_sticker_added({}, new_sticker(PictureArtwork{std::make_shared<const Picture>(slow)})),
                        "Slow");
    QTest::qWait(300);
    EXPECT_FALSE(model.working_out.is_settled());
    EXPECT_FALSE(model.snapshot().plan) << "the sheet of the project before is gone";
    model.business.cancel();
    EXPECT_TRUE(QTest::qWaitFor([this] { return model.working_out.is_settled(); }, long_enough))
        << "and it is not begun anew";
    model.project.start_new();
    settle();
    EXPECT_TRUE(model.snapshot().plan);
    *never = true; // what shows pictures may still wait for it
}

TEST_F(LatePixels, WhatCouldNotBeShownForWantOfTimeIsShownOnceThereIsMore) {
    const QByteArray bytes = *project_bytes(
        with_sticker_added({}, new_sticker(PictureArtwork{*read_picture(large_picture(), "large.png")})));
    const auto opened = read_project_bytes(bytes, QStringLiteral("one.fusuma"));
    ASSERT_TRUE(opened);
    const Pixels pixels = std::get<PictureArtwork>(opened->stickers[0]->artwork).picture->pixels;
    QImage blank(300, 300, QImage::Format_ARGB32);
    blank.fill(Qt::white);
    const auto is_shown = [&] {
        QImage view = blank;
        QPainter painter(&view);
        draw_art(painter, pixels, QTransform::fromScale(300, 300));
        painter.end();
        return view != blank;
    };
    room::allow(0);
    EXPECT_FALSE(QTest::qWaitFor(is_shown, 2'000));
    room::allow(patience);
    EXPECT_TRUE(QTest::qWaitFor(is_shown, 30'000));
}

TEST_F(LatePixels, WhatTheSheetShowedWithoutItsArtIsShownWithItOnceThatIsThere) {
    model.project.adopt(stickers_of({"puffin.png", "octopus.png", "white-moon.png", "harbour-ferry.jpg"}), "Four");
    key(Qt::Key_2, Qt::ControlModifier);
    auto* view = window.findChild<SheetView*>();
    const QImage before = view->grab().toImage();
    view->zoom_by(2);
    static_cast<void>(view->grab());
    view->zoom_by(0.5); // so that it is painted anew
    Pixels::keep_within(1);
    keep_shown_within(0); // as when a hundred others were looked at meanwhile
    static_cast<void>(shown_art(Pixels(Image(9, 9)), shown_sizes.front()));
    keep_shown_within(512 << 20);
    const QImage without = view->grab().toImage();
    EXPECT_NE(without, before) << "it is not there at once";
    EXPECT_TRUE(QTest::qWaitFor([&] { return view->grab().toImage() == before; }, 20'000)) << "it comes back";
}

/// Of many, what is kept is not so large that each throws out another's.
TEST(ShownArt, OfManyIsKeptInTheSizesThatAllHaveRoomIn) {
    keep_shown_within(qsizetype{512} << 20);
    EXPECT_EQ(size_for_all(0), 1600);
    EXPECT_EQ(size_for_all(30), 1600);
    EXPECT_EQ(size_for_all(300), 500);
    EXPECT_EQ(size_for_all(2'000), 200);
    EXPECT_EQ(size_for_all(10'000), 0) << "each is made when it is looked at";
}

/// The next larger size, of which the smallest is made, takes the room of six of them.
TEST(ShownArt, AsManyAreKeptAsHaveRoomInTheirSize) {
    const int size = shown_sizes.front();
    keep_shown_within(0);
    keep_shown_within(qsizetype{35} * 4 * size * size);
    std::vector<PrintArt> arts;
    for (int i = 0; i < 30; ++i) {
        arts.emplace_back(Pixels(700, 700, [](const Work&) { return std::make_shared<const Image>(700, 700); }));
        prepare_art(arts.back(), size);
    }
    Pixels::keep_within(1);
    int at_hand = 0;
    for (const PrintArt& art : arts)
        at_hand += !art_at_hand(art, size).isNull();
    EXPECT_EQ(at_hand, 30);
    Pixels::keep_within(std::size_t{1} << 30);
    keep_shown_within(qsizetype{512} << 20);
}

/// The smallest is made of the next, and looks like one that is made of the picture itself.
TEST(ShownArt, LooksTheSameInEverySizeHoweverItWasMade) {
    Image image(2600, 1300);
    for (int y = 0; y < image.height; ++y)
        for (int x = 0; x < image.width; ++x) {
            std::uint8_t* p =
                image.rgba.data() + 4 * (std::size_t{2600} * static_cast<std::size_t>(y) + static_cast<std::size_t>(x));
            p[0] = static_cast<std::uint8_t>(x / 11);
            p[1] = (x / 200 + y / 200) % 2 == 0 ? 220 : 40;
            p[3] = std::hypot(x - 1300, y - 650) < 600 ? 255 : 0;
        }
    const QImage whole = image_of(image).convertToFormat(QImage::Format_ARGB32_Premultiplied);
    const PrintArt art = Pixels(Image(image));
    prepare_art(art);
    for (const int size : shown_sizes) {
        const QImage one = art_at_hand(art, size);
        const QImage direct = whole.scaled(size, size, Qt::KeepAspectRatio, Qt::SmoothTransformation);
        ASSERT_EQ(one.size(), direct.size());
        double off = 0;
        for (int y = 0; y < one.height(); ++y)
            for (int i = 0; i < 4 * one.width(); ++i)
                off += std::abs(one.constScanLine(y)[i] - direct.constScanLine(y)[i]);
        EXPECT_LT(off / static_cast<double>(one.sizeInBytes()), 2) << size;
    }
}

/// Given more time while it is on its way, it is fetched once more, and comes twice.
TEST_F(LatePixels, ArtThatComesTwiceIsTakenTwice) {
    const QByteArray bytes = *project_bytes(
        with_sticker_added({}, new_sticker(PictureArtwork{*read_picture(large_picture(), "large.png")})));
    const auto opened = read_project_bytes(bytes, QStringLiteral("one.fusuma"));
    ASSERT_TRUE(opened);
    const Pixels pixels = std::get<PictureArtwork>(opened->stickers[0]->artwork).picture->pixels;
    QImage view(300, 300, QImage::Format_ARGB32);
    const int before = art_arrived();
    for (const int more : {0, 1}) {
        room::allow(patience + more);
        QPainter painter(&view);
        draw_art(painter, pixels, QTransform::fromScale(300, 300));
    }
    EXPECT_TRUE(QTest::qWaitFor([&] { return art_arrived() == before + 2; }, 30'000));
}

TEST_F(LatePixels, LetGoAtOnceLooksAndPrintsTheSame) {
    model.project.adopt(two_stickers(), "Two");
    settle();
    std::map<int, QImage> near;
    for (const auto& sticker : model.document().stickers)
        near[sticker->id] = seen_near(sticker->id);
    const std::string printed = print_pdf(*model.snapshot().printed);
    Pixels::keep_within(1);
    const auto picture = [this](int sticker) {
        return std::get<PictureArtwork>(model.document().find(sticker)->artwork).picture;
    };
    for (const auto& [id, image] : near) {
        const int sticker = id;
        const QImage& before = image;
        const int other = near.begin()->first == sticker ? near.rbegin()->first : near.begin()->first;
        static_cast<void>(picture(other)->pixels.get());
        EXPECT_FALSE(picture(sticker)->pixels.at_hand());
        EXPECT_TRUE(QTest::qWaitFor([&] { return seen_near(sticker) == before; }, 20'000)) << "it comes back";
    }
    EXPECT_EQ(print_pdf(*model.snapshot().printed), printed);
    const int first = near.begin()->first, last = near.rbegin()->first;
    static_cast<void>(picture(last)->pixels.get());
    bool is_used = false;
    model.importer.with_pixels(picture(first), [&] { is_used = true; });
    EXPECT_FALSE(is_used) << "the interface does not wait for it";
    EXPECT_TRUE(QTest::qWaitFor([&] { return is_used; }, 20'000));
    is_used = false;
    model.importer.with_pixels(picture(first), [&] { is_used = true; });
    EXPECT_TRUE(is_used) << "it is at hand";
}

} // namespace
} // namespace fusuma::app
