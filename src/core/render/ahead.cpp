// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/ahead.h"

#include "base/problem.h"
#include "formats/output_format.h"
#include "render/encode.h"
#include "render/untouched_copy.h"

namespace keepseal {
namespace {

void tellProfile(Notes& notes, const FileSettings& settings) {
    try {
        outputSpace(settings);
    } catch (const Problem& problem) {
        addNote(notes, {NoteKind::ProfileMissing, settings.profile, {{"happened", problem.happened}}});
    }
}

void tellPages(Notes& notes, const PictureFacts& facts, const TurnSettings& turn) {
    const auto count = std::to_string(facts.pages);
    if (facts.pages <= 1)
        return;
    if (turn.pages == PagesTaken::First)
        return addNote(notes, {NoteKind::FurtherPages, {}, {{"count", count}}});
    addNote(notes,
            {NoteKind::PageTaken, {}, {{"page", std::to_string(facts.reading.page + 1)}, {"count", count}}});
    if (facts.pages > kMostPages)
        addNote(notes, {NoteKind::PagesLeft, {}, {{"count", count}, {"most", std::to_string(kMostPages)}}});
}

void tellOriginal(Notes& notes, const PictureFacts& facts, const TurnSettings& turn) {
    if (facts.colour == "CMYK" && !facts.hasProfile)
        addNote(notes, {NoteKind::CmykWithoutProfile, {}, {}});
    if (facts.container != Container::CameraRaw)
        return tellPages(notes, facts, turn);
    if (facts.reading.raw == RawPicture::Cameras)
        addNote(notes, {NoteKind::CamerasPicture,
                        std::to_string(facts.size.width) + " x " + std::to_string(facts.size.height),
                        {}});
    else
        addNote(
            notes,
            {turn.raw == RawPicture::Cameras ? NoteKind::NoCamerasPicture : NoteKind::RawDeveloped, {}, {}});
}

/// The most that any of its formats loses at the edges.
double cutOffOf(const FileSettings& file, double pixelsPerMm) {
    double out = 0;
    for (const auto* format : file.formats())
        if (format->cutOff)
            out = std::max(out, format->cutOff(OwnValues(format->settings, file.own), pixelsPerMm));
    return out;
}

/// Nothing is said twice over: seal and caption hold the same emblem, the same studio.
void tellRights(Notes& notes, const AppliedRights& applied) {
    for (auto note : applied.notes()) {
        if (note.kind == NoteKind::WhoUnset)
            note.station = StationId::Rights;
        addNote(notes, std::move(note));
    }
}

} // namespace

CopyAhead lookAhead(const CopyAsked& asked, const PreparedPtr& prepared, PictureWordsPtr words) {
    const auto& delivery = asked.delivery;
    CopyAhead out;
    out.words = words
                    ? std::move(words)
                    : std::make_shared<const PictureWords>(pictureWords(
                          asked.original, asked.metadata, asked.facts.size, delivery, asked.exception.words));
    out.prepared = prepared && !dependsOnPicture(delivery.seal)
                       ? prepared
                       : prepareSeal(delivery.seal, out.words->facts);
    tellOriginal(out.notes, asked.facts, delivery.turn);
    addNotes(out.notes, asked.metadata.notes);
    addNotes(out.notes, asked.chain.notes());
    tellRights(out.notes, out.words->applied);
    const auto border = borderAhead(delivery.border, asked.chain.ground, out.words->facts);
    addNotes(out.notes, border.notes);
    const auto& whole = asked.chain.sizes.whole;
    addNotes(out.notes,
             sealNotes(*out.prepared, pictureIn(asked.chain.ground, whole), whole,
                       {1, asked.chain.printPerMm, border.words}, &asked.exception.seal,
                       pictureSeed(asked.original), cutOffOf(delivery.file, asked.chain.pixelsPerMm)));
    tellProfile(out.notes, delivery.file);
    return out;
}

Notes notesOfFile(const CopyAsked& asked, const PictureWords& words, const std::string& format,
                  const std::string& fileName) {
    Notes out;
    if (const auto note = limitNote(outputFormat(format), asked.chain.sizes.whole))
        addNote(out, *note);
    if (const auto note = encodedAnewNote(asked, format))
        addNote(out, *note);
    addNotes(out, wordNotes(words, asked.metadata, asked.delivery, fileName));
    return out;
}

} // namespace keepseal
