// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/job_keeper.h"

#include "base/files.h"
#include "document/picture_library.h"

#include <QCoreApplication>

#include <csignal>

namespace keepseal::app {
namespace {

namespace fs = std::filesystem;

constexpr int kAfterMs = 1200;

fs::path folder() {
    return stateFolder() / "jobs";
}
fs::path lastFile() {
    return folder() / "last.json";
}

/// "current-4711.json" -> 4711; 0 for anything else.
qint64 processOf(const fs::path& file) {
    const auto name = toQt(file.filename());
    return name.startsWith("current-") && name.endsWith(".json") ? name.mid(8, name.size() - 13).toLongLong()
                                                                 : 0;
}

bool lives(qint64 process) {
    std::error_code error;
    const auto program = fs::read_symlink(fs::path("/proc") / std::to_string(process) / "exe", error);
    return !error &&
           program == fs::read_symlink("/proc/self/exe", error); // the number may be another's by now
}

std::optional<Job> loaded(const fs::path& file) {
    try {
        auto job = loadJob(file);
        if (!job.originals.empty())
            return job;
    } catch (const Problem&) {
        // it stays where it is, for a person or a newer version to read
    }
    return std::nullopt;
}

} // namespace

JobKeeper::JobKeeper(JobDocument* document, PictureLibrary* library, QObject* parent)
    : QObject(parent), m_document(document), m_library(library),
      m_file(folder() / ("current-" + std::to_string(QCoreApplication::applicationPid()) + ".json")) {
    m_wait.setSingleShot(true);
    m_wait.setInterval(kAfterMs);
    connect(&m_wait, &QTimer::timeout, this, &JobKeeper::write);
    connect(document, &JobDocument::anythingChanged, this, [this] {
        if (m_begun)
            m_wait.start();
    });
}

void JobKeeper::begin() {
    m_begun = true;
}

Job JobKeeper::snapshot() const {
    return m_document->job([this](OriginalId id) {
        const auto info = m_library->info(id);
        return info ? info->bytes : 0;
    });
}

void JobKeeper::write() {
    m_task.follow([job = snapshot(), file = m_file](const auto&) {
        saveJob(job, file);
        return NoStep();
    });
}

void JobKeeper::finish() {
    if (!m_begun)
        return;
    m_wait.stop();
    m_begun = false;
    m_task.finish();
    try {
        if (!m_document->originals().empty())
            saveJob(snapshot(), lastFile());
    } catch (const Problem&) {
        return; // then what was written last stays
    }
    std::error_code error;
    fs::remove(m_file, error);
}

std::optional<Job> JobKeeper::takeLost() {
    std::error_code error;
    std::vector<fs::path> files;
    for (fs::directory_iterator it(folder(), error), end; !error && it != end; it.increment(error))
        if (const auto process = processOf(it->path()); process != 0 && !lives(process))
            files.push_back(it->path());
    std::sort(files.begin(), files.end(), [](const fs::path& a, const fs::path& b) {
        std::error_code ignored;
        return fs::last_write_time(a, ignored) > fs::last_write_time(b, ignored);
    });
    std::optional<Job> out;
    for (const auto& file : files) {
        auto job = loaded(file);
        if (job && !out)
            out = std::move(job);
        // Kept for a person to look into; never offered again.
        fs::rename(file, fs::path(file).replace_extension(".lost"), error);
    }
    return out;
}

std::optional<Job> JobKeeper::last() {
    return loaded(lastFile());
}

} // namespace keepseal::app
