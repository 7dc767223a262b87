#pragma once

#include "bench/figure.h"

#include <benchmark/benchmark.h>
#include <map>
#include <string>

namespace fusuma::bench {

/// Prints the usual table, and after it how our time compares with the reference's in the same run.
class RatioReporter : public benchmark::ConsoleReporter {
  public:
    RatioReporter() : ConsoleReporter(OO_Tabular) {} // without colours

    void ReportRuns(const std::vector<Run>& runs) override {
        ConsoleReporter::ReportRuns(runs);
        for (const Run& run : runs)
            seconds[run.run_name.function_name] = run.GetAdjustedRealTime();
    }
    void tell_ratio(const char* name, const std::string& ours, const std::string& reference) {
        if (seconds.contains(ours) && seconds.contains(reference))
            tell(name, seconds[ours] / seconds[reference]);
    }

  private:
    std::map<std::string, double> seconds;
};

/// Runs every registered benchmark and tells the ratio of the two named.
inline int run(int argc, char** argv, const char* name, const std::string& ours, const std::string& reference) {
    benchmark::Initialize(&argc, argv);
    RatioReporter reporter;
    benchmark::RunSpecifiedBenchmarks(&reporter);
    reporter.tell_ratio(name, ours, reference);
    return 0;
}

} // namespace fusuma::bench
