#include "formats/room/room.h"

#include "formats/basics/file.h"
#include "formats/basics/shipped.h"
#include "formats/room/line.h"

#include <QFile>
#include <array>
#include <atomic>
#include <chrono>
#include <condition_variable>
#include <csignal>
#include <fcntl.h>
#include <mutex>
#include <poll.h>
#include <spawn.h>
#include <sys/resource.h>
#include <sys/socket.h>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>
#include <vector>

extern char** environ;

namespace fusuma::room {

namespace {

using Clock = std::chrono::steady_clock;

constexpr std::uint64_t most_memory = 5ULL << 29; // 2.5 GiB: 200 million pixels, decoded and handed over

/// Starts `fusuma-reader`, which loads its libraries and from then on makes copies of itself, each a reader for one
/// file. It ends when its line does.
pid_t start_origin(int its_line) {
    posix_spawn_file_actions_t files;
    posix_spawn_file_actions_init(&files);
    posix_spawn_file_actions_addopen(&files, STDIN_FILENO, "/dev/null", O_RDONLY, 0);
    posix_spawn_file_actions_addopen(&files, STDOUT_FILENO, "/dev/null", O_WRONLY, 0);
    posix_spawn_file_actions_addopen(&files, STDERR_FILENO, "/dev/null", O_WRONLY, 0);
    posix_spawn_file_actions_adddup2(&files, its_line, reader_line);
    posix_spawn_file_actions_addclosefrom_np(&files, reader_line + 1);
    posix_spawnattr_t ways;
    posix_spawnattr_init(&ways);
    sigset_t none, all;
    sigemptyset(&none);
    sigfillset(&all);
    posix_spawnattr_setsigmask(&ways, &none);
    posix_spawnattr_setsigdefault(&ways, &all);
    posix_spawnattr_setflags(&ways, POSIX_SPAWN_SETSIGMASK | POSIX_SPAWN_SETSIGDEF);
    QByteArray program = QFile::encodeName(shipped_program(QStringLiteral("fusuma-reader")));
    char* arguments[] = {program.data(), nullptr};
    char large_pages[] = "GLIBC_TUNABLES=glibc.malloc.hugetlb=1"; // pictures in few pages take less time
    std::vector<char*> environment{large_pages};
    for (char** one = environ; *one; ++one)
        environment.push_back(*one);
    environment.push_back(nullptr);
    pid_t pid = -1;
    if (::posix_spawn(&pid, program.constData(), &files, &ways, arguments, environment.data()) != 0)
        pid = -1;
    posix_spawnattr_destroy(&ways);
    posix_spawn_file_actions_destroy(&files);
    return pid;
}

/// This program's ends of what a reader hears and says.
struct Ends {
    Descriptor line, chatter;
};

/// The reader that all readers are copies of. It has all libraries at hand and never sees a file. One copy is ordered
/// ahead, and waits.
class Origin {
  public:
    struct Copy {
        pid_t pid = -1; ///< a child of this program; -1 when there can be none
        Ends ends;
    };

    Origin() = default;
    Origin(const Origin&) = delete;
    Origin& operator=(const Origin&) = delete;
    ~Origin() {
        if (ordered)
            static_cast<void>(is_told_within(2000)); // a copy half made would stay behind this program
        end();
    }

    /// Does not wait, for others either.
    void order_ahead() {
        const std::unique_lock lock(mutex, std::try_to_lock);
        if (lock && !is_taken && !ordered)
            order();
    }
    /// Throws Stopped when asked to stop, at once.
    Copy take(const Work& work) {
        const Turn turn(*this, work);
        for (int tries = 0; tries < 2; ++tries) { // it may have been ended, as systems short of memory do
            if (ordered || order()) {
                const pid_t made = answer(work);
                if (made > 0)
                    return {made, *std::exchange(ordered, std::nullopt)};
            }
            end();
        }
        return {};
    }

  private:
    /// Whoever waits for its answer has it alone.
    class Turn {
      public:
        Turn(Origin& of, const Work& work) : origin(of) {
            std::unique_lock lock(origin.mutex);
            if (!origin.is_free.wait(lock, work.stop, [this] { return !origin.is_taken; }))
                throw Stopped();
            origin.is_taken = true;
        }
        ~Turn() {
            const std::scoped_lock lock(origin.mutex);
            origin.is_taken = false;
            origin.is_free.notify_one();
        }
        Turn(const Turn&) = delete;
        Turn& operator=(const Turn&) = delete;

      private:
        Origin& origin;
    };

    std::mutex mutex;
    std::condition_variable_any is_free;
    bool is_taken = false;
    pid_t pid = -1;
    Descriptor line;
    std::optional<Ends> ordered; ///< of a copy whose number is still to be told
    static constexpr int look_ms = 20;

    void start() {
        int lines[2];
        if (::socketpair(AF_UNIX, SOCK_SEQPACKET | SOCK_CLOEXEC, 0, lines) != 0)
            return;
        line = Descriptor(lines[0]);
        const Descriptor its_line(lines[1]);
        pid = start_origin(its_line.get());
    }
    void end() {
        if (pid > 0)
            end_child(pid);
        pid = -1;
        const bool is_there = std::exchange(ordered, std::nullopt) && is_told_within(0);
        if (const pid_t made = is_there ? number_told() : -1; made > 0)
            end_child(made); // nobody came for it
    }
    static void end_child(pid_t child) {
        ::kill(child, SIGKILL);
        ::waitpid(child, nullptr, 0);
    }
    bool order() {
        if (pid <= 0)
            start();
        int lines[2], chatters[2];
        if (pid <= 0 || ::socketpair(AF_UNIX, SOCK_SEQPACKET | SOCK_CLOEXEC, 0, lines) != 0)
            return false;
        Ends ends{Descriptor(lines[0]), {}};
        const Descriptor its_line(lines[1]);
        if (::pipe2(chatters, O_CLOEXEC | O_NONBLOCK) != 0) // what it says too much is lost, and it goes on
            return false;
        ends.chatter = Descriptor(chatters[0]);
        const Descriptor its_chatter(chatters[1]);
        const std::byte asked{};
        if (!send(line.get(), std::span(&asked, 1), its_line) || !send(line.get(), std::span(&asked, 1), its_chatter))
            return false;
        ordered = std::move(ends);
        return true;
    }
    /// The number of the copy that was ordered.
    pid_t answer(const Work& work) {
        const auto patience = Clock::now() + std::chrono::seconds(20); // its libraries may come from a slow disk
        while (!is_told_within(look_ms)) {
            if (work.stop.stop_requested())
                end(); // what it still answers would be taken for the next one's
            work.at(0);
            if (Clock::now() > patience)
                return -1;
        }
        return number_told();
    }
    [[nodiscard]] bool is_told_within(int milliseconds) const {
        pollfd told{line.get(), POLLIN, 0};
        return ::poll(&told, 1, milliseconds) > 0;
    }
    [[nodiscard]] pid_t number_told() const {
        pid_t made = -1;
        return receive(line.get(), std::as_writable_bytes(std::span(&made, 1)), false).size == sizeof made ? made : -1;
    }
};
Origin& the_origin() {
    static Origin origin;
    return origin;
}

/// A reader that runs. It ends when this does.
class Reader {
  public:
    Reader() = default;
    Reader(Reader&& other) noexcept { *this = std::move(other); }
    Reader& operator=(Reader&& other) noexcept {
        std::swap(pid, other.pid);
        std::swap(line, other.line);
        std::swap(chatter, other.chatter);
        return *this;
    }
    ~Reader() {
        if (pid > 0) {
            stop();
            rusage used{};
            static_cast<void>(ended(used));
        }
    }

    /// Not running when it could not be started.
    static Reader started(const Work& work) {
        Reader reader;
        auto [number, ends] = the_origin().take(work);
        reader.pid = number;
        reader.line = std::move(ends.line);
        reader.chatter = std::move(ends.chatter);
        return reader;
    }

    [[nodiscard]] bool is_running() const { return pid > 0; }
    [[nodiscard]] int its_line() const { return line.get(); }
    void stop() const { ::kill(pid, SIGKILL); }
    /// Waits for its end, which it is helped to when it does not come. @return as waitpid
    int ended(rusage& used) {
        int status = 0;
        const auto patience = Clock::now() + std::chrono::seconds(2);
        while (::wait4(pid, &status, WNOHANG, &used) == 0) {
            if (Clock::now() > patience)
                stop();
            std::this_thread::sleep_for(std::chrono::microseconds(200));
        }
        pid = -1;
        return status;
    }
    /// Has it ended by itself?
    [[nodiscard]] bool is_over() {
        const bool is_over = pid <= 0 || ::waitpid(pid, nullptr, WNOHANG) != 0;
        if (is_over)
            pid = -1;
        return is_over;
    }
    /// What its libraries wrote.
    [[nodiscard]] std::string said() const {
        constexpr std::size_t most = 4096;
        std::string words(most, '\0');
        const ssize_t size = ::read(chatter.get(), words.data(), most);
        words.resize(size > 0 ? static_cast<std::size_t>(size) : 0);
        return words;
    }

  private:
    pid_t pid = -1;
    Descriptor line, chatter;
};

struct Room {
    std::mutex mutex;
    std::condition_variable_any one_is_free;
    int reading = 0;
    std::vector<Reader> leaving; ///< that have answered; letting go of their memory takes a moment
    std::atomic<int> seconds = 14;
    std::function<void(const std::string&)> log;
    std::atomic<bool> told_of_no_lock = false;
    AnswerHere answer_here;
};
Room& the_room() {
    the_origin(); // which is there for as long as the room is
    static Room room;
    return room;
}

/// One of the two places.
class Place {
  public:
    explicit Place(const Work& work) {
        constexpr int most = 2;
        constexpr std::chrono::milliseconds look(20);
        std::unique_lock lock(the_room().mutex);
        while (the_room().reading >= most) {
            work.at(0);
            the_room().one_is_free.wait_for(lock, look);
        }
        ++the_room().reading;
    }
    ~Place() {
        const std::scoped_lock lock(the_room().mutex);
        --the_room().reading;
        the_room().one_is_free.notify_one();
    }
    Place(const Place&) = delete;
    Place& operator=(const Place&) = delete;
};

/// What it answered, with its file; nothing when it ended without.
std::optional<std::pair<Answer, Descriptor>> answer_of(int line) {
    Answer answer;
    auto [size, file] = receive(line, std::as_writable_bytes(std::span(&answer, 1)), false);
    const bool is_whole = size == sizeof answer && (file.is_open() || answer.ending == Ending::too_large);
    return is_whole ? std::optional(std::pair(answer, std::move(file))) : std::nullopt;
}

void log(const std::string& words) {
    const std::scoped_lock lock(the_room().mutex); // so that nobody is told after log_to took it away
    if (the_room().log && !words.empty())
        the_room().log(words);
}

/// The value's bytes behind the pixels, as a reader leaves them.
Reply reply_in(Received memory, std::uint64_t at, std::uint64_t size) {
    if (!memory.memory || at > memory.size || size > memory.size - at)
        return {};
    const std::string_view bytes{reinterpret_cast<const char*>(memory.memory.get()) + at,
                                 static_cast<std::size_t>(size)};
    return {std::move(memory), bytes};
}

Reply here(const Wish& wish, const Descriptor& file) {
    SharedMemory memory;
    const Received bytes = mapped(file);
    const std::string value = the_room().answer_here(wish, {bytes.memory.get(), bytes.size}, memory);
    const std::size_t at = memory.add(value.size());
    std::memcpy(memory.at(at), value.data(), value.size());
    return reply_in(received(std::move(memory).finished()), at, value.size());
}

/// For messages; a stranger's project may tell of names as long as books.
std::string shortened(const std::string& name) {
    constexpr qsizetype longest = 255;
    const QString all = QString::fromStdString(name);
    return all.size() <= longest ? name : all.left(longest).toStdString() + "…";
}

void tell_what_it_said(const Reader& reader, const std::string& name) {
    if (const std::string words = reader.said(); !words.empty())
        log(name + ": " + words);
}

/// Nobody waits for its end. Whoever does not end is ended when this program does.
void let_leave(Reader reader) {
    const std::scoped_lock lock(the_room().mutex);
    std::erase_if(the_room().leaving, [](Reader& one) { return one.is_over(); });
    the_room().leaving.push_back(std::move(reader));
}

Problem too_large(const std::string& name) {
    return {"“{file}” needs more memory to be read than Fusuma gives to a file."_said.with("file", name),
            "Save a smaller or simpler copy and open that."_said};
}
Said too_slow() {
    return "“{file}” takes longer to read than {seconds} seconds of work."_said;
}
/// Of a file that was given up for that; more may have been allowed since.
std::optional<int> seconds_it_had(const Problem& problem) {
    const auto of_one = [](const Said& said) -> std::optional<int> {
        const auto seconds = std::ranges::find(said.values, "seconds", &Said::Value::name);
        return said.sentence == too_slow().sentence && seconds != said.values.end()
                   ? std::optional(static_cast<int>(seconds->number))
                   : std::nullopt;
    };
    for (const Said& said : problem.message.parts)
        if (const auto seconds = of_one(said))
            return seconds;
    return of_one(problem.message);
}

} // namespace

void prepare() {
    the_origin().order_ahead();
}

void allow(int seconds) {
    the_room().seconds = seconds;
}

int allowed_seconds() {
    return the_room().seconds;
}

void log_to(std::function<void(const std::string&)> to) {
    const std::scoped_lock lock(the_room().mutex);
    the_room().log = std::move(to);
}

Result<std::string> text_of(Asked asked, const QString& path) {
    constexpr qint64 largest = 4 << 20;
    const auto file = read_file(path, largest);
    return file ? ask<std::string>({.asked = asked, .name = file_name_of(path)}, *file) : file.problem();
}

Problem failed(const Wish& wish) {
    return {"“{file}” could not be read: it made the reader fail."_said.with("file", wish.name),
            "Nothing has changed. Save it anew in the program that it comes from."_said};
}

void read_here(AnswerHere answer) {
    the_room().answer_here = std::move(answer);
}

bool took_too_long(const Problem& problem) {
    return seconds_it_had(problem).has_value();
}

bool wants_more_time(const Problem& problem) {
    const auto seconds = seconds_it_had(problem);
    return seconds && *seconds < patient_seconds;
}

Result<Reply> reply(Wish wish, const Descriptor& file, const Work& work) {
    if (the_room().answer_here)
        return here(wish, file);
    const Place place(work);
    wish.name = shortened(wish.name);
    wish.seconds = std::max(wish.seconds, allowed_seconds());
    wish.memory = most_memory;
    SharedMemory none;
    wire::Out out(none);
    out(wish);
    const auto asked = std::as_bytes(std::span(out.bytes()));
    if (asked.size() > most_asked)
        return failed(wish);
    Reader reader = Reader::started(work);
    if (!reader.is_running())
        return Problem{"Fusuma's reader of files cannot be started."_said, "Install Fusuma anew."_said};
    if (!send(reader.its_line(), asked, file)) { // one that waited may have been ended meanwhile
        reader = Reader::started(work);
        if (!reader.is_running() || !send(reader.its_line(), asked, file))
            return failed(wish);
    }
    constexpr int look_ms = 20, slowest = 4; // it may have to share its processor with others
    const auto last = Clock::now() + std::chrono::seconds(slowest * wish.seconds);
    bool is_out_of_time = false;
    pollfd awaited{reader.its_line(), POLLIN, 0};
    while (::poll(&awaited, 1, look_ms) <= 0 && !is_out_of_time) {
        work.at(0);
        is_out_of_time = Clock::now() > last;
    }
    if (is_out_of_time)
        reader.stop();
    auto answered = answer_of(reader.its_line());
    if (!answered) {
        rusage used{};
        const int status = reader.ended(used);
        tell_what_it_said(reader, wish.name);
        log(wish.name + (WIFSIGNALED(status) ? ": the reader was ended by signal " + std::to_string(WTERMSIG(status))
                                             : ": the reader ended with " + std::to_string(WEXITSTATUS(status))));
        const bool is_slow =
            is_out_of_time || (WIFSIGNALED(status) && WTERMSIG(status) == SIGXCPU) ||
            (WIFSIGNALED(status) && WTERMSIG(status) == SIGKILL && used.ru_utime.tv_sec >= wish.seconds);
        return is_slow ? Problem{too_slow().with("file", wish.name).with("seconds", wish.seconds),
                                 "Save a simpler copy and open that."_said}
                       : failed(wish);
    }
    tell_what_it_said(reader, wish.name);
    let_leave(std::move(reader));
    the_origin().order_ahead();
    auto& [answer, memory_file] = *answered;
    if (answer.is_shut_in == 0 && !the_room().told_of_no_lock.exchange(true))
        log("This system has nothing to shut the reader of files in with; only its time and memory are bounded.");
    if (answer.ending == Ending::too_large)
        return too_large(wish.name);
    Reply reply = reply_in(received(memory_file), answer.at, answer.size);
    return reply.memory.memory ? Result<Reply>(std::move(reply)) : failed(wish);
}

} // namespace fusuma::room
