#include "reading/picture/decode_picture.h"

#include "core/units.h"
#include "formats/basics/file.h"
#include "reading/picture/camera_facts.h"
#include "reading/picture/colour_profile.h"
#include "reading/picture/cut_short.h"
#include "reading/picture/heif_read.h"
#include "reading/picture/jpeg_read.h"
#include "reading/picture/pdf_pages.h"
#include "reading/picture/tiff_read.h"

#include <QBuffer>
#include <QColorSpace>
#include <QFile>
#include <QFileInfo>
#include <QImage>
#include <QImageReader>
#include <QtEndian>
#include <algorithm>
#include <array>
#include <cmath>
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

double bmp_dpi(const QByteArray& bytes) {
    constexpr quint32 least_header = 40; // older ones have no density
    const bool has_density = bytes.size() >= 42 && qFromLittleEndian<quint32>(bytes.constData() + 14) >= least_header;
    return has_density ? qFromLittleEndian<quint32>(bytes.constData() + 38) * mm_per_inch / 1000 : 0;
}

bool is_jpeg(const QByteArray& bytes) {
    return bytes.startsWith("\xff\xd8");
}

/// Density that has to stand in files of some kinds; 72 and 96, which screens once had, stand there for want of
/// another. Source: common practice
double if_meant(double dpi) {
    constexpr double rounding = 0.1;
    return std::abs(dpi - 72) < rounding || std::abs(dpi - 96) < rounding ? 0 : dpi;
}

double if_believable(double dpi) {
    return dpi >= 10 && dpi <= 10000 ? dpi : 0;
}

} // namespace

double stated_dpi(const QByteArray& bytes) {
    if (bytes.startsWith("\x89PNG\r\n\x1a\n"))
        return if_believable(png_dpi(bytes));
    if (bytes.startsWith("BM"))
        return if_believable(if_meant(bmp_dpi(bytes)));
    return is_jpeg(bytes) ? if_believable(jfif_dpi(bytes)) : 0;
}

namespace {

struct Read {
    QImage rgba; // RGBA8888 in sRGB
    double dpi = 0;
    Said note;
};

Problem damaged() {
    return {"is damaged or cut short."_said, "Export or download it again."_said};
}
Said broken_profile() {
    return "has a damaged colour profile, so its colours are taken as they are."_said;
}

bool is_too_large(const QSize& size) {
    return qint64{size.width()} * size.height() > largest_picture_px;
}

/// @param orientation  as Exif counts them, from 1
QImageIOHandler::Transformations turns_of(int orientation) {
    using Turn = QImageIOHandler;
    constexpr std::array<QImageIOHandler::Transformation, 8> turns{Turn::TransformationNone,
                                                                   Turn::TransformationMirror,
                                                                   Turn::TransformationRotate180,
                                                                   Turn::TransformationFlip,
                                                                   Turn::TransformationFlipAndRotate90,
                                                                   Turn::TransformationRotate90,
                                                                   Turn::TransformationMirrorAndRotate90,
                                                                   Turn::TransformationRotate270};
    return orientation >= 1 && orientation <= 8 ? turns[static_cast<std::size_t>(orientation - 1)] : turns[0];
}
QImage turned(QImage image, QImageIOHandler::Transformations how) {
    // Mirroring comes before turning in these flags, so does Qt's own reader.
    if (how & QImageIOHandler::TransformationRotate180)
        image = std::move(image).mirrored(how & QImageIOHandler::TransformationMirror,
                                          how & QImageIOHandler::TransformationFlip);
    if (how & QImageIOHandler::TransformationRotate90)
        image = image.transformed(QTransform().rotate(90));
    return image;
}

/// Inks become colours; what was done for want of a sound profile is noted.
void take_inks(Read& read, const QByteArray& profile) {
    bool by_profile = false;
    read.rgba = cmyk_to_srgb(read.rgba, profile, by_profile);
    if (!by_profile)
        read.note = profile.isEmpty() ? "is in CMYK without a colour profile, so its colours are only near."_said
                                      : "has a damaged colour profile, so its colours are only near."_said;
}

/// Problems of the readers below are without the file's name; `decode_picture` puts it in front.
Result<Read> read_photograph(const QByteArray& bytes, QImageIOHandler::Transformations orientation) {
    Read read{is_cut_short(bytes) ? QImage() : read_jpeg(bytes, largest_picture_px), 0, {}};
    if (read.rgba.isNull())
        return damaged();
    const QByteArray profile = embedded_profile(bytes);
    if (is_cmyk_jpeg(bytes))
        take_inks(read, profile);
    else if (!profile.isEmpty() && !convert_to_srgb(read.rgba, profile))
        read.note = broken_profile();
    read.rgba = turned(std::move(read.rgba), orientation);
    return read;
}

Result<Read> read_telephones(const QByteArray& bytes) {
    auto heif = read_heif(bytes, largest_picture_px);
    if (!heif)
        return heif.problem();
    Read read{std::move(heif->rgba), 0, {}};
    if (!heif->profile.isEmpty() && !convert_to_srgb(read.rgba, heif->profile))
        read.note = broken_profile();
    return read;
}

Result<Read> read_tagged(const QByteArray& bytes) {
    auto tiff = read_tiff(bytes, largest_picture_px);
    if (!tiff)
        return tiff.problem();
    Read read{std::move(tiff->pixels), if_believable(if_meant(tiff->dpi)), {}};
    if (tiff->holds == TiffRead::Holds::inks)
        take_inks(read, tiff->profile);
    else if (tiff->holds == TiffRead::Holds::lab)
        lab_to_srgb(read.rgba);
    else if (!tiff->profile.isEmpty() && !convert_to_srgb(read.rgba, tiff->profile))
        read.note = broken_profile();
    if (tiff->pictures > 1)
        read.note = "holds {count} pictures; the first is used."_said.with("count", tiff->pictures);
    read.rgba = turned(std::move(read.rgba), turns_of(tiff->orientation));
    return read;
}

/// Files that people try, and what of them can be read. Source: the formats' own first bytes
Said instead_of(const QByteArray& bytes) {
    if (bytes.startsWith("%!PS") || bytes.startsWith("\xC5\xD0\xD3\xC6")) // PostScript, also with a preview before it
        return "Save it as SVG or PDF."_said;
    if (bytes.startsWith("AC10")) // what DXF is the exchange form of
        return "Save it as DXF."_said;
    if (bytes.startsWith("8BPS") || bytes.mid(4, 4) == " xcf") // with layers
        return "Save it as PNG."_said;
    return "Use PNG, JPEG, WebP, HEIC, AVIF, TIFF, BMP, GIF, SVG, DXF or PDF."_said;
}

/// sRGB, or its primaries with the plain power by which programs that know no profiles are told of it.
/// Source: W3C PNG 11.3.3.5 (a gAMA of 45455 beside sRGB)
bool is_srgb(const QColorSpace& space) {
    constexpr float its_power = 2.2F, rounding = 0.01F;
    return space == QColorSpace::SRgb || (space.primaries() == QColorSpace::Primaries::SRgb &&
                                          space.transferFunction() == QColorSpace::TransferFunction::Gamma &&
                                          std::abs(space.gamma() - its_power) < rounding);
}

Result<Read> read_raster(const QByteArray& bytes) {
    QBuffer buffer;
    buffer.setData(bytes);
    buffer.open(QIODevice::ReadOnly);
    QImageReader::setAllocationLimit(static_cast<int>((largest_picture_px * 8) >> 20));
    QImageReader reader(&buffer);
    reader.setDecideFormatFromContent(true);
    reader.setAutoTransform(true);
    if (!reader.canRead() || reader.format() == "svg" || reader.format() == "svgz" || reader.format() == "pdf")
        return Problem{"is not a picture that Fusuma can read."_said, instead_of(bytes)};
    const QSize size = reader.size();
    if (is_too_large(size))
        return Problem{"has {width} × {height} pixels, more than the 200 million that Fusuma can open."_said
                           .with("width", size.width())
                           .with("height", size.height()),
                       "Save a smaller copy and open that."_said};
    if (is_jpeg(bytes))
        return read_photograph(bytes, reader.transformation());
    const bool is_animated = reader.supportsAnimation() && reader.imageCount() > 1;
    Read read{reader.read(), 0, {}};
    QImage& image = read.rgba;
    if (image.isNull() || is_cut_short(bytes))
        return damaged();
    if (is_too_large(image.size()))
        return Problem{"has more than the 200 million pixels that Fusuma can open."_said};
    if (is_animated)
        read.note = "is an animation; its first picture is used."_said;
    QByteArray profile = embedded_profile(bytes);
    if (profile.isEmpty() && image.colorSpace().isValid() && !is_srgb(image.colorSpace()))
        profile = image.colorSpace().iccProfile(); // told in the file by other means than a profile
    image.convertTo(QImage::Format_RGBA8888);
    if (!profile.isEmpty() && !convert_to_srgb(image, profile))
        read.note = broken_profile();
    return read;
}

/// The same pixels, not copied.
Image as_pixels(QImage&& rgba) {
    const auto kept = std::make_shared<QImage>(std::move(rgba).convertToFormat(QImage::Format_RGBA8888));
    Image image;
    image.width = kept->width();
    image.height = kept->height();
    image.rgba = PixelBytes(kept, kept->bits(), static_cast<std::size_t>(kept->sizeInBytes()));
    return image;
}

Result<Read> read_page(const QByteArray& bytes, const PageChoice& page) {
    auto image = render_pdf_page(bytes, page.number, page.dpi, largest_picture_px);
    return image ? Result<Read>(Read{std::move(*image), page.dpi, {}}) : image.problem();
}

} // namespace

Result<std::shared_ptr<Picture>> decode_picture(const QByteArray& bytes, const QString& file_name,
                                                const PageChoice& page) {
    const std::string name = file_name_of(file_name);
    if (bytes.isEmpty())
        return Problem{"“{file}” is empty."_said.with("file", name)};
    const bool has_pages = is_pdf(bytes);
    auto read = has_pages        ? read_page(bytes, page)
                : is_heif(bytes) ? read_telephones(bytes)
                : is_tiff(bytes) ? read_tagged(bytes)
                                 : read_raster(bytes);
    if (!read)
        return Problem{"“{file}” {trouble}"_said.with("file", name).with("trouble", read.problem().message),
                       read.problem().hint};
    auto picture = std::make_shared<Picture>();
    picture->pixels = as_pixels(std::move(read->rgba));
    if (!read->note.empty())
        picture->note = "“{file}” {note}"_said.with("file", name).with("note", read->note);
    picture->page = has_pages ? page.number : 0;
    if (!has_pages)
        picture->camera = camera_facts(bytes);
    for (const double dpi : {read->dpi, stated_dpi(bytes), if_believable(if_meant(exif_dpi(bytes)))})
        if (dpi > 0 && !picture->dpi_is_stated) {
            picture->dpi = dpi;
            picture->dpi_is_stated = true;
        }
    return picture;
}

Result<int> page_count(const QByteArray& bytes, const QString& file_name) {
    if (!is_pdf(bytes))
        return 0;
    const auto pages = pdf_page_count(bytes);
    return pages ? pages
                 : Problem{"“{file}” {trouble}"_said.with("file", file_name_of(file_name))
                               .with("trouble", pages.problem().message),
                           pages.problem().hint};
}

} // namespace fusuma
