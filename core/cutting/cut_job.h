#pragma once

#include "core/cutting/doubled.h"
#include "core/cutting/material.h"

namespace fusuma {

/// The blade goes down, along and up again once.
struct CutRun {
    std::vector<Point> tip;  ///< where its tip is to go, mm; at least two points
    std::vector<Point> axis; ///< where the machine must go for that
    CutKind kind = CutKind::kiss;
    CopyId copy = CopyId::none;
};

/// All that a machine does for one page, in order.
struct CutJob {
    std::vector<CutRun> runs;
    double cut_mm = 0, travel_mm = 0; ///< with the blade down and up
};

struct CutSetup {
    Material material;
    Motion motion;
    Transform to_machine; ///< from the paper's millimetres
    Point home;           ///< where the blade starts from, machine mm
};

/// How a machine should cut the paths.
///
/// What lies on another line is dropped. Kisses come before scores and those before through cuts; what divides the
/// sheet comes last. Each copy is finished before the next, unless going piece by piece halves the way; inside it,
/// inner lines come before the one round them, since they shift once the outside is free. The way between is shortened,
/// and closed lines are entered on gentle stretches. Scores are dashed, tabs left, closed lines overcut and passes
/// repeated as the material says; the axis leads the tip by the blade's offset.
[[nodiscard]] CutJob cut_job(const std::vector<CutPath>& paths, const CutSetup& setup);

/// How long the machine will take, s, by a simple model of its acceleration.
[[nodiscard]] double estimated_seconds(const CutJob& job, const CutSetup& setup);

} // namespace fusuma
