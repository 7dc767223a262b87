// The program that talks to scanners by SANE, apart from the one with the person's work: what drivers lose, hang in or
// die of ends with it. devices/scanner/README.md tells what it takes and gives.

#include "devices/scanner/scan_program.h"
#include "formats/basics/json.h"

#include <sane/sane.h>
#include <sane/saneopts.h>

#include <algorithm>
#include <atomic>
#include <cerrno>
#include <cmath>
#include <csignal>
#include <cstring>
#include <map>
#include <unistd.h>
#include <vector>

namespace fusuma {
namespace {

using nlohmann::json;

/// An open scanner and its options by name.
class OpenScanner {
  public:
    explicit OpenScanner(const char* id) {
        status = sane_open(id, &handle);
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
                if (strcasecmp(*one, want) == 0)
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
void take_row(const std::vector<SANE_Byte>& row, const SANE_Parameters& p, unsigned char* out, int width) {
    const int channels = p.format == SANE_FRAME_RGB ? 3 : 1;
    for (int x = 0; x < width; ++x)
        for (int k = 0; k < 3; ++k) {
            const auto at = static_cast<std::size_t>(x * channels + (channels == 3 ? k : 0));
            unsigned char v = 0;
            if (p.depth == 1) // 1 is black in grey frames
                v = row[at / 8] & (0x80 >> (at % 8)) ? 0 : 255;
            else if (p.depth == 16) {
                std::uint16_t wide = 0;
                std::memcpy(&wide, &row[2 * at], 2);
                v = static_cast<unsigned char>(wide >> 8);
            } else
                v = row[at];
            out[3 * x + k] = v;
        }
}

int answers = STDOUT_FILENO; ///< where they are written

/// Whether somebody took it.
bool give(const char* bytes, std::size_t size) {
    while (size > 0) {
        const ssize_t taken = ::write(answers, bytes, size);
        if (taken < 0 && errno == EINTR)
            continue;
        if (taken <= 0)
            return false;
        bytes += taken;
        size -= static_cast<std::size_t>(taken);
    }
    return true;
}
void give(const json& line) {
    const std::string words = line.dump(-1, ' ', false, json::error_handler_t::replace) + "\n";
    give(words.data(), words.size());
}

/// Some drivers print what they do: that goes with their complaints, and answers go where it went.
void part_answers_from_chatter() {
    if (const int apart = ::dup(STDOUT_FILENO); apart >= 0 && ::dup2(STDERR_FILENO, STDOUT_FILENO) >= 0)
        answers = apart;
}

int list() {
    const SANE_Device** all = nullptr;
    if (const SANE_Status status = sane_get_devices(&all, SANE_FALSE); status != SANE_STATUS_GOOD)
        return status;
    json names = json::array();
    for (; all && *all; ++all)
        names.push_back({{"id", (*all)->name}, {"name", std::string((*all)->vendor) + " " + (*all)->model}});
    give(names);
    return 0;
}

int look(const char* id) {
    const OpenScanner scanner(id);
    if (scanner.status != SANE_STATUS_GOOD)
        return scanner.status;
    const auto most = [&](const char* name) {
        const auto* o = scanner.option(name);
        return o && o->constraint_type == SANE_CONSTRAINT_RANGE && o->unit == SANE_UNIT_MM
                   ? OpenScanner::number(*o, o->constraint.range->max)
                   : 0.0;
    };
    json facts{{"bed", {most(SANE_NAME_SCAN_BR_X), most(SANE_NAME_SCAN_BR_Y)}},
               {"any_resolution", false},
               {"resolutions", json::array()},
               {"colour", scanner.choice(SANE_NAME_SCAN_MODE, colour_words) != nullptr},
               {"grey", scanner.choice(SANE_NAME_SCAN_MODE, grey_words) != nullptr}};
    if (const auto* o = scanner.option(SANE_NAME_SCAN_RESOLUTION)) {
        if (o->constraint_type == SANE_CONSTRAINT_RANGE) {
            facts["any_resolution"] = true;
            facts["resolutions"] = {OpenScanner::number(*o, o->constraint.range->min),
                                    OpenScanner::number(*o, o->constraint.range->max)};
        } else if (o->constraint_type == SANE_CONSTRAINT_WORD_LIST) {
            for (SANE_Int i = 1; i <= o->constraint.word_list[0]; ++i)
                facts["resolutions"].push_back(OpenScanner::number(*o, o->constraint.word_list[i]));
        }
    }
    give(facts);
    return 0;
}

void set_up(OpenScanner& scanner, const json& wish) {
    if (const char* mode =
            scanner.choice(SANE_NAME_SCAN_MODE, wish.at("colour").get<bool>() ? colour_words : grey_words))
        scanner.set_words(SANE_NAME_SCAN_MODE, mode);
    scanner.set(SANE_NAME_BIT_DEPTH, 8);
    scanner.set(SANE_NAME_SCAN_RESOLUTION, wish.at("dpi").get<double>());
    if (const auto area = wish.at("area").get<std::vector<double>>(); area.size() == 4) {
        // The far corner first: near ones may not lie beyond it.
        scanner.set(SANE_NAME_SCAN_BR_X, area[2]);
        scanner.set(SANE_NAME_SCAN_BR_Y, area[3]);
        scanner.set(SANE_NAME_SCAN_TL_X, area[0]);
        scanner.set(SANE_NAME_SCAN_TL_Y, area[1]);
    } else if (const auto* across = scanner.option(SANE_NAME_SCAN_BR_X)) {
        if (across->constraint_type == SANE_CONSTRAINT_RANGE)
            for (const char* name : {SANE_NAME_SCAN_BR_X, SANE_NAME_SCAN_BR_Y})
                scanner.set(name, 1e5);
    }
}

/// A scan at work, which the scanner is told to stop when this ends, or the program is asked to.
class Running {
  public:
    explicit Running(SANE_Handle scanner) : handle(scanner) {
        at_work = handle;
        std::signal(SIGTERM, [](int) {
            if (const SANE_Handle one = at_work.exchange(nullptr))
                sane_cancel(one); // which SANE allows here (4.3.11); reading then ends
        });
    }
    ~Running() {
        std::signal(SIGTERM, SIG_DFL);
        if (at_work.exchange(nullptr))
            sane_cancel(handle);
    }
    Running(const Running&) = delete;
    Running& operator=(const Running&) = delete;

  private:
    inline static std::atomic<SANE_Handle> at_work = nullptr;
    SANE_Handle handle;
};

int scan(const json& wish) {
    OpenScanner scanner(wish.at("scanner").get_ref<const std::string&>().c_str());
    if (scanner.status != SANE_STATUS_GOOD)
        return scanner.status;
    set_up(scanner, wish);
    if (const SANE_Status status = sane_start(scanner.handle); status != SANE_STATUS_GOOD)
        return status;
    const Running running(scanner.handle);
    SANE_Parameters p{};
    if (const SANE_Status status = sane_get_parameters(scanner.handle, &p); status != SANE_STATUS_GOOD)
        return status;
    if ((p.format != SANE_FRAME_RGB && p.format != SANE_FRAME_GRAY) || (p.depth != 1 && p.depth != 8 && p.depth != 16))
        return scan_in_passes;
    const int width = p.pixels_per_line, channels = p.format == SANE_FRAME_RGB ? 3 : 1;
    const long long needed = (static_cast<long long>(width) * channels * p.depth + 7) / 8;
    if (width < 1 || p.bytes_per_line < needed || p.bytes_per_line > (1 << 28))
        return scan_too_large;
    const double dpi = scanner.value(SANE_NAME_SCAN_RESOLUTION);
    // A scanner that does not know how long its paper is tells by its end.
    give({{"width", width}, {"lines", p.lines}, {"dpi", dpi > 0 ? dpi : wish.at("dpi").get<double>()}});
    std::vector<SANE_Byte> row(static_cast<std::size_t>(p.bytes_per_line));
    std::vector<char> rgb(static_cast<std::size_t>(width) * 3);
    std::size_t filled = 0;
    for (;;) {
        SANE_Int got = 0;
        const SANE_Status status =
            sane_read(scanner.handle, row.data() + filled, static_cast<SANE_Int>(row.size() - filled), &got);
        if (status == SANE_STATUS_EOF)
            return 0;
        if (status != SANE_STATUS_GOOD)
            return status;
        filled += static_cast<std::size_t>(got);
        if (filled < row.size())
            continue;
        filled = 0;
        take_row(row, p, reinterpret_cast<unsigned char*>(rgb.data()), width);
        if (!give(rgb.data(), rgb.size()))
            return scan_unheard;
    }
}

int run(int argc, char** argv) {
    if (sane_init(nullptr, nullptr) != SANE_STATUS_GOOD)
        return scan_unreachable;
    const std::string what = argc > 1 ? argv[1] : "";
    if (what == "list")
        return list();
    if (what == "look" && argc > 2)
        return look(argv[2]);
    if (what == "scan" && argc > 2)
        return scan(json::parse(argv[2]));
    return scan_unheard;
}

} // namespace
} // namespace fusuma

int main(int argc, char** argv) {
    std::signal(SIGPIPE, SIG_IGN); // who no longer listens is told by the next write
    fusuma::part_answers_from_chatter();
    const int end = fusuma::run(argc, argv);
    _exit(end); // not by the ways of drivers and their threads, which may not come to an end
}
