// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "document/picture_library.h"

#include "document/thumbnail_cache.h"

#include <algorithm>

namespace keepseal::app {
namespace {

constexpr int kLooks = 20, kFacts = 10, kTidying = -10; ///< urgency: what is looked at comes first
constexpr std::uint64_t kMostThumbnails = 300U << 20;   ///< bytes: some twenty thousand pictures
constexpr std::uint64_t kMostLooks = 16U << 20;         ///< bytes of first looks in memory
constexpr std::size_t kMostTold = 8;                    ///< pictures whose file's words are kept

} // namespace

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
    const auto gone = [&](OriginalId id) { return !wanted.contains(id); };
    std::erase_if(m_infos, [&](const auto& entry) {
        if (!gone(entry.first))
            return false;
        m_byPath->remove(entry.second);
        return true;
    });
    std::erase_if(m_looks, [&](const auto& entry) { return gone(entry.first) && !entry.second.reading; });
    std::erase_if(m_told, [&](const Told& told) { return gone(told.id) && told.file; });
    startReading();
}

void PictureLibrary::prefer(const std::vector<OriginalId>& ids) {
    m_preferred = {ids.begin(), ids.end()};
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
        const bool looked = m_preferred.contains(id);
        m_reads.start<ReadPicture>(
            kFacts,
            [path = item->path, looked] {
                ReadPicture out{readInfo(path), nullptr};
                if (looked && !out.info->problem)
                    out.preview = readPreview(*out.info);
                return out;
            },
            [this, id, looked, path = item->path](TaskOutcome<ReadPicture> outcome) {
                if (!outcome.result) {
                    auto unread = std::make_shared<PictureInfo>();
                    unread->path = path;
                    unread->problem = outcome.problem;
                    return take(id, std::move(unread));
                }
                if (looked && m_document->original(id))
                    m_looks[id] = {std::move(outcome.result->preview), false, ++m_uses};
                take(id, std::move(outcome.result->info));
            });
    }
}

void PictureLibrary::take(OriginalId id, PictureInfoPtr info) {
    m_reading.erase(id);
    if (m_document->original(id)) {
        m_byPath->add(info);
        m_infos[id] = std::move(info);
        emit infoReady(id);
    }
    trimLooks();
    startReading();
}

void PictureLibrary::lookAtPage(OriginalId id, std::size_t page) {
    const auto known = info(id);
    if (!known || known->lookedAt == page)
        return;
    auto other = std::make_shared<PictureInfo>(*known);
    other->lookedAt = page;
    m_byPath->remove(known);
    m_byPath->add(other);
    m_infos[id] = std::move(other);
    emit infoReady(id);
}

std::shared_ptr<const Frame> PictureLibrary::preview(OriginalId id) {
    if (const auto known = m_looks.find(id); known != m_looks.end()) {
        known->second.lastUse = ++m_uses;
        return known->second.frame;
    }
    const auto of = info(id);
    if (!of || of->problem)
        return nullptr;
    m_looks[id] = {nullptr, true, ++m_uses};
    m_reads.start<std::shared_ptr<const Frame>>(
        kLooks, [of] { return readPreview(*of); },
        [this, id](TaskOutcome<std::shared_ptr<const Frame>> outcome) {
            takeLook(id, outcome.result.value_or(nullptr));
        });
    return nullptr;
}

void PictureLibrary::takeLook(OriginalId id, std::shared_ptr<const Frame> frame) {
    if (!m_document->original(id)) {
        m_looks.erase(id);
        return;
    }
    m_looks[id] = {std::move(frame), false, ++m_uses};
    trimLooks();
    emit previewReady(id);
}

void PictureLibrary::trimLooks() {
    const auto weight = [](const Look& look) { return look.frame ? look.frame->bytes() : 0; };
    std::uint64_t bytes = 0;
    for (const auto& [id, look] : m_looks)
        bytes += weight(look);
    while (bytes > kMostLooks) {
        const auto oldest =
            std::min_element(m_looks.begin(), m_looks.end(), [](const auto& a, const auto& b) {
                return std::pair(!a.second.frame, a.second.lastUse) <
                       std::pair(!b.second.frame, b.second.lastUse);
            });
        bytes -= weight(oldest->second);
        m_looks.erase(oldest);
    }
}

ToldPtr PictureLibrary::told(OriginalId id) {
    const auto known = std::find_if(m_told.begin(), m_told.end(), [id](const Told& t) { return t.id == id; });
    if (known != m_told.end())
        return known->file;
    const auto* item = m_document->original(id);
    if (!item)
        return nullptr;
    m_told.push_front({id, nullptr});
    if (m_told.size() > kMostTold)
        m_told.pop_back();
    m_reads.start<ToldPtr>(
        kLooks, [path = item->path] { return std::make_shared<const ToldFile>(readTold(path)); },
        [this, id, path = item->path](TaskOutcome<ToldPtr> outcome) {
            const auto at =
                std::find_if(m_told.begin(), m_told.end(), [id](const Told& t) { return t.id == id; });
            if (at == m_told.end())
                return; // others were looked at meanwhile
            at->file =
                outcome.result
                    ? std::move(*outcome.result)
                    : std::make_shared<const ToldFile>(ToldFile{path, {}, outcome.problem->happened.said()});
            emit toldReady(id);
        });
    return nullptr;
}

} // namespace keepseal::app
