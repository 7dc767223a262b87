#pragma once

#include "cli/commands.h"
#include "core/machine/loaded_sheet.h"
#include "formats/manual/usual_options.h"

#include <chrono>
#include <numbers>

namespace fusuma {

inline constexpr double degree = std::numbers::pi / 180; // radians

/// Writes a report as JSON to a file, or to standard output for "-". No path, no report.
Outcome write_report(const nlohmann::json& report, const std::string& path);

/// A file that a command is to write, and the option that names it.
struct Output {
    const char* option;
    const std::string& path;
    bool has_pages = false; ///< each page in a file of its own
};
/// Refuses what would write over what the command reads, or twice to one place, before anything is written.
Outcome check_outputs(const std::vector<std::string>& inputs, const std::vector<Output>& outputs);

/// The name for a page's own file: the name itself for the first page, then “cut-2.svg”.
[[nodiscard]] std::string page_file(const std::string& path, std::size_t page);

[[nodiscard]] nlohmann::json findings_json(const std::vector<Finding>& findings);

/// Size, zone, marks, copies, cuts and findings of a planned sheet.
[[nodiscard]] nlohmann::json sheet_json(const Document& document, const JobPlan& plan,
                                        const std::vector<Finding>& findings);

/// How a print lies: turned, shifted and stretched about the middle of its paper, and what is left over, mm.
/// @param expected  where the paper would lie when nothing is off
[[nodiscard]] nlohmann::json fit_json(const Registration& registration, Size paper, const Transform& expected = {});

/// Reads a project, and tells what of it had to be left out.
[[nodiscard]] Result<Document> opened_project(const std::string& path);

/// What was printed under a code, or the newest; a Problem when there is none.
[[nodiscard]] Result<std::shared_ptr<const Ticket>> ticket_of(const std::string& project, const std::string& code,
                                                              const Document& document);

/// Reads a machine's profile; a Problem names the file.
[[nodiscard]] Result<Machine> machine_from(const std::string& path);
/// Done when the machine reaches every line of the job; otherwise a Problem that names the stickers it does not.
[[nodiscard]] Outcome check_reach(const MachineJob& job, const Document& document);

/// Is there neither art nor a line to cut?
[[nodiscard]] bool is_nothing_left(const Isolation& isolation);

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

/// How a picture was laid flat.
[[nodiscard]] nlohmann::json flatten_report(const Flattening& flat);

} // namespace fusuma
