// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A note: one thing that is to be said about a picture or a copy, as a value. Its kind has a row in one table
// that tells the station it comes from, how much it weighs, its sentence and its remedy. Plan, run, check,
// reports, window and command line read kind and arguments; words are made at the edge, and nobody reads them
// back.
#pragma once

#include "base/station_id.h"

#include <nlohmann/json_fwd.hpp>

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace keepseal {

enum class Severity {
    Fact,       ///< good to know
    WorthALook, ///< a person may want it otherwise
    HoldsBack,  ///< the copy would lack what its delivery promises: it is not delivered
};

enum class NoteKind {
    // What the original is
    ProfileSetAside,
    CmykWithoutProfile,
    FurtherPages,
    PageTaken,
    PagesLeft,
    NoSuchPage,
    GainMapLeft,
    RawDeveloped,
    CamerasPicture,
    NoCamerasPicture,
    TextEncoding,
    MetadataDisagrees,
    SidecarNotRead,
    SidecarNotSearched,
    // Which pictures, sizes
    LeftOutByHand,
    StampedBefore,
    NotTaken,
    Enlarged,
    SmallerThanAsked,
    // Border
    CaptionLeftOut,
    CaptionMadeSmaller,
    CaptionInLines,
    CaptionCharacters,
    CaptionTypeface,
    CaptionTokenUnknown,
    CaptionTokenEmpty,
    CaptionNothing,
    // Seal
    SealNothing,
    SealOffPicture,
    SealCutOff,
    SealInBleed,
    SealLogo,
    SealLogoNotChosen,
    SealTypeface,
    SealTokenUnknown,
    SealTokenEmpty,
    SealTextNothing,
    SealCharacters,
    SealMadeSmaller,
    SealHardToRead,
    SealHardToSee,
    SealUnreadable,
    PatternSpread,
    SealOnCaption,
    SealLogoEnlarged,
    // Who you are
    WhoUnset,
    // Words and places in them
    RightsTokenUnknown,
    RightsTokenEmpty,
    RuleOverridden,
    WrongAddress,
    OverIim,
    OverExif,
    PlaceWordCut,
    CoordinatesCut,
    PlaceInWords,
    CoordinatesInWords,
    PlaceInContact,
    PlaceOpened,
    ValueLeftOut,
    // The finished file, read back
    CopyHoldsMore,
    CopyLacksWords,
    CopyTellsPlace,
    CopyNotSearched,
    CopyNotAsPlanned,
    // File
    ProfileMissing,
    FormatTooSmall,
    FileTooLarge,
    KeptUntouched,
    EncodedAnew,
    FileUnseen,
    FileSeen,
    FileFitted,
    FileMadeSmaller,
    // Name and place
    NameTokenEmpty,
    AmongOriginals,
    NameTaken,
    NameTakenBy,
    NameShared,
    NotReplaced,
    AlreadyThere,
    Replaces,
    NameTakenMeanwhile,
    LayThere,
    FolderCleaned,
    // What was met while gathering
    MetCameraRaw,
    MetPicture,
    MetBroken,
    MetVideo,
    MetDocument,
    MetPages,
    MetEmpty,
    MetSidecar,
    MetLoneSidecar,
    MetHidden,
    MetLink,
    MetBrokenLink,
    MetSpecial,
    MetUnreadable,
    MetNotThere,
    MetTwice,
    MetUnknown,
    MetOurs,
    // Of ledgers that were written before notes had kinds
    OldSentence,
};
inline constexpr std::size_t kNoteKinds = static_cast<std::size_t>(NoteKind::OldSentence) + 1;

struct NoteRow {
    NoteKind kind;
    const char* key;                  ///< as in files: lower case with hyphens
    std::optional<StationId> station; ///< where it is mended; none: in the original, or nowhere
    Severity severity;
    bool acceptable;      ///< a person may say "deliver all the same"
    const char* sentence; ///< no capital, no full stop; {subject} and {argument} are filled in, {{ is a brace
    const char* remedy;   ///< a sentence without full stop; may be empty
};
const NoteRow& rowOf(NoteKind kind);
/// nullptr for a key that is not known.
const NoteRow* noteRow(std::string_view key);

struct Note {
    NoteKind kind = NoteKind::MetUnknown;
    std::string subject; ///< what of the picture or copy: a file, a token, a field; may be empty
    std::map<std::string, std::string> arguments; ///< what the sentence is filled with, by name
    std::optional<StationId> station{};           ///< where it is mended, if that is not the row's
    bool operator==(const Note&) const = default;
};
using Notes = std::vector<Note>;

/// In the language of the person who reads it.
std::string sentenceOf(const Note& note);
std::string remedyOf(const Note& note);
/// For files, and for what other programs read.
std::string englishOf(const Note& note);
/// "sentence. Remedy", for a terminal.
std::string wholeSentenceOf(const Note& note);
/// Where it is mended; none: in the original, or nowhere.
std::optional<StationId> stationOf(const Note& note);
inline Severity severityOf(const Note& note) {
    return rowOf(note.kind).severity;
}

/// Appends it, unless one of that kind and subject is there: that one then takes the new arguments.
void addNote(Notes& notes, Note note);
void addNotes(Notes& notes, const Notes& more);
bool holdsKind(const Notes& notes, NoteKind kind);
/// At least that heavy.
std::size_t countOf(const Notes& notes, Severity atLeast);

/// A person's word that a copy is delivered although this note holds it back.
struct Acceptance {
    NoteKind kind = NoteKind::MetUnknown;
    std::string subject; ///< "*": whatever it is of
    auto operator<=>(const Acceptance&) const = default;
};
bool isAccepted(const Note& note, const std::vector<Acceptance>& accepted);
/// Those that keep a copy from being delivered. `strict`: what is worth a look does as well.
Notes holdingBack(const Notes& notes, bool strict, const std::vector<Acceptance>& accepted);

/// {"kind", "subject", "arguments", "severity", "sentence"}: the sentence is for people and older programs,
/// and is not read back.
void to_json(nlohmann::json& json, const Note& note);
/// Nothing for a kind this version does not know. Throws nlohmann::json::exception.
std::optional<Note> noteFromJson(const nlohmann::json& json);
nlohmann::json toJson(const Notes& notes);
Notes notesFromJson(const nlohmann::json& json);

} // namespace keepseal
