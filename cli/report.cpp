#include "cli/report.h"

#include "core/document/cluster.h"
#include "formats/basics/file.h"

#include <algorithm>
#include <iostream>

namespace fusuma {

using nlohmann::json;

Outcome write_report(const json& report, const std::string& path) {
    if (path.empty())
        return Done{};
    const std::string text = report.dump(2) + "\n";
    if (path != "-")
        return write_file(QString::fromStdString(path), QByteArray::fromStdString(text));
    std::cout << text << std::flush;
    return Done{};
}

std::string page_file(const std::string& path, std::size_t page) {
    if (page == 0)
        return path;
    const std::size_t dot = path.rfind('.'), slash = path.rfind('/');
    const bool has_ending = dot != std::string::npos && (slash == std::string::npos || dot > slash);
    const std::string number = "-" + std::to_string(page + 1);
    return has_ending ? path.substr(0, dot) + number + path.substr(dot) : path + number;
}

json findings_json(const std::vector<Finding>& findings) {
    json list = json::array();
    for (const Finding& f : findings)
        list.push_back({{"rule", f.rule},
                        {"severity", f.severity == Severity::to_fix ? "to-fix" : "to-look-at"},
                        {"message", f.message},
                        {"page", f.page},
                        {"at_mm", {f.at.x, f.at.y}}});
    return list;
}

json sheet_json(const Document& document, const JobPlan& plan, const std::vector<Finding>& findings) {
    const PagePlan& first = plan.pages.front();
    json marks = json::array();
    for (const Mark& mark : first.marks)
        marks.push_back({mark.centre.x, mark.centre.y, mark.radius});
    const PlanTotals sum = totals(plan);
    json stickers = json::array();
    for (const auto& sticker : document.stickers) {
        struct AboutArtwork {
            json operator()(const PictureArtwork&) const { return {{"kind", "picture"}}; }
            json operator()(const DrawingArtwork& art) const {
                return {{"kind", "drawing"}, {"parts", art.parts->shapes.size()}};
            }
            json operator()(const LabelArtwork& art) const { return {{"kind", "label"}, {"rows", art.design->rows()}}; }
            json operator()(const ClusterArtwork& art) const {
                return {{"kind", "cluster"}, {"members", art.cluster->members.size()}};
            }
        };
        json facts = std::visit(AboutArtwork{}, sticker->artwork);
        facts.update({{"name", sticker->name}, {"copies", document.copies_of(sticker->id)}});
        stickers.push_back(std::move(facts));
    }
    return {{"paper_mm", {plan.paper.width, plan.paper.height}},
            {"zone_mm2", sum.zone_mm2},
            {"largest_fit_mm", {first.largest_place.width(), first.largest_place.height()}},
            {"marks_mm", marks},
            {"stickers", stickers},
            {"copies", document.placements.size()},
            {"used_share", sum.used_share},
            {"pages", plan.pages.size()},
            {"cuts", sum.cuts},
            {"cut_length_mm", sum.kiss_mm + sum.through_mm},
            {"findings", findings_json(findings)}};
}

Problem nothing_left(const Artwork& artwork, const Isolation& isolation) {
    const std::string name = "“" + source_name(artwork) + "”";
    if (isolation.chosen.source == Source::alpha && !isolation.chosen.focus)
        return {name + " is fully transparent, so there is nothing to outline."};
    return {name + " is empty once its background is taken away.", "Try another --source or --focus."};
}

int exit_code(const std::vector<Finding>& findings) {
    return std::any_of(findings.begin(), findings.end(),
                       [](const Finding& f) { return f.severity == Severity::to_fix; });
}

} // namespace fusuma
