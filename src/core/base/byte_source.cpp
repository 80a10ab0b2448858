// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/byte_source.h"

#include <algorithm>
#include <cstring>

namespace keepseal {

Bytes ByteSource::bytes(std::uint64_t offset, std::uint64_t length) const {
    if (offset >= size())
        return {};
    Bytes out(static_cast<std::size_t>(std::min(length, size() - offset)));
    out.resize(read(offset, out));
    return out;
}

std::size_t MemorySource::read(std::uint64_t offset, std::span<std::uint8_t> buffer) const {
    if (offset >= m_span.size())
        return 0;
    const auto count = std::min<std::size_t>(buffer.size(), m_span.size() - static_cast<std::size_t>(offset));
    if (count > 0)
        std::memcpy(buffer.data(), m_span.data() + offset, count);
    return count;
}

} // namespace keepseal
