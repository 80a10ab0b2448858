// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Memory for pixels. Fresh memory from the system is handed out page by page, and a picture has thousands of
// pages: that takes longer than drawing on it. So blocks are kept for the next picture, up to a limit, and
// given back when the work is done. New pixels are not set to anything.
#pragma once

#include <algorithm>
#include <cstddef>
#include <cstdint>
#include <cstring>
#include <limits>
#include <new>
#include <type_traits>
#include <utility>

namespace keepseal {

/// Any thread. `bytes` may be less than what the block had when it was taken.
void* takePixelBlock(std::size_t bytes);
void givePixelBlock(void* block, std::size_t bytes) noexcept;
/// While one lives, all else that is freed, like the bytes of a file, stays the process's own as well:
/// pictures are made one after the other, and pages that are touched for the first time take longer than what
/// is done with them. The last one that ends gives it all back. Any thread.
class KeepsFreedMemory {
public:
    KeepsFreedMemory();
    ~KeepsFreedMemory();
    KeepsFreedMemory(const KeepsFreedMemory&) = delete;
    KeepsFreedMemory& operator=(const KeepsFreedMemory&) = delete;
};
/// Else large blocks go back to the system at once, so that they leave no holes: at the start.
void giveFreedMemoryBack() noexcept;
/// Gives what is kept back to the system, and what the process has freed: after a run.
void releasePixelMemory() noexcept;
/// At most this much is kept.
inline constexpr std::size_t kMostKeptPixelBytes = 192U << 20;

// Between processes: pixels are made in memory that another can read.

/// From now on large blocks of this process are shared memory of their own. Each has a descriptor open, so
/// there are `mostBlocks` of them at once; what is more is ordinary memory.
void sharePixelMemory(std::size_t mostBlocks);
/// The descriptor of such a block, which stays the block's; -1: it is none.
int sharedDescriptorOf(const void* block);

/// Samples in a row, in such a block; where it may be used like a std::vector, it is. Copied as memory and
/// let go at once, by whatever options it is compiled: a vector with an allocator of its own does both sample
/// by sample.
template <class T>
class Pixels {
    static_assert(std::is_trivially_copyable_v<T> && std::is_trivially_destructible_v<T>);

public:
    using value_type = T;
    Pixels() = default;
    explicit Pixels(std::size_t count) { resize(count); } ///< not set to anything
    Pixels(std::size_t count, T value) { assign(count, value); }
    Pixels(const Pixels& other) { assign(other.begin(), other.end()); }
    Pixels(Pixels&& other) noexcept { swap(other); }
    Pixels& operator=(const Pixels& other) {
        if (this != &other)
            assign(other.begin(), other.end());
        return *this;
    }
    Pixels& operator=(Pixels&& other) noexcept {
        Pixels taken(std::move(other));
        swap(taken);
        return *this;
    }
    ~Pixels() { give(); }

    T* data() { return m_data; }
    const T* data() const { return m_data; }
    std::size_t size() const { return m_size; }
    bool empty() const { return m_size == 0; }
    T* begin() { return m_data; }
    T* end() { return m_data + m_size; }
    const T* begin() const { return m_data; }
    const T* end() const { return m_data + m_size; }
    T& operator[](std::size_t at) { return m_data[at]; }
    const T& operator[](std::size_t at) const { return m_data[at]; }

    void reserve(std::size_t count) {
        if (count > m_room)
            moveInto(count);
    }
    void resize(std::size_t count) { ///< what is new is not set to anything
        reserve(count);
        m_size = count;
    }
    void assign(std::size_t count, T value) {
        anew(count);
        std::fill(begin(), end(), value);
    }
    void assign(const T* from, const T* to) {
        anew(static_cast<std::size_t>(to - from));
        if (m_size > 0)
            std::memcpy(m_data, from, m_size * sizeof(T));
    }
    void push_back(T value) {
        if (m_size == m_room)
            moveInto(std::max<std::size_t>(64, 2 * m_room));
        m_data[m_size++] = value;
    }
    void clear() { m_size = 0; }
    void swap(Pixels& other) noexcept {
        std::swap(m_data, other.m_data);
        std::swap(m_size, other.m_size);
        std::swap(m_room, other.m_room);
    }
    friend bool operator==(const Pixels& a, const Pixels& b) {
        return a.m_size == b.m_size &&
               (a.m_size == 0 || std::memcmp(a.m_data, b.m_data, a.m_size * sizeof(T)) == 0);
    }

private:
    static T* fresh(std::size_t count) {
        if (count > std::numeric_limits<std::size_t>::max() / sizeof(T))
            throw std::bad_alloc();
        return static_cast<T*>(takePixelBlock(count * sizeof(T)));
    }
    /// So many samples; what was there is not kept.
    void anew(std::size_t count) {
        if (count > m_room) {
            give();
            m_data = fresh(count);
            m_room = count;
        }
        m_size = count;
    }
    void moveInto(std::size_t room) {
        T* block = fresh(room);
        if (m_size > 0)
            std::memcpy(block, m_data, m_size * sizeof(T));
        const auto size = m_size;
        give();
        m_data = block;
        m_size = size;
        m_room = room;
    }
    void give() noexcept {
        if (m_data)
            givePixelBlock(m_data, m_room * sizeof(T));
        m_data = nullptr;
        m_size = m_room = 0;
    }

    T* m_data = nullptr;
    std::size_t m_size = 0, m_room = 0;
};

} // namespace keepseal
