// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// SHA-256 (FIPS 180-4, through OpenSSL) of a file's bytes: what a file is known by, in this run and years
// later; nobody can make another file with the same one. XXH3 (128 bits, through xxHash) of the same bytes,
// about ten times as fast here: whether a file is as it was a moment ago. No accident leaves it the same, but
// somebody who wants to can.
#pragma once

#include "base/byte_source.h"

#include <string>

namespace keepseal {

/// 64 lower-case hexadecimal digits.
std::string fingerprint(const ByteSource& source);
std::string fingerprint(ByteSpan bytes);

/// 32 lower-case hexadecimal digits: XXH3.
std::string checksum(const ByteSource& source);

struct Fingerprints {
    std::string sha256, checksum;
};
/// Both from one reading.
Fingerprints fingerprints(const ByteSource& source);

/// MD5 (RFC 1321), only for the IPTC digest that other programs expect; 16 bytes.
Bytes md5(ByteSpan bytes);

} // namespace keepseal
