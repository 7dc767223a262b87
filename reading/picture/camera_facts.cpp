#include "reading/picture/camera_facts.h"

#include <exiv2/exiv2.hpp>

namespace fusuma {

CameraFacts camera_facts(const QByteArray& bytes) {
    CameraFacts facts;
    try {
        Exiv2::LogMsg::setLevel(Exiv2::LogMsg::mute);
        Exiv2::enableBMFF(true); // HEIC and AVIF
        const auto image =
            Exiv2::ImageFactory::open(reinterpret_cast<const Exiv2::byte*>(bytes.constData()), bytes.size());
        image->readMetadata();
        const Exiv2::ExifData& exif = image->exifData();
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

} // namespace fusuma
