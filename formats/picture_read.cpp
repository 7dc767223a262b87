#include "formats/picture_read.h"

#include "core/geometry/units.h"
#include "formats/file.h"

#include <QBuffer>
#include <QColorSpace>
#include <QFileInfo>
#include <QImageReader>
#include <QtEndian>
#include <algorithm>
#include <cstring>

namespace fusuma {

namespace {

double png_dpi(const QByteArray& bytes) {
    qsizetype at = 8;
    while (at + 12 <= bytes.size()) {
        const quint32 size = qFromBigEndian<quint32>(bytes.constData() + at);
        const QByteArrayView type(bytes.constData() + at + 4, 4);
        if (type == "IDAT" || size > static_cast<quint32>(bytes.size() - at - 12))
            break;
        if (type == "pHYs" && size == 9 && bytes[at + 16] == 1)
            return qFromBigEndian<quint32>(bytes.constData() + at + 8) * mm_per_inch / 1000;
        at += 12 + static_cast<qsizetype>(size);
    }
    return 0;
}

double jfif_dpi(const QByteArray& bytes) {
    if (bytes.size() < 18 || bytes.sliced(2, 2) != "\xff\xe0" || bytes.sliced(6, 4) != "JFIF")
        return 0;
    const double density = qFromBigEndian<quint16>(bytes.constData() + 14);
    switch (bytes[13]) {
    case 1:
        return density;
    case 2:
        return density * 2.54;
    default:
        return 0;
    }
}

bool is_jpeg(const QByteArray& bytes) {
    return bytes.startsWith("\xff\xd8");
}

/// The decoder paints the missing part of a shortened JPEG grey and says nothing, so look for the end marker.
bool is_cut_short(const QByteArray& bytes) {
    constexpr qsizetype tail = 1 << 16; // some cameras append data of their own
    return is_jpeg(bytes) && !bytes.last(std::min(tail, bytes.size())).contains("\xff\xd9");
}

} // namespace

double stated_dpi(const QByteArray& bytes) {
    double dpi = 0;
    if (bytes.startsWith("\x89PNG\r\n\x1a\n"))
        dpi = png_dpi(bytes);
    else if (is_jpeg(bytes))
        dpi = jfif_dpi(bytes);
    const bool believable = dpi >= 10 && dpi <= 10000;
    return believable ? dpi : 0;
}

Result<std::shared_ptr<const Picture>> decode_picture(const QByteArray& bytes, const QString& file_name) {
    const std::string name = quoted_name(file_name);
    if (bytes.isEmpty())
        return Problem{name + " is empty."};
    QBuffer buffer;
    buffer.setData(bytes);
    buffer.open(QIODevice::ReadOnly);
    QImageReader::setAllocationLimit(static_cast<int>((largest_picture_px * 8) >> 20));
    QImageReader reader(&buffer);
    reader.setDecideFormatFromContent(true);
    reader.setAutoTransform(true);
    if (!reader.canRead() || reader.format() == "svg" || reader.format() == "svgz" || reader.format() == "pdf")
        return Problem{name + " is not a picture that Fusuma can read.", "Use PNG, JPEG, WebP, TIFF, BMP or GIF."};
    const QSize size = reader.size();
    if (qint64{size.width()} * size.height() > largest_picture_px)
        return Problem{name + " has " + std::to_string(size.width()) + " × " + std::to_string(size.height()) +
                           " pixels, more than the 200 million that Fusuma can open.",
                       "Save a smaller copy and open that."};
    QImage image = reader.read();
    if (image.isNull() || is_cut_short(bytes))
        return Problem{name + " is damaged or cut short.", "Export or download it again."};
    if (qint64{image.width()} * image.height() > largest_picture_px)
        return Problem{name + " has more than the 200 million pixels that Fusuma can open."};
    if (image.colorSpace().isValid() && image.colorSpace() != QColorSpace::SRgb)
        image.convertToColorSpace(QColorSpace::SRgb);
    image.convertTo(QImage::Format_RGBA8888);

    auto picture = std::make_shared<Picture>();
    picture->file_name = QFileInfo(file_name).fileName().toStdString();
    const auto* first = reinterpret_cast<const std::byte*>(bytes.constData());
    picture->original.assign(first, first + bytes.size());
    picture->pixels = Image(image.width(), image.height());
    const std::size_t row_bytes = static_cast<std::size_t>(image.width()) * 4;
    for (int y = 0; y < image.height(); ++y)
        std::memcpy(picture->pixels.rgba.data() + static_cast<std::size_t>(y) * row_bytes, image.constScanLine(y),
                    row_bytes);
    if (const double dpi = stated_dpi(bytes); dpi > 0) {
        picture->dpi = dpi;
        picture->dpi_is_stated = true;
    }
    return std::shared_ptr<const Picture>(std::move(picture));
}

Result<std::shared_ptr<const Picture>> read_picture(const QString& path) {
    const auto bytes = read_file(path, largest_picture_bytes);
    return bytes ? decode_picture(*bytes, path) : bytes.problem();
}

} // namespace fusuma
