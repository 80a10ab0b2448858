// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "plan/stamped.h"

#include "base/problem.h"

#include <cstring>
#include <map>
#include <mutex>
#include <string_view>
#include <tuple>

namespace keepseal {
namespace {

constexpr std::uint64_t kLookedAt = 256 * 1024;
constexpr std::size_t kMostRemembered = 200'000;

bool holdsNamespace(const Bytes& bytes) {
    const std::string_view needle = kMarkNamespace;
    return ::memmem(bytes.data(), bytes.size(), needle.data(), needle.size()) != nullptr;
}

bool look(const std::filesystem::path& path) {
    try {
        const Original file(path);
        const auto size = file.size();
        const bool whole = size <= kLookedAt;
        if (!holdsNamespace(file.bytes(0, kLookedAt)) &&
            (whole || !holdsNamespace(file.bytes(size - kLookedAt, kLookedAt))))
            return false;
        return copyMarkIn(inspect(file)).has_value();
    } catch (const Problem&) {
        return false;
    }
}

} // namespace

bool stampedBefore(const std::filesystem::path& path, const FileIdentity& identity) {
    using Key = std::tuple<std::uint64_t, std::uint64_t, std::uint64_t, std::int64_t>;
    static std::mutex mutex;
    static std::map<Key, bool> known;
    const Key key{identity.device, identity.inode, identity.size, identity.modifiedNs};
    {
        const std::lock_guard lock(mutex);
        if (const auto found = known.find(key); found != known.end())
            return found->second;
    }
    const bool stamped = look(path);
    const std::lock_guard lock(mutex);
    if (known.size() > kMostRemembered)
        known.clear();
    known[key] = stamped;
    return stamped;
}

} // namespace keepseal
