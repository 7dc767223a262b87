#include "app/bench/flatten_dialog.h"

#include "app/bench/photo_net.h"
#include "app/common/enum_words.h"
#include "app/common/number_field.h"
#include "app/common/patient_dialog.h"
#include "app/common/widgets.h"
#include "app/model/in_background.h"
#include "app/model/profiles.h"
#include "core/photo/lay_flat.h"
#include "core/sheet/paper.h"
#include "formats/basics/in_words.h"
#include "formats/painting/shown_art.h"

#include <QComboBox>
#include <QDialogButtonBox>
#include <QVBoxLayout>

namespace fusuma::app {

namespace {

class FlattenDialog : public PatientDialog {
    Q_DECLARE_TR_FUNCTIONS(FlattenDialog)

  public:
    FlattenDialog(const std::shared_ptr<const Picture>& picture, Size sheet, Unit unit, QWidget* parent)
        : PatientDialog(parent), photo(as_it_came(picture)) {
        setWindowTitle(tr("Lay the photograph flat"));
        setObjectName(QStringLiteral("flattenDialog"));
        auto* rows = column(this, 12, 8);
        by = new Choices(labels<FlatBy>());
        by->setToolTip(tr("What in the picture has a known size."));
        rows->addWidget(by);
        auto* line = new QWidget;
        auto* beside = new QHBoxLayout(line);
        beside->setContentsMargins(0, 0, 0, 0);
        papers_box = new QComboBox;
        papers_box->setObjectName(QStringLiteral("flatPaper"));
        papers_box->setAccessibleName(tr("Its paper"));
        papers_box->addItem(tr("Any of the board's papers"), QSizeF());
        for (const Paper& p : papers())
            papers_box->addItem(QString::fromUtf8(p.name.data(), static_cast<qsizetype>(p.name.size())),
                                QSizeF(p.size.width, p.size.height));
        width = new NumberField(NumberField::Kind::length, 1, 5000, 1, QStringLiteral("flatWidth"));
        height = new NumberField(NumberField::Kind::length, 1, 5000, 1, QStringLiteral("flatHeight"));
        for (NumberField* field : {width, height})
            field->set_unit(unit);
        width->set_value(sheet.width);
        height->set_value(sheet.height);
        across = label(tr("Across and down:"));
        beside->addWidget(papers_box);
        beside->addWidget(across);
        beside->addWidget(width);
        beside->addWidget(height);
        beside->addStretch();
        rows->addWidget(line);
        net = new PhotoNet(image_of(*seen));
        rows->addWidget(net, 1);
        told = label({}, "dim");
        told->setObjectName(QStringLiteral("flatTold"));
        told->setWordWrap(true);
        told->setMinimumHeight(2 * told->fontMetrics().lineSpacing());
        rows->addWidget(told);
        auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
        buttons->button(QDialogButtonBox::Cancel)->setObjectName(QStringLiteral("leaveFlat"));
        take = buttons->addButton(tr("Lay it flat"), QDialogButtonBox::AcceptRole);
        take->setObjectName(QStringLiteral("layFlat"));
        restyle(take, "role", "primary");
        as_came = buttons->addButton(tr("As it came"), QDialogButtonBox::ResetRole);
        as_came->setObjectName(QStringLiteral("asItCame"));
        as_came->setEnabled(picture->flat.has_value());
        rows->addWidget(buttons);
        connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
        connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
        connect(as_came, &QPushButton::clicked, this, [this] {
            found.reset();
            accept();
        });
        connect(by, &Choices::picked, this, [this](int i) {
            way = choice_at<FlatBy>(i);
            look();
        });
        connect(papers_box, &QComboBox::activated, this, [this] { look(); });
        for (NumberField* field : {width, height})
            connect(field, &NumberField::edited, this, [this] { look(); });
        connect(net, &PhotoNet::corners_moved, this, [this] {
            // Dragged corners are taken as they are; the size stays that of what was found.
            if (found && way != FlatBy::corners) {
                width->set_value(found->size.width);
                height->set_value(found->size.height);
            }
            way = FlatBy::corners;
            look();
        });
        if (picture->flat) {
            way = picture->flat->by;
            show_found(*picture->flat);
            if (way == FlatBy::corners) {
                width->set_value(picture->flat->size.width);
                height->set_value(picture->flat->size.height);
            }
            refresh();
        } else {
            way = FlatBy::board; // which shows for itself whether it is there; else the paper's edges
            tries_paper_next = true;
            look();
        }
        resize(860, 680);
    }

    std::optional<Flattening> found;

  private:
    std::shared_ptr<const Picture> photo;
    std::shared_ptr<const Image> seen = photo->pixels.get();
    Choices* by;
    QComboBox* papers_box;
    QLabel *across, *told;
    NumberField *width, *height;
    PhotoNet* net;
    QPushButton *take, *as_came;
    FlatBy way = FlatBy::paper;
    bool tries_paper_next = false;
    std::uint64_t asked = 0;

    void refresh() {
        by->set_chosen(place_of(way));
        papers_box->setVisible(way == FlatBy::board || way == FlatBy::paper);
        for (QWidget* w : std::initializer_list<QWidget*>{across, width, height})
            w->setVisible(way == FlatBy::corners);
        take->setEnabled(found.has_value());
    }
    void show_found(const Flattening& flat) {
        found = flat;
        net->set_corners(corners_on_photo(flat));
        net->show_net(flat);
        say_found();
    }
    void say_found() {
        QString words =
            tr("%1 × %2 mm").arg(number_in_words(found->size.width, 1)).arg(number_in_words(found->size.height, 1));
        if (found->by != FlatBy::corners)
            words += tr(", error left %1 mm").arg(number_in_words(found->residual, 2));
        words += tr(", %1 pixels a millimetre.").arg(number_in_words(found->px_per_mm, 1));
        told->setText(words + ' ' +
                      tr("Drag a corner to correct it, or press 1 to 4 and move it with the arrow keys."));
        restyle(told, "role", "dim");
    }
    void look() {
        FlatWish wish{.by = way};
        const QSizeF chosen = papers_box->currentData().toSizeF();
        if (way == FlatBy::corners) {
            wish.corners = net->corners();
            wish.size = Size{width->value(), height->value()};
        } else if (way != FlatBy::card && !chosen.isEmpty()) {
            wish.size = Size{chosen.width(), chosen.height()};
        } else if (way == FlatBy::paper) {
            wish.size = Size{width->value(), height->value()};
        }
        found.reset();
        if (way != FlatBy::corners)
            net->show_net(std::nullopt);
        refresh();
        told->setText(way == FlatBy::corners ? QString() : tr("Looking for it…"));
        restyle(told, "role", "dim");
        const std::uint64_t number = ++asked;
        KnownCamera camera = known_camera(*photo);
        if (way != FlatBy::board) // which tells the lens itself, and better
            camera.lens = saved_lens(photo->camera.model);
        in_background(
            worker, this,
            [picture = photo, wish, camera, stop = start_anew()] {
                return lay_flat(*picture->pixels.get(), wish, camera, {stop});
            },
            [this, number](const Result<Flattening>& flat) {
                if (number == asked)
                    take_found(flat);
            },
            [this](const QString& why) {
                if (!why.isEmpty()) // else another look has begun
                    told->setText(why);
            });
    }
    void take_found(const Result<Flattening>& flat) {
        if (!flat && std::exchange(tries_paper_next, false)) {
            way = FlatBy::paper;
            look();
            return;
        }
        tries_paper_next = false;
        if (flat && way == FlatBy::corners) {
            found = *flat;
            net->show_net(*flat);
            say_found();
        } else if (flat) {
            show_found(*flat);
        } else {
            told->setText(in_words(flat.problem()));
            restyle(told, "role", "attention");
        }
        refresh();
    }
};

} // namespace

std::optional<FlattenChoice> ask_how_to_flatten(const std::shared_ptr<const Picture>& picture, Size paper, Unit unit,
                                                QWidget* parent) {
    FlattenDialog dialog(picture, paper, unit, parent);
    if (dialog.exec() != QDialog::Accepted)
        return std::nullopt;
    if (dialog.found && dialog.found->by == FlatBy::board)
        save_lens(picture->camera.model, dialog.found->view.lens); // for pictures without a board
    return FlattenChoice{dialog.found};
}

} // namespace fusuma::app
