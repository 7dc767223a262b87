#pragma once

#include "cli/commands.h"

#include <gtest/gtest.h>

namespace fusuma::test {

struct CliRun {
    int code;
    std::string out, err;
};

/// The command line in this process.
inline CliRun run_cli(std::vector<std::string> arguments) {
    arguments.insert(arguments.begin(), "fusuma-cli");
    std::vector<const char*> argv;
    for (const std::string& a : arguments)
        argv.push_back(a.c_str());
    testing::internal::CaptureStdout();
    testing::internal::CaptureStderr();
    const int code = run_program(static_cast<int>(argv.size()), argv.data());
    std::string out = testing::internal::GetCapturedStdout();
    return {code, std::move(out), testing::internal::GetCapturedStderr()};
}

} // namespace fusuma::test
