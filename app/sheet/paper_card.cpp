#include "app/sheet/paper_card.h"

#include "app/common/enum_words.h"
#include "app/common/glyphs.h"
#include "app/common/save_place.h"
#include "app/model/profiles.h"
#include "core/arrange/cut_there.h"
#include "core/sheet/paper.h"
#include "formats/basics/file.h"
#include "formats/basics/in_words.h"
#include "formats/machine/mark_scheme.h"

#include <QCheckBox>
#include <QComboBox>
#include <QInputDialog>
#include <QVBoxLayout>
#include <algorithm>
#include <array>

namespace fusuma::app {

namespace {

/// Four lengths, one for each edge, in two lines.
constexpr std::array<std::pair<const char*, double Edges::*>, 4> edges{
    {{QT_TRANSLATE_NOOP("Edges", "Left"), &Edges::left},
     {QT_TRANSLATE_NOOP("Edges", "Right"), &Edges::right},
     {QT_TRANSLATE_NOOP("Edges", "Top"), &Edges::top},
     {QT_TRANSLATE_NOOP("Edges", "Bottom"), &Edges::bottom}}};

QString name_or(const std::string& name, const QString& otherwise) {
    return name.empty() ? otherwise : QString::fromStdString(name);
}

/// A body for rows that come and go together.
QWidget* rows_below(QVBoxLayout* into) {
    auto* result = new QWidget;
    (void)column(result, 0, 6);
    into->addWidget(result);
    return result;
}

} // namespace

PaperCard::PaperCard(Model& project) : SheetCard(project) {
    paper = new QComboBox;
    paper->setObjectName(QStringLiteral("paper"));
    for (const Paper& known : papers())
        for (const bool upright : {true, false}) {
            const Size size = upright ? known.size : Size{known.size.height, known.size.width};
            paper->addItem(in_words(paper_name(size)), QSizeF(size.width, size.height));
        }
    paper->addItem(tr("Custom size"));
    add_row(tr("Paper"), paper, 160);
    connect(paper, &QComboBox::activated, this, [this](int i) {
        const QVariant size = paper->itemData(i);
        if (size.isValid())
            edit_sheet(tr("Paper"), [s = size.toSizeF()](SheetSettings& sheet) {
                sheet.paper = {s.width(), s.height()};
            });
        custom_paper->setVisible(!size.isValid());
    });
    custom_paper = rows_below(rows_of_card);
    auto* paper_width = length(20, 2000, 1, "paperWidth");
    auto* paper_height = length(20, 2000, 1, "paperHeight");
    custom_paper->layout()->addWidget(row(tr("Paper width"), paper_width, 104));
    custom_paper->layout()->addWidget(row(tr("Paper height"), paper_height, 104));
    bind(paper_width, tr("Paper"), [](SheetSettings& s) -> double& { return s.paper.width; });
    bind(paper_height, tr("Paper"), [](SheetSettings& s) -> double& { return s.paper.height; });

    mirrored = new QCheckBox(tr("Mirrored, for transfer paper or film"));
    mirrored->setObjectName(QStringLiteral("mirroredSheet"));
    mirrored->setToolTip(
        tr("Printed and cut as in a mirror. Here you see the sheet as it looks in the end; marks and code "
           "stay readable on the paper."));
    rows_of_card->addWidget(mirrored);
    connect(mirrored, &QCheckBox::clicked, this,
            [this](bool on) { edit_sheet(tr("Mirrored sheet"), [on](SheetSettings& s) { s.is_mirrored = on; }); });
    division = new QComboBox;
    division->setObjectName(QStringLiteral("division"));
    division->addItems({tr("Whole page"), tr("Halves"), tr("Quarters"), tr("Grid of small sheets")});
    division->setToolTip(tr("Several little sticker sheets from one page, each with its own outer cut."));
    add_row(tr("Divide into"), division, 160);
    connect(division, &QComboBox::activated, this, [this](int i) {
        edit_sheet(tr("Small sheets"), [i](SheetSettings& s) {
            const bool is_wide = s.paper.width > s.paper.height;
            Division& d = s.division;
            d.columns = i == 0 ? 1 : i == 1 ? (is_wide ? 2 : 1) : i == 2 ? 2 : std::max(d.columns, 3);
            d.rows = i == 0 ? 1 : i == 1 ? (is_wide ? 1 : 2) : i == 2 ? 2 : std::max(d.rows, 3);
        });
    });
    small_sheet_rows = rows_below(rows_of_card);
    custom_grid = new QWidget;
    (void)column(custom_grid, 0, 6);
    columns = plain(1, most_divisions, "divisionColumns");
    rows = plain(1, most_divisions, "divisionRows");
    custom_grid->layout()->addWidget(row(tr("Columns"), columns, 104));
    custom_grid->layout()->addWidget(row(tr("Rows"), rows, 104));
    small_sheet_rows->layout()->addWidget(custom_grid);
    const auto grid = [this](NumberField* field, int Division::*member) {
        connect(field, &NumberField::edited, this, [this, member](double value) {
            edit_sheet(tr("Small sheets"), [=](SheetSettings& s) { s.division.*member = static_cast<int>(value); });
        });
    };
    grid(columns, &Division::columns);
    grid(rows, &Division::rows);
    auto* gutter = length(0, 100, 0.5, "gutter");
    small_sheet_rows->layout()->addWidget(row(tr("Between them"), gutter, 104));
    bind(gutter, tr("Small sheets"), [](SheetSettings& s) -> double& { return s.division.gutter; });
    division_cut = new QComboBox;
    division_cut->setObjectName(QStringLiteral("divisionCut"));
    division_cut->addItems(labels<Division::Cut>());
    small_sheet_rows->layout()->addWidget(row(tr("Their outline"), division_cut, 160));
    connect(division_cut, &QComboBox::activated, this, [this](int i) {
        edit_sheet(tr("Small sheets"), [i](SheetSettings& s) { s.division.cut = choice_at<Division::Cut>(i); });
    });
    lies_there = new QCheckBox(tr("Cut what lies on the photo board"));
    lies_there->setObjectName(QStringLiteral("cutWhatIsThere"));
    lies_there->setToolTip(tr("Stamped, painted or bought art is cut where it lies on the board, by its photograph. "
                              "Nothing is printed, and no copy can be moved from its art."));
    rows_of_card->addWidget(lies_there);
    connect(lies_there, &QCheckBox::clicked, this, [this](bool on) {
        model.project.edit(on ? tr("Cut what is there") : tr("Print the sheet"), [on](Document d) {
            return on ? cutting_what_lies_there(std::move(d)) : printing_it(std::move(d));
        });
    });
}

void PaperCard::refresh() {
    refresh_bound();
    const SheetSettings& sheet = model.document().sheet;
    mirrored->setChecked(sheet.is_mirrored);
    lies_there->setChecked(sheet.photographed.has_value());
    lies_there->setVisible(sheet.photographed || board_under(model.document()));
    for (QWidget* of_prints : std::initializer_list<QWidget*>{paper, mirrored, division, custom_paper})
        of_prints->setEnabled(!sheet.photographed);
    const int known = paper->findData(QSizeF(sheet.paper.width, sheet.paper.height));
    if (!paper->hasFocus() || known >= 0)
        paper->setCurrentIndex(known >= 0 ? known : paper->count() - 1);
    custom_paper->setVisible(known < 0);
    const Division& d = sheet.division;
    const int count = d.columns * d.rows;
    const int kind = d.is_whole() ? 0 : count == 2 ? 1 : d.columns == 2 && d.rows == 2 ? 2 : 3;
    division->setCurrentIndex(kind);
    custom_grid->setVisible(kind == 3);
    small_sheet_rows->setVisible(kind > 0);
    columns->set_value(d.columns);
    rows->set_value(d.rows);
    division_cut->setCurrentIndex(place_of(d.cut));
}

QString PaperCard::state() const {
    const SheetSettings& sheet = model.document().sheet;
    const QString name = in_words(paper_name(sheet.paper));
    if (sheet.photographed)
        return tr("%1 photo board").arg(name);
    return sheet.division.is_whole()
               ? name
               : tr("%1, %2 small sheets").arg(name).arg(sheet.division.columns * sheet.division.rows);
}

PrinterCard::PrinterCard(Model& project) : SheetCard(project) {
    printer = new QComboBox;
    printer->setObjectName(QStringLiteral("printer"));
    add_row(tr("Printer"), printer, 180);
    list_printers();
    connect(printer, &QComboBox::activated, this, &PrinterCard::take);
    rows_of_card->addWidget(label(tr("Margins it cannot print"), "dim"));
    for (const auto& [caption, edge] : edges) {
        auto* field = length(0, 100, 0.5, "printerMargin");
        field->setObjectName(QLatin1String("printerMargin") + QLatin1String(caption));
        add_row(QCoreApplication::translate("Edges", caption), field);
        bind(field, tr("Printer margins"),
             [edge = edge](SheetSettings& s) -> double& { return s.printer.margins.*edge; });
    }
    rows_of_card->addWidget(label(tr("As set in its print settings"), "dim"));
    scaling = plain(10, 1000, "printScaling");
    scaling->set_suffix(QStringLiteral("%"));
    scaling->setToolTip(tr("Anything but 100 % spoils every size, and the cut misses its print."));
    add_row(tr("Scaling"), scaling);
    connect(scaling, &NumberField::edited, this, [this](double percent) {
        edit_sheet(tr("Print settings"), [percent](SheetSettings& s) { s.printer.scaling = percent / 100; });
    });
    borderless = new QCheckBox(tr("Borderless"));
    borderless->setObjectName(QStringLiteral("borderless"));
    rows_of_card->addWidget(borderless);
    connect(borderless, &QCheckBox::clicked, this, [this](bool on) {
        edit_sheet(tr("Print settings"), [on](SheetSettings& s) { s.printer.borderless = on; });
    });
    rows_of_card->addWidget(label(tr("Correction of its prints"), "dim"));
    auto* right = length(-20, 20, 0.1, "correctRight");
    auto* down = length(-20, 20, 0.1, "correctDown");
    right->setToolTip(tr("Prints come out too far left by this much, so they are moved right."));
    down->setToolTip(tr("Prints come out too high by this much, so they are moved down."));
    add_row(tr("Move right"), right);
    add_row(tr("Move down"), down);
    bind(right, tr("Correction"), [](SheetSettings& s) -> double& { return s.printer.shift.x; });
    bind(down, tr("Correction"), [](SheetSettings& s) -> double& { return s.printer.shift.y; });
    const auto stretch = [this](const QString& caption, const char* name, double PrinterProfile::*member) {
        auto* field = plain(80, 125, name);
        field->set_suffix(QStringLiteral("%"));
        add_row(caption, field);
        connect(field, &NumberField::edited, this, [this, member](double percent) {
            edit_sheet(tr("Correction"), [=](SheetSettings& s) { s.printer.*member = percent / 100; });
        });
        return field;
    };
    stretch_x = stretch(tr("Stretch width to"), "stretchAcross", &PrinterProfile::stretch_x);
    stretch_y = stretch(tr("Stretch height to"), "stretchDown", &PrinterProfile::stretch_y);
    auto* keep = button(tr("Save this printer as…"), "", QStringLiteral("savePrinter"),
                        tr("Keeps margins, settings and correction under a name, for other projects."));
    rows_of_card->addWidget(keep);
    connect(keep, &QPushButton::clicked, this, [this] {
        bool ok = false;
        const QString name = QInputDialog::getText(this, tr("Save this printer"), tr("Name"), QLineEdit::Normal,
                                                   QString::fromStdString(model.document().sheet.printer.name), &ok);
        if (!ok || name.trimmed().isEmpty())
            return;
        edit_sheet(tr("Printer"), [&](SheetSettings& s) { s.printer.name = name.trimmed().toStdString(); });
        save_profile(model.document().sheet.printer);
        list_printers();
        refresh();
    });
}

void PrinterCard::list_printers() {
    printer->clear();
    printer->addItem(tr("Any printer"));
    for (const PrinterProfile& p : saved_printers())
        printer->addItem(QString::fromStdString(p.name), true);
    for (const PrinterProfile& p : system_printers())
        printer->addItem(QString::fromStdString(p.name), false);
}

void PrinterCard::take(int index) {
    PrinterProfile chosen;
    const auto among = [&](const std::vector<PrinterProfile>& list) {
        const auto it = std::ranges::find(list, printer->itemText(index).toStdString(), &PrinterProfile::name);
        if (it != list.end())
            chosen = *it;
    };
    if (index > 0)
        among(printer->itemData(index).toBool() ? saved_printers() : system_printers());
    edit_sheet(tr("Printer"), [&](SheetSettings& s) { s.printer = chosen; });
}

void PrinterCard::refresh() {
    refresh_bound();
    const PrinterProfile& p = model.document().sheet.printer;
    const int at = printer->findText(QString::fromStdString(p.name));
    if (at < 0 && !p.name.empty())
        printer->addItem(QString::fromStdString(p.name), true);
    printer->setCurrentIndex(p.name.empty() ? 0 : at < 0 ? printer->count() - 1 : at);
    scaling->set_value(p.scaling * 100);
    stretch_x->set_value(p.stretch_x * 100);
    stretch_y->set_value(p.stretch_y * 100);
    borderless->setChecked(p.borderless);
}

QString PrinterCard::state() const {
    return name_or(model.document().sheet.printer.name, tr("any printer"));
}

CutterCard::CutterCard(Model& project) : SheetCard(project) {
    kind = new QComboBox;
    kind->setObjectName(QStringLiteral("markKind"));
    for (const Word<MarkKind>& w : words<MarkKind>)
        kind->addItem(glyph(w.value), label_text(w.value));
    add_row(tr("Marks"), kind, 180);
    connect(kind, &QComboBox::activated, this, [this](int i) {
        const auto chosen = choice_at<MarkKind>(i);
        if (chosen == MarkKind::scheme)
            load_scheme();
        else
            edit_sheet(tr("Marks"), [chosen](SheetSettings& s) { s.marks.kind = chosen; });
    });
    size = length(0.2, 40, 0.5, "markSize");
    size_row = add_row(tr("Size of a mark"), size);
    connect(size, &NumberField::edited, this, [this](double mm) {
        edit_sheet(
            tr("Marks"), [mm](SheetSettings& s) { s.marks.radius = mm / 2; }, QStringLiteral("markSize"));
    });
    auto* inset = length(2, 200, 0.5, "markInset");
    inset_row = add_row(tr("Marks from edge"), inset);
    bind(inset, tr("Marks"), [](SheetSettings& s) -> double& { return s.marks.inset; });
    auto* line = length(0.05, 5, 0.1, "markLine");
    line_row = add_row(tr("Line width"), line);
    bind(line, tr("Marks"), [](SheetSettings& s) -> double& { return s.marks.line; });
    auto* clear = length(0, 50, 0.5, "keepClear");
    clear_row = add_row(tr("Keep clear round each"), clear);
    bind(clear, tr("Marks"), [](SheetSettings& s) -> double& { return s.marks.keep_clear; });

    cutter = new QComboBox;
    cutter->setObjectName(QStringLiteral("cutter"));
    add_row(tr("Cutter"), cutter, 180);
    list_cutters();
    connect(cutter, &QComboBox::activated, this, [this](int i) {
        CutterProfile chosen;
        const auto list = saved_cutters();
        if (i > 0 && i <= static_cast<int>(list.size()))
            chosen = list[static_cast<std::size_t>(i) - 1];
        edit_sheet(tr("Cutter"), [&](SheetSettings& s) { s.cutter = chosen; });
    });
    rows_of_card->addWidget(label(tr("Edges it cannot reach"), "dim"));
    for (const auto& [caption, edge] : edges) {
        auto* field = length(0, 200, 0.5, "cutterMargin");
        field->setObjectName(QLatin1String("cutterMargin") + QLatin1String(caption));
        add_row(QCoreApplication::translate("Edges", caption), field);
        bind(field, tr("Cutter margins"), [edge = edge](SheetSettings& s) -> double& { return s.cutter.reach.*edge; });
    }
    mat = new QCheckBox(tr("It feeds a mat"));
    mat->setObjectName(QStringLiteral("mat"));
    mat->setToolTip(tr("The edges it cannot reach are then the mat's."));
    rows_of_card->addWidget(mat);
    connect(mat, &QCheckBox::clicked, this,
            [this](bool on) { edit_sheet(tr("Mat"), [on](SheetSettings& s) { s.cutter.has_mat = on; }); });
    mat_rows = rows_below(rows_of_card);
    const auto mat_row = [this](const QString& caption, const char* name, double least,
                                const std::function<double&(SheetSettings&)>& of) {
        auto* field = length(least, 2000, 1, name);
        mat_rows->layout()->addWidget(row(caption, field, 104));
        bind(field, tr("Mat"), of);
    };
    mat_row(tr("Mat width"), "matWidth", 20, [](SheetSettings& s) -> double& { return s.cutter.mat.width; });
    mat_row(tr("Mat height"), "matHeight", 20, [](SheetSettings& s) -> double& { return s.cutter.mat.height; });
    mat_row(tr("Paper from its left"), "matLeft", 0,
            [](SheetSettings& s) -> double& { return s.cutter.paper_on_mat.x; });
    mat_row(tr("Paper from its top"), "matTop", 0, [](SheetSettings& s) -> double& { return s.cutter.paper_on_mat.y; });
    auto* keep = button(tr("Save this cutter as…"), "", QStringLiteral("saveCutter"),
                        tr("Keeps what it reaches under a name, for other projects."));
    rows_of_card->addWidget(keep);
    connect(keep, &QPushButton::clicked, this, [this] {
        bool ok = false;
        const QString name = QInputDialog::getText(this, tr("Save this cutter"), tr("Name"), QLineEdit::Normal,
                                                   QString::fromStdString(model.document().sheet.cutter.name), &ok);
        if (!ok || name.trimmed().isEmpty())
            return;
        edit_sheet(tr("Cutter"), [&](SheetSettings& s) { s.cutter.name = name.trimmed().toStdString(); });
        save_profile(model.document().sheet.cutter);
        list_cutters();
        refresh();
    });
}

void CutterCard::list_cutters() {
    cutter->clear();
    cutter->addItem(tr("Any cutter"));
    for (const CutterProfile& c : saved_cutters())
        cutter->addItem(QString::fromStdString(c.name));
}

void CutterCard::load_scheme() {
    const QString path = ask_which_file(this, tr("Mark scheme"), tr("Mark schemes (*.json)"), QStringLiteral("scheme"));
    refresh(); // the list shows what is in use until a file is taken
    if (path.isEmpty())
        return;
    model.file_work.look_at(
        tr("Reading “%1”").arg(QFileInfo(path).fileName()),
        [path] { return load_mark_scheme(path); },
        [this, path, for_project = model.project.generation()](const Result<MarkScheme>& scheme) {
            if (!scheme)
                emit model.messages.problem(in_words("“{file}”: {trouble}"_said.with("file", file_name_of(path))
                                                         .with("trouble", scheme.problem().said())));
            else if (for_project == model.project.generation())
                edit_sheet(tr("Marks"), [&](SheetSettings& s) {
                    s.marks.kind = MarkKind::scheme;
                    s.marks.scheme = *scheme;
                });
        });
}

void CutterCard::refresh() {
    refresh_bound();
    const SheetSettings& sheet = model.document().sheet;
    const MarkKind now = sheet.marks.kind;
    kind->setCurrentIndex(place_of(now));
    kind->setItemText(place_of(MarkKind::scheme), now == MarkKind::scheme
                                                      ? QString::fromStdString(sheet.marks.scheme.name)
                                                      : label_text(MarkKind::scheme));
    size->set_value(2 * sheet.marks.radius);
    const bool is_ours = now == MarkKind::dots || now == MarkKind::crosses;
    size_row->setVisible(is_ours);
    inset_row->setVisible(is_ours);
    line_row->setVisible(now == MarkKind::crosses);
    clear_row->setVisible(now != MarkKind::none);
    kind->setEnabled(!sheet.photographed); // the board has its own
    clear_row->setEnabled(!sheet.photographed);
    const int at = cutter->findText(QString::fromStdString(sheet.cutter.name));
    if (at < 0 && !sheet.cutter.name.empty())
        cutter->addItem(QString::fromStdString(sheet.cutter.name));
    cutter->setCurrentIndex(sheet.cutter.name.empty() ? 0 : at < 0 ? cutter->count() - 1 : at);
    mat->setChecked(sheet.cutter.has_mat);
    mat_rows->setVisible(sheet.cutter.has_mat);
}

QString CutterCard::state() const {
    const SheetSettings& sheet = model.document().sheet;
    switch (sheet.marks.kind) {
    case MarkKind::dots:
        return tr("5 round dots");
    case MarkKind::crosses:
        return tr("4 crosses");
    case MarkKind::scheme:
        return QString::fromStdString(sheet.marks.scheme.name);
    case MarkKind::none:
        break;
    }
    return tr("no marks");
}

} // namespace fusuma::app
