#include "cli/report.h"

#include "core/document/cluster.h"
#include "core/registration/fit.h"
#include "formats/basics/file.h"
#include "formats/basics/in_words.h"
#include "formats/machine/machine_file.h"
#include "formats/project/project_file.h"

#include <QFileInfo>
#include <algorithm>
#include <iostream>
#include <map>
#include <set>

namespace fusuma {

using nlohmann::json;

Outcome write_report(const json& report, const std::string& path) {
    if (path.empty())
        return Done{};
    const std::string text = report.dump(2, ' ', false, json::error_handler_t::replace) + "\n";
    if (path != "-")
        return write_file(QString::fromStdString(path), QByteArray::fromStdString(text));
    std::cout << text << std::flush;
    return std::cout ? Outcome(Done{}) : Problem{"The report cannot be written to standard output."_said};
}

namespace {

/// The same for every way to name a file.
QString true_path(const std::string& path) {
    const QFileInfo file(QString::fromStdString(path));
    if (file.exists())
        return file.canonicalFilePath();
    const QString folder = QFileInfo(file.absolutePath()).canonicalFilePath();
    return folder + QLatin1Char('/') + file.fileName();
}

/// Devices and pipes take what they are given and keep nothing.
bool is_kept(const std::string& path) {
    const QFileInfo file(QString::fromStdString(path));
    return !path.empty() && path != "-" && (!file.exists() || file.isFile());
}

} // namespace

Outcome check_outputs(const std::vector<std::string>& inputs, const std::vector<Output>& outputs) {
    std::map<QString, const char*> taken;
    std::set<QString> read;
    for (const std::string& input : inputs)
        if (is_kept(input))
            read.insert(true_path(input));
    for (const Output& output : outputs) {
        if (!is_kept(output.path))
            continue;
        const QString path = true_path(output.path);
        for (std::size_t page = 0; page < (output.has_pages ? std::size_t{most_pages} : 1); ++page)
            if (read.contains(true_path(page_file(output.path, page))))
                return Problem{
                    "{option} “{path}” would write over what is read."_said.with("option", std::string(output.option))
                        .with("path", output.path),
                    "Choose another name."_said};
        if (const auto [other, is_new] = taken.try_emplace(path, output.option); !is_new)
            return Problem{
                "{option} and {option2} both write to “{path}”."_said.with("option", std::string(other->second))
                    .with("option2", output.option)
                    .with("path", output.path),
                "Give each a file of its own."_said};
    }
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
                        {"message", f.message.english()},
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
            {"shared_cut_mm", sum.shared_mm},
            {"findings", findings_json(findings)}};
}

bool is_nothing_left(const Isolation& isolation) {
    return isolation.content == AlphaContent::clear && !(isolation.drawn && !isolation.drawn->lines.empty());
}

Problem nothing_left(const Artwork& artwork, const Isolation& isolation) {
    const std::string name = source_name(artwork);
    if (isolation.drawn)
        return {"“{file}” has nothing to print and nothing to cut."_said.with("file", name),
                "Give its parts a --part use."_said};
    if (isolation.chosen.source == Source::alpha && !isolation.chosen.focus)
        return {"“{file}” is fully transparent, so there is nothing to outline."_said.with("file", name)};
    return {"“{file}” is empty once its background is taken away."_said.with("file", name),
            "Try another --source or --focus."_said};
}

int exit_code(const std::vector<Finding>& findings) {
    return std::any_of(findings.begin(), findings.end(),
                       [](const Finding& f) { return f.severity == Severity::to_fix; });
}

nlohmann::json fit_json(const Registration& r, Size paper, const Transform& expected) {
    const Pose pose = pose_of(r.fit.then(expected.inverted()), {paper.width / 2, paper.height / 2});
    return {{"turn_deg", pose.turn / degree},
            {"shift_mm", {pose.shift.x, pose.shift.y}},
            {"stretch_pct", {100 * (pose.stretch_x - 1), 100 * (pose.stretch_y - 1)}},
            {"residual_mm", r.residual}};
}

Result<Document> opened_project(const std::string& path) {
    Said left_out;
    auto document = load_project(QString::fromStdString(path), &left_out);
    if (!left_out.empty())
        tell(left_out);
    return document;
}

Result<Machine> machine_from(const std::string& path) {
    auto machine = load_machine(QString::fromStdString(path));
    if (!machine)
        return Problem{"“{path}”: {machine}"_said.with("path", path).with("machine", machine.problem().message),
                       machine.problem().hint};
    return machine;
}

Outcome check_reach(const MachineJob& job, const Document& document) {
    const auto outside = job.out_of_reach();
    if (outside.empty())
        return Done{};
    const OutOfReach& one = outside.front();
    return Problem{outside.size() > 1 ? "{trouble}, and so would %n more."_said
                                            .counted(outside.size() - 1, "{trouble}, and so would one more.")
                                            .with("trouble", reach_words(one, document))
                                      : "{trouble}."_said.with("trouble", reach_words(one, document)),
                   "Nothing was written or moved. Move the paper in the machine, or the copies on the sheet."_said};
}

Result<std::shared_ptr<const Ticket>> ticket_of(const std::string& project, const std::string& code,
                                                const Document& document) {
    if (code.empty() && !document.tickets.empty())
        return document.tickets.back();
    if (const auto known = find_ticket(document, code))
        return known;
    return code.empty()
               ? Problem{"Nothing was printed from “{project}” yet: it has no ticket."_said.with("project", project)}
               : Problem{"There is no ticket {code} in “{project}”."_said.with("code", code).with("project", project)};
}

nlohmann::json flatten_report(const Flattening& flat) {
    return {{"by", word_of(flat.by)},
            {"found", flat.by != FlatBy::corners},
            {"residual_mm", flat.residual},
            {"px_per_mm", flat.px_per_mm},
            {"size_mm", {flat.size.width, flat.size.height}},
            {"lens", {flat.view.lens.k1, flat.view.lens.k2}}};
}

} // namespace fusuma
