// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "run/destination.h"

#include "base/fingerprint.h"
#include "base/problem.h"
#include "base/read_at.h"
#include "base/text.h"

#include <algorithm>
#include <array>
#include <cerrno>
#include <cstdio>
#include <cstring>
#include <dirent.h>
#include <fcntl.h>
#include <optional>
#include <sys/file.h>
#include <sys/random.h>
#include <sys/stat.h>
#include <unistd.h>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

/// A file of ours that is open already; the descriptor stays the caller's.
class DescriptorSource final : public ByteSource {
public:
    explicit DescriptorSource(int descriptor) : m_descriptor(descriptor) {
        struct stat info {};
        m_size = ::fstat(descriptor, &info) == 0 ? static_cast<std::uint64_t>(info.st_size) : 0;
    }
    std::uint64_t size() const override { return m_size; }
    std::size_t read(std::uint64_t offset, std::span<std::uint8_t> buffer) const override {
        return readAt(m_descriptor, offset, buffer).value_or(0);
    }

private:
    int m_descriptor;
    std::uint64_t m_size;
};

constexpr const char* kPrefix = ".keep-seal-";
constexpr const char* kEnding = ".part";

[[noreturn]] void cannotWrite(const fs::path& path, int error) {
    std::string remedy = "Check the folder's permissions";
    if (error == ENOSPC || error == EDQUOT)
        remedy = "Make room on the disk, then stamp again: finished copies are kept";
    throw Problem(ProblemKind::CannotWrite, path.string(),
                  Saying("the copy can't be written: {reason}", {{"reason", std::strerror(error)}}), remedy);
}

/// Nobody can guess it, and so lay anything there before.
std::string temporaryName() {
    std::array<std::uint8_t, 16> random{};
    if (::getrandom(random.data(), random.size(), 0) != static_cast<ssize_t>(random.size()))
        throw Problem(ProblemKind::Internal, {}, "the system gives no random numbers");
    return kPrefix + hexText(random.data(), random.size()) + kEnding;
}

/// Of an opened folder, whatever lies at its path by now.
std::vector<std::string> namesIn(int folder) {
    std::vector<std::string> out;
    const int again = ::openat(folder, ".", O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    DIR* listing = again < 0 ? nullptr : ::fdopendir(again);
    if (!listing)
        return out;
    while (const auto* entry = ::readdir(listing))
        out.emplace_back(entry->d_name);
    ::closedir(listing);
    return out;
}

FileIdentity identityFrom(const struct stat& info) {
    return {static_cast<std::uint64_t>(info.st_dev), static_cast<std::uint64_t>(info.st_ino),
            static_cast<std::uint64_t>(info.st_size),
            static_cast<std::int64_t>(info.st_mtim.tv_sec) * 1000000000 + info.st_mtim.tv_nsec};
}

FileIdentity identityFrom(int descriptor) {
    struct stat info {};
    ::fstat(descriptor, &info);
    return identityFrom(info);
}

/// Looked at on the opened folder itself: a link may have been turned since the plan.
void refuseForbidden(const fs::path& shown, int descriptor, const ForbiddenFolders& forbidden) {
    const auto identity = identityFrom(descriptor);
    if (forbidden.contains({identity.device, identity.inode}))
        throw Problem(ProblemKind::Refused, shown.string(), "this is a folder that originals lie in",
                      "Choose another folder for the copies");
}

/// SHA-256 of all that can be read.
std::string fingerprintOf(int descriptor) {
    const DescriptorSource source(descriptor);
    return fingerprint(source);
}

/// File systems that know no "rename unless there" still know hard links, which never replace.
bool renameByLink(int folder, const char* from, const char* to) {
    if (::linkat(folder, from, folder, to, 0) != 0)
        return false;
    ::unlinkat(folder, from, 0);
    return true;
}

} // namespace

Destination::Destination(fs::path folder, const ForbiddenFolders& forbidden, const fs::path& inside, int root)
    : m_folder(std::move(folder)) {
    const auto& top = inside.empty() ? m_folder : inside;
    openBelow(root < 0 ? openRoot(top) : ::fcntl(root, F_DUPFD_CLOEXEC, 0), top);
    try {
        refuseForbidden(m_folder, m_descriptor, forbidden);
    } catch (const Problem&) {
        ::close(m_descriptor);
        throw;
    }
    removeLitter();
}

int Destination::openRoot(const fs::path& root) const {
    std::error_code error;
    fs::create_directories(root, error);
    const int descriptor = ::open(root.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    if (descriptor < 0)
        cannotWrite(root, error ? error.value() : errno);
    return descriptor;
}

/// Step by step from a folder that a person chose, so that no link planted below it leads out.
void Destination::openBelow(int root, const fs::path& inside) {
    int at = root;
    if (at < 0)
        cannotWrite(inside, errno);
    fs::path shown = inside;
    for (const auto& piece : m_folder.lexically_relative(inside)) {
        if (piece == ".")
            break; // the root itself
        shown /= piece;
        ::mkdirat(at, piece.c_str(), 0777);
        const int next =
            piece == ".." ? -1 : ::openat(at, piece.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC | O_NOFOLLOW);
        const int why = errno;
        ::close(at);
        if (next < 0 && (why == ELOOP || why == ENOTDIR || piece == ".."))
            throw Problem(ProblemKind::Refused, shown.string(),
                          "this is a link or a file where a folder of our own has to be",
                          "Remove it, or choose another folder for the copies");
        if (next < 0)
            cannotWrite(shown, why);
        at = next;
    }
    m_descriptor = at;
}

bool Destination::holds(const std::string& name, const std::string& wanted) const {
    const int descriptor =
        ::openat(m_descriptor, name.c_str(), O_RDONLY | O_CLOEXEC | O_NOFOLLOW | O_NONBLOCK);
    if (descriptor < 0)
        return false;
    struct stat info {};
    const bool plain = ::fstat(descriptor, &info) == 0 && S_ISREG(info.st_mode);
    const auto found = plain ? fingerprintOf(descriptor) : std::string();
    ::close(descriptor);
    return plain && found == wanted;
}

Destination::~Destination() {
    ::close(m_descriptor);
}

/// A part file that nobody holds a lock on belongs to a run that was killed.
void Destination::removeLitter() {
    for (const auto& name : namesIn(m_descriptor)) {
        if (!name.starts_with(kPrefix) || !name.ends_with(kEnding))
            continue;
        const int descriptor =
            ::openat(m_descriptor, name.c_str(), O_RDONLY | O_CLOEXEC | O_NOFOLLOW | O_NONBLOCK);
        if (descriptor < 0)
            continue;
        if (::flock(descriptor, LOCK_EX | LOCK_NB) == 0)
            ::unlinkat(m_descriptor, name.c_str(), 0);
        ::close(descriptor);
    }
}

std::unique_ptr<StagedCopy> Destination::stage(ByteSpan bytes) {
    std::string name;
    int descriptor = -1;
    for (struct stat info{}; descriptor < 0 || (::fstat(descriptor, &info) == 0 && info.st_nlink == 0);) {
        if (descriptor >= 0)
            ::close(descriptor); // another part took it for litter before it was locked
        name = temporaryName();
        constexpr int flags = O_RDWR | O_CREAT | O_EXCL | O_CLOEXEC | O_NOFOLLOW;
        descriptor = ::openat(m_descriptor, name.c_str(), flags, 0644);
        if (descriptor < 0)
            cannotWrite(m_folder, errno);
        ::flock(descriptor, LOCK_EX);
    }
    std::unique_ptr<StagedCopy> copy(new StagedCopy(m_descriptor, m_folder, name, descriptor));
    copy->write(bytes);
    return copy;
}

void Destination::sync() {
    ::fsync(m_descriptor);
}

StagedCopy::StagedCopy(int folder, fs::path shown, std::string temporary, int descriptor)
    : m_folder(folder), m_descriptor(descriptor), m_shownFolder(std::move(shown)),
      m_temporary(std::move(temporary)) {}

StagedCopy::~StagedCopy() {
    if (!m_placed)
        ::unlinkat(m_folder, m_temporary.c_str(), 0);
    ::close(m_descriptor);
    if (m_readOnly >= 0)
        ::close(m_readOnly);
}

void StagedCopy::write(ByteSpan bytes) {
    while (m_size < bytes.size()) {
        const auto count = ::write(m_descriptor, bytes.data() + m_size, bytes.size() - m_size);
        if (count < 0 && errno == EINTR)
            continue;
        if (count < 0)
            cannotWrite(m_shownFolder, errno);
        m_size += static_cast<std::uint64_t>(count);
    }
    if (::fsync(m_descriptor) != 0)
        cannotWrite(m_shownFolder, errno);
    m_readOnly = ::openat(m_folder, m_temporary.c_str(), O_RDONLY | O_NOFOLLOW | O_CLOEXEC);
    if (m_readOnly >= 0 && !(identityFrom(m_readOnly) == identityFrom(m_descriptor))) {
        ::close(m_readOnly); // somebody put another file there
        m_readOnly = -1;
    }
}

std::size_t StagedCopy::read(std::uint64_t offset, std::span<std::uint8_t> buffer) const {
    const auto count = readAt(m_descriptor, offset, buffer);
    if (!count)
        cannotWrite(m_shownFolder, errno);
    return *count;
}

bool StagedCopy::place(const std::string& name) {
    int failed = ::renameat2(m_folder, m_temporary.c_str(), m_folder, name.c_str(), RENAME_NOREPLACE);
    if (failed != 0 && (errno == EINVAL || errno == ENOSYS))
        failed = renameByLink(m_folder, m_temporary.c_str(), name.c_str()) ? 0 : -1;
    if (failed != 0 && errno == EEXIST)
        return false;
    if (failed != 0)
        cannotWrite(m_shownFolder / name, errno);
    m_placed = true;
    return true;
}

bool StagedCopy::replace(const std::string& name, const FileIdentity& expected) {
    const auto isExpected = [&](const std::string& file) {
        struct stat info {};
        return ::fstatat(m_folder, file.c_str(), &info, AT_SYMLINK_NOFOLLOW) == 0 && S_ISREG(info.st_mode) &&
               identityFrom(info) == expected;
    };
    if (!isExpected(name))
        return false;
    const auto exchange = [&] {
        return ::renameat2(m_folder, m_temporary.c_str(), m_folder, name.c_str(), RENAME_EXCHANGE) == 0;
    };
    if (!exchange()) {
        if (errno == ENOENT || errno == EINVAL || errno == ENOSYS)
            return false; // gone, or a file system that can't: then the copy gets a number
        cannotWrite(m_shownFolder / name, errno);
    }
    if (!isExpected(m_temporary)) { // somebody was quicker: theirs goes back where it was
        if (!exchange())
            cannotWrite(m_shownFolder / name, errno);
        return false;
    }
    ::unlinkat(m_folder, m_temporary.c_str(), 0);
    m_placed = true;
    return true;
}

FileIdentity StagedCopy::identity() const {
    return identityFrom(m_descriptor);
}

namespace {

constexpr std::size_t kMostOpen = 16; // folders; a tree of thousands must not use up the descriptors

} // namespace

Destinations::~Destinations() {
    for (const auto* held : {&m_claims, &m_above})
        for (const auto& [folder, descriptor] : *held)
            ::close(descriptor);
}

namespace {

[[noreturn]] void otherRun(const fs::path& root) {
    throw Problem(ProblemKind::Refused, root.string(), "another run is writing there now",
                  "Wait for its end, or choose another folder");
}

/// Some network file systems know no locks: there names alone keep two runs apart.
bool isHeldByOthers(int descriptor, int how) {
    return ::flock(descriptor, how | LOCK_NB) != 0 && errno == EWOULDBLOCK;
}

} // namespace

/// A run below a folder keeps that folder from becoming another run's; -1 where it can't be opened.
int Destinations::lockShared(const fs::path& folder) {
    const int descriptor = ::open(folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    if (descriptor >= 0 && isHeldByOthers(descriptor, LOCK_SH)) {
        ::close(descriptor);
        otherRun(folder);
    }
    return descriptor;
}

void Destinations::claim(const fs::path& root, bool takesCopies) {
    if (m_claims.contains(root))
        return;
    std::error_code error;
    fs::create_directories(root, error);
    int descriptor = -1;
    if (const auto above = m_above.extract(root)) // of this run itself: made its own
        descriptor = above.mapped();
    else
        descriptor = ::open(root.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    if (descriptor < 0)
        cannotWrite(root, error ? error.value() : errno);
    m_claims[root] = descriptor;
    if (takesCopies)
        refuseForbidden(root, descriptor, forbiddenFor(root));
    if (isHeldByOthers(descriptor, m_beside == RunsBeside::Parts ? LOCK_SH : LOCK_EX))
        otherRun(root);
    for (auto folder = root.parent_path(); folder.has_relative_path(); folder = folder.parent_path())
        if (!m_claims.contains(folder) && !m_above.contains(folder))
            if (const int held = lockShared(folder); held >= 0)
                m_above[folder] = held;
}

std::shared_ptr<Destination> Destinations::at(const fs::path& folder, const fs::path& inside) {
    const std::lock_guard lock(m_mutex);
    auto& open = m_open[folder];
    if (!open.destination) {
        try {
            const auto root = m_claims.find(inside.empty() ? folder : inside);
            open.destination = std::make_shared<Destination>(folder, forbiddenFor(folder), inside,
                                                             root == m_claims.end() ? -1 : root->second);
        } catch (const Problem&) {
            m_open.erase(folder);
            throw;
        }
    }
    open.lastUse = ++m_use;
    auto out = open.destination;
    while (m_open.size() > kMostOpen) {
        const auto oldest = std::min_element(m_open.begin(), m_open.end(), [](const auto& a, const auto& b) {
            return a.second.lastUse < b.second.lastUse;
        });
        oldest->second.destination->sync();
        m_open.erase(oldest);
    }
    return out;
}

void Destinations::sync() {
    const std::lock_guard lock(m_mutex);
    for (auto& [folder, open] : m_open)
        open.destination->sync();
}

} // namespace keepseal
