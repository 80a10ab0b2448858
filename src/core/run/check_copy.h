// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Holds a finished copy against what was promised for it: everything that is in the file must be allowed,
// value by value, and everything that was promised must be there in each container that has a place for it.
#pragma once

#include "geometry/size.h"
#include "privacy/report.h"
#include "rights/apply.h"

namespace keepseal {

struct CopyPromise {
    std::string format = "jpeg"; ///< key of an output format
    Size size;
    CopyWords words;
    bool opensLocation = false;            ///< the delivery says in words that the place is told
    bool preview = false;                  ///< a new preview of the copy itself
    std::vector<std::string> placeNames{}; ///< names of the place that the original and its sidecar told
};

struct CopyCheck {
    FileReport report;
    bool noPlace = false;      ///< the verdict of placesTold(), with the names of the original's place
    bool rightsInStep = false; ///< all that was promised is there; also when nothing was
    Notes failures;            ///< any one of them means: not delivered
    Notes words;               ///< a person's own words that hold a place: told, and no failure
};

/// `original` is what the original told. Where a format has no place for IIM, XMP and Exif must be in step.
CopyCheck checkCopy(const ByteSource& copy, const CopyPromise& promise, const FileReport& original);

/// Kinds of metadata the original has and the copy has not, for a person, each with its number.
std::vector<std::string> removedKinds(const FileReport& original, const FileReport& copy);

} // namespace keepseal
