// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/pixel_memory.h"

#include <atomic>
#include <malloc.h>
#include <map>
#include <mutex>
#include <new>
#include <sys/mman.h>
#include <unistd.h>

namespace keepseal {
namespace {

constexpr std::size_t kSmallest = 256U << 10; ///< smaller blocks are no trouble
constexpr std::size_t kRoundedTo = 64U << 10; ///< sizes are rounded up to it, so that similar pictures share

std::size_t roundedUp(std::size_t bytes) {
    return (bytes + kRoundedTo - 1) / kRoundedTo * kRoundedTo;
}

struct Kept {
    void* block;
    std::size_t bytes;
};

std::mutex keptMutex;
std::vector<Kept>& keptBlocks() {
    static auto* blocks = new std::vector<Kept>; // outlives every static frame
    return *blocks;
}
std::size_t keptBytes = 0;

std::mutex keeperMutex;
int keepers = 0;

std::atomic<std::size_t> mostShared{0};
std::mutex sharedMutex;
std::map<const void*, int>& sharedBlocks() {
    static auto* blocks = new std::map<const void*, int>;
    return *blocks;
}

/// Null: a descriptor, or memory, is not to be had.
void* freshShared(std::size_t bytes) {
    const int descriptor = ::memfd_create("keep-seal", MFD_CLOEXEC);
    void* block = MAP_FAILED;
    if (descriptor >= 0 && ::ftruncate(descriptor, static_cast<off_t>(bytes)) == 0)
        block = ::mmap(nullptr, bytes, PROT_READ | PROT_WRITE, MAP_SHARED, descriptor, 0);
    if (block == MAP_FAILED) {
        if (descriptor >= 0)
            ::close(descriptor);
        return nullptr;
    }
    const std::lock_guard lock(sharedMutex);
    sharedBlocks()[block] = descriptor;
    return block;
}

bool mayShareMore() {
    const std::lock_guard lock(sharedMutex);
    return sharedBlocks().size() < mostShared;
}

void dropBlock(void* block, std::size_t bytes) noexcept {
    {
        const std::lock_guard lock(sharedMutex);
        const auto found = sharedBlocks().find(block);
        if (found == sharedBlocks().end())
            return ::operator delete(block);
        ::close(found->second);
        sharedBlocks().erase(found);
    }
    ::munmap(block, bytes);
}

/// Under keptMutex; false: none is kept.
bool dropOldest() noexcept {
    auto& blocks = keptBlocks();
    if (blocks.empty())
        return false;
    dropBlock(blocks.front().block, blocks.front().bytes);
    keptBytes -= blocks.front().bytes;
    blocks.erase(blocks.begin());
    return true;
}

bool makeRoomToShare() {
    const std::lock_guard lock(keptMutex);
    while (!mayShareMore())
        if (!dropOldest())
            return false;
    return true;
}

void* freshBlock(std::size_t bytes) {
    void* block = mostShared > 0 && makeRoomToShare() ? freshShared(bytes) : nullptr;
    return block ? block : ::operator new(bytes); // what is sent of it is copied then
}

} // namespace

void sharePixelMemory(std::size_t mostBlocks) {
    mostShared = mostBlocks;
}

int sharedDescriptorOf(const void* block) {
    const std::lock_guard lock(sharedMutex);
    const auto found = sharedBlocks().find(block);
    return found == sharedBlocks().end() ? -1 : found->second;
}

void* takePixelBlock(std::size_t bytes) {
    if (bytes < kSmallest)
        return ::operator new(bytes);
    const auto wanted = roundedUp(bytes);
    {
        const std::lock_guard lock(keptMutex);
        auto& blocks = keptBlocks();
        for (auto it = blocks.begin(); it != blocks.end(); ++it)
            if (it->bytes == wanted) {
                void* block = it->block;
                keptBytes -= it->bytes;
                blocks.erase(it);
                return block;
            }
    }
    return freshBlock(wanted);
}

void givePixelBlock(void* block, std::size_t bytes) noexcept {
    if (bytes < kSmallest)
        return ::operator delete(block);
    const auto size = roundedUp(bytes);
    void* surplus = block;
    try {
        const std::lock_guard lock(keptMutex);
        auto& blocks = keptBlocks();
        // The oldest make room: pictures of another size are being made now.
        while (keptBytes + size > kMostKeptPixelBytes && dropOldest()) {
        }
        if (keptBytes + size <= kMostKeptPixelBytes) {
            blocks.push_back({block, size});
            keptBytes += size;
            surplus = nullptr;
        }
    } catch (...) { // no memory for the list itself: then it is simply freed
    }
    if (surplus)
        dropBlock(surplus, size);
}

void giveFreedMemoryBack() noexcept {
    ::mallopt(M_MMAP_THRESHOLD, 1 << 20);
    ::mallopt(M_TRIM_THRESHOLD, 128 << 10);
}

KeepsFreedMemory::KeepsFreedMemory() {
    const std::lock_guard lock(keeperMutex);
    if (keepers++ > 0)
        return;
    ::mallopt(M_MMAP_THRESHOLD, 32 << 20); // glibc's most
    ::mallopt(M_TRIM_THRESHOLD, 64 << 20);
}

KeepsFreedMemory::~KeepsFreedMemory() {
    const std::lock_guard lock(keeperMutex);
    if (--keepers > 0)
        return;
    giveFreedMemoryBack();
    releasePixelMemory();
}

void releasePixelMemory() noexcept {
    {
        const std::lock_guard lock(keptMutex);
        for (const auto& kept : keptBlocks())
            dropBlock(kept.block, kept.bytes);
        keptBlocks().clear();
        keptBytes = 0;
    }
    ::malloc_trim(0);
}

} // namespace keepseal
