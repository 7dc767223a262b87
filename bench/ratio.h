#pragma once

#include <benchmark/benchmark.h>
#include <cstdio>
#include <map>
#include <string>

namespace fusuma::bench {

/// Prints the usual table, and after it how our time compares with the reference's in the same run.
class RatioReporter : public benchmark::ConsoleReporter {
  public:
    void ReportRuns(const std::vector<Run>& runs) override {
        ConsoleReporter::ReportRuns(runs);
        for (const Run& run : runs)
            seconds[run.run_name.function_name] = run.GetAdjustedRealTime();
    }
    void print_ratio(const std::string& ours, const std::string& reference) {
        if (seconds.contains(ours) && seconds.contains(reference))
            std::printf("ratio %s / %s = %.2f\n", ours.c_str(), reference.c_str(), seconds[ours] / seconds[reference]);
    }

  private:
    std::map<std::string, double> seconds;
};

/// Runs every registered benchmark and prints the ratio of the two named.
inline int run(int argc, char** argv, const std::string& ours, const std::string& reference) {
    benchmark::Initialize(&argc, argv);
    RatioReporter reporter;
    benchmark::RunSpecifiedBenchmarks(&reporter);
    reporter.print_ratio(ours, reference);
    return 0;
}

} // namespace fusuma::bench
