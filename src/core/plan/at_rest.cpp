// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "plan/at_rest.h"

#include "base/problem.h"

#include <algorithm>
#include <fcntl.h>
#include <tuple>

namespace keepseal {

namespace fs = std::filesystem;

namespace {

bool isHidden(const fs::path& path) {
    return path.filename().string().starts_with('.');
}

using IdentityKey = std::tuple<std::uint64_t, std::uint64_t, std::uint64_t, std::int64_t>;
IdentityKey keyOf(const FileIdentity& id) {
    return {id.device, id.inode, id.size, id.modifiedNs};
}

} // namespace

std::vector<FileThere> filesThere(const fs::path& folder, bool recursive) {
    std::vector<FileThere> out;
    std::error_code error;
    constexpr auto options = fs::directory_options::skip_permission_denied;
    for (fs::recursive_directory_iterator at(folder, options, error), end; !error && at != end;
         at.increment(error)) {
        std::error_code unknown;
        if (isHidden(at->path()) || (!recursive && at->is_directory(unknown)))
            at.disable_recursion_pending();
        if (isHidden(at->path()) || !at->is_regular_file(unknown))
            continue;
        try {
            out.push_back({at->path(), identityOf(at->path())});
        } catch (const Problem&) { // gone since
        }
    }
    std::sort(out.begin(), out.end(), [](const auto& a, const auto& b) { return a.path < b.path; });
    return out;
}

bool isBeingWritten(const fs::path& file) {
    try {
        const Original original(file);
        const int descriptor = original.descriptor();
        // Granted only while nobody has it open for writing; refused for other reasons too, of other people's
        // files and on network folders: then quiet has to do.
        if (::fcntl(descriptor, F_SETLEASE, F_RDLCK) == 0) {
            ::fcntl(descriptor, F_SETLEASE, F_UNLCK);
            return false;
        }
        return errno == EAGAIN;
    } catch (const Problem&) { // what is wrong with it is told when it is worked on
        return false;
    }
}

std::vector<fs::path> AtRest::look(const std::vector<FileThere>& there, double now,
                                   const std::function<bool(const fs::path&)>& written) {
    std::set<IdentityKey> told; // under whatever name
    for (const auto& [path, known] : m_known)
        if (known.told)
            told.insert(keyOf(known.identity));
    std::map<fs::path, Known> known;
    std::vector<fs::path> out;
    for (const auto& file : there) {
        const auto before = m_known.find(file.path);
        auto entry = before != m_known.end() && before->second.identity == file.identity
                         ? before->second
                         : Known{file.identity, now, told.contains(keyOf(file.identity))};
        if (!entry.told && now - entry.since >= m_quiet) {
            if (written && written(file.path)) {
                entry.since = now;
            } else {
                entry.told = true;
                out.push_back(file.path);
            }
        }
        known.emplace(file.path, entry);
    }
    m_known = std::move(known);
    return out;
}

std::size_t AtRest::restless() const {
    return static_cast<std::size_t>(
        std::count_if(m_known.begin(), m_known.end(), [](const auto& entry) { return !entry.second.told; }));
}

void AtRest::forget(const fs::path& file) {
    m_known.erase(file);
}

} // namespace keepseal
