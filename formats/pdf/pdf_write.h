#pragma once

#include "core/plan/plan.h"

namespace fusuma {

struct PdfOptions {
    bool with_cut_lines = true; ///< as layers that are hidden and do not print unless they are switched on
    InkNames inks;
    bool with_print = true; ///< else the cut lines alone, and those are shown
    double enough_dpi = 0;  ///< pictures that print finer are stored at this; 0: as they are
    bool with_profile = true; ///< of its colours; what shows them as a screen does is several times as quick without
    int jpeg_quality = 0;   ///< 1–100: as JPEG, their edges in a mask, where that is smaller; 0: without loss
};

/// The sheets to print: exact page size with its boxes, pictures with their transparency at their own resolution, those
/// of a JPEG file as they are in it where nothing was changed (stored_pictures.h), marks as vector shapes, colours
/// tagged sRGB, `PrintScaling None` so that viewers do not fit to page. Print and marks are layers; so is each kind of
/// cut, in a spot colour of its own and marked with its processing step. Same plan, same bytes. Source: ISO 32000-1
/// (page boxes 14.11.2, viewer preferences 12.2, soft masks 11.6.5.3, optional content 8.11, separations 8.6.6.4); ISO
/// 19593-1 for the names of processing steps (from memory). Throws Stopped when asked to stop, Unreadable for pictures
/// that cannot be read.
[[nodiscard]] std::string print_pdf(const JobPlan& plan, const PdfOptions& options = {}, const Work& work = {});

} // namespace fusuma
