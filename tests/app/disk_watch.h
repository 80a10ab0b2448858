// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Sees every call with which this program asks a file system for something below a folder, and on which
// thread; other threads have a slow disk meanwhile, as on a network.
#pragma once

#include <chrono>
#include <filesystem>
#include <string>
#include <vector>

namespace keepseal::app {

class DiskWatch {
public:
    /// From now on, on the calling thread; each call on another thread takes that much longer.
    DiskWatch(const std::filesystem::path& below, std::chrono::milliseconds slow);
    ~DiskWatch();
    DiskWatch(const DiskWatch&) = delete;
    DiskWatch& operator=(const DiskWatch&) = delete;
    /// What was asked on the thread that made it: "open /home/...", with the functions that led there.
    std::vector<std::string> takeAsked();
    /// Whether calls can be seen in this build.
    static bool works();
    /// Calls on other threads, since it was made.
    std::size_t askedElsewhere() const;

    /// The test's own looks don't count.
    struct Aside {
        Aside();
        ~Aside();
    };
};

} // namespace keepseal::app
