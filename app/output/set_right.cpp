#include "app/output/dialogs.h"

#include "app/common/save_place.h"
#include "app/model/in_background.h"
#include "app/output/correction_picture.h"
#include "app/output/form.h"
#include "app/output/print_sheet.h"
#include "app/output/save_made.h"
#include "core/photo/find_board.h"
#include "core/photo/find_print.h"
#include "core/plan/test_prints.h"
#include "core/registration/fit.h"
#include "core/sheet/paper.h"
#include "formats/basics/in_words.h"
#include "formats/cut_files/board_files.h"
#include "formats/cut_files/machine_code.h"
#include "formats/pdf/pdf_write.h"
#include "formats/picture/picture_read.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QHBoxLayout>
#include <QPrinter>
#include <cmath>
#include <numbers>

namespace fusuma::app {

namespace {

/// Whose words these are, for translators.
struct RightWords {
    Q_DECLARE_TR_FUNCTIONS(SetRight)
};

/// "1.00 mm to the left and 0.20 mm down"
QString way(Point by) {
    return RightWords::tr("%1 mm %2 and %3 mm %4")
        .arg(number_in_words(std::abs(by.x), 2))
        .arg(by.x < 0 ? RightWords::tr("to the left") : RightWords::tr("to the right"))
        .arg(number_in_words(std::abs(by.y), 2))
        .arg(by.y < 0 ? RightWords::tr("up") : RightWords::tr("down"));
}

/// Two buttons that print a test page or save it.
QWidget* ways_to_print(Model& model, Form& form, const std::function<JobPlan()>& plan, const QString& file) {
    auto* line = new QWidget;
    auto* layout = new QHBoxLayout(line);
    layout->setContentsMargins(0, 0, 0, 0);
    auto* print = button(RightWords::tr("Print it…"), "", QStringLiteral("printTestPage"),
                         RightWords::tr("On a printer of this computer"));
    auto* save = button(RightWords::tr("Save it as PDF…"), "", QStringLiteral("saveTestPage"),
                        RightWords::tr("To print it elsewhere, at actual size"));
    layout->addWidget(print);
    layout->addWidget(save);
    QObject::connect(print, &QPushButton::clicked, &form, [&model, &form, plan] {
        const auto printer = std::make_shared<QPrinter>(QPrinter::HighResolution);
        const auto page = std::make_shared<const JobPlan>(plan());
        if (ask_for_printer(*printer, page->paper, 1, &form))
            print_sheets(model, printer, page);
    });
    QObject::connect(save, &QPushButton::clicked, &form, [&model, &form, plan, file] {
        save_made(model, &form, file, MadeFile::pdf,
                  [page = plan()] { return print_pdf(page, {.with_cut_lines = false}); });
    });
    return line;
}

} // namespace

void set_printer_right(Model& model, QWidget* parent) {
    const SheetSettings sheet = model.document().sheet;
    const PrintMeasures wanted = wanted_measures(sheet);
    Form form(RightWords::tr("Set the printer right"), "printerRightDialog", model.document().unit, parent);
    form.add_words(RightWords::tr("1. Print this page on the paper you use, at actual size."));
    form.add_wide(ways_to_print(
        model, form, [sheet] { return measuring_page(sheet); }, RightWords::tr("measuring page")));
    form.add_words(
        RightWords::tr("2. Measure its three lengths with a ruler and type them in. The same numbers are printed on "
                       "the page: when yours agree, "
                       "nothing needs setting."));
    auto* left = form.add_length(RightWords::tr("A: from the left edge"), "measureLeft", 0, 500, wanted.left);
    auto* top = form.add_length(RightWords::tr("B: from the top edge"), "measureTop", 0, 500, wanted.top);
    auto* across = form.add_length(RightWords::tr("C: between the ticks"), "measureAcross", 1, 2000, wanted.across);
    auto* photo =
        button(RightWords::tr("Measure it in a photograph…"), "", QStringLiteral("measureByPhoto"),
               RightWords::tr("Lay the printed page on a darker table and take it whole: its edges and its dots "
                              "tell the three lengths."));
    auto* seen = label({}, "dim");
    seen->setObjectName(QStringLiteral("measureSeen"));
    seen->setWordWrap(true);
    form.add_wide(photo);
    form.add_wide(seen);
    auto* effect = label({}, "strong");
    effect->setObjectName(QStringLiteral("measureEffect"));
    effect->setWordWrap(true);
    form.add_wide(effect);
    auto* picture = new CorrectionPicture(sheet.paper, "printerPicture");
    form.add_wide(picture);
    const auto result = [=] { return corrected(sheet, {left->value(), top->value(), across->value()}); };
    const double down = sheet.paper.height / 2;
    const auto show = [=] {
        const auto printer = result();
        const double off_left = left->value() - wanted.left, off_top = top->value() - wanted.top,
                     off_right = off_left + across->value() - wanted.across;
        picture->show_seen({{{wanted.left, wanted.top}, {off_left, off_top}},
                            {{wanted.left + wanted.across, wanted.top}, {off_right, off_top}},
                            {{wanted.left, down}, {off_left, off_top}},
                            {{wanted.left + wanted.across, down}, {off_right, off_top}}});
        effect->setText(
            printer ? RightWords::tr("Prints will be moved %1, and be stretched to %2 %.")
                          .arg(way(printer->shift))
                          .arg(number_in_words(100 * printer->stretch_x, 2))
                    : RightWords::tr("That is more than 20 mm or 20 % off: was the page printed at actual size?"));
    };
    for (auto* field : {left, top, across})
        QObject::connect(field, &NumberField::edited, &form, show);
    const auto take = [=](const Result<Registration>& print) {
        const bool is_found = print && print->accepted;
        restyle(seen, "role", is_found ? "dim" : "attention");
        if (!is_found) {
            seen->setText(in_words(print ? print->reason : print.problem().said()));
            return;
        }
        const PrintMeasures measured = measures_of(sheet, print->fit);
        left->set_value(measured.left);
        top->set_value(measured.top);
        across->set_value(measured.across);
        const double turn = pose_of(print->fit, {sheet.paper.width / 2, sheet.paper.height / 2}).turn;
        seen->setText(
            RightWords::tr("Seen with an error of %1 mm left. The print is turned on its paper by %2°, which a "
                           "printer's guides mend and a correction does not.")
                .arg(number_in_words(print->residual, 2))
                .arg(number_in_words(turn * 180 / std::numbers::pi, 2)));
        show();
    };
    QObject::connect(photo, &QPushButton::clicked, &form, [=, &form] {
        const QString path = ask_for_photograph(&form, RightWords::tr("The photograph of the printed page"));
        if (path.isEmpty())
            return;
        photo->setEnabled(false);
        seen->setText(RightWords::tr("Looking for the page…"));
        in_background(
            form.worker, &form,
            [path, sheet, stop = form.start_anew()]() -> Result<Registration> {
                const auto page = read_picture(path);
                if (!page)
                    return page.problem();
                return print_on_its_paper(*(*page)->pixels.get(), sheet.paper, measuring_page(sheet).pages.front().marks,
                                          known_camera(**page), {.stop = stop});
            },
            [=](const Result<Registration>& print) {
                photo->setEnabled(true);
                take(print);
            },
            [=](const QString& why) {
                photo->setEnabled(true);
                seen->setText(why);
            });
    });
    show();
    if (!form.run(RightWords::tr("Use it")))
        return;
    if (const auto printer = result())
        model.project.edit(RightWords::tr("Set the printer right"), [printer](Document d) {
            d.sheet.printer = *printer;
            return d;
        });
}

void set_machine_right(Model& model, QWidget* parent) {
    const Document& document = model.document();
    const SheetSettings sheet = document.sheet;
    const auto places = machine_test_places(sheet);
    Form form(RightWords::tr("Set the machine right"), "machineRightDialog", document.unit, parent);
    if (places.empty()) {
        form.add_words(RightWords::tr("The cut zone is too small for a test sheet."));
        form.run(RightWords::tr("Close"));
        return;
    }
    form.add_words(RightWords::tr("1. Print the test sheet, then cut it with its HP-GL as you cut your stickers."));
    form.add_wide(ways_to_print(
        model, form, [sheet] { return machine_test(sheet); }, RightWords::tr("machine test")));
    auto* cut = button(RightWords::tr("Save its cut as HP-GL…"), "", QStringLiteral("saveMachineCut"),
                       RightWords::tr("For your cutter"));
    form.add_wide(cut);
    QObject::connect(cut, &QPushButton::clicked, &form, [&] {
        save_made(model, &form, RightWords::tr("machine test"), MadeFile::hpgl, [sheet, material = document.material] {
            const JobPlan plan = machine_test(sheet);
            return machine_code(plain_job(plan.pages.front().cuts, plan.paper, sheet.cutter, material));
        });
    });
    form.add_words(RightWords::tr("2. How far was each square cut beside its print? Right and down count positive."));
    std::vector<std::pair<NumberField*, NumberField*>> fields;
    for (std::size_t i = 0; i < places.size(); ++i) {
        const QString number = QString::number(i + 1);
        fields.emplace_back(form.add_length(RightWords::tr("Square %1, right").arg(number),
                                            ("offRight" + std::to_string(i + 1)).c_str(), -20, 20, 0),
                            form.add_length(RightWords::tr("Square %1, down").arg(number),
                                            ("offDown" + std::to_string(i + 1)).c_str(), -20, 20, 0));
    }
    auto* effect = label({}, "strong");
    effect->setObjectName(QStringLiteral("machineEffect"));
    effect->setWordWrap(true);
    form.add_wide(effect);
    auto* picture = new CorrectionPicture(sheet.paper, "machinePicture");
    form.add_wide(picture);
    const auto result = [&] {
        std::vector<Point> off;
        for (const auto& [right, down] : fields)
            off.push_back({right->value(), down->value()});
        return corrected(sheet, off);
    };
    const auto show = [&] {
        const CutterProfile cutter = result();
        std::vector<CorrectionPicture::Seen> seen;
        for (std::size_t i = 0; i < places.size(); ++i)
            seen.push_back({places[i], {fields[i].first->value(), fields[i].second->value()}});
        picture->show_seen(std::move(seen));
        effect->setText(RightWords::tr("Cuts will be moved %1, turned %2° and stretched to %3 × %4 %.")
                            .arg(way(cutter.shift))
                            .arg(number_in_words(cutter.turn * 180 / std::numbers::pi, 3))
                            .arg(number_in_words(100 * cutter.stretch_x, 2))
                            .arg(number_in_words(100 * cutter.stretch_y, 2)));
    };
    for (const auto& [right, down] : fields) {
        QObject::connect(right, &NumberField::edited, &form, show);
        QObject::connect(down, &NumberField::edited, &form, show);
    }
    show();
    if (form.run(RightWords::tr("Use it")))
        model.project.edit(RightWords::tr("Set the machine right"), [cutter = result()](Document d) {
            d.sheet.cutter = cutter;
            return d;
        });
}

void ask_for_board(Model& model, QWidget* parent) {
    Form form(RightWords::tr("Photo board"), "boardDialog", model.document().unit, parent);
    form.add_words(
        RightWords::tr("A sheet with marks round a free inside. A photograph of whatever lies on it is laid flat "
                       "in true millimetres, and a printed sheet on it is found for your cutter. Print it at "
                       "actual size on stiff paper."));
    auto* paper = new QComboBox;
    paper->setObjectName(QStringLiteral("boardPaper"));
    const std::vector<Board> boards = usual_boards();
    for (const Board& board : boards)
        paper->addItem(in_words(paper_name(board.paper)));
    form.add(RightWords::tr("Paper"), paper);
    const auto chosen = [=] { return boards[static_cast<std::size_t>(paper->currentIndex())]; };
    form.add_wide(ways_to_print(
        model, form, [chosen] { return board_page(chosen()); }, RightWords::tr("photo board")));
    form.add_words(
        RightWords::tr("Or let your cutter draw it with a pen in place of the blade: then its marks lie where the "
                       "machine says, however the paper lies in it."));
    auto* draw = button(RightWords::tr("Save it as HP-GL to draw…"), "", QStringLiteral("saveBoardHpgl"),
                        RightWords::tr("In the ways of a machine with nothing special"));
    form.add_wide(draw);
    QObject::connect(draw, &QPushButton::clicked, &form, [&] {
        save_made(model, &form, RightWords::tr("photo board"), MadeFile::hpgl,
                  [board = chosen()] { return board_hpgl(board, plain_machine(board.paper)); });
    });
    form.run(RightWords::tr("Done"));
}

} // namespace fusuma::app
