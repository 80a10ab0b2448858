// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The pages of a web album (HTML, as the WHATWG's standard has it). Internal to report/.
#pragma once

#include "metadata/fields.h"
#include "report/album.h"

namespace keepseal {

/// A picture as its pages tell of it. Files are relative to the album's folder, with slashes, not escaped.
struct AlbumPicture {
    std::string small, shown, page;
    std::string download; ///< empty: none is offered
    Size smallSize, shownSize;
    FieldValues fields; ///< what the copy says
};

/// "index.html".
std::string albumIndex(const Album& album, const std::vector<AlbumPicture>& pictures);
/// Of one of them.
std::string albumPage(const Album& album, const std::vector<AlbumPicture>& pictures, std::size_t index);

} // namespace keepseal
