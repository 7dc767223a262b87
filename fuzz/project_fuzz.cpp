#include "formats/picture_read.h"
#include "formats/project_file.h"
#include "formats/zip_archive.h"
#include "fuzz/target.h"

#include <QBuffer>
#include <QImage>

namespace {

fusuma::Document small_project() {
    QImage image(8, 8, QImage::Format_ARGB32);
    image.fill(Qt::red);
    QByteArray png;
    QBuffer buffer(&png);
    image.save(&buffer, "PNG");
    const auto picture = fusuma::decode_picture(png, QStringLiteral("red.png"));
    fusuma::Sticker sticker = fusuma::new_sticker(fusuma::PictureArtwork{*picture});
    sticker.rims.inner.push_back({});
    sticker.border.by_hand.push_back({});
    sticker.hand.stretches.push_back({.steps = {{.to = fusuma::Segment::line_to({1, 2})}}});
    sticker.hand.left_out.push_back({});
    sticker.hand.lines.push_back({{{1, 2}, {fusuma::Segment::cubic_to({1, 2}, {3, 4}, {5, 6})}}, true});
    auto document = fusuma::with_sticker_added({}, sticker);
    document.placements.push_back({.sticker = 1, .centre = {50, 50}});
    return document;
}

} // namespace

/// The zip around a project or, when the bytes look like JSON, the description inside a sound zip.
extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const QByteArray bytes(reinterpret_cast<const char*>(data), static_cast<qsizetype>(size));
    if (bytes.startsWith("{")) {
        static const auto sound = *fusuma::unzip(fusuma::project_bytes(small_project()), 1 << 20);
        auto entries = sound;
        entries["document.json"] = bytes;
        static_cast<void>(fusuma::read_project_bytes(fusuma::zip_bytes(entries), QStringLiteral("fuzz.fusuma")));
    } else {
        static_cast<void>(fusuma::read_project_bytes(bytes, QStringLiteral("fuzz.fusuma")));
    }
    return 0;
}

std::vector<std::string> fuzz_seeds() {
    qInstallMessageHandler([](QtMsgType, const QMessageLogContext&, const QString&) {});
    const QByteArray project = fusuma::project_bytes(small_project());
    return {project.toStdString(), fusuma::unzip(project, 1 << 20)->at("document.json").toStdString()};
}
