#include "app/common/painting.h"

#include "app/common/screen_painter.h"
#include "app/common/theme.h"
#include "app/model/in_background.h"
#include "formats/room/room.h"

#include <QApplication>
#include <QPainter>
#include <QPointer>
#include <QWidget>
#include <algorithm>
#include <cmath>
#include <map>
#include <memory>

namespace fusuma::app {

namespace {

/// Draws what is seen of the art from its own pixels, as for a close look.
void draw_from_pixels(QPainter& painter, const QImage& image, const QTransform& to_view) {
    const QTransform from_pixels = QTransform::fromScale(1.0 / image.width(), 1.0 / image.height()) * to_view;
    const QRect seen = (from_pixels * painter.transform())
                           .inverted()
                           .mapRect(QRectF(painter.viewport()))
                           .toAlignedRect()
                           .adjusted(-2, -2, 2, 2)
                           .intersected(image.rect());
    painter.setTransform(from_pixels, true);
    painter.drawImage(QRectF(seen), image, QRectF(seen));
}

/// Art whose pixels were let go comes back on a thread; what shows it is painted anew then.
class Fetcher : public QObject {
  public:
    static Fetcher& the() {
        static auto* const one = new Fetcher; // ends with the application
        return *one;
    }
    /// @param where  painted without it meanwhile
    void fetch(const PrintArt& art, QWidget* where) {
        const std::weak_ptr<const void> which = identity_of(art);
        const int allowed = room::allowed_seconds();
        Asked& known = asked[which];
        if (std::ranges::none_of(known.missed_by, [where](const auto& widget) { return widget == where; }))
            known.missed_by.emplace_back(where);
        if (known.seconds >= allowed)
            return; // it is on its way, or cannot come in that time
        known.seconds = allowed;
        in_background(
            threads, this,
            [art, work = Work{.stop = stop.get_token()}] {
                prepare_art(art, shown_sizes.back(), work);
                return true;
            },
            [this, which](bool) {
                ++arrived;
                const auto came = asked.extract(which);
                if (came.empty())
                    return; // it was given more time on its way, and came before
                for (const QPointer<QWidget>& widget : came.mapped().missed_by)
                    if (widget)
                        widget->update();
            },
            [](const QString&) {}); // whoever works with it tells why it cannot be shown
    }

    int arrived = 0;

  private:
    struct Asked {
        int seconds = 0; ///< that it is allowed
        std::vector<QPointer<QWidget>> missed_by;
    };
    std::stop_source stop;
    QThreadPool threads;
    std::map<std::weak_ptr<const void>, Asked, std::owner_less<>> asked;

    Fetcher() : QObject(qApp) { threads.setMaxThreadCount(1); }
    ~Fetcher() override {
        stop.request_stop();
        threads.waitForDone();
    }
};

void draw_prepared(QPainter& painter, const PrintArt& art, int most_px, const QTransform& to_view) {
    QImage image = art_at_hand(art, most_px);
    if (image.isNull()) {
        Fetcher::the().fetch(art, ScreenPainter::painted());
        for (const int size : shown_sizes) // coarsely until then
            if (const QImage other = art_at_hand(art, size); !other.isNull())
                image = other;
    }
    painter.setTransform(to_view, true);
    painter.drawImage(QRectF(0, 0, 1, 1), image);
}

} // namespace

int art_arrived() {
    return Fetcher::the().arrived;
}

void draw_art(QPainter& painter, const PrintArt& art, const QTransform& to_view) {
    // Take the smallest prepared size that still has a pixel for every pixel on the screen.
    const double shown = std::max(std::hypot(to_view.m11(), to_view.m12()), std::hypot(to_view.m21(), to_view.m22())) *
                         painter.device()->devicePixelRatioF();
    const auto size = std::find_if(shown_sizes.begin(), shown_sizes.end(), [&](int s) { return shown <= s; });
    painter.save();
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    if (size == shown_sizes.end()) {
        const auto* pixels = std::get_if<Pixels>(&art);
        if (const auto image = pixels ? pixels->at_hand() : nullptr)
            draw_from_pixels(painter, image_of(*image), to_view);
        else if (pixels)
            draw_prepared(painter, art, shown_sizes.back(), to_view);
        else
            draw_curves(painter, *std::get<std::shared_ptr<const DrawnArt>>(art), to_view);
    } else {
        draw_prepared(painter, art, *size, to_view);
    }
    painter.restore();
}

void draw_in_full(QPainter& painter, const PrintArt& art, const QTransform& to_view) {
    if (const auto* drawn = std::get_if<std::shared_ptr<const DrawnArt>>(&art)) {
        draw_curves(painter, **drawn, to_view);
        return;
    }
    painter.save();
    painter.setTransform(to_view, true);
    painter.drawImage(QRectF(0, 0, 1, 1), image_of(*std::get<Pixels>(art).get()));
    painter.restore();
}

void draw_layer(QPainter& painter, const PrintLayer& layer, const QTransform& to_view) {
    const QPainterPath area = layer.area.empty() ? QPainterPath() : to_view.map(to_qt(layer.area));
    if (const Rgb* colour = std::get_if<Rgb>(&layer.ink)) {
        painter.fillPath(area, to_qt(*colour));
        return;
    }
    painter.save();
    if (!layer.area.empty())
        painter.setClipPath(area, Qt::IntersectClip);
    draw_art(painter, std::get<PrintArt>(layer.ink), to_qt(layer.from_unit) * to_view);
    painter.restore();
}

void draw_cut_line(QPainter& painter, const QPainterPath& path, CutKind kind) {
    const double width = kind == CutKind::kiss ? 1.6 : 2.2;
    // Where a line has hundreds of points it hardly turns at any, and round joins would only take time.
    constexpr int many = 400;
    const auto join = path.elementCount() > many ? Qt::BevelJoin : Qt::RoundJoin;
    const auto pen = [join](const QColor& colour, double w) {
        QPen result(colour, w, Qt::SolidLine, Qt::RoundCap, join);
        result.setCosmetic(true);
        return result;
    };
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(pen(theme().casing, width + 2));
    painter.drawPath(path);
    QPen line = pen(kind == CutKind::kiss    ? theme().kiss
                    : kind == CutKind::score ? theme().score
                                             : theme().through,
                    width);
    if (kind == CutKind::score)
        line.setDashPattern({0.1, 2.5});
    painter.setPen(line);
    painter.drawPath(path);
    painter.restore();
}

namespace {

template <typename Lines> void draw_lines(QPainter& painter, const Lines& lines, const QTransform& to_view) {
    for (const CutKind kind : {CutKind::kiss, CutKind::score, CutKind::through}) {
        QPainterPath path;
        for (const auto& line : lines)
            if (line.kind == kind)
                path.addPath(line.is_open ? open_path(line.path) : to_qt(line.path));
        if (!path.isEmpty())
            draw_cut_line(painter, to_view.map(path), kind);
    }
}

} // namespace

void draw_cut_lines(QPainter& painter, const std::vector<StickerLine>& lines, const QTransform& to_view) {
    draw_lines(painter, lines, to_view);
}

void draw_cut_lines(QPainter& painter, const PlacedCopy& copy, const QTransform& to_view) {
    draw_lines(painter, copy.lines, to_view);
}

} // namespace fusuma::app
