// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "worker/lock.h"

#include "base/assets.h"
#include "base/files.h"

#include <algorithm>
#include <array>
#include <cerrno>
#include <csignal>
#include <fcntl.h>
#include <fstream>
#include <linux/landlock.h>
#include <sched.h>
#include <seccomp.h>
#include <string>
#include <sys/prctl.h>
#include <sys/resource.h>
#include <sys/syscall.h>
#include <unistd.h>

namespace keepseal::worker {
namespace {

namespace fs = std::filesystem;

// linux/landlock.h as of Linux 6.12; Debian 12's own knows only the first two versions.
constexpr std::uint64_t kReadFile = 1U << 2, kReadFolder = 1U << 3;
constexpr std::uint64_t kFileRightsOfVersion[] = {
    0, (1U << 13) - 1, (1U << 14) - 1, (1U << 15) - 1, (1U << 15) - 1, (1U << 16) - 1};
constexpr std::uint64_t kAllNetwork = (1U << 2) - 1; ///< since version 4: bind and connect by TCP
constexpr std::uint64_t kAllScopes = (1U << 2) - 1;  ///< since version 6: abstract sockets, signals
struct RulesetAttributes {
    std::uint64_t files = 0, network = 0, scopes = 0;
};

std::size_t attributeSize(int version) {
    return version >= 6 ? 24 : version >= 4 ? 16 : 8;
}

void allowReading(int ruleset, const fs::path& path) {
    const int descriptor = ::open(path.c_str(), O_PATH | O_CLOEXEC);
    if (descriptor < 0)
        return;
    std::error_code error;
    landlock_path_beneath_attr rule{};
    rule.allowed_access = fs::is_directory(path, error) ? kReadFile | kReadFolder : kReadFile;
    rule.parent_fd = descriptor;
    ::syscall(SYS_landlock_add_rule, ruleset, LANDLOCK_RULE_PATH_BENEATH, &rule, 0);
    ::close(descriptor);
}

/// 0 where the kernel has no Landlock.
int lockFileSystem(const std::vector<fs::path>& readable) {
    const auto version =
        static_cast<int>(::syscall(SYS_landlock_create_ruleset, nullptr, 0, LANDLOCK_CREATE_RULESET_VERSION));
    if (version < 1)
        return 0;
    RulesetAttributes attributes;
    attributes.files = kFileRightsOfVersion[std::min(version, 5)];
    attributes.network = version >= 4 ? kAllNetwork : 0;
    attributes.scopes = version >= 6 ? kAllScopes : 0;
    const auto ruleset =
        static_cast<int>(::syscall(SYS_landlock_create_ruleset, &attributes, attributeSize(version), 0));
    if (ruleset < 0)
        return 0;
    for (const auto& path : readable)
        allowReading(ruleset, path);
    const auto failed = ::syscall(SYS_landlock_restrict_self, ruleset, 0);
    ::close(ruleset);
    return failed ? 0 : version;
}

/// All that computing, memory, threads of its own, and reading what is open or readable take. By name, so
/// that a call which this machine has not is passed over.
constexpr std::array kNeeded = {"read",
                                "readv",
                                "pread64",
                                "preadv",
                                "write",
                                "writev",
                                "pwrite64",
                                "lseek",
                                "close",
                                "fstat",
                                "newfstatat",
                                "statx",
                                "stat",
                                "lstat",
                                "access",
                                "faccessat",
                                "faccessat2",
                                "readlink",
                                "readlinkat",
                                "getdents64",
                                "getcwd",
                                "statfs",
                                "fstatfs",
                                "fadvise64",
                                "mmap",
                                "munmap",
                                "mremap",
                                "mprotect",
                                "madvise",
                                "brk",
                                "membarrier",
                                "futex",
                                "futex_waitv",
                                "set_robust_list",
                                "get_robust_list",
                                "rseq",
                                "set_tid_address",
                                "arch_prctl",
                                "rt_sigaction",
                                "rt_sigprocmask",
                                "rt_sigreturn",
                                "sigaltstack",
                                "sched_yield",
                                "sched_getaffinity",
                                "sched_getattr",
                                "sched_getparam",
                                "sched_getscheduler",
                                "getpid",
                                "gettid",
                                "getuid",
                                "geteuid",
                                "getgid",
                                "getegid",
                                "getppid",
                                "clock_gettime",
                                "clock_getres",
                                "clock_nanosleep",
                                "nanosleep",
                                "gettimeofday",
                                "time",
                                "times",
                                "getrusage",
                                "uname",
                                "sysinfo",
                                "poll",
                                "ppoll",
                                "recvmsg",
                                "sendmsg",
                                "memfd_create",
                                "ftruncate",
                                "eventfd2",
                                "getrandom",
                                "exit",
                                "exit_group",
                                "restart_syscall",
                                "getrlimit",
                                "setrlimit"};

bool allow(scmp_filter_ctx filter, const char* name, std::initializer_list<scmp_arg_cmp> conditions = {}) {
    const int call = ::seccomp_syscall_resolve_name(name);
    if (call < 0) // not on this machine
        return true;
    return ::seccomp_rule_add_array(filter, SCMP_ACT_ALLOW, call, static_cast<unsigned>(conditions.size()),
                                    conditions.begin()) == 0;
}

#ifdef __clang__ // what the library's macros are made of
#pragma clang diagnostic ignored "-Wc99-extensions"
#pragma clang diagnostic ignored "-Wmissing-field-initializers"
#endif
/// Of calls that can do much, only the harmless part.
bool allowInPart(scmp_filter_ctx filter) {
    bool good = true;
    for (const int command : {F_DUPFD_CLOEXEC, F_GETFL, F_GETFD, F_SETFD, F_ADD_SEALS, F_GET_SEALS})
        good = good && allow(filter, "fcntl", {SCMP_A1(SCMP_CMP_EQ, static_cast<scmp_datum_t>(command))});
    // Reading only; a new file is not made by it either.
    constexpr auto kAnyWriting = static_cast<scmp_datum_t>(O_ACCMODE | O_CREAT | O_TRUNC | O_APPEND);
    good = good && allow(filter, "openat", {SCMP_A2(SCMP_CMP_MASKED_EQ, kAnyWriting, O_RDONLY)});
    good = good && allow(filter, "open", {SCMP_A1(SCMP_CMP_MASKED_EQ, kAnyWriting, O_RDONLY)});
    // Threads, and nothing that is a process.
    good = good && allow(filter, "clone", {SCMP_A0(SCMP_CMP_MASKED_EQ, CLONE_THREAD, CLONE_THREAD)});
    const auto self = static_cast<scmp_datum_t>(::getpid()); // abort() of its own
    good = good && allow(filter, "tgkill", {SCMP_A0(SCMP_CMP_EQ, self)});
    good = good && allow(filter, "prlimit64", {SCMP_A0(SCMP_CMP_EQ, 0)}); // its own limits
    for (const int option : {PR_SET_NAME, PR_GET_NAME, 0x53564d41 /* PR_SET_VMA: names of arenas */})
        good = good && allow(filter, "prctl", {SCMP_A0(SCMP_CMP_EQ, static_cast<scmp_datum_t>(option))});
    return good;
}

bool lockCalls() {
    const scmp_filter_ctx filter = ::seccomp_init(SCMP_ACT_ERRNO(EPERM));
    if (!filter)
        return false;
    bool good = ::seccomp_attr_set(filter, SCMP_FLTATR_CTL_TSYNC, 1) == 0; // threads that are there already
    // glibc falls back to what can be looked into.
    for (const char* name : {"clone3", "openat2"})
        if (const int call = ::seccomp_syscall_resolve_name(name); call >= 0)
            good = good && ::seccomp_rule_add(filter, SCMP_ACT_ERRNO(ENOSYS), call, 0) == 0;
    for (const char* name : kNeeded)
        good = good && allow(filter, name);
#ifdef KEEPSEAL_SANITIZED // which asks by a pipe whether memory can be read
    good = good && allow(filter, "pipe") && allow(filter, "pipe2");
#endif
    good = good && allowInPart(filter) && ::seccomp_load(filter) == 0;
    ::seccomp_release(filter);
    return good;
}

void limit(__rlimit_resource what, rlim_t most) {
    rlimit now{};
    ::getrlimit(what, &now);
    now.rlim_max = std::min(now.rlim_max, most);
    now.rlim_cur = std::min(now.rlim_cur, now.rlim_max);
    ::setrlimit(what, &now);
}

std::uint64_t halfOfMemory() {
    return static_cast<std::uint64_t>(::sysconf(_SC_PHYS_PAGES)) *
           static_cast<std::uint64_t>(::sysconf(_SC_PAGESIZE)) / 2;
}

} // namespace

std::vector<fs::path> whatItIsBuiltOn() {
    std::vector<fs::path> out = {"/usr/lib",
                                 "/usr/lib64",
                                 "/usr/lib32",
                                 "/lib",
                                 "/lib64",
                                 "/usr/local/lib",
                                 "/etc/ld.so.cache",
                                 "/etc/fonts",
                                 "/etc/localtime",
                                 "/usr/share/fonts",
                                 "/usr/local/share/fonts",
                                 "/usr/share/fontconfig",
                                 "/var/cache/fontconfig",
                                 "/usr/share/poppler",
                                 "/usr/share/mime",
                                 "/usr/share/zoneinfo",
                                 "/usr/share/locale",
                                 "/proc/sys/vm/overcommit_memory",
                                 assetsFolder(),
                                 dataFolder() / "fonts"};
    if (const char* home = std::getenv("HOME"))
        for (const char* folder : {".fonts", ".local/share/fonts", ".cache/fontconfig", ".config/fontconfig"})
            out.push_back(fs::path(home) / folder);
    return out;
}

Locks lockIn(const std::vector<fs::path>& readable) {
    Locks out;
    ::prctl(PR_SET_DUMPABLE, 0); // nobody else's debugger, and no dump of a picture in a file
    ::prctl(PR_SET_NO_NEW_PRIVS, 1, 0, 0, 0);
    limit(RLIMIT_CORE, 0);
    limit(RLIMIT_NOFILE, kMostOpenFiles);
    limit(RLIMIT_FSIZE, halfOfMemory()); // shared memory counts as a file
    out.fileSystem = lockFileSystem(readable);
    out.calls = lockCalls();
    return out;
}

#ifdef KEEPSEAL_SANITIZED
// A sanitizer's own memory is many times what the program asks for.
void limitMemory() {}
void allowMemory(std::uint64_t) {}
#else
namespace {

std::uint64_t heldFirst = 0;

/// Bytes of data the process holds, as RLIMIT_DATA counts them, before it has read anything.
std::uint64_t heldAtFirst() {
    std::ifstream numbers("/proc/self/statm");
    std::uint64_t pages = 0, data = 0;
    numbers >> pages >> pages >> pages >> pages >> pages >> data;
    return data * static_cast<std::uint64_t>(::sysconf(_SC_PAGESIZE));
}

} // namespace

void limitMemory() {
    heldFirst = heldAtFirst();
    limit(RLIMIT_DATA, halfOfMemory());
}

void allowMemory(std::uint64_t bytes) {
    rlimit now{};
    ::getrlimit(RLIMIT_DATA, &now);
    now.rlim_cur = std::min<std::uint64_t>(now.rlim_max, heldFirst + bytes);
    ::setrlimit(RLIMIT_DATA, &now);
}
#endif

} // namespace keepseal::worker
