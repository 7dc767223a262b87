#include "core/steps/step_table.h"

#include "core/steps/evaluator.h"

namespace fusuma {

BorderSettings lengths_at(const Sticker& sticker, double width) {
    return sticker.border.scales_with_art ? scaled(sticker.border, width / sticker.width) : sticker.border;
}

Rims rims_at(const Sticker& sticker, double width) {
    return sticker.border.scales_with_art ? scaled(sticker.rims, width / sticker.width) : sticker.rims;
}

StepTable steps_of(const Sticker& s, double width, Care tracing, Care border) {
    const BorderSettings lengths = lengths_at(s, width);
    const Rims rims = rims_at(s, width);
    const double reach = reach_of(lengths, rims);
    return {LightStep{s.artwork, s.framing.crop, light_task(s.background)},
            IsolateStep{s.artwork, s.background, tracing},
            TraceStep{s.trace, tracing},
            OutlineStep{s.framing, size_px(s.artwork), s.clean, width},
            BorderStep{lengths, reach, border},
            CutStep{s.hand, reach, s.cut},
            PrintStep{{lengths, rims, s.bleed}}};
}

Lit LightStep::make(Evaluator&, const Work& work) const {
    const auto* art = std::get_if<PictureArtwork>(&artwork);
    return art ? lit(*art, crop, light, work) : Lit{};
}

Isolation IsolateStep::make(Evaluator& steps, const Work& work, Known<Lit> lit) const {
    if (std::holds_alternative<PictureArtwork>(artwork))
        return isolate(*lit, background, work, care);
    return isolate(artwork, *steps.drawn(artwork, work));
}

Tracing TraceStep::make(Evaluator&, const Work& work, Known<Isolation> isolation) const {
    return care == Care::exact || isolation->drawn ? trace_of(*isolation, trace, work)
                                                   : sketch(isolation->coverage(), trace, work);
}

SizedOutline OutlineStep::make(Evaluator&, const Work&, Known<Isolation> isolation, Known<Tracing> tracing) const {
    return sized_outline(*isolation, *tracing, frame_of(picture.x, picture.y, framing), clean, width);
}

Border BorderStep::make(Evaluator&, const Work&, Known<SizedOutline> outline) const {
    return border(outline->outline, task_of(lengths, reach, outline->from_picture), care);
}

Cut CutStep::make(Evaluator&, const Work&, Known<SizedOutline> outline, Known<Border> derived) const {
    return cut_of(*outline, derived, hand, reach, kind);
}

StickerResult PrintStep::make(Evaluator& steps, const Work& work, Known<Isolation> isolation,
                              Known<SizedOutline> outline, Known<Cut> cut) const {
    std::shared_ptr<const Continued> continuation;
    if (const int reach = continuation_px(*isolation, *outline, settings); reach > 0)
        continuation = steps.continuation(isolation, reach, px_for_one(*outline), work);
    return {isolation, outline, cut, print_of(*isolation, *outline, *cut, settings, continuation)};
}

} // namespace fusuma
