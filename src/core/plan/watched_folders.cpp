// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "plan/watched_folders.h"

#include "base/problem.h"
#include "plan/stamped.h"

#include <algorithm>
#include <array>
#include <chrono>
#include <poll.h>
#include <sys/inotify.h>
#include <unistd.h>

namespace keepseal {

namespace fs = std::filesystem;

namespace {

double steadySeconds() {
    return std::chrono::duration<double>(std::chrono::steady_clock::now().time_since_epoch()).count();
}

/// Copies of ours that come into the folder, or lie in one inside it, are no originals.
bool isCopyOfOurs(const fs::path& file) {
    try {
        return stampedBefore(file, identityOf(file));
    } catch (const Problem&) { // what is wrong with it is told when it is worked on
        return false;
    }
}

} // namespace

WatchedFolders::WatchedFolders(std::vector<fs::path> folders, bool recursive, double quiet)
    : m_folders(std::move(folders)), m_recursive(recursive), m_quiet(quiet), m_atRest(quiet),
      m_news(::inotify_init1(IN_NONBLOCK | IN_CLOEXEC)) {
    for (auto& folder : m_folders) {
        std::error_code error;
        if (!fs::is_directory(folder, error)) {
            ::close(m_news);
            throw Problem(ProblemKind::NotFound, folder.string(), "there is no such folder",
                          "Name a folder to be watched");
        }
        folder = fs::absolute(folder);
        ::inotify_add_watch(m_news, folder.c_str(),
                            IN_CLOSE_WRITE | IN_MOVED_TO | IN_CREATE | IN_MODIFY | IN_DELETE | IN_MOVED_FROM);
    }
}

WatchedFolders::~WatchedFolders() {
    ::close(m_news);
}

std::vector<fs::path> WatchedFolders::look() {
    std::vector<FileThere> all;
    for (const auto& folder : m_folders) {
        const auto found = filesThere(folder, m_recursive);
        all.insert(all.end(), found.begin(), found.end());
    }
    auto files = m_atRest.look(all, steadySeconds(), isBeingWritten);
    std::erase_if(files, isCopyOfOurs);
    return files;
}

bool WatchedFolders::wait(double seconds) {
    if (restless() > 0)
        seconds = std::min(seconds, std::max(0.05, m_quiet / 4));
    pollfd news{m_news, POLLIN, 0};
    if (::poll(&news, 1, static_cast<int>(seconds * 1000)) <= 0)
        return false;
    // Ten thousand files come with as many words: one look for those of a moment.
    ::poll(nullptr, 0, 200);
    std::array<char, 16 << 10> told{};
    while (::read(m_news, told.data(), told.size()) > 0)
        continue;
    return true;
}

} // namespace keepseal
