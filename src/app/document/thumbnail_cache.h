// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Small pictures of originals that carry none inside: kept in the person's cache ($XDG_CACHE_HOME/keep-seal),
// never beside originals, without any metadata, and forgotten when there are too many. A first look only:
// proofs are always made from the original.
#pragma once

#include "picture/frame.h"
#include "picture/original.h"

#include <QImage>

#include <optional>

namespace keepseal::app {

/// Of the file as it is now: another size or time is another picture. Nothing when there is none.
std::optional<Frame> keptThumbnail(const std::filesystem::path& original, const FileIdentity& identity);
/// Makes it small itself. What can't be written is not kept. Any thread.
void keepThumbnail(const std::filesystem::path& original, const FileIdentity& identity,
                   const QImage& picture) noexcept;
/// Forgets those used longest ago until at most so many bytes are left.
void trimThumbnails(std::uint64_t mostBytes);
std::filesystem::path thumbnailFolder();

} // namespace keepseal::app
