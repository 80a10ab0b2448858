// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// SHA-256 (FIPS 180-4, through OpenSSL) of a file's bytes: what tells whether an original is as it was.
#pragma once

#include "base/byte_source.h"

#include <string>

namespace keepseal {

/// 64 lower-case hexadecimal digits.
std::string fingerprint(const ByteSource& source);
std::string fingerprint(ByteSpan bytes);

/// MD5 (RFC 1321), only for the IPTC digest that other programs expect; 16 bytes.
Bytes md5(ByteSpan bytes);

} // namespace keepseal
