// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// An original's metadata in little memory, for programs that know ten thousand of them: what comes out is
// equal to what went in.
#pragma once

#include "base/byte_source.h"
#include "metadata/metadata.h"

namespace keepseal {

/// Immutable once made; any thread may unpack it.
class PackedMetadata {
public:
    PackedMetadata() = default; ///< of a picture that tells nothing
    explicit PackedMetadata(const Metadata& metadata);
    Metadata unpacked() const;
    std::size_t bytes() const { return m_packed.size(); }

private:
    Bytes m_packed;           ///< deflated CBOR
    std::size_t m_length = 0; ///< of the CBOR, in bytes
};

} // namespace keepseal
