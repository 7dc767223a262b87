// Printing for real: through the system's print dialog to a CUPS server with a printer that writes PDF files.

#include "app/output/output_run.h"
#include "core/registration/locate.h"
#include "devices/practice/practice_printer.h"
#include "formats/basics/file.h"
#include "formats/picture/picture_read.h"
#include "tests/app/window.h"

#include <QDir>
#include <QPrintDialog>
#include <QPrinter>
#include <QProcess>
#include <QRegularExpression>
#include <QTcpServer>

namespace fusuma::app {
namespace {

class Spooler : public Window {
  protected:
    static inline std::unique_ptr<QProcess> server;
    static inline std::unique_ptr<QTemporaryDir> cups;
    static inline QString why_not;                                      ///< it runs here
    const QDir printed_into{QDir::homePath() + QStringLiteral("/PDF")}; // where that driver writes, by its own settings
    const QStringList there_before = pdfs();

    /// Before there is a window: whoever asks for printers first decides which server is asked.
    static void SetUpTestSuite() {
        QTcpServer probe;
        ASSERT_TRUE(probe.listen(QHostAddress::LocalHost));
        const QString port = QString::number(probe.serverPort());
        probe.close();
        cups = std::make_unique<QTemporaryDir>();
        server = std::make_unique<QProcess>();
        server->start(QStringLiteral(SOURCE_DIR "/tests/support/cups_server"), {cups->filePath("cups"), port});
        why_not =
            server->waitForReadyRead(20000) ? QString::fromUtf8(server->readLine()).trimmed() : server->errorString();
        qputenv("CUPS_SERVER", ("127.0.0.1:" + port).toUtf8());
        if (why_not == QLatin1String("ready"))
            why_not.clear();
    }
    static void TearDownTestSuite() {
        server->terminate();
        server->waitForFinished(5000);
        server.reset();
        cups.reset();
    }
    void TearDown() override {
        for (const QString& file : pdfs())
            if (!there_before.contains(file))
                QFile::remove(file);
        Window::TearDown();
    }
    [[nodiscard]] QStringList pdfs() const {
        QStringList all;
        for (const QFileInfo& file : QDir(printed_into).entryInfoList({"Fusuma*.pdf"}, QDir::Files))
            all << file.filePath();
        return all;
    }
    /// What arrived since; waits for it to be written whole.
    QString arrived() {
        QString file;
        qint64 size = -1;
        std::ignore = QTest::qWaitFor(
            [&] {
                for (const QString& one : pdfs())
                    if (!there_before.contains(one))
                        file = one;
                const qint64 before = std::exchange(size, file.isEmpty() ? -1 : QFileInfo(file).size());
                QTest::qWait(300);
                return size > 0 && size == before;
            },
            40000);
        return file;
    }
};

TEST_F(Spooler, ASheetGoesThroughThePrintDialogAndArrivesAtItsSizeWithItsMarks) {
    if (!why_not.isEmpty())
        GTEST_SKIP() << why_not.toStdString();
    auto* run = window.findChild<OutputRun*>();
    ASSERT_TRUE(run);
    Document d = with_sticker_added({}, new_sticker(PictureArtwork{*read_picture(test::demo_art("puffin.png"))}));
    d.put({.sticker = 1, .centre = {60, 90}});
    d.put({.sticker = 1, .centre = {150, 200}});
    model.project.adopt(d, "Tide Fair");
    window.go_to(Place::output);
    settle();
    QTimer look;
    QString chosen;
    QObject::connect(&look, &QTimer::timeout, &window, [&] {
        auto* dialog = qobject_cast<QPrintDialog*>(QApplication::activeModalWidget());
        if (!dialog)
            return;
        look.stop();
        chosen = dialog->printer()->printerName();
        if (chosen.isEmpty()) // another test asked for printers before
            return dialog->reject();
        for (auto* b : dialog->findChildren<QPushButton*>())
            if (b->isDefault())
                QTest::mouseClick(b, Qt::LeftButton);
    });
    look.start(100);
    click("realPrint");
    EXPECT_EQ(chosen.toStdString(), "fusuma-pdf");
    ASSERT_EQ(model.document().tickets.size(), 1u);
    const QString file = arrived();
    ASSERT_FALSE(file.isEmpty()) << "nothing was printed";

    QProcess info;
    info.start("pdfinfo", {file});
    ASSERT_TRUE(info.waitForFinished());
    const QString told = QString::fromUtf8(info.readAllStandardOutput());
    EXPECT_TRUE(told.contains("(A4)")) << told.toStdString();
    EXPECT_TRUE(told.contains(QRegularExpression("Pages:\\s+1\\b"))) << told.toStdString();
    // Its marks lie where the ticket says, at their size: nothing scaled or moved the page.
    constexpr double dpi = 300, px_per_mm = dpi / 25.4;
    const auto page = practice_print(*read_file(file, 1 << 28), dpi);
    ASSERT_TRUE(page);
    const QImage grey = page->convertToFormat(QImage::Format_Grayscale8);
    Scan scan{grey.width(), grey.height(), px_per_mm, {}, {}};
    for (int y = 0; y < grey.height(); ++y)
        scan.grey.insert(scan.grey.end(), grey.constScanLine(y), grey.constScanLine(y) + grey.width());
    const auto& marks = model.document().tickets[0]->pages[0].marks;
    const Registration found = locate(marks, find_spots(scan, marks));
    ASSERT_TRUE(found.accepted) << found.reason;
    for (std::size_t i = 0; i < marks.size(); ++i)
        EXPECT_LT(distance(*found.found[i], marks[i].centre), 0.15) << "mark " << i;
}

} // namespace
} // namespace fusuma::app
