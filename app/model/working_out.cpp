#include "app/model/working_out.h"

#include "app/model/in_background.h"
#include "core/document/copies.h"
#include "formats/basics/in_words.h"
#include "formats/painting/shown_art.h"
#include "formats/room/room.h"

#include <algorithm>
#include <mutex>
#include <set>
#include <utility>

namespace fusuma::app {

std::shared_ptr<const StickerResult> Snapshot::result(int sticker) const {
    const auto it = results.find(sticker);
    return it == results.end() ? nullptr : it->second;
}

Rect box_in_sight(const Snapshot& snapshot, const Document& now, const Selection& copies) {
    Rect box;
    for (const Placement& copy : now.placements) {
        const PlannedCopy* planned = snapshot.plan && copies.contains(copy.id) ? snapshot.plan->find(copy.id) : nullptr;
        const auto sticker = planned ? now.find(copy.sticker) : nullptr;
        if (!sticker || planned->placed->cut_box.empty())
            continue;
        const PlacedCopy& then = *planned->placed;
        const Transform moved = map_of_copy(*then.sticker, then.placement).inverted().then(map_of_copy(*sticker, copy));
        for (const Point corner : corners_of(then.cut_box))
            box.include(moved.apply(corner));
    }
    return box;
}

WorkingOut::WorkingOut(Messages& told, Project& open_project, InHand& hand)
    : messages(told), project(open_project), in_hand(hand) {
    full_soon.setSingleShot(true);
    full_soon.setInterval(40);
    connect(&full_soon, &QTimer::timeout, this, &WorkingOut::work_out);
    connect(&project, &Project::edited, this, &WorkingOut::after_edit);
    connect(&project, &Project::replacing, this, [this] { // nothing is said of a document that is gone
        latest = std::make_shared<Snapshot>();
        early_results.clear();
        preview.reset();
        is_left_out = false;
        if (working)
            stop.request_stop();
    });
    connect(&in_hand, &InHand::sticker_chosen, this, [this] {
        preview.reset();
        if (awaits_preview())
            work_out_preview();
    });
    after_edit();
}

WorkingOut::~WorkingOut() {
    stop.request_stop();
    preview_stop.request_stop();
    workers.waitForDone();
}

bool WorkingOut::awaits_preview() const {
    const auto after = in_hand.sticker();
    if (!after)
        return false;
    const auto early = early_results.find(after->id);
    const auto before = early == early_results.end() ? latest->document.find(after->id) : early->second.sticker;
    return before && before != after;
}

void WorkingOut::after_edit() {
    ++latest_edit;
    if (working && may_stop)
        stop.request_stop();
    if (awaits_preview()) {
        work_out_preview();
        full_soon.start();
    } else {
        work_out();
    }
}

std::shared_ptr<const StickerResult> WorkingOut::shown() const {
    const auto sticker = in_hand.sticker();
    const int id = sticker ? sticker->id : 0;
    return preview && preview_of == id ? preview : known(id);
}

std::shared_ptr<const StickerResult> WorkingOut::known(int sticker) const {
    const auto it = early_results.find(sticker);
    return it == early_results.end() ? latest->result(sticker) : it->second.result;
}

int WorkingOut::stickers_to_come() const {
    return static_cast<int>(std::ranges::count_if(project.document().stickers, [this](const auto& sticker) {
        return !known(sticker->id) && !latest->unreadable.contains(sticker->id);
    }));
}

/// On the thread that worked it out.
void WorkingOut::tell_early(Early early, std::uint64_t generation) {
    QMetaObject::invokeMethod(this, [this, early = std::move(early), generation] {
        const int id = early.sticker->id;
        if (generation != project.generation() || !working || latest->results.contains(id))
            return;
        early_results[id] = early;
        emit came_early(id);
    });
}

std::shared_ptr<const Ribbon> WorkingOut::ribbon() {
    const auto result = shown();
    return result ? ribbon_of(result, result == preview ? Ribbons::coarse : Ribbons::fine) : nullptr;
}

std::shared_ptr<const Ribbon> WorkingOut::ribbon_of(const std::shared_ptr<const StickerResult>& result, Ribbons how) {
    // About a pixel of the strip; while a slider is dragged every other will do.
    const double spacing = how == Ribbons::coarse ? 0.2 : 0.08; // mm
    return steps.facts.get<Ribbon>({result}, [&] {
        const auto art =
            steps.facts.get<MeasuredArt>({result->outlined}, [&] { return MeasuredArt(result->outline()); });
        return ribbon_along(result->cut_line(), *art, spacing);
    });
}

/// A quick result of the sticker in hand, on a thread of its own, so that it never waits for a full one.
void WorkingOut::work_out_preview() {
    if (previewing)
        return; // the newest edit is taken up when this one is done
    previewing = true;
    preview_stop = std::stop_source();
    const auto end = [this, run = latest_edit, id = in_hand.sticker()->id](std::shared_ptr<const StickerResult> quick) {
        previewing = false;
        if (quick && worked_edit < run) {
            preview = std::move(quick);
            preview_of = id;
            preview_edit = run;
            emit previewed();
        }
        if (latest_edit != run && awaits_preview())
            work_out_preview();
    };
    in_background(
        workers, this,
        [this, shown = in_hand.sticker(), work = Work{preview_stop.get_token(), nullptr}] {
            auto quick = steps.preview(*shown, work);
            prepare_print(quick->print, shown_sizes.back(), work);
            ribbon_of(quick, Ribbons::coarse);
            return quick;
        },
        end, [end](const QString&) { end(nullptr); }); // the full result will tell what is wrong
}

void WorkingOut::work_out() {
    if (working || worked_edit == latest_edit)
        return; // picked up when the present run ends
    working = true;
    may_stop = awaits_preview();
    done = 0;
    stop = std::stop_source();
    in_background(
        workers, this,
        [this, now = project.document(), chosen = in_hand.sticker(), work = Work{stop.get_token(), &done},
         before = latest, generation = project.generation()] {
            return snapshot_of(now, chosen ? chosen->id : 0, work, [&](const auto& sticker, const auto& result) {
                if (!before->results.contains(sticker.id))
                    tell_early({now.find(sticker.id), result}, generation);
            });
        },
        [this, run = latest_edit, for_project = project.generation()](std::shared_ptr<const Snapshot> fresh) {
            working = false;
            if (for_project != project.generation()) { // it came too late
                work_out();
                return;
            }
            worked_edit = run;
            const auto before = std::exchange(latest, std::move(fresh));
            early_results.clear();
            if (preview_edit <= run)
                preview.reset();
            is_cancelled = false;
            tell_unreadable(before->unreadable);
            emit worked_out();
            if (latest_edit != run && !full_soon.isActive())
                work_out();
        },
        [this, run = latest_edit](const QString& trouble) {
            working = false;
            if (!trouble.isEmpty()) { // the results before stay in sight
                worked_edit = run;
                emit messages.problem(trouble);
            } else if (std::exchange(is_cancelled, false) && latest_edit == run) {
                worked_edit = run;
                if (project.steps().can_undo() || project.steps().can_redo()) {
                    project.take_back(); // works out the document before
                    return;
                }
                emit messages.note(tr("Stopped. The rest is worked out with the next change."));
                emit worked_out(); // with nothing new
            }
            if (!full_soon.isActive())
                work_out();
        });
}

/// Once, not with every edit.
void WorkingOut::tell_unreadable(const std::map<int, Problem>& before) {
    for (const auto& [sticker, why] : latest->unreadable) {
        if (room::wants_more_time(why) && !is_left_out) {
            emit messages.time_wanted(in_words(why.message), [this](bool again) {
                is_left_out = !again;
                if (!again)
                    return;
                ++latest_edit; // the same document, once more
                work_out();
            });
            return; // the answer holds for all of them
        }
        if (!before.contains(sticker))
            emit messages.problem(in_words(why));
    }
}

std::shared_ptr<const Snapshot> WorkingOut::snapshot_of(const Document& now, int chosen, const Work& work,
                                                        const WhenWorkedOut& each) {
    auto fresh = std::make_shared<Snapshot>();
    fresh->document = now;
    std::set<Evaluator::Wanted> all;
    for (const auto& sticker : now.stickers)
        all.insert({sticker, sticker->width});
    // What is seen of them is made while their pixels are at hand: of many not as large as one alone may be looked at.
    constexpr std::size_t arts = 3; // of a sticker: as it came in, what is left of it, and its bleed
    std::set<std::shared_ptr<const StickerResult>> seen;
    std::mutex preparing;
    const int size_of_each = size_for_all(arts * now.stickers.size());
    const double count = static_cast<double>(std::max<std::size_t>(1, now.stickers.size()));
    const auto prepare = [&](const Sticker& s, const std::shared_ptr<const StickerResult>& result) {
        const Work quietly{.stop = work.stop};
        const int most_px = s.id == chosen ? shown_sizes.back() : size_of_each;
        if (const auto original = original_art(s.artwork))
            prepare_art(*original, most_px, quietly);
        prepare_print(result->print, most_px, quietly);
        if (s.id == chosen)
            ribbon_of(result, Ribbons::fine);
        each(s, result);
        const std::scoped_lock lock(preparing);
        seen.insert(result);
    };
    if (const auto sticker = now.find(chosen)) // first, as that is looked at
        try {
            prepare(*sticker, steps.evaluate(*sticker, std::nullopt, work.part(0, 1 / count)));
        } catch (const Unreadable& why) { // which may have taken long
            fresh->unreadable.emplace(chosen, why.problem);
            all.erase({sticker, sticker->width});
        }
    steps.work_out(all, work.part(1 / count, 1), prepare);
    for (std::size_t i = 0; i < now.stickers.size(); ++i) {
        const Sticker& s = *now.stickers[i];
        if (fresh->unreadable.contains(s.id))
            continue;
        const Work its = work.part(static_cast<double>(i) / count, static_cast<double>(i + 1) / count);
        try {
            const auto result = steps.evaluate(s, std::nullopt, its);
            if (!seen.contains(result))
                prepare(s, result);
            fresh->results[s.id] = result;
        } catch (const Unreadable& why) {
            fresh->unreadable.emplace(s.id, why.problem);
        }
    }
    Document readable = now;
    for (const auto& [sticker, why] : fresh->unreadable)
        readable = with_sticker_removed(std::move(readable), sticker);
    fresh->plan = steps.plan(readable);
    fresh->printed = now.sheet.is_mirrored ? steps.plan(as_printed(readable)) : fresh->plan;
    std::set<std::shared_ptr<const StickerResult>> unseen; // sizes and rows of copies
    for (const PlannedCopy& copy : fresh->plan->copies)
        if (!seen.contains(copy->result))
            unseen.insert(copy->result);
    for (const auto& result : unseen)
        prepare_print(result->print, size_for_all(arts * (seen.size() + unseen.size())), {.stop = work.stop});
    fresh->findings = preflight(readable, steps);
    for (const auto& [sticker, why] : fresh->unreadable)
        if (auto finding = unreadable(now, sticker, why))
            fresh->findings.insert(fresh->findings.begin(), std::move(*finding));
    fresh->totals = totals(*fresh->plan);
    return fresh;
}

std::optional<double> WorkingOut::progress() const {
    return working ? std::optional<double>(done) : std::nullopt;
}

void WorkingOut::cancel() {
    is_cancelled = working;
    stop.request_stop();
    preview_stop.request_stop();
}

} // namespace fusuma::app
