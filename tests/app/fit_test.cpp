// Every step, card and panel at the sizes and in the themes that people have: nothing is cut off, nothing overlaps.

#include "app/common/more.h"
#include "app/common/step_card.h"
#include "app/common/theme.h"
#include "formats/project/project_file.h"
#include "tests/app/window.h"

#include <QCheckBox>
#include <QComboBox>
#include <QScrollArea>
#include <QSettings>

namespace fusuma::app {
namespace {

struct Screen {
    int width, height;
    Tone tone;
};

std::string words_of(const QWidget& w) {
    QString text;
    if (const auto* l = qobject_cast<const QLabel*>(&w))
        text = l->text();
    else if (const auto* b = qobject_cast<const QAbstractButton*>(&w))
        text = b->text();
    return (QLatin1String(w.metaObject()->className()) + ' ' + w.objectName() + " “" + text.left(60) + "”")
        .toStdString();
}

/// What of a widget does not show, or lies over another; empty for nothing.
std::string trouble_with(const QWidget& w, const QWidget& window) {
    // Across, nothing may be outside of what holds it; down, a panel scrolls.
    for (const QWidget* at = w.parentWidget(); at; at = at->parentWidget()) {
        const QPoint corner = w.mapTo(at, QPoint());
        if (corner.x() < -1 || corner.x() + w.width() > at->width() + 1)
            return "is cut off at the side of " + words_of(*at);
        if (at == &window)
            break;
        if (qobject_cast<const QScrollArea*>(at->parentWidget()))
            break; // its viewport
    }
    if (const auto* l = qobject_cast<const QLabel*>(&w); l && !l->text().isEmpty() && l->textFormat() != Qt::RichText) {
        const QRect room = l->contentsRect();
        if (l->wordWrap()) {
            if (l->heightForWidth(l->width()) > l->height() + 2)
                return "needs " + std::to_string(l->heightForWidth(l->width())) + " px of height and has " +
                       std::to_string(l->height());
        } else {
            int widest = 0;
            for (const QString& line : l->text().split('\n'))
                widest = std::max(widest, l->fontMetrics().horizontalAdvance(line));
            if (widest > room.width() + 1)
                return "needs " + std::to_string(widest) + " px and has " + std::to_string(room.width());
        }
    }
    if (const auto* b = qobject_cast<const QAbstractButton*>(&w); b && !b->text().isEmpty() && b->icon().isNull()) {
        const int needed = b->fontMetrics().horizontalAdvance(b->text().remove('&'));
        if (needed > b->width())
            return "needs " + std::to_string(needed) + " px and has " + std::to_string(b->width());
        if (b->height() + 1 < b->fontMetrics().height())
            return "is too low";
    }
    if (const auto* box = qobject_cast<const QComboBox*>(&w)) {
        const int arrow = 26;
        if (const int needed = box->fontMetrics().horizontalAdvance(box->currentText()) + arrow;
            needed > box->width() + 2)
            return "shows “" + box->currentText().toStdString() + "” in " + std::to_string(box->width()) + " of " +
                   std::to_string(needed) + " px";
    }
    return {};
}

bool is_shown_in_words(const QWidget* w) {
    return qobject_cast<const QLabel*>(w) || qobject_cast<const QAbstractButton*>(w) ||
           qobject_cast<const QLineEdit*>(w) || qobject_cast<const QComboBox*>(w);
}

void expect_all_fits(const QWidget& window, const std::string& where) {
    std::vector<const QWidget*> shown;
    for (const QWidget* w : window.findChildren<QWidget*>())
        if (w->isVisible() && is_shown_in_words(w) && !w->objectName().startsWith("qt_"))
            shown.push_back(w);
    for (const QWidget* w : shown) {
        const std::string trouble = trouble_with(*w, window);
        EXPECT_TRUE(trouble.empty()) << where << ": " << words_of(*w) << " " << trouble;
    }
    for (std::size_t i = 0; i < shown.size(); ++i)
        for (std::size_t k = i + 1; k < shown.size(); ++k)
            if (shown[i]->parentWidget() == shown[k]->parentWidget() && shown[i]->width() > 0 &&
                shown[k]->width() > 0) {
                EXPECT_FALSE(shown[i]->geometry().adjusted(2, 2, -2, -2).intersects(shown[k]->geometry()))
                    << where << ": " << words_of(*shown[i]) << " lies over " << words_of(*shown[k]);
            }
}

class Fit : public Window, public testing::WithParamInterface<Screen> {
  protected:
    void SetUp() override {
        QSettings().clear();
        apply_theme(*qApp, GetParam().tone);
        Window::SetUp();
        window.resize(GetParam().width, GetParam().height);
        settle();
        ASSERT_EQ(window.size(), QSize(GetParam().width, GetParam().height)) << "something in it asks for more";
    }
    void TearDown() override {
        Window::TearDown();
        apply_theme(*qApp, Tone::light);
    }
    void open_demo() {
        auto demo = load_project(QStringLiteral(DEMO_PROJECT));
        ASSERT_TRUE(demo) << demo.problem().text();
        model.project.adopt(std::move(*demo), "Tide Fair");
        settle();
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
    open_demo();
    for (const char* name : {"Puffin", "Fair badge", "Relish jars"}) {
        choose_sticker(name);
        for (StepCard* card : cards_in_sight()) {
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
    // With everything on that makes more rows.
    choose_sticker("White moon");
    for (StepCard* card : cards_in_sight())
        if (card->name() == "Border")
            card->open();
    settle();
    expect_all_fits(window, "rims");
}

TEST_P(Fit, SheetAndOutput) {
    open_demo();
    window.go_to(Place::sheet);
    settle();
    for (StepCard* card : cards_in_sight()) {
        card->open();
        settle();
        expect_all_fits(window, "Sheet, " + card->name().toStdString());
    }
    model.in_hand.select({model.document().placements[4].id});
    settle();
    expect_all_fits(window, "Sheet, a copy selected");
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

INSTANTIATE_TEST_SUITE_P(Screens, Fit,
                         testing::Values(Screen{960, 500, Tone::light}, Screen{1366, 728, Tone::dark},
                                         Screen{1280, 800, Tone::light}),
                         [](const auto& test) {
                             return std::to_string(test.param.width) +
                                    (test.param.tone == Tone::dark ? "Dark" : "Light");
                         });

} // namespace
} // namespace fusuma::app
