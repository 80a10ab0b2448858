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

/// What was unpacked last; a copy begins without.
class UnpackedOnce {
public:
    UnpackedOnce() = default;
    UnpackedOnce(const UnpackedOnce&) {}
    UnpackedOnce& operator=(const UnpackedOnce&) = delete;
    MetadataPtr get() const { return m_unpacked.load().lock(); }
    void keep(const MetadataPtr& made) { m_unpacked.store(made); }

private:
    std::atomic<std::weak_ptr<const Metadata>> m_unpacked;
};

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
    std::size_t lookedAt =
        0; ///< which of the pages taken of its file a person looks at; past the last: that one

    /// Unpacked; the same one again while anybody holds it, or it is among the latest asked for. Any thread.
    MetadataPtr metadata() const;
    /// Of the page in the file that is looked at, of those such a delivery takes.
    PictureFacts factsIn(const Delivery& delivery) const;

private:
    mutable UnpackedOnce m_unpacked;
};
using PictureInfoPtr = std::shared_ptr<const PictureInfo>;

/// Reads one file; never throws.
PictureInfoPtr readInfo(const std::filesystem::path& path);
/// A small picture for a first look, see PictureLibrary::preview(); nullptr: there is none. Never throws.
std::shared_ptr<const Frame> readPreview(const PictureInfo& info);

} // namespace keepseal::app
