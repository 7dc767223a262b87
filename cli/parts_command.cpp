#include "cli/drawing_options.h"
#include "cli/report.h"
#include "core/geometry/measure.h"
#include "formats/drawing/drawing_read.h"

#include <iostream>

namespace fusuma {

ExitCode run(const PartsCommand& command) {
    if (const Outcome fine = check_outputs({command.drawing}, {{"--report", command.report}}); !fine)
        return fine.problem();
    double seconds = 0;
    const auto read =
        timed(seconds, [&] { return read_drawing(QString::fromStdString(command.drawing), command.page); });
    if (!read)
        return read.problem();
    const Drawing& drawing = **read;
    nlohmann::json parts = nlohmann::json::array();
    for (std::size_t i = 0; i < drawing.parts.size(); ++i) {
        const Part& part = drawing.parts[i];
        const auto colour = colour_of(part.paints);
        Rect box = bounds(drawing.region(i));
        for (const OwnLine& line : part.lines)
            box.include(bounds(line.path));
        parts.push_back({{"number", i + 1},
                         {"name", part.name},
                         {"layer", part.layer},
                         {"colour", colour ? nlohmann::json(colour_text(*colour)) : nlohmann::json(nullptr)},
                         {"text", part.is_text},
                         {"lines", part.lines.size()},
                         {"area_mm2", area(drawing.region(i))},
                         {"box_mm", {box.min.x, box.min.y, box.width(), box.height()}}});
        if (command.report != "-")
            std::cout << i + 1 << "  " << part.name << (part.layer.empty() ? "" : "  (" + part.layer + ")")
                      << (colour ? "  " + colour_text(*colour) : "") << '\n';
    }
    const nlohmann::json report{{"size_mm", {drawing.size.width, drawing.size.height}},
                                {"parts", parts},
                                {"note", drawing.note.english()},
                                {"seconds", {{"decode", seconds}}}};
    if (const Outcome written = write_report(report, command.report); !written)
        return written.problem();
    return 0;
}

} // namespace fusuma
