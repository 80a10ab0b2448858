// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Descriptors that close themselves, and memory that goes from one process to another.
#pragma once

#include "base/byte_source.h"
#include "picture/pixel_memory.h"

#include <utility>

namespace keepseal::wire {

/// Owns a descriptor; -1: none.
class Descriptor {
public:
    Descriptor() = default;
    explicit Descriptor(int descriptor) : m_descriptor(descriptor) {}
    Descriptor(Descriptor&& other) noexcept : m_descriptor(std::exchange(other.m_descriptor, -1)) {}
    Descriptor& operator=(Descriptor&& other) noexcept {
        std::swap(m_descriptor, other.m_descriptor);
        return *this;
    }
    ~Descriptor();
    int get() const { return m_descriptor; }
    explicit operator bool() const { return m_descriptor >= 0; }

private:
    int m_descriptor = -1;
};

/// Shared memory with those bytes one after the other; nobody can change or shorten it any more. Throws
/// Problem(Internal).
Descriptor sealedMemory(std::initializer_list<ByteSpan> parts);

/// Something to send along with a message: a descriptor of its own, or one that stays somebody else's.
class Beside {
public:
    explicit Beside(Descriptor own) : m_own(std::move(own)), m_descriptor(m_own.get()) {}
    explicit Beside(int borrowed) : m_descriptor(borrowed) {}
    int get() const { return m_descriptor; }

private:
    Descriptor m_own;
    int m_descriptor;
};

/// Pixels for another process to read until they are given back: without a copy where their block is shared
/// memory, which they keep.
template <class T>
Beside besideOf(const Pixels<T>& pixels) {
    const int shared = sharedDescriptorOf(pixels.data());
    return shared >= 0 ? Beside(shared)
                       : Beside(sealedMemory({{reinterpret_cast<const std::uint8_t*>(pixels.data()),
                                               pixels.size() * sizeof(T)}}));
}

void requireBytes(const Descriptor& memory, std::uint64_t bytes);
void copyBytes(const Descriptor& memory, std::span<std::uint8_t> to);
/// Copies so many samples out of memory that another process made, and may still change. Throws
/// Problem(Internal) when there are fewer.
template <class Samples>
void copySamples(const Descriptor& memory, Samples& to, std::size_t count) {
    requireBytes(memory, count * sizeof(typename Samples::value_type)); // before anything is held for them
    to.resize(count);
    copyBytes(memory,
              {reinterpret_cast<std::uint8_t*>(to.data()), count * sizeof(typename Samples::value_type)});
}

/// A file or shared memory that is open already.
class DescriptorSource final : public ByteSource {
public:
    /// Throws Problem(CannotRead), naming `name`.
    DescriptorSource(Descriptor descriptor, std::string name);
    std::uint64_t size() const override { return m_size; }
    std::size_t read(std::uint64_t offset, std::span<std::uint8_t> buffer) const override;
    int descriptor() const override { return m_descriptor.get(); }

private:
    Descriptor m_descriptor;
    std::string m_name;
    std::uint64_t m_size = 0;
};

} // namespace keepseal::wire
