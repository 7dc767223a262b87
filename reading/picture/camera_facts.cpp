#include "reading/picture/camera_facts.h"

#include "core/units.h"

#include <exiv2/exiv2.hpp>

namespace fusuma {

namespace {

/// @throws std::exception  for what is damaged or has none
Exiv2::ExifData exif_of(const QByteArray& bytes) {
    Exiv2::LogMsg::setLevel(Exiv2::LogMsg::mute);
    Exiv2::enableBMFF(true); // HEIC and AVIF
    const auto image = Exiv2::ImageFactory::open(reinterpret_cast<const Exiv2::byte*>(bytes.constData()), bytes.size());
    image->readMetadata();
    return image->exifData();
}

} // namespace

CameraFacts camera_facts(const QByteArray& bytes) {
    CameraFacts facts;
    try {
        const Exiv2::ExifData exif = exif_of(bytes);
        const auto words = [&](const char* key) {
            const auto found = exif.findKey(Exiv2::ExifKey(key));
            constexpr qsizetype longest = 60;
            return found == exif.end() ? QString()
                                       : QString::fromStdString(found->toString()).simplified().left(longest);
        };
        const QString make = words("Exif.Image.Make"), model = words("Exif.Image.Model");
        // Many models begin with the maker's name already.
        facts.model =
            (model.startsWith(make, Qt::CaseInsensitive) ? model : (make + ' ' + model)).trimmed().toStdString();
        if (const double focal = words("Exif.Photo.FocalLengthIn35mmFilm").toDouble(); focal >= 5 && focal <= 2000)
            facts.focal_35mm = focal;
    } catch (const std::exception&) { // nothing that can be read
    }
    return facts;
}

double exif_dpi(const QByteArray& bytes) {
    try {
        const Exiv2::ExifData exif = exif_of(bytes);
        const auto found = [&exif](const char* key) { return exif.findKey(Exiv2::ExifKey(key)); };
        const auto density = found("Exif.Image.XResolution"), unit = found("Exif.Image.ResolutionUnit"),
                   none = exif.end();
        if (density == none || found("Exif.Photo.ExposureTime") != none || found("Exif.Photo.FNumber") != none)
            return 0;
        const auto per_unit = static_cast<double>(density->toFloat());
        constexpr int inches = 2, centimetres = 3;
        switch (unit == none ? inches : unit->toLong()) {
        case inches:
            return per_unit;
        case centimetres:
            return per_unit * mm_per_inch / 10;
        default: // a proportion only
            return 0;
        }
    } catch (const std::exception&) { // nothing that can be read
        return 0;
    }
}

} // namespace fusuma
