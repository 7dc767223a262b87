#include "reading/shut_in.h"

#include <array>
#include <fcntl.h>
#include <fontconfig/fontconfig.h>
#include <initializer_list>
#include <linux/landlock.h>
#include <sched.h>
#include <seccomp.h>
#include <sys/prctl.h>
#include <sys/resource.h>
#include <sys/stat.h>
#include <sys/syscall.h>
#include <unistd.h>

namespace fusuma {

namespace {

constexpr std::uint64_t looking = LANDLOCK_ACCESS_FS_READ_FILE | LANDLOCK_ACCESS_FS_READ_DIR;
/// All that its first version knows; later ones only add to it.
constexpr std::uint64_t everything = (LANDLOCK_ACCESS_FS_MAKE_SYM << 1) - 1;

void let_look(int rules, const char* folder) {
    const int place = ::open(folder, O_PATH | O_CLOEXEC);
    if (place < 0)
        return; // what is not there needs no leave
    struct stat facts {};
    const bool is_folder = ::fstat(place, &facts) == 0 && S_ISDIR(facts.st_mode);
    const landlock_path_beneath_attr rule{.allowed_access = is_folder ? looking : LANDLOCK_ACCESS_FS_READ_FILE,
                                          .parent_fd = place};
    ::syscall(SYS_landlock_add_rule, rules, LANDLOCK_RULE_PATH_BENEATH, &rule, 0);
    ::close(place);
}

void let_look_at(int rules, FcStrList* folders) {
    while (const FcChar8* folder = FcStrListNext(folders))
        let_look(rules, reinterpret_cast<const char*>(folder));
    FcStrListDone(folders);
}

bool shut_files() {
    const landlock_ruleset_attr handled{.handled_access_fs = everything};
    const auto rules = static_cast<int>(::syscall(SYS_landlock_create_ruleset, &handled, sizeof handled, 0));
    if (rules < 0)
        return false;
    // Libraries and what they need besides, such as tables of characters; fonts, wherever they are.
    for (const char* folder : {"/usr", "/lib", "/lib64", "/etc/fonts", "/etc/ld.so.cache", "/proc/self/maps"})
        let_look(rules, folder);
    let_look_at(rules, FcConfigGetFontDirs(nullptr));
    let_look_at(rules, FcConfigGetCacheDirs(FcConfigGetCurrent()));
    const bool is_shut = ::syscall(SYS_landlock_restrict_self, rules, 0) == 0;
    ::close(rules);
    return is_shut;
}

bool shut_calls() {
    const scmp_filter_ctx filter = seccomp_init(SCMP_ACT_ALLOW);
    if (!filter)
        return false;
    bool is_whole = true;
    const auto refuse = [&](std::initializer_list<int> calls) {
        for (const int call : calls) {
            const int added = seccomp_rule_add(filter, SCMP_ACT_ERRNO(EPERM), call, 0);
            is_whole = (added == 0 || added == -EDOM) && is_whole; // EDOM: not a call of this kind of processor
        }
    };
    refuse({SCMP_SYS(socket), SCMP_SYS(socketpair), SCMP_SYS(connect), SCMP_SYS(bind), SCMP_SYS(listen),
            SCMP_SYS(accept), SCMP_SYS(accept4)});                                   // connections
    refuse({SCMP_SYS(execve), SCMP_SYS(execveat), SCMP_SYS(fork), SCMP_SYS(vfork)}); // programs
    refuse({SCMP_SYS(ptrace), SCMP_SYS(process_vm_readv), SCMP_SYS(process_vm_writev), SCMP_SYS(pidfd_open),
            SCMP_SYS(pidfd_getfd), SCMP_SYS(pidfd_send_signal), SCMP_SYS(tkill)}); // others that run
    refuse({SCMP_SYS(mount),
            SCMP_SYS(umount2),
            SCMP_SYS(pivot_root),
            SCMP_SYS(chroot),
            SCMP_SYS(unshare),
            SCMP_SYS(setns),
            SCMP_SYS(bpf),
            SCMP_SYS(perf_event_open),
            SCMP_SYS(userfaultfd),
            SCMP_SYS(keyctl),
            SCMP_SYS(add_key),
            SCMP_SYS(request_key),
            SCMP_SYS(io_uring_setup),
            SCMP_SYS(open_by_handle_at),
            SCMP_SYS(truncate),
            SCMP_SYS(chmod),
            SCMP_SYS(fchmodat),
            SCMP_SYS(chown),
            SCMP_SYS(fchownat),
            SCMP_SYS(utimensat),
            SCMP_SYS(setxattr),
            SCMP_SYS(shmget),
            SCMP_SYS(shmat),
            SCMP_SYS(msgget),
            SCMP_SYS(semget),
            SCMP_SYS(mq_open),
            SCMP_SYS(kill)}); // the system
    const scmp_arg_cmp is_no_thread{0, SCMP_CMP_MASKED_EQ, CLONE_THREAD, 0};
    // Threads are new tasks of this program; the newer call hides which it is, so the older is taken in its place.
    is_whole = seccomp_rule_add(filter, SCMP_ACT_ERRNO(ENOSYS), SCMP_SYS(clone3), 0) == 0 &&
               seccomp_rule_add_array(filter, SCMP_ACT_ERRNO(EPERM), SCMP_SYS(clone), 1, &is_no_thread) == 0 &&
               is_whole;
    const bool is_loaded = seccomp_load(filter) == 0;
    seccomp_release(filter);
    return is_whole && is_loaded;
}

} // namespace

void prepare_to_shut_in() {
    FcInit(); // writes a cache when it has none yet, and tells where fonts are
}

bool shut_in() {
    prepare_to_shut_in();
    if (::prctl(PR_SET_NO_NEW_PRIVS, 1, 0, 0, 0) != 0)
        return false;
    ::prctl(PR_SET_DUMPABLE, 0, 0, 0, 0);
    const bool files = shut_files();
    return shut_calls() && files;
}

void bound(int seconds, std::uint64_t memory) {
    const auto most = [](int what, rlim_t soft, rlim_t hard) {
        const rlimit bounds{soft, hard};
        ::setrlimit(static_cast<__rlimit_resource_t>(what), &bounds);
    };
#if defined(__SANITIZE_ADDRESS__) || defined(__SANITIZE_THREAD__) || __has_feature(address_sanitizer) ||               \
    __has_feature(thread_sanitizer)
    seconds *= 5;
#else
    most(RLIMIT_AS, memory, memory);
#endif
    const auto time = static_cast<rlim_t>(seconds);
    most(RLIMIT_CPU, time, time + 1);
    most(RLIMIT_FSIZE, memory, memory); // of shared memory, too
    most(RLIMIT_CORE, 0, 0);
}

} // namespace fusuma
