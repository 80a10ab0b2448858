// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One original as the window knows it from the moment it has been read: small, immutable, shared between
// threads.
#pragma once

#include "base/problem.h"
#include "document/job_document.h"
#include "metadata/packed.h"
#include "picture/develop.h"
#include "privacy/verdict.h"
#include "render/stages.h"

#include <atomic>
#include <memory>
#include <optional>

namespace keepseal::app {

using MetadataPtr = std::shared_ptr<const Metadata>;

struct PictureInfo {
    std::filesystem::path path;
    std::uint64_t bytes = 0;
    FileIdentity identity;
    PictureFacts facts;
    std::optional<Problem> problem; ///< why there will be no proof and no copy
    Tells tells = Tells::Unsure;
    std::string place;          ///< as the original tells it, in one line; empty: none
    bool tellsPlace = false;    ///< also one without a line
    bool namesPlaces = false;   ///< some word in it names a place
    bool stampedBefore = false; ///< a copy of ours
    std::optional<int> rating;
    std::string takenAt;                      ///< see Metadata
    std::string words;                        ///< what a filter looks through: title, keywords and their like
    std::optional<EmbeddedPreview> previewAt; ///< the camera's own small picture
    PackedMetadata packed;                    ///< as fields, with an XMP file beside it

    /// Unpacked; the same one again while anybody holds it, or it is among the latest asked for. Any thread.
    MetadataPtr metadata() const;
    /// Of the picture in the file that such a delivery shows: the first of those it takes.
    PictureFacts factsIn(const Delivery& delivery) const { return shownFacts(facts, delivery); }

private:
    mutable std::atomic<std::weak_ptr<const Metadata>> m_unpacked;
};
using PictureInfoPtr = std::shared_ptr<const PictureInfo>;

/// Reads one file; never throws.
PictureInfoPtr readInfo(const std::filesystem::path& path);
/// A small picture for a first look, see PictureLibrary::preview(); nullptr: there is none. Never throws.
std::shared_ptr<const Frame> readPreview(const PictureInfo& info);

} // namespace keepseal::app
