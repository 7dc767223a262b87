#include "app/bench/artwork_step.h"

#include "app/bench/flatten_dialog.h"
#include "app/bench/split_dialog.h"
#include "formats/basics/in_words.h"

#include <QCheckBox>
#include <QLineEdit>
#include <cmath>
#include <numbers>

namespace fusuma::app {

namespace {

constexpr double degree = std::numbers::pi / 180;

} // namespace

ArtworkStep::ArtworkStep(Model& project, BenchTools& tools) : model(project) {
    auto* layout = step_layout(this);
    name = new QLineEdit;
    name->setObjectName(QStringLiteral("stickerName"));
    connect(name, &QLineEdit::editingFinished, this, [this] {
        if (model.in_hand.sticker() && name->text().toStdString() != model.in_hand.sticker()->name &&
            !name->text().trimmed().isEmpty())
            model.in_hand.edit_sticker(tr("Rename"),
                                       [this](Sticker& s) { s.name = name->text().trimmed().toStdString(); });
    });
    layout->addWidget(row(tr("Name"), name, 170));
    facts = label({}, "dim");
    facts->setObjectName(QStringLiteral("artworkFacts"));
    facts->setWordWrap(true);
    layout->addWidget(facts);

    resolution = plain_field(20, 2400, 50, "pageResolution", QStringLiteral("dpi"),
                             tr("How finely the page is drawn. 300 dpi is plenty for printing at its own size."));
    resolution_row = row(tr("Drawn at"), resolution, 100);
    connect(resolution, &NumberField::edited, &model.importer, &Importer::set_page_resolution);
    layout->addWidget(resolution_row);

    flatten = button(tr("Lay it flat…"), "", QStringLiteral("flatten"),
                     tr("For photographs: by the photo board, a sheet of paper, a card or four corners, in true "
                        "millimetres."));
    connect(flatten, &QPushButton::clicked, this, [this] {
        const auto s = model.in_hand.sticker();
        const auto* art = s ? std::get_if<PictureArtwork>(&s->artwork) : nullptr;
        if (!art)
            return;
        model.importer.with_pixels(as_it_came(art->picture), [this, picture = art->picture] {
            const Document& d = model.document();
            if (const auto choice = ask_how_to_flatten(picture, d.sheet.paper, d.unit, this))
                model.importer.set_flattening(choice->how);
        });
    });
    split = button(tr("One sticker for each piece…"), "", QStringLiteral("splitPieces"),
                   tr("A page of drawings becomes a sticker for each; they share the picture."));
    connect(split, &QPushButton::clicked, this, [this] { split_into_pieces(model, this); });
    layout->addWidget(flatten);
    layout->addWidget(split);

    crop = tool_button(tools, Tool::crop, tr("Crop"), QStringLiteral("crop"),
                       tr("Draw a box round the part to use. The rest is kept aside, not lost."));
    whole = button(tr("Use all of it"), "", QStringLiteral("uncrop"), tr("Take the crop away."));
    connect(whole, &QPushButton::clicked, this,
            [this] { reframe(tr("Use all of it"), [](Framing& f) { f.crop.reset(); }); });
    layout->addWidget(side_by_side({crop, whole}));

    turn = plain_field(-360, 360, 0.5, "artTurn", QStringLiteral("°"), tr("Clockwise. Steps with the arrow keys."));
    connect(turn, &NumberField::edited, this, [this](double deg) {
        reframe(
            tr("Turn"), [deg](Framing& f) { f.turn = deg * degree; }, "turn");
    });
    layout->addWidget(row(tr("Turned by"), turn, 100));
    const auto quarter = [this](double deg, const QString& words, const char* object_name, const QString& why) {
        auto* result = button(words, "", QLatin1String(object_name), why);
        connect(result, &QPushButton::clicked, this, [this, deg] {
            reframe(tr("Turn"),
                    [deg](Framing& f) { f.turn = std::remainder(f.turn + deg * degree, 2 * std::numbers::pi); });
        });
        return result;
    };
    layout->addWidget(side_by_side({quarter(-90, tr("Quarter left"), "quarterLeft", tr("Turn by 90° anticlockwise.")),
                                    quarter(90, tr("Quarter right"), "quarterRight", tr("Turn by 90° clockwise."))}));
    mirrored = new QCheckBox(tr("Mirrored"));
    mirrored->setObjectName(QStringLiteral("artMirrored"));
    mirrored->setToolTip(tr("Left and right exchanged, as for stickers behind glass."));
    connect(mirrored, &QCheckBox::clicked, this,
            [this](bool on) { reframe(tr("Mirror"), [on](Framing& f) { f.mirrored = on; }); });
    layout->addWidget(
        side_by_side({tool_button(tools, Tool::straighten, tr("Straighten"), QStringLiteral("straighten"),
                                  tr("Draw a line along what should be level or upright; the artwork turns to suit.")),
                      mirrored}));
}

void ArtworkStep::reframe(const QString& text, const std::function<void(Framing&)>& change, const QString& stroke) {
    model.in_hand.edit_sticker(
        text,
        [&](Sticker& s) {
            Framing framing = s.framing;
            change(framing);
            s = reframed(s, framing);
        },
        stroke);
}

void ArtworkStep::refresh(const Sticker& s) {
    if (!name->hasFocus())
        name->setText(QString::fromStdString(s.name));
    turn->set_value(std::round(s.framing.turn / degree * 100) / 100);
    mirrored->setChecked(s.framing.mirrored);
    whole->setEnabled(s.framing.crop.has_value());
    crop->setEnabled(!is_drawn(s.artwork));
    flatten->setVisible(!is_drawn(s.artwork));
    split->setVisible(!is_drawn(s.artwork));
    resolution_row->setVisible(false);
    struct About {
        ArtworkStep& step;
        const Sticker& s;
        void operator()(const PictureArtwork& art) const {
            const Picture& p = *art.picture;
            step.resolution_row->setVisible(p.page > 0);
            step.resolution->set_value(p.dpi);
            const QString origin = p.page > 0 ? tr("page %1, drawn at %2 dpi").arg(p.page).arg(std::lround(p.dpi))
                                   : p.flat   ? tr("laid flat, %1 × %2 mm")
                                                  .arg(number_in_words(p.flat->size.width, 1))
                                                  .arg(number_in_words(p.flat->size.height, 1))
                                   : p.dpi_is_stated ? tr("saved at %1 dpi").arg(std::lround(p.dpi))
                                                     : tr("no density in the file, 300 dpi assumed");
            step.facts->setText(tr("%1, %2. Prints at %3 dpi at this size.")
                                    .arg(QString::fromStdString(p.file_name), origin)
                                    .arg(std::lround(mm_per_inch / mm_per_px(s))));
        }
        void operator()(const DrawingArtwork& art) const {
            step.facts->setText(tr("%1, a drawing of %2 parts. Its edges are exact at every size.")
                                    .arg(QString::fromStdString(art.drawing->file_name))
                                    .arg(art.drawing->parts.size()));
        }
        void operator()(const LabelArtwork&) const {
            step.facts->setText(tr("A label made here. Its edges are exact at every size."));
        }
        void operator()(const ClusterArtwork&) const {
            step.facts->setText(tr("Stickers joined to one. Each is kept as it was."));
        }
    };
    std::visit(About{*this, s}, s.artwork);
}

QString ArtworkStep::state_of(const Sticker& s) {
    const Frame frame = frame_of(s);
    QString words = is_drawn(s.artwork) ? tr("drawn") : tr("%1 × %2 px").arg(frame.crop.width).arg(frame.crop.height);
    if (const auto* art = std::get_if<PictureArtwork>(&s.artwork); art && art->picture->flat)
        words += tr(", laid flat");
    if (s.framing.crop)
        words += tr(", cropped");
    if (std::abs(s.framing.turn) > 1e-6)
        words += tr(", turned");
    return words;
}

} // namespace fusuma::app
