#include "app/frame/menus.h"

#include "app/common/enum_words.h"
#include "core/arrange/clusters.h"

#include <algorithm>

namespace fusuma::app {

namespace {

Result<Edited> made_one(const Document& d, const Selection& s, Planner& planner, ClusterCut how) {
    auto done = clustered(d, planner, s, how);
    return done ? Result<Edited>(std::move(*done)) : Problem{"Choose two or more copies on this page first."_said};
}

} // namespace

void add_arrange_menu(Commands& commands, const MenuTargets& on) {
    commands.begin_menu(QObject::tr("&Arrange"));
    commands.duplicate = commands.add(QObject::tr("Duplicate"), keys_of("Ctrl+D"), [on] {
        on.place() == Place::bench ? on.stickers.duplicate() : on.model.copies.duplicate();
    });
    commands.remove = commands.add(QObject::tr("Remove copies"), QKeySequence(Qt::Key_Delete), [on] {
        on.place() == Place::bench ? on.stickers.ask_to_remove() : on.model.copies.remove();
    });
    commands.add_separator();
    const auto of_selection = [&](const QString& text, const QKeySequence& keys,
                                  Document (*change)(Document, const Selection&)) {
        commands.add_for_sheet(
            text, keys,
            [on, text, change] {
                on.model.copies.edit(text, [change](const Document& d, const Selection& s) { return change(d, s); });
            },
            Commands::Near::copy);
    };
    of_selection(QObject::tr("Group"), keys_of("Ctrl+G"), grouped);
    of_selection(QObject::tr("Ungroup"), keys_of("Ctrl+Shift+G"), ungrouped);
    of_selection(QObject::tr("Lock"), keys_of("Ctrl+L"),
                 [](Document d, const Selection& s) { return with_lock(std::move(d), s, true); });
    of_selection(QObject::tr("Unlock"), keys_of("Ctrl+Shift+L"),
                 [](Document d, const Selection& s) { return with_lock(std::move(d), s, false); });
    commands.add_separator();
    const auto cluster = [&](const QKeySequence& keys, ClusterCut how) {
        const QString text = QObject::tr("Make one: %1").arg(label_within(how));
        commands.add_for_sheet(text, keys, [on, text, how] {
            on.model.copies.work_out(text, [how](const Document& d, const Selection& s, Planner& planner, const Work&) {
                return made_one(d, s, planner, how);
            });
        });
    };
    cluster(keys_of("Ctrl+J"), ClusterCut::outer);
    cluster({}, ClusterCut::take_out);
    cluster({}, ClusterCut::overlap_only);
    cluster({}, ClusterCut::exclude);
    cluster({}, ClusterCut::visible);
    commands.add_for_sheet(QObject::tr("Make one: %1").arg(label_within(Combining::split)), {}, [on] {
        on.model.copies.work_out(
            QObject::tr("Split"), [](const Document& d, const Selection& s, Planner& planner, const Work&) {
                auto done = made_one(d, s, planner, ClusterCut::outer);
                if (!done)
                    return done;
                Sticker whole = *done->document.stickers.back();
                auto split = std::make_shared<Cluster>(*std::get<ClusterArtwork>(whole.artwork).cluster);
                split->inner_lines_are_cut = true;
                whole.artwork = ClusterArtwork{std::move(split)};
                done->document = with_sticker_changed(std::move(done->document), std::move(whole));
                return done;
            });
    });
    commands.add_for_sheet(QObject::tr("Part the cluster"), keys_of("Ctrl+Shift+J"), [on] {
        on.model.copies.rearrange(QObject::tr("Part the cluster"),
                                  [](const Document& d, const Selection& s) { return parted(d, s); });
    });
    commands.add_separator();
    const auto order = [&](const QString& text, const QKeySequence& keys, Order to) {
        commands.add_for_sheet(
            text, keys,
            [on, text, to] {
                on.model.copies.edit(text, [to](const Document& d, const Selection& s) { return ordered(d, s, to); });
            },
            Commands::Near::copy);
    };
    order(QObject::tr("To the front"), keys_of("Ctrl+Home"), Order::front);
    order(QObject::tr("To the back"), keys_of("Ctrl+End"), Order::back);
    commands.add_separator();
    commands.add(QObject::tr("Add a page"), {}, [on] {
        on.model.project.edit(QObject::tr("Add page"), with_page_added);
        on.model.in_hand.go_to_page(on.model.document().pages - 1);
    });
    commands.add(QObject::tr("Remove this page"), {}, [on] {
        on.model.project.edit(QObject::tr("Remove page"), [page = on.model.in_hand.page()](Document d) {
            return with_page_removed(std::move(d), page);
        });
    });
    commands.add_for_sheet(QObject::tr("Move to the next page"), {}, [on] {
        const int next = on.model.in_hand.page() + 1;
        if (on.model.in_hand.copies().empty() || next >= most_pages)
            return;
        const Selection kept = on.model.in_hand.copies();
        on.model.copies.edit(QObject::tr("Move to the next page"),
                             [next](const Document& d, const Selection& s) { return on_page(d, s, next); });
        on.model.in_hand.select(kept);
    });
}

} // namespace fusuma::app
