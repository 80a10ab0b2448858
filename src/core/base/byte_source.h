// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Random access to the bytes of a file or of a finished copy in memory, without ever writing to them.
// Readers built on it may ask for any range: what lies outside comes back shorter, never as an error.
#pragma once

#include <cstdint>
#include <span>
#include <string>
#include <vector>

namespace keepseal {

using Bytes = std::vector<std::uint8_t>;
using ByteSpan = std::span<const std::uint8_t>;

class ByteSource {
public:
    virtual ~ByteSource() = default;
    virtual std::uint64_t size() const = 0;
    /// Reads up to `buffer.size()` bytes at `offset`; returns how many there were. Throws
    /// Problem(CannotRead).
    virtual std::size_t read(std::uint64_t offset, std::span<std::uint8_t> buffer) const = 0;
    /// Of a file that is open for reading only, and stays this object's; -1: there is none.
    virtual int descriptor() const { return -1; }

    /// All of it where it lies in memory already, and stays this object's; empty: it is to be read.
    virtual ByteSpan held() const { return {}; }

    /// Up to `length` bytes at `offset`; allocates no more than there are.
    Bytes bytes(std::uint64_t offset, std::uint64_t length) const;
};

/// Bytes owned by the caller, who keeps them alive.
class MemorySource final : public ByteSource {
public:
    explicit MemorySource(ByteSpan span) : m_span(span) {}
    std::uint64_t size() const override { return m_span.size(); }
    std::size_t read(std::uint64_t offset, std::span<std::uint8_t> buffer) const override;
    ByteSpan held() const override { return m_span; }

private:
    ByteSpan m_span;
};

} // namespace keepseal
