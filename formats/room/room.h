#pragma once

#include "core/work.h"
#include "formats/room/wire_values.h"

#include <functional>
#include <span>

/// Files from outside are read in a room of their own: by a copy of `fusuma-reader`, one for each file, shut in and
/// bounded, that is handed the file's bytes and hands back a value. Whatever becomes of it, here it is a value or one
/// sentence.
namespace fusuma::room {

/// What the reader is to make of the bytes.
enum class Asked {
    artwork,
    picture,
    drawing,
    printed_page,
    cells,
    cut_file,
    entries,
    thumbnail,
    machine,
    scheme,
    templates, ///< answered in text of our own writers
    jpeg_for_print,
    screen_table
};

struct Wish {
    Asked asked = Asked::picture;
    std::string name;         ///< of the file, for messages and by its ending
    std::int32_t page = 1;    ///< of a document with pages, from 1; 0 where one is still to be chosen
    double dpi = 300;         ///< of a page
    Size paper;               ///< of a cut file, mm
    std::string encoding;     ///< of cells; empty where it is to be found out
    std::int32_t seconds = 0; ///< of processor time, at least; `ask` sets what is allowed
    std::uint64_t memory = 0; ///< bytes; set by `ask`
};

/// How a reader's answer begins.
enum class Ending : std::uint8_t { answered, too_large };
struct Answer {
    Ending ending = Ending::answered;
    std::uint8_t is_shut_in =
        1; ///< a byte, since what arrives may be any; 0 where the system has nothing to shut it in with
    std::uint64_t at = 0, size = 0; ///< of the value's bytes in the shared memory
};
/// The reader's end of its line, and how long what it is asked may be.
inline constexpr int reader_line = 3;
inline constexpr std::size_t most_asked = 32 << 10; // bytes

/// Has the reader load its libraries, so that the first file need not wait for that: readers are copies of it.
void prepare();

/// Processor time that a file may take, from now on; 14 s at first, so that a person has an answer within 20.
void allow(int seconds);
[[nodiscard]] int allowed_seconds();
inline constexpr int patient_seconds = 300; ///< what a person who waits may give

/// Where libraries' chatter about damaged files goes, and that the room has no lock where it has none; nowhere at
/// first. Called from any thread.
void log_to(std::function<void(const std::string&)> log);

/// Reads without a room, by what a reader calls: for fuzzing, where a program for each input would take too long.
using AnswerHere = std::function<std::string(const Wish&, std::span<const std::byte>, SharedMemory&)>;
void read_here(AnswerHere answer);

/// What the reader made of it: where its value lies, and what it is written in.
struct Reply {
    Received memory;
    std::string_view bytes;
};
/// Two are read at a time; others wait. Throws Stopped when asked to stop, at once.
[[nodiscard]] Result<Reply> reply(Wish wish, const Descriptor& file, const Work& work);
/// Was a file given up because reading it took too long?
[[nodiscard]] bool took_too_long(const Problem& problem);
/// And had it less than a person who waits may give?
[[nodiscard]] bool wants_more_time(const Problem& problem);
/// When a reply is not as agreed on.
[[nodiscard]] Problem failed(const Wish& wish);

/// The value, or the reader's problem.
template <typename T> Result<T> ask(const Wish& wish, const Descriptor& file, const Work& work = {}) {
    auto answered = reply(wish, file, work);
    if (!answered)
        return answered.problem();
    try {
        wire::In in(answered->bytes, answered->memory);
        std::variant<T, Problem> value;
        in(value);
        if (in.is_at_end())
            return value.index() == 0 ? Result<T>(std::move(std::get<0>(value))) : std::get<1>(value);
    } catch (const wire::Broken&) {
    }
    return failed(wish);
}
template <typename T> Result<T> ask(const Wish& wish, std::span<const std::byte> file, const Work& work = {}) {
    return ask<T>(wish, SharedMemory(file).finished(), work);
}
template <typename T> Result<T> ask(const Wish& wish, const QByteArray& file, const Work& work = {}) {
    return ask<T>(wish, std::as_bytes(std::span(file.constData(), static_cast<std::size_t>(file.size()))), work);
}

/// A description of at most 4 MB (a machine, a scheme, templates) as our own writer would have written it.
[[nodiscard]] Result<std::string> text_of(Asked asked, const QString& path);

} // namespace fusuma::room

namespace fusuma::wire {

template <> inline constexpr int choices<room::Asked> = 13;

template <class Io> void fields(Io& io, room::Wish& w) {
    io(w.asked, w.name, w.page, w.dpi, w.paper, w.encoding, w.seconds, w.memory);
}

} // namespace fusuma::wire
