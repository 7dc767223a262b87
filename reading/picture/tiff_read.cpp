#include "reading/picture/tiff_read.h"

#include "core/units.h"

#include <QFloat16>
#include <algorithm>
#include <array>
#include <cmath>
#include <cstring>
#include <memory>
#include <tiffio.h>
#include <vector>

namespace fusuma {

namespace {

/// A file in memory, as libtiff asks for it.
struct InMemory {
    const QByteArray* bytes;
    std::uint64_t at = 0;
};
tmsize_t read_from(thandle_t handle, void* to, tmsize_t size) {
    auto& file = *static_cast<InMemory*>(handle);
    const auto all = static_cast<std::uint64_t>(file.bytes->size());
    const std::uint64_t there = file.at < all ? std::min(all - file.at, static_cast<std::uint64_t>(size)) : 0;
    std::memcpy(to, file.bytes->constData() + (there > 0 ? file.at : 0), there);
    file.at += there;
    return static_cast<tmsize_t>(there);
}
tmsize_t write_nothing(thandle_t /*handle*/, void* /*from*/, tmsize_t /*size*/) {
    return 0;
}
toff_t seek_in(thandle_t handle, toff_t offset, int whence) {
    auto& file = *static_cast<InMemory*>(handle);
    file.at = offset + (whence == SEEK_CUR   ? file.at
                        : whence == SEEK_END ? static_cast<std::uint64_t>(file.bytes->size())
                                             : 0);
    return file.at;
}
int close_nothing(thandle_t /*handle*/) {
    return 0;
}
toff_t size_of(thandle_t handle) {
    return static_cast<toff_t>(static_cast<InMemory*>(handle)->bytes->size());
}
constexpr tmsize_t most_at_once = tmsize_t{1} << 30; // bytes of one row, strip or tile

using Tiff = std::unique_ptr<TIFF, decltype(&TIFFClose)>;

Tiff opened(InMemory& file) {
    const std::unique_ptr<TIFFOpenOptions, decltype(&TIFFOpenOptionsFree)> options(TIFFOpenOptionsAlloc(),
                                                                                   &TIFFOpenOptionsFree);
    TIFFOpenOptionsSetMaxSingleMemAlloc(options.get(), most_at_once);
    return {TIFFClientOpenExt("", "rm", &file, read_from, write_nothing, seek_in, close_nothing, size_of, nullptr,
                              nullptr, options.get()),
            &TIFFClose};
}

template <typename T> T tag(TIFF* file, std::uint32_t name, T otherwise) {
    T value = otherwise;
    return TIFFGetFieldDefaulted(file, name, &value) == 1 ? value : otherwise;
}

/// How one picture of the file is stored. Source: TIFF 6.0, section 8 and those on its extensions
struct Stored {
    explicit Stored(TIFF* file)
        : width(tag(file, TIFFTAG_IMAGEWIDTH, 0U)), height(tag(file, TIFFTAG_IMAGELENGTH, 0U)),
          bits(tag(file, TIFFTAG_BITSPERSAMPLE, std::uint16_t{1})),
          samples(tag(file, TIFFTAG_SAMPLESPERPIXEL, std::uint16_t{1})),
          format(tag(file, TIFFTAG_SAMPLEFORMAT, std::uint16_t{SAMPLEFORMAT_UINT})),
          shows(tag(file, TIFFTAG_PHOTOMETRIC,
                    static_cast<std::uint16_t>(samples < 3 ? PHOTOMETRIC_MINISBLACK : PHOTOMETRIC_RGB))),
          inks(tag(file, TIFFTAG_INKSET, std::uint16_t{INKSET_CMYK})),
          is_apart(tag(file, TIFFTAG_PLANARCONFIG, std::uint16_t{PLANARCONFIG_CONTIG}) == PLANARCONFIG_SEPARATE) {
        std::uint16_t extras = 0;
        std::uint16_t* kinds = nullptr;
        if (TIFFGetFieldDefaulted(file, TIFFTAG_EXTRASAMPLES, &extras, &kinds) != 1 || extras == 0 || has_inks())
            return;
        is_premultiplied = kinds[0] == EXTRASAMPLE_ASSOCALPHA;
        // One more that nothing is said of is what many programs make of opacity; of several it may be anything.
        has_opacity = is_premultiplied || kinds[0] == EXTRASAMPLE_UNASSALPHA || extras == 1;
    }

    [[nodiscard]] bool has_inks() const { return shows == PHOTOMETRIC_SEPARATED; }
    [[nodiscard]] bool is_grey() const { return shows == PHOTOMETRIC_MINISBLACK || shows == PHOTOMETRIC_MINISWHITE; }
    [[nodiscard]] bool is_lab() const { return shows == PHOTOMETRIC_CIELAB || shows == PHOTOMETRIC_ICCLAB; }
    [[nodiscard]] int colours() const { return is_grey() ? 1 : has_inks() ? 4 : 3; }
    /// Whether each sample is a number of its own that stands for a colour's share; libtiff knows the others.
    [[nodiscard]] bool is_plain() const {
        const bool is_whole = format == SAMPLEFORMAT_UINT && (bits == 8 || bits == 16 || bits == 32);
        const bool is_real = format == SAMPLEFORMAT_IEEEFP && (bits == 16 || bits == 32 || bits == 64);
        if (is_lab() ? bits != 8 && bits != 16 : !is_whole && !is_real)
            return false;
        constexpr int most_samples = 32;
        return (is_grey() || is_lab() || shows == PHOTOMETRIC_RGB || (has_inks() && inks == INKSET_CMYK)) &&
               samples >= colours() + (has_opacity ? 1 : 0) && samples <= most_samples;
    }

    std::uint32_t width, height;
    std::uint16_t bits, samples, format, shows, inks;
    bool is_apart; ///< all of one colour, then all of the next
    bool is_premultiplied = false, has_opacity = false;
};

std::uint8_t byte_of(double share) {
    return share > 0 ? static_cast<std::uint8_t>(std::lround(std::min(share, 1.0) * 255)) : std::uint8_t{0}; // NaN: 0
}
template <typename T> std::uint8_t byte_at(const std::uint8_t* from) {
    T value{};
    std::memcpy(&value, from, sizeof(T));
    if constexpr (std::is_integral_v<T>)
        return static_cast<std::uint8_t>((std::uint64_t{value} * 255 + std::numeric_limits<T>::max() / 2) /
                                         std::numeric_limits<T>::max());
    else
        return byte_of(static_cast<double>(value));
}
/// Of what counts both ways from nought, where a share of the largest number would be another value.
std::uint8_t high_byte_at(const std::uint8_t* from) {
    std::uint16_t value = 0;
    std::memcpy(&value, from, sizeof value);
    return static_cast<std::uint8_t>(value >> 8);
}
using ByteAt = std::uint8_t (*)(const std::uint8_t*);
ByteAt byte_reader(const Stored& is) {
    if (is.is_lab())
        return is.bits == 8 ? byte_at<std::uint8_t> : high_byte_at;
    if (is.format == SAMPLEFORMAT_IEEEFP)
        return is.bits == 16 ? byte_at<qfloat16> : is.bits == 32 ? byte_at<float> : byte_at<double>;
    return is.bits == 8 ? byte_at<std::uint8_t> : is.bits == 16 ? byte_at<std::uint16_t> : byte_at<std::uint32_t>;
}

/// Samples of a picture that `is_plain`, in any order of theirs, as bytes in their places.
class Filler {
  public:
    Filler(const Stored& picture, QImage& to)
        : is(picture), image(to), byte(byte_reader(picture)), step(picture.bits / 8) {}

    /// @param sample  the one of each pixel that stands there, where they lie apart
    void put(const std::uint8_t* from, int y, int left, int pixels, int sample) {
        const int each = is.is_apart ? 1 : is.samples, first = is.is_apart ? sample : 0;
        std::uint8_t* to = image.scanLine(y) + std::ptrdiff_t{4} * left;
        for (int x = 0; x < pixels; ++x, to += 4)
            for (int s = 0; s < each; ++s, from += step)
                put_one(first + s, byte(from), to);
    }

  private:
    void put_one(int sample, std::uint8_t value, std::uint8_t* to) {
        if (sample == is.colours() && is.has_opacity) {
            to[3] = value;
        } else if (sample == 0 && is.is_grey()) {
            to[0] = to[1] = to[2] = is.shows == PHOTOMETRIC_MINISWHITE ? static_cast<std::uint8_t>(255 - value) : value;
        } else if (sample < is.colours()) {
            // a* and b* are counted from nought on both sides there, from the end in ICC profiles. TIFF 6.0 section 23
            const bool is_from_nought = sample > 0 && is.shows == PHOTOMETRIC_CIELAB;
            to[sample] = is_from_nought ? static_cast<std::uint8_t>(value ^ 0x80) : value;
        }
    }

    const Stored& is;
    QImage& image;
    ByteAt byte;
    int step;
};

bool fill_plain(TIFF* file, const Stored& is, QImage& image) {
    Filler filler(is, image);
    const bool is_tiled = TIFFIsTiled(file) != 0;
    const tmsize_t size = is_tiled ? TIFFTileSize(file) : TIFFScanlineSize(file);
    if (size < 1 || size > most_at_once)
        return false;
    std::vector<std::uint8_t> block(static_cast<std::size_t>(size));
    const int width = image.width(), height = image.height(), planes = is.is_apart ? is.samples : 1;
    if (!is_tiled) {
        for (int sample = 0; sample < planes; ++sample)
            for (int y = 0; y < height; ++y) {
                if (TIFFReadScanline(file, block.data(), static_cast<std::uint32_t>(y),
                                     static_cast<std::uint16_t>(sample)) != 1)
                    return false;
                filler.put(block.data(), y, 0, width, sample);
            }
        return true;
    }
    const auto across = static_cast<int>(tag(file, TIFFTAG_TILEWIDTH, 0U)),
               down = static_cast<int>(tag(file, TIFFTAG_TILELENGTH, 0U));
    const tmsize_t row = TIFFTileRowSize(file);
    if (across < 1 || down < 1 || row < 1)
        return false;
    for (int sample = 0; sample < planes; ++sample)
        for (int top = 0; top < height; top += down)
            for (int left = 0; left < width; left += across) {
                if (TIFFReadTile(file, block.data(), static_cast<std::uint32_t>(left), static_cast<std::uint32_t>(top),
                                 0, static_cast<std::uint16_t>(sample)) < 0)
                    return false;
                for (int y = top; y < std::min(height, top + down); ++y)
                    filler.put(block.data() + (y - top) * row, y, left, std::min(across, width - left), sample);
            }
    return true;
}

/// What libtiff makes colours of by itself: palettes, few bits, brightness and two differences of colour.
bool fill_by_library(TIFF* file, QImage& image) {
    TIFFRGBAImage way{};
    char why[1024] = "";
    if (TIFFRGBAImageBegin(&way, file, 1, why) != 1)
        return false;
    way.req_orientation = way.orientation; // as stored
    static_assert(Q_BYTE_ORDER == Q_LITTLE_ENDIAN, "libtiff's numbers of a pixel are bytes in that order here");
    const bool is_read =
        TIFFRGBAImageGet(&way, reinterpret_cast<std::uint32_t*>(image.bits()), way.width, way.height) == 1;
    TIFFRGBAImageEnd(&way);
    return is_read;
}

double dpi_of(TIFF* file) {
    const double density = static_cast<double>(tag(file, TIFFTAG_XRESOLUTION, 0.0F));
    const auto unit = tag(file, TIFFTAG_RESOLUTIONUNIT, std::uint16_t{RESUNIT_INCH});
    return unit == RESUNIT_INCH ? density : unit == RESUNIT_CENTIMETER ? density * mm_per_inch / 10 : 0;
}

/// Goes to the first whole picture of the file and counts them; 0 when it has none.
int first_of_all(TIFF* file) {
    constexpr int most = 1000;
    int whole = 0, at = 0;
    tdir_t first = 0;
    do {
        const auto kind = tag(file, TIFFTAG_SUBFILETYPE, 0U);
        if ((kind & (FILETYPE_REDUCEDIMAGE | FILETYPE_MASK)) == 0 && whole++ == 0)
            first = TIFFCurrentDirectory(file);
    } while (++at < most && TIFFReadDirectory(file) == 1);
    return TIFFSetDirectory(file, first) == 1 ? whole : 0;
}

} // namespace

bool is_tiff(const QByteArray& bytes) {
    using namespace std::string_view_literals;
    return std::ranges::any_of(std::array{"II*\0"sv, "MM\0*"sv, "II+\0"sv, "MM\0+"sv}, [&](std::string_view start) {
        return bytes.startsWith(QByteArrayView(start.data(), std::ssize(start)));
    });
}

Result<TiffRead> read_tiff(const QByteArray& bytes, qint64 most_px) {
    const Problem damaged{"is damaged or cut short."_said, "Export or download it again."_said};
    const Problem unknown{"is packed in a way that this computer cannot unpack."_said, "Save it as JPEG or PNG."_said};
    InMemory memory{&bytes};
    const Tiff file = opened(memory);
    if (!file)
        return damaged;
    TiffRead read;
    read.pictures = first_of_all(file.get());
    if (read.pictures == 0)
        return Problem{"holds no more than a small picture to know it by, as a camera's raw file does."_said,
                       "Save it as JPEG or PNG."_said};
    const Stored is(file.get());
    if (is.width < 1 || is.height < 1 || is.width > INT_MAX / 4 || is.height > INT_MAX / 4)
        return damaged;
    if (qint64{is.width} * is.height > most_px)
        return Problem{"has {width} × {height} pixels, more than the 200 million that Fusuma can open."_said
                           .with("width", is.width)
                           .with("height", is.height),
                       "Save a smaller copy and open that."_said};
    char why[1024] = "";
    if (TIFFIsCODECConfigured(tag(file.get(), TIFFTAG_COMPRESSION, std::uint16_t{COMPRESSION_NONE})) == 0 ||
        (!is.is_plain() && TIFFRGBAImageOK(file.get(), why) != 1))
        return unknown;
    read.pixels = QImage(static_cast<int>(is.width), static_cast<int>(is.height), QImage::Format_RGBA8888);
    if (read.pixels.isNull())
        return Problem{"needs more memory than there is."_said};
    read.pixels.fill(Qt::black); // opaque
    if (!(is.is_plain() ? fill_plain(file.get(), is, read.pixels) : fill_by_library(file.get(), read.pixels)))
        return damaged;
    if (!is.is_plain() || is.is_premultiplied) {
        read.pixels.reinterpretAsFormat(QImage::Format_RGBA8888_Premultiplied);
        read.pixels.convertTo(QImage::Format_RGBA8888);
    }
    if (is.is_plain() && !is.is_grey())
        read.holds = is.has_inks() ? TiffRead::Holds::inks
                     : is.is_lab() ? TiffRead::Holds::lab
                                   : TiffRead::Holds::colours;
    read.orientation = tag(file.get(), TIFFTAG_ORIENTATION, std::uint16_t{ORIENTATION_TOPLEFT});
    read.dpi = dpi_of(file.get());
    std::uint32_t size = 0;
    const void* profile = nullptr;
    if (TIFFGetField(file.get(), TIFFTAG_ICCPROFILE, &size, &profile) == 1 && size < (16U << 20))
        read.profile = QByteArray(static_cast<const char*>(profile), static_cast<qsizetype>(size));
    return read;
}

} // namespace fusuma
