#include "cli/border_options.h"
#include "cli/drawing_options.h"
#include "cli/label_options.h"
#include "cli/report.h"
#include "formats/basics/text_encoding.h"
#include "formats/manual/usual_options.h"
#include "formats/room/room.h"

#include <CLI/CLI.hpp>
#include <iostream>

namespace fusuma {

namespace {

void add_outline(CLI::App& program, OutlineCommand& c) {
    CLI::App* app = program.add_subcommand("outline", "trace one artwork and write its outline or cut line as SVG");
    app->add_option("ART", c.art, "the picture")->required();
    app->add_option("-o,--out", c.out, "SVG file, in mm at the artwork's true size");
    app->add_option(
           "--pieces", c.pieces,
           "one path for each piece of the picture, in reading order; what is nearer than this many mm is one piece")
        ->check(CLI::Range(0.0, 1000.0));
    app->add_option("--report", c.report, "JSON report to a file, or - for standard output");
    add_options(*app, c.sticker);
    app->add_option("--dpi", c.sticker.dpi, "pixels per inch of the artwork, in place of what the file states")
        ->check(CLI::Range(5.0, 10000.0))
        ->excludes("--width");
}

void add_sheet(CLI::App& program, SheetCommand& c) {
    CLI::App* app = program.add_subcommand("sheet", "lay copies out on a sheet and write what prints and what cuts");
    app->add_option("INPUT", c.inputs, "a project to start from, and pictures and drawings to add");
    app->add_option("--paper", c.paper,
                    "a3 to a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l, or a size such as 100x150 "
                    "(mm) or 4x6in");
    app->add_option("--margins", c.margins, "printer margin in mm")->check(CLI::Range(0.0, 100.0));
    app->add_option("--marks", c.marks, "dots, crosses or none")->check(CLI::IsMember({"dots", "crosses", "none"}));
    app->add_option("--mark-scheme", c.mark_scheme, "a mark scheme file, in place of --marks")->excludes("--marks");
    app->add_option("--reach", c.reach, "mm along every edge that the cutter cannot reach")
        ->check(CLI::Range(0.0, 500.0));
    app->add_option("--divide", c.divide, "divide the page into COLUMNSxROWS small sheets");
    app->add_option("--divide-cut", c.divide_cut, "how small sheets are cut: none, through or score")
        ->check(CLI::IsMember({"none", "through", "score"}));
    app->add_option("--gutter", c.gutter, "mm between small sheets")->check(CLI::Range(0.0, 100.0));
    app->add_option("--gap", c.gap, "least distance between cut lines in mm")->check(CLI::Range(0.0, 100.0));
    app->add_flag("--share-cuts", c.share_cuts,
                  "upright rectangles with sharp corners lie edge to edge, with one cut where two meet");
    app->add_option("--copies", c.copies, "copies of each picture added")
        ->check(CLI::Range(0, static_cast<int>(most_copies)));
    app->add_option("--fill", c.fill,
                    "as many copies of each picture as fit, or as --copies says: in rows, snug, or snug and turned; "
                    "of all stickers when only a project is given")
        ->check(CLI::IsMember({"rows", "snug", "turned"}));
    app->add_option("--turns", c.turns, "for --fill turned: half, quarters or any")
        ->check(CLI::IsMember({"half", "quarters", "any"}));
    app->add_option("--pages", c.pages, "pages that copies may flow on to")->check(CLI::Range(1, most_pages));
    app->add_flag("--fewest-pages", c.fewest_pages, "look for other ways, too, until no page less will do");
    app->add_option("--rounds", c.rounds, "how long to search for a better layout; 0 takes the first")
        ->check(CLI::Range(0, 1000000));
    app->add_option("--seed", c.seed, "of the search; the same seed gives the same sheet");
    app->add_flag("--spread", c.spread, "spread the copies evenly when they are placed");
    app->add_option("--size", c.size, "longer side of each picture added, in mm")->check(CLI::Range(0.5, 5000.0));
    app->add_option("--save", c.save, "save the project");
    const auto pdf = app->add_option("--pdf", c.pdf, "the sheet to print");
    app->add_option("--pdf-dpi", c.pdf_dpi, "store pictures that print finer at so many dots per inch")
        ->check(CLI::Range(72.0, 4800.0))
        ->needs(pdf);
    app->add_option("--pdf-jpeg", c.pdf_jpeg,
                    "store pictures that were changed as JPEG of this quality, with their edge in a mask")
        ->check(CLI::Range(1, 100))
        ->needs(pdf);
    app->add_option("--cut-pdf", c.cut_pdf, "the cut lines alone as PDF, an ink for each kind of cut");
    app->add_option("--svg", c.svg, "the cut lines in mm");
    app->add_option("--dxf", c.dxf, "the cut lines as DXF in mm, a layer for each kind of cut");
    app->add_flag("--dxf-splines", c.dxf_splines, "keep curves as splines instead of short lines");
    app->add_option("--hpgl", c.hpgl, "the cut lines for a cutter, in cutting order");
    app->add_option("--gcode", c.gcode, "the cut lines as G-code, in cutting order");
    app->add_option("--machine", c.machine, "a machine's profile, whose ways --hpgl and --gcode take");
    app->add_option("--material", c.material, "what is cut, by its name: decides passes, overcut and blade");
    app->add_option("--blade-offset", c.blade_offset, "mm that the blade's tip trails its axis")
        ->check(CLI::Range(0.0, 2.0));
    app->add_option("--overcut", c.overcut, "mm that closed lines are cut past their start")
        ->check(CLI::Range(0.0, 5.0));
    app->add_option("--ink", c.inks, "name of a cut line's ink in the PDF: kiss=NAME, score=NAME or through=NAME")
        ->take_all();
    app->add_flag("--mirror-sheet", c.mirror_sheet,
                  "print and cut the sheet as in a mirror, for transfer paper and film");
    app->add_flag("--there", c.there,
                  "cut what lies on the photographed board already, where it lies; nothing is printed");
    app->add_option("--pieces", c.pieces,
                    "a sticker for each piece of a picture; what is nearer than this many mm is one piece")
        ->check(CLI::Range(0.0, 1000.0));
    app->add_flag("--plain-paper", c.plain_paper,
                  "write --pdf and --png as outlines and rulers, for a test on plain paper");
    CLI::Option* png = app->add_option("--png", c.png, "the sheet as the practice printer prints it");
    app->add_option("--dpi", c.png_dpi, "dots per inch of the PNG")->needs(png)->check(CLI::Range(24.0, 2400.0));
    app->add_option("--report", c.report, "JSON report to a file, or - for standard output");
    add_options(*app, c.sticker);
    add_label_options(*app, c.label);
    app->add_option("--cluster", c.cluster,
                    "lay what is added on each other and make it one: outer (one cut round all of it), take-out, "
                    "overlap-only, exclude or visible")
        ->check(CLI::IsMember({"outer", "take-out", "overlap-only", "exclude", "visible"}));
    app->get_option("--size")->excludes("--width");
}

void add_parts(CLI::App& program, PartsCommand& c) {
    CLI::App* app = program.add_subcommand("parts", "list the parts of a layered drawing");
    app->add_option("DRAWING", c.drawing, "an SVG, DXF or PDF file")->required();
    app->add_option("--page", c.page, "the page of a PDF")->check(CLI::Range(1, 100000));
    app->add_option("--report", c.report, "JSON report to a file, or - for standard output");
}

void add_rehearse(CLI::App& program, RehearseCommand& c) {
    CLI::App* app = program.add_subcommand("rehearse", "print, load, find and cut with the practice devices");
    app->add_option("PROJECT", c.project, "a .fusuma project")->required();
    app->add_option("--ticket", c.ticket, "rehearse what was printed under this code");
    app->add_option("--shift", c.shift, "X,Y in mm that the sheet lies off in the cutter")->delimiter(',')->expected(2);
    app->add_option("--turn", c.turn_deg, "degrees that it lies turned, clockwise")->check(CLI::Range(-360.0, 360.0));
    app->add_option("--stretch", c.stretch, "percent that the print is stretched, or X,Y")
        ->delimiter(',')
        ->expected(1, 2);
    app->add_flag("--upside-down", c.upside_down, "the sheet lies the wrong way round");
    app->add_option("--ink-spread", c.ink_spread, "mm by which ink grows")->check(CLI::Range(0.0, 1.0));
    app->add_option("--noise", c.noise, "of the sensor, in grey values")->check(CLI::Range(0.0, 80.0));
    app->add_option("--smudge", c.smudged, "marks that are smudged, by number from 1")->delimiter(',');
    app->add_option("--missing", c.missing, "marks that are not there, by number from 1")->delimiter(',');
    app->add_option("--method", c.method, "how the print is found: sensor, hand or edge")
        ->check(CLI::IsMember({"sensor", "hand", "edge"}));
    app->add_option("--blade", c.blade,
                    "mm that the blade in the machine really trails; as the material says when not given")
        ->check(CLI::Range(0.0, 2.0));
    app->add_option("--backlash", c.backlash, "mm of play in the machine's axes")->check(CLI::Range(0.0, 2.0));
    app->add_option("--slips", c.slips, "also try so many sheets with slips as machines make them")
        ->check(CLI::Range(0, static_cast<int>(most_copies)));
    app->add_option("--seed", c.seed, "of noise and slips");
    CLI::Option* png = app->add_option("--png", c.png, "the sheet as it comes out");
    app->add_option("--dpi", c.png_dpi, "dots per inch of the PNG")->needs(png)->check(CLI::Range(24.0, 600.0));
    app->add_option("--report", c.report, "JSON report to a file, or - for standard output");
}

void add_cut(CLI::App& program, CutCommand& c) {
    CLI::App* app = program.add_subcommand("cut", "cut a printed sheet on a machine");
    app->add_option("PROJECT", c.project, "a .fusuma project")->required();
    app->add_option("--ticket", c.ticket, "what was printed under this code; the newest when not given");
    app->add_option("--machine", c.machine, "the machine's profile")->required();
    app->add_option("--marks", c.marks,
                    "X,Y of each mark in machine mm, as they were pointed at, in the order of the ticket's marks; none "
                    "for one that cannot be seen. Without it the sheet is found by the paper's edge")
        ->expected(1, 1000);
    app->add_option("--nudge", c.nudge, "X,Y in mm by which the cut is moved, right and towards you")
        ->delimiter(',')
        ->expected(2);
    app->add_option("--page", c.page, "of the ticket, from 1")->check(CLI::Range(1, most_pages));
    app->add_option("-o,--out", c.out, "write what the machine would be sent to a file, in place of sending it");
    app->add_option("--report", c.report, "JSON report to a file, or - for standard output");
}

void add_board(CLI::App& program, BoardCommand& c) {
    CLI::App* app = program.add_subcommand("board", "write the photo board, by which photographs are laid flat");
    app->add_option("--paper", c.paper, "a4, letter, a3, 12x12in or WxH in mm")->capture_default_str();
    app->add_option("--pdf", c.pdf, "to print at actual size");
    app->add_option("--svg", c.svg, "the same in mm");
    app->add_option("--hpgl", c.hpgl, "to be drawn by a cutter's pen");
    app->add_option("--report", c.report, "JSON report to a file, or - for standard output");
}

void add_find(CLI::App& program, FindCommand& c) {
    CLI::App* app =
        program.add_subcommand("find", "tell where a printed sheet lies on the photo board, by a photograph");
    app->add_option("PROJECT", c.project, "a .fusuma project")->required();
    app->add_option("--ticket", c.ticket, "what was printed under this code; the newest when not given");
    app->add_option("--page", c.page, "of the ticket, from 1")->check(CLI::Range(1, most_pages));
    app->add_option("--photo", c.photo, "the photograph of the sheet on the board")->required();
    app->add_option("--board", c.board,
                    "the board's paper: a4, letter, a3, 12x12in or WxH in mm; found out when not given");
    app->add_option("--report", c.report, "JSON report to a file, or - for standard output");
}

void add_check(CLI::App& program, CheckCommand& c) {
    CLI::App* app = program.add_subcommand("check", "run the preflight on a project");
    app->add_option("PROJECT", c.project, "a .fusuma project")->required();
    app->add_option("--report", c.report, "JSON report to a file, or - for standard output");
}

/// CLI11's ranges let "nan" through, which is neither less nor more than anything.
void take_only_numbers(CLI::App& app) {
    const auto is_number = [](const std::string& text) {
        constexpr double most = 1e15;
        return number_of(text, -most, most) ? std::string()
                                            : "“" + text.substr(0, 40) + "” is no number that can be used";
    };
    for (CLI::Option* option : app.get_options())
        if (option->get_type_name().starts_with("FLOAT"))
            option->check(is_number);
    for (CLI::App* command : app.get_subcommands(nullptr))
        take_only_numbers(*command);
}

ExitCode run_chosen(const CLI::App& program, const OutlineCommand& outline, const SheetCommand& sheet,
                    const CheckCommand& check, const RehearseCommand& rehearse, const PartsCommand& parts,
                    const CutCommand& cut, const BoardCommand& board, const FindCommand& find) try {
    if (program.got_subcommand("outline"))
        return run(outline);
    if (program.got_subcommand("sheet"))
        return run(sheet);
    if (program.got_subcommand("parts"))
        return run(parts);
    if (program.got_subcommand("check"))
        return run(check);
    if (program.got_subcommand("cut"))
        return run(cut);
    if (program.got_subcommand("board"))
        return run(board);
    if (program.got_subcommand("find"))
        return run(find);
    return run(rehearse);
} catch (const Unreadable& why) {
    return why.problem;
} catch (const std::bad_alloc&) {
    return Problem{"There is too little memory for this."_said, "Use smaller pictures, or fewer of them."_said};
} catch (const std::exception& error) {
    return Problem{"Something went wrong inside Fusuma: {what}."_said.with("what", error.what())};
}

} // namespace

int run_program(int argc, const char* const* argv) {
    constexpr int bad_input = 2;
    CLI::App program("Fusuma without a window: the same tracing, layout and output, for scripts and batches");
    program.footer("0 done, 1 done but preflight found something to fix, 2 bad input or usage.");
    program.require_subcommand(1);
    OutlineCommand outline;
    SheetCommand sheet;
    CheckCommand check;
    RehearseCommand rehearse;
    PartsCommand parts;
    CutCommand cut;
    BoardCommand board;
    FindCommand find;
    add_outline(program, outline);
    add_sheet(program, sheet);
    add_check(program, check);
    add_rehearse(program, rehearse);
    add_parts(program, parts);
    add_cut(program, cut);
    add_board(program, board);
    add_find(program, find);
    program
        .add_option_function<int>("--reading-time", room::allow,
                                  "seconds of work that reading a file may take, for those that need more")
        ->check(CLI::Range(1, 3600));
    add_usual_options(program, "fusuma-cli");
    for (CLI::App* command : program.get_subcommands(nullptr))
        command->fallthrough(); // what every command takes may stand behind it, too
    take_only_numbers(program);
    std::vector<std::string> words; // CLI11 takes them from the last on
    for (int i = argc; --i > 0;)
        words.push_back(as_utf8(argv[i]));
    try {
        program.parse(words);
    } catch (const CLI::ParseError& why) {
        return ended_by(program, why);
    }
    room::prepare();
    constexpr std::size_t at_hand = 384 << 20; // pictures are gone through once: what is done with is let go of
    Pixels::keep_within(at_hand);
    const ExitCode code = run_chosen(program, outline, sheet, check, rehearse, parts, cut, board, find);
    if (code)
        return *code;
    tell(code.problem().said());
    return bad_input;
}

} // namespace fusuma
