// A plain plotter made of software, for tests: HP-GL over a pseudo-terminal or TCP, a small memory that loses what it
// has no room for, a head that takes its time, and a log of where head and blade were when.
//
// plain-plotter LOG [--tcp] [--link PATH] [--baud N] [--speed MM/S] [--deaf] [--xon-xoff] [--abort]
//
// Says "at PLACE" once it listens: a port's number, or the terminal's name (a link to it with --link). SIGUSR1 pulls
// its cable, SIGUSR2 puts it in again, SIGTERM ends it. Each line of the log: seconds of the monotonic clock, x and y
// in plotter units, 1 when the blade is down. At the end: "lost N" bytes.

#include <arpa/inet.h>
#include <cctype>
#include <cmath>
#include <csignal>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <ctime>
#include <fcntl.h>
#include <netinet/tcp.h>
#include <poll.h>
#include <string>
#include <sys/prctl.h>
#include <sys/socket.h>
#include <termios.h>
#include <unistd.h>
#include <utility>
#include <vector>

namespace {

volatile std::sig_atomic_t pulled = 0, ended = 0;

double now() {
    timespec t{};
    ::clock_gettime(CLOCK_MONOTONIC, &t);
    return static_cast<double>(t.tv_sec) + 1e-9 * static_cast<double>(t.tv_nsec);
}

struct Options {
    std::string log, link;
    bool tcp = false, deaf = false, xon_xoff = false, abort = false;
    double baud = 0, speed = 200;
};

class Plotter {
  public:
    explicit Plotter(const Options& with) : options(with), log(std::fopen(with.log.c_str(), "w")) {}
    ~Plotter() {
        std::fprintf(log, "lost %zu\n", lost);
        std::fclose(log);
    }
    Plotter(const Plotter&) = delete;
    Plotter& operator=(const Plotter&) = delete;

    /// Bytes that the line has room to carry now.
    [[nodiscard]] std::size_t room(double allowance) const {
        const bool waits = !options.xon_xoff; // it takes no byte that it has no room for, as by its wires
        const std::size_t most = waits ? memory - bytes.size() : 4096;
        return options.baud > 0 ? std::min(most, static_cast<std::size_t>(allowance)) : most;
    }
    void take(const char* data, std::size_t count) {
        for (std::size_t i = 0; i < count; ++i) {
            if (options.abort && is_abort(data[i]))
                continue;
            if (bytes.size() >= memory)
                ++lost;
            else
                bytes += data[i];
        }
    }
    /// A sign for the sender, or nothing.
    char sign() {
        if (options.xon_xoff && !is_held && bytes.size() > memory * 3 / 4) {
            is_held = true;
            return 0x13;
        }
        if (is_held && bytes.size() < memory / 4) {
            is_held = false;
            return 0x11;
        }
        return 0;
    }
    void work(double seconds) {
        double way = options.speed * units * seconds;
        while (way > 0) {
            if (at_x == to_x && at_y == to_y) {
                if (!next_action())
                    return;
                continue;
            }
            const double far = std::hypot(to_x - at_x, to_y - at_y), step = std::min(way, far);
            way -= step;
            if (step == far) {
                at_x = to_x;
                at_y = to_y;
            } else {
                at_x += (to_x - at_x) * step / far;
                at_y += (to_y - at_y) * step / far;
            }
            note();
        }
    }
    std::string answers() { return std::exchange(to_say, {}); }

  private:
    static constexpr std::size_t memory = 256;
    static constexpr double units = 40;
    Options options;
    std::FILE* log;
    std::string bytes, name, number, to_say, escape;
    double at_x = 0, at_y = 0, to_x = 0, to_y = 0, first = 0;
    bool has_first = false, is_down = false, is_relative = false, is_held = false;
    std::size_t lost = 0;

    void note() const {
        std::fprintf(log, "%.6f %.3f %.3f %d\n", now(), at_x, at_y, is_down ? 1 : 0);
        std::fflush(log);
    }
    /// ESC . K: what is not done yet is forgotten, and the head stands.
    bool is_abort(char c) {
        escape += c;
        if (std::string("\x1b.K").compare(0, escape.size(), escape) != 0) {
            for (std::size_t i = 0; i + 1 < escape.size(); ++i)
                bytes += escape[i];
            const bool begins = c == '\x1b';
            escape = begins ? "\x1b" : "";
            return begins;
        }
        if (escape.size() == 3) {
            bytes.clear();
            name.clear();
            number.clear();
            escape.clear();
            has_first = false;
            to_x = at_x;
            to_y = at_y;
        }
        return true;
    }
    void set_pen(bool down) {
        if (down == is_down)
            return;
        is_down = down;
        note();
    }
    void begin_command() {
        if (name == "PU" || name == "PD")
            set_pen(name == "PD");
        else if (name == "PA" || name == "PR")
            is_relative = name == "PR";
        else if (name == "IN") {
            set_pen(false);
            is_relative = false;
        } else if (name == "SP")
            set_pen(false);
        else if (!options.deaf && name == "OA") {
            to_say += std::to_string(std::lround(at_x)) + ',' + std::to_string(std::lround(at_y)) +
                      (is_down ? ",1\r" : ",0\r");
        } else if (!options.deaf && name == "OI")
            to_say += "PLAIN-1\r";
        else if (!options.deaf && name == "OS")
            to_say += "16\r";
    }
    /// A number has ended; true when it makes the head move.
    bool end_number() {
        if (number.empty())
            return false;
        const double value = std::atof(number.c_str());
        number.clear();
        if (name != "PU" && name != "PD" && name != "PA" && name != "PR")
            return false;
        if (!has_first) {
            first = value;
            has_first = true;
            return false;
        }
        has_first = false;
        to_x = is_relative ? to_x + first : first;
        to_y = is_relative ? to_y + value : value;
        return to_x != at_x || to_y != at_y;
    }
    /// Reads on until the head has somewhere to go; false when there is nothing to read.
    bool next_action() {
        std::size_t read = 0;
        bool moves = false;
        while (read < bytes.size() && !moves) {
            const char c = bytes[read++];
            if (std::isalpha(static_cast<unsigned char>(c))) {
                if (name.size() >= 2) {
                    moves = end_number();
                    name.clear();
                    has_first = false;
                }
                name += static_cast<char>(std::toupper(c));
                if (name.size() == 2)
                    begin_command();
            } else if (c == ';') {
                moves = end_number();
                name.clear();
                has_first = false;
            } else if (c == '-' || c == '.' || std::isdigit(static_cast<unsigned char>(c))) {
                number += c;
            } else {
                moves = end_number();
            }
        }
        bytes.erase(0, read);
        return moves;
    }
};

/// A line to the plotter: what is there just now, or −1.
class Cable {
  public:
    explicit Cable(const Options& with) : options(with) {
        if (options.tcp) {
            server = ::socket(AF_INET, SOCK_STREAM, 0);
            const int yes = 1;
            ::setsockopt(server, SOL_SOCKET, SO_REUSEADDR, &yes, sizeof yes);
            sockaddr_in here{};
            here.sin_family = AF_INET;
            here.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
            ::bind(server, reinterpret_cast<sockaddr*>(&here), sizeof here);
            socklen_t size = sizeof here;
            ::getsockname(server, reinterpret_cast<sockaddr*>(&here), &size);
            ::listen(server, 1);
            ::fcntl(server, F_SETFL, O_NONBLOCK);
            std::printf("at %d\n", ntohs(here.sin_port));
        } else {
            put_in();
            std::printf("at %s\n", options.link.empty() ? ::ptsname(line) : options.link.c_str());
        }
        std::fflush(stdout);
    }
    [[nodiscard]] int end() {
        if (options.tcp && line < 0 && !is_out) {
            line = ::accept(server, nullptr, nullptr);
            if (line >= 0) {
                ::fcntl(line, F_SETFL, O_NONBLOCK);
                const int yes = 1;
                ::setsockopt(line, IPPROTO_TCP, TCP_NODELAY, &yes, sizeof yes);
            }
        }
        return line;
    }
    void hung_up() {
        if (options.tcp)
            close_line();
    }
    void set_out(bool out) {
        if (out == is_out)
            return;
        is_out = out;
        if (out) {
            close_line();
            if (!options.link.empty())
                ::unlink(options.link.c_str());
        } else if (!options.tcp) {
            put_in();
        }
    }

  private:
    Options options;
    int server = -1, line = -1;
    bool is_out = false;

    void close_line() {
        if (line >= 0)
            ::close(line);
        line = -1;
    }
    void put_in() {
        line = ::posix_openpt(O_RDWR | O_NOCTTY | O_NONBLOCK);
        ::grantpt(line);
        ::unlockpt(line);
        termios raw{};
        ::tcgetattr(line, &raw);
        ::cfmakeraw(&raw);
        ::tcsetattr(line, TCSANOW, &raw);
        if (!options.link.empty()) {
            ::unlink(options.link.c_str());
            (void)!::symlink(::ptsname(line), options.link.c_str());
        }
    }
};

Options options_of(int argc, char** argv) {
    Options o;
    o.log = argv[1];
    for (int i = 2; i < argc; ++i) {
        const std::string word = argv[i];
        const auto value = [&] { return std::string(i + 1 < argc ? argv[++i] : ""); };
        if (word == "--tcp")
            o.tcp = true;
        else if (word == "--deaf")
            o.deaf = true;
        else if (word == "--xon-xoff")
            o.xon_xoff = true;
        else if (word == "--abort")
            o.abort = true;
        else if (word == "--link")
            o.link = value();
        else if (word == "--baud")
            o.baud = std::atof(value().c_str());
        else if (word == "--speed")
            o.speed = std::atof(value().c_str());
    }
    return o;
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 2)
        return 2;
    std::signal(SIGUSR1, [](int) { pulled = 1; });
    std::signal(SIGUSR2, [](int) { pulled = 0; });
    std::signal(SIGTERM, [](int) { ended = 1; });
    std::signal(SIGPIPE, SIG_IGN);
    ::prctl(PR_SET_PDEATHSIG, SIGTERM); // it ends with the test that uses it
    const Options options = options_of(argc, argv);
    Plotter plotter(options);
    Cable cable(options);
    double before = now(), allowance = 0;
    std::vector<char> chunk(4096);
    while (!ended) {
        ::usleep(1000);
        const double time = now(), passed = time - before;
        before = time;
        allowance =
            std::min(allowance + passed * options.baud / 10, options.baud / 100); // a hundredth of a second at most
        cable.set_out(pulled != 0);
        if (const int line = cable.end(); line >= 0) {
            const std::size_t room = std::min(chunk.size(), plotter.room(allowance));
            const ssize_t count = room > 0 ? ::read(line, chunk.data(), room) : -1;
            if (count > 0) {
                allowance -= static_cast<double>(count);
                plotter.take(chunk.data(), static_cast<std::size_t>(count));
            } else if (count == 0 && room > 0) {
                cable.hung_up();
            }
        }
        plotter.work(passed);
        if (const int line = cable.end(); line >= 0) {
            if (const char sign = plotter.sign())
                (void)!::write(line, &sign, 1);
            if (const std::string words = plotter.answers(); !words.empty())
                (void)!::write(line, words.data(), words.size());
        }
    }
    return 0;
}
