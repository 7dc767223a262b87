// Every step, card and panel at the sizes and in the themes that people have: nothing is cut off, nothing overlaps.

#include "app/common/more.h"
#include "app/common/step_card.h"
#include "app/common/theme.h"
#include "app/common/zoom_view.h"
#include "tests/app/dialogs.h"
#include "tests/app/fits.h"
#include "tests/app/in_language.h"
#include "tests/app/judged.h"

#include <QCheckBox>
#include <QComboBox>
#include <QScreen>
#include <QScrollArea>
#include <QSettings>

namespace fusuma::app {
namespace {

struct Screen {
    int width, height;
    Tone tone;
    double text_scale = 1;
    const char* language = nullptr; ///< other than English
};
void PrintTo(const Screen& screen, std::ostream* out) {
    *out << screen.width << " x " << screen.height;
}

/// Before the window is made, as a desktop's text size is known by then.
struct Dressed : testing::WithParamInterface<Screen> {
    Dressed() {
        QSettings().clear();
        apply_theme(*qApp, GetParam().tone, GetParam().text_scale);
        if (GetParam().language)
            language.emplace(GetParam().language);
    }
    std::optional<InLanguage> language;
};

class Fit : public Dressed, public Window {
  protected:
    void SetUp() override {
        Window::SetUp();
        window.resize(GetParam().width, GetParam().height);
        settle();
        ASSERT_EQ(window.size(), QSize(GetParam().width, GetParam().height)) << "something in it asks for more";
    }
    void TearDown() override {
        Window::TearDown();
        apply_theme(*qApp, Tone::light);
    }
    void choose_sticker(const char* name) {
        for (const auto& sticker : model.document().stickers)
            if (sticker->name == name)
                model.in_hand.choose_sticker(sticker->id);
        settle();
    }
    std::vector<StepCard*> cards_in_sight() {
        std::vector<StepCard*> all;
        for (auto* card : window.findChildren<StepCard*>())
            if (card->isVisible())
                all.push_back(card);
        return all;
    }
};

TEST_P(Fit, EveryStepOnTheBench) {
    expect_all_fits(window, "start page");
    open_small_demo();
    std::set<QString> seen;
    for (const char* name : {"Puffin", "Fair badge", "Relish jars"}) {
        choose_sticker(name);
        for (StepCard* card : cards_in_sight()) {
            if (!seen.insert(card->name()).second)
                continue; // the same for stickers of every kind
            card->open();
            settle();
            const std::string where = std::string(name) + ", " + card->name().toStdString();
            expect_all_fits(window, where);
            if (GetParam().width == 1280) {
                const auto* area = card->parentWidget()->parentWidget(); // what scrolls it
                EXPECT_LE(card->height(), area->height()) << where << " is taller than its panel";
            }
            for (auto* more : card->findChildren<More*>())
                more->open();
            settle();
            expect_all_fits(window, where + ", all of it");
            for (auto* more : card->findChildren<More*>())
                more->close_again();
        }
    }
    // A picture with a ground of its own, however it is told from it.
    drop_artwork({test::demo_art("harbour-ferry.jpg")});
    for (StepCard* card : cards_in_sight())
        if (card->is("Background"))
            for (const Source source : {Source::automatic, Source::brightness, Source::colour, Source::subject}) {
                model.in_hand.edit_sticker("Source", [source](Sticker& s) { s.background.source = source; });
                card->open();
                settle();
                const std::string where = "Background by " + std::string(word_of(source));
                expect_all_fits(window, where);
                const auto* area = card->parentWidget()->parentWidget();
                if (GetParam().width == 1280) {
                    EXPECT_LE(card->height(), area->height()) << where << " is taller than its panel";
                }
            }
    // With everything on that makes more rows.
    choose_sticker("White moon");
    for (StepCard* card : cards_in_sight())
        if (card->name() == "Border")
            card->open();
    settle();
    expect_all_fits(window, "rims");
}

TEST_P(Fit, SheetAndOutput) {
    open_small_demo();
    model.project.edit("Page", with_page_added); // so that pages can be turned everywhere
    model.project.edit("Copy", [](Document d) {
        d.placements.back().page = 1;
        return d;
    });
    window.go_to(Place::sheet);
    settle();
    const auto& view = *window.findChild<ZoomView*>("sheetView");
    const QRectF page =
        view.to_view().mapRect(QRectF(0, 0, model.document().sheet.paper.width, model.document().sheet.paper.height));
    for (const auto* chip : view.findChildren<QWidget*>("chip"))
        EXPECT_FALSE(page.intersects(chip->geometry())) << "the whole page lies under its tools";
    for (StepCard* card : cards_in_sight()) {
        card->open();
        settle();
        expect_all_fits(window, "Sheet, " + card->name().toStdString());
    }
    model.in_hand.select({model.document().placements[0].id});
    settle();
    expect_all_fits(window, "Sheet, a copy selected");
    if (GetParam().width != 960 && GetParam().text_scale == 1)
        return; // Output is narrowest, or fullest, in the two others; working the sheet out takes its time
    window.go_to(Place::output);
    settle();
    expect_all_fits(window, "Output, planned");
    EXPECT_EQ(window.size(), QSize(GetParam().width, GetParam().height)) << "something in it asks for more";
    emit model.messages.problem(
        "“lighthouse-keeper-with-a-very-long-name.png” is not a picture that can be read: it ends "
        "after a third of its pixels. Save it again where it comes from, or take another file.");
    settle();
    expect_all_fits(window, "Output, a long message");
}

class FitDialogs : public Fit {
  protected:
    static std::string told(const std::set<std::string>& all) {
        std::string lines;
        for (const std::string& line : all)
            lines += line + "\n";
        return lines;
    }
};

TEST_P(FitDialogs, AreWholeNamedAndReadable) {
    open_small_demo();
    std::set<std::string> unnamed, pale;
    const auto judge = [&](QWidget& shown, const std::string& by) {
        nameless(QAccessible::queryAccessibleInterface(&shown), "", unnamed);
        look_for_pale_text(shown, by, pale);
    };
    EachDialog dialogs(window, [&](QDialog& dialog, const std::string& by) {
        const QSize room = dialog.screen()->availableSize().expandedTo({960, 640});
        EXPECT_LE(dialog.width(), room.width()) << by;
        EXPECT_LE(dialog.height(), room.height()) << by;
        expect_all_fits(dialog, by);
        judge(dialog, by);
    });
    for (const Place place : {Place::bench, Place::sheet, Place::output}) {
        window.go_to(place);
        if (place == Place::bench)
            choose_sticker("Relish jars");
        settle();
        judge(window, "place " + std::to_string(static_cast<int>(place)));
        dialogs.open_all();
    }
    emit model.messages.problem("It cannot be read.");
    settle();
    judge(window, "a problem");
    EXPECT_GE(dialogs.seen(), 15u);
    EXPECT_EQ(told(unnamed), "") << "without a name for screen readers";
    EXPECT_EQ(told(pale), "") << "text that stands out too little";
}

INSTANTIATE_TEST_SUITE_P(Screens, FitDialogs,
                         testing::Values(Screen{960, 500, Tone::light}, Screen{1366, 728, Tone::dark, 1, "de"}),
                         [](const auto& test) { return std::to_string(test.param.width); });
INSTANTIATE_TEST_SUITE_P(Screens, Fit,
                         testing::Values(Screen{960, 500, Tone::light}, Screen{1366, 728, Tone::dark},
                                         Screen{1280, 800, Tone::light}, Screen{1281, 800, Tone::light, 1.25}),
                         [](const auto& test) {
                             return std::to_string(test.param.width) +
                                    (test.param.tone == Tone::dark ? "Dark" : "Light");
                         });

} // namespace
} // namespace fusuma::app
