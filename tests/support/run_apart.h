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

/// A program in a process of its own, to its end.
inline Ran run(const char* program, const QStringList& arguments) {
    QProcess process;
    process.start(QLatin1String(program), arguments);
    EXPECT_TRUE(process.waitForFinished(60000)) << program;
    return {process.exitCode(), process.readAllStandardOutput().toStdString(),
            process.readAllStandardError().toStdString()};
}

} // namespace fusuma::test
