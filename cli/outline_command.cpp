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
    const auto sticker = timed(decode, [&] { return sticker_of(command.art, options); });
    if (!sticker)
        return sticker.problem();
    const auto isolation = std::make_shared<const Isolation>(
        timed(coverage, [&] { return isolate(sticker->artwork, sticker->framing.crop, sticker->background); }));
    const Tracing tracing = timed(trace_seconds, [&] { return trace(isolation->coverage, sticker->trace); });
    if (isolation->content == AlphaContent::clear)
        return nothing_left(sticker->artwork, *isolation);
    const StickerResult result = timed(border_seconds, [&] {
        auto outline = std::make_shared<const Outlined>(outlined(*isolation, tracing, *sticker, sticker->width));
        return StickerResult{isolation, outline, border(outline->outline, sticker->border)};
    });
    const Outlined& outline = *result.outlined;

    if (!command.out.empty())
        if (const Outcome written =
                write_file(QString::fromStdString(command.out),
                           QByteArray::fromStdString(outline_svg(result.cut_line, outline.artwork)));
            !written)
            return written.problem();

    const auto& contours = result.cut_line.contours;
    const auto holes =
        std::count_if(contours.begin(), contours.end(), [](const Contour& c) { return signed_area(c) < 0; });
    const Rect box = bounds(result.cut_line);
    nlohmann::json report{
        {"contours", contours.size()},
        {"holes", holes},
        {"segments", node_count(result.cut_line)},
        {"nodes", node_count(result.cut_line)},
        {"length_mm", length(result.cut_line)},
        {"area_mm2", area(result.cut_line)},
        {"width_mm", box.width()},
        {"height_mm", box.height()},
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
