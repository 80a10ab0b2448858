// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window knows of each original: its facts, everything its file tells, and the small preview a
// camera put into it. Read in the background, each original once.
#pragma once

#include "base/problem.h"
#include "document/job_document.h"
#include "metadata/metadata.h"
#include "picture/develop.h"
#include "privacy/report.h"
#include "tasks/task_queue.h"

#include <map>
#include <optional>
#include <set>

namespace keepseal::app {

/// Immutable once made, shared between threads.
struct PictureInfo {
    std::filesystem::path path;
    std::uint64_t bytes = 0;
    FileIdentity identity;
    PictureFacts facts;
    FileReport report;
    Metadata metadata; ///< the same as fields, with an XMP file beside it
    /// Upright, in the picture's own shape; only for a first look: the camera's own, or one kept in the
    /// cache.
    std::optional<Frame> preview;
    std::optional<Problem> problem; ///< why there will be no proof and no copy
};
using PictureInfoPtr = std::shared_ptr<const PictureInfo>;

class PictureLibrary : public QObject {
    Q_OBJECT
public:
    explicit PictureLibrary(JobDocument* document, QObject* parent = nullptr);

    /// nullptr until it has been read.
    PictureInfoPtr info(OriginalId id) const;
    std::size_t known() const { return m_infos.size(); }
    /// These are read before all others.
    void prefer(const std::vector<OriginalId>& ids);
    /// What views ask of originals is done here, too: with less urgency than their facts.
    TaskQueue& queue() { return m_queue; }

signals:
    void infoReady(keepseal::app::OriginalId id);

private:
    void refresh();
    void startReading();
    void take(OriginalId id, PictureInfoPtr info);

    JobDocument* m_document;
    std::map<OriginalId, PictureInfoPtr> m_infos;
    std::vector<OriginalId> m_waiting; ///< last is read first
    std::set<OriginalId> m_reading;
    TaskQueue m_queue;
    TaskShare m_reads{&m_queue};
};

/// Reads one file; never throws.
PictureInfoPtr readInfo(const std::filesystem::path& path);

} // namespace keepseal::app
