#include "cli/report.h"
#include "core/plan/test_prints.h"
#include "core/sheet/paper.h"
#include "formats/basics/file.h"
#include "formats/cut_files/board_files.h"
#include "formats/pdf/pdf_write.h"

namespace fusuma {

ExitCode run(const BoardCommand& command) {
    if (const Outcome fine = check_outputs(
            {},
            {{"--pdf", command.pdf}, {"--svg", command.svg}, {"--hpgl", command.hpgl}, {"--report", command.report}});
        !fine)
        return fine.problem();
    const auto paper = parse_paper(command.paper);
    if (!paper || !can_be_board(*paper))
        return Problem{
            "--paper {paper}: give a4, letter, a3, 12x12in or WxH in mm, each at least 90, both together at most 1030."_said
                .with("paper", command.paper)};
    const Board board = board_on(*paper);
    const auto write = [](const std::string& path, const auto& text) -> Outcome {
        return path.empty() ? Outcome(Done{})
                            : write_file(QString::fromStdString(path), QByteArray::fromStdString(text()));
    };
    if (const Outcome done =
            write(command.pdf, [&] { return print_pdf(board_page(board), {.with_cut_lines = false}); });
        !done)
        return done.problem();
    if (const Outcome done = write(command.svg, [&] { return board_svg(board); }); !done)
        return done.problem();
    if (const Outcome done = write(command.hpgl, [&] { return board_hpgl(board, plain_machine(*paper)); }); !done)
        return done.problem();
    nlohmann::json marks = nlohmann::json::array();
    for (const Board::Mark& mark : board.marks)
        marks.push_back({mark.centre.x, mark.centre.y});
    const Rect& in = board.inside;
    const nlohmann::json report{{"paper_mm", {paper->width, paper->height}},
                                {"inside_mm", {in.min.x, in.min.y, in.width(), in.height()}},
                                {"marks_mm", std::move(marks)}};
    if (const Outcome written = write_report(report, command.report); !written)
        return written.problem();
    return 0;
}

} // namespace fusuma
