// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The plan: every copy that a run will make, with its name and place, before anything is written. Making a
// plan is also where a dangerous destination is refused.
#pragma once

#include "base/note.h"
#include "delivery/delivery.h"
#include "delivery/exception.h"
#include "plan/original_facts.h"
#include "record/ledger.h"

#include <map>
#include <set>
#include <utility>

namespace keepseal {

class DiskSnapshot;

/// What is different for single pictures, by their path.
using Exceptions = std::map<std::filesystem::path, PictureException>;

struct PlannedCopy {
    std::size_t original = 0;     ///< index into Plan::originals
    std::size_t delivery = 0;     ///< index into Plan::deliveries
    int page = 0;                 ///< of the original, from 0: see Reading
    std::string format = "jpeg";  ///< key of an output format
    std::filesystem::path target; ///< absolute
    std::filesystem::path inside; ///< the folder a person chose: what lies below it is made by us, and no
                                  ///< link there is followed
    Outcome outcome = Outcome::Waiting;   ///< Waiting: will be made; AlreadyThere, LeftOut, Blocked: will not
    std::string sendTo;                   ///< the folder there, of one that is to be sent
    std::string settingsDigest;           ///< of its delivery, exception, page, and the sidecar read with it
    Notes notes;                          ///< of its name, and why it is not made
    std::optional<FileIdentity> replaces; ///< the earlier copy of ours that gives way
};

struct Plan {
    std::string jobName;
    std::vector<std::filesystem::path> originals;
    std::vector<FileIdentity> identities;     ///< of the originals; inode 0 where one can't be found
    std::vector<PictureException> exceptions; ///< of the originals, by index
    std::vector<Delivery> deliveries;         ///< a frozen snapshot
    std::vector<std::uint64_t> numbers;       ///< of the deliveries in their job; 0: none
    std::vector<std::string> digests;         ///< by delivery: see settingsDigest()
    std::vector<std::filesystem::path> roots; ///< by delivery: the folder all its copies go below, absolute
    std::vector<PlannedCopy> copies;          ///< delivery after delivery, each in the order of the originals
    /// Of a part of a plan: where the originals of the other parts lie, which no copy may go into either.
    std::vector<std::filesystem::path> otherFolders;

    /// What holds of an original in the delivery of that copy.
    std::vector<Acceptance> accepted(const PlannedCopy& copy) const;
    std::size_t count(Outcome outcome) const;
    std::size_t replaced() const;
    /// The folders that copies go to, each once, in order.
    std::vector<std::filesystem::path> places() const;
};

/// What is asked for.
struct PlanRequest {
    std::vector<std::filesystem::path> originals;
    std::vector<Delivery> deliveries;
    std::filesystem::path base; ///< what relative folders and profiles count from; absolute
    Exceptions exceptions{};
    std::string jobName{};
    /// What is known of originals already, asked where names or conditions need more than the path; empty, or
    /// nullptr from it: the snapshot is asked.
    FactsOf factsOf{};
    /// Only these, by index of original and delivery; all others keep their names and numbers, and are not
    /// in the plan. Empty: all.
    std::set<std::pair<std::size_t, std::size_t>> only{};
    /// Of the deliveries in their job, see AcceptedIn; empty: they have none.
    std::vector<std::uint64_t> numbers{};
};

/// A pure function of request and snapshot. What it asks of the disk are folders, file attributes and the
/// ends of each file (for the mark of our own copies, which are left out unless an exception says otherwise);
/// metadata where a name or a condition asks for it; no pixels.
/// Throws Problem(BadSetting) when a delivery has no folder or a name can't be made, Problem(Refused) when a
/// copy could land on an original: when a destination is a folder that originals lie in, under whatever
/// spelling, link or mount, or holds an original under a name that a copy would take. Throws
/// Problem(CannotWrite) when it is no folder.
Plan makePlan(const PlanRequest& request, DiskSnapshot& disk);
/// With the disk as it is now.
Plan makePlan(const PlanRequest& request);
Plan makePlan(const std::vector<std::filesystem::path>& originals, const std::vector<Delivery>& deliveries,
              const std::filesystem::path& base, const Exceptions& exceptions = {});

/// A ledger's rows before anything was done, by index as in Plan::copies.
std::vector<LedgerRow> plannedRows(const Plan& plan);

/// Same text, same picture: the digest of all that shapes a copy's bytes (not its place), logo files
/// included, as the snapshot knows them. `sidecar`: the XMP file that is read with the original; empty: none.
std::string settingsDigest(const Delivery& delivery, DiskSnapshot& disk,
                           const PictureException& exception = {}, const std::filesystem::path& sidecar = {},
                           int page = 0);

/// The folder that all of these lie below; the folder of a single one.
std::filesystem::path commonFolder(const std::vector<std::filesystem::path>& files);

} // namespace keepseal
