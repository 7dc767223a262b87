#pragma once

#include "core/document/cluster.h"
#include "core/steps/evaluator.h"

namespace fusuma {

/// What a cluster comes to: its members' print as one drawing, and the cut line that theirs are combined to.
[[nodiscard]] Drawn cluster_art(const Cluster& cluster, Evaluator& evaluator, const Work& work = {});

} // namespace fusuma
