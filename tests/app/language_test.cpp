// The window in other languages: in a made-up one, in which every message is doubled and bracketed, nothing stays
// outside of brackets; in it and in those that there are, nothing is cut off; from right to left, panels change sides,
// paper and pictures do not.

#include "app/common/enum_words.h"
#include "app/common/step_card.h"
#include "app/model/profiles.h"
#include "app/sheet/sheet_view.h"
#include "core/border/border.h"
#include "core/cutting/material.h"
#include "formats/basics/in_words.h"
#include "tests/app/dialogs.h"
#include "tests/app/fits.h"
#include "tests/app/in_language.h"

#include <QHeaderView>
#include <QRegularExpression>
#include <QTranslator>
#include <QTreeWidget>

namespace fusuma::app {
namespace {

/// Every word twice, as no language is longer.
QString doubled(const QString& words) {
    static const QRegularExpression word(QStringLiteral("(?<![%{<&\\p{L}\\w])(\\p{L}{2,})(?![\\p{L}\\w}>;])"));
    return QString(words).replace(word, QStringLiteral("\\1 \\1"));
}

/// Everything that is asked for, doubled and in brackets.
class MadeUp : public QTranslator {
  public:
    [[nodiscard]] QString translate(const char* context, const char* source, const char*, int) const override {
        const QString words = QString::fromUtf8(source);
        if (words.isEmpty() || QLatin1String(context) == QLatin1String("QShortcut"))
            return words;
        return QStringLiteral("⟦%1⟧").arg(doubled(words));
    }
    [[nodiscard]] bool isEmpty() const override { return false; }
};

/// What of a text is outside of brackets and is no number, unit or name of somebody's.
QString unbracketed(QString text, const QSet<QString>& names) {
    static const QRegularExpression innermost(QStringLiteral("⟦[^⟦⟧]*⟧"));
    for (qsizetype was = -1; was != text.size();) {
        was = text.size();
        text.remove(innermost);
    }
    static const QRegularExpression shortened(QStringLiteral("⟦[^⟦⟧]*…$")); // that had too little room
    text.remove(shortened);
    for (const QString& name : names)
        text.remove(name);
    static const QRegularExpression known(
        QStringLiteral("\\b(mm|cm|in|px|dpi|pt|g|s|min|%|Ctrl|Alt|Shift|Fusuma|USB|HP-GL|DXF|SVG|PDF|G-code)\\b"));
    text.remove(known);
    static const QRegularExpression word(QStringLiteral("\\p{L}{2,}"));
    return word.match(text).hasMatch() ? text.trimmed() : QString();
}

struct Translated {
    Translated() { QCoreApplication::installTranslator(&words); }
    ~Translated() { QCoreApplication::removeTranslator(&words); }
    MadeUp words;
};

class WindowOfSteps : public Window {
  protected:
    void choose_sticker(const char* name) {
        for (const auto& sticker : model.document().stickers)
            if (sticker->name == name)
                model.in_hand.choose_sticker(sticker->id);
        settle();
    }
    void expect_open_steps_fit(const std::string& where, std::set<QString>& seen) {
        for (auto* card : window.findChildren<StepCard*>())
            if (card->isVisible() && seen.insert(card->name()).second) {
                card->open();
                settle();
                expect_all_fits(window, where + ", " + card->name().toStdString());
            }
    }
    void expect_every_step_fits(const std::string& where, bool in_output) {
        std::set<QString> seen;
        for (const char* name : {"Fair badge", "Relish jars"}) { // parts and labels have the most words
            choose_sticker(name);
            expect_open_steps_fit(where, seen);
        }
        for (const Place place : {Place::sheet, Place::output}) {
            if (place == Place::output && !in_output)
                continue;
            window.go_to(place);
            settle();
            seen.clear();
            expect_open_steps_fit(where, seen);
        }
        EXPECT_EQ(window.size(), QSize(1280, 800)) << "something in it asks for more";
    }
};

/// The language is there before the window is.
class InAMadeUpLanguage : public Translated, public WindowOfSteps {
  protected:
    QSet<QString> names;

    void SetUp() override {
        Window::SetUp();
        window.resize(1280, 800);
        open_small_demo();
        for (const auto& sticker : model.document().stickers)
            names << QString::fromStdString(sticker->name);
        names << QStringLiteral("Tide Fair");
    }
    void look(const QWidget& at, const std::string& where, std::set<std::string>& all) {
        const auto told = [&](const QString& text, const QWidget& w) {
            if (const QString rest = unbracketed(text, names); !rest.isEmpty())
                all.insert(where + ": " + words_of(w) + ": " + rest.toStdString());
        };
        for (const QWidget* w : at.findChildren<QWidget*>()) {
            if (!w->isVisible() || w->objectName().startsWith("qt_"))
                continue;
            told(w->accessibleName(), *w);
            told(w->toolTip(), *w);
            if (const auto* l = qobject_cast<const QLabel*>(w))
                told(l->text(), *w);
            if (const auto* b = qobject_cast<const QAbstractButton*>(w))
                told(b->text(), *w);
            if (const auto* e = qobject_cast<const QLineEdit*>(w))
                told(e->placeholderText(), *w);
            if (const auto* box = qobject_cast<const QComboBox*>(w); box && box->objectName() != "labelFont")
                for (int i = 0; i < box->count(); ++i)
                    told(box->itemText(i), *w);
        }
    }
};

/// Rows that are read have their words on as many lines as those need.
void expect_whole_rows(const QTreeWidget& list, const std::string& where) {
    for (QTreeWidgetItemIterator it(const_cast<QTreeWidget*>(&list)); *it; ++it) {
        const QRect row = list.visualItemRect(*it);
        if (row.isEmpty() || (*it)->isFirstColumnSpanned())
            continue;
        const int beside = list.header()->sectionSize(0) - list.indentation() - 6;
        const QRect words = list.fontMetrics().boundingRect(0, 0, beside, 10'000, Qt::TextWordWrap, (*it)->text(0));
        EXPECT_GE(row.height(), words.height()) << where << ": " << (*it)->text(0).toStdString();
    }
}

std::string lines_of(const std::set<std::string>& all) {
    std::string lines;
    for (const std::string& line : all)
        lines += line + "\n";
    return lines;
}

/// And in dialogs nothing is cut off.
TEST_F(InAMadeUpLanguage, NothingStaysUnbracketed) {
    std::set<std::string> outside;
    for (const QAction* action : window.findChildren<QAction*>())
        if (const QString rest = unbracketed(action->text(), names); !rest.isEmpty())
            outside.insert("menu: " + rest.toStdString());
    for (const char* name : {"Puffin", "Fair badge", "Relish jars", "White moon"}) {
        choose_sticker(name);
        for (auto* card : window.findChildren<StepCard*>())
            if (card->isVisible()) {
                card->open();
                settle();
                look(window, name + (", " + card->name().toStdString()), outside);
            }
    }
    EachDialog dialogs(window, [&](QDialog& dialog, const std::string& by) {
        look(dialog, by, outside);
        expect_all_fits(dialog, by);
        if (const auto* keys = dialog.findChild<QTreeWidget*>("keyList"))
            expect_whole_rows(*keys, by);
        EXPECT_LE(dialog.width(), 1280) << by;
        EXPECT_LE(dialog.height(), 800) << by;
    });
    for (const Place place : {Place::bench, Place::sheet, Place::output}) {
        window.go_to(place);
        if (place == Place::sheet)
            model.in_hand.select({model.document().placements[0].id});
        settle();
        look(window, "place " + std::to_string(static_cast<int>(place)), outside);
        dialogs.open_all();
    }
    EXPECT_GE(dialogs.seen(), 15u);
    EXPECT_EQ(lines_of(outside), "");
}

TEST_F(InAMadeUpLanguage, NothingIsCutOff) {
    expect_every_step_fits("doubled", true);
}

TEST(Messages, TakeValuesByTheLocaleAndOnce) {
    const QLocale before;
    QLocale::setDefault(QLocale(QLocale::German, QLocale::Germany));
    EXPECT_EQ(length_in_words(1.5, Unit::mm).toStdString(), "1,5 mm");
    EXPECT_EQ(in_words("{a} and {b}"_said.with("a", "{b}").with("b", 2.25, 2)).toStdString(), "{b} and 2,25");
    EXPECT_EQ(in_words("{all} are here"_said.with_list("all", {"one"_said, "two"_said, "three"_said})).toStdString(),
              "one, two und three are here");
    QLocale::setDefault(before);
    const auto gulls = [](std::size_t n) {
        return in_words("%n gulls came."_said.counted(n, "%n gull came.")).toStdString();
    };
    EXPECT_EQ(gulls(1), "1 gull came.") << "without a translation the sentence has its own two forms";
    EXPECT_EQ(gulls(3), "3 gulls came.");
}

struct Spoken : testing::WithParamInterface<const char*> {
    const InLanguage language{GetParam()};
};

class Language : public Spoken, public WindowOfSteps {};

/// Those that stand in no tr() are found by another way.
TEST_P(Language, MessagesAndChoicesAreInIt) {
    EXPECT_NE(in_words("“{file}” does not exist."_said.with("file", "a")).toStdString(), "“a” does not exist.");
    EXPECT_NE(label_text(Holes::keep).toStdString(), label_of(Holes::keep));
    for (const Material& material : usual_materials())
        EXPECT_NE(QCoreApplication::translate("words", material.name.c_str()).toStdString(), material.name);
}

/// One that comes with Fusuma keeps its name in the project, however it is read.
TEST_P(Language, MaterialsKeepTheirNamesWhenTheirSettingsChange) {
    model.project.edit("material", [](Document d) {
        d.material = usual_materials()[1];
        return d;
    });
    const std::string name = model.document().material.name;
    window.go_to(Place::output);
    settle();
    in_dialog(
        "materialDialog",
        [&](QDialog& d) {
            EXPECT_EQ(d.findChild<QLineEdit*>("materialName")->text(), material_in_words(name));
            EXPECT_NE(material_in_words(name).toStdString(), name);
            type_in(d, "kissPasses", "3");
        },
        [&] { click("materialSettings"); });
    EXPECT_EQ(model.document().material.name, name);
    EXPECT_EQ(model.document().material.kiss.passes, 3);
}

TEST_P(Language, NothingIsCutOff) {
    window.resize(1280, 800);
    open_small_demo();
    // Working the sheet out for Output takes its time; German has the longest words there.
    expect_every_step_fits(GetParam(), GetParam() == std::string("de"));
}

INSTANTIATE_TEST_SUITE_P(Shipped, Language, testing::Values("de", "es", "fr", "ja"),
                         [](const auto& test) { return test.param; });

struct FromTheRight {
    FromTheRight() { QApplication::setLayoutDirection(Qt::RightToLeft); }
    ~FromTheRight() { QApplication::setLayoutDirection(Qt::LeftToRight); }
};

class Mirrored : public FromTheRight, public Translated, public Window {};

TEST_F(Mirrored, PanelsChangeSidesPaperDoesNot) {
    window.resize(1280, 800);
    open_small_demo();
    window.go_to(Place::sheet);
    settle();
    const auto* view = window.findChild<SheetView*>();
    const auto* tray = window.findChild<QWidget*>("tray");
    ASSERT_TRUE(view && tray);
    EXPECT_GT(tray->mapTo(&window, QPoint()).x(), view->mapTo(&window, QPoint()).x() + view->width() / 2);
    const auto* bench_door = window.findChild<QAbstractButton*>("door1");
    ASSERT_TRUE(bench_door);
    EXPECT_GT(bench_door->mapTo(&window, QPoint()).x(), window.width() / 2) << "what comes first lies at the right";
    const Placement& copy = model.document().placements.front();
    const Placement* other = nullptr;
    for (const Placement& p : model.document().placements)
        if (p.centre.x > copy.centre.x + 5)
            other = &p;
    ASSERT_TRUE(other);
    EXPECT_LT(view->to_view().map(QPointF(copy.centre.x, 0)).x(), view->to_view().map(QPointF(other->centre.x, 0)).x());
    expect_all_fits(window, "mirrored");
}

} // namespace
} // namespace fusuma::app
