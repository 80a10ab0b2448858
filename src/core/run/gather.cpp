// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "run/gather.h"

#include "base/text.h"
#include "picture/original.h"

#include <algorithm>
#include <array>
#include <set>
#include <string_view>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

class Gatherer {
public:
    Gatherer(bool recursive, const std::atomic<bool>* stop) : m_recursive(recursive), m_stop(stop) {}

    void path(const fs::path& given) {
        std::error_code error;
        const auto absolute = fs::absolute(given, error).lexically_normal();
        if (fs::is_directory(absolute, error))
            return folder(absolute);
        take(absolute);
    }

    Gathered result;

private:
    bool stopped() const { return m_stop && *m_stop; }

    void take(const fs::path& file) {
        try {
            const auto identity = identityOf(file);
            if (m_seen.insert({identity.device, identity.inode}).second)
                result.files.push_back(file);
        } catch (const Problem& problem) {
            result.problems.push_back(problem);
        }
    }

    void folder(const fs::path& path) {
        std::error_code error;
        std::vector<fs::path> files, folders;
        for (fs::directory_iterator it(path, error), end; !error && it != end; it.increment(error)) {
            std::error_code entryError;
            const bool hidden = it->path().filename().string().starts_with(".");
            if (hidden)
                continue;
            if (it->is_directory(entryError) && !it->is_symlink(entryError))
                folders.push_back(it->path());
            else if (it->is_regular_file(entryError) && hasPictureEnding(it->path()))
                files.push_back(it->path());
        }
        if (error)
            result.problems.emplace_back(ProblemKind::CannotRead, path.string(),
                                         "the folder can't be read: " + error.message());
        std::sort(files.begin(), files.end());
        std::sort(folders.begin(), folders.end());
        for (const auto& file : files)
            if (!stopped())
                take(file);
        for (const auto& inner : folders)
            if (m_recursive && !stopped())
                folder(inner);
    }

    bool m_recursive;
    const std::atomic<bool>* m_stop;
    std::set<std::pair<std::uint64_t, std::uint64_t>> m_seen;
};

} // namespace

bool hasPictureEnding(const fs::path& path) {
    static constexpr std::array<std::string_view, 12> endings = {".jpg",  ".jpeg", ".jpe",  ".png",
                                                                 ".tif",  ".tiff", ".webp", ".heic",
                                                                 ".heif", ".avif", ".jxl",  ".jfif"};
    const auto ending = toLowerAscii(path.extension().string());
    return std::find(endings.begin(), endings.end(), ending) != endings.end();
}

Gathered gather(const std::vector<fs::path>& paths, bool recursive, const std::atomic<bool>* stop) {
    Gatherer gatherer(recursive, stop);
    for (const auto& path : paths)
        gatherer.path(path);
    return std::move(gatherer.result);
}

} // namespace keepseal
