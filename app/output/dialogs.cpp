#include "app/output/dialogs.h"

#include "app/model/profiles.h"
#include "app/output/form.h"
#include "app/output/save_made.h"
#include "core/plan/cut_page.h"
#include "formats/basics/in_words.h"
#include "formats/cut_files/hpgl.h"
#include "formats/cut_files/machine_code.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QRandomGenerator>
#include <algorithm>
#include <array>
#include <numbers>

namespace fusuma::app {

namespace {

constexpr double one_degree = std::numbers::pi / 180;

/// Whose words these are, for translators.
struct DialogWords {
    Q_DECLARE_TR_FUNCTIONS(OutputDialogs)
};

QComboBox* mark_choice(const std::vector<Mark>& marks, const std::vector<std::size_t>& chosen, const char* name) {
    auto* box = new QComboBox;
    box->setObjectName(QLatin1String(name));
    box->addItem(DialogWords::tr("none"));
    for (std::size_t i = 0; i < marks.size(); ++i)
        box->addItem(in_words(name_of(marks, i)));
    box->setCurrentIndex(chosen.empty() ? 0 : static_cast<int>(chosen.front()) + 1);
    return box;
}

std::vector<std::size_t> chosen_mark(const QComboBox* box) {
    return box->currentIndex() > 0 ? std::vector{static_cast<std::size_t>(box->currentIndex() - 1)}
                                   : std::vector<std::size_t>{};
}

} // namespace

void ask_for_faults(OutputRun& run, QWidget* parent) {
    PracticeFaults f = run.faults();
    const auto marks = run.printed.ticket()
                           ? run.printed.ticket()->pages[static_cast<std::size_t>(run.printed.page())].marks
                           : std::vector<Mark>{};
    Form form(DialogWords::tr("Simulate faults"), "faultsDialog", Unit::mm, parent);
    form.add_words(DialogWords::tr(
        "The practice devices behave as badly as you ask, so that everything can be tried without spoiling a sheet."));
    form.add_heading(DialogWords::tr("Practice cutter: how the sheet lies"));
    auto* x = form.add_length(DialogWords::tr("Too far right"), "faultRight", -30, 30, f.load.shift.x);
    auto* y = form.add_length(DialogWords::tr("Too far down"), "faultDown", -30, 30, f.load.shift.y);
    auto* turn = form.add_number(DialogWords::tr("Turned"), "faultTurn", -20, 20, f.load.turn / one_degree, 0.1,
                                 QStringLiteral("°"));
    auto* upside = new QCheckBox(DialogWords::tr("Upside down"));
    upside->setObjectName(QStringLiteral("faultUpsideDown"));
    upside->setChecked(f.load.upside_down);
    form.add_wide(upside);
    auto* crooked = button(DialogWords::tr("Any crooked way"), "", QStringLiteral("faultCrooked"),
                           DialogWords::tr("As a sheet may be laid in by hand"));
    form.add_wide(crooked);
    QObject::connect(crooked, &QPushButton::clicked, &form, [=] {
        const auto between = [](double most) { return (QRandomGenerator::global()->generateDouble() * 2 - 1) * most; };
        x->set_value(between(3));
        y->set_value(between(3));
        turn->set_value(between(2));
    });
    form.add_heading(DialogWords::tr("Marks and sensor"));
    auto* smudged = mark_choice(marks, f.load.smudged, "faultSmudged");
    auto* missing = mark_choice(marks, f.load.missing, "faultMissing");
    form.add(DialogWords::tr("Smudged"), smudged);
    form.add(DialogWords::tr("Covered"), missing);
    auto* noise = form.add_number(DialogWords::tr("Sensor noise"), "faultNoise", 0, 60, f.load.noise, 1,
                                  DialogWords::tr("of 255"));
    form.add_heading(DialogWords::tr("Practice printer"));
    auto* stretch_x = form.add_number(DialogWords::tr("Stretched across"), "faultStretchX", -5, 5,
                                      100 * (f.print.pose.stretch_x - 1), 0.1, QStringLiteral("%"));
    auto* stretch_y = form.add_number(DialogWords::tr("Stretched down"), "faultStretchY", -5, 5,
                                      100 * (f.print.pose.stretch_y - 1), 0.1, QStringLiteral("%"));
    auto* print_x =
        form.add_length(DialogWords::tr("Prints too far right"), "faultPrintRight", -10, 10, f.print.pose.shift.x);
    auto* print_y =
        form.add_length(DialogWords::tr("Prints too far down"), "faultPrintDown", -10, 10, f.print.pose.shift.y);
    auto* spread = form.add_length(DialogWords::tr("Ink spreads"), "faultInk", 0, 0.5, f.print.ink_spread);
    auto* clipped = form.add_length(DialogWords::tr("Edges it leaves blank"), "faultClipped", 0, 30, f.print.clipped);
    form.add_heading(DialogWords::tr("Practice cutter: blade and line"));
    auto* blade = form.add_length(DialogWords::tr("Blade trails by"), "faultBlade", 0, 2, f.machine.blade_offset);
    auto* backlash = form.add_length(DialogWords::tr("Play in its axes"), "faultBacklash", 0, 2, f.machine.backlash);
    auto* drop = form.add_number(DialogWords::tr("Connection drops after"), "faultDrop", -1, 100000,
                                 f.machine.drop_after, 1, DialogWords::tr("lines"));
    drop->setToolTip(DialogWords::tr("−1 for never"));
    if (!form.run(DialogWords::tr("Use these")))
        return;
    f.load.shift = {x->value(), y->value()};
    f.load.turn = turn->value() * one_degree;
    f.load.upside_down = upside->isChecked();
    f.load.smudged = chosen_mark(smudged);
    f.load.missing = chosen_mark(missing);
    f.load.noise = noise->value();
    f.print.pose = {
        {print_x->value(), print_y->value()}, 0, 1 + stretch_x->value() / 100, 1 + stretch_y->value() / 100};
    f.print.ink_spread = spread->value();
    f.print.clipped = clipped->value();
    f.machine.blade_offset = blade->value();
    f.machine.backlash = backlash->value();
    f.machine.drop_after = static_cast<int>(drop->value());
    run.set_faults(f);
}

void ask_for_material(Model& model, QWidget* parent) {
    Material m = model.document().material;
    Form form(DialogWords::tr("Material"), "materialDialog", model.document().unit, parent);
    const QString name_before = material_in_words(m.name);
    auto* name = new QLineEdit(name_before);
    name->setObjectName(QStringLiteral("materialName"));
    form.add(DialogWords::tr("Name"), name);
    struct Fields {
        NumberField *force, *speed, *passes;
    };
    const auto tooling = [&](const QString& title, const Tooling& t, const char* key) {
        form.add_heading(title);
        const std::string k(key);
        return Fields{
            form.add_number(DialogWords::tr("Force"), (k + "Force").c_str(), 0, 10000, t.force, 5, QStringLiteral("g")),
            form.add_number(DialogWords::tr("Speed"), (k + "Speed").c_str(), 1, 5000, t.speed, 10,
                            QStringLiteral("mm/s")),
            form.add_number(DialogWords::tr("Passes"), (k + "Passes").c_str(), 1, most_passes, t.passes, 1)};
    };
    const Fields kiss = tooling(DialogWords::tr("Kiss cut"), m.kiss, "kiss"),
                 score = tooling(DialogWords::tr("Score"), m.score, "score"),
                 through = tooling(DialogWords::tr("Through cut"), m.through, "through");
    form.add_heading(DialogWords::tr("Blade"));
    form.add_words(
        DialogWords::tr("The tip of a drag blade trails its axis; Fusuma leads it round corners. Leave 0 when the "
                        "machine does that itself."));
    auto* offset = form.add_length(DialogWords::tr("Tip trails by"), "bladeOffset", 0, 2, m.blade_offset);
    auto* overcut = form.add_length(DialogWords::tr("Overcut"), "overcut", 0, 5, m.overcut);
    form.add_heading(DialogWords::tr("Scores and tabs"));
    auto* dash = form.add_length(DialogWords::tr("Dash"), "dash", 0.1, 100, m.dash);
    auto* dash_gap = form.add_length(DialogWords::tr("Gap (0: unbroken)"), "dashGap", 0, 100, m.dash_gap);
    auto* tabs = form.add_number(DialogWords::tr("Tabs on each through cut"), "tabs", 0, most_tabs, m.tabs, 1);
    auto* tab = form.add_length(DialogWords::tr("Length of a tab"), "tab", 0, 20, m.tab);
    auto* keep = new QCheckBox(DialogWords::tr("Keep it under this name for other projects"));
    keep->setObjectName(QStringLiteral("keepMaterial"));
    form.add_wide(keep);
    auto* square =
        button(DialogWords::tr("Save a test square…"), "", QStringLiteral("testSquare"),
               DialogWords::tr("HP-GL of a 20 mm square in a 30 mm one: kiss inside, through outside. Lift a corner to "
                               "see whether the force is right."));
    form.add_wide(square);
    const auto read = [&] {
        const auto of = [](const Fields& f) {
            return Tooling{static_cast<int>(f.force->value()), f.speed->value(), static_cast<int>(f.passes->value())};
        };
        const QString now = name->text().trimmed();
        return Material{now == name_before ? m.name : now.toStdString(),
                        of(kiss),
                        of(score),
                        of(through),
                        offset->value(),
                        overcut->value(),
                        dash->value(),
                        dash_gap->value(),
                        static_cast<int>(tabs->value()),
                        tab->value()};
    };
    QObject::connect(square, &QPushButton::clicked, &form, [&] {
        const Size paper = model.document().sheet.paper;
        const auto at = [](double side, CutKind kind) {
            const Point middle{40, 40}, half{side / 2, side / 2};
            return CutPath{contour_of(corners_of({middle - half, middle + half})), kind, CopyId::none};
        };
        save_made(model, &form, DialogWords::tr("test square"), MadeFile::hpgl,
                  [now = read(), paper, paths = std::vector{at(20, CutKind::kiss), at(30, CutKind::through)}] {
                      Machine machine = plain_machine(paper);
                      machine.hpgl.sets_speed = machine.hpgl.sets_force = true;
                      return cut_hpgl(cut_page(paths, paper, {}, now), now, machine);
                  });
    });
    if (!form.run(DialogWords::tr("Use it")))
        return;
    const Material chosen = read();
    if (chosen.name.empty())
        return;
    if (keep->isChecked())
        save_profile(chosen);
    model.project.edit(DialogWords::tr("Material"), [chosen](Document d) {
        d.material = chosen;
        return d;
    });
}

void ask_for_inks(Model& model, QWidget* parent) {
    InkNames inks = model.document().inks;
    Form form(DialogWords::tr("Inks of cut lines"), "inksDialog", Unit::mm, parent);
    form.add_words(DialogWords::tr(
        "In a PDF each kind of cut is a layer in a spot colour of its own. Print shops ask for certain names."));
    const auto add = [&](const QString& caption, const char* name, const std::string& now) {
        auto* field = new QLineEdit(QString::fromStdString(now));
        field->setObjectName(QLatin1String(name));
        field->setMaxLength(60);
        form.add(caption, field);
        return field;
    };
    auto* kiss = add(DialogWords::tr("Kiss cut"), "inkKiss", inks.kiss);
    auto* score = add(DialogWords::tr("Score"), "inkScore", inks.score);
    auto* through = add(DialogWords::tr("Through cut"), "inkThrough", inks.through);
    if (!form.run(DialogWords::tr("Use these")))
        return;
    const auto name = [](const QLineEdit* field, const std::string& before) {
        const QString typed = field->text().trimmed();
        return typed.isEmpty() ? before : typed.toStdString();
    };
    inks = {name(kiss, inks.kiss), name(score, inks.score), name(through, inks.through)};
    model.project.edit(DialogWords::tr("Inks of cut lines"), [inks](Document d) {
        d.inks = inks;
        return d;
    });
}

} // namespace fusuma::app
