// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Put before the C library of a program under test (LD_PRELOAD): at the write to storage whose number stands
// in KEEPSEAL_DIES_AT the process is killed, before that is done. Nothing depends on how long anything takes.
#include <atomic>
#include <csignal>
#include <cstdlib>
#include <dlfcn.h>
#include <sys/types.h>
#include <unistd.h>

namespace {

void count() {
    static const long last = [] {
        const char* wanted = std::getenv("KEEPSEAL_DIES_AT");
        return wanted ? std::atol(wanted) : 0;
    }();
    static std::atomic<long> written{0};
    if (++written == last)
        ::kill(::getpid(), SIGKILL);
}

template <class Function>
Function next(Function, const char* name) {
    return reinterpret_cast<Function>(::dlsym(RTLD_NEXT, name));
}

} // namespace

// How SQLite changes a file, and the folder that it is in.
extern "C" {
__attribute__((visibility("default"))) ssize_t pwrite64(int file, const void* from, size_t length,
                                                        off64_t at) {
    static const auto real = next(&pwrite64, "pwrite64");
    count();
    return real(file, from, length, at);
}
__attribute__((visibility("default"))) int ftruncate64(int file, off64_t length) {
    static const auto real = next(&ftruncate64, "ftruncate64");
    count();
    return real(file, length);
}
__attribute__((visibility("default"))) int fdatasync(int file) {
    static const auto real = next(&fdatasync, "fdatasync");
    count();
    return real(file);
}
__attribute__((visibility("default"))) int unlink(const char* path) noexcept {
    static const auto real = next(&unlink, "unlink");
    count();
    return real(path);
}
}
