#include "core/sheet/snap.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace fusuma {

namespace {

/// A box seen along one direction: from and to, and across it.
struct Span {
    double from, to, low, high;
    [[nodiscard]] double middle() const { return (from + to) / 2; }
};

Span along_x(const Rect& r) {
    return {r.min.x, r.max.x, r.min.y, r.max.y};
}

Span along_y(const Rect& r) {
    return {r.min.y, r.max.y, r.min.x, r.max.x};
}

struct SnapCandidate {
    double by;
    double at;        ///< of the guide
    double low, high; ///< its ends
};

bool lie_beside(const Span& a, const Span& b) {
    return a.low < b.high && b.low < a.high;
}

std::optional<SnapCandidate> best_along(const Span& box, const std::vector<Span>& others, const std::vector<Span>& frames,
                                    double gap, double reach) {
    std::optional<SnapCandidate> best;
    const auto offer = [&](double by, double at, const Span& other) {
        if (std::abs(by) <= reach && (!best || std::abs(by) < std::abs(best->by) - 1e-9))
            best = {by, at, std::min(box.low, other.low), std::max(box.high, other.high)};
    };
    for (const Span& frame : frames) {
        offer(frame.from - box.from, frame.from, frame);
        offer(frame.to - box.to, frame.to, frame);
        offer(frame.middle() - box.middle(), frame.middle(), frame);
    }
    for (const Span& other : others) {
        offer(other.from - box.from, other.from, other);
        offer(other.to - box.to, other.to, other);
        offer(other.middle() - box.middle(), other.middle(), other);
        if (lie_beside(box, other)) {
            offer(other.to + gap - box.from, other.to + gap, other);
            offer(other.from - gap - box.to, other.from - gap, other);
        }
    }
    // In the middle between the nearest neighbours, and as far from one as that is from the next.
    const Span *before = nullptr, *after = nullptr;
    for (const Span& other : others) {
        if (!lie_beside(box, other))
            continue;
        if (other.middle() < box.middle() && (!before || other.to > before->to))
            before = &other;
        if (other.middle() > box.middle() && (!after || other.from < after->from))
            after = &other;
    }
    if (before && after)
        offer((before->to + after->from) / 2 - box.middle(), (before->to + after->from) / 2, *before);
    for (const Span& next : others) {
        if (before && &next != before && lie_beside(*before, next) && next.to < before->from)
            offer(before->to + (before->from - next.to) - box.from, before->to + (before->from - next.to), *before);
        if (after && &next != after && lie_beside(*after, next) && next.from > after->to)
            offer(after->from - (next.from - after->to) - box.to, after->from - (next.from - after->to), *after);
    }
    return best;
}

} // namespace

Snapped snapped(const Rect& box, const std::vector<Rect>& others, const std::vector<Rect>& frames, double gap,
                double reach) {
    const auto spans = [](const std::vector<Rect>& rects, auto along) {
        std::vector<Span> result;
        for (const Rect& r : rects)
            if (!r.empty())
                result.push_back(along(r));
        return result;
    };
    Snapped result;
    if (box.empty())
        return result;
    if (const auto x = best_along(along_x(box), spans(others, along_x), spans(frames, along_x), gap, reach)) {
        result.by.x = x->by;
        result.guides.push_back({{x->at, x->low}, {x->at, x->high}});
    }
    if (const auto y = best_along(along_y(box), spans(others, along_y), spans(frames, along_y), gap, reach)) {
        result.by.y = y->by;
        result.guides.push_back({{y->low, y->at}, {y->high, y->at}});
    }
    return result;
}

} // namespace fusuma
