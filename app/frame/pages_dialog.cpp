#include "app/frame/pages_dialog.h"

#include "app/common/number_field.h"
#include "app/common/widgets.h"

#include <QDialogButtonBox>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

namespace fusuma::app {

std::vector<int> parse_pages(const QString& text, int pages) {
    std::vector<int> result;
    for (const QString& part : text.split(',')) {
        const QStringList ends = part.trimmed().split('-');
        bool first_is_number = false, last_is_number = false;
        const int first = ends.first().trimmed().toInt(&first_is_number);
        const int last = ends.last().trimmed().toInt(&last_is_number);
        if (!first_is_number || !last_is_number || ends.size() > 2 || first < 1 || last < first || last > pages)
            return {};
        for (int page = first; page <= last; ++page)
            if (std::find(result.begin(), result.end(), page) == result.end())
                result.push_back(page);
    }
    return result;
}

PagesDialog::PagesDialog(const QString& file_name, int pages, For what, QWidget* parent)
    : QDialog(parent), count(pages), use(what) {
    const bool is_one = what == For::one_artwork;
    setWindowTitle(is_one ? tr("Which page?") : tr("Which pages?"));
    auto* layout = column(this, 16, 10);
    const QString has = is_one ? tr("“%1” has %2 pages. One of them takes the artwork's place.")
                               : tr("“%1” has %2 pages. Each one becomes a sticker.");
    auto* words = label(pages == 1 ? tr("“%1” has one page.").arg(file_name) : has.arg(file_name).arg(pages));
    words->setWordWrap(true);
    layout->addWidget(words);
    list = new QLineEdit(QStringLiteral("1"));
    list->setObjectName(QStringLiteral("pageList"));
    list->setToolTip(is_one ? tr("Its number, from 1.") : tr("Such as 1, 3-5."));
    layout->addWidget(row(is_one ? tr("Page") : tr("Pages"), list, 140));
    kinds = new Choices({tr("As a picture"), tr("As a drawing")});
    kinds->setObjectName(QStringLiteral("pagesKind"));
    kinds->setToolTip(tr("A drawing keeps its parts and their exact edges; a picture is traced."));
    kinds->set_chosen(0);
    layout->addWidget(kinds);
    resolution = new NumberField(NumberField::Kind::plain, 20, 2400, 50, QStringLiteral("pagesResolution"));
    resolution->set_suffix(QStringLiteral("dpi"));
    resolution->set_value(300);
    resolution->setToolTip(tr("How finely the pages are drawn. It can be changed later in the Artwork step."));
    auto* resolution_row = row(tr("Drawn at"), resolution, 140);
    connect(kinds, &Choices::picked, this, [resolution_row](int kind) { resolution_row->setVisible(kind == 0); });
    layout->addWidget(resolution_row);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    auto* add = buttons->button(QDialogButtonBox::Ok);
    add->setText(is_one ? tr("Replace") : tr("Add"));
    connect(list, &QLineEdit::textChanged, this, [this, add] { add->setEnabled(!chosen().empty()); });
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    layout->addWidget(buttons);
}

std::vector<int> PagesDialog::chosen() const {
    auto pages = parse_pages(list->text(), count);
    if (use == For::one_artwork && pages.size() != 1)
        pages.clear();
    return pages;
}

bool PagesDialog::as_drawing() const {
    return kinds->is_chosen(1);
}

double PagesDialog::dpi() const {
    return resolution->value();
}

} // namespace fusuma::app
