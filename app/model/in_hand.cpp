#include "app/model/in_hand.h"

#include <algorithm>

namespace fusuma::app {

InHand::InHand(Project& open_project) : project(open_project) {
    connect(&project, &Project::replacing, this, [this] {
        selected.clear();
        chosen_sticker = 0;
    });
    connect(&project, &Project::edited, this, &InHand::keep_valid);
}

void InHand::keep_valid() {
    const Document& document = project.document();
    shown_page = std::clamp(shown_page, 0, document.pages - 1);
    std::erase_if(selected, [&](CopyId id) {
        const Placement* copy = document.copy(id);
        return !copy || copy->page != shown_page;
    });
    if (!document.find(chosen_sticker))
        chosen_sticker = document.stickers.empty() ? 0 : document.stickers.front()->id;
}

void InHand::choose_sticker(int id) {
    if (id == chosen_sticker || !project.document().find(id))
        return;
    chosen_sticker = id;
    emit sticker_chosen();
    emit changed();
}

void InHand::edit_sticker(const QString& label, const std::function<void(Sticker&)>& change, const QString& stroke) {
    if (!sticker())
        return;
    Sticker next = *sticker();
    change(next);
    project.edit(
        label, [&](Document d) { return with_sticker_changed(std::move(d), std::move(next)); },
        stroke.isEmpty() ? stroke : stroke + QString::number(chosen_sticker));
}

void InHand::select(const Selection& copies) {
    selected = with_groups(project.document(), copies);
    if (const Placement* first = first_copy()) {
        shown_page = first->page;
        const bool is_of_one = std::ranges::all_of(project.document().placements, [&](const Placement& p) {
            return !selected.contains(p.id) || p.sticker == first->sticker;
        });
        if (is_of_one)
            chosen_sticker = first->sticker;
    }
    keep_valid();
    emit changed();
}

const Placement* InHand::first_copy() const {
    const auto& copies = project.document().placements;
    const auto it = std::ranges::find_if(copies, [this](const Placement& p) { return selected.contains(p.id); });
    return it == copies.end() ? nullptr : &*it;
}

void InHand::go_to_page(int page) {
    shown_page = std::clamp(page, 0, project.document().pages - 1);
    keep_valid();
    emit changed();
}

} // namespace fusuma::app
