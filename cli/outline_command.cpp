#include "cli/report.h"
#include "core/geometry/measure.h"
#include "formats/file.h"
#include "formats/svg.h"

#include <algorithm>

namespace fusuma {

ExitCode run(const OutlineCommand& command) {
    double decode = 0, coverage = 0, trace_seconds = 0, border_seconds = 0;
    StickerOptions options = command.sticker;
    if (!options.border)
        options.border = 0; // the bare outline unless a border is asked for
    const auto stickers = timed(decode, [&] { return stickers_of(command.art, options); });
    if (!stickers)
        return stickers.problem();
    const Sticker* sticker = &stickers->front();
    const auto* picture = std::get_if<PictureArtwork>(&sticker->artwork);
    const auto isolation = std::make_shared<const Isolation>(timed(coverage, [&] {
        return picture ? isolate(*picture, sticker->framing.crop, sticker->background)
                       : isolate(sticker->artwork, *Evaluator().drawn(sticker->artwork));
    }));
    const Tracing tracing = timed(trace_seconds, [&] { return traced(*isolation, sticker->trace); });
    if (isolation->content == AlphaContent::clear)
        return nothing_left(sticker->artwork, *isolation);
    const auto found = std::make_shared<const Outlined>(outlined(*isolation, tracing, *sticker, sticker->width));
    const Cut cut = timed(border_seconds, [&] {
        return cut_of(
            *found, std::make_shared<const Border>(border(found->outline, border_at(*found, *sticker, sticker->width))),
            *sticker, sticker->width);
    });
    const Outlined& outline = *found;
    std::vector<Contour> open = cut.open();
    for (const OwnLine& line : cut.own)
        if (line.is_open)
            open.push_back(line.path);

    if (!command.out.empty())
        if (const Outcome written =
                write_file(QString::fromStdString(command.out),
                           QByteArray::fromStdString(outline_svg(cut.closed, open, outline.artwork)));
            !written)
            return written.problem();

    const auto& contours = cut.closed.contours;
    const auto holes =
        std::count_if(contours.begin(), contours.end(), [](const Contour& c) { return signed_area(c) < 0; });
    const Rect box = bounds(cut.closed);
    nlohmann::json report{
        {"contours", contours.size()},
        {"holes", holes},
        {"segments", node_count(cut.closed)},
        {"nodes", node_count(cut.closed)},
        {"length_mm", length(cut.closed)},
        {"area_mm2", area(cut.closed)},
        {"width_mm", box.width()},
        {"height_mm", box.height()},
        {"pieces", static_cast<std::ptrdiff_t>(contours.size()) - holes},
        {"open_lines", open.size()},
        {"own_lines", cut.own.size()},
        {"closed_holes", cut.derived->closed_holes.contours.size()},
        {"bleed_mm", bleeds(sticker->border, sticker->rims, sticker->bleed) ? sticker->bleed.width : 0},
        {"artwork_mm", {outline.artwork.width, outline.artwork.height}},
        {"dropped_specks", outline.dropped.contours.size()},
        {"left_out", outline.left_out},
        {"coarsened", outline.coarsened},
        {"thinnest_mm", outline.thinnest ? nlohmann::json(outline.thinnest->width) : nlohmann::json(nullptr)},
        {"source", source_word(isolation->chosen.source)},
        {"why", isolation->why},
        {"seconds",
         {{"decode", decode}, {"coverage", coverage}, {"trace", trace_seconds}, {"border", border_seconds}}}};
    if (isolation->content == AlphaContent::opaque)
        report["hint"] = "The picture has no transparency, so its whole rectangle is the outline.";
    if (const Outcome written = write_report(report, command.report); !written)
        return written.problem();
    return 0;
}

} // namespace fusuma
