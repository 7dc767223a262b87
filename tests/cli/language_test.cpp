// The command line speaks the person's language; what programs read stays as it is.

#include "formats/basics/json.h"
#include "formats/basics/shipped.h"
#include "tests/support/run_apart.h"

#include <QFileInfo>
#include <QProcessEnvironment>
#include <QTemporaryDir>
#include <gmock/gmock.h>

namespace fusuma {
namespace {

using testing::HasSubstr;

test::Ran run_in(const char* language, const QStringList& arguments) {
    QProcess process;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert("LC_ALL", QString::fromLatin1(language) + "_XX.UTF-8");
    environment.insert("LANGUAGE", language);
    process.setProcessEnvironment(environment);
    process.start(FUSUMA_CLI, arguments);
    EXPECT_TRUE(process.waitForFinished(60000));
    return {process.exitCode(), process.readAllStandardOutput().toStdString(),
            process.readAllStandardError().toStdString()};
}

TEST(CliLanguage, MessagesAreInIt) {
    for (const auto& [language, words] : {std::pair{"de", "„nirgends.png“ gibt es nicht"},
                                          {"es", "«nirgends.png» no existe"},
                                          {"fr", "« nirgends.png » n'existe pas"},
                                          {"ja", "「nirgends.png」はありません"},
                                          {"en", "“nirgends.png” does not exist"},
                                          {"xx", "“nirgends.png” does not exist"}})
        EXPECT_THAT(run_in(language, {"outline", "nirgends.png"}).err, HasSubstr(words));
}

TEST(CliLanguage, ReportsAndFilesAreTheSameInEveryOne) {
    const QTemporaryDir folder;
    std::set<std::string> reports, drawings;
    for (const char* language : {"en", "de", "ja"}) {
        const QString cut = folder.filePath(QString::fromLatin1(language) + ".svg");
        const test::Ran ran = run_in(language, {"sheet", "--label", "rounded:300x400", "--text", "Tide 1.5", "--paper",
                                                "a5", "--svg", cut, "--report", "-"});
        EXPECT_EQ(ran.code, 1) << ran.err;
        auto report = nlohmann::json::parse(ran.out, nullptr, false);
        ASSERT_FALSE(report.is_discarded()) << ran.out;
        report.erase("seconds");
        reports.insert(report["findings"].dump());
        QFile file(cut);
        ASSERT_TRUE(file.open(QIODevice::ReadOnly));
        drawings.insert(file.readAll().toStdString());
    }
    EXPECT_EQ(reports.size(), 1u);
    EXPECT_THAT(*reports.begin(), HasSubstr("does-not-fit"));
    EXPECT_EQ(drawings.size(), 1u);
}

TEST(CliLanguage, EveryShippedLanguageIsBuilt) {
    for (const char* language : {"de", "en", "es", "fr", "ja"})
        EXPECT_TRUE(QFileInfo::exists(shipped_file(QStringLiteral("translations/fusuma_%1.qm").arg(language))))
            << language;
}

} // namespace
} // namespace fusuma
