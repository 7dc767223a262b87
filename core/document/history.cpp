#include "core/document/history.h"

#include <algorithm>

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

/// Ids that were handed out stay handed out, or an undone copy's would come to mean another.
void History::go_to(std::size_t step) {
    const IdSource stickers = current().sticker_ids, copies = current().copy_ids;
    now = step;
    Document& document = steps[now].document;
    document.sticker_ids.next = std::max(document.sticker_ids.next, stickers.next);
    document.copy_ids.next = std::max(document.copy_ids.next, copies.next);
}

} // namespace fusuma
