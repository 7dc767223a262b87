#include "core/machine/loaded_sheet.h"

#include "core/cutting/cutting_time.h"

namespace fusuma {

MachineJob FoundPrint::job(const std::vector<CutPath>& cuts, const CutterProfile& cutter,
                           const Material& material) const {
    const Point middle = paper_on_bed(*target, paper).apply({paper.width / 2, paper.height / 2});
    const Transform moved =
        where.fit.then(correction_about(cutter, middle)).then(Transform::shift(target->shift + nudged));
    const Point home = bed_of(*target).apply({0, 0});
    return {target, laid, cut_job(cuts, {material, cutter.motion, moved, home}), material, cutter.motion};
}

double MachineJob::seconds() const {
    return target->time_factor * estimated_seconds(job, {tools, moves, {}, bed_of(*target).apply({0, 0})});
}

double MachineJob::seconds_of(std::size_t run) const {
    const double speed = tools.tooling(job.runs[run].kind).speed;
    return target->time_factor * (seconds_along(job.runs[run].axis, speed, moves.acceleration) + 2 * moves.lift);
}

double MachineJob::seconds_to(std::size_t run) const {
    const Point from = run == 0 ? bed_of(*target).apply({0, 0}) : job.runs[run - 1].axis.back();
    return target->time_factor *
           seconds_along({from, job.runs[run].axis.front()}, moves.travel_speed, moves.acceleration);
}

std::vector<std::optional<Point>> LoadedSheet::on_bed(const std::vector<std::optional<Point>>& pointed) const {
    const Transform bed = bed_of(*target);
    std::vector<std::optional<Point>> places;
    for (const auto& place : pointed)
        places.push_back(place ? std::optional(bed.apply(*place)) : std::nullopt);
    return places;
}

Point LoadedSheet::expected(Point on_paper) const {
    return paper_on_bed(*target, paper).then(bed_of(*target).inverted()).apply(on_paper);
}

Point LoadedSheet::expected(Point on_paper, const std::vector<Mark>& marks,
                            const std::vector<std::optional<Point>>& pointed) const {
    const auto so_far = located_by_hand(marks, on_bed(pointed), {.residual = 5});
    if (so_far.accepted)
        return so_far.fit.then(bed_of(*target).inverted()).apply(on_paper);
    Point off; // of the last one pointed at, from where it was expected
    for (std::size_t i = 0; i < std::min(marks.size(), pointed.size()); ++i)
        if (pointed[i])
            off = *pointed[i] - expected(marks[i].centre);
    return expected(on_paper) + off;
}

FoundPrint LoadedSheet::by_hand(const std::vector<Mark>& marks,
                                const std::vector<std::optional<Point>>& pointed) const {
    return {target, laid, paper, located_by_hand(marks, on_bed(pointed))};
}

FoundPrint LoadedSheet::by_edge() const {
    Registration by_edge;
    by_edge.accepted = true;
    by_edge.reason = "Found by the paper's edge: nothing checks where the print lies."_said;
    by_edge.fit = paper_on_bed(*target, paper);
    return {target, laid, paper, std::move(by_edge)};
}

FoundPrint LoadedSheet::by_sensor(Registration registration) const {
    return {target, laid, paper, std::move(registration)};
}

MachineJob plain_job(const std::vector<CutPath>& cuts, Size paper, const CutterProfile& cutter,
                     const Material& material) {
    return LoadedSheet(std::make_shared<const Machine>(plain_machine(paper)), paper)
        .by_edge()
        .job(cuts, cutter, material);
}

} // namespace fusuma
