// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "record/verify.h"

#include "base/fingerprint.h"

#include <algorithm>
#include <set>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

/// Those at this very path first: the same bytes may lie in many places.
const RegisteredCopy& nearest(const std::vector<RegisteredCopy>& found, const fs::path& file) {
    const auto here = std::find_if(found.begin(), found.end(),
                                   [&](const RegisteredCopy& copy) { return copy.row.copy == file; });
    return here == found.end() ? found.front() : *here;
}

/// All files below a folder, and the folders that can't be gone through: of what lies there nobody may say
/// that it is missing.
class Going {
public:
    Going(Register& known, const std::atomic<bool>& stop) : m_known(known), m_stop(stop) {}

    void into(const fs::path& top) {
        std::vector<fs::path> folders = {top};
        while (!folders.empty() && !m_stop) {
            const auto folder = std::move(folders.back());
            folders.pop_back();
            std::error_code error;
            fs::directory_iterator it(folder, error);
            for (const fs::directory_iterator end; !error && it != end && !m_stop; it.increment(error))
                meet(*it, folders);
            if (error) {
                m_closed.push_back({folder, Standing::Unread, false, {}, closed(folder, error.message())});
                files.push_back(m_closed.back());
            }
        }
    }
    VerifiedFile notMet(RegisteredCopy copy) const {
        VerifiedFile out{copy.row.copy, Standing::Missing, false, std::move(copy), {}};
        const auto above = std::find_if(m_closed.begin(), m_closed.end(), [&](const VerifiedFile& folder) {
            return std::mismatch(folder.file.begin(), folder.file.end(), out.file.begin(), out.file.end())
                       .first == folder.file.end();
        });
        if (above != m_closed.end()) {
            out.standing = Standing::Unread;
            out.problem = above->problem;
        }
        return out;
    }

    std::vector<VerifiedFile> files;
    std::set<fs::path> there;

private:
    static Problem closed(const fs::path& folder, const std::string& why) {
        return {ProblemKind::CannotRead, folder.string(), "this folder can't be gone through: " + why,
                "Let its owner open it, and verify again"};
    }
    void meet(const fs::directory_entry& entry, std::vector<fs::path>& folders) {
        std::error_code unknown; // of this entry alone: the rest is looked at
        if (entry.is_symlink(unknown))
            return;
        if (entry.is_directory(unknown))
            folders.push_back(entry.path());
        else if (entry.is_regular_file(unknown)) {
            files.push_back(verifyFile(m_known, entry.path()));
            there.insert(entry.path());
        }
    }

    Register& m_known;
    const std::atomic<bool>& m_stop;
    std::vector<VerifiedFile> m_closed;
};

} // namespace

const char* keyOf(Standing standing) {
    constexpr const char* keys[] = {"untouched", "changed", "missing", "foreign", "unread"};
    return keys[static_cast<std::size_t>(standing)];
}

VerifiedFile verifyFile(Register& known, const fs::path& file) {
    VerifiedFile out{file, Standing::Foreign, false, {}, {}};
    std::string bytes;
    try {
        bytes = fingerprint(Original(file));
    } catch (const Problem& problem) {
        out.standing = Standing::Unread;
        out.problem = problem;
        return out;
    }
    if (const auto copies = known.copiesWith(bytes); !copies.empty()) {
        out.standing = Standing::Untouched;
        out.known = nearest(copies, file);
    } else if (const auto made = known.copiesOf(bytes); !made.empty()) {
        out.standing = Standing::Untouched;
        out.original = true;
        out.known = made.front();
    } else if (const auto there = known.newestAt(file)) {
        out.standing = Standing::Changed;
        out.known = there;
    } else if (const auto of = known.copiesOfFile(file); !of.empty()) {
        out.standing = Standing::Changed;
        out.original = true;
        out.known = of.front();
    }
    return out;
}

std::vector<VerifiedFile> verifyFolder(Register& known, const fs::path& given,
                                       const std::atomic<bool>& stop) {
    std::error_code error;
    const auto folder = fs::canonical(given, error);
    if (error || !fs::is_directory(folder, error))
        throw Problem(ProblemKind::NotFound, given.string(), "there is no such folder");
    Going going(known, stop);
    going.into(folder);
    auto out = std::move(going.files);
    for (auto& copy : known.madeBelow(folder))
        if (!stop && !going.there.contains(copy.row.copy))
            out.push_back(going.notMet(std::move(copy)));
    std::sort(out.begin(), out.end(), [](const auto& a, const auto& b) { return a.file < b.file; });
    return out;
}

} // namespace keepseal
