#include "app/bench/label_step.h"

#include "app/bench/lettering_dialog.h"
#include "app/common/colour_button.h"
#include "app/common/colour_patch.h"
#include "app/common/enum_words.h"
#include "app/common/glyphs.h"
#include "app/common/more.h"
#include "app/common/painting.h"
#include "app/common/save_place.h"
#include "app/common/theme.h"
#include "core/arrange/label_list.h"
#include "formats/basics/file.h"
#include "formats/basics/in_words.h"
#include "formats/fonts/fonts.h"
#include "formats/label/calendars.h"
#include "formats/label/table_read.h"
#include "formats/picture/picture_read.h"

#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QDateEdit>
#include <QDialog>
#include <QFileDialog>
#include <QGridLayout>
#include <QGuiApplication>
#include <QPlainTextEdit>
#include <QTabBar>
#include <algorithm>
#include <cmath>
#include <set>

namespace fusuma::app {

namespace {

constexpr double mm_per_pt = 25.4 / 72;

} // namespace

LabelStep::LabelStep(Model& project) : model(project) {
    auto* layout = step_layout(this);
    layout->addWidget(text_part());
    layout->addWidget(shape_part());
    auto* colours = new More(QStringLiteral("moreLabelColours"), tr("Colours of the label"));
    colours->rows().addWidget(colour_part());
    layout->addWidget(colours);
    auto* picture = new More(QStringLiteral("moreLabelPicture"), tr("Letters' cut, margin, line, picture"));
    picture->rows().addWidget(letters_cut);
    picture->rows().addWidget(margin_row);
    picture->rows().addWidget(frame_part());
    picture->rows().addWidget(picture_part());
    layout->addWidget(picture);
    auto* list = new More(QStringLiteral("moreLabelList"), tr("A list of labels"));
    list->rows().addWidget(list_part());
    layout->addWidget(list);
}

NumberField* LabelStep::length(double least_mm, double most_mm, double step, const char* name, const QString& why) {
    auto* field = new NumberField(NumberField::Kind::length, least_mm, most_mm, step, QLatin1String(name));
    field->setToolTip(why);
    lengths.push_back(field);
    return field;
}

QWidget* LabelStep::text_part() {
    auto* body = new QWidget;
    auto* layout = column(body, 0, 6);
    tabs = new QTabBar;
    tabs->setObjectName(QStringLiteral("labelTexts"));
    tabs->setAccessibleName(tr("Texts of the label"));
    tabs->setExpanding(false);
    tabs->setDrawBase(false);
    tabs->setMinimumHeight(px(28)); // tabs come while it is not shown
    auto* add = button(tr("Add text"), "link", QStringLiteral("addText"), tr("Another text, in a style of its own."));
    remove_text = button(tr("Remove"), "link", QStringLiteral("removeText"), tr("Take this text off the label."));
    auto* head = new QHBoxLayout;
    head->setSpacing(2);
    head->addWidget(tabs, 1);
    head->addWidget(add);
    head->addWidget(remove_text);
    layout->addLayout(head);
    connect(tabs, &QTabBar::currentChanged, this, [this](int i) {
        if (is_refreshing || i < 0)
            return;
        text = static_cast<std::size_t>(i);
        refresh_text(model.document().unit);
    });
    connect(add, &QPushButton::clicked, this, [this] {
        text = shown.design->texts.size();
        edit(tr("Add text"), [](LabelDesign& d) {
            if (d.texts.size() >= most_texts)
                return;
            LabelText fresh = d.texts.empty() ? LabelText{} : d.texts.back();
            fresh.words = "more words";
            fresh.size *= 0.6;
            if (!fresh.font.font)
                fresh.font.font = find_font(fresh.font.family, false, false);
            d.texts.push_back(std::move(fresh));
        });
    });
    connect(remove_text, &QPushButton::clicked, this, [this] {
        const std::size_t gone = text;
        text = 0;
        edit(tr("Remove text"), [gone](LabelDesign& d) {
            if (gone < d.texts.size())
                d.texts.erase(d.texts.begin() + static_cast<std::ptrdiff_t>(gone));
        });
    });
    words = new QPlainTextEdit;
    words->setObjectName(QStringLiteral("labelWords"));
    words->setAccessibleName(tr("Words"));
    words->setFixedHeight(px(54));
    words->setTabChangesFocus(true);
    words->setToolTip(
        tr("What stands on the label. A column of the list goes in braces: {name}. Also {number}, {date}."));
    layout->addWidget(words);
    connect(words, &QPlainTextEdit::textChanged, this, [this] {
        if (!is_refreshing)
            edit_text(
                tr("Words"), [this](LabelText& t) { t.words = words->toPlainText().toStdString(); },
                QStringLiteral("words"));
    });

    family = new QComboBox;
    family->setObjectName(QStringLiteral("labelFont"));
    family->setAccessibleName(tr("Font"));
    family->setMaxVisibleItems(16);
    family->setMinimumContentsLength(10);
    family->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    for (const std::string& name : font_families())
        family->addItem(QString::fromStdString(name));
    for (int i = 0; i < family->count(); ++i) { // each in its own face
        QFont face(family->itemText(i));
        face.setPixelSize(14);
        family->setItemData(i, face, Qt::FontRole);
    }
    bold = button(tr("Bold"), "", QStringLiteral("labelBold"), tr("Bold letters."));
    italic = button(tr("Italic"), "", QStringLiteral("labelItalic"), tr("Slanted letters."));
    bold->setCheckable(true);
    italic->setCheckable(true);
    auto* font_line = new QHBoxLayout;
    font_line->setSpacing(4);
    font_line->addWidget(family, 1);
    font_line->addWidget(bold);
    font_line->addWidget(italic);
    layout->addLayout(font_line);
    const auto set_font = [this](const QString& label_words, const std::function<void(FontChoice&)>& change) {
        edit_text(label_words, [&](LabelText& t) {
            change(t.font);
            t.font.font = find_font(t.font.family, t.font.is_bold, t.font.is_italic);
        });
    };
    connect(family, &QComboBox::activated, this, [this, set_font] {
        set_font(tr("Font"), [this](FontChoice& f) { f.family = family->currentText().toStdString(); });
    });
    connect(bold, &QPushButton::clicked, this,
            [set_font](bool on) { set_font(tr("Bold"), [on](FontChoice& f) { f.is_bold = on; }); });
    connect(italic, &QPushButton::clicked, this,
            [set_font](bool on) { set_font(tr("Italic"), [on](FontChoice& f) { f.is_italic = on; }); });
    font_words = label({}, "attention");
    font_words->setWordWrap(true);
    layout->addWidget(font_words);

    size = plain_field(1, 800, 1, "labelSize", QStringLiteral("pt"), tr("Size of the letters; 72 pt are an inch."));
    connect(size, &NumberField::edited, this, [this](double pt) {
        edit_text(
            tr("Size"), [pt](LabelText& t) { t.size = pt * mm_per_pt; }, QStringLiteral("size of text"));
    });
    size->setAccessibleName(tr("Size of the letters"));
    fits = new QCheckBox(tr("Fill the room"));
    fits->setObjectName(QStringLiteral("labelFits"));
    fits->setToolTip(tr("As large as the label allows, whatever stands there."));
    connect(fits, &QCheckBox::clicked, this,
            [this](bool on) { edit_text(tr("Fill the room"), [on](LabelText& t) { t.fits_room = on; }); });
    auto* size_line = new QHBoxLayout;
    size_line->addWidget(fits);
    size_line->addStretch();
    size_line->addWidget(size);
    size->setFixedWidth(px(80));
    layout->addLayout(size_line);
    least = plain_field(1, 100, 0.5, "labelLeast", QStringLiteral("pt"),
                        tr("Longer words are shrunk down to this; below it the row is reported."));
    connect(least, &NumberField::edited, this, [this](double pt) {
        edit_text(
            tr("Least size"), [pt](LabelText& t) { t.least_size = pt * mm_per_pt; }, QStringLiteral("least size"));
    });
    auto* more = new More(QStringLiteral("moreLabelText"), tr("Spacing, run and least size"));
    more->rows().addWidget(row(tr("May shrink to"), least, 80));
    align = new Choices(labels<TextAlign>());
    align->setToolTip(tr("By the ink itself, so that what looks centred is."));
    connect(align, &Choices::picked, this,
            [this](int i) { edit_text(tr("Align"), [i](LabelText& t) { t.align = choice_at<TextAlign>(i); }); });
    layout->addWidget(align);
    run = new QComboBox;
    run->setObjectName(QStringLiteral("labelRun"));
    run->addItems(labels<TextRun>());
    connect(run, &QComboBox::activated, this,
            [this](int i) { edit_text(tr("Run of the text"), [i](LabelText& t) { t.run = choice_at<TextRun>(i); }); });
    more->rows().addWidget(row(tr("Runs"), run, 150));
    line_spacing =
        plain_field(50, 500, 5, "lineSpacing", QStringLiteral("%"), tr("From one line to the next, of the size."));
    connect(line_spacing, &NumberField::edited, this, [this](double percent) {
        edit_text(
            tr("Line spacing"), [percent](LabelText& t) { t.line_spacing = percent / 100; },
            QStringLiteral("line spacing"));
    });
    more->rows().addWidget(row(tr("Line spacing"), line_spacing, 80));
    letter_spacing =
        plain_field(-30, 300, 1, "letterSpacing", QStringLiteral("%"), tr("Added after every letter, of the size."));
    connect(letter_spacing, &NumberField::edited, this, [this](double percent) {
        edit_text(
            tr("Letter spacing"), [percent](LabelText& t) { t.letter_spacing = percent / 100; },
            QStringLiteral("letter spacing"));
    });
    more->rows().addWidget(row(tr("Letter spacing"), letter_spacing, 80));
    colour = new ColourButton(QStringLiteral("labelTextColour"), tr("Colour of the letters"), tr("By contrast"));
    connect(colour, &ColourButton::edited, this, [this](std::optional<Rgb> c) {
        edit_text(tr("Colour of the letters"), [c](LabelText& t) { t.colour = c; });
    });
    layout->addWidget(row(tr("Colour"), colour, 100));
    day = new QDateEdit;
    day->setObjectName(QStringLiteral("labelDay"));
    day->setCalendarPopup(true);
    day->setDisplayFormat(QStringLiteral("d MMM yyyy"));
    day->setToolTip(tr("What {date} means on these labels."));
    connect(day, &QDateEdit::dateChanged, this, [this](QDate date) {
        edit(
            tr("Date"),
            [date](LabelDesign& d) {
                d.day = {date.year(), date.month(), date.day()};
            },
            QStringLiteral("day"));
    });
    day->findChild<QLineEdit*>()->setAccessibleName(tr("The labels' date"));
    layout->addWidget(day_row = row(tr("{date} is"), day, 120));
    dates_in = new QComboBox;
    dates_in->setObjectName(QStringLiteral("datesIn"));
    dates_in->setToolTip(tr("The language that {date} is written in on these labels."));
    for (const QString& language : calendar_languages())
        dates_in->addItem(QLocale(language).nativeLanguageName(), language);
    connect(dates_in, &QComboBox::activated, this, [this] {
        edit(tr("Language of dates"),
             [in = calendar_in(dates_in->currentData().toString())](LabelDesign& d) { d.calendar = in; });
    });
    layout->addWidget(dates_in_row = row(tr("Written in"), dates_in, 120));
    layout->addWidget(more);
    return body;
}

QWidget* LabelStep::shape_part() {
    auto* body = new QWidget;
    auto* layout = column(body, 0, 6);
    shape = new QComboBox;
    shape->setObjectName(QStringLiteral("labelShape"));
    for (const Word<LabelShape>& w : fusuma::words<LabelShape>)
        shape->addItem(glyph(w.value), label_text(w.value));
    connect(shape, &QComboBox::activated, this,
            [this](int i) { edit(tr("Shape"), [i](LabelDesign& d) { d.shape.kind = choice_at<LabelShape>(i); }); });
    layout->addWidget(row(tr("Shape"), shape, 160));
    const auto bind = [this](NumberField* field, const QString& words_of_edit, double ShapeNumbers::*number) {
        connect(field, &NumberField::edited, this, [this, words_of_edit, number](double v) {
            edit(
                words_of_edit, [&](LabelDesign& d) { d.shape.*number = v; }, words_of_edit);
        });
    };
    width = length(2, 1000, 1, "labelWidth", tr("Of the whole label."));
    height = length(2, 1000, 1, "labelHeight", tr("Of the whole label."));
    bind(width, tr("Label width"), &ShapeNumbers::width);
    bind(height, tr("Label height"), &ShapeNumbers::height);
    auto* both = new QWidget;
    auto* line = new QHBoxLayout(both);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(6);
    line->addWidget(width);
    line->addWidget(label(QStringLiteral("×")));
    line->addWidget(height);
    layout->addWidget(row(tr("Size"), both, 180));
    width->setAccessibleName(tr("Width"));
    height->setAccessibleName(tr("Height"));
    corner = length(0, 500, 0.5, "labelCorner",
                    tr("Radius of round or notched corners; how much is cut off a tag's; the notch of a banner."));
    bind(corner, tr("Corners"), &ShapeNumbers::corner);
    layout->addWidget(corner_row = row(tr("Corners"), corner, 100));
    hole = length(0, 200, 0.5, "labelHole", tr("Across the hole for the string; 0 for none."));
    bind(hole, tr("Hole"), &ShapeNumbers::hole);
    layout->addWidget(hole_row = row(tr("Hole"), hole, 100));
    points = plain_field(3, 60, 1, "labelPoints", {}, tr("How many points the star has."));
    connect(points, &NumberField::edited, this, [this](double v) {
        edit(
            tr("Points"), [v](LabelDesign& d) { d.shape.points = static_cast<int>(std::lround(v)); },
            QStringLiteral("points"));
    });
    layout->addWidget(points_row = row(tr("Points"), points, 100));
    depth = plain_field(0, 90, 1, "labelDepth", QStringLiteral("%"), tr("How far the star's notches go in."));
    connect(depth, &NumberField::edited, this, [this](double v) {
        edit(
            tr("Depth"), [v](LabelDesign& d) { d.shape.depth = v / 100; }, QStringLiteral("depth"));
    });
    layout->addWidget(depth_row = row(tr("Notches"), depth, 100));
    safety = length(0, 100, 0.25, "labelSafety",
                    tr("Words and pictures keep this far from the edge, so that a slip does not cut them."));
    connect(safety, &NumberField::edited, this, [this](double v) {
        edit(
            tr("Safety distance"), [v](LabelDesign& d) { d.safety = v; }, QStringLiteral("safety"));
    });
    margin_row = row(tr("Words keep from the edge"), safety, 80);
    letters_cut = new QCheckBox(tr("Cut the letters, too"));
    letters_cut->setObjectName(QStringLiteral("lettersCut"));
    letters_cut->setToolTip(tr("Letters only print unless this is asked for."));
    connect(letters_cut, &QCheckBox::clicked, this, [this](bool on) {
        edit(tr("Cut the letters"),
             [on](LabelDesign& d) { d.letters_cut = on ? std::optional(CutKind::kiss) : std::nullopt; });
    });
    return body;
}

QWidget* LabelStep::colour_part() {
    auto* body = new QWidget;
    auto* layout = column(body, 0, 6);
    layout->addWidget(label(tr("Colours, of a whole list at once"), "dim"));
    auto* grid = new QGridLayout;
    grid->setSpacing(4);
    for (std::size_t i = 0; i < swatches().size(); ++i) {
        const Swatch& swatch = swatches()[i];
        const QString name = QString::fromLatin1(swatch.name);
        auto* choice = new ColourPatch(QStringLiteral("swatch%1").arg(i), name, name);
        choice->setText(QStringLiteral("Aa"));
        choice->setFixedHeight(px(24));
        choice->show_colour(swatch.ground, swatch.lettering);
        connect(choice, &QPushButton::clicked, this, [this, i] {
            edit(tr("Colours"), [i](LabelDesign& d) { d = recoloured(std::move(d), swatches()[i]); });
        });
        grid->addWidget(choice, static_cast<int>(i / 5), static_cast<int>(i % 5));
    }
    layout->addLayout(grid);
    ground = new ColourButton(QStringLiteral("labelGround"), tr("Ground"), tr("Paper"));
    connect(ground, &ColourButton::edited, this,
            [this](std::optional<Rgb> c) { edit(tr("Ground"), [c](LabelDesign& d) { d.ground = c; }); });
    layout->addWidget(row(tr("Ground"), ground, 100));
    return body;
}

QWidget* LabelStep::frame_part() {
    auto* body = new QWidget;
    auto* layout = column(body, 0, 6);
    frame = length(0, 50, 0.1, "labelFrame", tr("Thickness of a line printed inside the edge; 0 for none."));
    inset = length(0, 100, 0.25, "labelInset", tr("From the edge to that line."));
    connect(frame, &NumberField::edited, this, [this](double v) {
        edit(
            tr("Line inside"), [v](LabelDesign& d) { d.frame.width = v; }, QStringLiteral("frame"));
    });
    connect(inset, &NumberField::edited, this, [this](double v) {
        edit(
            tr("Line inside"), [v](LabelDesign& d) { d.frame.inset = v; }, QStringLiteral("inset"));
    });
    layout->addWidget(row(tr("Line inside the edge"), frame, 80));
    layout->addWidget(frame_row = row(tr("as far in as"), inset, 80));
    return body;
}

QWidget* LabelStep::picture_part() {
    auto* body = new QWidget;
    auto* layout = column(body, 0, 6);
    auto* choose =
        button(tr("Picture…"), "", QStringLiteral("labelPicture"), tr("An icon or a picture beside the words."));
    no_picture = button(tr("No picture"), "", QStringLiteral("labelNoPicture"), tr("Takes it off again."));
    connect(choose, &QPushButton::clicked, this, &LabelStep::choose_picture);
    connect(no_picture, &QPushButton::clicked, this,
            [this] { edit(tr("No picture"), [](LabelDesign& d) { d.picture = {}; }); });
    layout->addWidget(side_by_side({choose, no_picture}));
    picture_rows = new QWidget;
    auto* rows = column(picture_rows, 0, 6);
    picture_place = new QComboBox;
    picture_place->setObjectName(QStringLiteral("picturePlace"));
    picture_place->addItems(labels<PicturePlace>());
    connect(picture_place, &QComboBox::activated, this, [this](int i) {
        edit(tr("Place of the picture"), [i](LabelDesign& d) { d.picture.place = choice_at<PicturePlace>(i); });
    });
    rows->addWidget(row(tr("Stands"), picture_place, 160));
    share = plain_field(5, 90, 5, "pictureShare", QStringLiteral("%"), tr("Of the room that words and picture share."));
    connect(share, &NumberField::edited, this, [this](double v) {
        edit(
            tr("Size of the picture"), [v](LabelDesign& d) { d.picture.share = v / 100; }, QStringLiteral("share"));
    });
    rows->addWidget(row(tr("Takes"), share, 80));
    layout->addWidget(picture_rows);
    return body;
}

QWidget* LabelStep::list_part() {
    auto* body = new QWidget;
    auto* layout = column(body, 0, 6);
    list_words = label({}, "dim");
    list_words->setObjectName(QStringLiteral("listWords"));
    list_words->setWordWrap(true);
    layout->addWidget(list_words);
    auto* paste = button(tr("Paste a list"), "", QStringLiteral("pasteList"),
                         tr("Rows copied from a table or a text: one label for each."));
    auto* file = button(tr("From a file…"), "", QStringLiteral("listFile"),
                        tr("CSV or text; separator and encoding are found out."));
    connect(paste, &QPushButton::clicked, this, &LabelStep::paste_list);
    connect(file, &QPushButton::clicked, this, &LabelStep::list_from_file);
    layout->addWidget(side_by_side({paste, file}));
    list_letters = button(tr("Letters are wrong…"), "link", QStringLiteral("listLetters"),
                          tr("The file does not say how its letters are written; choose where its words are right."));
    connect(list_letters, &QPushButton::clicked, this, &LabelStep::choose_letters);
    layout->addWidget(list_letters);
    list_rows = new QWidget;
    auto* rows = column(list_rows, 0, 6);
    header = new QCheckBox(tr("The first row names the columns"));
    header->setObjectName(QStringLiteral("listHeader"));
    header->setToolTip(tr("Off, the first row is a label like the others, and the columns are {1}, {2}, …"));
    connect(header, &QCheckBox::clicked, this, [this](bool on) {
        edit(tr("First row of the list"), [on](LabelDesign& d) {
            if (!d.table)
                return;
            const auto before = d.table;
            d.table = std::make_shared<const Table>(with_header(*before, on));
            for (LabelText& t : d.texts) // fields go on meaning the same column
                for (std::size_t i = 0; i < std::min(before->columns.size(), d.table->columns.size()); ++i) {
                    const std::string was = "{" + before->columns[i] + "}", is = "{" + d.table->columns[i] + "}";
                    for (std::size_t at = 0; (at = t.words.find(was, at)) != std::string::npos; at += is.size())
                        t.words.replace(at, was.size(), is);
                }
        });
    });
    rows->addWidget(header);
    row_field = plain_field(1, most_rows, 1, "listRow", {}, tr("Which row's label is shown here."));
    connect(row_field, &NumberField::edited, this, [this](double v) {
        model.in_hand.edit_sticker(
            tr("Show a row"),
            [v](Sticker& s) { std::get<LabelArtwork>(s.artwork).row = static_cast<std::size_t>(std::lround(v)) - 1; },
            QStringLiteral("row"));
    });
    rows->addWidget(row(tr("Shows row"), row_field, 80));
    put_list = button(tr("Put the whole list on the sheet"), "primary", QStringLiteral("putList"),
                      tr("One label for every row, over as many pages as it takes."));
    connect(put_list, &QPushButton::clicked, this, [this] {
        const auto sticker = model.in_hand.sticker();
        if (!sticker)
            return;
        model.searches.search(tr("Placing the list"), [id = sticker->id, page = model.in_hand.page()](
                                                          const Document& d, Planner& evaluator, const Work& work,
                                                          const Searches::Improved&) {
            const FillReport report = place_list(d, evaluator, id, 1, page, FillWay::rows, work);
            const auto absent = rows_without_copy(report.document, id);
            const int missing = static_cast<int>(absent.size());
            const QString came_of_it =
                missing == 0 ? tr("%1 labels are on the sheet.")
                : are_larger_than_zone(report.document, evaluator, id, absent)
                    ? tr("%1 labels are on the sheet; %n row(s) of the list are larger than the cut zone.", nullptr,
                         missing)
                    : tr("%1 labels are on the sheet; %n row(s) of the list are on no page.", nullptr, missing);
            return Searches::Searched{report.document, came_of_it.arg(report.placed[0])};
        });
    });
    one_size = new QCheckBox(tr("One text size on all"));
    one_size->setObjectName(QStringLiteral("oneSize"));
    one_size->setToolTip(tr("Every text as large as it can be on all labels of the list, so that they look alike."));
    connect(one_size, &QCheckBox::clicked, this,
            [this](bool on) { edit(tr("One text size on all"), [on](LabelDesign& d) { d.in_one_size = on; }); });
    rows->addWidget(one_size);
    rows->addWidget(put_list);
    picture_column = new QComboBox;
    picture_column->setObjectName(QStringLiteral("pictureColumn"));
    picture_column->setToolTip(
        tr("A column with names of picture files; you are asked for the folder that they lie in."));
    connect(picture_column, &QComboBox::activated, this, &LabelStep::choose_picture_column);
    rows->addWidget(row(tr("Pictures by"), picture_column, 160));
    no_list = button(tr("No list"), "link", QStringLiteral("noList"), tr("Back to a single label."));
    connect(no_list, &QPushButton::clicked, this,
            [this] { edit(tr("No list"), [](LabelDesign& d) { d.table = nullptr; }); });
    rows->addWidget(no_list);
    layout->addWidget(list_rows);
    return body;
}

namespace {

void change_design(Sticker& s, const std::function<void(LabelDesign&)>& change) {
    const auto* art = std::get_if<LabelArtwork>(&s.artwork);
    if (!art)
        return;
    auto design = std::make_shared<LabelDesign>(*art->design);
    change(*design);
    s = with_design(std::move(s), std::move(design));
}

} // namespace

void LabelStep::edit(const QString& words_of_edit, const std::function<void(LabelDesign&)>& change,
                     const QString& stroke) {
    if (is_refreshing)
        return;
    model.in_hand.edit_sticker(
        words_of_edit, [&](Sticker& s) { change_design(s, change); }, stroke);
}

void LabelStep::edit_text(const QString& words_of_edit, const std::function<void(LabelText&)>& change,
                          const QString& stroke) {
    edit(
        words_of_edit,
        [&](LabelDesign& d) {
            if (text < d.texts.size())
                change(d.texts[text]);
        },
        stroke.isEmpty() ? stroke : stroke + QString::number(text));
}

void LabelStep::choose_picture() {
    const QString path = ask_which_file(
        this, tr("Picture on the label"),
        tr("Pictures (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)"), QStringLiteral("picture"));
    if (!path.isEmpty())
        model.importer.read_picture_for_sticker(
            path, tr("Picture on the label"), [](Sticker& s, const std::shared_ptr<const Picture>& picture) {
                change_design(s, [&](LabelDesign& d) { d.picture.picture = picture; });
            });
}

LabelStep::WhichLabel LabelStep::in_hand() const {
    const auto sticker = model.in_hand.sticker();
    return {sticker ? sticker->id : 0, model.project.generation()};
}

void LabelStep::paste_list() {
    model.file_work.look_at(
        tr("Reading the clipboard"),
        [text = QGuiApplication::clipboard()->text().toUtf8()] { return read_cells(text); },
        [this, of = in_hand()](Result<ReadCells> read) {
            if (read)
                take_cells_for(of, std::move(read->cells));
            else
                emit model.messages.note(
                    tr("There is no list on the clipboard. Copy the rows of a table, then paste."));
        });
}

/// The rows go to the label that they were read for, if that is still in hand.
bool LabelStep::take_cells_for(WhichLabel of, Cells cells) {
    if (of.sticker == 0 || of != in_hand()) {
        emit model.messages.note(tr("The list was for another label. Choose that and read it again."));
        return false;
    }
    guessed_list = {};
    take_cells(std::move(cells));
    return true;
}

void LabelStep::list_from_file() {
    const QString path = ask_which_file(this, tr("List"), tr("Lists (*.csv *.tsv *.txt)"), QStringLiteral("list"));
    if (!path.isEmpty())
        read_list(in_hand(), path, {});
}

/// @param encoding  that a person has chosen; empty to have it found out
void LabelStep::read_list(WhichLabel of, const QString& path, const std::string& encoding) {
    model.file_work.look_at(
        tr("Reading “%1”").arg(QFileInfo(path).fileName()),
        [path, encoding] {
            const auto file = read_file(path, largest_table_bytes);
            return file ? read_cells(*file, encoding) : Result<ReadCells>(file.problem());
        },
        [this, path, encoding, of](Result<ReadCells> read) {
            if (!read) {
                emit model.messages.problem(in_words("“{file}”: {trouble}"_said.with("file", file_name_of(path))
                                                         .with("trouble", read.problem().said())));
                return;
            }
            const Said note = guessed(read->form);
            if (!take_cells_for(of, std::move(read->cells)) || note.empty())
                return;
            guessed_list = {of, path, read->form.encoding};
            refresh(shown, model.document().unit);
            if (encoding.empty())
                emit model.messages.note(in_words(note) + QLatin1Char(' ') +
                                         tr("If letters in it are wrong, choose others below “From a file…”."));
        });
}

void LabelStep::choose_letters() {
    model.file_work.look_at(
        tr("Reading “%1”").arg(QFileInfo(guessed_list.path).fileName()),
        [list = guessed_list] {
            const auto file = read_file(list.path, largest_table_bytes);
            return file ? Result<std::vector<Lettering>>(letterings_of(*file, list.encoding))
                        : Result<std::vector<Lettering>>(file.problem());
        },
        [this, list = guessed_list](const Result<std::vector<Lettering>>& found) {
            if (list.of != in_hand() || findChild<QDialog*>(QStringLiteral("letteringDialog")))
                return; // gone on meanwhile, or asked twice
            if (!found) {
                emit model.messages.problem(in_words("“{file}”: {trouble}"_said.with("file", file_name_of(list.path))
                                                         .with("trouble", found.problem().said())));
                return;
            }
            if (found->empty()) // the file was changed meanwhile
                return read_list(list.of, list.path, {});
            if (const auto chosen = ask_where_letters_are_right(*found, this))
                read_list(list.of, list.path, *chosen);
        });
}

/// Takes the pictures that a column names out of a folder that is asked for.
void LabelStep::choose_picture_column(int entry) {
    if (is_refreshing || !shown.design->table)
        return;
    if (entry == 0) {
        edit(tr("Pictures by column"), [](LabelDesign& d) {
            d.picture.field.clear();
            d.picture.by_name.clear();
        });
        return;
    }
    const QString folder = QFileDialog::getExistingDirectory(this, tr("Folder with the pictures"));
    if (folder.isEmpty()) {
        refresh(shown, model.document().unit);
        return;
    }
    const std::string field = shown.design->table->columns[static_cast<std::size_t>(entry - 1)];
    edit(tr("Pictures by column"), [&](LabelDesign& d) { d.picture.field = field; });
    std::set<std::string> names;
    for (const auto& cells : shown.design->table->rows)
        names.insert(cells[static_cast<std::size_t>(entry - 1)]);
    names.erase("");
    for (const std::string& name : names) // names only: a list does not reach into other folders
        model.importer.read_picture_for_sticker(
            folder + QLatin1Char('/') + QFileInfo(QString::fromStdString(name)).fileName(), tr("Pictures by column"),
            [name](Sticker& s, const std::shared_ptr<const Picture>& picture) {
                change_design(s, [&](LabelDesign& d) { d.picture.by_name[name] = picture; });
            },
            QStringLiteral("pictures by column"));
}

void LabelStep::take_cells(Cells cells) {
    std::vector<std::string> fields;
    for (const LabelText& t : shown.design->texts)
        std::ranges::move(fields_of(t.words), std::back_inserter(fields));
    const bool has_header = looks_like_header(cells, fields);
    auto table = std::make_shared<const Table>(table_of(std::move(cells), has_header));
    edit(tr("List"), [&](LabelDesign& d) {
        // Words without fields would be the same on every label: the first text takes the first column.
        const bool any_field =
            std::ranges::any_of(d.texts, [](const LabelText& t) { return !fields_of(t.words).empty(); });
        if (!any_field && !d.texts.empty() && !table->columns.empty())
            d.texts.front().words = "{" + table->columns.front() + "}";
        d.table = table;
    });
}

void LabelStep::refresh(const LabelArtwork& art, Unit unit) {
    is_refreshing = true;
    shown = art;
    const LabelDesign& d = *art.design;
    for (NumberField* field : lengths)
        field->set_unit(unit);
    const ShapeNumbers& s = d.shape;
    shape->setCurrentIndex(place_of(s.kind));
    width->set_value(s.width);
    height->set_value(s.height);
    corner->set_value(s.corner);
    hole->set_value(s.hole);
    points->set_value(s.points);
    depth->set_value(std::round(s.depth * 100));
    safety->set_value(d.safety);
    frame->set_value(d.frame.width);
    inset->set_value(d.frame.inset);
    frame_row->setVisible(d.frame.width > 0);
    corner_row->setVisible(s.kind == LabelShape::rounded || s.kind == LabelShape::notched ||
                           s.kind == LabelShape::tag || s.kind == LabelShape::banner);
    hole_row->setVisible(s.kind == LabelShape::tag);
    points_row->setVisible(s.kind == LabelShape::star);
    depth_row->setVisible(s.kind == LabelShape::star);
    letters_cut->setVisible(s.kind != LabelShape::lettering);
    letters_cut->setChecked(d.letters_cut.has_value());
    ground->set_colour(d.ground);
    picture_rows->setVisible(d.picture.picture != nullptr || !d.picture.by_name.empty());
    no_picture->setEnabled(d.picture.picture != nullptr);
    picture_place->setCurrentIndex(place_of(d.picture.place));
    share->set_value(std::round(d.picture.share * 100));
    day_row->setVisible(
        std::ranges::any_of(d.texts, [](const LabelText& t) { return t.words.find("{date") != std::string::npos; }));
    dates_in_row->setVisible(!day_row->isHidden());
    day->setDate(QDate(d.day.year, d.day.month, d.day.day));
    const QString language = d.calendar ? QString::fromStdString(d.calendar->language) : QStringLiteral("en");
    if (dates_in->findData(language) < 0)
        dates_in->addItem(QLocale(language).nativeLanguageName(), language);
    dates_in->setCurrentIndex(dates_in->findData(language));
    list_rows->setVisible(d.table != nullptr);
    list_letters->setVisible(d.table && guessed_list.of == in_hand());
    header->setChecked(d.table && has_header(*d.table));
    one_size->setChecked(d.in_one_size);
    if (d.table) {
        QStringList columns;
        for (const std::string& name : d.table->columns)
            columns << QStringLiteral("{%1}").arg(QString::fromStdString(name));
        list_words->setText(tr("A list of %1 labels, with %2.").arg(d.table->rows.size()).arg(columns.join(tr(", "))));
        row_field->set_value(static_cast<double>(art.row) + 1);
        picture_column->clear();
        picture_column->addItem(tr("no column"));
        for (const std::string& name : d.table->columns)
            picture_column->addItem(QString::fromStdString(name));
        const auto column_now = d.picture.field.empty() ? std::nullopt : d.table->column(d.picture.field);
        picture_column->setCurrentIndex(column_now ? static_cast<int>(*column_now) + 1 : 0);
    } else {
        list_words->setText(
            tr("One label, or one for every row of a list: write {name} above and paste a table with that column."));
    }
    text = std::min(text, d.texts.empty() ? 0 : d.texts.size() - 1);
    while (tabs->count() > static_cast<int>(d.texts.size()))
        tabs->removeTab(tabs->count() - 1);
    while (tabs->count() < static_cast<int>(d.texts.size()))
        tabs->addTab(tr("Text %1").arg(tabs->count() + 1));
    tabs->setCurrentIndex(static_cast<int>(text));
    is_refreshing = false;
    refresh_text(unit);
}

void LabelStep::refresh_text(Unit) {
    const bool has_text = text < shown.design->texts.size();
    remove_text->setEnabled(has_text);
    words->setEnabled(has_text);
    if (!has_text)
        return;
    is_refreshing = true;
    const LabelText& t = shown.design->texts[text];
    const QString now = QString::fromStdString(t.words);
    if (words->toPlainText() != now)
        words->setPlainText(now);
    const QString name = QString::fromStdString(t.font.family);
    if (family->findText(name) < 0)
        family->addItem(name);
    family->setCurrentIndex(family->findText(name));
    bold->setChecked(t.font.is_bold);
    italic->setChecked(t.font.is_italic);
    const bool is_other = t.font.font && t.font.font->family != t.font.family;
    font_words->setVisible(is_other);
    if (is_other)
        font_words->setText(
            tr("“%1” is not on this computer; “%2” is used.").arg(name, QString::fromStdString(t.font.font->family)));
    size->set_value(std::round(t.size / mm_per_pt * 10) / 10);
    size->setEnabled(!t.fits_room);
    fits->setChecked(t.fits_room);
    least->set_value(std::round(t.least_size / mm_per_pt * 10) / 10);
    align->set_chosen(place_of(t.align));
    run->setCurrentIndex(place_of(t.run));
    line_spacing->set_value(std::round(t.line_spacing * 100));
    letter_spacing->set_value(std::round(t.letter_spacing * 100));
    colour->set_colour(t.colour);
    is_refreshing = false;
}

QString LabelStep::state_of(const LabelArtwork& art) {
    const LabelDesign& d = *art.design;
    const QString name = label_within(d.shape.kind);
    return d.table ? tr("%1, list of %2").arg(name).arg(d.table->rows.size()) : name;
}

} // namespace fusuma::app
