#include "core/plan/cut_page.h"

#include "core/registration/fit.h"

namespace fusuma {

Transform correction_about(const CutterProfile& cutter, Point middle) {
    return map_of({cutter.shift, cutter.turn, cutter.stretch_x, cutter.stretch_y}, middle);
}

CutJob cut_page(const std::vector<CutPath>& cuts, Size paper, const CutterProfile& cutter, const Material& material,
                const Transform& fit) {
    return cut_job(cuts, {material, cutter.motion, fit.then(correction_about(cutter, {paper.width / 2, paper.height / 2})), Point{0, paper.height}});
}

double seconds_to_cut(const CutJob& job, Size paper, const CutterProfile& cutter, const Material& material) {
    return estimated_seconds(job, {material, cutter.motion, {}, Point{0, paper.height}});
}

} // namespace fusuma
