#pragma once

#include "core/steps/sticker_result.h"

#include <tuple>

namespace fusuma {

// The steps from artwork to cut line and print, in the order in which they are made. This is the one place that says
// what a step depends on: its own settings, which stand here, and results of steps before it, which `Reads` lists. A
// step is given nothing else, so what it comes to can be remembered by all settings up to it. Full results and previews
// run the same table; a new setting of a sticker goes into the step that reads it.

class Evaluator;

/// A result that is remembered.
template <typename Result> using Known = const std::shared_ptr<const Result>&;

/// A list of steps.
template <typename... Steps> using StepList = std::tuple<Steps...>;

struct LightStep {
    Artwork artwork;
    std::optional<PixelBox> crop;
    LightTask light;
    bool operator==(const LightStep&) const = default;

    using Result = Lit;
    using Reads = StepList<>;
    static constexpr std::pair share{0.0, 0.15}; ///< of the work as a whole
    [[nodiscard]] Result make(Evaluator& steps, const Work& work) const;
};

struct IsolateStep {
    Artwork artwork;
    BackgroundSettings background;
    Care care = Care::exact;
    bool operator==(const IsolateStep&) const = default;

    using Result = Isolation;
    using Reads = StepList<LightStep>;
    static constexpr std::pair share{0.15, 0.4};
    [[nodiscard]] Result make(Evaluator& steps, const Work& work, Known<Lit> lit) const;
};

struct TraceStep {
    TraceSettings trace;
    Care care = Care::exact; ///< straight lines will do for previews of large pictures
    bool operator==(const TraceStep&) const = default;

    using Result = Tracing;
    using Reads = StepList<IsolateStep>;
    static constexpr std::pair share{0.4, 0.7};
    [[nodiscard]] Result make(Evaluator& steps, const Work& work, Known<Isolation> isolation) const;
};

struct OutlineStep {
    Framing framing;
    PixelPlace picture; ///< how large the whole picture is
    CleanUp clean;
    double width = 0; ///< mm, of the framed artwork
    bool operator==(const OutlineStep&) const = default;

    using Result = SizedOutline;
    using Reads = StepList<IsolateStep, TraceStep>;
    static constexpr std::pair share{0.7, 0.75};
    [[nodiscard]] Result make(Evaluator& steps, const Work& work, Known<Isolation> isolation,
                                    Known<Tracing> tracing) const;
};

struct BorderStep {
    BorderSettings lengths; ///< at this width of the artwork
    double reach = 0;       ///< mm from the outline to the cut line: the border's width and the inner rims'
    Care care = Care::exact;
    bool operator==(const BorderStep&) const = default;

    using Result = Border;
    using Reads = StepList<OutlineStep>;
    static constexpr std::pair share{0.75, 0.85};
    [[nodiscard]] Result make(Evaluator& steps, const Work& work, Known<SizedOutline> outline) const;
};

struct CutStep {
    HandWork hand;
    double reach = 0; ///< as the border step has it
    CutKind kind = CutKind::kiss;
    bool operator==(const CutStep&) const = default;

    using Result = Cut;
    using Reads = StepList<OutlineStep, BorderStep>;
    static constexpr std::pair share{0.85, 0.85};
    [[nodiscard]] Result make(Evaluator& steps, const Work& work, Known<SizedOutline> outline, Known<Border> derived) const;
};

struct PrintStep {
    PrintSettings settings;
    bool operator==(const PrintStep&) const = default;

    using Result = StickerResult;
    using Reads = StepList<IsolateStep, OutlineStep, CutStep>;
    static constexpr std::pair share{0.85, 1.0};
    [[nodiscard]] Result make(Evaluator& steps, const Work& work, Known<Isolation> isolation,
                                     Known<SizedOutline> outline, Known<Cut> cut) const;
};

using StepTable = StepList<LightStep, IsolateStep, TraceStep, OutlineStep, BorderStep, CutStep, PrintStep>;

/// What every step reads of a sticker whose artwork is `width` mm wide.
/// @param tracing  how carefully the art is told from its ground, and its outline traced
/// @param border   how carefully the border is made
[[nodiscard]] StepTable steps_of(const Sticker& sticker, double width, Care tracing = Care::exact,
                                 Care border = Care::exact);

/// The border's lengths at one width of the artwork: as they are, or grown with it.
[[nodiscard]] BorderSettings lengths_at(const Sticker& sticker, double width);
[[nodiscard]] Rims rims_at(const Sticker& sticker, double width);

} // namespace fusuma
