#include "app/bench/fill_field.h"

#include "app/bench/step_parts.h"
#include "app/common/colour_patch.h"
#include "app/common/glyphs.h"
#include "app/common/painting.h"
#include "app/common/theme.h"

#include <QColorDialog>
#include <QComboBox>
#include <QMenu>

namespace fusuma::app {

namespace {

/// The choices in the order of the list.
enum Entry { paper, plain, dots, stripes, art };

Entry entry_of(const Fill& fill) {
    switch (fill.kind) {
    case Fill::Kind::clear:
        return paper;
    case Fill::Kind::art:
        return art;
    case Fill::Kind::colour:
        break;
    }
    return fill.pattern == Pattern::plain ? plain : fill.pattern == Pattern::dots ? dots : stripes;
}

} // namespace

FillField::FillField(BenchTools& bench_tools, const QString& name, const QString& accessible) : tools(bench_tools) {
    auto* layout = column(this, 0, 6);
    kinds = new QComboBox;
    kinds->setObjectName(name + QStringLiteral("Kind"));
    kinds->setAccessibleName(accessible);
    kinds->setToolTip(tr("What is printed here. Paper prints nothing, so the sticker stays as white as its stock."));
    kinds->addItems({tr("Paper"), tr("One colour"), tr("Dots"), tr("Stripes"), tr("The art's colours")});
    for (int i = 0; i < kinds->count(); ++i)
        kinds->setItemIcon(i, glyph(static_cast<InkGlyph>(i)));
    first = colour_button(name + QStringLiteral("First"), tr("Colour"), &Fill::colour);
    second = colour_button(name + QStringLiteral("Second"), tr("Second colour"), &Fill::second);
    auto* line = new QHBoxLayout;
    line->setSpacing(6);
    line->addWidget(kinds, 1);
    line->addWidget(first);
    line->addWidget(second);
    layout->addLayout(line);
    pitch = new NumberField(NumberField::Kind::length, least_pitch, 50, 0.1, name + QStringLiteral("Pitch"));
    pitch->setToolTip(tr("From the middle of one dot or stripe to the next."));
    pitch_row = row(tr("One every"), pitch, 90);
    layout->addWidget(pitch_row);
    connect(kinds, &QComboBox::activated, this, [this](int i) {
        change([i](Fill& fill) {
            fill.kind = i == paper ? Fill::Kind::clear : i == art ? Fill::Kind::art : Fill::Kind::colour;
            fill.pattern = i == dots ? Pattern::dots : i == stripes ? Pattern::stripes : Pattern::plain;
        });
    });
    connect(pitch, &NumberField::edited, this, [this](double mm) { change([mm](Fill& fill) { fill.pitch = mm; }); });
    refresh();
}

ColourPatch* FillField::colour_button(const QString& name, const QString& accessible, Rgb Fill::*part) {
    auto* result = new ColourPatch(name, accessible, tr("Choose a colour, or pick one from the picture."));
    result->setFixedSize(px(30), px(28));
    const auto use = [this, part](Rgb colour) { change([&](Fill& fill) { fill.*part = colour; }); };
    connect(result, &QPushButton::clicked, this, [this, result, part, use] {
        QMenu menu;
        QAction* pick = menu.addAction(tr("Pick from the picture"));
        QAction* choose = menu.addAction(tr("Choose…"));
        QAction* chosen = menu.exec(result->mapToGlobal(QPoint(0, result->height())));
        if (chosen == pick) {
            tools.pick_colour_for(use);
        } else if (chosen == choose) {
            const QColor colour =
                QColorDialog::getColor(to_qt(current.*part), this, tr("Colour"), QColorDialog::DontUseNativeDialog);
            if (colour.isValid())
                use({static_cast<std::uint8_t>(colour.red()), static_cast<std::uint8_t>(colour.green()),
                     static_cast<std::uint8_t>(colour.blue())});
        }
    });
    return result;
}

void FillField::change(const std::function<void(Fill&)>& edit) {
    Fill next = current;
    edit(next);
    set_fill(next);
    emit edited(next);
}

void FillField::set_fill(const Fill& fill) {
    current = fill;
    refresh();
}

void FillField::refresh() {
    const QSignalBlocker quiet(kinds);
    kinds->setCurrentIndex(entry_of(current));
    const bool is_colour = current.kind == Fill::Kind::colour,
               is_pattern = is_colour && current.pattern != Pattern::plain;
    first->setVisible(is_colour);
    second->setVisible(is_pattern);
    pitch_row->setVisible(is_pattern);
    pitch->set_value(current.pitch);
    first->show_colour(current.colour);
    second->show_colour(current.second);
}

} // namespace fusuma::app
