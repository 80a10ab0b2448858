// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "document/picture_library.h"

#include "document/thumbnail_cache.h"
#include "geometry/fit.h"
#include "picture/original.h"

#include <algorithm>
#include <set>

namespace keepseal::app {
namespace {

constexpr int kFacts = 10, kTidying = -10;            ///< urgency: facts come before pixels
constexpr std::uint64_t kMostThumbnails = 300U << 20; // bytes: some twenty thousand pictures

/// Cameras pad their 4:3 previews with black bars to fit any shape: the picture proper lies in the middle.
Frame withoutBars(const Frame& frame, Size shape) {
    const Size inner = fitInside(shape, frame.size);
    if (inner == frame.size)
        return frame;
    const int x0 = (frame.size.width - inner.width) / 2, y0 = (frame.size.height - inner.height) / 2;
    return cutOut(frame, {x0, y0, inner.width, inner.height});
}

std::optional<Frame> readPreview(const Original& original, const PictureInfo& info) {
    if (info.report.previews.empty())
        return std::nullopt;
    constexpr std::uint64_t kLargest = 8U << 20;
    const auto& place = info.report.previews.front();
    if (place.length > kLargest)
        return std::nullopt;
    try {
        const Bytes bytes = original.bytes(place.offset, place.length);
        const MemorySource source(bytes);
        PictureFacts facts = readFacts(source, "preview");
        const Size shown = fitInside(facts.stored, {320, 320});
        facts.orientation = info.facts.orientation; // the preview is turned like its picture
        facts.size = facts.orientation >= 5 ? Size{shown.height, shown.width} : shown;
        return withoutBars(develop(source, "preview", facts, wholePicture(facts, facts.size)),
                           info.facts.size);
    } catch (const Problem&) {
        return std::nullopt; // only a first look is lost
    }
}

} // namespace

PictureInfoPtr readInfo(const std::filesystem::path& path) {
    auto info = std::make_shared<PictureInfo>();
    info->path = path;
    try {
        const Original original(path);
        info->bytes = original.size();
        info->facts = readFacts(original, path.string());
        info->report = inspect(original);
        info->metadata = readMetadata(path, info->report);
        info->identity = original.identity();
        info->preview = readPreview(original, *info);
        if (!info->preview)
            info->preview = keptThumbnail(path, info->identity);
    } catch (const Problem& problem) {
        info->problem = problem;
    } catch (const std::exception& error) {
        info->problem = Problem(ProblemKind::Internal, path.string(), error.what());
    }
    return info;
}

PictureLibrary::PictureLibrary(JobDocument* document, QObject* parent)
    : QObject(parent), m_document(document), m_queue(std::max(2, QThread::idealThreadCount())) {
    m_reads.start<NoStep>(
        kTidying,
        [] {
            trimThumbnails(kMostThumbnails);
            return NoStep();
        },
        [](const auto&) {});
    connect(document, &JobDocument::originalsChanged, this, &PictureLibrary::refresh);
}

PictureInfoPtr PictureLibrary::info(OriginalId id) const {
    const auto found = m_infos.find(id);
    return found == m_infos.end() ? nullptr : found->second;
}

void PictureLibrary::refresh() {
    std::set<OriginalId> wanted;
    m_waiting.clear();
    for (const auto& item : m_document->originals()) {
        wanted.insert(item.id);
        if (!m_infos.contains(item.id) && !m_reading.contains(item.id))
            m_waiting.push_back(item.id);
    }
    std::reverse(m_waiting.begin(), m_waiting.end());
    // An undone removal brings the same id back, but reading again is cheap and memory is not.
    std::erase_if(m_infos, [&](const auto& entry) { return !wanted.contains(entry.first); });
    startReading();
}

void PictureLibrary::prefer(const std::vector<OriginalId>& ids) {
    for (auto it = ids.rbegin(); it != ids.rend(); ++it)
        if (const auto found = std::find(m_waiting.begin(), m_waiting.end(), *it); found != m_waiting.end())
            std::rotate(found, found + 1, m_waiting.end());
}

void PictureLibrary::startReading() {
    while (!m_waiting.empty() && m_reading.size() < static_cast<std::size_t>(m_queue.threads()) + 1) {
        const OriginalId id = m_waiting.back();
        m_waiting.pop_back();
        const auto* item = m_document->original(id);
        if (!item)
            continue;
        m_reading.insert(id);
        m_reads.start<PictureInfoPtr>(
            kFacts, [path = item->path] { return readInfo(path); },
            [this, id, path = item->path](TaskOutcome<PictureInfoPtr> outcome) {
                if (outcome.result)
                    return take(id, std::move(*outcome.result));
                auto unread = std::make_shared<PictureInfo>();
                unread->path = path;
                unread->problem = outcome.problem;
                take(id, std::move(unread));
            });
    }
}

void PictureLibrary::take(OriginalId id, PictureInfoPtr info) {
    m_reading.erase(id);
    if (m_document->original(id)) {
        m_infos[id] = std::move(info);
        emit infoReady(id);
    }
    startReading();
}

} // namespace keepseal::app
