// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A web album of finished copies: one folder of plain HTML and CSS, without any script, that can be put on
// any server or opened from disk. Everything in it is made of the copies as the run left them (their seal,
// their rights, no more of their metadata than they have), never of originals, and nothing of it is fetched
// from elsewhere.
#pragma once

#include "base/problem.h"
#include "record/ledger.h"

#include <atomic>
#include <functional>

namespace keepseal {

struct Album {
    std::string title;
    std::string about;      ///< a sentence or two under it; may be empty
    bool downloads = false; ///< the copies themselves lie in it, to be downloaded
    bool unlisted = false;  ///< asks search engines to pass by (a robots meta element, as HTML has it)
};

/// Pixels on the long side, at the most: of the small pictures on the first page (more of long ones, which
/// stand as high there as the others), and of each on its own.
inline constexpr int kAlbumSmall = 640, kAlbumSmallOfLong = 1600, kAlbumShown = 2048;

struct AlbumMade {
    std::size_t pictures = 0;
    std::vector<Problem> leftOut; ///< of copies that are not as their run made them, or no longer there
};

/// `folder` must not exist; it is there when it is whole. `progress` is told how many pictures are done.
/// Throws Problem(Refused | CannotWrite | NotFound); nothing is left behind then, nor when `stop` becomes
/// true (Problem(Stopped)).
AlbumMade writeAlbum(const Ledger& ledger, const Album& album, const std::filesystem::path& folder,
                     const std::atomic<bool>& stop, const std::function<void(std::size_t)>& progress = {});

} // namespace keepseal
