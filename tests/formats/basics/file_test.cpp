// Writing when it goes wrong: disks that fill up, programs that are killed, places where nothing can be written.

#include "formats/basics/file.h"
#include "tests/support/faults.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <algorithm>
#include <gmock/gmock.h>
#include <random>
#include <sys/stat.h>
#include <thread>

namespace fusuma {
namespace {

using testing::HasSubstr;

class WriteFile : public testing::Test {
  protected:
    QTemporaryDir folder;
    const QString path = folder.filePath("sheet.svg");
    const QByteArray old_bytes = QByteArray("old").repeated(5000), new_bytes = QByteArray("newer").repeated(40'000);

    void SetUp() override { ASSERT_TRUE(write_file(path, old_bytes)); }
    [[nodiscard]] QByteArray there() const {
        QFile file(path);
        return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray("nothing can be read");
    }
};

TEST_F(WriteFile, LeavesTheOldFileWhenTheDiskIsFullAtAnyByte) {
    for (const qsizetype limit : {qsizetype{0}, qsizetype{1}, qsizetype{4095}, qsizetype{4096}, qsizetype{16'383},
                                  qsizetype{16'384}, qsizetype{16'385}, new_bytes.size() / 2, new_bytes.size() - 1}) {
        const int said = test::on_a_full_disk(static_cast<rlim_t>(limit), [&] {
            const Outcome written = write_file(path, new_bytes);
            return written                                                                           ? 0
                   : written.problem().message.english().find("File too large") != std::string::npos ? 1
                                                                                                     : 2;
        });
        EXPECT_EQ(said, 1) << "fails and names the reason, full after " << limit << " bytes";
        EXPECT_EQ(there(), old_bytes);
        EXPECT_EQ(QDir(folder.path()).entryList(QDir::Files | QDir::Hidden), QStringList{"sheet.svg"})
            << "nothing half done is left about";
    }
    EXPECT_EQ(test::on_a_full_disk(static_cast<rlim_t>(new_bytes.size()),
                                   [&] { return write_file(path, new_bytes) ? 0 : 1; }),
              0);
    EXPECT_EQ(there(), new_bytes);
}

TEST_F(WriteFile, IsOldOrNewButNeverHalfWheneverItIsKilled) {
    std::mt19937 random(11);
    int old_left = 0, new_there = 0;
    // Until it was killed often enough both before and after the new file took the old one's name.
    for (unsigned round = 0; round < 600 && std::min(old_left, new_there) < 20; ++round) {
        test::killed_after(static_cast<unsigned>(random() % (500U << (round % 8))),
                           [&] { (void)write_file(path, new_bytes); });
        const QByteArray now = there();
        ASSERT_TRUE(now == old_bytes || now == new_bytes) << now.size() << " bytes in round " << round;
        ++(now == old_bytes ? old_left : new_there);
        ASSERT_TRUE(write_file(path, old_bytes));
    }
    EXPECT_GE(std::min(old_left, new_there), 20);
}

TEST_F(WriteFile, SaysWhyNothingCanBeWrittenAndLeavesWhatWasThere) {
    EXPECT_THAT(
        write_file(folder.filePath("no/such/folder/a.pdf"), "x").problem().english(),
        testing::AllOf(HasSubstr("“a.pdf” cannot be written: No such file or directory"), HasSubstr("another folder")));
    EXPECT_THAT(write_file(folder.path(), "x").problem().english(), HasSubstr("it is a folder"));
    EXPECT_THAT(write_file(QStringLiteral("/dev/full"), "x").problem().english(), HasSubstr("No space left on device"));
    if (::geteuid() != 0) { // the superuser may write anywhere
        ::chmod(folder.path().toLocal8Bit().constData(), 0500);
        EXPECT_THAT(write_file(path, "x").problem().english(), HasSubstr("Permission denied"));
        ::chmod(folder.path().toLocal8Bit().constData(), 0700);
    }
    EXPECT_EQ(there(), old_bytes);
}

TEST_F(WriteFile, WritesIntoWhatIsNoRegularFileInsteadOfReplacingIt) {
    const QByteArray pipe = folder.filePath("cutter").toLocal8Bit();
    ASSERT_EQ(::mkfifo(pipe.constData(), 0600), 0);
    QByteArray arrived;
    std::thread reader([&] {
        QFile end(QString::fromLocal8Bit(pipe));
        ASSERT_TRUE(end.open(QIODevice::ReadOnly));
        arrived = end.readAll();
    });
    EXPECT_TRUE(write_file(QString::fromLocal8Bit(pipe), new_bytes));
    reader.join();
    EXPECT_EQ(arrived, new_bytes);
    struct stat now {};
    ASSERT_EQ(::stat(pipe.constData(), &now), 0);
    EXPECT_TRUE(S_ISFIFO(now.st_mode));
    EXPECT_TRUE(write_file(QStringLiteral("/dev/null"), new_bytes));
    ASSERT_EQ(::stat("/dev/null", &now), 0);
    EXPECT_TRUE(S_ISCHR(now.st_mode));
}

TEST_F(WriteFile, FollowsALinkAndKeepsItsPermissions) {
    const QString link = folder.filePath("link.svg");
    ASSERT_TRUE(QFile::link(path, link));
    ::chmod(path.toLocal8Bit().constData(), 0640);
    ASSERT_TRUE(write_file(link, new_bytes));
    EXPECT_EQ(there(), new_bytes);
    EXPECT_TRUE(QFileInfo(link).isSymLink());
    struct stat now {};
    ASSERT_EQ(::stat(path.toLocal8Bit().constData(), &now), 0);
    EXPECT_EQ(now.st_mode & 0777U, 0640u);
}

TEST_F(WriteFile, IsReadBackUpToWhatIsAllowed) {
    EXPECT_EQ(*read_file(path, old_bytes.size()), old_bytes);
    EXPECT_THAT(read_file(path, 3).problem().english(), HasSubstr("too large to open"));
    EXPECT_THAT(read_file(folder.path(), 3).problem().english(), HasSubstr("is a folder"));
}

TEST_F(WriteFile, IsReadBackWithoutRoomForAllThatWouldBeAllowed) {
    const auto read = read_file(path, qint64{1} << 45); // more than a computer has
    ASSERT_TRUE(read);
    EXPECT_EQ(*read, old_bytes);
    EXPECT_LT(read->capacity(), 2 * old_bytes.size());
}

TEST_F(WriteFile, WhatTellsNoSizeIsReadToItsEndOrItsLimit) {
    const QString sizeless = QStringLiteral("/proc/self/maps"); // proc(5): made when it is read
    ASSERT_EQ(QFileInfo(sizeless).size(), 0);
    const auto read = read_file(sizeless, 1 << 24);
    ASSERT_TRUE(read);
    EXPECT_THAT(read->toStdString(), HasSubstr("[stack]"));
    EXPECT_TRUE(read->endsWith('\n'));
    EXPECT_THAT(read_file(sizeless, 100).problem().english(), HasSubstr("too large to open"));
}

} // namespace
} // namespace fusuma
