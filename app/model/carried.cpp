#include "app/model/carried.h"

#include "formats/basics/file.h"
#include "formats/basics/in_words.h"
#include "formats/cut_files/svg_write.h"
#include "formats/painting/sheet_picture.h"
#include "formats/painting/shown_art.h"
#include "formats/painting/to_qt.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QDir>
#include <QPainter>
#include <QTemporaryDir>
#include <QUrl>
#include <algorithm>
#include <future>

namespace fusuma::app {

namespace {

QByteArray picture_of(const std::vector<std::shared_ptr<const PlacedCopy>>& copies, const Rect& box) {
    constexpr double dpi = 300, most_px = 4000;
    const double scale = std::min(dpi / mm_per_inch, most_px / std::max(box.width(), box.height()));
    QImage picture(std::max(1, qRound(scale * box.width())), std::max(1, qRound(scale * box.height())),
                   QImage::Format_ARGB32_Premultiplied);
    picture.fill(Qt::transparent);
    picture.setDotsPerMeterX(qRound(scale * 1000));
    picture.setDotsPerMeterY(qRound(scale * 1000));
    QPainter painter(&picture);
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    const QTransform view = QTransform::fromTranslate(-box.min.x, -box.min.y) * QTransform::fromScale(scale, scale);
    for (const auto& copy : copies)
        for (const PrintLayer& layer : copy->result->print)
            paint_print(painter, layer, to_qt(copy->map) * view, shown_sizes.back());
    painter.end();
    QByteArray png;
    QBuffer buffer(&png);
    picture.save(&buffer, "PNG");
    return png;
}

/// A name that every file system takes.
QString safe_name_of(const std::string& sticker) {
    QString name = QString::fromStdString(sticker);
    for (QChar& c : name)
        if (!c.isLetterOrNumber() && !QStringLiteral(" -_().,").contains(c))
            c = QLatin1Char('-');
    name = name.trimmed().left(80);
    return name.isEmpty() || name.startsWith(QLatin1Char('.')) ? QStringLiteral("sticker") : name;
}

const QString sticker_format = QStringLiteral("application/x-fusuma-sticker");

QByteArray name_of(const Project& project) {
    return QByteArray::number(QCoreApplication::applicationPid()) + '-' +
           QByteArray::number(reinterpret_cast<quintptr>(&project));
}

} // namespace

void mark_as_sticker(QMimeData& data, const Project& of, int sticker) {
    data.setData(sticker_format, name_of(of) + ' ' + QByteArray::number(sticker));
}

std::optional<int> dragged_sticker(const QMimeData& data, const Project& project) {
    const QList<QByteArray> words = data.data(sticker_format).split(' ');
    return words.size() == 2 && words[0] == name_of(project) ? std::optional(words[1].toInt()) : std::nullopt;
}

Carried carried(const std::vector<std::shared_ptr<const PlacedCopy>>& copies, Unit unit) {
    Rect box;
    QStringList words;
    for (const auto& copy : copies) {
        box.include(copy->cut_box);
        box.include(copy->print_box);
        words << QStringLiteral("%1, %2 × %3")
                     .arg(QString::fromStdString(copy->sticker->name), length_in_words(copy->cut_box.width(), unit),
                          length_in_words(copy->cut_box.height(), unit));
    }
    Carried all;
    all.png = picture_of(copies, box);
    all.svg = QByteArray::fromStdString(copies_svg(copies, box, all.png.toBase64().toStdString()));
    all.text = words.join(QLatin1Char('\n'));
    return all;
}

struct CarriedSticker::Making {
    std::future<Carried> result;
    Carried all;
    QString name;
    QList<QUrl> files;

    const Carried& wait() {
        if (result.valid())
            all = result.get();
        return all;
    }
    const QList<QUrl>& written() {
        static QTemporaryDir folder;
        if (files.isEmpty() && folder.isValid()) {
            const QDir own(folder.filePath(QString::number(reinterpret_cast<quintptr>(this))));
            own.mkpath(QStringLiteral("."));
            for (const auto& [suffix, bytes] : {std::pair{".png", wait().png}, {"-cut.svg", wait().svg}})
                if (const QString path = own.filePath(name + QLatin1String(suffix)); write_file(path, bytes))
                    files << QUrl::fromLocalFile(path);
        }
        return files;
    }
};

CarriedSticker::CarriedSticker(std::shared_ptr<const PlacedCopy> copy, Unit unit) : making(std::make_shared<Making>()) {
    making->name = safe_name_of(copy->sticker->name);
    making->result = std::async(std::launch::async, [copy = std::move(copy), unit] { return carried({copy}, unit); });
}

QStringList CarriedSticker::formats() const {
    return QMimeData::formats() + QStringList{QStringLiteral("text/uri-list"), QStringLiteral("image/png"),
                                              QStringLiteral("image/svg+xml"), QStringLiteral("text/plain")};
}

QVariant CarriedSticker::retrieveData(const QString& format, QMetaType type) const {
    if (format == QLatin1String("text/uri-list")) {
        QVariantList urls;
        for (const QUrl& url : making->written())
            urls << url;
        return urls;
    }
    if (format == QLatin1String("image/png"))
        return making->wait().png;
    if (format == QLatin1String("image/svg+xml"))
        return making->wait().svg;
    if (format == QLatin1String("text/plain"))
        return making->wait().text;
    return QMimeData::retrieveData(format, type);
}

} // namespace fusuma::app
