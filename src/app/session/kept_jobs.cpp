// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/kept_jobs.h"

#include "base/files.h"
#include "base/own_folders.h"

#include <algorithm>
#include <chrono>
#include <cstring>
#include <sys/stat.h>
#include <unistd.h>

namespace keepseal::app {
namespace {

namespace fs = std::filesystem;

constexpr std::size_t kMostEnded = 8;
constexpr int kMostWindows = 1000; // of one process: tests

fs::path jobsFolder() {
    return stateFolder() / "jobs";
}

fs::path lockOf(const fs::path& job) {
    return fs::path(job).replace_extension(".lock");
}

bool starts(const fs::path& file, const char* word) {
    return file.extension() == ".json" && file.filename().string().starts_with(word);
}

std::int64_t writtenAt(const fs::path& file) {
    struct stat info {};
    return ::stat(file.c_str(), &info) == 0 ? info.st_mtim.tv_sec : 0;
}

std::vector<fs::path> filesThatStart(const char* word) {
    std::vector<fs::path> out;
    std::error_code error;
    for (fs::directory_iterator it(jobsFolder(), error), end; !error && it != end; it.increment(error))
        if (starts(it->path(), word))
            out.push_back(it->path());
    std::sort(out.begin(), out.end(), [](const fs::path& a, const fs::path& b) {
        return std::pair(writtenAt(a), a) > std::pair(writtenAt(b), b);
    });
    return out;
}

/// Whether no window holds it any more.
bool abandoned(const fs::path& job) {
    auto lock = FileLock::take(lockOf(job));
    if (lock)
        lock->remove();
    return lock.has_value();
}

void setAside(const fs::path& file, const Problem& problem, std::vector<Problem>* problems) {
    auto there = fs::path(file).replace_extension(".unreadable");
    for (int n = 2; fs::exists(there); ++n)
        there = fs::path(file).replace_extension("." + std::to_string(n) + ".unreadable");
    std::error_code error;
    fs::rename(file, there, error);
    if (problems)
        problems->emplace_back(
            problem.kind, error ? file.string() : there.string(),
            Saying("a kept job can't be read: {happened}", {{"happened", problem.happened}}),
            "It stays there; a newer Keep Seal may be able to read it");
}

} // namespace

OpenJobFile::OpenJobFile() {
    makeFolder(jobsFolder());
    const auto base = "current-" + std::to_string(::getpid());
    for (int n = 1; n < kMostWindows && !m_lock; ++n) {
        m_file = jobsFolder() / (base + (n == 1 ? "" : "-" + std::to_string(n)) + ".json");
        if (auto lock = FileLock::take(lockOf(m_file)))
            m_lock.emplace(std::move(*lock));
    }
    if (!m_lock)
        throw Problem(ProblemKind::CannotWrite, jobsFolder().string(),
                      Saying("no job can be kept there: {reason}", {{"reason", std::strerror(errno)}}),
                      "Check the folder's permissions and the space left on the disk");
    if (std::error_code error; fs::exists(m_file, error)) // of a process that had our number and died
        fs::rename(m_file,
                   jobsFolder() / ("current-" + std::to_string(::getpid()) + "-" +
                                   std::to_string(writtenAt(m_file)) + ".json"),
                   error);
}

OpenJobFile::~OpenJobFile() {
    if (std::error_code error; !fs::exists(m_file, error))
        m_lock->remove();
}

void OpenJobFile::end(const Job& job) {
    if (!job.originals.empty())
        keepEnded(job);
    std::error_code error;
    fs::remove(m_file, error);
}

void keepEnded(const Job& job) {
    const auto now = std::chrono::system_clock::now().time_since_epoch();
    const auto stamp = std::chrono::duration_cast<std::chrono::milliseconds>(now).count();
    saveJob(job,
            jobsFolder() / ("ended-" + std::to_string(stamp) + "-" + std::to_string(::getpid()) + ".json"));
    auto ended = filesThatStart("ended-");
    std::error_code error;
    while (ended.size() > kMostEnded) {
        fs::remove(ended.back(), error);
        ended.pop_back();
    }
}

std::vector<KeptJob> keptJobs(std::vector<Problem>* problems) {
    std::vector<KeptJob> out;
    const auto add = [&](const fs::path& file, bool lost) {
        try {
            const auto job = loadJob(file);
            if (!job.originals.empty())
                out.push_back({file, job.name, job.originals.size(), writtenAt(file), lost});
            else if (lost) {
                std::error_code error;
                fs::remove(file, error); // nothing was lost with it
            }
        } catch (const Problem& problem) {
            setAside(file, problem, problems);
        }
    };
    for (const auto& file : filesThatStart("current-"))
        if (abandoned(file))
            add(file, true);
    auto ended = filesThatStart("ended-");
    for (const auto& file : filesThatStart("last")) // of an earlier Keep Seal
        ended.push_back(file);
    for (const auto& file : ended)
        add(file, false);
    return out;
}

} // namespace keepseal::app
