#pragma once

#include "core/document/plan.h"

namespace fusuma {

/// The sheets to print: exact page size, pictures with their transparency at their own resolution, marks as vector
/// discs, `PrintScaling None` so that viewers do not fit to page. Cut lines are not in it. Same plan, same bytes.
/// Source: ISO 32000-1 (page boxes 14.11.2, viewer preferences 12.2, soft masks 11.6.5.3).
[[nodiscard]] std::string print_pdf(const JobPlan& plan);

} // namespace fusuma
