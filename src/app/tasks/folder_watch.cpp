// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "tasks/folder_watch.h"

#include <QSocketNotifier>

#include <map>
#include <mutex>
#include <set>

#include <sys/inotify.h>
#include <unistd.h>

namespace keepseal::app {

struct FolderWatch::Folders::State {
    int queue = ::inotify_init1(IN_NONBLOCK | IN_CLOEXEC);
    std::mutex mutex;
    std::map<std::filesystem::path, int> watched;
};

FolderWatch::Folders::Folders() : m_state(std::make_unique<State>()) {}

FolderWatch::Folders::~Folders() {
    if (m_state->queue >= 0)
        ::close(m_state->queue);
}

void FolderWatch::Folders::set(const std::vector<std::filesystem::path>& folders) {
    constexpr auto what =
        IN_CREATE | IN_DELETE | IN_MOVE | IN_ATTRIB | IN_DELETE_SELF | IN_MOVE_SELF | IN_ONLYDIR;
    const std::lock_guard lock(m_state->mutex);
    if (m_state->queue < 0)
        return; // no watches are left on this machine: the window looks again when it is looked at
    const std::set<std::filesystem::path> wanted(folders.begin(), folders.end());
    std::erase_if(m_state->watched, [&](const auto& entry) {
        if (wanted.contains(entry.first))
            return false;
        ::inotify_rm_watch(m_state->queue, entry.second);
        return true;
    });
    for (const auto& folder : wanted)
        if (const int id = ::inotify_add_watch(m_state->queue, folder.c_str(), what); id >= 0)
            m_state->watched[folder] = id;
}

FolderWatch::FolderWatch(QObject* parent) : QObject(parent) {
    if (m_folders->m_state->queue < 0)
        return;
    auto* notifier = new QSocketNotifier(m_folders->m_state->queue, QSocketNotifier::Read, this);
    connect(notifier, &QSocketNotifier::activated, this, &FolderWatch::read);
}

void FolderWatch::read() {
    alignas(inotify_event) char events[4096];
    bool any = false;
    for (ssize_t length = 0; (length = ::read(m_folders->m_state->queue, events, sizeof events)) > 0;)
        for (ssize_t at = 0; at < length;) {
            const auto* event = reinterpret_cast<const inotify_event*>(events + at);
            any = any || !(event->mask & IN_IGNORED); // the end of a watch that we took back
            at += static_cast<ssize_t>(sizeof *event + event->len);
        }
    if (any)
        emit changed();
}

} // namespace keepseal::app
