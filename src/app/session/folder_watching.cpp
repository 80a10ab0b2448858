// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/folder_watching.h"

#include "plan/watched_folders.h"

namespace keepseal::app {
namespace {

constexpr double kStoppedWithin = 0.2; // seconds
constexpr int kLookAtLeastEvery = 50;  // of these: network folders tell nothing

} // namespace

void FolderWatching::start(const std::filesystem::path& folder, bool recursive, double quiet) {
    m_folder = folder;
    m_task.start([folder, recursive, quiet](const TaskRun<Files>& run) {
        WatchedFolders watched({folder}, recursive, quiet);
        int pauses = kLookAtLeastEvery;
        while (!run.stop) {
            if (pauses >= kLookAtLeastEvery || watched.restless() > 0) {
                pauses = 0;
                if (const auto files = watched.look(); !files.empty())
                    run.tell(files);
            }
            pauses = watched.wait(kStoppedWithin) ? kLookAtLeastEvery : pauses + 1;
        }
        return true;
    });
}

void FolderWatching::stop() {
    m_task.cancel();
    m_folder.clear();
}

} // namespace keepseal::app
