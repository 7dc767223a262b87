#include "core/document/history.h"

#include <algorithm>
#include <utility>

namespace fusuma {

namespace {

constexpr std::size_t most_steps = 500, most_bytes = 20'000'000;
constexpr std::size_t steps_kept = 50; ///< whatever they take

} // namespace

void History::apply(std::string label, Document next, std::string stroke) {
    if (next == document)
        return;
    steps.resize(now + 1);
    if (!stroke.empty() && steps[now].stroke == stroke) {
        if (now > 0) {
            std::vector<Placement> before = document.placements;
            steps[now - 1].copies.apply_to(before);
            steps[now - 1].copies = {next.placements, before};
        }
        document = std::move(next);
        return;
    }
    steps[now].copies = {next.placements, document.placements};
    document.placements = {};
    steps[now].rest = std::exchange(document, std::move(next));
    steps.push_back({std::move(label), std::move(stroke), {}, {}});
    now = steps.size() - 1;
    forget_oldest();
}

void History::forget_oldest() {
    std::size_t bytes = bytes_of_copies();
    std::size_t forgotten = 0;
    while (steps.size() - forgotten > most_steps || (bytes > most_bytes && steps.size() - forgotten > steps_kept))
        bytes -= steps[forgotten++].copies.bytes();
    steps.erase(steps.begin(), steps.begin() + static_cast<std::ptrdiff_t>(forgotten));
    now -= forgotten;
}

std::size_t History::bytes_of_copies() const {
    std::size_t bytes = 0;
    for (const Step& step : steps)
        bytes += step.copies.bytes();
    return bytes;
}

void History::undo() {
    if (can_undo())
        go_to(now - 1);
}

void History::redo() {
    if (can_redo())
        go_to(now + 1);
}

/// To the version before or after. Ids that were handed out stay handed out, or an undone copy's would come to mean
/// another.
void History::go_to(std::size_t step) {
    std::vector<Placement> copies = document.placements;
    steps[step].copies.apply_to(copies);
    steps[now].copies = {copies, document.placements};
    steps[step].copies = {};
    const IdSource stickers = document.sticker_ids, ids = document.copy_ids;
    document.placements = {};
    steps[now].rest = std::exchange(document, std::exchange(steps[step].rest, {}));
    document.placements = std::move(copies);
    document.sticker_ids.next = std::max(document.sticker_ids.next, stickers.next);
    document.copy_ids.next = std::max(document.copy_ids.next, ids.next);
    now = step;
}

} // namespace fusuma
