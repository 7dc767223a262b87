// What goes to other programs and comes from them: by the clipboard, by dragging, by addresses that are no files.

#include "app/model/carried.h"
#include "app/sheet/sheet_view.h"
#include "formats/basics/file.h"
#include "formats/drawing/drawing_read.h"
#include "tests/app/window.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QSettings>

namespace fusuma::app {
namespace {

using testing::HasSubstr;

class Sharing : public Window {
  protected:
    void SetUp() override {
        QSettings().clear();
        QGuiApplication::clipboard()->clear();
        Window::SetUp();
    }
    /// One puffin on the sheet.
    void puffin_on_the_sheet() {
        drop_artwork({test::demo_art("puffin.png")});
        model.copies.place(1);
        settle();
        ASSERT_EQ(model.document().placements.size(), 1u);
    }
    std::shared_ptr<const PlacedCopy> placed() { return model.snapshot().plan->copies.front().placed; }
};

TEST_F(Sharing, OthersGetAPictureADrawingAndWordsOfTrueSize) {
    puffin_on_the_sheet();
    const auto copy = placed();
    const Carried all = carried({copy}, Unit::mm);
    const QImage picture = QImage::fromData(all.png, "PNG");
    Rect box = copy->cut_box;
    box.include(copy->print_box);
    EXPECT_NEAR(picture.width() * 1000.0 / picture.dotsPerMeterX(), box.width(), 0.1) << "mm";
    EXPECT_NEAR(picture.dotsPerMeterX() * 0.0254, 300, 0.5);
    EXPECT_EQ(qAlpha(picture.pixel(0, 0)), 0) << "clear round it";
    EXPECT_GT(qAlpha(picture.pixel(picture.width() / 2, picture.height() / 2)), 250);
    // The drawing is one that a drawing program reads, ours among them: the print as a picture, the cut as a line.
    QTemporaryDir out;
    ASSERT_TRUE(write_file(out.filePath("p.svg"), all.svg));
    const auto drawing = read_drawing(out.filePath("p.svg"));
    ASSERT_TRUE(drawing) << drawing.problem().english();
    EXPECT_NEAR((*drawing)->size.width, box.width(), 0.05);
    EXPECT_NEAR((*drawing)->size.height, box.height(), 0.05);
    EXPECT_EQ(QString::fromUtf8(all.svg).count("<path"), 1);
    EXPECT_THAT(all.text.toStdString(), testing::MatchesRegex("Puffin, [0-9.]+ mm × [0-9.]+ mm"));
}

TEST_F(Sharing, CopiesAreOnTheClipboardForOthersAndStayCopiesForUs) {
    puffin_on_the_sheet();
    model.in_hand.select({model.document().placements[0].id});
    model.copies.copy(model.snapshot().plan);
    const auto now = [] { return QGuiApplication::clipboard()->mimeData(); };
    ASSERT_TRUE(QTest::qWaitFor([&] { return now()->hasFormat("image/svg+xml"); }, long_enough));
    EXPECT_TRUE(now()->hasFormat("image/png"));
    EXPECT_TRUE(now()->text().startsWith("Puffin, "));
    EXPECT_TRUE(model.copies.paste());
    settle();
    EXPECT_EQ(model.document().placements.size(), 2u);
    EXPECT_EQ(model.document().stickers.size(), 1u) << "no picture of a puffin";
}

TEST_F(Sharing, ADraggedStickerIsTwoFilesWhateverItIsCalled) {
    puffin_on_the_sheet();
    auto sticker = *placed()->sticker;
    for (const auto& [name, file] : {std::pair{"Puffin", "Puffin.png"},
                                     {"../../etc/passwd", "sticker.png"},
                                     {"", "sticker.png"},
                                     {"Möwe: 5 × 3", "Möwe- 5 - 3.png"}}) {
        sticker.name = name;
        const CarriedSticker carries(place(std::make_shared<const Sticker>(sticker), placed()->result, {.sticker = 1}),
                                     Unit::mm);
        EXPECT_TRUE(carries.hasUrls());
        const QList<QUrl> urls = carries.urls();
        ASSERT_EQ(urls.size(), 2);
        const QFileInfo png(urls[0].toLocalFile()), svg(urls[1].toLocalFile());
        EXPECT_TRUE(png.exists() && svg.exists());
        EXPECT_TRUE(svg.fileName().endsWith("-cut.svg"));
        EXPECT_FALSE(QImage(png.filePath()).isNull());
        EXPECT_EQ(png.fileName().toStdString(), file);
    }
}

TEST_F(Sharing, AStickerDraggedOverIsTakenByItsOwnWindowAsAStickerAndByOthersAsAPicture) {
    puffin_on_the_sheet();
    Model other;
    MainWindow beside(other);
    beside.show();
    CarriedSticker carries(placed(), Unit::mm);
    mark_as_sticker(carries, model.project, model.document().stickers[0]->id);
    EXPECT_EQ(dragged_sticker(carries, model.project), model.document().stickers[0]->id);
    EXPECT_FALSE(dragged_sticker(carries, other.project)) << "there the number is another sticker's, or nobody's";
    const auto is_taken = [&](QWidget& by) {
        QDragEnterEvent enter(QPoint(600, 400), Qt::CopyAction, &carries, Qt::LeftButton, Qt::NoModifier);
        enter.setAccepted(false);
        QApplication::sendEvent(&by, &enter);
        return enter.isAccepted();
    };
    EXPECT_FALSE(is_taken(window)) << "its own window takes no files of it";
    EXPECT_TRUE(is_taken(*window.findChild<SheetView*>()));
    ASSERT_TRUE(is_taken(*beside.findChild<SheetView*>())) << "by the window that it is in";
    ASSERT_TRUE(is_taken(beside));
    QDropEvent drop(QPointF(600, 400), Qt::CopyAction, &carries, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&beside, &drop);
    EXPECT_TRUE(QTest::qWaitFor([&] { return other.document().stickers.size() == 2; }, long_enough)) << "print and cut";
    EXPECT_EQ(other.document().placements.size(), 0u);
    EXPECT_TRUE(QTest::qWaitFor([&] { return other.working_out.is_settled(); }, long_enough));
    // Words that are none.
    QMimeData hostile;
    hostile.setData("application/x-fusuma-sticker", "1");
    EXPECT_FALSE(dragged_sticker(hostile, model.project));
}

TEST_F(Sharing, DrawingsOnTheClipboardComeInAsDrawings) {
    auto* svg = new QMimeData;
    svg->setData(
        "image/svg+xml",
        R"(<svg xmlns="http://www.w3.org/2000/svg" width="30mm" height="20mm" viewBox="0 0 30 20"><rect x="2" y="2" width="20" height="10" fill="#a00"/></svg>)");
    svg->setData("image/png", *read_file(test::demo_art("puffin.png"), 1 << 24)); // beside a picture of it
    QGuiApplication::clipboard()->setMimeData(svg);
    key(Qt::Key_V, Qt::ControlModifier);
    ASSERT_TRUE(QTest::qWaitFor([&] { return model.document().stickers.size() == 1; }, long_enough));
    EXPECT_TRUE(std::holds_alternative<DrawingArtwork>(model.document().stickers[0]->artwork));
    // One that is none is refused in words.
    auto* broken = new QMimeData;
    broken->setData("image/svg+xml", "<svg");
    QGuiApplication::clipboard()->setMimeData(broken);
    key(Qt::Key_V, Qt::ControlModifier);
    ASSERT_TRUE(QTest::qWaitFor([&] { return !notice().empty(); }, long_enough));
    EXPECT_EQ(model.document().stickers.size(), 1u);
}

TEST_F(Sharing, AddressesOfTheWebAreRefusedInASentence) {
    const auto drop_urls = [&](const QList<QUrl>& urls) {
        QMimeData data;
        data.setUrls(urls);
        QDragEnterEvent enter(QPoint(600, 400), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&window, &enter);
        QDropEvent event(QPointF(600, 400), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&window, &event);
    };
    drop_urls({QUrl("https://example.org/puffin.png")});
    settle();
    EXPECT_THAT(notice(), HasSubstr("Addresses of the web cannot be opened"));
    EXPECT_TRUE(model.document().stickers.empty());
    // A file beside one comes in all the same.
    drop_urls({QUrl("https://example.org/a.png"), QUrl::fromLocalFile(test::demo_art("puffin.png"))});
    EXPECT_TRUE(QTest::qWaitFor([&] { return model.document().stickers.size() == 1; }, long_enough));
    settle();
}

} // namespace
} // namespace fusuma::app
