// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "document/picture_info.h"

#include "document/thumbnail_cache.h"
#include "geometry/fit.h"
#include "picture/original.h"
#include "plan/stamped.h"

#include <array>
#include <mutex>
#include <set>
#include <sstream>

namespace keepseal::app {
namespace {

constexpr Size kLook{320, 320}; ///< pixels

/// Cameras pad their 4:3 previews with black bars to fit any shape: the picture proper lies in the middle.
Frame withoutBars(const Frame& frame, Size shape) {
    const Size inner = fitInside(shape, frame.size);
    if (inner == frame.size)
        return frame;
    const int x0 = (frame.size.width - inner.width) / 2, y0 = (frame.size.height - inner.height) / 2;
    return cutOut(frame, {x0, y0, inner.width, inner.height});
}

std::optional<Frame> camerasOwnLook(const Original& original, const PictureInfo& info) {
    constexpr std::uint64_t kLargest = 8U << 20;
    if (!info.previewAt || info.previewAt->length > kLargest)
        return std::nullopt;
    try {
        const Bytes bytes = original.bytes(info.previewAt->offset, info.previewAt->length);
        const MemorySource source(bytes);
        PictureFacts facts = readFacts(source, "preview");
        const Size shown = fitInside(facts.stored, kLook);
        facts.orientation = info.facts.orientation; // the preview is turned like its picture
        facts.size = facts.orientation >= 5 ? Size{shown.height, shown.width} : shown;
        return withoutBars(develop(source, "preview", facts, wholePicture(facts, facts.size)),
                           info.facts.size);
    } catch (const Problem&) {
        return std::nullopt; // only a first look is lost
    }
}

/// Each word once: filters look for words, in any order, and captions are long.
std::string wordsForFilters(const Metadata& metadata) {
    std::set<std::string> words;
    for (const auto* key : {"title", "headline", "description", "keywords", "event"}) {
        std::istringstream text(metadata.field(key).typed());
        for (std::string word; text >> word;)
            words.insert(std::move(word));
    }
    std::string out;
    for (const auto& word : words)
        out += word + "\n";
    out.shrink_to_fit();
    return out;
}

void takeReport(PictureInfo& info, const FileReport& report) {
    info.tells = tellsOf(report);
    info.place = report.placeText();
    info.tellsPlace = report.tellsPlace();
    info.stampedBefore = copyMarkIn(report).has_value();
    if (!report.previews.empty())
        info.previewAt = report.previews.front();
}

void takeMetadata(PictureInfo& info, const Metadata& metadata) {
    info.namesPlaces = !metadata.placeNames.empty();
    info.rating = metadata.rating;
    info.takenAt = metadata.takenAt;
    info.words = wordsForFilters(metadata);
    info.packed = PackedMetadata(metadata);
}

/// Holds the latest that were unpacked: a wall's worth is asked for at each step of a slider.
class Latest {
public:
    void keep(MetadataPtr metadata) {
        const std::lock_guard lock(m_mutex);
        m_held[m_next++ % m_held.size()].swap(metadata);
    }

private:
    std::mutex m_mutex;
    std::array<MetadataPtr, 256> m_held;
    std::size_t m_next = 0;
};

Latest& latestUnpacked() {
    static Latest latest;
    return latest;
}

} // namespace

MetadataPtr PictureInfo::metadata() const {
    if (auto known = m_unpacked.get())
        return known;
    auto made = std::make_shared<const Metadata>(packed.unpacked());
    m_unpacked.keep(made);
    latestUnpacked().keep(made);
    return made;
}

PictureFacts PictureInfo::factsIn(const Delivery& delivery) const {
    const auto& turn = delivery.turn;
    const auto taken = pagesTaken(turn.pages, turn.somePages, facts.pages);
    if (taken.empty())
        return shownFacts(facts, delivery);
    return factsFor(facts, turn.reading(taken[std::min(lookedAt, taken.size() - 1)]));
}

PictureInfoPtr readInfo(const std::filesystem::path& path) {
    auto info = std::make_shared<PictureInfo>();
    info->path = path;
    try {
        const Original original(path);
        info->bytes = original.size();
        info->identity = original.identity();
        info->facts = readFacts(original, path.string());
        const auto report = inspect(original);
        takeReport(*info, report);
        takeMetadata(*info, readMetadata(path, report));
    } catch (const Problem& problem) {
        info->problem = problem;
    } catch (const std::exception& error) {
        info->problem = Problem(ProblemKind::Internal, path.string(), error.what());
    }
    return info;
}

std::shared_ptr<const Frame> readPreview(const PictureInfo& info) {
    try {
        std::optional<Frame> frame;
        if (info.previewAt)
            frame = camerasOwnLook(Original(info.path), info);
        if (!frame)
            frame = keptThumbnail(info.path, info.identity);
        return frame ? std::make_shared<const Frame>(std::move(*frame)) : nullptr;
    } catch (const std::exception&) {
        return nullptr;
    }
}

} // namespace keepseal::app
