// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Some of the pictures of a job, by what is known of them.
#pragma once

#include "document/picture_library.h"

#include <QString>

namespace keepseal::app {

struct PictureFilter {
    enum class Kind {
        All,
        Tall,
        Wide,
        Square,
        Rated1,
        Rated3,
        Rated5,
        TellsPlace,
        StampedBefore,
        Different,
        LeftOut,
        Problem
    };
    Kind kind = Kind::All;
    QString words; ///< all of them in its name, folder, title, description or keywords
    bool operator==(const PictureFilter&) const = default;
    bool all() const { return kind == Kind::All && words.isEmpty(); }

    /// `info` is null for a picture that has not been read yet: it is shown until more is known. `shape` is
    /// that of its copy.
    bool takes(const OriginalItem& item, const PictureInfo* info, const PictureException& exception,
               Size shape) const;
};

} // namespace keepseal::app
