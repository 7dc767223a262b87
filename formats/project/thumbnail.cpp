#include "formats/project/thumbnail.h"

#include "formats/project/zip_archive.h"

#include <QBuffer>
#include <QImageReader>

namespace fusuma {

std::optional<QImage> thumbnail_in(const QString& path) {
    constexpr qint64 most_bytes = 1 << 20;
    constexpr int most_px = 1024;
    auto png = zip_entry(path, thumbnail_entry, most_bytes);
    if (!png)
        return std::nullopt;
    QBuffer buffer(&*png);
    QImageReader reader(&buffer, "PNG");
    const QSize size = reader.size();
    if (size.isEmpty() || size.width() > most_px || size.height() > most_px)
        return std::nullopt;
    QImage picture = reader.read();
    return picture.isNull() ? std::nullopt : std::optional(std::move(picture));
}

} // namespace fusuma
