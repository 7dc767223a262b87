#include "core/document/history.h"

namespace fusuma {

void History::apply(std::string label, Document next, std::string stroke) {
    if (next == current())
        return;
    steps.resize(now + 1);
    if (!stroke.empty() && steps[now].stroke == stroke) {
        steps[now].document = std::move(next);
        return;
    }
    steps.push_back({std::move(label), std::move(stroke), std::move(next)});
    constexpr std::size_t most = 500;
    if (steps.size() > most)
        steps.erase(steps.begin());
    now = steps.size() - 1;
}

} // namespace fusuma
