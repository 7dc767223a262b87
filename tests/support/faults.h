#pragma once

#include <csignal>
#include <fcntl.h>
#include <string>
#include <sys/resource.h>
#include <sys/stat.h>
#include <sys/wait.h>
#include <unistd.h>

namespace fusuma::test {

/// Runs something in a process of its own in which no file may grow beyond `bytes`, as on a disk that is full by then.
/// @return what it returned, or -1 when it ended in another way
template <typename Act> int on_a_full_disk(rlim_t bytes, Act&& act) {
    const pid_t child = ::fork();
    if (child == 0) {
        std::signal(SIGXFSZ, SIG_IGN); // so that writing fails instead
        const rlimit limit{bytes, bytes};
        ::setrlimit(RLIMIT_FSIZE, &limit);
        ::_exit(act());
    }
    int status = 0;
    ::waitpid(child, &status, 0);
    return WIFEXITED(status) ? WEXITSTATUS(status) : -1;
}

/// Runs something in a process of its own and kills that after so many microseconds, wherever it is by then.
template <typename Act> void killed_after(unsigned microseconds, Act&& act) {
    const pid_t child = ::fork();
    if (child == 0) {
        act();
        ::_exit(0);
    }
    ::usleep(microseconds);
    ::kill(child, SIGKILL);
    int status = 0;
    ::waitpid(child, &status, 0);
}

/// Dates a file like another one, as a clock that stands still would.
inline void date_like(const std::string& path, const std::string& other) {
    struct stat of {};
    ::stat(other.c_str(), &of);
    const timespec times[] = {of.st_atim, of.st_mtim};
    ::utimensat(AT_FDCWD, path.c_str(), times, 0);
}

} // namespace fusuma::test
