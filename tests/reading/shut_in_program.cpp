// A reader that tries to get out: shut in, it goes for files, connections, programs and others that run, and says what
// it got.

#include "reading/shut_in.h"

#include <csignal>
#include <cstdio>
#include <cstring>
#include <fcntl.h>
#include <netinet/in.h>
#include <sched.h>
#include <string>
#include <sys/mman.h>
#include <sys/ptrace.h>
#include <sys/socket.h>
#include <sys/stat.h>
#include <thread>
#include <unistd.h>

namespace {

void tell(const char* what, bool got_it) {
    std::printf("%s %s\n", what, got_it ? "yes" : "no");
}

bool opens(const char* path, int how) {
    const int file = ::open(path, how, 0600);
    if (file >= 0)
        ::close(file);
    return file >= 0;
}

} // namespace

/// usage: shut-in-program SECRET FOLDER PORT
int main(int, char** arguments) {
    const std::string fresh = std::string(arguments[2]) + "/fresh";
    const int held = ::open(arguments[1], O_RDONLY); // as a reader is handed its file
    tell("shut", fusuma::shut_in());
    char byte = 0;
    tell("held-file", ::pread(held, &byte, 1, 0) == 1);
    tell("shared-memory", ::memfd_create("x", MFD_ALLOW_SEALING) >= 0);
    bool ran = false;
    std::thread([&] { ran = true; }).join();
    tell("thread", ran);
    tell("font", opens("/etc/fonts/fonts.conf", O_RDONLY));

    tell("other-file", opens(arguments[1], O_RDONLY));
    tell("passwords", opens("/etc/passwd", O_RDONLY));
    tell("folder", opens(arguments[2], O_RDONLY | O_DIRECTORY));
    tell("new-file", opens(fresh.c_str(), O_WRONLY | O_CREAT));
    tell("change-file", opens(arguments[1], O_RDWR));
    tell("remove-file", ::unlink(arguments[1]) == 0);
    tell("rename-file", ::rename(arguments[1], fresh.c_str()) == 0);
    tell("link-file", ::symlink("/etc/passwd", fresh.c_str()) == 0);
    tell("new-folder", ::mkdir(fresh.c_str(), 0700) == 0);
    tell("modes", ::chmod(arguments[1], 0777) == 0);
    tell("shorten", ::truncate(arguments[1], 0) == 0);
    tell("memory-of-others", opens(("/proc/" + std::to_string(::getppid()) + "/mem").c_str(), O_RDONLY));
    sockaddr_in there{};
    there.sin_family = AF_INET;
    there.sin_port = htons(static_cast<in_port_t>(std::stoi(arguments[3])));
    there.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
    const int line = ::socket(AF_INET, SOCK_STREAM, 0);
    tell("connection", line >= 0 && ::connect(line, reinterpret_cast<sockaddr*>(&there), sizeof there) == 0);
    tell("local-connection", ::socket(AF_UNIX, SOCK_STREAM, 0) >= 0);
    tell("datagram", ::socket(AF_INET6, SOCK_DGRAM, 0) >= 0);
    tell("trace", ::ptrace(PTRACE_ATTACH, ::getppid(), nullptr, nullptr) == 0);
    tell("signal", ::kill(::getppid(), 0) == 0);
    tell("new-space", ::unshare(CLONE_NEWUSER) == 0);
    const pid_t child = ::fork();
    if (child == 0)
        ::_exit(0);
    tell("process", child > 0);
    std::fflush(stdout);
    ::execl("/bin/true", "true", nullptr);
    tell("program", false);
    std::fflush(stdout);
    ::_exit(0);
}
