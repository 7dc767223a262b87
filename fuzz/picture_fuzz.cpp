#include "formats/picture_read.h"
#include "fuzz/target.h"

#include <QBuffer>
#include <QImage>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const QByteArray bytes(reinterpret_cast<const char*>(data), static_cast<qsizetype>(size));
    if (bytes.size() > 1 << 16)
        return 0;
    fusuma::stated_dpi(bytes);
    static_cast<void>(fusuma::decode_picture(bytes, QStringLiteral("fuzz.png")));
    return 0;
}

std::vector<std::string> fuzz_seeds() {
    qInstallMessageHandler([](QtMsgType, const QMessageLogContext&, const QString&) {});
    QImage image(16, 12, QImage::Format_ARGB32);
    image.fill(QColor(200, 40, 10, 90));
    std::vector<std::string> seeds;
    for (const char* format : {"PNG", "JPG", "BMP"}) {
        QByteArray bytes;
        QBuffer buffer(&bytes);
        image.save(&buffer, format);
        seeds.push_back(bytes.toStdString());
    }
    return seeds;
}
