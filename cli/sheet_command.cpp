#include "cli/report.h"
#include "core/document/arrange.h"
#include "core/sheet/paper.h"
#include "devices/practice_printer.h"
#include "formats/file.h"
#include "formats/hpgl.h"
#include "formats/pdf.h"
#include "formats/project_file.h"
#include "formats/svg.h"

#include <QBuffer>
#include <algorithm>
#include <limits>

namespace fusuma {

namespace {

bool is_project(const std::string& path) {
    return path.ends_with(".fusuma");
}

/// The project named first, if one is, with the sheet's options applied.
Result<Document> starting_document(const SheetCommand& command) {
    Document document;
    for (std::size_t i = 0; i < command.inputs.size(); ++i) {
        if (!is_project(command.inputs[i]))
            continue;
        if (i > 0)
            return Problem{"“" + command.inputs[i] + "”: a project must come first, and only one can be opened."};
        auto loaded = load_project(QString::fromStdString(command.inputs[i]));
        if (!loaded)
            return loaded.problem();
        document = std::move(*loaded);
    }
    if (!command.paper.empty()) {
        const auto paper = parse_paper(command.paper);
        if (!paper)
            return Problem{"--paper " + command.paper + ": give a4, letter, or a size such as 100x150 (mm) or 4x6in."};
        document.sheet.paper = *paper;
    }
    if (command.margins)
        document.sheet.printer_margin = *command.margins;
    if (command.gap)
        document.sheet.gap = *command.gap;
    if (!command.marks.empty())
        document.sheet.marks.kind = command.marks == "dots" ? MarkKind::dots : MarkKind::none;
    return document;
}

/// Adds the artwork named on the command line; returns the new stickers' ids.
Result<std::vector<int>> add_artwork(const SheetCommand& command, Document& document) {
    std::vector<int> ids;
    for (const std::string& input : command.inputs) {
        if (is_project(input))
            continue;
        auto sticker = sticker_of(input, command.sticker);
        if (!sticker)
            return sticker.problem();
        if (command.size) {
            const Size size = artwork_size(*sticker);
            sticker->width = *command.size * size.width / std::max(size.width, size.height);
        }
        ids.push_back(document.next_id);
        document = with_sticker_added(std::move(document), std::move(*sticker));
    }
    return ids;
}

/// Copies that were asked for and found no place are a finding like any other.
std::optional<Finding> missing_copies(const Document& document, int id, int placed, int wanted) {
    if (placed >= wanted)
        return std::nullopt;
    const std::string name = document.find(id)->name;
    return Finding{.rule = "does-not-fit",
                   .message = name + ": " +
                              (placed == 0 ? "no copy fits on the sheet"
                                           : "only " + std::to_string(placed) + " of " + std::to_string(wanted) +
                                                 " copies fit on the sheet")};
}

std::vector<Finding> place_copies(const SheetCommand& command, const std::vector<int>& ids, Document& document,
                                  Evaluator& evaluator) {
    const bool fill = !command.fill.empty() && !command.copies;
    const int wanted = fill ? std::numeric_limits<int>::max() : command.copies.value_or(1);
    std::vector<int> placed(ids.size());
    // Turn about, one copy of each, so that filling shares the sheet fairly.
    for (bool progress = true; progress;) {
        progress = false;
        for (std::size_t i = 0; i < ids.size(); ++i)
            if (placed[i] < wanted) {
                Arranged next = place_in_rows(document, evaluator, ids[i], fill ? 1 : wanted);
                placed[i] += next.placed;
                progress = progress || (fill && next.placed > 0);
                document = std::move(next.document);
            }
    }
    std::vector<Finding> findings;
    for (std::size_t i = 0; i < ids.size(); ++i)
        if (auto missing = missing_copies(document, ids[i], placed[i], fill ? 1 : wanted))
            findings.push_back(std::move(*missing));
    return findings;
}

Outcome write_outputs(const SheetCommand& command, const Document& document, const JobPlan& plan) {
    const auto write_text = [](const std::string& path, const std::string& text) {
        return path.empty() ? Outcome(Done{})
                            : write_file(QString::fromStdString(path), QByteArray::fromStdString(text));
    };
    if (!command.save.empty())
        if (const Outcome saved = save_project(document, QString::fromStdString(command.save)); !saved)
            return saved;
    if (const Outcome written = write_text(command.svg, cut_svg(plan)); !written)
        return written;
    if (const Outcome written = write_text(command.hpgl, cut_hpgl(plan)); !written)
        return written;
    if (command.pdf.empty() && command.png.empty())
        return Done{};
    const std::string pdf = print_pdf(plan);
    if (const Outcome written = write_text(command.pdf, pdf); !written)
        return written;
    if (command.png.empty())
        return Done{};
    const auto sheet = practice_print(QByteArray::fromStdString(pdf), command.png_dpi);
    if (!sheet)
        return sheet.problem();
    QByteArray bytes;
    QBuffer buffer(&bytes);
    sheet->save(&buffer, "PNG");
    return write_file(QString::fromStdString(command.png), bytes);
}

} // namespace

ExitCode run(const SheetCommand& command) {
    double evaluate = 0, fill = 0, plan_seconds = 0;
    auto document = starting_document(command);
    if (!document)
        return document.problem();
    const auto ids = add_artwork(command, *document);
    if (!ids)
        return ids.problem();

    Evaluator evaluator;
    for (const auto& sticker : document->stickers) {
        const auto result = timed(evaluate, [&] { return evaluator.evaluate(*sticker); });
        if (result->isolation->content == AlphaContent::clear)
            return nothing_left(sticker->artwork, *result->isolation);
    }
    std::vector<Finding> findings = timed(fill, [&] { return place_copies(command, *ids, *document, evaluator); });
    const auto plan = timed(plan_seconds, [&] { return evaluator.plan(*document); });
    std::ranges::move(preflight(*document, evaluator), std::back_inserter(findings));

    if (const Outcome written = write_outputs(command, *document, *plan); !written)
        return written.problem();
    nlohmann::json report = sheet_json(*document, *plan, findings);
    report["seconds"] = {{"evaluate", evaluate}, {"fill", fill}, {"plan", plan_seconds}};
    if (const Outcome written = write_report(report, command.report); !written)
        return written.problem();
    return exit_code(findings);
}

ExitCode run(const CheckCommand& command) {
    const auto document = load_project(QString::fromStdString(command.project));
    if (!document)
        return document.problem();
    Evaluator evaluator;
    const auto findings = preflight(*document, evaluator);
    const auto report = sheet_json(*document, *evaluator.plan(*document), findings);
    if (const Outcome written = write_report(report, command.report); !written)
        return written.problem();
    return exit_code(findings);
}

} // namespace fusuma
