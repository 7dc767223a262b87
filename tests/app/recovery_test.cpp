// Unsaved work after crashes, and windows that know of each other.

#include "app/frame/instance.h"
#include "app/frame/left_work_dialog.h"
#include "app/frame/windows.h"
#include "formats/project/project_file.h"
#include "formats/project/zip_archive.h"
#include "tests/support/faults.h"
#include "tests/support/samples.h"

#include <gmock/gmock.h>

#include <QApplication>
#include <QLocalSocket>
#include <QMessageBox>
#include <QProcess>
#include <QPushButton>
#include <QSignalSpy>
#include <QStandardPaths>
#include <QTest>
#include <sys/stat.h>
#include <thread>

namespace fusuma::app {
namespace {

class RecoveryTest : public testing::Test {
  protected:
    QTemporaryDir folder;
    const QString kept_in = folder.filePath("unsaved");

    static void wait_for(const std::function<bool()>& done, int ms = 20000) { ASSERT_TRUE(QTest::qWaitFor(done, ms)); }
    [[nodiscard]] QStringList files() const { return QDir(kept_in).entryList({"*.fusuma"}, QDir::Files); }
    /// As a run that was killed leaves it: no lock.
    QString leave(const QString& name, double gap, const QString& path = {}) {
        Model model;
        Document d = model.document();
        d.sheet.gap = gap;
        model.project.adopt_unsaved(d, name, path);
        QDir().mkpath(kept_in);
        const QString file = kept_in + QLatin1Char('/') + name + QStringLiteral(".fusuma");
        {
            Recovery recovery(model.project, model.messages, folder.filePath("other"));
            recovery.keep();
            wait_for([&] { return !QDir(folder.filePath("other")).entryList({"*.fusuma"}, QDir::Files).isEmpty(); });
            const QString made = QDir(folder.filePath("other")).entryList({"*.fusuma"}, QDir::Files).front();
            EXPECT_TRUE(QFile::copy(folder.filePath("other/" + made), file));
            recovery.end();
        }
        return file;
    }
};

TEST_F(RecoveryTest, KeepsWhatIsUnsavedAndRemovesItOnceItIsSaved) {
    Model model;
    {
        Recovery recovery(model.project, model.messages, kept_in);
        recovery.keep();
        EXPECT_TRUE(files().isEmpty()) << "nothing was done yet";
        model.project.edit("Gap", [](Document d) {
            d.sheet.gap = 6;
            return d;
        });
        wait_for([&] { return files().size() == 1; }, 5000);
        EXPECT_TRUE(Recovery::left_behind(kept_in).empty()) << "it lives, so it is nobody else's";
        EXPECT_EQ(load_project(kept_in + "/" + files().front())->sheet.gap, 6);
        model.project.save(folder.filePath("saved.fusuma"));
        wait_for([&] { return files().isEmpty(); }, 5000);
        model.project.edit("Gap", [](Document d) {
            d.sheet.gap = 7;
            return d;
        });
        wait_for([&] { return files().size() == 1; }, 5000);
        recovery.end();
    }
    EXPECT_TRUE(files().isEmpty()) << "its window was closed, and what to do with it was asked";
}

/// A desktop that ends, or a program that is told to, closes no windows.
TEST_F(RecoveryTest, AnEndThatNobodyWasAskedAtLeavesTheWork) {
    {
        Model model;
        Recovery recovery(model.project, model.messages, kept_in);
        model.project.edit("Gap", [](Document d) {
            d.sheet.gap = 6;
            return d;
        });
        wait_for([&] { return files().size() == 1; }, 5000);
    }
    EXPECT_EQ(Recovery::left_behind(kept_in).size(), 1u);
}

/// Closing the window before the work has arrived must not take it for given up.
TEST_F(RecoveryTest, WorkThatIsStillBeingTakenUpOutlivesItsWindow) {
    leave("Kelp", 4);
    {
        Model model;
        Recovery recovery(model.project, model.messages, kept_in);
        recovery.take_up(Recovery::left_behind(kept_in).front());
        recovery.end();
    }
    ASSERT_EQ(Recovery::left_behind(kept_in).size(), 1u);
    EXPECT_EQ(load_project(Recovery::left_behind(kept_in).front().file)->sheet.gap, 4);
}

TEST_F(RecoveryTest, OffersEveryWorkThatWasLeftBehindAndKeepsItUntilItIsSaved) {
    leave("Kelp", 4, "/home/maker/kelp.fusuma");
    leave("Dulse", 5);
    Windows windows(kept_in);
    windows.open_new();
    windows.offer_left_behind();
    auto* dialog = windows.window(0).findChild<LeftWorkDialog*>();
    ASSERT_TRUE(dialog);
    QCoreApplication::processEvents();
    EXPECT_EQ(files().size(), 2);
    EXPECT_TRUE(windows.model(0).document() == Document{}) << "nothing is opened before somebody says so";
    for (const char* name : {"leftOpen1", "leftOpen2"})
        QTest::mouseClick(dialog->findChild<QPushButton*>(QLatin1String(name)), Qt::LeftButton);
    wait_for([&] {
        return windows.count() == 2 && windows.model(0).project.is_changed() && windows.model(1).project.is_changed();
    });
    std::set<double> gaps{windows.model(0).document().sheet.gap, windows.model(1).document().sheet.gap};
    EXPECT_EQ(gaps, (std::set<double>{4, 5}));
    EXPECT_EQ(files().size(), 2) << "adopted work stays until it is saved";
    for (std::size_t i = 0; i < 2; ++i) {
        Project& project = windows.model(i).project;
        EXPECT_TRUE(project.is_changed());
        EXPECT_EQ(project.name(), project.document().sheet.gap == 4 ? "kelp" : "Dulse") << "its file's name is known";
        project.save(folder.filePath(QStringLiteral("saved%1.fusuma").arg(i)));
    }
    wait_for([&] { return files().isEmpty(); });
}

/// Neither a clock that stands still nor one that jumps makes work of the living look left behind, or hides any.
TEST_F(RecoveryTest, WhateverTheClockSaysAllLeftWorkIsOfferedAndNoLivingOne) {
    const QString first = leave("Kelp", 4);
    for (const char* name : {"Dulse", "Laver", "Carrageen"})
        test::date_like(leave(QLatin1String(name), 5).toStdString(), first.toStdString());
    Model model;
    Recovery living(model.project, model.messages, kept_in);
    model.project.edit("Gap", [](Document d) {
        d.sheet.gap = 6;
        return d;
    });
    living.keep();
    wait_for([&] { return files().size() == 5; });
    for (const char* when : {"1970-01-02T00:00:00", "2026-11-24T10:00:00", "2090-01-01T00:00:00"}) {
        for (const QFileInfo& file : QDir(kept_in).entryInfoList(QDir::Files | QDir::Hidden)) {
            QFile dated(file.filePath());
            ASSERT_TRUE(dated.open(QIODevice::ReadWrite));
            dated.setFileTime(QDateTime::fromString(QLatin1String(when), Qt::ISODate),
                              QFileDevice::FileModificationTime);
        }
        std::set<QString> names;
        for (const LeftWork& left : Recovery::left_behind(kept_in))
            names.insert(left.name);
        EXPECT_EQ(names, (std::set<QString>{"Kelp", "Dulse", "Laver", "Carrageen"})) << when;
    }
    living.end();
}

TEST_F(RecoveryTest, WorkThatIsNotWantedNowIsOfferedAgainAndThrownAwayOnlyWhenSaid) {
    leave("Kelp", 4);
    {
        Windows windows(kept_in);
        windows.offer_left_behind();
        auto* dialog = windows.window(0).findChild<LeftWorkDialog*>();
        ASSERT_TRUE(dialog);
        QTest::mouseClick(dialog->findChild<QPushButton*>(QStringLiteral("leftLater")), Qt::LeftButton);
    }
    EXPECT_EQ(files().size(), 1);
    Windows windows(kept_in);
    windows.offer_left_behind();
    auto* dialog = windows.window(0).findChild<LeftWorkDialog*>();
    ASSERT_TRUE(dialog);
    QTimer::singleShot(0, [] {
        if (auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget()))
            box->button(QMessageBox::Discard)->click();
    });
    QTest::mouseClick(dialog->findChild<QPushButton*>(QStringLiteral("leftAway1")), Qt::LeftButton);
    EXPECT_TRUE(files().isEmpty());
}

/// Work that ends the program every time must not end it again without a question.
TEST_F(RecoveryTest, SaysWhenWorkWasTriedBefore) {
    leave("Kelp", 4);
    {
        Windows windows(kept_in);
        windows.offer_left_behind();
        auto* dialog = windows.window(0).findChild<LeftWorkDialog*>();
        QTest::mouseClick(dialog->findChild<QPushButton*>(QStringLiteral("leftOpen1")), Qt::LeftButton);
        wait_for([&] { return windows.model(0).project.is_changed(); });
        wait_for([&] {
            const QByteArray words = small_entry(kept_in + "/" + files().front(), "unsaved.json").value_or("");
            return words.contains("\"tried\":true");
        });
    } // and it ends without asking
    const auto left = Recovery::left_behind(kept_in);
    ASSERT_EQ(left.size(), 1u);
    EXPECT_TRUE(left[0].was_tried);
    EXPECT_EQ(left[0].name, "Kelp");
}

/// By another version, or by what wrote over it: the program would end at every start.
TEST_F(RecoveryTest, WhateverIsSaidOfWorkItIsOffered) {
    leave("Kelp", 4);
    const QString file = kept_in + "/" + files().front();
    auto entries = *unzip(*read_file(file, 1 << 26), 1 << 26);
    for (const char* words : {R"({"name": 7, "path": [], "tried": 2})", R"({"name": "Kelp"})", "[1]", "7", "{", ""}) {
        entries["unsaved.json"] = words;
        const auto zip = zip_bytes(entries);
        ASSERT_TRUE(zip && write_file(file, *zip));
        const auto left = Recovery::left_behind(kept_in);
        ASSERT_EQ(left.size(), 1U) << words;
        EXPECT_FALSE(left[0].was_tried);
        EXPECT_FALSE(left[0].name.isEmpty());
    }
    entries["unsaved.json"] = R"({"name": 7, "tried": true})";
    ASSERT_TRUE(write_file(file, *zip_bytes(entries)));
    EXPECT_TRUE(Recovery::left_behind(kept_in)[0].was_tried) << "each for itself";
}

TEST_F(RecoveryTest, ADamagedFileIsToldAndStays) {
    QDir().mkpath(kept_in);
    QFile damaged(kept_in + "/damaged.fusuma");
    ASSERT_TRUE(damaged.open(QIODevice::WriteOnly));
    damaged.write("no project");
    damaged.close();
    auto left = Recovery::left_behind(kept_in);
    ASSERT_EQ(left.size(), 1u);
    Model model;
    Recovery recovery(model.project, model.messages, kept_in);
    QSignalSpy told(&model.messages, &Messages::problem);
    recovery.take_up(left[0]);
    ASSERT_TRUE(told.wait(10000));
    EXPECT_THAT(told[0][0].toString().toStdString(), testing::HasSubstr("cannot be read. It stays in"));
    EXPECT_TRUE(QFile::exists(kept_in + "/damaged.fusuma"));
}

TEST_F(RecoveryTest, AFailedKeepIsTriedAgainAndToldAfterThreeTimes) {
    // A file where the folder should be cannot be written into, not even by the superuser.
    QFile in_the_way(kept_in);
    ASSERT_TRUE(in_the_way.open(QIODevice::WriteOnly));
    in_the_way.close();
    Model model;
    QSignalSpy told(&model.messages, &Messages::problem);
    Recovery recovery(model.project, model.messages, kept_in);
    model.project.edit("Gap", [](Document d) {
        d.sheet.gap = 6;
        return d;
    });
    ASSERT_TRUE(told.wait(20000));
    EXPECT_THAT(told[0][0].toString().toStdString(), testing::HasSubstr("cannot be kept aside"));
    ASSERT_TRUE(QFile::remove(kept_in));
    wait_for([&] { return files().size() == 1; });
    EXPECT_EQ(told.count(), 1) << "it is told once";
}

/// The program itself, killed at any time: all but the last seconds is there.
TEST_F(RecoveryTest, AProgramThatIsKilledLosesSecondsAtMost) {
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert("XDG_STATE_HOME", folder.path());
    environment.insert("XDG_RUNTIME_DIR", folder.path());
    environment.insert("XDG_CONFIG_HOME", folder.path());
    const QString unsaved = folder.filePath("fusuma/unsaved");
    const auto kept = [&] { return QDir(unsaved).entryList({"*.fusuma"}, QDir::Files); };
    QProcess program;
    program.setProcessEnvironment(environment);
    program.start(QStringLiteral(FUSUMA), {test::demo_art("puffin.png")});
    ASSERT_TRUE(program.waitForStarted());
    wait_for([&] { return kept().size() == 1; }, 60000);
    QProcess second; // hands its file over and ends
    second.setProcessEnvironment(environment);
    second.start(QStringLiteral(FUSUMA), {test::demo_art("tide-bell.png")});
    ASSERT_TRUE(second.waitForFinished(60000));
    EXPECT_EQ(second.exitCode(), 0);
    wait_for([&] { return kept().size() == 2; }, 60000);
    program.kill();
    ASSERT_TRUE(program.waitForFinished());
    const auto left = Recovery::left_behind(unsaved);
    ASSERT_EQ(left.size(), 2u) << "two windows, two works, both left behind";
    std::set<std::string> names;
    for (const LeftWork& work : left) {
        EXPECT_FALSE(work.picture.isNull());
        names.insert(load_project(work.file)->stickers.front()->name);
    }
    EXPECT_EQ(names, (std::set<std::string>{"Puffin", "Tide bell"}));
}

class TwoWindows : public RecoveryTest {
  protected:
    const QString first = folder.filePath("first.fusuma"), second = folder.filePath("second.fusuma");
    Windows windows{kept_in};

    void SetUp() override {
        Document d = test::disc_document({{60, 60}});
        ASSERT_TRUE(save_project(Document{}, first));
        d = {};
        d.sheet.gap = 9;
        ASSERT_TRUE(save_project(d, second));
    }
    [[nodiscard]] std::set<QString> open_now() {
        std::set<QString> names;
        for (std::size_t i = 0; i < windows.count(); ++i)
            names.insert(windows.model(i).project.name());
        return names;
    }
};

TEST_F(TwoWindows, EveryProjectHasAWindowAndIsOpenOnce) {
    windows.open({first, second});
    wait_for([&] { return open_now() == std::set<QString>{"first", "second"}; });
    windows.open({folder.path() + "/./first.fusuma"});
    QTest::qWait(100);
    EXPECT_EQ(windows.count(), 2u) << "it is shown, not opened again";
    windows.open({});
    EXPECT_EQ(windows.count(), 3u);
    windows.window(2).close();
    wait_for([&] { return windows.count() == 2; });
}

TEST_F(TwoWindows, AProjectAndPicturesTogetherAreBothThere) {
    windows.open({test::demo_art("puffin.png"), second, test::demo_art("tide-bell.png")});
    wait_for([&] { return windows.count() == 1 && windows.model(0).document().stickers.size() == 2; });
    EXPECT_EQ(windows.model(0).document().sheet.gap, 9);
    EXPECT_EQ(windows.model(0).project.name(), "second");
}

TEST_F(TwoWindows, PicturesComeInEvenWhenTheProjectBesideThemCannotBeOpened) {
    ASSERT_TRUE(write_file(folder.filePath("damaged.fusuma"), "no project"));
    windows.open({folder.filePath("damaged.fusuma"), test::demo_art("puffin.png")});
    wait_for([&] { return windows.count() == 1 && windows.model(0).document().stickers.size() == 1; });
}

TEST_F(TwoWindows, PicturesNeverLandInWorkThatIsOpen) {
    windows.open({second});
    wait_for([&] { return windows.model(0).project.name() == "second"; });
    windows.open({test::demo_art("puffin.png")});
    ASSERT_EQ(windows.count(), 2u);
    wait_for([&] { return windows.model(1).document().stickers.size() == 1; });
    EXPECT_TRUE(windows.model(0).document().stickers.empty());
}

TEST_F(RecoveryTest, StartingAgainHandsOverAndNobodyAnswersForTheDead) {
    const QString name = "fusuma-test-" + QString::number(QCoreApplication::applicationPid());
    EXPECT_FALSE(Instance::hand_over(name, {"a.png"})) << "nobody is there";
    QStringList got;
    Wish wished{};
    {
        Instance instance;
        ASSERT_TRUE(instance.listen(name));
        QObject::connect(&instance, &Instance::started_again, [&](const QStringList& paths, Wish wish) {
            got = paths;
            wished = wish;
        });
        bool taken = false;
        std::thread other([&] { taken = Instance::hand_over(name, {"a.png", "/tmp/b c.fusuma"}, Wish::example); });
        wait_for([&] { return !got.isEmpty(); });
        other.join();
        EXPECT_TRUE(taken);
        EXPECT_EQ(got, (QStringList{QDir::current().absoluteFilePath("a.png"), "/tmp/b c.fusuma"}));
        EXPECT_EQ(wished, Wish::example);
        // Hostile words are no paths, and nothing ends.
        QLocalSocket socket;
        socket.connectToServer(QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation) + "/" + name);
        ASSERT_TRUE(socket.waitForConnected(3000));
        socket.write(QByteArray(1 << 20, 'x') + "{]\n\n[[1]]\n");
        socket.waitForBytesWritten(3000);
        QTest::qWait(100);
    }
    Instance next;
    EXPECT_TRUE(next.listen(name)) << "what the dead one left is no obstacle";
}

} // namespace
} // namespace fusuma::app
