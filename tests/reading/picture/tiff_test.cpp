// TIFF files written out here as TIFF 6.0 describes them, without libtiff: every kind of sample, inks, L*a*b*, small
// pictures beside the whole one, turns, densities; and what is damaged.

#include "reading/picture/decode_picture.h"
#include "reading/picture/tiff_read.h"

#include <QBuffer>
#include <QFloat16>
#include <QtEndian>
#include <gmock/gmock.h>
#include <lcms2.h>

namespace fusuma {
namespace {

using testing::HasSubstr;

enum Shows : std::uint16_t {
    white_is_nought = 0,
    black_is_nought = 1,
    red_green_blue = 2,
    inks = 5,
    lab = 8,
    icc_lab = 9
};
enum Extra : std::uint16_t { unsaid = 0, premultiplied = 1, straight = 2 };

constexpr int across = 21, down = 18;

/// Of one pixel's sample, from 0 to 255; every sample of every pixel another, with whole and no opacity among them.
int share(int x, int y, int sample) {
    return sample == 3 ? std::min(255, 15 * y) : (40 * sample + 11 * x + 7 * y) % 256;
}

struct Kind {
    Shows shows = red_green_blue;
    int samples = 3, bits = 8;
    bool is_real = false, is_apart = false, is_big_endian = false, is_tiled = false;
    std::vector<std::uint16_t> extras;
    int turn = 1, small = 0; ///< 0: whole
    QByteArray profile;
    double dpi = 0;
    std::uint16_t unit = 2;
    std::function<int(int, int, int)> value = share;
};

class Writer {
  public:
    explicit Writer(bool is_big_endian) : swapped(is_big_endian) {
        out = swapped ? "MM" : "II";
        number<std::uint16_t>(out, 42);
        number<std::uint32_t>(out, 0);
    }

    void add(const Kind& kind) {
        const QByteArray pixels = pixels_of(kind);
        const qsizetype planes = kind.is_apart ? kind.samples : 1;
        entries.clear();
        put(254, 4, {static_cast<double>(kind.small)});
        put(256, 4, {across});
        put(257, 4, {down});
        put(258, 3, std::vector<double>(static_cast<std::size_t>(kind.samples), kind.bits));
        put(259, 3, {1});
        put(262, 3, {static_cast<double>(kind.shows)});
        put(274, 3, {static_cast<double>(kind.turn)});
        put(277, 3, {static_cast<double>(kind.samples)});
        if (kind.dpi > 0)
            put(282, 5, {kind.dpi});
        put(284, 3, {kind.is_apart ? 2.0 : 1.0});
        put(296, 3, {static_cast<double>(kind.unit)});
        if (!kind.extras.empty())
            put(338, 3, {kind.extras.begin(), kind.extras.end()});
        put(339, 3, std::vector<double>(static_cast<std::size_t>(kind.samples), kind.is_real ? 3 : 1));
        if (!kind.profile.isEmpty())
            put(34675, 7, {kind.profile.begin(), kind.profile.end()});
        const qsizetype blocks = planes * (kind.is_tiled ? 4 : 1), each = pixels.size() / blocks;
        std::vector<double> places, sizes(static_cast<std::size_t>(blocks), static_cast<double>(each));
        for (qsizetype i = 0; i < blocks; ++i)
            places.push_back(static_cast<double>(out.size() + i * each));
        out += pixels;
        if (kind.is_tiled) {
            put(322, 4, {16});
            put(323, 4, {16});
        } else {
            put(278, 4, {down});
        }
        put(kind.is_tiled ? 324 : 273, 4, places);
        put(kind.is_tiled ? 325 : 279, 4, sizes);
        finish();
    }

    [[nodiscard]] QByteArray file() const { return out; }

  private:
    template <typename T> void number(QByteArray& to, T value) const {
        to.resize(to.size() + static_cast<qsizetype>(sizeof(T)));
        swapped ? qToBigEndian(value, to.data() + to.size() - sizeof(T))
                : qToLittleEndian(value, to.data() + to.size() - sizeof(T));
    }

    [[nodiscard]] QByteArray sample_of(const Kind& kind, int x, int y, int sample) const {
        QByteArray bytes;
        const int v = x < across && y < down ? kind.value(x, y, sample) : 0;
        if (kind.is_real && kind.bits == 16)
            number(bytes, std::bit_cast<std::uint16_t>(qfloat16(static_cast<float>(v) / 255)));
        else if (kind.is_real && kind.bits == 32)
            number(bytes, std::bit_cast<std::uint32_t>(static_cast<float>(v) / 255));
        else if (kind.is_real)
            number(bytes, std::bit_cast<std::uint64_t>(v / 255.0));
        else if (kind.bits == 8)
            number(bytes, static_cast<std::uint8_t>(v));
        else if (kind.bits == 16) // L*a*b* counts bits below the byte
            number(bytes, static_cast<std::uint16_t>(kind.shows == lab ? v << 8 : v * 257));
        else
            number(bytes, static_cast<std::uint32_t>(v) * 16843009U);
        return bytes;
    }

    [[nodiscard]] QByteArray pixels_of(const Kind& kind) const {
        QByteArray all;
        const int planes = kind.is_apart ? kind.samples : 1, each = kind.is_apart ? 1 : kind.samples;
        const auto block = [&](int left, int top, int width, int height, int plane) {
            for (int y = top; y < top + height; ++y)
                for (int x = left; x < left + width; ++x)
                    for (int s = 0; s < each; ++s)
                        all += sample_of(kind, x, y, plane + s);
        };
        for (int plane = 0; plane < planes; ++plane) {
            if (!kind.is_tiled)
                block(0, 0, across, down, plane);
            for (int at = 0; kind.is_tiled && at < 4; ++at)
                block(at % 2 * 16, at / 2 * 16, 16, 16, plane);
        }
        return all;
    }

    void put(std::uint16_t tag, std::uint16_t type, const std::vector<double>& values) {
        QByteArray bytes;
        for (const double v : values)
            switch (type) {
            case 3:
                number(bytes, static_cast<std::uint16_t>(v));
                break;
            case 4:
                number(bytes, static_cast<std::uint32_t>(v));
                break;
            case 5: // one number over another
                number(bytes, static_cast<std::uint32_t>(std::lround(v * 1000)));
                number(bytes, std::uint32_t{1000});
                break;
            default:
                bytes += static_cast<char>(v);
            }
        entries[tag] = {type, values.size(), bytes};
    }

    void finish() {
        out.resize((out.size() + 1) / 2 * 2);
        QByteArray table;
        number(table, static_cast<std::uint16_t>(entries.size()));
        QByteArray beside;
        const auto after = static_cast<std::size_t>(out.size()) + 2 + 12 * entries.size() + 4;
        for (auto& [tag, entry] : entries) {
            number(table, tag);
            number(table, entry.type);
            number(table, static_cast<std::uint32_t>(entry.count));
            if (entry.bytes.size() <= 4) {
                table += entry.bytes.leftJustified(4, '\0');
            } else {
                number(table, static_cast<std::uint32_t>(after + static_cast<std::size_t>(beside.size())));
                beside += entry.bytes;
            }
        }
        QByteArray place;
        number(place, static_cast<std::uint32_t>(out.size()));
        out.replace(next, 4, place);
        next = out.size() + table.size();
        out += table + QByteArray(4, '\0') + beside;
    }

    struct Entry {
        std::uint16_t type = 0;
        std::size_t count = 0;
        QByteArray bytes;
    };
    bool swapped;
    QByteArray out;
    qsizetype next = 4; ///< where the place of the next picture's table is told
    std::map<std::uint16_t, Entry> entries;
};

QByteArray tiff(const Kind& kind) {
    Writer writer(kind.is_big_endian);
    writer.add(kind);
    return writer.file();
}

std::shared_ptr<const Image> pixels_of(const QByteArray& file) {
    const auto picture = decode_picture(file, "scan.tif");
    EXPECT_TRUE(picture) << picture.problem().english();
    return picture ? (*picture)->pixels.get() : nullptr;
}

std::array<int, 4> pixel(const Image& image, int x, int y) {
    const std::uint8_t* px = image.rgba.data() + 4 * (std::ptrdiff_t{y} * image.width + x);
    return {px[0], px[1], px[2], px[3]};
}

void expect_every_pixel(const Kind& kind, const std::function<std::array<int, 4>(int, int)>& truth, int tolerance) {
    SCOPED_TRACE(testing::Message() << kind.samples << " samples of " << kind.bits << " bits, real " << kind.is_real
                                    << ", apart " << kind.is_apart << ", tiled " << kind.is_tiled << ", shows "
                                    << kind.shows << (kind.is_big_endian ? ", MM" : ", II"));
    const auto image = pixels_of(tiff(kind));
    ASSERT_TRUE(image);
    ASSERT_EQ(image->width, across);
    ASSERT_EQ(image->height, down);
    int worst = 0;
    for (int y = 0; y < down; ++y)
        for (int x = 0; x < across; ++x)
            for (std::size_t k = 0; k < 4; ++k)
                if (truth(x, y)[3] > 0 || k == 3) // the colour of what is wholly clear is nobody's
                    worst = std::max(worst, std::abs(pixel(*image, x, y)[k] - truth(x, y)[k]));
    EXPECT_LE(worst, tolerance);
}

/// The same in all the ways of storing numbers.
template <typename Each> void in_every_storage(const Kind& plain, Each&& each) {
    for (const auto& [bits, is_real] :
         {std::pair{8, false}, {16, false}, {32, false}, {16, true}, {32, true}, {64, true}})
        for (int way = 0; way < 8; ++way) {
            Kind kind = plain;
            kind.bits = bits;
            kind.is_real = is_real;
            kind.is_apart = (way & 1) != 0;
            kind.is_tiled = (way & 2) != 0;
            kind.is_big_endian = (way & 4) != 0;
            each(kind);
        }
}

TEST(TiffRead, EverySampleIsTheNumberThatWasWritten) {
    in_every_storage({}, [](const Kind& kind) {
        expect_every_pixel(
            kind,
            [](int x, int y) {
                return std::array{share(x, y, 0), share(x, y, 1), share(x, y, 2), 255};
            },
            0);
    });
    for (const Shows shows : {black_is_nought, white_is_nought})
        in_every_storage({.shows = shows, .samples = 1}, [shows](const Kind& kind) {
            expect_every_pixel(
                kind,
                [shows](int x, int y) {
                    const int grey = shows == black_is_nought ? share(x, y, 0) : 255 - share(x, y, 0);
                    return std::array{grey, grey, grey, 255};
                },
                0);
        });
}

TEST(TiffRead, OpacityIsTakenAsItIsMeant) {
    const auto straight_truth = [](int x, int y) {
        return std::array{share(x, y, 0), share(x, y, 1), share(x, y, 2), share(x, y, 3)};
    };
    for (const Extra extra : {straight, unsaid})
        in_every_storage({.samples = 4, .extras = {extra}},
                         [&](const Kind& kind) { expect_every_pixel(kind, straight_truth, 0); });
    // Of colours that are stored as pale as they are clear no more can be known than that.
    const auto pale = [](int x, int y, int sample) {
        return sample == 3 ? share(x, y, 3) : (share(x, y, sample) * share(x, y, 3) + 127) / 255;
    };
    const auto image = pixels_of(tiff({.samples = 4, .extras = {premultiplied}, .value = pale}));
    ASSERT_TRUE(image);
    for (int y = 0; y < down; ++y)
        for (std::size_t k = 0; k < 3; ++k)
            if (const int opacity = share(3, y, 3); opacity > 0) {
                EXPECT_NEAR(pixel(*image, 3, y)[k], share(3, y, static_cast<int>(k)), 1 + 128.0 / opacity);
            }
    expect_every_pixel(
        {.shows = black_is_nought, .samples = 2, .extras = {straight}},
        [](int x, int y) {
            return std::array{share(x, y, 0), share(x, y, 0), share(x, y, 0), share(x, y, 1)};
        },
        0);
    // Of several that nothing is said of, such as chosen areas that were kept, none is opacity.
    expect_every_pixel(
        {.samples = 5, .extras = {unsaid, unsaid}},
        [](int x, int y) {
            return std::array{share(x, y, 0), share(x, y, 1), share(x, y, 2), 255};
        },
        0);
}

TEST(TiffRead, WhatQtWritesWithFewBitsOrAPaletteIsTheSamePicture) {
    QImage few(37, 9, QImage::Format_RGB32);
    for (int y = 0; y < 9; ++y)
        for (int x = 0; x < 37; ++x)
            few.setPixel(x, y, (x / 3 + y) % 2 == 0 ? qRgb(0, 0, 0) : qRgb(255, 255, 255));
    for (const auto format : {QImage::Format_Mono, QImage::Format_MonoLSB, QImage::Format_Indexed8}) {
        QByteArray bytes;
        QBuffer buffer(&bytes);
        ASSERT_TRUE(few.convertToFormat(format).save(&buffer, "TIFF"));
        const auto image = pixels_of(bytes);
        ASSERT_TRUE(image);
        for (int y = 0; y < 9; ++y)
            for (int x = 0; x < 37; ++x)
                ASSERT_EQ(pixel(*image, x, y)[0], qRed(few.pixel(x, y))) << format << " at " << x << ", " << y;
    }
}

TEST(TiffRead, InksBecomeColoursByTheirProfile) {
    for (const int bits : {8, 16}) {
        const Kind red{.shows = inks, .samples = 4, .bits = bits, .value = [](int, int, int ink) {
                           return ink == 1 || ink == 2 ? 255 : 0;
                       }};
        const auto picture = decode_picture(tiff(red), "poster.tif");
        ASSERT_TRUE(picture) << picture.problem().english();
        EXPECT_THAT((*picture)->note.english(), HasSubstr("CMYK without a colour profile"));
        EXPECT_EQ(pixel(*(*picture)->pixels.get(), 3, 3), (std::array{255, 0, 0, 255}));
    }
    Kind broken{.shows = inks, .samples = 4, .profile = "no profile"};
    EXPECT_THAT((*decode_picture(tiff(broken), "poster.tif"))->note.english(), HasSubstr("damaged colour profile"));
}

TEST(TiffRead, LightnessAndTwoDifferencesBecomeColours) {
    // What sRGB's red is, by its own values for D50 (IEC 61966-2-1, adapted as ICC profiles have it) and CIE's formula.
    const cmsCIEXYZ red{0.43607, 0.22249, 0.01392};
    cmsCIELab is;
    cmsXYZ2Lab(nullptr, &is, &red);
    const std::array values{std::lround(is.L * 2.55), std::lround(is.a), std::lround(is.b)};
    for (const Shows shows : {lab, icc_lab})
        for (const int bits : {8, 16}) {
            if (shows == icc_lab && bits == 16)
                continue; // counted in another way there, and by no program that was met
            Kind kind{.shows = shows, .bits = bits};
            kind.value = [&](int x, int, int sample) {
                const long v =
                    x == 0 ? (sample == 0 ? 255 : 0) : values[static_cast<std::size_t>(sample)]; // white first
                return static_cast<int>(sample > 0 && shows == icc_lab ? v + 128 : v);
            };
            const auto image = pixels_of(tiff(kind));
            ASSERT_TRUE(image);
            for (std::size_t k = 0; k < 3; ++k) {
                EXPECT_NEAR(pixel(*image, 0, 2)[k], 255, 1) << "white of paper stays white";
                EXPECT_NEAR(pixel(*image, 5, 2)[k], k == 0 ? 255 : 0, 12)
                    << "a step of a* or b* is some steps of colour";
            }
        }
}

TEST(TiffRead, TurnsAsTheFileSays) {
    // Where the first row and column are seen, by TIFF 6.0's tag 274.
    struct Turn {
        int tag;
        bool is_on_its_side;
        int x, y; ///< where the first pixel comes to lie
    };
    for (const Turn& turn : {Turn{1, false, 0, 0},
                             {2, false, across - 1, 0},
                             {3, false, across - 1, down - 1},
                             {4, false, 0, down - 1},
                             {5, true, 0, 0},
                             {6, true, down - 1, 0},
                             {7, true, down - 1, across - 1},
                             {8, true, 0, across - 1}}) {
        Kind kind{.turn = turn.tag};
        kind.value = [](int x, int y, int) { return x == 0 && y == 0 ? 255 : x == 1 && y == 0 ? 128 : 0; };
        const auto image = pixels_of(tiff(kind));
        ASSERT_TRUE(image);
        ASSERT_EQ(image->width, turn.is_on_its_side ? down : across) << turn.tag;
        EXPECT_EQ(pixel(*image, turn.x, turn.y)[0], 255) << turn.tag;
        const int along = turn.is_on_its_side ? 0
                          : turn.x == 0       ? 1
                                              : -1,
                  down_from = turn.is_on_its_side ? (turn.y == 0 ? 1 : -1) : 0;
        EXPECT_EQ(pixel(*image, turn.x + along, turn.y + down_from)[0], 128) << turn.tag;
    }
}

TEST(TiffRead, DensityIsWhatWasScannedAt) {
    const auto dpi_of = [](double stated, std::uint16_t unit) {
        const auto picture = decode_picture(tiff({.dpi = stated, .unit = unit}), "scan.tif");
        return std::pair{(*picture)->dpi, (*picture)->dpi_is_stated};
    };
    EXPECT_EQ(dpi_of(600, 2), (std::pair{600.0, true}));
    EXPECT_NEAR(dpi_of(236.22, 3).first, 600, 0.01) << "per centimetre";
    EXPECT_FALSE(dpi_of(600, 1).second) << "of no unit: a proportion only";
    EXPECT_FALSE(dpi_of(72, 2).second) << "a number that has to stand there";
    EXPECT_FALSE(dpi_of(1e6, 2).second);
}

TEST(TiffRead, TheFirstWholePictureIsTakenAndTheOthersAreTold) {
    constexpr int reduced = 1, mask = 4;
    const auto grey = [](int of, int small) {
        return Kind{
            .shows = black_is_nought, .samples = 1, .small = small, .value = [of](int, int, int) { return of; }};
    };
    Writer writer(false);
    for (const Kind& kind : {grey(10, reduced), grey(20, mask), grey(30, 0), grey(40, 0)})
        writer.add(kind);
    const auto picture = decode_picture(writer.file(), "scans.tif");
    ASSERT_TRUE(picture) << picture.problem().english();
    EXPECT_EQ(pixel(*(*picture)->pixels.get(), 0, 0)[0], 30);
    EXPECT_EQ((*picture)->note.english(), "“scans.tif” holds 2 pictures; the first is used.");
    Writer raw(true);
    raw.add(grey(10, reduced));
    const auto small = decode_picture(raw.file(), "camera.dng");
    ASSERT_FALSE(small);
    EXPECT_THAT(small.problem().english(), HasSubstr("small picture to know it by"));
}

/// What a damaged file comes to is a picture of its stated size or one sentence.
void expect_a_picture_or_a_sentence(const QByteArray& file) {
    const auto read = read_tiff(file, 4'000'000);
    EXPECT_TRUE(read ? !read->pixels.isNull() : !read.problem().message.empty());
}

TEST(TiffRead, NoPartOfAFileIsTakenForTheWhole) {
    const QByteArray whole = tiff({.is_tiled = true});
    for (qsizetype length = 0; length < whole.size(); length += 3)
        EXPECT_FALSE(read_tiff(whole.first(length), 4'000'000)) << length << " of " << whole.size();
}

TEST(TiffRead, NoByteThatIsWrongEndsItBadly) {
    for (const Kind& kind :
         {Kind{}, Kind{.samples = 4, .bits = 16, .is_apart = true, .is_tiled = true, .extras = {premultiplied}},
          Kind{.shows = inks, .samples = 4, .is_big_endian = true, .profile = "profile"}}) {
        const QByteArray sound = tiff(kind);
        const qsizetype table = sound.size() - 260 > 0 ? sound.size() - 260 : 0; // pixels may be anything anyway
        for (qsizetype at = 0; at < sound.size(); at = at == 7 ? table : at + 1)
            for (const char wrong : {'\0', '\1', '\x7f', '\xff'}) {
                QByteArray file = sound;
                file[at] = wrong;
                expect_a_picture_or_a_sentence(file);
            }
    }
    Writer loop(false);
    loop.add({});
    QByteArray file = loop.file();
    const auto table = qFromLittleEndian<quint32>(file.constData() + 4);
    qToLittleEndian(table, file.data() + table + 2 + 12 * qFromLittleEndian<quint16>(file.constData() + table));
    expect_a_picture_or_a_sentence(file); // its next picture is itself
}

TEST(TiffRead, WhatIsTooLargeIsRefusedBeforeAnythingIsUnpacked) {
    const auto read = read_tiff(tiff({}), across * down - 1);
    ASSERT_FALSE(read);
    EXPECT_THAT(read.problem().english(), HasSubstr("21 × 18 pixels"));
}

} // namespace
} // namespace fusuma
