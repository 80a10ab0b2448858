// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The ledger: the record of one run. Every original with its fingerprint before and after, every copy with
// what was found in it, every problem. JSON, "keep-seal/ledger" version 1, in the person's own state folder
// and not beside the copies: a ledger names the originals' folders, which are nobody else's business.
#pragma once

#include "base/note.h"
#include "base/problem.h"
#include "geometry/size.h"
#include "picture/original.h"

#include <nlohmann/json.hpp>

#include <map>
#include <optional>

namespace keepseal {

enum class Outcome {
    Waiting,      ///< not reached
    Made,         ///< a new copy lies at its place
    AlreadyThere, ///< an earlier run made the same copy, and it is unchanged
    LeftOut,      ///< its name was taken and the delivery says to leave it then
    Failed,       ///< no copy; `problem` says why
    Blocked,      ///< in a plan only: its name is taken and the delivery says not to begin then
    HeldBack,     ///< no copy: it would lack something that its delivery promises; `notes` say what
};
const char* keyOf(Outcome outcome);

/// Where a copy went from the outbox.
struct SentTo {
    std::string place; ///< "sftp://anna@pictures.example.org"; of a letter its receivers
    std::string as;    ///< folder and name there; of a letter its Message-ID
    std::string when;  ///< ISO 8601, UTC
    bool operator==(const SentTo&) const = default;
};

inline constexpr const char* kGone = "gone"; ///< an original that was not there any more

struct LedgerRow {
    std::filesystem::path original;
    FileIdentity originalIdentity;
    std::string fingerprintBefore; ///< SHA-256, empty when the original could not be read
    std::string fingerprintAfter;  ///< in older ledgers, which read it with SHA-256 again; else empty
    std::string checksumBefore;    ///< XXH3 of the same reading, see base/fingerprint.h
    std::string checksumAfter;     ///< of the look after the run; empty until then; kGone
    std::string delivery;          ///< its name; two deliveries may have one
    /// Which of the run's deliveries it is, counted from 0; nothing: an older ledger did not say.
    std::optional<std::size_t> deliveryIndex;
    int page = 0;               ///< of the original, from 0: see Reading
    std::string settingsDigest; ///< what the pixels and metadata were made by
    Outcome outcome = Outcome::Waiting;
    std::filesystem::path copy;
    std::uint64_t copyBytes = 0;
    std::int64_t copyModifiedNs = 0;
    std::string copyFingerprint; ///< SHA-256 of the copy as delivered
    bool replaced = false;       ///< an earlier copy of ours lay at its place
    Size copySize;
    bool placeInOriginal = false;
    bool noPlaceInCopy = false;       ///< searched and found none
    bool placeOpened = false;         ///< the delivery said in words that the place is told
    bool rightsInCopy = false;        ///< all fields found in XMP, Exif and IIM as designed
    std::vector<std::string> written; ///< their names
    /// What it says, by key of the field (metadata/fields.h), as a person reads it.
    std::map<std::string, std::string> words;
    std::string seal;       ///< the name of what stands on it; empty: nothing, or without a name
    std::string takenAt;    ///< "2026-05-01T10:20:30", as the original tells
    std::string picture;    ///< id of the kept picture it was made of, see record/kept_pictures.h
    std::string sealKept;   ///< id of what is kept of its seal, as above; empty: nothing
    std::uint64_t code = 0; ///< of the whole copy as it left, see likeness/picture_mark.h; 0: not known
    double readability = 0; ///< contrast ratio of the seal as measured; 0: no seal
    std::vector<std::string> removed; ///< kinds of metadata the original has and the copy has not
    bool sealOnCopy = false, borderOnCopy = false; ///< what really stands on it
    Notes notes;
    std::vector<SentTo> sent;         ///< in their order
    std::vector<Acceptance> accepted; ///< what a person said to deliver all the same
    bool strict = false;              ///< the delivery holds back what is worth a look as well
    std::optional<Problem> problem;

    /// What holds it back; empty for a copy that is or can be delivered.
    Notes heldBackBy() const { return holdingBack(notes, strict, accepted); }
    /// Notes that a person should look at.
    std::size_t toLookAt() const { return countOf(notes, Severity::WorthALook); }

    bool originalUntouched() const {
        if (fingerprintBefore.empty())
            return false;
        return checksumBefore.empty() ? fingerprintBefore == fingerprintAfter
                                      : checksumBefore == checksumAfter;
    }
    /// Whether its original was looked at again after the run.
    bool lookedAtAgain() const { return !fingerprintAfter.empty() || !checksumAfter.empty(); }
};

struct Ledger {
    std::string started, ended;    ///< ISO 8601, UTC
    std::string state = "running"; ///< then "finished" or "stopped"
    bool elsewhere = false; ///< it came with a register from elsewhere: its copies are not this program's own
    std::vector<LedgerRow> rows;

    std::size_t count(Outcome outcome) const;
    /// Those that were made, now or before, in their order.
    std::vector<std::filesystem::path> copies() const;
};

/// One of a run's deliveries: its name, and its rows alone. In the order in which the ledger names them.
struct LedgerDelivery {
    std::string name;
    std::optional<std::size_t> index; ///< as LedgerRow::deliveryIndex
    Ledger only;
};
std::vector<LedgerDelivery> deliveriesOf(const Ledger& ledger);

nlohmann::json toJson(const Ledger& ledger);
/// Throws Problem(BadFile).
Ledger ledgerFromJson(const nlohmann::json& json, const std::string& subject);

/// Those that lie in a folder, in the order of their names.
std::vector<std::filesystem::path> ledgersIn(const std::filesystem::path& folder);
/// Our own, of any length. `remedy`: what to do where it is not whole. Throws Problem(CannotRead | BadFile).
Ledger readLedger(const std::filesystem::path& file, const std::string& remedy = {});
/// Whole or not at all. File names may hold any bytes; what is no UTF-8 is kept as told in base/files.h.
/// Throws Problem(CannotWrite).
void saveLedger(const Ledger& ledger, const std::filesystem::path& file);

/// One row alone, as it stands in a ledger.
nlohmann::json toJson(const LedgerRow& row);
/// Throws nlohmann::json::exception.
LedgerRow ledgerRowFromJson(const nlohmann::json& json);
/// One line a copy, for spreadsheets: RFC 4180, UTF-8, with a head.
std::string ledgerCsv(const Ledger& ledger);

std::string utcNow();

} // namespace keepseal
