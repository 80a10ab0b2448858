// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The plan: every copy that a run will make, with its name and place, before anything is written. Making a
// plan is also where a dangerous destination is refused.
#pragma once

#include "delivery/delivery.h"
#include "delivery/exception.h"
#include "run/ledger.h"

#include <map>

namespace keepseal {

/// What is different for single pictures, by their path.
using Exceptions = std::map<std::filesystem::path, PictureException>;

struct PlannedCopy {
    std::size_t original = 0; ///< index into Plan::originals
    std::size_t delivery = 0; ///< index into Plan::deliveries
    Container format = Container::Jpeg;
    std::filesystem::path target;
    Outcome outcome = Outcome::Waiting; ///< Waiting: will be made; AlreadyThere, LeftOut: will not
    std::string settingsDigest;         ///< of its delivery, its exception and the sidecar read with it
    std::string note;                   ///< why the name is another than expected, for a person
};

struct Plan {
    std::vector<std::filesystem::path> originals;
    std::vector<FileIdentity> identities;       ///< of the originals; inode 0 where one can't be found
    std::vector<PictureException> exceptions;   ///< of the originals, by index
    std::vector<Delivery> deliveries;           ///< a frozen snapshot
    std::vector<std::filesystem::path> folders; ///< where each delivery's copies go, absolute
    std::vector<PlannedCopy> copies;

    std::size_t count(Outcome outcome) const;
};

/// `base` is what relative folders count from. Reads folders, file attributes and the ends of each file (for
/// the mark of our own copies, which are left out unless an exception says otherwise), no picture.
/// Throws Problem(BadSetting) when a delivery has no folder, Problem(Refused) when a copy could land on an
/// original: when the destination is a folder that originals lie in, under whatever spelling, link or mount,
/// or holds an original under a name that a copy would take. Throws Problem(CannotWrite) when it is no
/// folder.
Plan makePlan(const std::vector<std::filesystem::path>& originals, const std::vector<Delivery>& deliveries,
              const std::filesystem::path& base, const Exceptions& exceptions = {});

/// Same text, same picture: the digest of all that shapes a copy's bytes (not its place), logo files
/// included. `sidecar`: the XMP file that is read with the original; empty: none.
std::string settingsDigest(const Delivery& delivery, const PictureException& exception = {},
                           const std::filesystem::path& sidecar = {});

/// What is said of a picture that is left out because it is a copy of ours.
inline constexpr const char* kStampedBefore = "this is a copy that Keep Seal made: it is not stamped twice";

/// The copy's file name for number `number` (1 is the plain one). Never longer than a file name may be.
std::string copyName(const std::filesystem::path& original, const PlaceSettings& place, Container format,
                     int number);

} // namespace keepseal
