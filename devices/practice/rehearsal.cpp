#include "devices/practice/rehearsal.h"

#include "core/geometry/edge_grid.h"
#include "devices/practice/practice_printer.h"
#include "devices/practice/practice_sheet.h"

#include <algorithm>
#include <random>

namespace fusuma {

std::vector<CutTrace> cut_by_practice(const CutJob& job, const Material& material, Size paper,
                                      const MachineFaults& faults) {
    HpglReader reader;
    (void)reader.take(cut_hpgl(job, material, plain_machine(paper))); // our own: it can be read
    FaultyBlade blade(faults, paper);
    std::vector<CutTrace> traces;
    for (const HpglStroke& stroke : reader.strokes()) {
        std::vector<Point> axis;
        for (const Point p : stroke.points)
            axis.push_back({p.x, paper.height - p.y});
        traces.push_back({job.runs[traces.size()].kind, blade.cut(axis)});
    }
    return traces;
}

Judgement judge(const CutJob& job, const std::vector<CutTrace>& traces, Size paper, const CuttingSetup& setup,
                const Transform& place, const MachineFaults& faults) {
    const Transform told = setup.fit.then(correction_about(setup.cutter, {paper.width / 2, paper.height / 2}));
    const Transform done = told.then(map_of(faults.own, {paper.width / 2, paper.height / 2})).then(place.inverted());
    Judgement result{0, done};
    const Transform back = told.inverted();
    for (std::size_t i = 0; i < std::min(job.runs.size(), traces.size()); ++i) {
        double slip = 0, strayed = 0; // by where the machine believes the print; by how the blade follows
        for (const Point p : job.runs[i].tip) {
            const Point wanted = back.apply(p);
            slip = std::max(slip, distance(done.apply(wanted), wanted));
        }
        Polygon line = job.runs[i].tip;
        line.insert(line.end(), job.runs[i].tip.rbegin(), job.runs[i].tip.rend());
        const EdgeGrid edges(Polygons{std::move(line)});
        const Transform own = map_of(faults.own, {paper.width / 2, paper.height / 2}).inverted();
        for (const Point p : traces[i].tip)
            strayed = std::max(strayed, edges.distance_to(own.apply(p), 10));
        result.worst_error = std::max(result.worst_error, slip + strayed);
    }
    return result;
}

std::vector<std::optional<Point>> pointed_at(const std::vector<Mark>& marks, const Transform& place,
                                             const LoadFaults& load) {
    std::mt19937 numbers(load.seed);
    const auto off = [&numbers] { return (static_cast<double>(numbers()) / 4294967296.0 - 0.5) * 0.2; }; // ±0.1 mm
    std::vector<std::optional<Point>> points;
    for (std::size_t i = 0; i < marks.size(); ++i) {
        const Point hand{off(), off()};
        const bool is_seen = !std::ranges::count(load.missing, i) && !std::ranges::count(load.smudged, i);
        points.push_back(is_seen ? std::optional(place.apply(marks[i].centre) + hand) : std::nullopt);
    }
    return points;
}

Result<Rehearsal> rehearse(const QByteArray& pdf, std::size_t page, const Ticket& ticket, const SlipSheet& slips,
                           const RehearsalSetup& setup, const Work& work) {
    const PracticeFaults& faults = setup.faults;
    auto sheet = practice_print(pdf, setup.dpi, static_cast<int>(page), work.part(0, 0.4));
    if (!sheet)
        return sheet.problem();
    work.at(0.4);
    const Ticket::Page& printed = ticket.pages[page];
    Rehearsal r;
    r.printed = with_faults(*sheet, ticket.paper, faults.print);
    r.place = true_place(faults, ticket.paper);
    work.at(0.5);
    switch (setup.method) {
    case MarkMethod::sensor: {
        const Scan scan =
            practice_scan(r.printed, ticket.paper, printed.marks, faults.print, faults.load, work.part(0.5, 0.7));
        r.registration = locate(printed.marks, find_spots(scan, printed.marks));
        break;
    }
    case MarkMethod::by_hand:
        r.registration = located_by_hand(printed.marks, pointed_at(printed.marks, r.place, faults.load));
        break;
    case MarkMethod::paper_edge:
        r.registration.accepted = true;
        r.registration.reason = "Found by the paper's edge: nothing checks where the print lies."_said;
        break;
    }
    work.at(0.8);
    if (!r.registration.accepted)
        return r;
    const CuttingSetup cutting{ticket.document->sheet.cutter, ticket.document->material, r.registration.fit};
    r.job = cut_page(printed.cuts, ticket.paper, cutting.cutter, cutting.material, cutting.fit);
    r.traces = cut_by_practice(r.job, cutting.material, ticket.paper, faults.machine);
    r.judgement = judge(r.job, r.traces, ticket.paper, cutting, r.place, faults.machine);
    r.faulty = slips.damaged(r.judgement.moved);
    work.at(1);
    return r;
}

} // namespace fusuma
