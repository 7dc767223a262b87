// Cut files that are read back: SVG and DXF. HP-GL has a target of its own.

#include "reading/cut_lines/cut_lines.h"
#include "formats/cut_files/dxf_write.h"
#include "formats/cut_files/svg_write.h"
#include "fuzz/target.h"

namespace fusuma::fuzz::cutfile {
namespace {

void take(std::string_view input) {
    const QByteArray bytes(input.data(), std::ssize(input));
    for (const char* name : {"a.svg", "a.dxf"})
        static_cast<void>(cut_lines_of(bytes, QLatin1String(name), {210, 297}));
}

std::vector<std::string> seeds() {
    JobPlan plan{{100, 100}, {{}}};
    plan.pages[0].cuts = {
        {{{10, 20}, {Segment::line_to({30, 20}), Segment::cubic_to({40, 20}, {40, 30}, {10, 20})}}, CutKind::kiss, CopyId{1}},
        {{{50, 50}, {Segment::line_to({60, 60})}}, CutKind::score, CopyId{1}, true}};
    return {cut_svg(plan), cut_dxf(plan), cut_dxf(plan, DxfCurves::splines)};
}

const Registered target("cutfile", take, seeds);

} // namespace
} // namespace fusuma::fuzz::cutfile
