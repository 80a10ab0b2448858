// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A worker that was taken over: starts as a worker does, then tries all that it should not be able to do, one
// line each ("what: done", or what the kernel said). Descriptor 4 is an original, as a worker gets it; the
// first argument is its path, the second a file of the person's, the third a folder that anybody may write
// to.
#include "picture/develop.h"
#include "seal/logo_reading.h"
#include "wire/shared_memory.h"
#include "worker/lock.h"

#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <functional>
#include <iostream>
#include <netinet/in.h>
#include <signal.h>
#include <sys/mman.h>
#include <sys/mount.h>
#include <sys/prctl.h>
#include <sys/ptrace.h>
#include <sys/resource.h>
#include <sys/socket.h>
#include <sys/stat.h>
#include <sys/syscall.h>
#include <sys/uio.h>
#include <sys/un.h>
#include <sys/xattr.h>
#include <thread>
#include <unistd.h>

namespace {

using namespace keepseal;

constexpr int kOriginal = 4;

void attempt(const std::string& what, const std::function<bool()>& act) {
    errno = 0;
    const bool done = act();
    std::cout << what << ": " << (done ? "done" : std::strerror(errno)) << "\n";
}

bool opens(const std::string& path, int flags) {
    return ::open(path.c_str(), flags, 0600) >= 0;
}

void touchTheOriginal(const std::string& path) {
    attempt("write to the original", [] { return ::pwrite(kOriginal, "x", 1, 0) == 1; });
    attempt("shorten the original", [] { return ::ftruncate(kOriginal, 1) == 0; });
    attempt("lengthen the original", [] { return ::fallocate(kOriginal, 0, 0, 1 << 20) == 0; });
    attempt("change its mode", [] { return ::fchmod(kOriginal, 0777) == 0; });
    attempt("change its owner", [] { return ::fchown(kOriginal, 1, 1) == 0; });
    attempt("change its time", [] { return ::futimens(kOriginal, nullptr) == 0; });
    attempt("label it", [] { return ::fsetxattr(kOriginal, "user.x", "y", 1, 0) == 0; });
    attempt("map it for writing", [] {
        return ::mmap(nullptr, 4096, PROT_READ | PROT_WRITE, MAP_SHARED, kOriginal, 0) != MAP_FAILED;
    });
    attempt("open it again for writing", [] { return opens("/proc/self/fd/4", O_RDWR); });
    attempt("open it by its path", [&] { return opens(path, O_RDONLY); });
    attempt("remove it", [&] { return ::unlink(path.c_str()) == 0; });
    attempt("rename it", [&] { return ::rename(path.c_str(), (path + "2").c_str()) == 0; });
    attempt("link it", [&] { return ::link(path.c_str(), (path + "3").c_str()) == 0; });
}

void touchOtherFiles(const std::string& file, const std::string& folder) {
    attempt("read a file of the person's", [&] { return opens(file, O_RDONLY); });
    attempt("list a folder of the person's", [&] { return opens(folder, O_RDONLY | O_DIRECTORY); });
    attempt("read the list of users", [] { return opens("/etc/passwd", O_RDONLY); });
    attempt("read its own memory", [] { return opens("/proc/self/mem", O_RDWR); });
    attempt("make a file", [&] { return opens(folder + "/made", O_WRONLY | O_CREAT); });
    attempt("make a file without a name", [&] { return opens(folder, O_TMPFILE | O_RDWR); });
    attempt("make a folder", [&] { return ::mkdir((folder + "/made").c_str(), 0700) == 0; });
    attempt("make a link", [&] { return ::symlink("/", (folder + "/made").c_str()) == 0; });
    attempt("write to a library", [] { return opens("/usr/lib/x86_64-linux-gnu/libc.so.6", O_WRONLY); });
}

void callOut() {
    attempt("make an internet socket", [] { return ::socket(AF_INET, SOCK_STREAM, 0) >= 0; });
    attempt("make a local socket", [] { return ::socket(AF_UNIX, SOCK_STREAM, 0) >= 0; });
    attempt("make a netlink socket", [] { return ::socket(AF_NETLINK, SOCK_RAW, 0) >= 0; });
    attempt("start a program", [] {
        char name[] = "/bin/true";
        char* words[] = {name, nullptr};
        return ::execv(name, words) == 0;
    });
    attempt("make a process", [] {
        const auto child = ::syscall(SYS_clone, SIGCHLD, nullptr, nullptr, nullptr, nullptr);
        if (child == 0)
            ::_exit(0);
        return child > 0;
    });
    attempt("make a process by vfork", [] {
        const auto child = ::syscall(SYS_clone3, nullptr, 0);
        return child > 0;
    });
    attempt("be debugged", [] { return ::ptrace(PTRACE_TRACEME, 0, nullptr, nullptr) == 0; });
    attempt("signal its parent", [] { return ::kill(::getppid(), 0) == 0; });
    attempt("read its parent's memory", [] {
        char byte = 0;
        iovec mine{&byte, 1}, theirs{&byte, 1};
        return ::process_vm_readv(::getppid(), &mine, 1, &theirs, 1, 0) == 1;
    });
    attempt("limit its parent", [] {
        rlimit limits{};
        return ::prlimit(::getppid(), RLIMIT_NOFILE, nullptr, &limits) == 0;
    });
    attempt("mount", [] { return ::mount("none", "/tmp", "tmpfs", 0, nullptr) == 0; });
    attempt("make a namespace", [] { return ::syscall(SYS_unshare, 0x10000000) == 0; });
    attempt("load code into the kernel", [] { return ::syscall(SYS_bpf, 0, nullptr, 0) >= 0; });
    attempt("queue calls behind the filter", [] {
        char room[256] = {};
        return ::syscall(SYS_io_uring_setup, 4, room) >= 0;
    });
    attempt("hold keys", [] { return ::syscall(SYS_keyctl, 0, -3, 1) >= 0; });
    attempt("be dumped", [] { return ::prctl(PR_SET_DUMPABLE, 1) == 0; });
    attempt("lift a limit", [] {
        rlimit limits{RLIM_INFINITY, RLIM_INFINITY};
        return ::setrlimit(RLIMIT_NOFILE, &limits) == 0;
    });
}

/// What it is there for still works.
void work() {
    const std::string name = "the picture";
    attempt("decode the original", [&] {
        const wire::DescriptorSource source(wire::Descriptor(kOriginal), name);
        const auto facts = readFacts(source, name);
        const auto frame = develop(source, name, facts, wholePicture(facts, {40, 30}));
        return frame.rgb.size() == 40 * 30 * 3;
    });
    attempt("draw a logo with letters", [&] {
        const std::string svg =
            "<svg xmlns='http://www.w3.org/2000/svg' width='80' height='30'><text y='20'>Tide</text></svg>";
        const Bytes bytes(svg.begin(), svg.end());
        const auto drawn = drawVectorLogo(MemorySource(bytes), name, 1, {80, 30}, {160, 60});
        return std::any_of(drawn.argb.begin(), drawn.argb.end(), [](auto pixel) { return pixel != 0; });
    });
    attempt("start a thread", [] {
        bool ran = false;
        std::thread([&] { ran = true; }).join();
        return ran;
    });
}

} // namespace

int main(int count, char** words) {
    if (count < 4)
        return 2;
    startPictureEngine(words[0]);
    const auto locks = worker::lockIn(worker::whatItIsBuiltOn());
    std::cout << "locks: " << locks.fileSystem << " " << locks.calls << "\n";
    touchTheOriginal(words[1]);
    touchOtherFiles(words[2], words[3]);
    callOut();
    work();
    std::cout.flush();
    ::_exit(0);
}
