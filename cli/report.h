#pragma once

#include "cli/commands.h"

#include <chrono>

namespace fusuma {

/// Writes a report as JSON to a file, or to standard output for "-". No path, no report.
Outcome write_report(const nlohmann::json& report, const std::string& path);

/// The name for a page's own file: the name itself for the first page, then “cut-2.svg”.
[[nodiscard]] std::string page_file(const std::string& path, std::size_t page);

[[nodiscard]] nlohmann::json findings_json(const std::vector<Finding>& findings);

/// Size, zone, marks, copies, cuts and findings of a planned sheet.
[[nodiscard]] nlohmann::json sheet_json(const Document& document, const JobPlan& plan,
                                        const std::vector<Finding>& findings);


/// Why an artwork of which nothing is left cannot be used.
[[nodiscard]] Problem nothing_left(const Artwork& artwork, const Isolation& isolation);

/// 1 when something must be fixed, else 0.
[[nodiscard]] int exit_code(const std::vector<Finding>& findings);

/// Runs a step and adds the seconds it took to `seconds`.
template <typename Step> auto timed(double& seconds, Step&& step) {
    const auto start = std::chrono::steady_clock::now();
    auto result = step();
    seconds += std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
    return result;
}

} // namespace fusuma
