// A model of editing: thousands of random edits, undos, fixes, pastes and reopenings, and what must hold after each.
// FUSUMA_EDITS sets how many are made for each seed.

#include "core/arrange/align.h"
#include "core/arrange/clusters.h"
#include "core/arrange/fill_sheet.h"
#include "core/arrange/free_place.h"
#include "core/document/copies.h"
#include "core/document/history.h"
#include "core/preflight/preflight.h"
#include "formats/cut_files/svg_write.h"
#include "formats/pdf/pdf_write.h"
#include "formats/picture/picture_read.h"
#include "formats/project/project_file.h"
#include "tests/support/samples.h"

#include <QBuffer>
#include <QImage>
#include <QPainter>
#include <cstdlib>
#include <gtest/gtest.h>
#include <random>

namespace fusuma {
namespace {

Sticker blob(int number) {
    QImage image(40 + 8 * number, 40, QImage::Format_RGBA8888);
    image.fill(Qt::transparent);
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(QColor(40 * number, 90, 200));
    painter.setPen(Qt::NoPen);
    painter.drawEllipse(QRectF(3, 3, image.width() - 6, 34));
    painter.end();
    QByteArray png;
    QBuffer buffer(&png);
    image.save(&buffer, "PNG");
    Sticker s = new_sticker(PictureArtwork{*read_picture(png, QStringLiteral("blob%1.png").arg(number))});
    s.width = 12 + 3 * number;
    return s;
}

class Editor {
  public:
    explicit Editor(unsigned seed) : random(seed), history(start()) {}

    void step() {
        const Document before = document();
        const int act = number(0, 27);
        words = "act " + std::to_string(act);
        do_act(act);
        check(before);
    }
    /// What is shown must be what would be worked out from nothing, and what is saved must be what is there.
    void check_thoroughly() {
        Planner fresh;
        const auto one = planner.plan(document()), other = fresh.plan(document());
        for (std::size_t page = 0; page < one->pages.size(); ++page)
            EXPECT_EQ(cut_svg(*one, page), cut_svg(*other, page)) << words;
        EXPECT_EQ(print_pdf(*one, {}), print_pdf(*other, {})) << words;
        std::vector<std::string> ours, theirs;
        for (const Finding& f : preflight(document(), planner))
            ours.push_back(f.rule + f.message.english());
        for (const Finding& f : preflight(document(), fresh))
            theirs.push_back(f.rule + f.message.english());
        EXPECT_EQ(ours, theirs) << words;

        const auto bytes = project_bytes(document());
        ASSERT_TRUE(bytes) << words << ": " << bytes.problem().english();
        const auto back = read_project_bytes(*bytes, "model.fusuma");
        ASSERT_TRUE(back) << words << ": " << back.problem().english();
        EXPECT_EQ(*project_bytes(*back), *bytes) << words;
        if (number(0, 2) == 0) { // and go on with it
            history = History(*back);
            findings.clear();
        }
    }

  private:
    std::mt19937 random;
    History history;
    Planner planner;
    std::vector<Finding> findings; ///< of some earlier version, as a panel may still show them
    Document clipboard;
    std::set<int> handed_out;
    std::string words;

    static Document start() {
        Document d;
        for (int i = 1; i <= 3; ++i)
            d = with_sticker_added(std::move(d), blob(i));
        return d;
    }
    [[nodiscard]] const Document& document() const { return history.current(); }
    int number(int from, int to) { return std::uniform_int_distribution(from, to)(random); }
    double real(double from, double to) { return std::uniform_real_distribution(from, to)(random); }
    int sticker() {
        const auto& all = document().stickers;
        return all.empty() ? 0 : all[static_cast<std::size_t>(number(0, static_cast<int>(all.size()) - 1))]->id;
    }
    Selection some() {
        Selection chosen;
        const int percent = number(5, 60);
        for (const Placement& p : document().placements)
            if (number(0, 99) < percent)
                chosen.insert(p.id);
        return chosen;
    }
    int page() { return number(0, document().pages - 1); }
    void apply(Document next) { history.apply(words, std::move(next), number(0, 5) == 0 ? "stroke" : ""); }
    void change_sticker(const std::function<void(Sticker&)>& change) {
        if (const auto found = document().find(sticker())) {
            Sticker s = *found;
            change(s);
            apply(with_sticker_changed(document(), std::move(s)));
        }
    }

    void do_act(int act) {
        const Document& d = document();
        constexpr std::size_t most_copies = 40;
        const bool may_grow = d.placements.size() < most_copies;
        switch (act) {
        case 0:
        case 1:
        case 2:
            if (may_grow && sticker() > 0) {
                Document next = d;
                next.put({.sticker = sticker(),
                          .centre = {real(-20, 230), real(-20, 320)},
                          .turn = real(-4, 4),
                          .mirrored = number(0, 3) == 0,
                          .scale = real(0.4, 2),
                          .page = page()});
                apply(std::move(next));
            }
            break;
        case 3:
            return apply(moved(d, some(), {real(-40, 40), real(-40, 40)}));
        case 4:
            return apply(turned(d, some(), {real(0, 200), real(0, 280)}, real(-3, 3)));
        case 5:
            return apply(scaled(d, some(), {100, 140}, real(0.6, 1.5), number(0, 1) ? 1 : real(0.7, 1.4)));
        case 6:
            return apply(mirrored(d, some(), {100, 100}, number(0, 1) ? Across::left_right : Across::up_down));
        case 7:
            return apply(ordered(d, some(), number(0, 1) ? Order::front : Order::back));
        case 8:
            return apply(removed(d, some()));
        case 9:
            if (may_grow)
                return apply(duplicated(d, some(), {5, 5}).document);
            break;
        case 10:
            return apply(grouped(d, with_groups(d, some())));
        case 11:
            return apply(ungrouped(d, some()));
        case 12:
            return apply(with_lock(d, some(), number(0, 2) == 0));
        case 13:
            return apply(on_page(d, some(), page()));
        case 14:
            if (d.pages < 4)
                return apply(with_page_added(d));
            break;
        case 15:
            if (number(0, 4) == 0)
                return apply(with_page_removed(d, page()));
            break;
        case 16:
            if (auto made = clustered(d, planner, some(), static_cast<ClusterCut>(number(0, 1) * 4));
                made && d.stickers.size() < 12)
                return apply(std::move(made->document));
            break;
        case 17:
            if (may_grow)
                return apply(parted(d, some()).document);
            break;
        case 18:
            clipboard = only(d, some());
            break;
        case 19:
            if (may_grow && d.stickers.size() < 12)
                return apply(joined(d, clipboard, page(), {real(-30, 30), real(-30, 30)}).document);
            break;
        case 20:
            return change_sticker([&](Sticker& s) { s.border.width = real(-1, 4); });
        case 21:
            return change_sticker([&](Sticker& s) {
                s.bleed = {number(0, 1) ? Bleed::Kind::art : Bleed::Kind::none, real(0, 2)};
            });
        case 22:
            return change_sticker([&](Sticker& s) { s = resized(s, real(6, 40)); });
        case 23:
            if (number(0, 9) == 0)
                return apply(with_sticker_removed(d, sticker()));
            if (d.stickers.size() < 4)
                return apply(with_sticker_added(d, blob(number(1, 4))));
            break;
        case 24:
            history.undo();
            break;
        case 25:
            number(0, 1) ? history.redo() : history.undo();
            break;
        case 26: // a fix of what is found now, or was found some edits ago
            if (findings.empty() || number(0, 1))
                findings = preflight(d, planner);
            if (!findings.empty()) {
                const Finding& finding =
                    findings[static_cast<std::size_t>(number(0, static_cast<int>(findings.size()) - 1))];
                if (auto fixed = repaired(d, finding)) {
                    expect_only_touched(d, *fixed, finding);
                    return apply(std::move(*fixed));
                }
            }
            break;
        default: {
            Document next = d;
            next.sheet.gap = real(0, 6);
            next.sheet.division = {number(1, 2), number(1, 2), real(0, 8), Division::Cut::through};
            return apply(std::move(next));
        }
        }
    }

    /// A fix changes what its finding names, never a locked copy.
    void expect_only_touched(const Document& before, const Document& after, const Finding& finding) {
        for (const Placement& was : before.placements) {
            const Placement* still = after.copy(was.id);
            std::optional<Placement> now = still ? std::optional(*still) : std::nullopt;
            if (now && finding.rule == "empty-sheet") // the pages behind it move up
                now->page = was.page;
            const bool is_named = std::ranges::find(finding.copies, was.id) != finding.copies.end() ||
                                  (finding.sticker > 0 && was.sticker == finding.sticker);
            EXPECT_TRUE((now && *now == was) || (is_named && !was.locked))
                << words << ": the fix of " << finding.rule << " touched copy " << static_cast<int>(was.id);
        }
    }

    void check(const Document& before) {
        const Document& now = document();
        std::set<int> stickers;
        std::set<CopyId> copies;
        for (const auto& s : now.stickers) {
            EXPECT_TRUE(stickers.insert(s->id).second) << words << ": sticker " << s->id << " is there twice";
            EXPECT_LT(s->id, now.sticker_ids.next) << words;
        }
        ASSERT_GE(now.pages, 1) << words;
        for (const Placement& p : now.placements) {
            EXPECT_TRUE(copies.insert(p.id).second)
                << words << ": copy " << static_cast<int>(p.id) << " is there twice";
            EXPECT_LT(static_cast<int>(p.id), now.copy_ids.next) << words;
            EXPECT_TRUE(stickers.contains(p.sticker)) << words << ": a copy of nothing";
            EXPECT_TRUE(p.page >= 0 && p.page < now.pages) << words;
            EXPECT_TRUE(std::isfinite(p.centre.x + p.centre.y + p.turn + p.scale + p.stretch)) << words;
        }
        EXPECT_GE(now.copy_ids.next, before.copy_ids.next) << words << ": ids would be used again";
        EXPECT_GE(now.sticker_ids.next, before.sticker_ids.next) << words;
    }
};

class Editing : public testing::TestWithParam<unsigned> {};

TEST_P(Editing, KeepsWhatMustHoldWhateverIsDone) {
    const char* asked = std::getenv("FUSUMA_EDITS");
    const int edits = asked ? std::atoi(asked) : 150;
    Editor editor(GetParam());
    for (int i = 1; i <= edits && !HasFailure(); ++i) {
        editor.step();
        if (i % 25 == 0)
            editor.check_thoroughly();
    }
}
INSTANTIATE_TEST_SUITE_P(Seeds, Editing, testing::Values(1U, 2U, 3U, 4U));

} // namespace
} // namespace fusuma
