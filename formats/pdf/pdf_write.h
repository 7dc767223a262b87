#pragma once

#include "core/plan/plan.h"

namespace fusuma {

struct PdfOptions {
    bool with_cut_lines = true; ///< as layers that are hidden and do not print unless they are switched on
    InkNames inks;
    bool with_print = true; ///< else the cut lines alone, and those are shown
    double enough_dpi = 0;  ///< pictures that are finer by twice or more are made smaller, none coarser; 0: none is
};

/// The sheets to print: exact page size with its boxes, pictures with their transparency at their own resolution, marks
/// as vector shapes, colours tagged sRGB, `PrintScaling None` so that viewers do not fit to page. Print and marks are
/// layers; so is each kind of cut, in a spot colour of its own and marked with its processing step. Same plan, same
/// bytes.
/// Source: ISO 32000-1 (page boxes 14.11.2, viewer preferences 12.2, soft masks 11.6.5.3, optional content 8.11,
/// separations 8.6.6.4); ISO 19593-1 for the names of processing steps (from memory).
[[nodiscard]] std::string print_pdf(const JobPlan& plan, const PdfOptions& options = {});

} // namespace fusuma
