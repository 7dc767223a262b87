#include "app/frame/start_page.h"

#include "app/common/screen_painter.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "app/frame/recent_projects.h"
#include "formats/basics/shipped.h"
#include "formats/project/thumbnail.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLocale>
#include <QMenu>
#include <QPainter>
#include <QPainterPath>
#include <QPointer>
#include <QScrollArea>
#include <QVBoxLayout>

namespace fusuma::app {

namespace {

/// A small boat, which stands for any art, within 100 × 100.
struct Boat {
    QPainterPath hull, sail, flag;
    Boat() {
        hull.moveTo(14, 66);
        hull.cubicTo(30, 70, 70, 70, 86, 66);
        hull.cubicTo(82, 80, 74, 88, 62, 88);
        hull.lineTo(36, 88);
        hull.cubicTo(25, 88, 18, 80, 14, 66);
        sail.moveTo(47, 18);
        sail.cubicTo(66, 30, 76, 44, 78, 60);
        sail.lineTo(47, 60);
        sail.closeSubpath();
        flag.moveTo(43, 24);
        flag.cubicTo(34, 36, 27, 48, 24, 60);
        flag.lineTo(43, 60);
        flag.closeSubpath();
    }
    /// On a border of `width`, cut along its rim. Strokes one over the other: to join them to one path takes a tenth of
    /// a second.
    void paint_bordered(QPainter& p, double width, double cut_line) const {
        const Theme& t = theme();
        for (const auto& [colour, out] : {std::pair{t.kiss, width + cut_line / 2}, {t.paper, width - cut_line / 2}}) {
            p.setPen(QPen(colour, 2 * out, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
            p.setBrush(colour);
            for (const QPainterPath* path : {&hull, &sail, &flag})
                p.drawPath(*path);
        }
        paint(p);
    }
    void paint(QPainter& p) const {
        p.setPen(Qt::NoPen);
        p.fillPath(hull, QColor(0x2E4A7D));
        p.fillPath(sail, QColor(0xC8553D));
        p.fillPath(flag, QColor(0xE3B23C));
    }
};

/// One of the three pictures of the way.
class WayPicture : public QWidget {
  public:
    enum class Step { art, border, sheet };
    WayPicture(Step shown_step, const QString& name) : step(shown_step) {
        setFixedHeight(px(150));
        setMinimumWidth(px(150));
        setAccessibleName(name);
    }

  protected:
    void paintEvent(QPaintEvent*) override {
        const Theme& t = theme();
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        p.setPen(QPen(t.line, 1));
        p.setBrush(t.field);
        p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 8, 8);
        const Boat boat;
        if (step == Step::sheet) {
            const QRectF paper(width() / 2.0 - 46, 10, 92, 130);
            p.setBrush(t.paper);
            p.drawRect(paper);
            for (const QPointF at :
                 {QPointF(8, 8), QPointF(84, 8), QPointF(8, 122), QPointF(84, 122), QPointF(26, 8)}) {
                p.setPen(Qt::NoPen);
                p.setBrush(Qt::black);
                p.drawEllipse(paper.topLeft() + at, 2.5, 2.5);
            }
            for (int i = 0; i < 6; ++i) {
                p.save();
                p.translate(paper.left() + 10 + (i % 2) * 37, paper.top() + 17 + (i / 2) * 33);
                p.scale(0.34, 0.34);
                boat.paint_bordered(p, 7, 3.2);
                p.restore();
            }
            return;
        }
        p.translate(width() / 2.0 - 60, 14);
        p.scale(1.2, 1.2);
        if (step == Step::border)
            boat.paint_bordered(p, 8, 1.6);
        else
            boat.paint(p);
    }

  private:
    Step step;
};

QWidget* way_step(WayPicture::Step step, const QString& title, const QString& words) {
    auto* result = new QWidget;
    auto* rows = column(result, 0, 4);
    rows->addWidget(new WayPicture(step, title));
    rows->addWidget(label(title, "section"));
    auto* about = label(words, "dim");
    about->setWordWrap(true);
    rows->addWidget(about);
    rows->addStretch();
    return result;
}

/// A project of before: its picture, its name and when it was last changed.
class RecentCard : public QPushButton {
  public:
    explicit RecentCard(const QString& path) : name(QFileInfo(path).completeBaseName()) {
        setObjectName(QStringLiteral("recentProject"));
        setProperty("role", "flat");
        setFixedSize(px(128), px(150));
        setAccessibleName(StartPage::tr("Open %1").arg(name));
        setToolTip(path);
        changed = QLocale().toString(QFileInfo(path).lastModified().date(), QLocale::ShortFormat);
    }
    void set_picture(const QImage& shown) {
        picture = shown;
        update();
    }

  protected:
    void paintEvent(QPaintEvent*) override {
        const Theme& t = theme();
        ScreenPainter on_screen(*this);
        QPainter& p = on_screen.painter();
        p.setRenderHint(QPainter::Antialiasing);
        p.setRenderHint(QPainter::SmoothPixmapTransform);
        p.setPen(QPen(hasFocus() || underMouse() ? t.accent : t.line, hasFocus() ? 1.6 : 1));
        p.setBrush(underMouse() ? t.hover : t.field);
        p.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 6, 6);
        const QRectF room(10, 10, width() - 20, 94);
        if (picture.isNull()) {
            p.setPen(t.dim);
            p.drawText(room, Qt::AlignCenter, StartPage::tr("no picture"));
        } else {
            const QSizeF size = QSizeF(picture.size()).scaled(room.size(), Qt::KeepAspectRatio);
            const QRectF place(room.center() - QPointF(size.width() / 2, size.height() / 2), size);
            p.drawImage(place, picture);
            p.setBrush(Qt::NoBrush);
            p.setPen(t.line);
            p.drawRect(place);
        }
        QFont bold = font();
        bold.setWeight(QFont::DemiBold);
        p.setFont(bold);
        p.setPen(t.ink);
        p.drawText(QRectF(10, 108, width() - 20, 18), Qt::AlignVCenter,
                   QFontMetrics(bold).elidedText(name, Qt::ElideMiddle, width() - 20));
        p.setFont(font());
        p.setPen(t.dim);
        p.drawText(QRectF(10, 126, width() - 20, 16), Qt::AlignVCenter, changed);
    }

  private:
    QString name, changed;
    QImage picture;
};

} // namespace

QString StartPage::example() {
    const QString path = shipped_file(QStringLiteral("demo/Tide Fair.fusuma"));
    return QFileInfo::exists(path) ? path : QString();
}

StartPage::StartPage(Model& project) : pictures(project.messages) {
    setObjectName(QStringLiteral("startPage"));
    setAttribute(Qt::WA_StyledBackground);
    auto* frame = column(this, 0, 0);
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* around = new QWidget;
    auto* across = new QHBoxLayout(around);
    auto* inner = new QWidget;
    inner->setMaximumWidth(px(840));
    across->addStretch(1);
    across->addWidget(inner, 8);
    across->addStretch(1);
    auto* rows = column(inner, 24, 14);
    rows->addStretch(1);
    rows->addWidget(label(tr("Begin a sheet of stickers"), "figure"));
    rows->addWidget(label(tr("Drop pictures or drawings anywhere on this window, or take one of these."), "dim"));
    auto* ways = new QHBoxLayout;
    ways->setSpacing(8);
    auto* add = button(tr("Add artwork…"), "primary", QStringLiteral("addArtwork"),
                       tr("A picture or a drawing as a new sticker."));
    auto* make =
        button(tr("New label…"), "", QStringLiteral("newLabel"), tr("A label with words on it; one, or a whole list."));
    auto* camera = button(tr("From camera or scanner"), "", QStringLiteral("fromCamera"),
                          tr("What is drawn, stamped or painted on paper."));
    auto* open_example = button(tr("Open the example"), "", QStringLiteral("openExample"),
                                tr("The Tide Fair's sheets, to look round and try things on."));
    auto* from = new QMenu(camera);
    from->addAction(tr("A photograph…"), this, &StartPage::add_artwork_wanted);
    from->addAction(tr("A scanner…"), this, &StartPage::scan_wanted);
    from->addSeparator();
    from->addAction(tr("Photo board to print…"), this, &StartPage::board_wanted);
    camera->setMenu(from);
    open_example->setVisible(!example().isEmpty());
    for (QWidget* way : std::initializer_list<QWidget*>{add, make, camera, open_example}) {
        way->setFixedHeight(px(36));
        ways->addWidget(way, 1);
    }
    rows->addLayout(ways);
    connect(add, &QPushButton::clicked, this, &StartPage::add_artwork_wanted);
    connect(make, &QPushButton::clicked, this, &StartPage::new_label_wanted);
    connect(open_example, &QPushButton::clicked, this, &StartPage::example_wanted);

    recent = new QWidget;
    auto* recent_rows = column(recent, 0, 6);
    recent_rows->addWidget(label(tr("Recent projects"), "section"));
    recent_grid = new QGridLayout;
    recent_grid->setSpacing(8);
    recent_grid->setAlignment(Qt::AlignLeft);
    recent_rows->addLayout(recent_grid);
    rows->addSpacing(6);
    rows->addWidget(recent);

    rows->addSpacing(6);
    rows->addWidget(label(tr("From art to sticker"), "section"));
    auto* way = new QHBoxLayout;
    way->setSpacing(12);
    way->addWidget(way_step(WayPicture::Step::art, tr("1  Bring the art"),
                            tr("A file, a scan or a photograph. Its background goes by itself, or with a click.")),
                   1);
    way->addWidget(way_step(WayPicture::Step::border, tr("2  Give it a border"),
                            tr("A cut line follows the outline, as far out as you like.")),
                   1);
    way->addWidget(way_step(WayPicture::Step::sheet, tr("3  Fill a sheet"),
                            tr("Print it with its marks, lay it in the cutter, cut along the lines.")),
                   1);
    rows->addLayout(way);
    rows->addStretch(2);
    scroll->setWidget(around);
    frame->addWidget(scroll);
}

void StartPage::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh_recent();
}

void StartPage::refresh_recent() {
    const QStringList paths = recent_projects();
    recent->setVisible(!paths.isEmpty());
    while (auto* item = recent_grid->takeAt(0)) {
        item->widget()->deleteLater();
        delete item;
    }
    std::vector<QPointer<RecentCard>> cards;
    for (const QString& path : paths) {
        auto* card = new RecentCard(path);
        connect(card, &QPushButton::clicked, this, [this, path] { emit project_wanted(path); });
        recent_grid->addWidget(card, 0, static_cast<int>(cards.size()));
        cards.emplace_back(card);
    }
    pictures.start(
        [paths] {
            std::vector<QImage> all;
            for (const QString& path : paths) {
                all.push_back(thumbnail_in(path).value_or(QImage()));
            }
            return all;
        },
        [cards](const std::vector<QImage>& all) {
            for (std::size_t i = 0; i < cards.size(); ++i)
                if (cards[i])
                    cards[i]->set_picture(all[i]);
        });
}

} // namespace fusuma::app
