// The lock of the reading room, tried from inside by a program that wants out.

#include "formats/basics/file.h"

#include <QProcess>
#include <QTcpServer>
#include <QTemporaryDir>
#include <gmock/gmock.h>
#include <map>

namespace fusuma {
namespace {

TEST(ShutIn, AReaderThatTriesGetsNothingButItsFileAndFonts) {
    QTemporaryDir folder;
    const QString secret = folder.filePath("secret");
    ASSERT_TRUE(write_file(secret, "kept"));
    QTcpServer server;
    ASSERT_TRUE(server.listen(QHostAddress::LocalHost));
    QProcess tries;
    tries.start(SHUT_IN_PROGRAM, {secret, folder.path(), QString::number(server.serverPort())});
    ASSERT_TRUE(tries.waitForFinished(30'000)) << tries.errorString().toStdString();
    std::map<QByteArray, QByteArray> got;
    for (const QByteArray& line : tries.readAllStandardOutput().split('\n'))
        if (const QList<QByteArray> words = line.split(' '); words.size() == 2)
            got[words[0]] = words[1];
    ASSERT_TRUE(got.contains("shut")) << tries.readAllStandardError().toStdString();
    if (got["shut"] == "no")
        GTEST_SKIP() << "this system has nothing to shut programs in with";
    for (const char* needed : {"held-file", "shared-memory", "thread", "font"})
        EXPECT_EQ(got[needed], "yes") << needed;
    int refused = 0;
    for (const auto& [what, answer] : got)
        if (what != "shut" && what != "held-file" && what != "shared-memory" && what != "thread" && what != "font") {
            EXPECT_EQ(answer, "no") << what.toStdString();
            ++refused;
        }
    EXPECT_EQ(refused, 20);
    EXPECT_FALSE(server.waitForNewConnection(100));
    EXPECT_EQ(*read_file(secret, 100), "kept");
    EXPECT_EQ(QDir(folder.path()).entryList(QDir::Files | QDir::Dirs | QDir::NoDotAndDotDot), QStringList{"secret"});
}

} // namespace
} // namespace fusuma
