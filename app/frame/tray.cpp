#include "app/frame/tray.h"

#include "app/common/painting.h"
#include "app/common/screen_painter.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "app/model/carried.h"
#include "formats/basics/in_words.h"

#include <QAction>
#include <QApplication>
#include <QDrag>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMenu>
#include <QMimeData>
#include <QPainter>
#include <QScrollArea>
#include <QStyle>
#include <QVBoxLayout>
#include <algorithm>
#include <utility>

namespace fusuma::app {

enum class CardState { unknown, fine, look_at, to_fix };
constexpr int picture_px = 68; // and the room before it

/// One sticker in the tray: picture, name, size, copies and state.
class TrayCard : public QWidget {
    Q_DECLARE_TR_FUNCTIONS(TrayCard)

  public:
    TrayCard(Model& project, StickerActs& sticker_acts, const Sticker& shown, CardState shown_state)
        : model(project), acts(sticker_acts) {
        setFixedHeight(px(76));
        setFocusPolicy(Qt::TabFocus);
        setObjectName(QStringLiteral("trayCard%1").arg(shown.id));
        show_sticker(shown, shown_state);
    }
    void show_sticker(const Sticker& shown, CardState shown_state) {
        // Painting a card takes as long as painting the sticker, so it waits until something about it is new.
        const auto result = model.working_out.known(shown.id);
        const bool is_in_hand = model.in_hand.sticker() && model.in_hand.sticker()->id == shown.id;
        const QString copies = QString::number(model.document().copies_of(shown.id)) +
                               QString::number(static_cast<int>(model.document().unit));
        if (sticker.id == shown.id && sticker.name == shown.name && artwork_size(sticker) == artwork_size(shown) &&
            state == shown_state && result == painted_result && is_in_hand == painted_in_hand &&
            copies == painted_copies)
            return;
        painted_result = result;
        painted_in_hand = is_in_hand;
        painted_copies = copies;
        sticker = shown;
        state = shown_state;
        const QString words = state == CardState::to_fix    ? tr("something to fix")
                              : state == CardState::look_at ? tr("something to look at")
                              : state == CardState::unknown ? tr("not worked out yet")
                                                            : tr("fine");
        setAccessibleName(QString::fromStdString(sticker.name) + ", " + words);
        setToolTip(
            tr("%1 — %2. Double-click to open it on the Bench.").arg(QString::fromStdString(sticker.name), words));
        update();
    }
    [[nodiscard]] int id() const { return sticker.id; }
    /// A field in the name's place; Return takes what is typed, Escape does not.
    void rename() {
        if (naming)
            return;
        naming = new QLineEdit(QString::fromStdString(sticker.name), this);
        naming->setObjectName(QStringLiteral("stickerName"));
        naming->setAccessibleName(tr("Name of the sticker"));
        naming->setGeometry(mirrored({picture_px + 10, 4, width() - picture_px - 16, 28}));
        naming->selectAll();
        naming->installEventFilter(this);
        connect(naming, &QLineEdit::editingFinished, this, [this] { end_naming(true); });
        naming->show();
        naming->setFocus();
    }

    std::function<void()> opened;

  protected:
    /// The sticker as it will be, once that is worked out; its artwork until then.
    void paint_picture(QPainter& painter, const QRectF& frame) const {
        const auto result = model.working_out.known(sticker.id);
        const Size artwork = artwork_size(sticker);
        Rect box{{0, 0}, {artwork.width, artwork.height}};
        if (result && !result->cut->box().empty())
            box = result->cut->box();
        const double scale = 54 / std::max(box.width(), box.height());
        const QPointF corner = frame.center() - scale * to_qt(box.centre());
        const QTransform view(scale, 0, 0, scale, corner.x(), corner.y());
        painter.save();
        QPainterPath inside;
        if (result) {
            inside = view.map(to_qt(result->cut_line()));
            painter.fillPath(inside, theme().paper);
            painter.setClipPath(inside);
            for (const PrintLayer& layer : result->print)
                draw_layer(painter, layer, view);
        } else {
            const QTransform from_picture = to_qt(picture_to_mm(sticker)) * view;
            const PixelBox crop = frame_of(sticker).crop;
            inside.addPolygon(from_picture.map(QPolygonF(QRectF(crop.x, crop.y, crop.width, crop.height))));
            painter.setClipPath(inside);
            const PixelPlace px = size_px(sticker.artwork);
            if (const auto original = original_art(sticker.artwork))
                draw_art(painter, *original, QTransform::fromScale(px.x, px.y) * from_picture);
        }
        painter.restore();
    }

    /// From the other side where words run that way.
    [[nodiscard]] QRect mirrored(const QRect& place) const {
        return QStyle::visualRect(layoutDirection(), rect(), place);
    }

    void paintEvent(QPaintEvent*) override {
        const Theme& t = theme();
        const bool chosen = model.in_hand.sticker() && model.in_hand.sticker()->id == sticker.id;
        ScreenPainter on_screen(*this);
        QPainter& painter = on_screen.painter();
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(QPen(chosen || hasFocus() ? t.accent : t.line, chosen ? 1.6 : 1));
        painter.setBrush(chosen ? t.selection : t.field);
        painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 6, 6);
        painter.setPen(Qt::NoPen);
        painter.setBrush(t.window);
        const QRectF frame = mirrored({px(8), px(8), px(60), px(60)});
        painter.drawRoundedRect(frame, 4, 4);
        paint_picture(painter, frame);

        const Size size = finished_size();
        const int left = px(78), right = width() - px(10), line = px(18);
        QFont bold = font();
        bold.setWeight(QFont::DemiBold);
        painter.setFont(bold);
        painter.setPen(t.ink);
        const QString name = QString::fromStdString(sticker.name);
        painter.drawText(mirrored({left, px(10), right - left, line}), Qt::AlignVCenter,
                         QFontMetrics(bold).elidedText(name, Qt::ElideRight, right - left));
        painter.drawText(mirrored({left, px(50), right - left, line}), Qt::AlignVCenter,
                         QStringLiteral("× %1").arg(model.document().copies_of(sticker.id)));
        QFont small = font();
        small.setPixelSize(px(11));
        painter.setFont(small);
        painter.setPen(t.dim);
        const Unit unit = model.document().unit;
        painter.drawText(mirrored({left, px(29), right - left, line}), Qt::AlignVCenter,
                         QStringLiteral("%1 × %2").arg(bare(size.width, unit), length_in_words(size.height, unit)));
        draw_state(painter, QRectF(mirrored({right - 8, px(59) - 4, 8, 8})).center());
    }
    void mousePressEvent(QMouseEvent* event) override {
        pressed_at = event->pos();
        model.in_hand.choose_sticker(sticker.id);
    }
    void mouseMoveEvent(QMouseEvent* event) override {
        if (!(event->buttons() & Qt::LeftButton) ||
            (event->pos() - pressed_at).manhattanLength() < QApplication::startDragDistance())
            return;
        auto* drag = new QDrag(window()); // the drop may do away with this card while the drag ends
        const auto known = model.working_out.known(sticker.id);
        auto* what =
            !known ? new QMimeData : // what other programs take of it
                new CarriedSticker(place(std::make_shared<const Sticker>(sticker), known, {.sticker = sticker.id}),
                                   model.document().unit);
        mark_as_sticker(*what, model.project, sticker.id);
        drag->setMimeData(what);
        drag->setPixmap(grab(mirrored({px(8), px(8), px(60), px(60)})));
        drag->setHotSpot({30, 30});
        drag->exec(Qt::CopyAction | Qt::MoveAction, Qt::CopyAction);
    }
    void contextMenuEvent(QContextMenuEvent* event) override {
        model.in_hand.choose_sticker(sticker.id);
        QMenu menu;
        menu.setObjectName(QStringLiteral("cardMenu"));
        menu.addAction(tr("Open on the Bench"), this, [this] { opened(); });
        menu.addAction(tr("Rename"), this, &TrayCard::rename);
        acts.add_to(menu);
        menu.exec(event->globalPos());
    }
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (watched == naming && event->type() == QEvent::KeyPress &&
            static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape) {
            end_naming(false);
            return true;
        }
        return QWidget::eventFilter(watched, event);
    }
    void mouseDoubleClickEvent(QMouseEvent*) override { opened(); }
    void keyPressEvent(QKeyEvent* event) override {
        if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Space)
            model.in_hand.choose_sticker(sticker.id);
        else
            QWidget::keyPressEvent(event);
    }

  private:
    std::shared_ptr<const StickerResult> painted_result;
    bool painted_in_hand = false;
    QString painted_copies;
    QPoint pressed_at;
    QLineEdit* naming = nullptr;
    Model& model;
    StickerActs& acts;
    Sticker sticker;
    CardState state;

    void end_naming(bool takes) {
        if (!naming)
            return;
        QLineEdit* field = std::exchange(naming, nullptr);
        field->hide();
        field->deleteLater();
        setFocus();
        if (takes)
            acts.rename(sticker.id, field->text());
    }
    /// Cut, as everywhere; of the artwork until that is worked out.
    [[nodiscard]] Size finished_size() const {
        const auto result = model.working_out.known(sticker.id);
        const Rect box = result ? result->cut->box() : Rect();
        return box.empty() ? artwork_size(sticker) : Size{box.width(), box.height()};
    }
    static QString bare(double mm, Unit unit) {
        const QString text = length_in_words(mm, unit);
        return text.left(text.lastIndexOf(' '));
    }
    /// A ring for what is not known yet, a dot for fine, a triangle for something to look at, a square for something to
    /// fix: shape as well as colour.
    void draw_state(QPainter& painter, QPointF at) const {
        painter.setPen(Qt::NoPen);
        if (state == CardState::unknown) {
            painter.setPen(QPen(theme().faint, 1.5));
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(at, 4.5, 4.5);
        } else if (state == CardState::fine) {
            painter.setBrush(theme().fine);
            painter.drawEllipse(at, 5, 5);
        } else if (state == CardState::look_at) {
            painter.setBrush(QColor(0xB08A2E));
            painter.drawPolygon(QPolygonF{{at.x(), at.y() - 6}, {at.x() + 6, at.y() + 5}, {at.x() - 6, at.y() + 5}});
        } else {
            painter.setBrush(theme().attention);
            painter.drawRoundedRect(QRectF(at.x() - 5, at.y() - 5, 10, 10), 2, 2);
        }
    }
};

namespace {

CardState state_of(const Snapshot& snapshot, int sticker) {
    if (!snapshot.document.find(sticker))
        return CardState::unknown;
    CardState worst = CardState::fine;
    for (const Finding& f : snapshot.findings)
        for (const CopyId id : f.copies)
            if (const Placement* copy = snapshot.document.copy(id); copy && copy->sticker == sticker)
                worst = std::max(worst, f.severity == Severity::to_fix ? CardState::to_fix : CardState::look_at);
    return worst;
}

} // namespace

Tray::Tray(Model& project, StickerActs& sticker_acts, QWidget* parent)
    : QWidget(parent), model(project), acts(sticker_acts) {
    setAcceptDrops(true);
    setObjectName(QStringLiteral("tray"));
    setAttribute(Qt::WA_StyledBackground);
    setMinimumWidth(px(204));
    setMaximumWidth(px(400));
    auto* layout = column(this, 10, 8);
    auto* head = new QWidget;
    auto* head_layout = new QHBoxLayout(head);
    head_layout->setContentsMargins(6, 4, 6, 0);
    head_layout->addWidget(label(tr("Tray"), "title"));
    head_layout->addStretch();
    counts = label({}, "dim");
    counts->setWordWrap(true);
    counts->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    head_layout->addWidget(counts, 1);
    layout->addWidget(head);
    scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inner = new QWidget;
    list = column(inner, 0, 8);
    list->addStretch();
    scroll->setWidget(inner);
    layout->addWidget(scroll, 1);
    auto* add = button(tr("Add artwork…"), "primary", QStringLiteral("addArtwork"),
                       tr("Bring in a picture or a drawing as a new sticker. You can also drop files on the window."));
    connect(add, &QPushButton::clicked, this, &Tray::add_artwork_wanted);
    layout->addWidget(add);
    auto* make = button(tr("New label…"), "", QStringLiteral("newLabel"),
                        tr("A label with words on it, or words as a sticker; one, or a whole list."));
    connect(make, &QPushButton::clicked, this, &Tray::new_label_wanted);
    layout->addWidget(make);
    connect(&model, &Model::changed, this, &Tray::refresh);
    connect(&model.working_out, &WorkingOut::worked_out, this, &Tray::refresh);
    connect(&model.working_out, &WorkingOut::came_early, this, &Tray::refresh);
    refresh();
}

void Tray::refresh() {
    const Document& document = model.document();
    counts->setText(tr("%n stickers", nullptr, static_cast<int>(document.stickers.size())) + QStringLiteral(" · ") +
                    tr("%n copies", nullptr, static_cast<int>(document.placements.size())));
    // Cards stay where they are while the stickers do: one of them may be handling the very click that led here.
    const auto& stickers = document.stickers;
    const bool same = std::equal(cards.begin(), cards.end(), stickers.begin(), stickers.end(),
                                 [](const TrayCard* card, const auto& sticker) { return card->id() == sticker->id; });
    if (!same)
        rebuild();
    for (std::size_t i = 0; i < cards.size(); ++i)
        cards[i]->show_sticker(*stickers[i], state_of(model.snapshot(), stickers[i]->id));
    if (const auto in_hand = model.in_hand.sticker(); in_hand && in_hand->id != brought_into_sight) {
        brought_into_sight = in_hand->id;
        for (TrayCard* card : cards)
            if (card->id() == brought_into_sight)
                scroll->ensureWidgetVisible(card, 0, 8);
    }
}

void Tray::rename_in_hand() {
    const auto in_hand = model.in_hand.sticker();
    for (TrayCard* card : cards)
        if (in_hand && card->id() == in_hand->id)
            card->rename();
}

void Tray::dragEnterEvent(QDragEnterEvent* event) {
    if (dragged_sticker(*event->mimeData(), model.project))
        event->acceptProposedAction();
}

/// Before the first card whose middle lies below the pointer.
void Tray::dropEvent(QDropEvent* event) {
    const int id = dragged_sticker(*event->mimeData(), model.project).value_or(0);
    const auto at = event->position().toPoint();
    std::size_t to = 0;
    for (const TrayCard* card : cards)
        if (card->id() != id && card->mapTo(this, card->rect().center()).y() < at.y())
            ++to;
    event->setDropAction(Qt::MoveAction);
    event->accept();
    model.project.edit(tr("Move in the tray"), [=](Document d) { return with_sticker_moved(std::move(d), id, to); });
}

void Tray::rebuild() {
    for (TrayCard* card : cards) {
        list->removeWidget(card);
        card->hide();
        card->deleteLater();
    }
    cards.clear();
    for (const auto& sticker : model.document().stickers) {
        auto* card = new TrayCard(model, acts, *sticker, CardState::fine);
        card->opened = [this, id = sticker->id] { emit sticker_opened(id); };
        list->insertWidget(static_cast<int>(cards.size()), card);
        cards.push_back(card);
    }
}

} // namespace fusuma::app
