// The worst of the files that mean no good (tests/hostile/), dropped on a window that holds unsaved work.

#include "app/model/recovery.h"
#include "formats/basics/file.h"
#include "formats/picture/picture_read.h"
#include "formats/project/zip_archive.h"
#include "formats/room/room.h"
#include "tests/app/window.h"

#include <QDir>
#include <QProcess>

namespace fusuma::app {
namespace {

/// Thirty that are refused, each for a reason of its own: sizes, bombs, cycles, nesting, lies, what makes readers fail
/// and what takes them too long.
constexpr auto worst =
    "^(png-claims-100000x100000-16-6|png-claims-2147483647x2147483647-8-6|png-bomb-of-profile|bmp-claims--5x10-24|"
    "gif-frames-200000|tiff-cycle|tiff-lying-counts|picture-heif|picture-elf|picture-empty|svg-nested-200000|"
    "svg-use-of-itself|svg-chain-mask|svg-text-huge|svg-filter-convolve|svg-entity-laughs|svg-crossing-path|"
    "svg-million-moves|svg-filter-turbulence|dxf-blocks-cyclic|dxf-lwpolyline-counts-200000000|dxf-coordinate-1e308|"
    "pdf-function-nested|pdf-tree-cycle|pdf-locked|pdf-forms-12-10|project-nested-60000|project-zip-alone|"
    "project-sizes-lie-22|project-bomb-description)$";

using Strangers = Window;

TEST_F(Strangers, ThirtyOfTheWorstLeaveTheWorkAndTheWindowAsTheyWere) {
    QTemporaryDir files;
    QProcess made;
    made.start(QStringLiteral(SOURCE_DIR "/tests/hostile/run"),
               {"--cli", FUSUMA_CLI, "--only", worst, "--keep", files.path()});
    ASSERT_TRUE(made.waitForFinished(240'000)) << made.errorString().toStdString();
    const QStringList all = QDir(files.path()).entryList(QDir::Files, QDir::Name);
    ASSERT_EQ(all.size(), 30) << made.readAllStandardError().toStdString();

    drop_artwork({test::demo_art("puffin.png")});
    model.copies.place(1);
    settle();
    const Document work = model.document();
    QString told;
    bool is_asked = false;
    QTimer answers; // a project asks about the work first; who leaves it all the same keeps it when nothing opens
    QObject::connect(&answers, &QTimer::timeout, [&] {
        auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
        if (box && box->objectName() == "moreTime") {
            is_asked = true;
            told = box->text();
            box->reject();
        } else if (QAbstractButton* leave = box ? box->button(QMessageBox::Discard) : nullptr) {
            leave->click();
        }
    });
    answers.start(50);
    const int patience = room::allowed_seconds();
    room::allow(1);
    for (const QString& name : all) {
        told.clear();
        is_asked = false;
        const auto heard =
            QObject::connect(&model.messages, &Messages::problem, [&](const QString& text) { told = text; });
        drop({files.filePath(name)});
        EXPECT_TRUE(QTest::qWaitFor([&] { return !told.isEmpty(); }, 60'000)) << name.toStdString();
        settle();
        QObject::disconnect(heard);
        if (!is_asked) {
            EXPECT_EQ(notice(), told.toStdString()) << "the sentence is read";
        }
        EXPECT_FALSE(told.contains(QLatin1Char('\n'))) << told.toStdString();
        EXPECT_LT(told.size(), 300) << told.toStdString();
        EXPECT_TRUE(model.document() == work) << name.toStdString();
        EXPECT_TRUE(model.project.is_changed()) << name.toStdString();
    }
    room::allow(patience);
    model.copies.place(1);
    settle();
    EXPECT_FALSE(model.document() == work) << "and one works on";
}

TEST_F(Strangers, StopEndsReadingAtOnceAndTheNextFileIsRead) {
    QTemporaryDir files;
    const QString slow = files.filePath("slow.svg");
    ASSERT_TRUE(
        write_file(slow, R"svg(<svg xmlns="http://www.w3.org/2000/svg" width="500mm" height="500mm"><filter id="f">
        <feTurbulence baseFrequency=".01" numOctaves="2000"/></filter><rect width="1800" height="1800" filter="url(#f)"/>
        </svg>)svg"));
    drop({slow});
    ASSERT_TRUE(QTest::qWaitFor([&] { return model.importer.reading() == "slow.svg"; }, long_enough));
    QTest::qWait(300);
    model.business.cancel();
    EXPECT_EQ(model.importer.reading(), "");
    const auto start = std::chrono::steady_clock::now();
    drop_artwork({test::demo_art("white-moon.png")});
    EXPECT_LT(std::chrono::steady_clock::now() - start, std::chrono::seconds(15)) << "nobody waits for the slow one";
    EXPECT_EQ(source_name(model.document().stickers.back()->artwork), "white-moon.png");
}

TEST_F(Strangers, PicturesReadTwoAtATimeComeInTheOrderInWhichTheyWereDropped) {
    const QStringList names{"puffin.png", "white-moon.png", "harbour-ferry.jpg", "tide-bell.png", "kelp-relish.png"};
    QStringList paths;
    for (const QString& name : names)
        paths << test::demo_art(qPrintable(name));
    drop_artwork(paths);
    ASSERT_EQ(model.document().stickers.size(), 5U);
    for (std::size_t i = 0; i < 5; ++i)
        EXPECT_EQ(source_name(model.document().stickers[i]->artwork), names[static_cast<int>(i)].toStdString());
}

} // namespace
} // namespace fusuma::app
