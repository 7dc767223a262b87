#include "app/bench/parts_step.h"

#include "app/bench/fill_field.h"
#include "app/common/colour_button.h"
#include "app/common/enum_words.h"
#include "app/common/glyphs.h"
#include "app/common/more.h"
#include "app/common/painting.h"
#include "app/common/save_place.h"
#include "app/common/screen_painter.h"
#include "app/common/theme.h"
#include "core/geometry/measure.h"
#include "formats/basics/in_words.h"
#include "formats/picture/picture_read.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QPainter>
#include <QTreeWidget>
#include <algorithm>

namespace fusuma::app {

namespace {

enum Column { part_column, printed_column, cut_column };
constexpr int id_role = Qt::UserRole;

enum ListOrder { as_in_file_order, by_layer_order, by_colour_order };

QString cut_words(PartCut part_cut) {
    switch (part_cut) {
    case PartCut::outline:
        return PartsStep::tr("round it");
    case PartCut::kiss:
        return PartsStep::tr("kiss");
    case PartCut::score:
        return PartsStep::tr("score");
    case PartCut::through:
        return PartsStep::tr("through");
    case PartCut::none:
        break;
    }
    return QStringLiteral("–");
}

/// A part by itself, on the paper of its own frame.
/// @param ratio  of the screen's pixels to the window's
QImage picture_of(const DrawingArtwork& art, const Shape& shape, double ratio) {
    constexpr int side = 22;
    QImage picture(QSize(side, side) * ratio, QImage::Format_ARGB32_Premultiplied);
    picture.setDevicePixelRatio(ratio);
    picture.fill(theme().window);
    Rect box = bounds(region_of(*art.drawing, shape));
    const Part* part = shape.part >= 0 ? &art.drawing->parts[static_cast<std::size_t>(shape.part)] : nullptr;
    if (part)
        for (const OwnLine& line : part->lines)
            box.include(bounds(line.path));
    const double longer = std::max(box.width(), box.height());
    if (!(longer > 0))
        return picture;
    const double scale = (side - 4) / longer;
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.translate(side / 2.0, side / 2.0);
    painter.scale(scale, scale);
    painter.translate(-to_qt(box.centre()));
    const DrawnArt alone{art.drawing->size, paints_of(*art.drawing, *art.parts, shape)};
    draw_curves(painter, alone, QTransform::fromScale(alone.size.width, alone.size.height));
    if (part && part->paints.empty())
        for (const OwnLine& line : part->lines)
            painter.strokePath(open_path(line.path), QPen(theme().kiss, 1 / scale));
    return picture;
}

/// A row whose picture is drawn when it first comes into sight.
class PartItem : public QTreeWidgetItem {
  public:
    PartItem(const DrawingArtwork& drawn, const Shape& of) : art(drawn), shape(of) {
        setText(part_column, QString::fromStdString(shape.name));
        setToolTip(part_column, QString::fromStdString(shape.name));
        setData(part_column, id_role, shape.id);
        setCheckState(printed_column, shape.use.is_printed ? Qt::Checked : Qt::Unchecked);
        setText(cut_column, cut_words(shape.use.cut));
        setFlags(Qt::ItemIsSelectable | Qt::ItemIsEnabled | Qt::ItemIsUserCheckable);
    }
    [[nodiscard]] QVariant data(int column, int role) const override {
        if (column != part_column || role != Qt::DecorationRole)
            return QTreeWidgetItem::data(column, role);
        if (picture.isNull())
            picture = QPixmap::fromImage(picture_of(art, shape, treeWidget()->devicePixelRatioF()));
        return picture;
    }

  private:
    DrawingArtwork art;
    Shape shape;
    mutable QPixmap picture;
};

} // namespace

PartsStep::PartsStep(Model& project, BenchTools& bench_tools) : model(project), tools(bench_tools) {
    auto* layout = step_layout(this);
    layout->addWidget(quick_part());
    order = new Choices({tr("File"), tr("Layer"), tr("Colour")});
    order->set_chosen(as_in_file_order);
    order->setToolTip(tr("How the parts are listed: as they lie in the file, by layer, or by colour."));
    connect(order, &Choices::picked, this, [this] { fill_list(); });
    layout->addWidget(order);
    list = new QTreeWidget;
    list->setObjectName(QStringLiteral("partList"));
    list->setAccessibleName(tr("Parts, the frontmost first"));
    list->setHeaderLabels({tr("Part"), tr("Print"), tr("Cut")});
    list->setSelectionMode(QAbstractItemView::ExtendedSelection);
    list->setUniformRowHeights(true);
    list->setIconSize(QSize(22, 22));
    list->setItemDelegate(new OnScreenRows(list));
    list->setFixedHeight(px(210));
    list->setIndentation(10);
    list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list->setMinimumWidth(px(100));
    list->header()->setStretchLastSection(false);
    list->header()->setSectionResizeMode(part_column, QHeaderView::Stretch);
    list->header()->setSectionResizeMode(printed_column, QHeaderView::Fixed);
    list->header()->setSectionResizeMode(cut_column, QHeaderView::Fixed);
    for (const auto& [column, least] : {std::pair{printed_column, 38}, {cut_column, 62}})
        list->header()->resizeSection(
            column,
            std::max(least, list->header()->fontMetrics().horizontalAdvance(list->headerItem()->text(column)) + 16));
    layout->addWidget(list);
    connect(list, &QTreeWidget::itemSelectionChanged, this, [this] {
        if (is_filling)
            return;
        ShapeIds ids;
        for (const QTreeWidgetItem* item : list->selectedItems())
            if (const int id = item->data(part_column, id_role).toInt(); id > 0)
                ids.insert(id);
            else
                for (int i = 0; i < item->childCount(); ++i)
                    ids.insert(item->child(i)->data(part_column, id_role).toInt());
        tools.choose_parts(std::move(ids));
    });
    connect(list, &QTreeWidget::itemChanged, this, [this](QTreeWidgetItem* item, int changed_column) {
        if (is_filling || changed_column != printed_column)
            return;
        const int id = item->data(part_column, id_role).toInt();
        const bool on = item->checkState(printed_column) == Qt::Checked;
        edit(on ? tr("Print a part") : tr("Do not print a part"), [&](const Drawing&, const Parts& parts) {
            const auto shape = std::ranges::find(parts.shapes, id, &Shape::id);
            return shape == parts.shapes.end() ? std::nullopt
                                               : std::optional(with_use(parts, {id}, {on, shape->use.cut}));
        });
    });
    chosen_words = label({}, "dim");
    chosen_words->setWordWrap(true);
    layout->addWidget(chosen_words);
    layout->addWidget(use_part());
    auto* combining = new More(QStringLiteral("moreCombine"), tr("Make of the parts chosen"));
    combining->rows().addWidget(combine_part());
    layout->addWidget(combining);
    auto* colours = new More(QStringLiteral("moreColours"), tr("Colours and fills"));
    colours->rows().addWidget(colour_part());
    layout->addWidget(colours);
    connect(&tools, &BenchTools::parts_chosen, this, [this] {
        const QSignalBlocker quiet(list);
        is_filling = true;
        QTreeWidgetItem* first = nullptr;
        for (QTreeWidgetItemIterator it(list); *it; ++it) {
            const int id = (*it)->data(part_column, id_role).toInt();
            const bool is_chosen = id > 0 && tools.chosen_parts().contains(id);
            (*it)->setSelected(is_chosen);
            if (is_chosen && !first)
                first = *it;
        }
        if (first)
            list->scrollToItem(first);
        is_filling = false;
        refresh_chosen();
    });
}

QWidget* PartsStep::quick_part() {
    const auto quick = [this](const QString& words, const char* name, const QString& why,
                              const std::function<void()>& run) {
        auto* result = button(words, "compact", QLatin1String(name), why);
        connect(result, &QPushButton::clicked, this, run);
        return result;
    };
    auto* body = new QWidget;
    auto* layout = column(body, 0, 6);
    layout->addWidget(side_by_side(
        {quick(tr("Cut round all"), "cutRoundAll", tr("Everything is printed, and one cut goes only round everything."),
               [this] {
                   edit(tr("Cut round all"), [](const Drawing&, const Parts& p) { return cut_round_everything(p); });
               }),
         quick(tr("Cut the bottom"), "cutBottom",
               tr("The bottom shape is cut and not printed; the rest is only printed."), [this] {
                   model.in_hand.edit_sticker(tr("Cut the bottom shape"), [](Sticker& s) {
                       auto& art = std::get<DrawingArtwork>(s.artwork);
                       art.parts = std::make_shared<const Parts>(cut_bottom_shape(*art.drawing, *art.parts));
                       s.border.width = 0; // the shape's own edge
                   });
               })}));
    layout->addWidget(side_by_side(
        {quick(tr("Colours apart"), "eachColour",
               tr("A sticker for each colour, to be cut from different papers and laid on each other."),
               [this] { each_colour_its_own(); }),
         quick(tr("As in the file"), "asInFile",
               tr("What is painted prints; thin lines, and layers named after a kind of cut, are cut where they lie."),
               [this] {
                   edit(tr("As in the file"), [](const Drawing& d, const Parts& p) { return as_in_file(d, p); });
               })}));
    return body;
}

QWidget* PartsStep::use_part() {
    auto* body = new QWidget;
    auto* layout = new QHBoxLayout(body);
    layout->setContentsMargins(0, 0, 0, 0);
    printed = new QCheckBox(tr("Print"));
    printed->setObjectName(QStringLiteral("partPrinted"));
    cut = new QComboBox;
    cut->setObjectName(QStringLiteral("partCut"));
    cut->setMinimumContentsLength(8);
    cut->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    cut->setAccessibleName(tr("How the parts are cut"));
    cut->setToolTip(tr("Not at all; as part of what the border goes round; or along their own edge."));
    cut->addItems(labels<PartCut>());
    layout->addWidget(printed);
    layout->addWidget(cut, 1);
    connect(printed, &QCheckBox::clicked, this,
            [this](bool on) { edit_use(tr("Print parts"), [on](PartUse& use) { use.is_printed = on; }); });
    connect(cut, &QComboBox::activated, this,
            [this](int i) { edit_use(tr("Cut parts"), [i](PartUse& use) { use.cut = choice_at<PartCut>(i); }); });
    return body;
}

void PartsStep::add_to(QMenu& menu) const {
    menu.addAction(tr("Only this"), this, [this] { only_chosen(); });
    for (int i = 0; i < cut->count(); ++i)
        menu.addAction(tr("Cut: %1").arg(cut->itemText(i)), this, [this, i] { emit cut->activated(i); });
    menu.addSeparator();
    add_buttons(menu, for_several);
    add_buttons(menu, {pieces, apart});
}

void PartsStep::only_chosen() const {
    model.in_hand.edit_sticker(tr("Only this"), [this](Sticker& s) {
        auto* art = std::get_if<DrawingArtwork>(&s.artwork);
        if (!art)
            return;
        auto parts = std::make_shared<Parts>(*art->parts);
        for (Shape& shape : parts->shapes)
            shape.use = tools.chosen_parts().contains(shape.id) ? PartUse{} : PartUse{false, PartCut::none};
        art->parts = std::move(parts);
    });
}

QWidget* PartsStep::combine_part() {
    auto* body = new QWidget;
    auto* layout = column(body, 0, 6);
    const auto act = [this](const char* name, Combining how, const QString& why) {
        const QString words = label_text(how);
        auto* result = button(words, "compact", QLatin1String(name), why);
        result->setIcon(glyph(how));
        connect(result, &QPushButton::clicked, this, [this, words, how] { combine(words, how); });
        if (how != Combining::pieces)
            for_several.push_back(result);
        return result;
    };
    auto* join = act("partsJoin", Combining::join, tr("One shape of all they cover."));
    auto* take_out = act("partsTakeOut", Combining::take_out, tr("The lowest, less what lies over it."));
    auto* overlap = act("partsOverlap", Combining::overlap_only, tr("What all of them cover."));
    auto* exclude = act("partsExclude", Combining::exclude, tr("One shape, with holes where two of them overlap."));
    auto* split = act("partsSplit", Combining::split, tr("Each region between their edges by itself."));
    auto* visible = act("partsVisible", Combining::visible,
                        tr("Each part loses what lies under those above it, so that a single layer is left."));
    pieces = act("partsPieces", Combining::pieces, tr("Each separate piece by itself."));
    layout->addWidget(side_by_side({join, take_out}));
    layout->addWidget(side_by_side({overlap, exclude}));
    layout->addWidget(side_by_side({split, pieces}));
    apart = button(tr("Take apart again"), "compact", QStringLiteral("partsApart"),
                   tr("Gives back the parts that it was made of."));
    connect(apart, &QPushButton::clicked, this, [this] {
        edit(tr("Take apart"), [this](const Drawing&, const Parts& p) { return taken_apart(p, tools.chosen_parts()); });
    });
    layout->addWidget(side_by_side({visible, apart}));
    thickness = new NumberField(NumberField::Kind::length, 0.05, 10, 0.1, QStringLiteral("sliverThickness"));
    thickness->set_value(0.6);
    thickness->setToolTip(tr("Pieces that are nowhere as thick as this are slivers: too thin to weed or to hold."));
    connect(thickness, &NumberField::edited, this, &PartsStep::refresh_slivers);
    layout->addWidget(row(tr("Slivers are thinner than"), thickness, 80));
    sliver_words = label({}, "dim");
    sliver_words->setObjectName(QStringLiteral("sliverWords"));
    sliver_words->setWordWrap(true);
    drop_slivers = button(tr("Leave out"), "compact", QStringLiteral("dropSlivers"),
                          tr("Leaves these pieces out of the combined parts."));
    connect(drop_slivers, &QPushButton::clicked, this, [this] {
        edit(tr("Leave slivers out"),
             [this](const Drawing&, const Parts& p) { return without_slivers(p, thickness->value()); });
    });
    auto* line = new QHBoxLayout;
    line->addWidget(sliver_words, 1);
    line->addWidget(drop_slivers);
    layout->addLayout(line);
    return body;
}

QWidget* PartsStep::colour_part() {
    auto* body = new QWidget;
    auto* layout = column(body, 0, 6);
    layout->addWidget(label(tr("Fill of the parts chosen"), "dim"));
    fill = new FillField(tools, QStringLiteral("partFill"), tr("Fill"));
    connect(fill, &FillField::edited, this, [this](const Fill& plain) {
        edit(tr("Fill"), [&](const Drawing&, const Parts& p) {
            return with_fill(p, tools.chosen_parts(), PartFill{plain, nullptr});
        });
    });
    layout->addWidget(fill);
    auto* picture = button(tr("A picture…"), "compact", QStringLiteral("partPicture"),
                           tr("Lays a picture over the part, as large as it must be."));
    connect(picture, &QPushButton::clicked, this, &PartsStep::fill_with_picture);
    keep_paint =
        button(tr("As it came"), "compact", QStringLiteral("partOwnPaint"), tr("Back to the drawing's own paint."));
    connect(keep_paint, &QPushButton::clicked, this, [this] {
        edit(tr("Own paint"),
             [this](const Drawing&, const Parts& p) { return with_fill(p, tools.chosen_parts(), std::nullopt); });
    });
    layout->addWidget(side_by_side({picture, keep_paint}));
    layout->addWidget(label(tr("Colours of the drawing, to be changed"), "dim"));
    auto* holder = new QWidget;
    swatches = new QHBoxLayout(holder);
    swatches->setContentsMargins(0, 0, 0, 0);
    swatches->setSpacing(4);
    layout->addWidget(holder);
    return body;
}

void PartsStep::edit(const QString& text,
                     const std::function<std::optional<Parts>(const Drawing&, const Parts&)>& change,
                     const QString& stroke) {
    const auto sticker = model.in_hand.sticker();
    const auto* art = sticker ? std::get_if<DrawingArtwork>(&sticker->artwork) : nullptr;
    if (!art)
        return;
    auto parts = change(*art->drawing, *art->parts);
    if (!parts) {
        emit model.messages.note(tr("Nothing comes of that: do the parts overlap?"));
        return;
    }
    model.in_hand.edit_sticker(
        text,
        [&](Sticker& s) {
            std::get<DrawingArtwork>(s.artwork).parts = std::make_shared<const Parts>(std::move(*parts));
        },
        stroke);
}

void PartsStep::edit_use(const QString& text, const std::function<void(PartUse&)>& change) {
    edit(text, [&](const Drawing&, const Parts& p) {
        Parts parts = p;
        for (Shape& shape : parts.shapes)
            if (tools.chosen_parts().contains(shape.id))
                change(shape.use);
        return std::optional(std::move(parts));
    });
}

void PartsStep::combine(const QString& text, Combining how) {
    const auto sticker = model.in_hand.sticker();
    if (!sticker || !shown.parts)
        return;
    ShapeIds ids = tools.chosen_parts();
    if (how == Combining::visible && ids.size() < 2)
        for (const Shape& shape : shown.parts->shapes)
            ids.insert(shape.id);
    constexpr std::size_t many = 40; // more take longer than people should wait for a click
    if (ids.size() > many) {
        model.searches.search(text,
                              [id = sticker->id, ids, how](const Document& now, Evaluator&, const Work& job,
                                                           const Searches::Improved&) -> Searches::Searched {
                                  const auto current = now.find(id);
                                  const auto* art = current ? std::get_if<DrawingArtwork>(&current->artwork) : nullptr;
                                  auto parts = art ? combined(*art->drawing, *art->parts, ids, how, job) : std::nullopt;
                                  if (!parts)
                                      return {std::nullopt, tr("Nothing comes of that: do the parts overlap?")};
                                  Sticker changed = *current;
                                  std::get<DrawingArtwork>(changed.artwork).parts =
                                      std::make_shared<const Parts>(std::move(*parts));
                                  return {with_sticker_changed(now, std::move(changed)), {}};
                              });
        return;
    }
    ShapeIds made;
    edit(text, [&](const Drawing& d, const Parts& p) {
        auto parts = combined(d, p, ids, how);
        if (parts)
            for (const Shape& shape : parts->shapes)
                if (shape.id >= p.next_id)
                    made.insert(shape.id);
        return parts;
    });
    if (!made.empty())
        tools.choose_parts(std::move(made));
}

void PartsStep::each_colour_its_own() {
    const auto sticker = model.in_hand.sticker();
    if (!sticker)
        return;
    const auto& art = std::get<DrawingArtwork>(sticker->artwork);
    auto pieces_by_colour = by_colour(*art.drawing, *art.parts);
    if (pieces_by_colour.size() < 2) {
        emit model.messages.note(tr("The drawing has only one plain colour."));
        return;
    }
    model.project.edit(tr("Each colour alone"), [&](Document d) {
        for (auto& [colour, parts] : pieces_by_colour) {
            Sticker piece = *sticker;
            piece.name += " " + to_qt(colour).name().toUpper().toStdString();
            piece.border.width = 0;
            piece.artwork = DrawingArtwork{art.drawing, std::make_shared<const Parts>(std::move(parts))};
            d = with_sticker_added(std::move(d), std::move(piece));
        }
        return d;
    });
    emit model.messages.note(
        tr("%1 stickers were added to the tray, one for each colour.").arg(pieces_by_colour.size()));
}

void PartsStep::fill_with_picture() {
    const QString path = ask_which_file(
        this, tr("Fill with a picture"),
        tr("Pictures (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)"), QStringLiteral("picture"));
    if (path.isEmpty())
        return;
    model.importer.read_picture_for_sticker(
        path, tr("Fill with a picture"),
        [parts = tools.chosen_parts()](Sticker& s, const std::shared_ptr<const Picture>& picture) {
            if (auto* art = std::get_if<DrawingArtwork>(&s.artwork))
                art->parts = std::make_shared<const Parts>(
                    with_fill(*art->parts, parts, PartFill{Fill{.kind = Fill::Kind::colour}, picture}));
        });
}

void PartsStep::refresh(const DrawingArtwork& art, Unit unit) {
    thickness->set_unit(unit);
    if (art == shown)
        return;
    shown = art;
    fill_list();
    refresh_swatches();
    refresh_slivers();
}

void PartsStep::fill_list() {
    is_filling = true;
    const QSignalBlocker quiet(list);
    list->clear();
    std::vector<std::pair<QString, QTreeWidgetItem*>> groups;
    int chosen_order = as_in_file_order;
    for (int i = 0; i < 3; ++i)
        if (order->is_chosen(i))
            chosen_order = i;
    const auto group_of = [&](const QString& name, const QPixmap& picture) {
        for (const auto& [known, item] : groups)
            if (known == name)
                return item;
        auto* item = new QTreeWidgetItem(list, {name});
        item->setFirstColumnSpanned(true);
        item->setExpanded(true);
        if (!picture.isNull())
            item->setData(part_column, Qt::DecorationRole, picture);
        groups.emplace_back(name, item);
        return item;
    };
    QString layer;
    QTreeWidgetItem* open_group = nullptr;
    for (auto shape = shown.parts->shapes.rbegin(); shape != shown.parts->shapes.rend(); ++shape) {
        const Part* part = shape->part >= 0 ? &shown.drawing->parts[static_cast<std::size_t>(shape->part)] : nullptr;
        auto* item = new PartItem(shown, *shape);
        const auto own_layer = QString::fromStdString(layer_of(*shown.drawing, *shape));
        if (chosen_order == by_layer_order) {
            group_of(own_layer.isEmpty() ? tr("no layer") : own_layer, {})->addChild(item);
        } else if (chosen_order == by_colour_order) {
            const auto colour =
                shape->fill || part ? colour_of(paints_of(*shown.drawing, *shown.parts, *shape)) : std::nullopt;
            QPixmap dab(14, 14);
            if (colour)
                dab.fill(to_qt(*colour));
            group_of(colour ? to_qt(*colour).name().toUpper() : tr("no plain colour"), colour ? dab : QPixmap())
                ->addChild(item);
        } else if (own_layer.isEmpty()) {
            list->addTopLevelItem(item);
            open_group = nullptr;
        } else {
            // A new heading wherever the file changes its group, so that the order from front to back stays.
            if (!open_group || own_layer != layer) {
                open_group = new QTreeWidgetItem(list, {own_layer});
                open_group->setFirstColumnSpanned(true);
                open_group->setExpanded(true);
            }
            layer = own_layer;
            open_group->addChild(item);
        }
    }
    list->expandAll();
    for (QTreeWidgetItemIterator it(list); *it; ++it)
        (*it)->setSelected(tools.chosen_parts().contains((*it)->data(part_column, id_role).toInt()));
    is_filling = false;
    refresh_chosen();
}

void PartsStep::refresh_chosen() {
    if (!shown.parts)
        return;
    std::vector<const Shape*> chosen;
    bool any_combined = false;
    for (const Shape& shape : shown.parts->shapes)
        if (tools.chosen_parts().contains(shape.id)) {
            chosen.push_back(&shape);
            any_combined |= shape.of != nullptr;
        }
    chosen_words->setText(chosen.empty()       ? tr("Choose parts here or by clicking them in the picture.")
                          : chosen.size() == 1 ? QString::fromStdString(chosen.front()->name)
                                               : tr("%1 parts chosen").arg(chosen.size()));
    for (QWidget* w : std::initializer_list<QWidget*>{printed, cut, fill, keep_paint, pieces})
        w->setEnabled(!chosen.empty());
    for (QPushButton* several : for_several)
        several->setEnabled(chosen.size() > 1 ||
                            (several->objectName() == QLatin1String("partsVisible") && shown.parts->shapes.size() > 1));
    apart->setEnabled(any_combined);
    if (chosen.empty())
        return;
    const QSignalBlocker quiet_printed(printed), quiet_cut(cut);
    printed->setChecked(chosen.front()->use.is_printed);
    cut->setCurrentIndex(place_of(chosen.front()->use.cut));
    Fill now{.kind = Fill::Kind::colour};
    if (chosen.front()->fill)
        now = chosen.front()->fill->plain;
    else if (const auto colour = colour_of(paints_of(*shown.drawing, *shown.parts, *chosen.front())))
        now.colour = *colour;
    fill->set_fill(now);
    keep_paint->setEnabled(std::ranges::any_of(chosen, [](const Shape* s) { return s->fill.has_value(); }));
}

void PartsStep::refresh_swatches() {
    while (QLayoutItem* item = swatches->takeAt(0)) {
        if (item->widget())
            item->widget()->deleteLater();
        delete item;
    }
    constexpr std::size_t most_shown = 8;
    std::vector<Rgb> colours = colours_of(*shown.drawing);
    colours.resize(std::min(colours.size(), most_shown));
    for (std::size_t i = 0; i < colours.size(); ++i) {
        const Rgb from = colours[i];
        auto* swatch =
            new ColourButton(QStringLiteral("drawingColour%1").arg(i), tr("Colour %1").arg(i + 1), tr("As it came"));
        swatch->setFixedWidth(px(28));
        const auto known = std::ranges::find(shown.parts->recolours, from, &Recolour::from);
        swatch->set_colour(known != shown.parts->recolours.end() ? known->to : from);
        connect(swatch, &ColourButton::edited, this, [this, from](std::optional<Rgb> to) {
            edit(tr("Change a colour"),
                 [&](const Drawing&, const Parts& p) { return with_recolour(p, from, to.value_or(from)); });
        });
        swatches->addWidget(swatch);
    }
    swatches->addStretch();
}

void PartsStep::refresh_slivers() {
    const auto combined_parts =
        shown.parts ? std::ranges::count_if(shown.parts->shapes, [](const Shape& s) { return s.of != nullptr; }) : 0;
    constexpr std::ptrdiff_t most_looked_at = 400;
    if (combined_parts > most_looked_at) {
        sliver_words->setText(tr("%1 combined parts: too many to count slivers among.").arg(combined_parts));
        drop_slivers->setEnabled(true);
        tools.show_slivers({});
        return;
    }
    const bool any_combined = combined_parts > 0;
    const auto found = any_combined ? slivers(*shown.drawing, *shown.parts, thickness->value()) : std::vector<Sliver>{};
    QStringList lines;
    for (const Sliver& sliver : found) {
        constexpr qsizetype most_listed = 6;
        if (lines.size() == most_listed) {
            lines << tr("and %1 more").arg(static_cast<qsizetype>(found.size()) - most_listed);
            break;
        }
        const auto shape = std::ranges::find(shown.parts->shapes, sliver.shape, &Shape::id);
        lines << tr("%1: %2 mm²").arg(QString::fromStdString(shape->name)).arg(number_in_words(area(sliver.piece), 2));
    }
    sliver_words->setText(!any_combined   ? tr("Combining parts may leave slivers.")
                          : found.empty() ? tr("No slivers.")
                                          : lines.join(QLatin1Char('\n')));
    drop_slivers->setEnabled(!found.empty());
    tools.show_slivers(found);
}

QString PartsStep::state_of(const DrawingArtwork& art) {
    std::size_t printed_parts = 0, cut_parts = 0;
    for (const Shape& shape : art.parts->shapes) {
        printed_parts += shape.use.is_printed;
        cut_parts += shape.use.cut != PartCut::none;
    }
    return tr("%1 printed, %2 cut").arg(printed_parts).arg(cut_parts);
}

} // namespace fusuma::app
