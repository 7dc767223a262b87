#include "cli/border_options.h"
#include "cli/label_options.h"
#include "cli/report.h"
#include "core/arrange/clusters.h"
#include "core/arrange/cut_there.h"
#include "core/arrange/label_list.h"
#include "core/document/as_photographed.h"
#include "core/document/copies.h"
#include "core/plan/test_prints.h"
#include "core/sheet/paper.h"
#include "core/steps/split_pieces.h"
#include "devices/practice/practice_printer.h"
#include "formats/basics/file.h"
#include "formats/cut_files/dxf_write.h"
#include "formats/cut_files/machine_code.h"
#include "formats/cut_files/svg_write.h"
#include "formats/machine/mark_scheme.h"
#include "formats/pdf/pdf_write.h"
#include "formats/project/project_file.h"
#include "formats/project/thumbnail.h"

#include <QBuffer>
#include <algorithm>
#include <charconv>

namespace fusuma {

namespace {

bool is_project(const std::string& path) {
    return path.ends_with(".fusuma");
}

Outcome apply_marks(const SheetCommand& command, MarkSettings& marks) {
    if (!command.marks.empty())
        marks.kind = *value_of<MarkKind>(command.marks);
    if (command.mark_scheme.empty())
        return Done{};
    auto scheme = load_mark_scheme(QString::fromStdString(command.mark_scheme));
    if (!scheme)
        return Problem{"“{mark_scheme}”: {scheme}"_said.with("mark_scheme", command.mark_scheme)
                           .with("scheme", scheme.problem().message),
                       scheme.problem().hint};
    marks.kind = MarkKind::scheme;
    marks.scheme = std::move(*scheme);
    return Done{};
}

Outcome apply_division(const SheetCommand& command, Division& division) {
    if (!command.divide.empty()) {
        int columns = 0, rows = 0;
        const char *at = command.divide.data(), *end = at + command.divide.size();
        const auto first = std::from_chars(at, end, columns);
        const auto second = first.ptr != end && *first.ptr == 'x' ? std::from_chars(first.ptr + 1, end, rows) : first;
        if (second.ptr != end || columns < 1 || rows < 1 || columns > most_divisions || rows > most_divisions)
            return Problem{"--divide {divide}: give columns and rows from 1 to {most_divisions}, such as 2x2."_said
                               .with("divide", command.divide)
                               .with("most_divisions", most_divisions)};
        division.columns = columns;
        division.rows = rows;
    }
    if (!command.divide_cut.empty())
        division.cut = *value_of<Division::Cut>(command.divide_cut);
    division.gutter = command.gutter.value_or(division.gutter);
    return Done{};
}

Outcome apply_cutting(const SheetCommand& command, Document& document) {
    if (!command.material.empty()) {
        const auto known = usual_materials();
        const auto it = std::ranges::find(known, command.material, &Material::name);
        if (it == known.end()) {
            std::string names;
            for (const Material& m : known)
                names += (names.empty() ? "" : ", ") + m.name;
            return Problem{"--material {material}: give one of {names}."_said.with("material", command.material)
                               .with("names", names)};
        }
        document.material = *it;
    }
    document.material.blade_offset = command.blade_offset.value_or(document.material.blade_offset);
    document.material.overcut = command.overcut.value_or(document.material.overcut);
    for (const std::string& ink : command.inks) {
        const std::string kind = ink.substr(0, ink.find('=')), name = ink.substr(kind.size());
        const auto of = value_of<CutKind>(kind);
        if (!of || name.size() < 2)
            return Problem{"--ink {ink}: give kiss=NAME, score=NAME or through=NAME."_said.with("ink", ink)};
        document.inks.of(*of) = name.substr(1);
    }
    return Done{};
}

Outcome check_files(const SheetCommand& command) {
    std::vector<std::string> read{command.mark_scheme, command.label.list, command.machine};
    std::ranges::copy_if(command.inputs, std::back_inserter(read), std::not_fn(is_project));
    std::vector<Output> outputs{{"--pdf", command.pdf},         {"--cut-pdf", command.cut_pdf},
                                {"--svg", command.svg, true},   {"--dxf", command.dxf, true},
                                {"--hpgl", command.hpgl, true}, {"--gcode", command.gcode, true},
                                {"--png", command.png, true},   {"--report", command.report}};
    if (const Outcome fine = check_outputs(command.inputs, outputs); !fine)
        return fine;
    outputs.push_back({"--save", command.save}); // a project may be saved over itself
    return check_outputs(read, outputs);
}

/// The project named first, if one is, with the sheet's options applied.
Result<Document> starting_document(const SheetCommand& command) {
    Document document;
    for (std::size_t i = 0; i < command.inputs.size(); ++i) {
        if (!is_project(command.inputs[i]))
            continue;
        if (i > 0)
            return Problem{"“{words}”: a project must come first, and only one can be opened."_said.with(
                "words", command.inputs[i])};
        auto loaded = opened_project(command.inputs[i]);
        if (!loaded)
            return loaded.problem();
        document = std::move(*loaded);
    }
    if (document.sheet.photographed &&
        (!command.paper.empty() || !command.marks.empty() || !command.mark_scheme.empty()))
        return Problem{"“{inputs}” cuts what lies on the photo board, whose paper and marks stay."_said.with(
            "inputs", command.inputs.front())};
    if (!command.paper.empty()) {
        const auto paper = parse_paper(command.paper);
        if (!paper)
            return Problem{
                "--paper {paper}: give a3 to a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l, or a size such as 100x150 (mm) or 4x6in."_said
                    .with("paper", command.paper)};
        document.sheet.paper = *paper;
    }
    if (command.margins)
        document.sheet.printer.margins = Edges::all(*command.margins);
    if (command.reach)
        document.sheet.cutter.reach = Edges::all(*command.reach);
    if (command.gap)
        document.sheet.gap = *command.gap;
    if (command.share_cuts)
        document.sheet.shares_cuts = true;
    if (command.mirror_sheet)
        document.sheet.is_mirrored = true;
    if (const Outcome done = apply_marks(command, document.sheet.marks); !done)
        return done.problem();
    if (const Outcome done = apply_division(command, document.sheet.division); !done)
        return done.problem();
    if (auto trouble = trouble_with(document.sheet))
        return *trouble;
    if (const Outcome done = apply_cutting(command, document); !done)
        return done.problem();
    return as_photographed(std::move(document));
}

/// What was added lies on each other, middles together, and becomes one.
Result<int> clustered_as(const std::string& how, Document& document, Planner& planner, const std::vector<int>& ids) {
    Document alone = document;
    alone.placements.clear();
    Selection all;
    for (const int id : ids) {
        all.insert(
            alone.put({.sticker = id, .centre = {document.sheet.paper.width / 2, document.sheet.paper.height / 2}}));
    }
    const auto done = clustered(alone, planner, all, *value_of<ClusterCut>(how));
    if (!done)
        return Problem{"--cluster: give at least two pictures, drawings or labels."_said};
    const int id = done->document.stickers.back()->id;
    document.stickers = done->document.stickers;
    document.sticker_ids = done->document.sticker_ids;
    for (const int member : ids)
        document = with_sticker_removed(std::move(document), member);
    return id;
}

/// Adds the artwork named on the command line; returns the new stickers' ids.
Result<std::vector<int>> add_artwork(const SheetCommand& command, Document& document, Planner& planner) {
    std::vector<Sticker> added;
    for (const std::string& input : command.inputs) {
        if (is_project(input))
            continue;
        auto stickers = stickers_of(input, command.sticker);
        if (!stickers)
            return stickers.problem();
        for (Sticker& sticker : *stickers) {
            if (command.size) {
                const Size size = artwork_size(sticker);
                sticker.width = *command.size * size.width / std::max(size.width, size.height);
            }
            added.push_back(std::move(sticker));
        }
    }
    auto label = label_of(command.label);
    if (!label)
        return label.problem();
    if (*label) {
        if (const Outcome done = apply_border(command.sticker, **label); !done)
            return done.problem();
        if (!command.sticker.cut.empty())
            (*label)->cut = *value_of<CutKind>(command.sticker.cut);
        added.push_back(std::move(**label));
    }
    if (added.empty() && std::ranges::none_of(command.inputs, is_project))
        return Problem{"Give a project, a picture or a drawing, or a label to make."_said,
                       "See fusuma-cli sheet --help."_said};
    std::vector<int> ids;
    for (Sticker& sticker : added) {
        document = with_sticker_added(std::move(document), std::move(sticker));
        ids.push_back(document.stickers.back()->id);
    }
    if (!command.cluster.empty()) {
        const auto id = clustered_as(command.cluster, document, planner, ids);
        if (!id)
            return id.problem();
        return std::vector<int>{*id};
    }
    return ids;
}

/// A sticker for each piece of the pictures among those; the others stay.
std::vector<int> split(Document& document, Planner& planner, const std::vector<int>& ids, double apart) {
    std::vector<int> own;
    for (const int id : ids) {
        const auto sticker = document.find(id);
        const auto result = planner.evaluate(*sticker);
        const auto pieces =
            is_drawn(sticker->artwork) ? std::vector<Piece>{} : pieces_of(*sticker, *result->isolation, apart);
        if (pieces.size() < 2) {
            own.push_back(id);
            continue;
        }
        document = with_sticker_removed(std::move(document), id);
        for (std::size_t i = 0; i < pieces.size(); ++i) {
            Sticker piece = piece_as_sticker(*sticker, *result->isolation, pieces[i], apart);
            piece.id = 0;
            piece.name += " " + std::to_string(i + 1);
            document = with_sticker_added(std::move(document), std::move(piece));
            own.push_back(document.stickers.back()->id);
        }
    }
    return own;
}

/// Copies that were asked for and found no place are a finding like any other.
std::optional<Finding> missing_copies(const Document& document, int id, int placed, int wanted) {
    if (placed >= wanted)
        return std::nullopt;
    const bool is_full = document.placements.size() >= most_copies;
    return Finding{.rule = "does-not-fit",
                   .message =
                       (is_full ? "{sticker}: only {placed} of {wanted} copies: a project holds at most {most}"_said
                        : placed == 0 ? "{sticker}: no copy fits on the sheet"_said
                                      : "{sticker}: only {placed} of {wanted} copies fit on the sheet"_said)
                           .with("sticker", document.find(id)->name)
                           .with("placed", placed)
                           .with("wanted", wanted)
                           .with("most", most_copies)};
}

/// What filling came to, for the report.
nlohmann::json filled_json(const FillReport& report) {
    const Rect& rest = report.largest_rest;
    return {{"pages", report.pages},
            {"last_page",
             {{"used_share", report.used_share},
              {"left_mm2", report.left_mm2},
              {"largest_rest_mm", {rest.width(), rest.height()}}}}};
}

std::vector<Finding> place_copies(const SheetCommand& command, std::vector<int> ids, Document& document,
                                  Planner& planner, nlohmann::json& filled) {
    const bool is_filling = !command.fill.empty();
    if (ids.empty() && is_filling)
        for (const auto& sticker : document.stickers)
            ids.push_back(sticker->id);
    std::vector<Finding> findings;
    std::erase_if(ids, [&](int id) {
        const auto* label = std::get_if<LabelArtwork>(&document.find(id)->artwork);
        if (!label || !label->design->table)
            return false;
        const int rows = static_cast<int>(label->design->rows()), each = command.copies.value_or(1);
        FillReport report = place_list(document, planner, id, each, 0);
        document = std::move(report.document);
        if (auto missing = missing_copies(document, id, report.placed[0], rows * each))
            findings.push_back(std::move(*missing));
        return true;
    });
    if (ids.empty())
        return findings;
    FillRequest request;
    const int wanted = is_filling && !command.copies ? -1 : command.copies.value_or(1);
    for (const int id : ids)
        request.orders.push_back({.sticker = id, .wanted = wanted});
    request.way = value_of<FillWay>(command.fill).value_or(FillWay::rows);
    request.turns = *value_of<Turns>(command.turns);
    request.seed = command.seed;
    request.rounds = command.rounds;
    request.pages = command.pages;
    request.fewest_pages = command.fewest_pages;
    FillReport report = fill_sheet(document, planner, request);
    filled = filled_json(report);
    document = std::move(report.document);
    for (int page = 0; page < document.pages && command.spread; ++page)
        document = spread_on_page(document, planner, page);
    for (std::size_t i = 0; i < ids.size(); ++i)
        if (auto missing = missing_copies(document, ids[i], report.placed[i], wanted < 0 ? 1 : wanted))
            findings.push_back(std::move(*missing));
    return findings;
}

Outcome write_for_machine(const std::string& path, CutLanguage language, Machine machine, const Document& document,
                          const JobPlan& plan, std::size_t page) {
    machine.language = language;
    const MachineJob job = LoadedSheet(std::make_shared<const Machine>(std::move(machine)), plan.paper)
                               .by_edge()
                               .job(plan.pages[page].cuts, document.sheet.cutter, document.material);
    return write_file(QString::fromStdString(path), QByteArray::fromStdString(machine_code(job)));
}

/// Does the machine that was named reach every line, wherever its paper lies by itself?
Outcome check_reach(const Machine& machine, const Document& document, const JobPlan& plan) {
    const auto shared = std::make_shared<const Machine>(machine);
    for (const PagePlan& page : plan.pages)
        if (const Outcome fine = check_reach(
                LoadedSheet(shared, plan.paper).by_edge().job(page.cuts, document.sheet.cutter, document.material),
                document);
            !fine)
            return fine;
    return Done{};
}

Outcome write_outputs(const SheetCommand& command, const Document& document, const JobPlan& plan,
                      const Machine& machine) {
    // Only what is asked for is made.
    const auto write_text = [](const std::string& path, const auto& make) {
        return path.empty() ? Outcome(Done{})
                            : write_file(QString::fromStdString(path), QByteArray::fromStdString(make()));
    };
    if (!command.save.empty())
        if (const Outcome saved = save_project(document, QString::fromStdString(command.save), thumbnail_of(plan));
            !saved)
            return saved;
    const auto page_path = [](const std::string& path, std::size_t page) {
        return path.empty() ? path : page_file(path, page);
    };
    for (std::size_t page = 0; page < plan.pages.size(); ++page) {
        if (const Outcome written = write_text(page_path(command.svg, page), [&] { return cut_svg(plan, page); });
            !written)
            return written;
        const DxfCurves curves = command.dxf_splines ? DxfCurves::splines : DxfCurves::polylines;
        if (const Outcome written =
                write_text(page_path(command.dxf, page), [&] { return cut_dxf(plan, curves, page); });
            !written)
            return written;
        for (const auto& [path, language] :
             {std::pair{command.hpgl, CutLanguage::hpgl}, std::pair{command.gcode, CutLanguage::gcode}})
            if (!path.empty())
                if (const Outcome written =
                        write_for_machine(page_path(path, page), language, machine, document, plan, page);
                    !written)
                    return written;
    }
    if (const Outcome written = write_text(command.cut_pdf,
                                           [&] {
                                               return print_pdf(plan, {true, document.inks, false});
                                           });
        !written)
        return written;
    if (command.pdf.empty() && command.png.empty())
        return Done{};
    const std::string pdf = command.plain_paper
                                ? print_pdf(plain_paper_test(plan, document.sheet), {false, document.inks})
                                : print_pdf(plan, {.with_cut_lines = true,
                                                   .inks = document.inks,
                                                   .enough_dpi = command.pdf_dpi,
                                                   .jpeg_quality = command.pdf_jpeg});
    if (const Outcome written = write_text(command.pdf, [&] { return pdf; }); !written)
        return written;
    for (std::size_t page = 0; page < plan.pages.size() && !command.png.empty(); ++page) {
        const auto sheet = practice_print(QByteArray::fromStdString(pdf), command.png_dpi, static_cast<int>(page));
        if (!sheet)
            return sheet.problem();
        QByteArray bytes;
        QBuffer buffer(&bytes);
        sheet->save(&buffer, "PNG");
        if (const Outcome written = write_file(QString::fromStdString(page_file(command.png, page)), bytes); !written)
            return written;
    }
    return Done{};
}

} // namespace

ExitCode run(const SheetCommand& command) {
    if (const Outcome fine = check_files(command); !fine)
        return fine.problem();
    double evaluate = 0, fill = 0, plan_seconds = 0;
    auto document = starting_document(command);
    if (!document)
        return document.problem();
    Planner planner;
    auto ids = add_artwork(command, *document, planner);
    if (!ids)
        return ids.problem();
    if (command.pieces)
        *ids = split(*document, planner, *ids, *command.pieces);

    timed(evaluate, [&] {
        std::set<Evaluator::Wanted> all;
        for (const auto& sticker : document->stickers)
            all.insert({sticker, sticker->width});
        planner.work_out(all);
        return Done{};
    });
    for (const auto& sticker : document->stickers) {
        const auto result = timed(evaluate, [&] { return planner.evaluate(*sticker); });
        if (is_nothing_left(*result->isolation))
            return nothing_left(sticker->artwork, *result->isolation);
    }
    if (command.there) {
        if (!board_under(*document))
            return Problem{"--there: nothing lies on a photographed board."_said,
                           "Give photographs with --flatten board."_said};
        *document = cutting_what_lies_there(std::move(*document));
    }
    if (document->sheet.photographed && !command.pdf.empty())
        return Problem{"--pdf: what lies on the board already is not printed."_said,
                       "--cut-pdf has its cut lines alone."_said};
    nlohmann::json filled;
    std::vector<Finding> findings = timed(fill, [&] {
        return document->sheet.photographed ? std::vector<Finding>{}
                                            : place_copies(command, *ids, *document, planner, filled);
    });
    const auto plan = timed(plan_seconds, [&] { return planner.plan(as_printed(*document)); });
    std::ranges::move(preflight(*document, planner), std::back_inserter(findings));

    const auto machine =
        command.machine.empty() ? Result<Machine>(plain_machine(plan->paper)) : machine_from(command.machine);
    if (!machine)
        return machine.problem();
    if (!command.machine.empty())
        if (const Outcome fine = check_reach(*machine, *document, *plan); !fine)
            return fine.problem();
    if (const Outcome written = write_outputs(command, *document, *plan, *machine); !written)
        return written.problem();
    nlohmann::json report = sheet_json(*document, *plan, findings);
    if (!filled.is_null())
        report["filled"] = std::move(filled);
    report["seconds"] = {{"evaluate", evaluate}, {"fill", fill}, {"plan", plan_seconds}};
    if (const Outcome written = write_report(report, command.report); !written)
        return written.problem();
    return exit_code(findings);
}

ExitCode run(const CheckCommand& command) {
    if (const Outcome fine = check_outputs({command.project}, {{"--report", command.report}}); !fine)
        return fine.problem();
    const auto document = opened_project(command.project);
    if (!document)
        return document.problem();
    Planner planner;
    const auto findings = preflight(*document, planner);
    const auto report = sheet_json(*document, *planner.plan(as_printed(*document)), findings);
    if (const Outcome written = write_report(report, command.report); !written)
        return written.problem();
    return exit_code(findings);
}

} // namespace fusuma
