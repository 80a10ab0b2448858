// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What goes into a page of HTML. Internal to report/.
#pragma once

#include "base/byte_source.h"

namespace keepseal {

/// "<html>" with the language that is spoken, and where its lines begin.
std::string pageTag();
/// What others wrote, as text and nothing else; also within quotes.
std::string escapedForPage(const std::string& text);
/// The path of a file beside a page as its address (RFC 3986): slashes stay, all else that could mean
/// something is escaped. Not yet escaped for the page.
std::string addressForPage(const std::string& path);
/// Bytes as a data: URL holds them (RFC 4648).
std::string base64ForPage(const Bytes& bytes);

} // namespace keepseal
