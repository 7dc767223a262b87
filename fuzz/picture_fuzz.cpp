#include "fuzz/target.h"
#include "reading/picture/colour_profile.h"
#include "reading/picture/decode_picture.h"
#include "reading/picture/jpeg_read.h"

#include <QBuffer>
#include <QColorSpace>
#include <QImage>
#include <QtEndian>

namespace fusuma::fuzz::picture {
namespace {

void take(std::string_view input) {
    const QByteArray bytes(input.data(), std::ssize(input));
    if (bytes.size() > 1 << 16)
        return;
    stated_dpi(bytes);
    static_cast<void>(is_cmyk_jpeg(bytes));
    if (const QByteArray profile = embedded_profile(bytes); !profile.isEmpty()) {
        QImage image(4, 3, QImage::Format_RGBA8888);
        image.fill(Qt::gray);
        static_cast<void>(convert_to_srgb(image, profile));
    }
    static_cast<void>(decode_picture(bytes, QStringLiteral("fuzz.png")));
}

std::vector<std::string> seeds() {
    qInstallMessageHandler([](QtMsgType, const QMessageLogContext&, const QString&) {});
    QImage image(16, 12, QImage::Format_ARGB32);
    image.fill(QColor(200, 40, 10, 90));
    std::vector<std::string> seeds;
    for (const char* format : {"PNG", "JPG", "BMP", "WEBP", "TIFF"}) {
        QByteArray bytes;
        QBuffer buffer(&bytes);
        image.save(&buffer, format);
        seeds.push_back(bytes.toStdString());
    }
    seeds.emplace_back("GIF89a\1\0\1\0\x80\0\0\0\0\0\xff\xff\xff,\0\0\0\0\1\0\1\0\0\2\2D\1\0;", 35);
    // Profiles whole and cut short, where the three containers keep them.
    const QByteArray icc = QColorSpace(QColorSpace::AdobeRgb).iccProfile();
    const QByteArray chunk = "iCCPx" + QByteArray(2, '\0') + qCompress(icc).sliced(4);
    QByteArray length(4, '\0');
    qToBigEndian(static_cast<quint32>(chunk.size() - 4), length.data());
    seeds.push_back(QByteArray::fromStdString(seeds[0]).insert(33, length + chunk + QByteArray(4, '\0')).toStdString());
    QByteArray marker("\xff\xe2\0\0ICC_PROFILE\0\x01\x01", 18);
    qToBigEndian(static_cast<quint16>(icc.size() + 16), marker.data() + 2);
    seeds.push_back(QByteArray::fromStdString(seeds[1]).insert(2, marker + icc).toStdString());
    QByteArray webp("RIFF\0\0\0\0WEBPICCP\0\0\0\0", 20);
    qToLittleEndian(static_cast<quint32>(icc.size()), webp.data() + 16);
    seeds.push_back((webp + icc).toStdString());
    return seeds;
}

const Registered target("picture", take, seeds);

} // namespace
} // namespace fusuma::fuzz::picture
