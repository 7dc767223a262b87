#pragma once

#include "core/plan/plan.h"
#include "core/preflight/preflight.h"
#include "core/result.h"
#include "formats/basics/json.h"

#include <optional>
#include <string>
#include <vector>

namespace CLI {
class App;
}

namespace fusuma {

/// What a command came to: the exit code, 0 done or 1 done with something to fix.
using ExitCode = Result<int>;

/// Options of a layered drawing's parts.
struct DrawingOptions {
    bool from_pdf = false, visible = false;
    std::string choice; ///< round, bottom, colours or file
    std::vector<std::string> uses, combinations, recolours, fills;
    double slivers = 0;
};

/// Options of a label that is made.
struct LabelOptions {
    std::string shape, from_template, ground, swatch, frame, picture, picture_field, letters_cut, list, list_encoding, date, dates_in,
        name;
    std::vector<std::string> texts, styles;
    std::optional<double> safety, corner, hole;
    std::optional<int> points;
    bool in_one_size = false;
};

/// Options that decide how one artwork becomes a sticker. Lengths in mm; unset ones keep the defaults.
struct StickerOptions {
    std::string source = "auto";
    std::string focus, crop;                   ///< X,Y,W,H
    std::vector<std::string> pockets, strokes; ///< X,Y and KIND,SIZE,X,Y,…
    std::vector<std::string> closed_holes, kept_holes, rims, lines, left_out;
    bool one_border = false, scale_border = false;
    std::optional<double> mitre_limit, join, least_gap, least_tip, bleed;
    std::string border_fill, bleed_with;
    bool all_pockets = false, fill_inside = false, outer_only = false, mirror = false;
    std::optional<double> tolerance, threshold, detail_px, smoothing_px, ignore_specks, ignore_holes, close_gaps;
    std::optional<double> turn_deg, width, dpi, border;
    std::string corners, holes, cut;
    int page = 1;
    double resolution = 300; ///< dpi, of a PDF's page
    DrawingOptions drawing;
    std::string flatten;                                   ///< board[:PAPER] | paper:PAPER | card | corners:…
    std::string light = "auto", shadows = "auto", subject; ///< subject: auto or X,Y,W,H
    std::vector<std::string> belongs, foreign;             ///< SIZE,X,Y,…
};

struct OutlineCommand {
    std::string art, out, report;
    StickerOptions sticker;
    std::optional<double> pieces; ///< mm that pieces lie apart, at least
};

struct SheetCommand {
    std::vector<std::string> inputs;
    std::string paper, marks, mark_scheme, fill, turns = "half", divide, divide_cut;
    std::optional<double> margins, reach, gap, size, gutter;
    std::optional<int> copies;
    int pages = 1, rounds = 400;
    unsigned seed = 1;
    bool spread = false, fewest_pages = false, share_cuts = false, mirror_sheet = false, there = false;
    std::optional<double> pieces; ///< mm that pieces of a picture lie apart, at least
    std::string save, pdf, cut_pdf, svg, dxf, hpgl, gcode, png, report;
    std::string machine; ///< a profile, whose ways HP-GL and G-code take
    bool dxf_splines = false, plain_paper = false;
    std::string material;
    std::optional<double> blade_offset, overcut;
    std::vector<std::string> inks; ///< KIND=NAME
    double png_dpi = 300, pdf_dpi = 0;
    int pdf_jpeg = 0;    ///< quality, 0 for none
    std::string cluster; ///< how what is added becomes one
    StickerOptions sticker;
    LabelOptions label;
};

struct PartsCommand {
    std::string drawing, report;
    int page = 1;
};

/// The photo board, to be printed or drawn.
struct BoardCommand {
    std::string paper = "a4", pdf, svg, hpgl, report;
};

struct CheckCommand {
    std::string project, report;
};

/// The sheet printed, loaded, found and cut by the practice devices, with faults as asked for.
struct RehearseCommand {
    std::string project, ticket, method, png, report;
    std::vector<double> shift{0, 0}, stretch{0}; ///< mm; percent, across and down or alike
    double turn_deg = 0, noise = 4, ink_spread = 0, backlash = 0;
    std::optional<double> blade;
    bool upside_down = false;
    std::vector<std::size_t> smudged, missing; ///< marks, from 1
    unsigned seed = 1;
    int slips = 0; ///< sheets to try with slips as usual machines make them
    double png_dpi = 150;
};

/// A printed sheet cut on a real machine, found by the marks that were pointed at in it.
struct CutCommand {
    std::string project, ticket, machine, out, report;
    std::vector<std::string> marks;  ///< X,Y in machine mm or "none", by mark; empty to go by the paper's edge
    std::vector<double> nudge{0, 0}; ///< mm
    int page = 1;
};

/// A printed sheet found on the photo board by a photograph.
struct FindCommand {
    std::string project, ticket, photo, board, report;
    int page = 1;
};

ExitCode run(const FindCommand& command);
ExitCode run(const BoardCommand& command);
ExitCode run(const CutCommand& command);
ExitCode run(const RehearseCommand& command);
ExitCode run(const OutlineCommand& command);
ExitCode run(const SheetCommand& command);
ExitCode run(const CheckCommand& command);
ExitCode run(const PartsCommand& command);

/// Adds the options to a subcommand of the parser.
void add_options(CLI::App& app, StickerOptions& options);

/// A sticker with the options applied, or one for each colour of a drawing; a Problem says which option is wrong.
Result<std::vector<Sticker>> stickers_of(const std::string& art_path, const StickerOptions& options);

/// Runs the whole program; returns the process's exit code.
int run_program(int argc, const char* const* argv);

} // namespace fusuma
