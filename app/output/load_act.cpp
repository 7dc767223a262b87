#include "app/common/enum_words.h"
#include "app/common/save_place.h"
#include "app/output/act_card.h"
#include "app/output/arrow_pad.h"
#include "formats/basics/in_words.h"

#include <QVBoxLayout>
#include <numbers>

namespace fusuma::app {

using Stage = RunStage::Stage;

LoadAct::LoadAct(Model& project, OutputRun& output_run, QWidget* pointing_view)
    : ActCard(project, output_run, 2, tr("Load and find"), "load"), view(pointing_view) {
    method = new Choices(labels<MarkMethod>());
    method->setToolTip(
        tr("How the cutter learns where the print lies: its sensor looks for the marks, you drive a pointer "
           "over them, or the sheet lies square in its corner."));
    rows->addWidget(method);
    about = add_words("dim", "loadMachine");
    words = add_words("dim", "loadWords");
    figures = add_words("strong", "loadFigures");
    load = button(tr("Load for practice"), "primary", QStringLiteral("loadSheet"),
                  tr("The printed sheet is in the machine: find where the print lies."));
    rows->addWidget(load);
    by_photo = button(tr("By a photograph…"), "", QStringLiteral("findByPhoto"),
                      tr("The sheet lies on the photo board, and the board in the corner of the machine's nought: one "
                         "picture of both tells where the print lies."));
    rows->addWidget(by_photo);
    connect(by_photo, &QPushButton::clicked, this, [this] {
        const QString path = ask_for_photograph(this, tr("The photograph of the sheet on the board"));
        if (!path.isEmpty())
            run.finder.load_photographed(path);
    });
    take = button(tr("Take this place"), "primary", QStringLiteral("takeMark"),
                  tr("The mark is under the pointer (Return)."));
    skip = button(tr("Leave it out"), "", QStringLiteral("skipMark"), tr("This mark cannot be seen."));
    back = button(tr("Back"), "", QStringLiteral("backMark"), tr("Take the mark before this one anew (Backspace)."));
    enough = button(tr("That is enough"), "", QStringLiteral("endPointing"),
                    tr("Use the marks taken so far: three or more."));
    pad =
        arrow_pad("head", tr("Move the head"), [this](Point way) { run.finder.step_pointer(head_step() * way, true); });
    rows->addWidget(pad);
    rows->addWidget(take);
    add_line({back, skip});
    rows->addWidget(enough);
    anyway =
        button({}, "", QStringLiteral("acceptFound"), tr("Use the marks that were found, with less to check them by."));
    by_hand =
        button(tr("Find it by hand"), "", QStringLiteral("findByHand"), tr("Drive a pointer over the marks yourself."));
    rows->addWidget(anyway);
    rows->addWidget(by_hand);
    faults = button(tr("Simulate faults…"), "link", QStringLiteral("practiceFaults"),
                    tr("Make the practice devices lie: crooked sheets, stretched prints, smudged marks, dull blades."));
    faults->setProperty("alsoFound",
                        tr("smudge missing mark noise ink spread stretch upside down backlash blade connection"));
    rows->addWidget(faults, 0, Qt::AlignLeft);
    connect(method, &Choices::picked, this, [this](int i) { run.finder.set_method(choice_at<MarkMethod>(i)); });
    connect(load, &QPushButton::clicked, this, [this] { run.finder.load(); });
    connect(take, &QPushButton::clicked, this, [this] { run.finder.take_mark(); });
    connect(skip, &QPushButton::clicked, this, [this] { run.finder.skip_mark(); });
    connect(back, &QPushButton::clicked, this, [this] { run.finder.back_mark(); });
    connect(enough, &QPushButton::clicked, this, [this] { run.finder.end_pointing(); });
    connect(anyway, &QPushButton::clicked, this, [this] { run.finder.accept_found(); });
    connect(by_hand, &QPushButton::clicked, this, [this] { run.finder.set_method(MarkMethod::by_hand); });
    connect(faults, &QPushButton::clicked, this, &LoadAct::faults_wanted);
    connect(&run.progress, &RunStage::changed, this, [this] { refresh(); });
    connect(&run.machine, &ChosenMachine::changed, this, [this] { refresh(); });
    refresh();
}

namespace {

/// Without a minus before nought.
QString figure(double value, int decimals) {
    const double rounded = QString::number(value, 'f', decimals).toDouble();
    return number_in_words(rounded == 0 ? 0 : rounded, decimals);
}

} // namespace

void LoadAct::refresh() {
    const Stage stage = run.stage();
    const Registration& r = run.finder.registration();
    const bool is_found = stage >= Stage::found;
    const auto marks = run.printed.ticket()
                           ? run.printed.ticket()->pages[static_cast<std::size_t>(run.printed.page())].marks
                           : std::vector<Mark>{};
    const int all = static_cast<int>(marks.size());
    const bool is_practice = run.machine.is_practice();
    const bool is_there = run.printed.ticket() && run.printed.ticket()->document->sheet.photographed;
    method->set_chosen(place_of(run.finder.method()));
    method->setEnabled(!run.is_cutting());
    method->set_enabled(place_of(MarkMethod::sensor), run.finder.has_sensor());
    about->setText(is_practice ? tr("In the practice cutter.") : tr("In “%1”.").arg(run.machine.name()));
    set_state(stage < Stage::printed ? (model.document().sheet.photographed ? tr("take it first") : tr("print first"))
              : stage == Stage::loading ? tr("looking…")
              : stage == Stage::refused ? tr("not found")
              : stage == Stage::pointing
                  ? tr("mark %1 of %2").arg(run.finder.marks_asked() + 1).arg(run.finder.marks_to_ask())
              : !is_found                                     ? tr("ready")
              : run.finder.method() == MarkMethod::paper_edge ? tr("by its edge")
                                                              : tr("found %1 of %2").arg(r.marks_found).arg(all),
              stage >= Stage::printed && stage < Stage::found);
    QString text;
    if (stage == Stage::pointing)
        text = (is_practice
                    ? tr("Drive the pointer over %1. Arrow keys move it by 0.5 mm, with Shift 5 mm, with Alt 0.05 mm; "
                         "Return takes it.")
                    : tr("Drive the machine's lifted head over %1. Arrow keys move it by 0.5 mm, with Shift 5 mm, with "
                         "Alt 0.05 mm; Return takes the place."))
                   .arg(in_words(name_of(marks, run.finder.wanted_mark())));
    else if (stage == Stage::refused || is_found)
        text = in_words(r.reason);
    else
        text = run.finder.method() == MarkMethod::sensor ? tr("The sensor looks for all marks, however the sheet lies.")
               : run.finder.method() == MarkMethod::paper_edge && is_there
                   ? tr("This machine's pen drew the board, or it lies square in the corner of the machine's nought.")
               : run.finder.method() == MarkMethod::paper_edge
                   ? tr("The sheet lies in the corner of the machine's nought, square.")
               : is_practice ? tr("You show three marks or more with a pointer.")
                             : tr("You drive the machine's head over three marks or more.");
    words->setText(text);
    words->setVisible(!text.isEmpty());
    restyle(words, "role", stage == Stage::refused ? "attention" : "dim");
    figures->setVisible(is_found);
    if (is_found && run.printed.ticket()) {
        const Size paper = run.printed.ticket()->paper;
        const Pose pose = pose_of(r.fit, {paper.width / 2, paper.height / 2});
        QStringList lines;
        if (run.finder.method() != MarkMethod::paper_edge) {
            lines << tr("Turned %1°, shifted %2, %3 mm\nStretched %4 % across, %5 % down")
                         .arg(figure(pose.turn * 180 / std::numbers::pi, 2), figure(pose.shift.x, 1),
                              figure(pose.shift.y, 1), figure(100 * (pose.stretch_x - 1), 2),
                              figure(100 * (pose.stretch_y - 1), 2));
            lines << tr("Error left %1 mm").arg(number_in_words(r.residual, 2));
        }
        const auto faulty = static_cast<int>(run.cutting.faulty().size());
        if (!run.cutting.out_of_reach().isEmpty())
            lines << run.cutting.out_of_reach() + '.';
        else if (is_practice)
            lines << tr("Cuts within %1 mm of their print%2")
                         .arg(number_in_words(run.cutting.judgement().worst_error, 2))
                         .arg(faulty == 0 ? QString()
                                          : tr("; %n stickers would show it", nullptr, static_cast<int>(faulty)));
        figures->setText(lines.join('\n'));
        restyle(figures, "role", faulty > 0 ? "attention" : "fine");
    }
    const bool is_pointing = stage == Stage::pointing;
    load->setVisible(!is_pointing);
    by_photo->setVisible(!is_pointing && !is_practice && !is_there);
    by_photo->setEnabled(stage >= Stage::printed && stage != Stage::loading && !run.is_cutting());
    load->setEnabled(stage >= Stage::printed && stage != Stage::loading && !run.is_cutting());
    load->setText(stage == Stage::refused ? tr("Try again")
                  : is_found              ? tr("Load it again")
                  : is_practice           ? tr("Load for practice")
                                          : tr("The sheet is in: find the print"));
    restyle(load, "role", stage == Stage::printed ? "primary" : "");
    for (auto* b : {take, skip, back, enough})
        b->setVisible(is_pointing);
    back->setEnabled(run.finder.marks_asked() > 0);
    enough->setEnabled(std::ranges::count_if(run.finder.pointed(), [](const auto& p) { return p.has_value(); }) >= 3);
    anyway->setVisible(stage == Stage::refused && run.finder.method() == MarkMethod::sensor && r.marks_found >= 3);
    anyway->setText(tr("Use the %1 that were found").arg(r.marks_found));
    by_hand->setVisible(stage == Stage::refused && run.finder.method() != MarkMethod::by_hand);
    faults->setEnabled(!run.is_cutting());
    faults->setVisible(is_practice);
    pad->setVisible(is_pointing && !is_practice);
    if (is_pointing && !view->hasFocus() && isVisible())
        view->setFocus(); // its keys drive the pointer
}

} // namespace fusuma::app
