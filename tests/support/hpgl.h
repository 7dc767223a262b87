#pragma once

#include "core/plan/cut_page.h"
#include "core/plan/plan.h"
#include "formats/cut_files/hpgl.h"

namespace fusuma::test {

/// A page as HP-GL with nothing added: no passes, overcut or blade.
inline std::string hpgl_of(const JobPlan& plan, std::size_t page = 0) {
    return cut_hpgl(cut_page(plan.pages[page].cuts, plan.paper, {}, {.through = {.passes = 1}, .dash_gap = 0}), {},
                    plain_machine(plan.paper));
}

} // namespace fusuma::test
