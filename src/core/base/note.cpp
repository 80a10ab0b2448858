// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/note.h"

#include "base/language.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <array>

namespace keepseal {
namespace {

// clang-format off
/// In the order of the enumeration; the compiler refuses a table that is not.
constexpr std::array<NoteRow, kNoteKinds> kRows = {{
    {NoteKind::ProfileSetAside, "profile-set-aside", std::nullopt, Severity::WorthALook, true, "its colour profile can't be used and was set aside", "Look at the colours of its proof"},
    {NoteKind::CmykWithoutProfile, "cmyk-without-profile", std::nullopt, Severity::WorthALook, true, "it is CMYK without a colour profile: a common one was taken", "Look at the colours of its proof"},
    {NoteKind::FurtherPages, "further-pages", std::nullopt, Severity::WorthALook, true, "the file holds {count} pictures: only the first is used", "The station Turn, crop can take every one, or some"},
    {NoteKind::PageTaken, "page-taken", std::nullopt, Severity::Fact, true, "picture {page} of the {count} in the file", ""},
    {NoteKind::PagesLeft, "pages-left", std::nullopt, Severity::WorthALook, true, "the file holds {count} pictures: no more than the first {most} are taken", "Split the file"},
    {NoteKind::NoSuchPage, "no-such-page", StationId::Turn, Severity::Fact, true, "it has {count} pictures and none of those asked for ({subject})", "Name others at the station Turn, crop"},
    {NoteKind::GainMapLeft, "gain-map-left", std::nullopt, Severity::Fact, true, "it has a gain map for bright screens: it is left out, and the copy is the plain picture", ""},
    {NoteKind::RawDeveloped, "raw-developed", std::nullopt, Severity::Fact, true, "developed from the camera's raw data, with the camera's white balance", ""},
    {NoteKind::CamerasPicture, "cameras-picture", std::nullopt, Severity::Fact, true, "the camera's own picture, as it lies in the raw file ({subject} pixels)", ""},
    {NoteKind::NoCamerasPicture, "no-cameras-picture", StationId::Turn, Severity::WorthALook, true, "the raw file holds no picture of the camera's own: it was developed", ""},
    {NoteKind::TextEncoding, "text-encoding", std::nullopt, Severity::Fact, true, "no stated encoding in {subject}: read as Latin-1", ""},
    {NoteKind::MetadataDisagrees, "metadata-disagrees", std::nullopt, Severity::Fact, true, "{field}: {which} \"{other}\", taken is \"{taken}\"", ""},
    {NoteKind::SidecarNotRead, "sidecar-not-read", std::nullopt, Severity::WorthALook, true, "the XMP file beside it can't be read: {happened}", "Mend that file or take it away"},
    {NoteKind::SidecarNotSearched, "sidecar-not-searched", std::nullopt, Severity::WorthALook, true, "{subject}: {what}", "Look at that file"},
    {NoteKind::LeftOutByHand, "left-out-by-hand", StationId::Which, Severity::Fact, true, "left out by hand", ""},
    {NoteKind::StampedBefore, "stamped-before", StationId::Which, Severity::Fact, true, "this is a copy that Keep Seal made: it is not stamped twice", "Say so for that picture, if it is to be stamped again"},
    {NoteKind::NotTaken, "not-taken", StationId::Which, Severity::Fact, true, "{why}", ""},
    {NoteKind::Enlarged, "enlarged", StationId::Fit, Severity::WorthALook, true, "the picture is enlarged to {percent} % and will look soft", "Ask for fewer pixels, or never enlarge"},
    {NoteKind::SmallerThanAsked, "smaller-than-asked", StationId::Fit, Severity::WorthALook, true, "the copy has {has} pixels, {asked} were asked for: the picture is too small", "Allow enlarging, or ask for fewer pixels"},
    {NoteKind::CaptionLeftOut, "caption-left-out", StationId::Border, Severity::HoldsBack, true, "the caption can't be drawn: there is no mat on its side", "Give that side a mat, or switch the caption off"},
    {NoteKind::CaptionMadeSmaller, "caption-made-smaller", StationId::Border, Severity::WorthALook, true, "the caption was made smaller to fit its mat", "Shorten it, or widen the mat"},
    {NoteKind::CaptionInLines, "caption-in-lines", StationId::Border, Severity::Fact, true, "the caption stands in {lines} lines", ""},
    {NoteKind::CaptionCharacters, "caption-characters", StationId::Border, Severity::HoldsBack, true, "characters of the caption that are in none of the typefaces: {count}", "Choose another typeface, or other words"},
    {NoteKind::CaptionTypeface, "caption-typeface", StationId::Border, Severity::HoldsBack, true, "the caption's typeface \"{subject}\" is not here", "Add the typeface, or choose another"},
    {NoteKind::CaptionTokenUnknown, "caption-token-unknown", StationId::Border, Severity::HoldsBack, true, "the caption's {{{subject}} is no token", "Choose one of the list"},
    {NoteKind::CaptionTokenEmpty, "caption-token-empty", StationId::Border, Severity::WorthALook, true, "the caption's {{{subject}} has no value for this picture and was left out", "Give the picture that value, or the token a word to stand in: {{{subject}|...}}"},
    {NoteKind::CaptionNothing, "caption-nothing", StationId::Border, Severity::HoldsBack, true, "nothing is left to read of the caption", "Give the picture the values it asks for, or switch the caption off"},
    {NoteKind::SealNothing, "seal-nothing", StationId::Seal, Severity::HoldsBack, true, "the seal is on and has nothing to draw", "Give it a part, or switch the seal off"},
    {NoteKind::SealOffPicture, "seal-off-picture", StationId::Seal, Severity::HoldsBack, true, "the seal does not lie on the picture", "Move it back, or take this picture's exception away"},
    {NoteKind::SealCutOff, "seal-cut-off", StationId::Seal, Severity::WorthALook, true, "the seal reaches over the picture's edge", "Move it, or make it smaller"},
    {NoteKind::SealInBleed, "seal-in-bleed", StationId::Seal, Severity::WorthALook, true, "the seal reaches into the bleed, which is cut off after printing", "Give the seal a larger margin, or the page less bleed"},
    {NoteKind::SealLogo, "seal-logo", StationId::Seal, Severity::HoldsBack, true, "the logo {name} can't be drawn: {happened}", "Choose a logo that can be read"},
    {NoteKind::SealLogoNotChosen, "seal-logo-not-chosen", StationId::Seal, Severity::HoldsBack, true, "the part \"{subject}\" has no logo yet", "Choose its file, or take the part away"},
    {NoteKind::SealTypeface, "seal-typeface", StationId::Seal, Severity::HoldsBack, true, "the seal's typeface \"{subject}\" is not here", "Add the typeface, or choose another"},
    {NoteKind::SealTokenUnknown, "seal-token-unknown", StationId::Seal, Severity::HoldsBack, true, "the seal's {{{subject}} is no token", "Choose one of the list"},
    {NoteKind::SealTokenEmpty, "seal-token-empty", StationId::Seal, Severity::WorthALook, true, "the seal's {{{subject}} has no value for this picture and was left out", "Give the picture that value, or the token a word to stand in: {{{subject}|...}}"},
    {NoteKind::SealTextNothing, "seal-text-nothing", StationId::Seal, Severity::HoldsBack, true, "nothing is left to read of the seal's \"{subject}\"", "Give the picture the values it asks for, or change the text"},
    {NoteKind::SealCharacters, "seal-characters", StationId::Seal, Severity::HoldsBack, true, "characters of the seal that are in none of the typefaces: {count}", "Choose another typeface, or other words"},
    {NoteKind::SealMadeSmaller, "seal-made-smaller", StationId::Seal, Severity::WorthALook, true, "the seal was made smaller to fit between the margins", "Make the seal or its margins smaller"},
    {NoteKind::SealHardToRead, "seal-hard-to-read", StationId::Seal, Severity::WorthALook, true, "the seal is hard to read here: contrast {measured} : 1, you asked for {asked} : 1", "Move it, or give it a halo or more strength"},
    {NoteKind::SealHardToSee, "seal-hard-to-see", StationId::Seal, Severity::WorthALook, true, "the seal is hardly seen here: it changes the picture by {measured} : 1, you asked for {asked} : 1", "Give it more strength, or let it get it by itself"},
    {NoteKind::SealUnreadable, "seal-unreadable", StationId::Seal, Severity::HoldsBack, true, "the seal can't be read here: contrast {measured} : 1, you asked for {asked} : 1", "Move it, let more help it, ask for less, or let such copies be made"},
    {NoteKind::PatternSpread, "pattern-spread", StationId::Seal, Severity::WorthALook, true, "the pattern is so dense that it is spread out to about {most} seals", "Make the seal or its distances larger"},
    {NoteKind::SealOnCaption, "seal-on-caption", StationId::Seal, Severity::WorthALook, true, "the seal stands on the words of the caption: there is no room beside them", "Make the seal or the caption smaller, or stand it elsewhere"},
    {NoteKind::SealLogoEnlarged, "seal-logo-enlarged", StationId::Seal, Severity::WorthALook, true, "the logo {name} is enlarged: it has {has} pixels and needs {needs}", "Choose a larger file, or one with outlines (SVG, PDF)"},
    {NoteKind::WhoUnset, "who-unset", StationId::Seal, Severity::HoldsBack, false, "{{{subject}} stands for {meaning}, which is not said yet", "Say who you are (Ctrl+U in the window, keep-seal-cli who)"},
    {NoteKind::RightsTokenUnknown, "rights-token-unknown", StationId::Rights, Severity::HoldsBack, true, "{field}: {{{token}} is no token", "Choose one of the list"},
    {NoteKind::RightsTokenEmpty, "rights-token-empty", StationId::Rights, Severity::WorthALook, true, "{field}: {{{token}} has no value for this picture", "Give the picture that value, or the token a word to stand in"},
    {NoteKind::RuleOverridden, "rule-overridden", StationId::Rights, Severity::Fact, true, "{field}: rule {rule} overrides rule {other}", ""},
    {NoteKind::WrongAddress, "wrong-address", StationId::Rights, Severity::WorthALook, true, "{field}: {what}", "Mend the address"},
    {NoteKind::OverIim, "over-iim", StationId::Rights, Severity::Fact, true, "{field} is longer than IIM's {bytes} bytes by {over}: there it is cut, {whole} it whole", ""},
    {NoteKind::OverExif, "over-exif", StationId::Rights, Severity::Fact, true, "{field} is longer than Exif has room for: there it is cut; XMP holds it whole", ""},
    {NoteKind::PlaceWordCut, "place-word-cut", StationId::Rights, Severity::Fact, true, "{field}: left out, since it names the place: {text}", ""},
    {NoteKind::CoordinatesCut, "coordinates-cut", StationId::Rights, Severity::Fact, true, "{field}: coordinates were cut out: {text}", ""},
    {NoteKind::PlaceInWords, "place-in-words", StationId::Rights, Severity::WorthALook, true, "the place \"{place}\" stands in {where}", "Change those words, or let the sheet drop them"},
    {NoteKind::CoordinatesInWords, "coordinates-in-words", StationId::Rights, Severity::WorthALook, true, "coordinates stand in {where}", "Change those words, or let the sheet drop them"},
    {NoteKind::PlaceInContact, "place-in-contact", StationId::Rights, Severity::Fact, true, "the place \"{place}\" stands in {where}, as the maker's address", ""},
    {NoteKind::PlaceOpened, "place-opened", StationId::Privacy, Severity::WorthALook, true, "this copy tells the place, as the delivery says in words", "Close Location again, if it is not meant so"},
    {NoteKind::ValueLeftOut, "value-left-out", StationId::Privacy, Severity::Fact, true, "{subject} stays behind: what stands there is no value of its kind, or tells a place", ""},
    {NoteKind::CopyHoldsMore, "copy-holds-more", StationId::Privacy, Severity::HoldsBack, false, "the finished copy holds what was not promised: {subject}", "Please report this: it is a fault of Keep Seal"},
    {NoteKind::CopyLacksWords, "copy-lacks-words", StationId::Rights, Severity::HoldsBack, false, "what was to be written is not in the finished copy: {subject}", "Please report this: it is a fault of Keep Seal"},
    {NoteKind::CopyTellsPlace, "copy-tells-place", StationId::Privacy, Severity::HoldsBack, false, "the finished copy tells a place: {subject}", "Please report this: it is a fault of Keep Seal"},
    {NoteKind::CopyNotSearched, "copy-not-searched", StationId::Privacy, Severity::HoldsBack, false, "the finished copy could not be searched whole: {subject}", "Please report this: it is a fault of Keep Seal"},
    {NoteKind::CopyNotAsPlanned, "copy-not-as-planned", StationId::File, Severity::HoldsBack, false, "the finished copy is not as it was planned: {subject}", "Please report this: it is a fault of Keep Seal"},
    {NoteKind::ProfileMissing, "profile-missing", StationId::File, Severity::HoldsBack, false, "the colour profile asked for can't be used: {happened}", "Choose a profile that is there, or other colours"},
    {NoteKind::FormatTooSmall, "format-too-small", StationId::File, Severity::HoldsBack, false, "{format} holds no more than {most} pixels on a side", "Ask for fewer pixels, or choose another format"},
    {NoteKind::FileTooLarge, "file-too-large", StationId::File, Severity::HoldsBack, false, "its {format} needs {needs}, and at most {most} are asked for", "Allow more bytes, a lower quality or fewer pixels"},
    {NoteKind::KeptUntouched, "kept-untouched", StationId::File, Severity::Fact, true, "the original's own quality, untouched outside the mark", ""},
    {NoteKind::EncodedAnew, "encoded-anew", StationId::File, Severity::Fact, true, "encoded anew with the quality of its delivery: {why}", ""},
    {NoteKind::FileUnseen, "file-unseen", StationId::File, Severity::Fact, true, "quality {quality} of its {format}: the difference is {score}, at least {least} is asked for", ""},
    {NoteKind::FileSeen, "file-seen", StationId::File, Severity::HoldsBack, false, "the difference of its {format} is {score} at quality {quality}, and at least {least} is asked for", "Allow more bytes, keep full colour detail, or ask for less"},
    {NoteKind::FileFitted, "file-fitted", StationId::File, Severity::Fact, true, "quality {quality} keeps its {format} within {most}", ""},
    {NoteKind::FileMadeSmaller, "file-made-smaller", StationId::File, Severity::WorthALook, true, "its {format} has only {size} pixels, to keep within {most}", "Allow more bytes or a lower quality"},
    {NoteKind::NameTokenEmpty, "name-token-empty", StationId::Place, Severity::WorthALook, true, "the name's {{{subject}} has no value for this picture", "Give the picture that value, or the token a word to stand in"},
    {NoteKind::AmongOriginals, "among-originals", StationId::Place, Severity::Fact, true, "it goes among the originals: {subject} gets a new file", ""},
    {NoteKind::NameTaken, "name-taken", StationId::Place, Severity::Fact, true, "the plain name is taken", ""},
    {NoteKind::NameTakenBy, "name-taken-by", StationId::Place, Severity::Fact, true, "the plain name is taken by {subject}", ""},
    {NoteKind::NameShared, "name-shared", StationId::Place, Severity::Fact, true, "another copy of this run has the plain name", ""},
    {NoteKind::NotReplaced, "not-replaced", StationId::Place, Severity::WorthALook, true, "the plain name is taken, and not by an unchanged copy of this picture: nothing was replaced", "Move that file away, if the copy is to have its name"},
    {NoteKind::AlreadyThere, "already-there", StationId::Place, Severity::Fact, true, "made by an earlier run and unchanged", ""},
    {NoteKind::Replaces, "replaces", StationId::Place, Severity::Fact, true, "an earlier copy of Keep Seal's is replaced", ""},
    {NoteKind::NameTakenMeanwhile, "name-taken-meanwhile", StationId::Place, Severity::Fact, true, "the planned name was taken during the run", ""},
    {NoteKind::LayThere, "lay-there", StationId::Place, Severity::Fact, true, "the copy lay at its place already, byte for byte", ""},
    {NoteKind::FolderCleaned, "folder-cleaned", StationId::Place, Severity::WorthALook, true, "the folder \"{typed}\" leads out of the place and became \"{subject}\"", "Write it without .."},
    {NoteKind::MetCameraRaw, "met-camera-raw", std::nullopt, Severity::WorthALook, true, "a camera raw file of a camera that is not known", "Export it as a JPEG, TIFF or DNG first"},
    {NoteKind::MetPicture, "met-picture", std::nullopt, Severity::WorthALook, true, "a picture ({subject}) in a format that is not read", "Save it as JPEG, PNG, TIFF or WebP"},
    {NoteKind::MetBroken, "met-broken", std::nullopt, Severity::WorthALook, true, "its name is that of a picture, and it holds none", "Look at the file, or take it away"},
    {NoteKind::MetVideo, "met-video", std::nullopt, Severity::Fact, true, "a video or a sound", ""},
    {NoteKind::MetDocument, "met-document", std::nullopt, Severity::Fact, true, "a document ({subject})", ""},
    {NoteKind::MetPages, "met-pages", std::nullopt, Severity::Fact, true, "a PDF: its pages are taken only when it is given itself", "Add that file itself to take them"},
    {NoteKind::MetEmpty, "met-empty", std::nullopt, Severity::WorthALook, true, "the file is empty", "Copy it again from where it came"},
    {NoteKind::MetSidecar, "met-sidecar", std::nullopt, Severity::Fact, true, "an XMP file: it is read with its picture", ""},
    {NoteKind::MetLoneSidecar, "met-lone-sidecar", std::nullopt, Severity::Fact, true, "an XMP file without its picture", ""},
    {NoteKind::MetHidden, "met-hidden", std::nullopt, Severity::Fact, true, "hidden: its name begins with a dot", ""},
    {NoteKind::MetLink, "met-link", std::nullopt, Severity::Fact, true, "a link to a folder: it is not followed", "Name that folder itself"},
    {NoteKind::MetBrokenLink, "met-broken-link", std::nullopt, Severity::WorthALook, true, "a link that leads nowhere", "Mend the link"},
    {NoteKind::MetSpecial, "met-special", std::nullopt, Severity::Fact, true, "no file but a {subject}", ""},
    {NoteKind::MetUnreadable, "met-unreadable", std::nullopt, Severity::WorthALook, true, "it can't be read: {happened}", "Check its permissions"},
    {NoteKind::MetNotThere, "met-not-there", std::nullopt, Severity::WorthALook, true, "there is nothing of that name", "Check the path"},
    {NoteKind::MetTwice, "met-twice", std::nullopt, Severity::Fact, true, "the same file as {subject}", ""},
    {NoteKind::MetUnknown, "met-unknown", std::nullopt, Severity::Fact, true, "not a picture that we read", ""},
    {NoteKind::MetOurs, "met-ours", std::nullopt, Severity::Fact, true, "a copy that Keep Seal made: it is no original", ""},
    {NoteKind::OldSentence, "old-sentence", std::nullopt, Severity::WorthALook, true, "{subject}", ""},
}};
// clang-format on

constexpr bool isInOrder() {
    for (std::size_t i = 0; i < kRows.size(); ++i)
        if (static_cast<std::size_t>(kRows[i].kind) != i)
            return false;
    return true;
}
static_assert(isInOrder(), "every kind of note has its row, in the order of the kinds");

/// {name} is the argument of that name, {subject} the subject, {{ a brace.
std::map<std::string, std::string> valuesOf(const Note& note) {
    auto out = note.arguments;
    out["subject"] = note.subject;
    return out;
}

/// The row's; where that is a reason alone, the reason's own, which the other arguments fill.
std::string patternOf(const Note& note, const char* pattern) {
    const auto why = note.arguments.find("why");
    return pattern == std::string_view("{why}") && why != note.arguments.end() && note.arguments.size() > 1
               ? why->second
               : pattern;
}

std::string saidOf(const char* pattern, const Note& note) {
    auto values = valuesOf(note);
    for (auto& [name, value] : values)
        value = saidValue(name, value);
    return filledIn(said(patternOf(note, pattern)), values);
}

bool isSame(const Note& a, const Note& b) {
    return a.kind == b.kind && a.subject == b.subject;
}

} // namespace

const NoteRow& rowOf(NoteKind kind) {
    return kRows.at(static_cast<std::size_t>(kind));
}

const NoteRow* noteRow(std::string_view key) {
    for (const auto& row : kRows)
        if (key == row.key)
            return &row;
    return nullptr;
}

std::string englishOf(const Note& note) {
    return filledIn(patternOf(note, rowOf(note.kind).sentence), valuesOf(note));
}

std::string sentenceOf(const Note& note) {
    return saidOf(rowOf(note.kind).sentence, note);
}

std::string remedyOf(const Note& note) {
    return saidOf(rowOf(note.kind).remedy, note);
}

std::optional<StationId> stationOf(const Note& note) {
    return note.station ? note.station : rowOf(note.kind).station;
}

std::string wholeSentenceOf(const Note& note) {
    const auto remedy = remedyOf(note);
    return sentenceOf(note) + (remedy.empty() ? "" : ". " + remedy);
}

void addNote(Notes& notes, Note note) {
    for (auto& known : notes)
        if (isSame(known, note)) {
            known = std::move(note);
            return;
        }
    notes.push_back(std::move(note));
}

void addNotes(Notes& notes, const Notes& more) {
    for (const auto& note : more)
        addNote(notes, note);
}

bool holdsKind(const Notes& notes, NoteKind kind) {
    return std::any_of(notes.begin(), notes.end(), [&](const Note& note) { return note.kind == kind; });
}

std::size_t countOf(const Notes& notes, Severity atLeast) {
    return static_cast<std::size_t>(std::count_if(
        notes.begin(), notes.end(), [&](const Note& note) { return severityOf(note) >= atLeast; }));
}

bool isAccepted(const Note& note, const std::vector<Acceptance>& accepted) {
    return rowOf(note.kind).acceptable &&
           std::any_of(accepted.begin(), accepted.end(), [&](const Acceptance& word) {
               return word.kind == note.kind && (word.subject == "*" || word.subject == note.subject);
           });
}

Notes holdingBack(const Notes& notes, bool strict, const std::vector<Acceptance>& accepted) {
    const auto least = strict ? Severity::WorthALook : Severity::HoldsBack;
    Notes out;
    for (const auto& note : notes)
        if (severityOf(note) >= least && !isAccepted(note, accepted))
            out.push_back(note);
    return out;
}

void to_json(nlohmann::json& out, const Note& note) {
    static constexpr const char* severities[] = {"fact", "worth-a-look", "holds-back"};
    out = {{"kind", rowOf(note.kind).key},
           {"severity", severities[static_cast<int>(severityOf(note))]},
           {"sentence", englishOf(note)}};
    if (!note.subject.empty())
        out["subject"] = note.subject;
    if (!note.arguments.empty())
        out["arguments"] = note.arguments;
    if (const auto station = stationOf(note))
        out["station"] = keyOf(*station);
}

std::optional<Note> noteFromJson(const nlohmann::json& saved) {
    const auto* row = noteRow(saved.at("kind").get<std::string>());
    if (!row)
        return std::nullopt;
    Note out{row->kind, saved.value("subject", std::string{}),
             saved.value("arguments", std::map<std::string, std::string>{})};
    const auto station =
        std::find(kStationKeys.begin(), kStationKeys.end(), saved.value("station", std::string{}));
    if (station != kStationKeys.end())
        out.station = static_cast<StationId>(station - kStationKeys.begin());
    if (out.station == row->station)
        out.station.reset();
    return out;
}

nlohmann::json toJson(const Notes& notes) {
    auto out = nlohmann::json::array();
    for (const auto& note : notes)
        out.push_back(note);
    return out;
}

Notes notesFromJson(const nlohmann::json& list) {
    Notes out;
    for (const auto& saved : list)
        if (auto note = noteFromJson(saved))
            out.push_back(std::move(*note));
    return out;
}

} // namespace keepseal
