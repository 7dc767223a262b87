// From any picture to a clean outline, on the bench, with the mouse.

#include "app/bench/bench_view.h"
#include "app/common/painting.h"
#include "app/frame/pages_dialog.h"
#include "tests/app/window.h"

#include <QBuffer>
#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QListWidget>
#include <QPainter>
#include <QPdfWriter>
#include <QSlider>
#include <numeric>

namespace fusuma::app {
namespace {

using testing::HasSubstr;

class Bench : public Window {
  protected:
    std::shared_ptr<const StickerResult> result() { return model.snapshot().result(model.in_hand.sticker()->id); }
    double art_area() { return area(result()->outline()); }
    BenchView* view() { return find<BenchView>("benchView"); }
    QPoint on_screen(double x_mm, double y_mm) { return view()->to_view().map(QPointF(x_mm, y_mm)).toPoint(); }
};

TEST_F(Bench, BackgroundIsPickedPocketedBoxedAndUndoneByMouse) {
    drop_artwork({test::demo_art("harbour-ferry.jpg")});
    EXPECT_THAT(notice(), testing::HasSubstr("that colour is taken away"));
    click("closeNotice");
    click("stepBackground");
    EXPECT_EQ(result()->outline().contours.size(), 1u) << "the offered start is good";

    // Pick the hull's red: now everything but the red is art.
    click("pickColour");
    QTest::mouseClick(view(), Qt::LeftButton, {}, on_screen(40, 33));
    settle();
    EXPECT_EQ(model.in_hand.sticker()->background.source, Source::colour);
    EXPECT_GT(model.in_hand.sticker()->background.colours.at(0).red, 180);
    EXPECT_LT(model.in_hand.sticker()->background.colours.at(0).blue, 90);
    click("undo");
    EXPECT_EQ(model.in_hand.sticker()->background.source, Source::automatic);

    // Pockets of the paper's colour, by tolerance and tick.
    find<QSlider>("tolerance")->setFocus();
    const std::size_t before = result()->outline().contours.size();
    auto* tick = find<QCheckBox>("pockets");
    QTest::mouseClick(tick, Qt::LeftButton, {}, QPoint(8, tick->height() / 2));
    settle();
    EXPECT_TRUE(model.in_hand.sticker()->background.pockets);
    EXPECT_GT(result()->outline().contours.size(), before);

    // A focus box round the flag makes the flag alone the sticker.
    click("focusBox");
    drag(view(), on_screen(58.5, 6), on_screen(70, 18));
    ASSERT_TRUE(model.in_hand.sticker()->background.focus);
    EXPECT_LT(bounds(result()->outline()).width(), 12);
    click("wholePicture");
    EXPECT_GT(bounds(result()->outline()).width(), 70);
}

TEST_F(Bench, ColoursAreCollectedDroppedAndTurnedRound) {
    drop_artwork({test::demo_art("harbour-ferry.jpg")});
    click("stepBackground");
    const auto pick = [&](double x, double y) {
        click("pickColour");
        QTest::mouseClick(view(), Qt::LeftButton, {}, on_screen(x, y));
        settle();
    };
    pick(5, 5); // the paper
    const double without_paper = art_area();
    pick(40, 33); // the hull's red, which the waves and windows surround
    EXPECT_EQ(model.in_hand.sticker()->background.colours.size(), 2u);
    click("swatch0");
    ASSERT_EQ(model.in_hand.sticker()->background.colours.size(), 1u);
    choose("Keep only");
    EXPECT_EQ(model.in_hand.sticker()->background.use, ColourUse::keep_only);
    EXPECT_LT(art_area(), 0.5 * without_paper) << "only the red is left";
    EXPECT_GT(art_area(), 100);
}

TEST_F(Bench, PatchesAreFloodedAwayByClicks) {
    drop_artwork({test::demo_art("harbour-ferry.jpg")});
    click("stepBackground");
    const double before = art_area();
    click("pocket");
    QTest::mouseClick(view(), Qt::LeftButton, {}, on_screen(40, 33)); // the hull
    settle();
    ASSERT_EQ(model.in_hand.sticker()->background.pockets_at.size(), 1u);
    EXPECT_LT(art_area(), before - 100);
    key(Qt::Key_Escape);
    EXPECT_FALSE(find<QPushButton>("pocket")->isChecked()) << "Esc puts the tool down";
    click("givePocketBack");
    EXPECT_NEAR(art_area(), before, 0.01);
}

TEST_F(Bench, TheBrushAddsErasesAndKeepsItsStrokes) {
    drop_artwork({test::demo_art("white-moon.png")});
    click("stepBackground");
    const double before = art_area();
    click("brushErase");
    drag(view(), on_screen(2, 20), on_screen(36, 20));
    ASSERT_EQ(model.in_hand.sticker()->background.strokes.size(), 1u);
    EXPECT_GT(model.in_hand.sticker()->background.strokes[0].points.size(), 3u);
    const double erased = art_area();
    EXPECT_LT(erased, before - 5);
    drag(view(), on_screen(2, 30), on_screen(36, 10), Qt::ShiftModifier);
    EXPECT_EQ(model.in_hand.sticker()->background.strokes.at(1).points.size(), 2u) << "straight with Shift";

    // The strokes stay: choose the first, make it wider, turn it round, remove it.
    auto* list = find<QListWidget>("strokes");
    ASSERT_EQ(list->count(), 2);
    QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualItemRect(list->item(0)).center());
    settle();
    type("brushSize", "60");
    EXPECT_EQ(model.in_hand.sticker()->background.strokes[0].size, 60);
    click("strokeKind");
    EXPECT_EQ(model.in_hand.sticker()->background.strokes[0].kind, Stroke::Kind::add);
    EXPECT_GT(art_area(), erased);
    click("removeStroke");
    EXPECT_EQ(model.in_hand.sticker()->background.strokes.size(), 1u);
    for (int i = 0; i < 5; ++i)
        click("undo");
    EXPECT_NEAR(art_area(), before, 0.01) << "every step of it undoes";
}

TEST_F(Bench, FillingMakesTheSketchSolid) {
    drop_artwork({test::demo_art("anchor-sketch.png")});
    const double lines = art_area();
    click("stepOutline");
    type("closeGaps", "1.2mm");
    choose("Outer edge only");
    EXPECT_GT(art_area(), 1.5 * lines);
    for (const Contour& contour : result()->outline().contours)
        EXPECT_GT(signed_area(contour), 0);
    click("stepBackground");
    auto* tick = find<QCheckBox>("fillInside");
    QTest::mouseClick(tick, Qt::LeftButton, {}, QPoint(8, tick->height() / 2));
    settle();
    EXPECT_TRUE(model.in_hand.sticker()->background.fill_inside);
}

TEST_F(Bench, ArtworkIsCroppedTurnedAndStraightened) {
    drop_artwork({test::demo_art("puffin.png")});
    click("stepArtwork");
    const double scale = mm_per_px(*model.in_hand.sticker());
    const Rect whole = bounds(result()->outline());
    click("crop");
    drag(view(), on_screen(whole.min.x - 1, whole.min.y - 1),
         on_screen(whole.max.x + 1, whole.min.y + whole.height() / 2));
    ASSERT_TRUE(model.in_hand.sticker()->framing.crop);
    EXPECT_NEAR(bounds(result()->outline()).height(), whole.height() / 2 + 1, 1.5);
    EXPECT_NEAR(mm_per_px(*model.in_hand.sticker()), scale, 1e-9) << "cropping does not scale";
    click("uncrop");
    EXPECT_FALSE(model.in_hand.sticker()->framing.crop);

    click("quarterRight");
    EXPECT_NEAR(bounds(result()->outline()).width(), whole.height(), 0.05);
    type("artTurn", "0");
    click("straighten");
    const Point from{10, 20}, to{30, 24}; // a line that falls by 11.3°
    drag(view(), on_screen(from.x, from.y), on_screen(to.x, to.y));
    EXPECT_NEAR(model.in_hand.sticker()->framing.turn, -std::atan2(4, 20), 0.02);
    auto* tick = find<QCheckBox>("artMirrored");
    QTest::mouseClick(tick, Qt::LeftButton, {}, QPoint(8, tick->height() / 2));
    settle();
    EXPECT_TRUE(model.in_hand.sticker()->framing.mirrored);
}

TEST_F(Bench, EveryDemoPictureIsGoodWithItsOfferedStart) {
    const struct {
        const char* file;
        std::size_t least, most; ///< contours of the outline
    } cases[] = {{"paper-lantern.png", 1, 12},    {"puffin.png", 1, 4},        {"octopus.png", 1, 8},
                 {"leaping-mackerel.png", 1, 20}, {"white-moon.png", 1, 4},    {"kelp-relish.png", 1, 4},
                 {"tide-bell.png", 1, 4},         {"harbour-ferry.jpg", 1, 1}, {"anchor-sketch.png", 5, 40}};
    for (const auto& c : cases) {
        drop_artwork({test::demo_art(c.file)});
        EXPECT_GE(result()->outline().contours.size(), c.least) << c.file;
        EXPECT_LE(result()->outline().contours.size(), c.most) << c.file;
        EXPECT_EQ(result()->outlined->left_out, 0u);
        const Rect box = bounds(result()->outline());
        EXPECT_GT(box.width(), 0.6 * result()->outlined->artwork.width) << c.file;
    }
}

TEST_F(Bench, EveryLookShowsSomethingElse) {
    drop_artwork({test::demo_art("anchor-sketch.png")});
    auto* looks = find<QComboBox>("lookAt");
    std::vector<QImage> seen;
    for (int i = 0; i < looks->count(); ++i) {
        looks->setCurrentIndex(i);
        settle();
        const QImage picture = view()->grab().toImage();
        for (const QImage& other : seen)
            EXPECT_NE(picture, other);
        seen.push_back(picture);
    }
}

TEST_F(Bench, AnImageOnTheClipboardIsPasted) {
    key(Qt::Key_V, Qt::ControlModifier);
    EXPECT_THAT(notice(), HasSubstr("no picture on the clipboard"));
    QImage image(60, 40, QImage::Format_ARGB32);
    image.fill(Qt::transparent);
    QPainter(&image).fillRect(10, 10, 40, 20, Qt::red);
    QApplication::clipboard()->setImage(image);
    key(Qt::Key_V, Qt::ControlModifier);
    ASSERT_TRUE(QTest::qWaitFor([&] { return model.document().stickers.size() == 1; }, long_enough));
    settle();
    EXPECT_EQ(model.in_hand.sticker()->name, "Pasted picture");
    EXPECT_EQ(result()->outline().contours.size(), 1u);
    QApplication::clipboard()->clear();
}

/// A document of pages.
class DocumentPages : public Bench {
  protected:
    /// Three pages, each with a rectangle of its own width.
    QString cards() {
        const QString path = folder.filePath("cards.pdf");
        QPdfWriter writer(path);
        writer.setPageSize(QPageSize(QSizeF(50, 40), QPageSize::Millimeter));
        writer.setPageMargins({});
        QPainter painter(&writer);
        for (int page = 0; page < 3; ++page) {
            if (page > 0)
                writer.newPage();
            painter.fillRect(QRect(0, 0, writer.width() / (page + 2), writer.height() / 2), Qt::darkGreen);
        }
        return path;
    }
    /// Types the pages once they are asked for, and takes them.
    void answer_pages(
        const QString& pages, const std::function<void()>& open,
        const std::function<void(PagesDialog&)>& before = [](PagesDialog&) {}) {
        bool seen = false;
        QTimer look;
        QObject::connect(&look, &QTimer::timeout, &window, [&] {
            if (auto* dialog = qobject_cast<PagesDialog*>(QApplication::activeModalWidget())) {
                look.stop();
                seen = true;
                before(*dialog);
                auto* list = dialog->findChild<QLineEdit*>(QStringLiteral("pageList"));
                list->selectAll();
                QTest::keyClicks(list, pages);
                QTest::keyClick(list, Qt::Key_Return);
            }
        });
        look.start(50);
        open();
        EXPECT_TRUE(QTest::qWaitFor([&] { return seen; }, long_enough)) << "no dialog asked for pages";
        window.activateWindow();
    }
};

TEST_F(DocumentPages, AreChosenAndDrawnAnew) {
    answer_pages("1, 3", [&] { drop({cards()}); });
    ASSERT_TRUE(QTest::qWaitFor([&] { return model.document().stickers.size() == 2; }, long_enough));
    settle();
    EXPECT_EQ(model.in_hand.sticker()->name, "Cards 3");
    EXPECT_NEAR(bounds(result()->outline()).width(), 12.5, 0.2);
    click("stepArtwork");
    const int before = size_px(model.in_hand.sticker()->artwork).x;
    type("pageResolution", "150");
    ASSERT_TRUE(QTest::qWaitFor([&] { return size_px(model.in_hand.sticker()->artwork).x < before; }, long_enough));
    settle();
    EXPECT_NEAR(bounds(result()->outline()).width(), 12.5, 0.3) << "finer or coarser, the size stays";
}

TEST_F(DocumentPages, OneReplacesTheArtwork) {
    drop_artwork({test::demo_art("octopus.png")});
    const int id = model.in_hand.sticker()->id;
    const double width = model.in_hand.sticker()->width;
    const auto artwork = [&]() -> const Artwork& { return model.document().find(id)->artwork; };
    const auto picture = [&] { return std::get_if<PictureArtwork>(&artwork()); };
    const auto page = [&] { return picture() ? picture()->picture->page : 0; };
    answer_pages(
        "2", [&] { model.importer.replace_artwork(cards()); },
        [](PagesDialog& dialog) {
            auto* list = dialog.findChild<QLineEdit*>(QStringLiteral("pageList"));
            const auto* take = dialog.findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok);
            for (const char* wrong : {"1, 3", "1-2", "4", "", "two"}) {
                list->setText(QLatin1String(wrong));
                EXPECT_FALSE(take->isEnabled()) << wrong;
            }
        });
    ASSERT_TRUE(QTest::qWaitFor([&] { return page() == 2; }, long_enough));
    settle();
    EXPECT_EQ(model.document().find(id)->width, width);
    EXPECT_EQ(model.document().stickers.size(), 1u);
    answer_pages(
        "3", [&] { model.importer.replace_artwork(cards()); },
        [](PagesDialog& dialog) {
            const auto words = QStringLiteral("As a drawing");
            for (auto* one : dialog.findChildren<QAbstractButton*>())
                if (one->text() == words)
                    one->click();
        });
    ASSERT_TRUE(QTest::qWaitFor([&] { return std::holds_alternative<DrawingArtwork>(artwork()); }, long_enough));
    EXPECT_EQ(std::get<DrawingArtwork>(artwork()).drawing->page, 3);
    settle();
    click("undo");
    click("undo");
    EXPECT_EQ(source_name(artwork()), "octopus.png");
    // Where the sticker has gone meanwhile, nothing happens but a word.
    answer_pages(
        "1", [&] { model.importer.replace_artwork(cards()); },
        [&](PagesDialog&) {
            model.project.edit("gone", [&](Document d) { return with_sticker_removed(std::move(d), id); });
        });
    settle();
    EXPECT_TRUE(model.document().stickers.empty());
    EXPECT_THAT(notice(), testing::HasSubstr("no longer there"));
}

/// The outlines of letters are known to a few thousandths of a pixel, flattened large and made small again.
TEST(Letters, AreTracedWhereTheirOutlinesLie) {
    constexpr double larger = 64, height_px = 220;
    QFont font(QStringLiteral("Inter"));
    font.setPixelSize(static_cast<int>(height_px));
    QPainterPath text;
    text.addText(30.3, 250.6, font, QStringLiteral("RgS&k8"));
    Polygons truth;
    for (const QPolygonF& polygon : text.simplified().toSubpathPolygons(QTransform::fromScale(larger, larger))) {
        Polygon contour;
        for (const QPointF p : polygon)
            contour.push_back((1 / larger) * from_qt(p));
        if (contour.size() > 1 && distance(contour.front(), contour.back()) < 1e-9)
            contour.pop_back();
        truth.push_back(contour);
    }
    const int width = static_cast<int>(text.boundingRect().right()) + 30;
    const Outline outline = trace(test::exact_coverage(truth, width, 340), {}).outline;
    EXPECT_EQ(outline.contours.size(), truth.size());
    double sum = 0, count = 0, far = 0;
    for (const Polygon& polygon : flatten(outline, 0.01))
        for (std::size_t i = 0; i < polygon.size(); ++i)
            for (int k = 0; k < 4; ++k, ++count) {
                const Point p = lerp(polygon[i], polygon[(i + 1) % polygon.size()], k / 4.0);
                const double off = nearest_on(truth, p).distance;
                sum += off;
                far += off > 0.25;
            }
    EXPECT_LE(sum / count, 0.03);
    EXPECT_LE(far / count, 0.005) << "a few points next to corners at most";
    EXPECT_NEAR(area(outline) /
                    std::abs(std::accumulate(truth.begin(), truth.end(), 0.0,
                                             [](double s, const Polygon& p) { return s + signed_area(p); })),
                1, 0.0005);
}

TEST(Pages, AreReadAsPeopleWriteThem) {
    EXPECT_EQ(parse_pages("1, 3-5", 9), (std::vector{1, 3, 4, 5}));
    EXPECT_EQ(parse_pages(" 2 - 2,2 ", 9), (std::vector{2}));
    for (const char* wrong : {"", "0", "4-2", "10", "one", "1,,2", "1-2-3"})
        EXPECT_TRUE(parse_pages(QLatin1String(wrong), 9).empty()) << wrong;
}

} // namespace
} // namespace fusuma::app
