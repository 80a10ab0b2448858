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
    std::vector<VerifiedFile> out;
    std::set<fs::path> there;
    for (fs::recursive_directory_iterator it(folder, fs::directory_options::skip_permission_denied, error),
         end;
         !error && it != end && !stop; it.increment(error)) {
        std::error_code unknown; // of this entry alone: the rest is looked at
        if (it->is_symlink(unknown) || !it->is_regular_file(unknown))
            continue;
        out.push_back(verifyFile(known, it->path()));
        there.insert(it->path());
    }
    if (error)
        throw Problem(ProblemKind::CannotRead, folder.string(),
                      "it can't be gone through: " + error.message());
    for (auto& copy : known.madeBelow(folder))
        if (!stop && !there.contains(copy.row.copy))
            out.push_back({copy.row.copy, Standing::Missing, false, std::move(copy), {}});
    std::sort(out.begin(), out.end(), [](const auto& a, const auto& b) { return a.file < b.file; });
    return out;
}

} // namespace keepseal
