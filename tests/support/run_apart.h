#pragma once

#include <QProcess>
#include <QStringList>
#include <gtest/gtest.h>
#include <string>

namespace fusuma::test {

struct Ran {
    int code;
    std::string out, err;
};

/// A program in a process of its own, to its end; with the code -1 when that does not come in time.
/// @param locale  that it runs in; the test's own when empty
inline Ran run(const char* program, const QStringList& arguments, const QString& locale = {}) {
    QProcess process;
    if (!locale.isEmpty()) {
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("LC_ALL"), locale);
        environment.remove(QStringLiteral("LANGUAGE"));
        process.setProcessEnvironment(environment);
    }
    process.start(QLatin1String(program), arguments);
    const bool is_finished = process.waitForFinished(300000);
    EXPECT_TRUE(is_finished) << program;
    return {is_finished ? process.exitCode() : -1, process.readAllStandardOutput().toStdString(),
            process.readAllStandardError().toStdString()};
}

} // namespace fusuma::test
