// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "disk_watch.h"

#include <atomic>
#include <cstdarg>
#include <cstring>
#include <mutex>
#include <thread>

#include <cxxabi.h>
#include <dirent.h>
#include <dlfcn.h>
#include <execinfo.h>
#include <fcntl.h>
#include <sys/stat.h>
#include <sys/statvfs.h>
#include <unistd.h>

namespace keepseal::app {
namespace {

std::atomic<bool> watching{false};
std::atomic<std::size_t> elsewhere{0};
std::string root;
std::thread::id watched;
std::chrono::milliseconds delay{0};
std::mutex mutex;
std::vector<std::string> asked;
thread_local int aside = 0;

/// The functions of ours that led here, the innermost first.
std::string whoAsks() {
    void* frames[40];
    const int count = ::backtrace(frames, 40);
    std::string out;
    for (int i = 3; i < count; ++i) {
        Dl_info info{};
        if (!::dladdr(frames[i], &info) || !info.dli_sname)
            continue;
        int status = 0;
        char* name = abi::__cxa_demangle(info.dli_sname, nullptr, nullptr, &status);
        const std::string text = status == 0 ? name : info.dli_sname;
        std::free(name);
        if (text.find("keepseal") != std::string::npos || text.starts_with("Q"))
            out += "\n    " + text.substr(0, 110);
    }
    return out;
}

} // namespace

/// Called before each of the calls below.
void sawCall(const char* call, const char* path) {
    if (!watching || aside || !path || std::strncmp(path, root.c_str(), root.size()) != 0)
        return;
    ++aside;
    if (std::this_thread::get_id() == watched) {
        const std::lock_guard lock(mutex);
        asked.push_back(std::string(call) + " " + path + whoAsks());
    } else {
        ++elsewhere;
        std::this_thread::sleep_for(delay);
    }
    --aside;
}

DiskWatch::DiskWatch(const std::filesystem::path& below, std::chrono::milliseconds slow) {
    root = below.string();
    watched = std::this_thread::get_id();
    delay = slow;
    elsewhere = 0;
    asked.clear();
    watching = true;
}

DiskWatch::~DiskWatch() {
    watching = false;
}

std::vector<std::string> DiskWatch::takeAsked() {
    const std::lock_guard lock(mutex);
    return std::exchange(asked, {});
}

bool DiskWatch::works() {
#ifdef __SANITIZE_THREAD__
    return false;
#else
    return true;
#endif
}

std::size_t DiskWatch::askedElsewhere() const {
    return elsewhere;
}

DiskWatch::Aside::Aside() {
    ++aside;
}
DiskWatch::Aside::~Aside() {
    --aside;
}

} // namespace keepseal::app

// The thread sanitizer has these calls itself, from before the first thread: then nothing is seen.
#ifndef __SANITIZE_THREAD__

// Calls of the C library, taken before it: the program's own come first when symbols are looked up.
using keepseal::app::sawCall;

namespace {
template <class Function>
Function* real(const char* name) {
    return reinterpret_cast<Function*>(::dlsym(RTLD_NEXT, name));
}
} // namespace

#define KS_OPEN(NAME)                                                                                        \
    int NAME(const char* path, int flags, ...) {                                                             \
        va_list rest;                                                                                        \
        va_start(rest, flags);                                                                               \
        const auto mode = va_arg(rest, mode_t);                                                              \
        va_end(rest);                                                                                        \
        static auto* const next = real<int(const char*, int, ...)>(#NAME);                                   \
        sawCall(#NAME, path);                                                                                \
        return next(path, flags, mode);                                                                      \
    }
#define KS_OPENAT(NAME)                                                                                      \
    int NAME(int folder, const char* path, int flags, ...) {                                                 \
        va_list rest;                                                                                        \
        va_start(rest, flags);                                                                               \
        const auto mode = va_arg(rest, mode_t);                                                              \
        va_end(rest);                                                                                        \
        static auto* const next = real<int(int, const char*, int, ...)>(#NAME);                              \
        sawCall(#NAME, path);                                                                                \
        return next(folder, path, flags, mode);                                                              \
    }
#define KS_CALL(RESULT, NAME, PARAMETERS, PATH, ARGUMENTS)                                                   \
    RESULT NAME PARAMETERS noexcept {                                                                        \
        static auto* const next = real<RESULT PARAMETERS>(#NAME);                                            \
        sawCall(#NAME, PATH);                                                                                \
        return next ARGUMENTS;                                                                               \
    }

extern "C" {
KS_OPEN(open)
KS_OPEN(open64)
KS_OPENAT(openat)
KS_OPENAT(openat64)
KS_CALL(int, stat, (const char* path, struct stat* out), path, (path, out))
KS_CALL(int, stat64, (const char* path, struct stat64* out), path, (path, out))
KS_CALL(int, lstat, (const char* path, struct stat* out), path, (path, out))
KS_CALL(int, lstat64, (const char* path, struct stat64* out), path, (path, out))
KS_CALL(int, fstatat, (int folder, const char* path, struct stat* out, int flags), path,
        (folder, path, out, flags))
KS_CALL(int, fstatat64, (int folder, const char* path, struct stat64* out, int flags), path,
        (folder, path, out, flags))
KS_CALL(int, statx, (int folder, const char* path, int flags, unsigned mask, struct statx* out), path,
        (folder, path, flags, mask, out))
KS_CALL(int, access, (const char* path, int mode), path, (path, mode))
KS_CALL(int, faccessat, (int folder, const char* path, int mode, int flags), path,
        (folder, path, mode, flags))
KS_CALL(int, mkdir, (const char* path, mode_t mode), path, (path, mode))
KS_CALL(int, unlink, (const char* path), path, (path))
KS_CALL(int, rename, (const char* from, const char* to), from, (from, to))
KS_CALL(int, statvfs, (const char* path, struct statvfs* out), path, (path, out))
KS_CALL(int, statvfs64, (const char* path, struct statvfs64* out), path, (path, out))
KS_CALL(ssize_t, readlink, (const char* path, char* out, size_t size), path, (path, out, size))
KS_CALL(char*, realpath, (const char* path, char* out), path, (path, out))

DIR* opendir(const char* path) {
    static auto* const next = real<DIR*(const char*)>("opendir");
    sawCall("opendir", path);
    return next(path);
}
FILE* fopen(const char* path, const char* mode) {
    static auto* const next = real<FILE*(const char*, const char*)>("fopen");
    sawCall("fopen", path);
    return next(path, mode);
}
FILE* fopen64(const char* path, const char* mode) {
    static auto* const next = real<FILE*(const char*, const char*)>("fopen64");
    sawCall("fopen64", path);
    return next(path, mode);
}
}

#endif
