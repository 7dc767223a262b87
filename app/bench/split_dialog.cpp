#include "app/bench/split_dialog.h"

#include "app/common/number_field.h"
#include "app/common/patient_dialog.h"
#include "app/common/screen_painter.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "app/model/in_background.h"
#include "core/arrange/cut_there.h"
#include "core/steps/split_pieces.h"

#include <QCheckBox>
#include <QDialogButtonBox>
#include <QImage>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

namespace fusuma::app {

namespace {

/// Whose words these are, for translators.
struct SplitWords {
    Q_DECLARE_TR_FUNCTIONS(SplitDialog)
};

constexpr std::size_t most_pieces = 300;

/// The picture with a numbered box round each piece.
class NumberedPieces : public QWidget {
  public:
    explicit NumberedPieces(const Isolation& art) : origin(art.origin), full(art.size.x, art.size.y) {
        setMinimumSize(420, 320);
        setObjectName(QStringLiteral("piecesPicture"));
    }
    /// The art small enough to look at; its pixels may have to be made first.
    static QImage picture_of(const Isolation& art) {
        const auto pixels = art.pixels();
        const QImage whole(pixels->rgba.data(), pixels->width, pixels->height, QImage::Format_RGBA8888);
        constexpr int most = 900;
        return whole.scaled(most, most, Qt::KeepAspectRatio, Qt::FastTransformation);
    }
    void show_pieces(std::vector<Piece> found, const QImage& of) {
        pieces = std::move(found);
        picture = of;
        setAccessibleName(SplitWords::tr("%1 pieces, in reading order").arg(pieces.size()));
        update();
    }

  protected:
    void paintEvent(QPaintEvent*) override {
        ScreenPainter on_screen(*this);
        QPainter& painter = on_screen.painter();
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        const double scale = std::min(width() / double(full.width()), height() / double(full.height()));
        const QPointF corner((width() - scale * full.width()) / 2, (height() - scale * full.height()) / 2);
        painter.drawImage(QRectF(corner, QSizeF(full) * scale), picture);
        for (std::size_t i = 0; i < pieces.size(); ++i) {
            const PixelBox& b = pieces[i].box;
            const QRectF box(corner + scale * QPointF(b.x - origin.x, b.y - origin.y),
                             scale * QSizeF(b.width, b.height));
            painter.setBrush(Qt::NoBrush);
            for (const auto& [colour, line] : {std::pair{theme().casing, 3.0}, {theme().accent, 1.4}}) {
                painter.setPen(QPen(colour, line));
                painter.drawRect(box);
            }
            const QString number = QString::number(i + 1);
            const QRectF badge(box.topLeft(), QSizeF(painter.fontMetrics().horizontalAdvance(number) + 10,
                                                     painter.fontMetrics().lineSpacing() + 2));
            painter.fillRect(badge, theme().accent);
            painter.setPen(theme().on_accent);
            painter.drawText(badge, Qt::AlignCenter, number);
        }
    }

  private:
    QImage picture;
    PixelPlace origin;
    QSize full;
    std::vector<Piece> pieces;
};

/// "Shell 3" of one name, or the third of several; where those run out, numbers go on.
QString piece_name(const QString& names, const QString& otherwise, std::size_t piece) {
    QStringList all;
    for (const QString& name : names.split(QLatin1Char(','), Qt::SkipEmptyParts))
        if (!name.trimmed().isEmpty())
            all << name.trimmed();
    const auto at = static_cast<qsizetype>(piece);
    if (all.size() > 1 && at < all.size())
        return all[at];
    return (all.size() == 1 ? all.front() : otherwise) + QLatin1Char(' ') + QString::number(piece + 1);
}

} // namespace

void split_into_pieces(Model& model, QWidget* parent) {
    const auto sticker = model.in_hand.sticker();
    const auto result = sticker ? model.snapshot().result(sticker->id) : nullptr;
    if (!result || is_drawn(sticker->artwork))
        return;
    PatientDialog dialog(parent);
    dialog.setWindowTitle(SplitWords::tr("One sticker for each piece"));
    dialog.setObjectName(QStringLiteral("splitDialog"));
    auto* rows = column(&dialog, 12, 8);
    auto* apart = new NumberField(NumberField::Kind::length, 0, 1000, 0.5, QStringLiteral("piecesApart"));
    apart->set_unit(model.document().unit);
    apart->set_value(3);
    rows->addWidget(row(SplitWords::tr("Nearer than this is one piece"), apart, 120));
    auto* names = new QLineEdit(QString::fromStdString(sticker->name));
    names->setObjectName(QStringLiteral("pieceNames"));
    names->setToolTip(SplitWords::tr(
        "One name for all, which are numbered, or several with commas between, in the order of the numbers"));
    rows->addWidget(row(SplitWords::tr("Names"), names, 320));
    auto* shown = new NumberedPieces(*result->isolation);
    rows->addWidget(shown, 1);
    auto* there = new QCheckBox(SplitWords::tr("Cut them where they lie on the board; print nothing"));
    there->setObjectName(QStringLiteral("cutThem"));
    there->setVisible(board_under(*sticker).has_value());
    rows->addWidget(there);
    auto* told = label({}, "dim");
    told->setObjectName(QStringLiteral("piecesTold"));
    told->setWordWrap(true);
    rows->addWidget(told);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
    auto* take = buttons->addButton(SplitWords::tr("Make the stickers"), QDialogButtonBox::AcceptRole);
    take->setObjectName(QStringLiteral("makePieces"));
    restyle(take, "role", "primary");
    rows->addWidget(buttons);
    QObject::connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    struct Found {
        double by = 0;
        std::vector<Piece> pieces;
        QImage picture;
    };
    std::vector<Piece> pieces;
    double parted_by = 0;
    const auto show = [&](const QImage& picture) {
        shown->show_pieces(pieces, picture);
        const bool is_fine = pieces.size() > 1 && pieces.size() <= most_pieces;
        told->setText(pieces.size() > most_pieces
                          ? SplitWords::tr("%1 pieces are too many: is the background taken away?").arg(pieces.size())
                      : is_fine ? SplitWords::tr("%1 pieces, numbered as they are read. They share the picture: "
                                                 "laying it flat anew corrects all.")
                                      .arg(pieces.size())
                                : SplitWords::tr("All of it is one piece."));
        take->setEnabled(is_fine);
    };
    const auto look = [&] {
        take->setEnabled(false);
        in_background(
            dialog.worker, &dialog,
            [sticker, result, by = apart->value()] {
                return Found{by, pieces_of(*sticker, *result->isolation, by),
                             NumberedPieces::picture_of(*result->isolation)};
            },
            [&](Found found) {
                if (found.by != apart->value())
                    return;
                parted_by = found.by;
                pieces = std::move(found.pieces);
                show(found.picture);
            },
            [&](const QString& why) { told->setText(why); });
    };
    QObject::connect(apart, &NumberField::edited, &dialog, look);
    look();
    dialog.resize(640, 560);
    if (dialog.exec() != QDialog::Accepted)
        return;
    std::vector<Sticker> own;
    for (std::size_t i = 0; i < pieces.size(); ++i) {
        own.push_back(piece_as_sticker(*sticker, *result->isolation, pieces[i], parted_by));
        own.back().name = piece_name(names->text(), QString::fromStdString(sticker->name), i).toStdString();
    }
    // The first takes the place of the whole, so that its copies stay.
    model.project.edit(SplitWords::tr("One sticker for each piece"), [&](Document d) {
        if (d.find(sticker->id) != sticker) // it was changed meanwhile, by what was still being read
            return d;
        own.front().id = sticker->id;
        d = with_sticker_changed(std::move(d), own.front());
        for (std::size_t i = 1; i < own.size(); ++i) {
            own[i].id = 0;
            d = with_sticker_added(std::move(d), own[i]);
        }
        return there->isChecked() ? cutting_what_lies_there(std::move(d)) : d;
    });
}

} // namespace fusuma::app
