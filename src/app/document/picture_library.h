// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window knows of each original. Of all of them what a wall, a filter and a plan ask for, in a few
// kB; everything a file tells, and its first look, is read again when a person looks at it, and kept for the
// latest.
#pragma once

#include "document/decoded_pictures.h"
#include "document/kept_bytes.h"
#include "document/known_pictures.h"
#include "privacy/verdict.h"
#include "tasks/task_queue.h"

#include <deque>
#include <map>
#include <set>

namespace keepseal::app {

/// Everything a file tells, as it was when it was last looked at; shared, never changed.
using ToldPtr = std::shared_ptr<const ToldFile>;

class PictureLibrary : public QObject {
    Q_OBJECT
public:
    explicit PictureLibrary(JobDocument* document, QObject* parent = nullptr);

    /// nullptr until it has been read.
    PictureInfoPtr info(OriginalId id) const;
    /// Another of the pages that are taken of its file, wherever it is shown; see PictureInfo::lookedAt.
    void lookAtPage(OriginalId id, std::size_t page);
    std::size_t known() const { return m_infos.size(); }
    /// The same for work in the background.
    const std::shared_ptr<const KnownPictures>& forBackground() const { return m_shared; }
    /// These are read before all others, with their first looks.
    void prefer(const std::vector<OriginalId>& ids);
    /// A small picture for a first look: the camera's own, or one kept in the cache; upright, in the
    /// picture's own shape. nullptr: there is none, or it is being read: see previewReady().
    std::shared_ptr<const Frame> preview(OriginalId id);
    /// nullptr while it is being read: see toldReady().
    ToldPtr told(OriginalId id);
    /// The pictures that are looked at, as decoded: for all views, and for work in the background.
    const std::shared_ptr<DecodedPictures>& decoded() const { return m_decoded; }
    /// The bound on what all views keep.
    KeptBytes& keptBytes() { return m_keptBytes; }
    /// What views ask of originals is done here, too: with less urgency than their facts.
    TaskQueue& queue() { return m_queue; }

signals:
    void infoReady(keepseal::app::OriginalId id);
    void previewReady(keepseal::app::OriginalId id);
    void toldReady(keepseal::app::OriginalId id);

private:
    /// A first look; nullptr: there is none.
    struct Look {
        std::shared_ptr<const Frame> frame;
        bool reading = false;
        quint64 lastUse = 0;
    };
    struct ReadPicture {
        PictureInfoPtr info;
        std::shared_ptr<const Frame> preview;
    };
    void refresh();
    void startReading();
    void take(OriginalId id, PictureInfoPtr info);
    void takeLook(OriginalId id, std::shared_ptr<const Frame> frame);
    void trimLooks();

    JobDocument* m_document;
    std::map<OriginalId, PictureInfoPtr> m_infos;
    const std::shared_ptr<KnownPictures> m_byPath = std::make_shared<KnownPictures>();
    const std::shared_ptr<const KnownPictures> m_shared = m_byPath;
    std::vector<OriginalId> m_waiting; ///< last is read first
    std::set<OriginalId> m_reading;
    std::set<OriginalId> m_preferred;
    std::map<OriginalId, Look> m_looks;
    quint64 m_uses = 0;
    struct Told {
        OriginalId id = 0;
        ToldPtr file; ///< nullptr: being read
    };
    std::deque<Told> m_told; ///< the latest first
    const std::shared_ptr<DecodedPictures> m_decoded = std::make_shared<DecodedPictures>();
    KeptBytes m_keptBytes;
    TaskQueue m_queue;
    TaskShare m_reads{&m_queue};
};

} // namespace keepseal::app
