// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// All of an original's metadata in one model, read from Exif, XMP (chained packets too), IIM, PNG text and an
// XMP file beside the original. Where they disagree the Metadata Working Group's guidelines (2.0, chapter 3)
// decide: Exif first; then IIM when its digest says that another program changed it, or when XMP says
// nothing; else XMP. A sidecar file is newer than what is inside and comes before all. Disagreements and odd
// encodings are told in `notes`.
#pragma once

#include "base/note.h"
#include "metadata/fields.h"
#include "picture/original.h"
#include "text/tokens.h"

#include <filesystem>
#include <optional>

namespace keepseal {

struct Metadata {
    FieldValues fields;
    std::vector<ExifValue> exif; ///< the picture's own tags, by privacy category writable again
    std::map<std::string, std::string> history; ///< simple XMP properties of its editing history
    std::string takenAt;                        ///< "2026-05-01T10:20:30", local time; empty: not told
    std::string takenOffset;                    ///< "+02:00"; empty: not told
    std::string camera, serial;                 ///< model; the body's serial number
    std::string label;                          ///< XMP Label, as a person typed or chose it
    std::optional<int> rating;                  ///< -1 (rejected) to 5
    std::optional<GeoPoint> point;
    std::vector<std::string> placeNames; ///< every word that names a place somewhere in the file, each once
    Notes notes;                         ///< what a person should know of it
    std::filesystem::path sidecar;       ///< empty: there is none

    const FieldValue& field(std::string_view key) const;
};

/// From what the file tells. `iimDigest` as read by inspect().
Metadata metadataFrom(const FileReport& report);
/// The same with what an XMP file beside it says on top.
Metadata metadataFrom(const FileReport& report, const FileReport& sidecar, const std::filesystem::path& path);

/// "marsh.xmp" or "marsh.jpg.xmp" beside "marsh.jpg", the longer name first; empty when there is none.
std::filesystem::path sidecarOf(const std::filesystem::path& original);
/// Reads the sidecar as well, if there is one. Never throws: one that can't be read is a note.
Metadata readMetadata(const std::filesystem::path& original, const FileReport& report);

/// Values for tokens in texts, by what the metadata says. See text/tokens.h.
TextFacts factsForTokens(const std::filesystem::path& original, const Metadata& metadata);
/// The same and more, for names of copies: parts of date and time, the rating, every field that a person may
/// write by its key, as typed for this picture where it was. No place is among them.
TextFacts nameFacts(const std::filesystem::path& original, const Metadata& metadata,
                    const FieldValues& typed = {});

} // namespace keepseal
