// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Zip files through libarchive, with limits. Internal to library/.
#pragma once

#include "base/byte_source.h"

#include <filesystem>
#include <map>
#include <string>

namespace keepseal {

/// Contents by name, as in "logos/kite.svg".
using ZipFiles = std::map<std::string, Bytes>;

/// Throws Problem(Refused) when there is a file already, Problem(CannotWrite).
void writeZip(const std::filesystem::path& file, const ZipFiles& files);

/// Plain files only, at most `maxBytes` together and `maxFiles`. A name that is absolute or holds ".." is
/// refused. Throws Problem(NotFound | BadFile | TooLarge | Refused).
ZipFiles readZip(const std::filesystem::path& file, std::uint64_t maxBytes, std::size_t maxFiles);

} // namespace keepseal
