#include "app/frame/scan_dialog.h"

#include "app/common/number_field.h"
#include "app/common/patient_dialog.h"
#include "app/common/screen_painter.h"
#include "app/common/widgets.h"
#include "app/model/free_hands.h"
#include "app/model/in_background.h"
#include "devices/scanner/scanner.h"
#include "formats/basics/in_words.h"

#include <QBuffer>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QLabel>
#include <QPainter>
#include <QProgressBar>
#include <QPushButton>
#include <QTimer>
#include <QVBoxLayout>
#include <atomic>

namespace fusuma::app {

namespace {

/// The bed as last seen, on which the part to be scanned is drawn.
class BedView : public QWidget {
  public:
    BedView() {
        setObjectName(QStringLiteral("scanBed"));
        setMinimumSize(300, 360);
        setToolTip(
            QCoreApplication::translate("scan", "Draw a box round what is to be scanned; a click takes it away."));
    }
    void show_bed(Size size, const QImage& seen) {
        bed = size;
        picture = seen;
        update();
    }
    [[nodiscard]] Rect area() const { return part; } ///< mm; empty for all

  protected:
    void paintEvent(QPaintEvent*) override {
        ScreenPainter on_screen(*this);
        QPainter& painter = on_screen.painter();
        const QRectF there = place();
        painter.fillRect(there, Qt::white);
        if (!picture.isNull())
            painter.drawImage(there, picture);
        painter.setPen(palette().color(QPalette::Mid));
        painter.drawRect(there);
        if (part.width() > 0) {
            const double k = there.width() / bed.width;
            painter.setPen(QPen(palette().color(QPalette::Highlight), 2));
            painter.drawRect(
                QRectF(there.topLeft() + k * QPointF(part.min.x, part.min.y), QSizeF(part.width(), part.height()) * k));
        }
    }
    void mousePressEvent(QMouseEvent* event) override {
        from = to_mm(event->position());
        part = {};
        update();
    }
    void mouseMoveEvent(QMouseEvent* event) override {
        part = {};
        part.include(from);
        part.include(to_mm(event->position()));
        update();
    }

  private:
    Size bed{210, 297};
    QImage picture;
    Rect part;
    Point from;

    [[nodiscard]] QRectF place() const {
        const double k = std::min((width() - 2) / bed.width, (height() - 2) / bed.height);
        return {(width() - k * bed.width) / 2, (height() - k * bed.height) / 2, k * bed.width, k * bed.height};
    }
    [[nodiscard]] Point to_mm(QPointF at) const {
        const QRectF there = place();
        const double k = there.width() / bed.width;
        return {std::clamp((at.x() - there.x()) / k, 0.0, bed.width),
                std::clamp((at.y() - there.y()) / k, 0.0, bed.height)};
    }
};

class ScanDialog : public PatientDialog {
    Q_DECLARE_TR_FUNCTIONS(ScanDialog)

  public:
    ScanDialog(Model& project, QWidget* parent) : PatientDialog(parent), model(project) {
        setWindowTitle(tr("Scan"));
        setObjectName(QStringLiteral("scanDialog"));
        need_not_be_waited_for(*this); // one page after the other comes into the tray
        auto* rows = column(this, 12, 8);
        devices = new QComboBox;
        devices->setObjectName(QStringLiteral("scanner"));
        rows->addWidget(row(tr("Scanner"), devices, 260));
        dpi = new NumberField(NumberField::Kind::plain, 25, 4800, 50, QStringLiteral("scanDpi"));
        dpi->set_suffix(QStringLiteral("dpi"));
        dpi->set_value(300);
        rows->addWidget(row(tr("Resolution"), dpi, 120));
        colours = new Choices({tr("Colour"), tr("Grey")});
        colours->set_chosen(0);
        rows->addWidget(colours);
        bed = new BedView;
        rows->addWidget(bed, 1);
        bar = new QProgressBar;
        bar->setTextVisible(false);
        bar->setObjectName(QStringLiteral("scanProgress"));
        rows->addWidget(bar);
        told = label(tr("Looking for scanners…"), "dim");
        told->setObjectName(QStringLiteral("scanTold"));
        told->setWordWrap(true);
        rows->addWidget(told);
        look = button(tr("Preview"), "", QStringLiteral("scanPreview"),
                      tr("A quick look at all that lies in the scanner."));
        start = button(tr("Scan it"), "primary", QStringLiteral("scanNow"),
                       tr("It becomes a sticker; then scan the next."));
        stop_it = button(tr("Stop"), "", QStringLiteral("scanStop"), tr("Ends the scan; nothing of it is kept."));
        auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
        buttons->button(QDialogButtonBox::Close)->setObjectName(QStringLiteral("scanDone"));
        for (QPushButton* b : {look, start, stop_it})
            buttons->addButton(b, QDialogButtonBox::ActionRole);
        rows->addWidget(buttons);
        connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
        connect(look, &QPushButton::clicked, this, [this] { run(true); });
        connect(start, &QPushButton::clicked, this, [this] { run(false); });
        connect(stop_it, &QPushButton::clicked, this, [this] { stop_work(); });
        connect(devices, &QComboBox::currentIndexChanged, this, [this] { look_at_it(); });
        connect(&watch, &QTimer::timeout, this, [this] {
            bar->setValue(static_cast<int>(100 * how_far));
            model.scanning = Business::Doing{tr("Scanning…"), how_far};
        });
        refresh();
        in_background(
            worker, this, [] { return scanners(); },
            [this](const Result<std::vector<ScannerName>>& found) {
                if (found && !found->empty())
                    told->setText({});
                else
                    tell(found
                             ? Problem{"No scanner was found."_said,
                                       "See whether it is plugged in and switched on, or add the scan as a file."_said}
                             : found.problem());
                if (found)
                    for (const ScannerName& one : *found)
                        devices->addItem(one.name, one.id);
                refresh();
            },
            [this](const QString& why) { told->setText(why); });
    }

    ~ScanDialog() override { model.scanning.reset(); }

  private:
    Model& model;
    QComboBox* devices;
    NumberField* dpi;
    Choices* colours;
    BedView* bed;
    QProgressBar* bar;
    QLabel* told;
    QPushButton *look, *start, *stop_it;
    QTimer watch;
    Size bed_size{210, 297};
    std::atomic<double> how_far = 0;
    bool is_busy = false;
    int count = 0;

    void tell(const Problem& problem) {
        told->setText(in_words(problem));
        restyle(told, "role", "attention");
    }
    void refresh() {
        const bool has_one = devices->count() > 0;
        for (QWidget* w : std::initializer_list<QWidget*>{look, start, dpi, colours, devices})
            w->setEnabled(has_one && !is_busy);
        stop_it->setEnabled(is_busy);
        bar->setVisible(is_busy);
    }
    void look_at_it() {
        in_background(
            worker, this, [id = devices->currentData().toString()] { return look_at_scanner(id); },
            [this](const Result<ScannerFacts>& facts) {
                if (!facts)
                    return tell(facts.problem());
                if (facts->bed.width > 1 && facts->bed.height > 1)
                    bed_size = facts->bed;
                bed->show_bed(bed_size, {});
            },
            [this](const QString& why) { told->setText(why); });
    }
    void run(bool is_preview) {
        ScanWish wish{.scanner = devices->currentData().toString(),
                      .dpi = is_preview ? 50 : dpi->value(),
                      .is_colour = colours->is_chosen(0)};
        if (!is_preview)
            wish.area = bed->area();
        is_busy = true;
        how_far = 0;
        told->setText(is_preview ? tr("Having a look…") : tr("Scanning…"));
        restyle(told, "role", "dim");
        watch.start(100);
        refresh();
        in_background(
            worker, this,
            [this, wish, token = start_anew()]() -> Result<QImage> {
                try {
                    return scan(wish, {token, &how_far});
                } catch (const Stopped&) {
                    return Problem{"The scan was stopped."_said};
                }
            },
            [this, is_preview](const Result<QImage>& picture) { take(picture, is_preview); },
            [this](const QString& why) {
                end();
                told->setText(why);
            });
    }
    void end() {
        is_busy = false;
        watch.stop();
        model.scanning.reset();
        refresh();
    }
    void take(const Result<QImage>& picture, bool is_preview) {
        end();
        if (!picture)
            return tell(picture.problem());
        if (is_preview) {
            bed->show_bed(bed_size, *picture);
            told->setText(tr("Draw a box round what is to be scanned."));
            return;
        }
        // As a file that says its density, off this thread: a page is large.
        in_background(
            worker, this,
            [image = *picture] {
                QByteArray png;
                QBuffer buffer(&png);
                buffer.open(QIODevice::WriteOnly);
                constexpr int quick = 80;
                image.save(&buffer, "PNG", quick);
                return png;
            },
            [this](const QByteArray& png) {
                model.importer.add_picture(png, tr("scan %1.png").arg(++count));
                told->setText(tr("Scanned: it is in the tray. Lay in the next."));
                restyle(told, "role", "fine");
            },
            [this](const QString& why) { told->setText(why); });
    }
};

} // namespace

void scan_artwork(Model& model, QWidget* parent) {
    ScanDialog(model, parent).exec();
}

} // namespace fusuma::app
