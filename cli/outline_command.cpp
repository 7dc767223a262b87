#include "cli/report.h"
#include "core/geometry/measure.h"
#include "core/steps/evaluator.h"
#include "core/steps/split_pieces.h"
#include "formats/basics/file.h"
#include "formats/cut_files/svg_write.h"

#include <algorithm>

namespace fusuma {

ExitCode run(const OutlineCommand& command) {
    if (const Outcome fine = check_outputs({command.art}, {{"-o", command.out}, {"--report", command.report}}); !fine)
        return fine.problem();
    double decode = 0, coverage = 0, trace_seconds = 0, border_seconds = 0, rest = 0;
    StickerOptions options = command.sticker;
    if (!options.border)
        options.border = 0; // the bare outline unless a border is asked for
    const auto stickers = timed(decode, [&] { return stickers_of(command.art, options); });
    if (!stickers)
        return stickers.problem();
    const Sticker* sticker = &stickers->front();
    Evaluator evaluator;
    const StepTable steps = steps_of(*sticker, sticker->width);
    const auto made = [&]<typename Step, typename... Before>(const Step& step, double& seconds,
                                                             const Before&... before) {
        return std::make_shared<const typename Step::Result>(
            timed(seconds, [&] { return step.make(evaluator, {}, before...); }));
    };
    const auto lit = made(std::get<LightStep>(steps), coverage);
    double parting = 0;
    const auto isolation = made(std::get<IsolateStep>(steps), parting, lit);
    coverage += parting;
    if (is_nothing_left(*isolation))
        return nothing_left(sticker->artwork, *isolation);
    const auto tracing = made(std::get<TraceStep>(steps), trace_seconds, isolation);
    const auto sized = made(std::get<OutlineStep>(steps), rest, isolation, tracing);
    const SizedOutline& outline = *sized;
    const auto derived = made(std::get<BorderStep>(steps), border_seconds, sized);
    const auto made_cut = made(std::get<CutStep>(steps), rest, sized, derived);
    const Cut& cut = *made_cut;
    border_seconds += rest;
    std::vector<Contour> open;
    for (const StickerLine& line : cut.lines)
        if (line.is_open)
            open.push_back(line.path);
    const auto own = std::ranges::count(cut.lines, StickerLine::Origin::artwork, &StickerLine::origin);

    std::vector<Outline> outlines{cut.region};
    if (command.pieces) {
        outlines.clear();
        for (const Piece& piece : pieces_of(*sticker, *isolation, *command.pieces))
            outlines.push_back(
                evaluator.evaluate(piece_alone(*sticker, *isolation, piece, *command.pieces))->cut_line());
    }
    if (!command.out.empty())
        if (const Outcome written = write_file(QString::fromStdString(command.out),
                                               QByteArray::fromStdString(outline_svg(outlines, open, outline.artwork)));
            !written)
            return written.problem();

    const auto& contours = cut.region.contours;
    const auto holes =
        std::count_if(contours.begin(), contours.end(), [](const Contour& c) { return signed_area(c) < 0; });
    const Rect box = bounds(cut.region);
    nlohmann::json report{
        {"contours", contours.size()},
        {"holes", holes},
        {"segments", node_count(cut.region)},
        {"nodes", node_count(cut.region)},
        {"length_mm", length(cut.region)},
        {"area_mm2", area(cut.region)},
        {"width_mm", box.width()},
        {"height_mm", box.height()},
        {"pieces", static_cast<std::ptrdiff_t>(contours.size()) - holes},
        {"open_lines", open.size()},
        {"own_lines", own},
        {"closed_holes", cut.derived->closed_holes.contours.size()},
        {"bleed_mm", bleeds(sticker->border, sticker->rims, sticker->bleed) ? sticker->bleed.width : 0},
        {"artwork_mm", {outline.artwork.width, outline.artwork.height}},
        {"dropped_specks", outline.dropped.contours.size()},
        {"left_out", outline.left_out},
        {"coarsened", outline.coarsened},
        {"thinnest_mm", outline.thinnest ? nlohmann::json(outline.thinnest->width) : nlohmann::json(nullptr)},
        {"source", word_of(isolation->chosen.source)},
        {"why", isolation->why.english()},
        {"light", word_of(isolation->chosen.light.light)},
        {"shadows", word_of(isolation->chosen.light.shadows)},
        {"subject", isolation->chosen.source == Source::subject},
        {"seconds",
         {{"decode", decode}, {"coverage", coverage}, {"trace", trace_seconds}, {"border", border_seconds}}}};
    if (const auto* art = std::get_if<PictureArtwork>(&sticker->artwork); art && art->picture->flat)
        report["flatten"] = flatten_report(*art->picture->flat);
    if (command.pieces) {
        report["pieces"] = outlines.size();
        report["pieces_mm"] = nlohmann::json::array();
        for (const Outline& piece : outlines) {
            const Rect its = bounds(piece);
            report["pieces_mm"].push_back({its.min.x, its.min.y, its.width(), its.height()});
        }
    }
    if (isolation->content == AlphaContent::opaque)
        report["hint"] = "The picture has no transparency, so its whole rectangle is the outline.";
    if (const Outcome written = write_report(report, command.report); !written)
        return written.problem();
    return 0;
}

} // namespace fusuma
