#include "devices/scanner/scanner.h"

#include <sane/sane.h>
#include <sane/saneopts.h>

#include <algorithm>
#include <cstring>
#include <map>
#include <mutex>

namespace fusuma {

namespace {

constexpr qint64 most_scan_px = 200'000'000;

/// SANE is one for the whole process, and not for several threads at once.
class Sane {
  public:
    Sane() : lock(mutex()), is_there(sane_init(nullptr, nullptr) == SANE_STATUS_GOOD) {}
    ~Sane() {
        if (is_there)
            sane_exit();
    }
    Sane(const Sane&) = delete;
    Sane& operator=(const Sane&) = delete;
    [[nodiscard]] bool works() const { return is_there; }

  private:
    static std::mutex& mutex() {
        static std::mutex one;
        return one;
    }
    std::scoped_lock<std::mutex> lock;
    bool is_there;
};

Problem problem_of(SANE_Status status) {
    switch (status) {
    case SANE_STATUS_ACCESS_DENIED:
        return {"You have no right to use the scanner.", "Join the group “scanner”, log out and in again."};
    case SANE_STATUS_DEVICE_BUSY:
        return {"The scanner is busy.", "Close the other program that uses it, then try again."};
    case SANE_STATUS_JAMMED:
        return {"The scanner is jammed.", "Take the paper out, then try again."};
    case SANE_STATUS_NO_DOCS:
        return {"There is no paper in the scanner's feeder.", "Lay some in, then try again."};
    case SANE_STATUS_COVER_OPEN:
        return {"The scanner's cover is open.", "Close it, then try again."};
    case SANE_STATUS_NO_MEM:
        return {"There is too little memory for this scan.", "Scan a smaller area or at a lower resolution."};
    case SANE_STATUS_IO_ERROR:
    case SANE_STATUS_INVAL:
        return {"The scanner does not answer any more.", "See whether it is plugged in and switched on."};
    default:
        return {std::string("The scanner says: ") + sane_strstatus(status) + ".", ""};
    }
}

/// An open scanner and its options by name.
class OpenScanner {
  public:
    explicit OpenScanner(const QString& id) {
        status = sane_open(id.toUtf8().constData(), &handle);
        if (status != SANE_STATUS_GOOD)
            return;
        read_options();
    }
    ~OpenScanner() {
        if (status == SANE_STATUS_GOOD)
            sane_close(handle);
    }
    OpenScanner(const OpenScanner&) = delete;
    OpenScanner& operator=(const OpenScanner&) = delete;

    SANE_Status status = SANE_STATUS_GOOD;
    SANE_Handle handle = nullptr;

    [[nodiscard]] const SANE_Option_Descriptor* option(const char* name) const {
        const auto found = places.find(name);
        const auto* o = found == places.end() ? nullptr : sane_get_option_descriptor(handle, found->second);
        return o && SANE_OPTION_IS_ACTIVE(o->cap) && SANE_OPTION_IS_SETTABLE(o->cap) ? o : nullptr;
    }
    [[nodiscard]] static double number(const SANE_Option_Descriptor& o, SANE_Word word) {
        return o.type == SANE_TYPE_FIXED ? SANE_UNFIX(word) : double(word);
    }
    /// As near as it can.
    bool set(const char* name, double value) {
        const auto* o = option(name);
        if (!o || (o->type != SANE_TYPE_FIXED && o->type != SANE_TYPE_INT))
            return false;
        if (o->constraint_type == SANE_CONSTRAINT_RANGE)
            value = std::clamp(value, number(*o, o->constraint.range->min), number(*o, o->constraint.range->max));
        if (o->constraint_type == SANE_CONSTRAINT_WORD_LIST) {
            double nearest = number(*o, o->constraint.word_list[1]);
            for (SANE_Int i = 1; i <= o->constraint.word_list[0]; ++i)
                if (const double one = number(*o, o->constraint.word_list[i]);
                    std::abs(one - value) < std::abs(nearest - value))
                    nearest = one;
            value = nearest;
        }
        SANE_Word word = o->type == SANE_TYPE_FIXED ? SANE_FIX(value) : static_cast<SANE_Word>(std::lround(value));
        return control(name, &word);
    }
    bool set_words(const char* name, const char* words) {
        const auto* o = option(name);
        if (!o || o->type != SANE_TYPE_STRING || static_cast<std::size_t>(o->size) <= std::strlen(words))
            return false;
        std::string text(static_cast<std::size_t>(o->size), '\0');
        std::memcpy(text.data(), words, std::strlen(words));
        return control(name, text.data());
    }
    [[nodiscard]] double value(const char* name) const {
        const auto* o = option(name);
        SANE_Word word = 0;
        if (!o ||
            sane_control_option(handle, places.at(name), SANE_ACTION_GET_VALUE, &word, nullptr) != SANE_STATUS_GOOD)
            return 0;
        return number(*o, word);
    }
    /// The choice of a list that is called so, in whatever case.
    [[nodiscard]] const char* choice(const char* name, std::initializer_list<const char*> wanted) const {
        const auto* o = option(name);
        if (!o || o->constraint_type != SANE_CONSTRAINT_STRING_LIST)
            return nullptr;
        for (const char* want : wanted)
            for (const SANE_String_Const* one = o->constraint.string_list; *one; ++one)
                if (qstricmp(*one, want) == 0)
                    return *one;
        return nullptr;
    }

  private:
    std::map<std::string, SANE_Int> places;

    void read_options() {
        places.clear();
        SANE_Int count = 0;
        if (sane_control_option(handle, 0, SANE_ACTION_GET_VALUE, &count, nullptr) != SANE_STATUS_GOOD)
            return;
        for (SANE_Int i = 1; i < count; ++i)
            if (const auto* o = sane_get_option_descriptor(handle, i); o && o->name)
                places[o->name] = i;
    }
    bool control(const char* name, void* what) {
        SANE_Int info = 0;
        if (sane_control_option(handle, places.at(name), SANE_ACTION_SET_VALUE, what, &info) != SANE_STATUS_GOOD)
            return false;
        if (info & SANE_INFO_RELOAD_OPTIONS)
            read_options();
        return true;
    }
};

constexpr std::initializer_list<const char*> colour_words{"Color", "Colour", "24bit Color"};
constexpr std::initializer_list<const char*> grey_words{"Gray", "Grey", "Grayscale", "True Gray"};

/// One row of what SANE sends, made into eight bits a channel.
void take_row(const std::vector<SANE_Byte>& row, const SANE_Parameters& p, uchar* out, int width) {
    const int channels = p.format == SANE_FRAME_RGB ? 3 : 1;
    for (int x = 0; x < width; ++x)
        for (int k = 0; k < 3; ++k) {
            const auto at = static_cast<std::size_t>(x * channels + (channels == 3 ? k : 0));
            uchar v = 0;
            if (p.depth == 1) // 1 is black in grey frames
                v = row[at / 8] & (0x80 >> (at % 8)) ? 0 : 255;
            else if (p.depth == 16) {
                std::uint16_t wide = 0;
                std::memcpy(&wide, &row[2 * at], 2);
                v = static_cast<uchar>(wide >> 8);
            } else
                v = row[at];
            out[3 * x + k] = v;
        }
}

} // namespace

Result<std::vector<ScannerName>> scanners() {
    const Sane sane;
    if (!sane.works())
        return Problem{"Scanners cannot be reached on this computer.", ""};
    const SANE_Device** list = nullptr;
    if (const SANE_Status status = sane_get_devices(&list, SANE_FALSE); status != SANE_STATUS_GOOD)
        return problem_of(status);
    std::vector<ScannerName> all;
    for (; list && *list; ++list)
        all.push_back(
            {QString::fromUtf8((*list)->name),
             QStringLiteral("%1 %2").arg(QString::fromUtf8((*list)->vendor), QString::fromUtf8((*list)->model))});
    return all;
}

Result<ScannerFacts> look_at_scanner(const QString& id) {
    const Sane sane;
    const OpenScanner scanner(id);
    if (scanner.status != SANE_STATUS_GOOD)
        return problem_of(scanner.status);
    ScannerFacts facts;
    const auto most = [&](const char* name) {
        const auto* o = scanner.option(name);
        return o && o->constraint_type == SANE_CONSTRAINT_RANGE && o->unit == SANE_UNIT_MM
                   ? OpenScanner::number(*o, o->constraint.range->max)
                   : 0.0;
    };
    facts.bed = {most(SANE_NAME_SCAN_BR_X), most(SANE_NAME_SCAN_BR_Y)};
    if (const auto* o = scanner.option(SANE_NAME_SCAN_RESOLUTION)) {
        if (o->constraint_type == SANE_CONSTRAINT_RANGE) {
            facts.is_any_resolution = true;
            facts.resolutions = {OpenScanner::number(*o, o->constraint.range->min),
                                 OpenScanner::number(*o, o->constraint.range->max)};
        } else if (o->constraint_type == SANE_CONSTRAINT_WORD_LIST) {
            for (SANE_Int i = 1; i <= o->constraint.word_list[0]; ++i)
                facts.resolutions.push_back(OpenScanner::number(*o, o->constraint.word_list[i]));
            std::ranges::sort(facts.resolutions);
        }
    }
    facts.has_colour = scanner.choice(SANE_NAME_SCAN_MODE, colour_words);
    facts.has_grey = scanner.choice(SANE_NAME_SCAN_MODE, grey_words);
    return facts;
}

Result<QImage> scan(const ScanWish& wish, const Work& work) {
    const Sane sane;
    OpenScanner scanner(wish.scanner);
    if (scanner.status != SANE_STATUS_GOOD)
        return problem_of(scanner.status);
    if (const char* mode = scanner.choice(SANE_NAME_SCAN_MODE, wish.is_colour ? colour_words : grey_words))
        scanner.set_words(SANE_NAME_SCAN_MODE, mode);
    scanner.set(SANE_NAME_BIT_DEPTH, 8);
    scanner.set(SANE_NAME_SCAN_RESOLUTION, wish.dpi);
    if (!wish.area.empty() && wish.area.width() > 0) {
        // The far corner first: near ones may not lie beyond it.
        for (const auto& [name, value] : {std::pair{SANE_NAME_SCAN_BR_X, wish.area.max.x},
                                          {SANE_NAME_SCAN_BR_Y, wish.area.max.y},
                                          {SANE_NAME_SCAN_TL_X, wish.area.min.x},
                                          {SANE_NAME_SCAN_TL_Y, wish.area.min.y}})
            scanner.set(name, value);
    } else if (const auto* across = scanner.option(SANE_NAME_SCAN_BR_X)) {
        if (across->constraint_type == SANE_CONSTRAINT_RANGE)
            for (const char* name : {SANE_NAME_SCAN_BR_X, SANE_NAME_SCAN_BR_Y})
                scanner.set(name, 1e5);
    }
    if (const SANE_Status status = sane_start(scanner.handle); status != SANE_STATUS_GOOD)
        return problem_of(status);
    struct Running {
        SANE_Handle handle;
        ~Running() { sane_cancel(handle); }
    } const running{scanner.handle};
    SANE_Parameters p{};
    if (const SANE_Status status = sane_get_parameters(scanner.handle, &p); status != SANE_STATUS_GOOD)
        return problem_of(status);
    if ((p.format != SANE_FRAME_RGB && p.format != SANE_FRAME_GRAY) || (p.depth != 1 && p.depth != 8 && p.depth != 16))
        return Problem{"The scanner sends its colours one after the other, which Fusuma does not take.",
                       "Scan in grey."};
    const int width = p.pixels_per_line, channels = p.format == SANE_FRAME_RGB ? 3 : 1;
    const std::int64_t needed = (std::int64_t{width} * channels * p.depth + 7) / 8;
    if (width < 1 || p.bytes_per_line < needed || p.bytes_per_line > (1 << 28) ||
        qint64{width} * std::max(1, p.lines) > most_scan_px)
        return Problem{"This scan would have more than 200 million pixels.",
                       "Scan a smaller area or at a lower resolution."};
    // A scanner that does not know how long its paper is tells by its end.
    QImage image(width, p.lines > 0 ? p.lines : 1024, QImage::Format_RGB888);
    std::vector<SANE_Byte> row(static_cast<std::size_t>(p.bytes_per_line));
    int line = 0;
    std::size_t filled = 0;
    for (;;) {
        work.at(p.lines > 0 ? double(line) / p.lines : 0.5);
        SANE_Int got = 0;
        const SANE_Status status =
            sane_read(scanner.handle, row.data() + filled, static_cast<SANE_Int>(row.size() - filled), &got);
        if (status == SANE_STATUS_EOF)
            break;
        if (status != SANE_STATUS_GOOD)
            return problem_of(status);
        filled += static_cast<std::size_t>(got);
        if (filled < row.size())
            continue;
        filled = 0;
        if (line >= image.height()) {
            if (p.lines > 0 || qint64{width} * image.height() * 2 > most_scan_px)
                break;
            image = image.copy(0, 0, width, image.height() * 2);
        }
        take_row(row, p, image.scanLine(line++), width);
    }
    if (line == 0)
        return Problem{"The scanner sent nothing.", "Try again."};
    if (line < image.height())
        image = image.copy(0, 0, width, line);
    const double dpi = scanner.value(SANE_NAME_SCAN_RESOLUTION);
    const int per_metre = static_cast<int>(std::lround((dpi > 0 ? dpi : wish.dpi) / 0.0254));
    image.setDotsPerMeterX(per_metre);
    image.setDotsPerMeterY(per_metre);
    work.at(1);
    return image;
}

} // namespace fusuma
