// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/own_folders.h"

#include "base/problem.h"

#include <algorithm>
#include <array>
#include <cerrno>
#include <cstdlib>
#include <fcntl.h>
#include <pwd.h>
#include <sys/stat.h>
#include <unistd.h>
#include <vector>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

constexpr mode_t kPrivate = 0700, kOthers = 0077;

fs::path homeFolder() {
    if (const char* home = std::getenv("HOME"); home && home[0] == '/')
        return home;
    std::vector<char> room(1 << 14);
    passwd entry{};
    passwd* found = nullptr;
    if (::getpwuid_r(::geteuid(), &entry, room.data(), room.size(), &found) == 0 && found && found->pw_dir &&
        found->pw_dir[0] == '/')
        return found->pw_dir;
    throw Problem(ProblemKind::Refused, {}, "this account has no home folder",
                  "Set HOME, or XDG_STATE_HOME, XDG_CONFIG_HOME and XDG_DATA_HOME, to folders of yours");
}

fs::path ownFolder(const char* variable, const char* fallback) {
    const char* given = std::getenv(variable);
    return (given && given[0] == '/' ? fs::path(given) : homeFolder() / fallback) / "keep-seal";
}

void secureFolder(const fs::path& folder) {
    struct stat info {};
    if (::stat(folder.c_str(), &info) != 0)
        return; // made when it is needed
    if (!S_ISDIR(info.st_mode) || info.st_uid != ::geteuid())
        throw Problem(ProblemKind::Refused, folder.string(), "this is no folder of yours",
                      "Give it back to your account, or point the XDG folders somewhere else");
    if (info.st_mode & kOthers)
        ::chmod(folder.c_str(), info.st_mode & ~kOthers & 07777);
}

} // namespace

fs::path stateFolder() {
    return ownFolder("XDG_STATE_HOME", ".local/state");
}
fs::path configFolder() {
    return ownFolder("XDG_CONFIG_HOME", ".config");
}
fs::path dataFolder() {
    return ownFolder("XDG_DATA_HOME", ".local/share");
}

void secureOwnFolders() {
    for (const auto& folder : {stateFolder(), configFolder(), dataFolder()})
        secureFolder(folder);
}

void holdStandardStreams() {
    for (const int stream : {0, 1, 2})
        if (::fcntl(stream, F_GETFD) < 0 && errno == EBADF)
            ::open("/dev/null", O_RDONLY); // takes the lowest that is free
}

bool isOwn(const fs::path& path) {
    const auto whole = path.lexically_normal();
    for (const auto& folder : {stateFolder(), configFolder(), dataFolder()})
        if (std::mismatch(folder.begin(), folder.end(), whole.begin(), whole.end()).first == folder.end())
            return true;
    return false;
}

void makeFolder(const fs::path& folder) {
    std::error_code error;
    if (folder.empty() || fs::is_directory(folder, error))
        return;
    makeFolder(folder.parent_path());
    ::mkdir(folder.c_str(), isOwn(folder) ? kPrivate : 0777);
}

std::string programBeside(const std::string& name) {
    std::error_code error;
    const auto self = fs::read_symlink("/proc/self/exe", error);
    const auto beside = self.parent_path() / name;
    return !error && fs::exists(beside, error) ? beside.string() : name;
}

} // namespace keepseal
