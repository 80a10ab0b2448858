// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/pixel_memory.h"

#include <mutex>
#include <new>

namespace keepseal {
namespace {

constexpr std::size_t kSmallest = 256U << 10; ///< smaller blocks are no trouble
constexpr std::size_t kStep = 64U << 10;      ///< sizes are rounded up to it, so that similar pictures share

std::size_t roundedUp(std::size_t bytes) {
    return (bytes + kStep - 1) / kStep * kStep;
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

} // namespace

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
    return ::operator new(wanted);
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
        while (!blocks.empty() && keptBytes + size > kMostKeptPixelBytes) {
            ::operator delete(blocks.front().block);
            keptBytes -= blocks.front().bytes;
            blocks.erase(blocks.begin());
        }
        if (keptBytes + size <= kMostKeptPixelBytes) {
            blocks.push_back({block, size});
            keptBytes += size;
            surplus = nullptr;
        }
    } catch (...) { // no memory for the list itself: then it is simply freed
    }
    ::operator delete(surplus);
}

void releasePixelMemory() noexcept {
    const std::lock_guard lock(keptMutex);
    for (const auto& kept : keptBlocks())
        ::operator delete(kept.block);
    keptBlocks().clear();
    keptBytes = 0;
}

} // namespace keepseal
