#include "reading/picture/colour_profile.h"

#include <QtEndian>
#include <algorithm>
#include <array>
#include <lcms2.h>
#include <map>
#include <memory>

namespace fusuma {

namespace {

constexpr qsizetype largest_profile = 16 << 20;

QByteArray png_profile(const QByteArray& file) {
    for (qsizetype at = 8; at + 12 <= file.size();) {
        const quint32 size = qFromBigEndian<quint32>(file.constData() + at);
        const QByteArrayView type(file.constData() + at + 4, 4);
        if (type == "IDAT" || size > static_cast<quint32>(file.size() - at - 12))
            break;
        if (type == "iCCP") {
            const QByteArray chunk = file.sliced(at + 8, static_cast<qsizetype>(size));
            const qsizetype name_end = chunk.indexOf('\0');
            if (name_end < 0 || name_end + 2 >= chunk.size())
                return {};
            // Qt wants the unpacked size first; a guess will do, it grows as needed.
            QByteArray packed(4, '\0');
            qToBigEndian<quint32>(1 << 16, packed.data());
            return qUncompress(packed + chunk.sliced(name_end + 2));
        }
        at += 12 + static_cast<qsizetype>(size);
    }
    return {};
}

QByteArray jpeg_profile(const QByteArray& file) {
    std::map<int, QByteArray> parts;
    for (qsizetype at = 2; at + 4 <= file.size();) {
        const auto marker = static_cast<unsigned char>(file[at + 1]);
        if (static_cast<unsigned char>(file[at]) != 0xff || marker == 0xda)
            break;
        const qsizetype size = qFromBigEndian<quint16>(file.constData() + at + 2);
        if (size < 2 || at + 2 + size > file.size())
            break;
        const QByteArrayView body(file.constData() + at + 4, size - 2);
        constexpr QByteArrayView name("ICC_PROFILE\0", 12);
        if (marker == 0xe2 && body.size() > 14 && body.startsWith(name))
            parts[static_cast<unsigned char>(body[12])] = body.sliced(14).toByteArray();
        at += 2 + size;
    }
    QByteArray profile;
    for (const auto& [number, part] : parts)
        profile += part;
    return profile;
}

QByteArray webp_profile(const QByteArray& file) {
    for (qsizetype at = 12; at + 8 <= file.size();) {
        const qsizetype size = qFromLittleEndian<quint32>(file.constData() + at + 4);
        if (size > file.size() - at - 8)
            break;
        if (QByteArrayView(file.constData() + at, 4) == "ICCP")
            return file.sliced(at + 8, size);
        at += 8 + size + (size & 1);
    }
    return {};
}

using Profile = std::unique_ptr<void, decltype(&cmsCloseProfile)>;
using Conversion = std::unique_ptr<void, decltype(&cmsDeleteTransform)>;

Conversion conversion_from(const QByteArray& bytes, cmsColorSpaceSignature kind, cmsUInt32Number from,
                           cmsUInt32Number flags) {
    const Profile profile(cmsOpenProfileFromMem(bytes.constData(), static_cast<cmsUInt32Number>(bytes.size())),
                          &cmsCloseProfile);
    const Profile srgb(cmsCreate_sRGBProfile(), &cmsCloseProfile);
    if (!profile || cmsGetColorSpace(profile.get()) != kind)
        return {nullptr, &cmsDeleteTransform};
    return {cmsCreateTransform(profile.get(), from, srgb.get(), TYPE_RGBA_8, INTENT_RELATIVE_COLORIMETRIC, flags),
            &cmsDeleteTransform};
}

bool convert_greys(QImage& rgba, const QByteArray& profile) {
    const Conversion conversion = conversion_from(profile, cmsSigGrayData, TYPE_GRAY_8, 0);
    if (!conversion)
        return false;
    std::array<std::uint8_t, 256> grey{};
    std::array<std::array<std::uint8_t, 4>, 256> colour{};
    for (std::size_t i = 0; i < grey.size(); ++i)
        grey[i] = static_cast<std::uint8_t>(i);
    cmsDoTransform(conversion.get(), grey.data(), colour.data(), 256);
    for (int y = 0; y < rgba.height(); ++y) {
        uchar* p = rgba.scanLine(y);
        for (int x = 0; x < rgba.width(); ++x, p += 4)
            std::copy_n(colour[p[0]].begin(), 3, p);
    }
    return true;
}

} // namespace

QByteArray embedded_profile(const QByteArray& file) {
    const QByteArray profile = file.startsWith("\x89PNG\r\n\x1a\n")                  ? png_profile(file)
                               : file.startsWith("\xff\xd8")                         ? jpeg_profile(file)
                               : file.startsWith("RIFF") && file.mid(8, 4) == "WEBP" ? webp_profile(file)
                                                                                     : QByteArray();
    return profile.size() <= largest_profile ? profile : QByteArray();
}

bool convert_to_srgb(QImage& rgba, const QByteArray& profile) {
    if (convert_greys(rgba, profile))
        return true;
    const Conversion conversion = conversion_from(profile, cmsSigRgbData, TYPE_RGBA_8, cmsFLAGS_COPY_ALPHA);
    if (!conversion)
        return false;
    for (int y = 0; y < rgba.height(); ++y)
        cmsDoTransform(conversion.get(), rgba.constScanLine(y), rgba.scanLine(y),
                       static_cast<cmsUInt32Number>(rgba.width()));
    return true;
}

void lab_to_srgb(QImage& lab) {
    constexpr cmsUInt32Number lab_and_one_more = COLORSPACE_SH(PT_Lab) | CHANNELS_SH(3) | EXTRA_SH(1) | BYTES_SH(1);
    const Profile from(cmsCreateLab4Profile(nullptr), &cmsCloseProfile),
        srgb(cmsCreate_sRGBProfile(), &cmsCloseProfile);
    const Conversion conversion(cmsCreateTransform(from.get(), lab_and_one_more, srgb.get(), TYPE_RGBA_8,
                                                   INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_COPY_ALPHA),
                                &cmsDeleteTransform);
    for (int y = 0; conversion && y < lab.height(); ++y)
        cmsDoTransform(conversion.get(), lab.constScanLine(y), lab.scanLine(y),
                       static_cast<cmsUInt32Number>(lab.width()));
}

Result<ColourTable> screen_table(const QByteArray& bytes) {
    const Problem none{"It is no colour profile of a screen."_said};
    const Profile screen(cmsOpenProfileFromMem(bytes.constData(), static_cast<cmsUInt32Number>(bytes.size())),
                         &cmsCloseProfile);
    const Profile srgb(cmsCreate_sRGBProfile(), &cmsCloseProfile);
    const auto is_of = [&screen](cmsProfileClassSignature kind) { return cmsGetDeviceClass(screen.get()) == kind; };
    if (!screen || cmsGetColorSpace(screen.get()) != cmsSigRgbData ||
        !(is_of(cmsSigDisplayClass) || is_of(cmsSigColorSpaceClass)))
        return none;
    const Conversion conversion(cmsCreateTransform(srgb.get(), TYPE_RGB_16, screen.get(), TYPE_RGB_16,
                                                   INTENT_RELATIVE_COLORIMETRIC,
                                                   cmsFLAGS_BLACKPOINTCOMPENSATION | cmsFLAGS_NOOPTIMIZE),
                                &cmsDeleteTransform);
    if (!conversion)
        return none;
    const std::vector<ColourTable::Value> meant = ColourTable().values();
    std::vector<ColourTable::Value> given(meant.size());
    cmsDoTransform(conversion.get(), meant.data(), given.data(), static_cast<cmsUInt32Number>(meant.size()));
    return ColourTable(given);
}

QImage cmyk_to_srgb(const QImage& cmyk, const QByteArray& profile, bool& by_profile) {
    QImage rgba(cmyk.size(), QImage::Format_RGBA8888);
    rgba.fill(Qt::white);
    const Conversion conversion = profile.isEmpty() ? Conversion(nullptr, &cmsDeleteTransform)
                                                    : conversion_from(profile, cmsSigCmykData, TYPE_CMYK_8, 0);
    by_profile = conversion != nullptr;
    for (int y = 0; y < cmyk.height(); ++y) {
        const uchar* from = cmyk.constScanLine(y);
        uchar* to = rgba.scanLine(y);
        if (by_profile) {
            cmsDoTransform(conversion.get(), from, to, static_cast<cmsUInt32Number>(cmyk.width()));
            continue;
        }
        for (int x = 0; x < cmyk.width(); ++x, from += 4, to += 4)
            for (int k = 0; k < 3; ++k)
                to[k] = static_cast<uchar>((255 - from[k]) * (255 - from[3]) / 255);
    }
    return rgba;
}

} // namespace fusuma
