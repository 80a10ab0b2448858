// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Memory for pixels. Fresh memory from the system is handed out page by page, and a picture has thousands of
// pages: that takes longer than drawing on it. So blocks are kept for the next picture, up to a limit, and
// given back when the work is done. New pixels are not set to anything.
#pragma once

#include <cstddef>
#include <cstdint>
#include <memory>
#include <vector>

namespace keepseal {

/// Any thread. `bytes` may be less than what the block had when it was taken.
void* takePixelBlock(std::size_t bytes);
void givePixelBlock(void* block, std::size_t bytes) noexcept;
/// Gives what is kept back to the system: after a run.
void releasePixelMemory() noexcept;
/// At most this much is kept.
inline constexpr std::size_t kMostKeptPixelBytes = 192U << 20;

// Between processes: pixels are made in memory that another can read.

/// From now on large blocks of this process are shared memory of their own.
void sharePixelMemory();
/// The descriptor of such a block, which stays the block's; -1: it is none.
int sharedDescriptorOf(const void* block);

template <class T>
struct PixelAllocator {
    using value_type = T;
    PixelAllocator() = default;
    template <class U>
    explicit(false) PixelAllocator(const PixelAllocator<U>&) {}
    T* allocate(std::size_t count) { return static_cast<T*>(takePixelBlock(count * sizeof(T))); }
    void deallocate(T* block, std::size_t count) noexcept { givePixelBlock(block, count * sizeof(T)); }
    template <class U>
    void construct(U* at) noexcept {
        ::new (static_cast<void*>(at)) U; // not U(): that would set it to 0
    }
    template <class U, class... Values>
    void construct(U* at, Values&&... values) {
        ::new (static_cast<void*>(at)) U(std::forward<Values>(values)...);
    }
    bool operator==(const PixelAllocator&) const { return true; }
};

template <class T>
using Pixels = std::vector<T, PixelAllocator<T>>;

} // namespace keepseal
