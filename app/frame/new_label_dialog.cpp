#include "app/frame/new_label_dialog.h"

#include "app/common/painting.h"
#include "app/common/question.h"
#include "app/common/save_place.h"
#include "app/common/screen_painter.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "app/model/in_background.h"
#include "formats/basics/file.h"
#include "formats/basics/in_words.h"
#include "formats/fonts/fonts.h"
#include "formats/label/calendars.h"

#include <QDate>
#include <QDialogButtonBox>
#include <QListWidget>
#include <QPainter>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

namespace fusuma::app {

namespace {

constexpr QSize picture_size(150, 96);

/// The label as it would look with its fields' names for words.
/// @param ratio  of the screen's pixels to the window's
QImage picture_of(const LabelDesign& design, double ratio) {
    QImage picture(picture_size * ratio, QImage::Format_ARGB32_Premultiplied);
    picture.setDevicePixelRatio(ratio);
    picture.fill(theme().window);
    const SetLabel set = set_label(design, 0);
    const DrawnArt& art = *set.drawn.art;
    const double scale =
        std::min((picture_size.width() - 16) / art.size.width, (picture_size.height() - 16) / art.size.height);
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.translate((picture_size.width() - scale * art.size.width) / 2,
                      (picture_size.height() - scale * art.size.height) / 2);
    const QTransform view = QTransform::fromScale(scale, scale);
    painter.fillPath(view.map(to_qt(set.drawn.outline)), theme().paper);
    draw_curves(painter, art, QTransform::fromScale(scale * art.size.width, scale * art.size.height));
    draw_cut_line(painter, view.map(to_qt(set.drawn.outline)), CutKind::kiss);
    return picture;
}

LabelTemplate words_alone() {
    LabelTemplate letters{"Letters", NewLabelDialog::tr("Letters alone, with a border").toStdString(), {}};
    letters.design.shape = {.kind = LabelShape::lettering, .width = 120, .height = 60};
    letters.design.ground.reset();
    LabelText& text = letters.design.texts.front();
    text.words = "Tide Fair";
    text.size = 14;
    text.font.family = "Lobster Two";
    text.font.is_bold = true;
    text.font.font = find_font(text.font.family, true, false);
    text.colour = Rgb{30, 78, 102};
    return letters;
}

} // namespace

NewLabelDialog::NewLabelDialog(QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("New label"));
    resize(760, 520);
    auto* layout = column(this, 16, 10);
    auto* about =
        label(tr("Start from a template. Its shape, size, colours and words can all be changed afterwards, for ever."));
    about->setWordWrap(true);
    layout->addWidget(about);
    list = new QListWidget;
    list->setObjectName(QStringLiteral("templateList"));
    list->setAccessibleName(tr("Templates"));
    list->setViewMode(QListView::IconMode);
    list->setIconSize(picture_size);
    list->setItemDelegate(new OnScreenRows(list));
    list->setGridSize(QSize(178, 140));
    list->setResizeMode(QListView::Adjust);
    list->setMovement(QListView::Static);
    list->setWordWrap(true);
    layout->addWidget(list, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    make = buttons->button(QDialogButtonBox::Ok);
    make->setText(tr("Make this label"));
    make->setObjectName(QStringLiteral("makeLabel"));
    make->setProperty("role", "primary");
    more = buttons->addButton(tr("From a template file…"), QDialogButtonBox::ActionRole);
    more->setObjectName(QStringLiteral("templateFile"));
    connect(more, &QPushButton::clicked, this, &NewLabelDialog::add_from_file);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(list, &QListWidget::itemDoubleClicked, this, &QDialog::accept);
    layout->addWidget(buttons);
    for (const LabelTemplate& one : shipped_templates())
        add(one);
    add(words_alone());
    list->setCurrentRow(0);
    list->setFocus();
}

void NewLabelDialog::add(const LabelTemplate& one) {
    templates.push_back(one);
    QPixmap nothing_yet(picture_size); // that takes the picture's place
    nothing_yet.fill(Qt::transparent);
    auto* item = new QListWidgetItem(QIcon(nothing_yet), QString::fromStdString(one.name));
    item->setToolTip(tr("%1: %2").arg(QString::fromStdString(one.family), QString::fromStdString(one.name)));
    list->addItem(item);
    if (with_picture == list->count() - 1)
        QTimer::singleShot(0, this, &NewLabelDialog::add_next_picture);
}

void NewLabelDialog::add_next_picture() {
    list->item(with_picture)
        ->setIcon(QIcon(QPixmap::fromImage(
            picture_of(templates[static_cast<std::size_t>(with_picture)].design, devicePixelRatioF()))));
    if (++with_picture < list->count())
        QTimer::singleShot(0, this, &NewLabelDialog::add_next_picture);
}

void NewLabelDialog::add_from_file() {
    const QString path =
        ask_which_file(this, tr("Template file"), tr("Label templates (*.json)"), QStringLiteral("template"));
    if (path.isEmpty())
        return;
    more->setEnabled(false);
    const auto refuse = [this, path](const QString& why) {
        more->setEnabled(true);
        ask_or_tell(this, tr("Template file"),
                    tr("“%1” cannot be used. %2").arg(QString::fromStdString(file_name_of(path)), why));
    };
    in_background(
        reader, this, [path] { return load_templates(path); },
        [this, refuse](const Result<std::vector<LabelTemplate>>& read) {
            if (!read)
                return refuse(in_words(read.problem()));
            more->setEnabled(true);
            const int first = list->count();
            for (const LabelTemplate& one : *read)
                add(one);
            list->setCurrentRow(first);
        },
        refuse);
}

LabelTemplate NewLabelDialog::chosen() const {
    LabelTemplate one = templates[static_cast<std::size_t>(std::max(0, list->currentRow()))];
    const QDate today = QDate::currentDate();
    one.design.day = {today.year(), today.month(), today.day()};
    if (!one.design.calendar)
        one.design.calendar = calendar_in(QLocale().bcp47Name());
    return one;
}

} // namespace fusuma::app
