#include "formats/painting/shown_art.h"

#include "formats/painting/to_qt.h"

#include <QPainter>
#include <algorithm>
#include <cmath>
#include <list>
#include <mutex>

namespace fusuma {

namespace {

QImage at_most(const QImage& image, int most_px) {
    return std::max(image.width(), image.height()) <= most_px
               ? image
               : image.scaled(most_px, most_px, Qt::KeepAspectRatio, Qt::SmoothTransformation);
}

QImage shown_at(const Pixels& whole, int most_px, const Work& work) {
    const auto image = whole.get(work);
    const Image& pixels = *image;
    const int longer = std::max(pixels.width, pixels.height);
    if (longer <= most_px)
        return image_of(pixels).convertToFormat(QImage::Format_ARGB32_Premultiplied);
    const Image small = reduced(pixels, std::max(1, longer / most_px));
    return at_most(image_of(small).convertToFormat(QImage::Format_ARGB32_Premultiplied), most_px);
}

QImage shown_at(const std::shared_ptr<const DrawnArt>& drawn, int most_px, const Work& work) {
    const DrawnArt& art = *drawn;
    for (const Painted& painted : art.shapes)
        if (const auto* pixels = std::get_if<Pixels>(&painted.ink))
            static_cast<void>(pixels->get(work));
    const double scale = most_px / std::max(art.size.width, art.size.height);
    const QSize px(std::max(1, static_cast<int>(std::ceil(scale * art.size.width))),
                   std::max(1, static_cast<int>(std::ceil(scale * art.size.height))));
    QImage image(px, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    QPainter painter(&image);
    draw_curves(painter, art, QTransform::fromScale(px.width(), px.height()));
    return image;
}

bool is_at_hand(const Pixels& pixels) {
    return pixels.at_hand() != nullptr;
}
bool is_at_hand(const std::shared_ptr<const DrawnArt>& art) {
    return std::ranges::all_of(art->shapes, [](const Painted& painted) {
        const auto* pixels = std::get_if<Pixels>(&painted.ink);
        return !pixels || is_at_hand(*pixels);
    });
}

/// Pictures by the art that they are of. Art is told by its address and held weakly, so that no picture of a stroke
/// long undone stays because it was shown once.
class ShownArt {
  public:
    /// @param decoding  null: only what is at hand
    QImage get(const PrintArt& art, int most_px, const Work* decoding) {
        const std::weak_ptr<const void> held = identity_of(art);
        if (QImage known = find(held, most_px); !known.isNull())
            return known;
        // The smallest is made of the next, which takes as long as it: going through all pixels is what does.
        const bool is_of_next = most_px < shown_sizes[1] && std::holds_alternative<Pixels>(art);
        QImage image = is_of_next ? find(held, shown_sizes[1]) : QImage();
        if (image.isNull()) {
            if (!decoding && !std::visit([](const auto& a) { return is_at_hand(a); }, art))
                return {};
            const int first_px = is_of_next ? shown_sizes[1] : most_px;
            image =
                std::visit([&](const auto& a) { return shown_at(a, first_px, decoding ? *decoding : Work{}); }, art);
        }
        if (is_of_next)
            image = at_most(image, most_px);
        const std::scoped_lock lock(mutex);
        entries.push_front({held, most_px, image});
        bytes += image.sizeInBytes();
        entries.remove_if([this](const Entry& entry) { return entry.art.expired() && forget(entry); });
        shrink();
        return image;
    }
    void keep_within(qsizetype most) {
        const std::scoped_lock lock(mutex);
        budget = most;
        shrink();
    }

    qsizetype most() {
        const std::scoped_lock lock(mutex);
        return budget;
    }

  private:
    struct Entry {
        std::weak_ptr<const void> art;
        int most_px;
        QImage image;
    };
    qsizetype budget = qsizetype{512} << 20;
    std::list<Entry> entries; // most recently used first
    qsizetype bytes = 0;
    std::mutex mutex;

    /// As used now; null when it is not there.
    QImage find(const std::weak_ptr<const void>& art, int most_px) {
        const std::scoped_lock lock(mutex);
        for (auto it = entries.begin(); it != entries.end(); ++it)
            if (it->most_px == most_px && !it->art.owner_before(art) && !art.owner_before(it->art)) {
                entries.splice(entries.begin(), entries, it);
                return entries.front().image;
            }
        return {};
    }
    void shrink() {
        while (bytes > budget && entries.size() > 1) {
            forget(entries.back());
            entries.pop_back();
        }
    }
    bool forget(const Entry& entry) {
        bytes -= entry.image.sizeInBytes();
        return true;
    }
};

ShownArt& all_shown() {
    static ShownArt known;
    return known;
}

} // namespace

QImage image_of(const Image& pixels) {
    return {pixels.rgba.data(), pixels.width, pixels.height, pixels.width * 4, QImage::Format_RGBA8888};
}

QImage shown_art(const PrintArt& art, int most_px, const Work& work) {
    return all_shown().get(art, most_px, &work);
}

QImage art_at_hand(const PrintArt& art, int most_px) {
    return all_shown().get(art, most_px, nullptr);
}

void keep_shown_within(qsizetype bytes) {
    all_shown().keep_within(bytes);
}

void prepare_art(const PrintArt& art, int most_px, const Work& work) {
    for (auto size = shown_sizes.rbegin(); size != shown_sizes.rend(); ++size) // the smallest of what is there then
        if (*size <= most_px)
            (void)shown_art(art, *size, work);
}

int size_for_all(std::size_t arts) {
    int fits = 0;
    qsizetype bytes = 0; // of one that is square
    for (const int size : shown_sizes)
        if (bytes += qsizetype{4} * size * size; static_cast<qsizetype>(arts) * bytes <= all_shown().most())
            fits = size;
    return fits;
}

void prepare_print(const std::vector<PrintLayer>& layers, int most_px, const Work& work) {
    for (const PrintLayer& layer : layers)
        if (const auto* art = std::get_if<PrintArt>(&layer.ink))
            prepare_art(*art, most_px, work);
}

void draw_curves(QPainter& painter, const DrawnArt& art, const QTransform& to_view) {
    painter.save();
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    painter.setTransform(QTransform::fromScale(1 / art.size.width, 1 / art.size.height) * to_view, true);
    painter.setClipRect(QRectF(0, 0, art.size.width, art.size.height), Qt::IntersectClip);
    for (const Painted& painted : art.shapes) {
        QPainterPath path;
        if (painted.area) {
            path = to_qt(painted.area->curves);
            path.setFillRule(painted.area->rule == FillRule::even_odd ? Qt::OddEvenFill : Qt::WindingFill);
        }
        if (const Rgb* colour = std::get_if<Rgb>(&painted.ink)) {
            QColor ink = to_qt(*colour);
            ink.setAlphaF(static_cast<float>(painted.opacity));
            painter.fillPath(path, ink);
            continue;
        }
        painter.save();
        if (painted.area)
            painter.setClipPath(path, Qt::IntersectClip);
        painter.setTransform(to_qt(painted.from_unit), true);
        const auto image = std::get<Pixels>(painted.ink).get();
        painter.drawImage(QRectF(0, 0, 1, 1), image_of(*image));
        painter.restore();
    }
    painter.restore();
}

} // namespace fusuma
