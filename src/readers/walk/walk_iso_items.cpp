// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "walk/walk_iso_items.h"

#include <algorithm>

namespace keepseal::walk {
namespace {

constexpr std::size_t kMaxTable = 4U << 20, kMaxItems = 20'000;

/// Reads numbers one after another; behind the end all are 0 and `good` is false.
class Reader {
public:
    explicit Reader(Bytes bytes) : m_bytes(std::move(bytes)) {}
    bool good() const { return m_good; }
    std::size_t at() const { return m_at; }
    std::uint64_t take(int count) {
        if (m_at + static_cast<std::size_t>(count) > m_bytes.size()) {
            m_good = false;
            return 0;
        }
        const auto value = number(m_bytes, m_at, count);
        m_at += static_cast<std::size_t>(count);
        return value;
    }
    std::string letters(std::size_t count) {
        if (m_at + count > m_bytes.size()) {
            m_good = false;
            return {};
        }
        const auto out = std::string(textOf(m_bytes).substr(m_at, count));
        m_at += count;
        return out;
    }
    std::string untilZero(std::size_t end) {
        const auto rest =
            textOf(m_bytes).substr(0, std::min(end, m_bytes.size())).substr(std::min(m_at, end));
        const auto out = std::string(rest.substr(0, rest.find('\0')));
        m_at += std::min(out.size() + 1, rest.size());
        return out;
    }
    void jump(std::size_t to) { m_at = std::min(to, m_bytes.size()); }

private:
    Bytes m_bytes;
    std::size_t m_at = 0;
    bool m_good = true;
};

} // namespace

bool IsoItem::isPicture() const {
    for (const char* known : {"hvc1", "hvc2", "av01", "avc1", "jpeg", "grid", "iden", "iovl", "tmap", "vvc1",
                              "j2k1", "unci", "lhv1"})
        if (type == known)
            return true;
    return false;
}

void IsoItems::readInfos(const Stretch& payload) {
    Reader in(payload.bytes(0, kMaxTable));
    const auto version = in.take(1);
    in.take(3);
    const auto count = std::min<std::uint64_t>(in.take(version == 0 ? 2 : 4), kMaxItems);
    for (std::uint64_t i = 0; i < count && in.good(); ++i) {
        const auto start = in.at();
        const auto size = in.take(4);
        if (in.letters(4) != "infe" || size < 12)
            return;
        const auto end = start + static_cast<std::size_t>(size);
        const auto entryVersion = in.take(1);
        in.take(3);
        IsoItem item;
        item.id = static_cast<std::uint32_t>(in.take(entryVersion >= 3 ? 4 : 2));
        in.take(2); // protection
        if (entryVersion >= 2)
            item.type = in.letters(4);
        item.name = in.untilZero(end);
        if (item.type == "mime" || entryVersion < 2)
            item.contentType = in.untilZero(end);
        if (in.good())
            infos.push_back(std::move(item));
        in.jump(end);
    }
}

void IsoItems::readPlaces(const Stretch& payload) {
    Reader in(payload.bytes(0, kMaxTable));
    const auto version = in.take(1);
    in.take(3);
    const auto sizes = in.take(2);
    const int offsetSize = static_cast<int>(sizes >> 12 & 15), lengthSize = static_cast<int>(sizes >> 8 & 15),
              baseSize = static_cast<int>(sizes >> 4 & 15);
    const int indexSize = version >= 1 ? static_cast<int>(sizes & 15) : 0;
    if (std::max({offsetSize, lengthSize, baseSize, indexSize}) > 8)
        return;
    const auto count = std::min<std::uint64_t>(in.take(version < 2 ? 2 : 4), kMaxItems);
    std::size_t total = 0;
    for (std::uint64_t i = 0; i < count && in.good(); ++i) {
        const auto id = static_cast<std::uint32_t>(in.take(version < 2 ? 2 : 4));
        Place place;
        if (version >= 1)
            place.inItemData = (in.take(2) & 15) == 1;
        in.take(2); // data reference
        const auto base = in.take(baseSize);
        const auto extents = in.take(2);
        for (std::uint64_t e = 0; e < extents && in.good() && ++total < kMaxItems; ++e) {
            in.take(indexSize);
            const auto offset = in.take(offsetSize);
            const auto length = in.take(lengthSize);
            if (offset <= UINT64_MAX / 4 && base <= UINT64_MAX / 4 && length <= UINT64_MAX / 4)
                place.extents.emplace_back(base + offset, length);
        }
        m_places.emplace(id, std::move(place));
    }
}

void IsoItems::readReferences(const Stretch& payload) {
    Reader in(payload.bytes(0, kMaxTable));
    const int idSize = in.take(1) == 0 ? 2 : 4;
    in.take(3);
    while (in.good() && previews.size() < kMaxItems) {
        const auto start = in.at();
        const auto size = in.take(4);
        const auto type = in.letters(4);
        if (!in.good() || size < 12)
            return;
        if (type == "thmb")
            previews.insert(static_cast<std::uint32_t>(in.take(idSize)));
        in.jump(start + static_cast<std::size_t>(size));
        if (in.at() <= start)
            return;
    }
}

Stretch IsoItems::bytesOf(std::uint32_t id, const Stretch& file, KeptBytes& kept) const {
    const auto found = m_places.find(id);
    if (found == m_places.end() || found->second.extents.empty())
        return {file.source, file.begin, 0, file.budget};
    const auto& place = found->second;
    const Stretch ground = place.inItemData && data.source ? data : file;
    const auto part = [&](const auto& extent) {
        // A length of 0 means all there is.
        return ground.part(extent.first, extent.second ? extent.second : ground.length);
    };
    if (place.extents.size() == 1)
        return part(place.extents.front());
    auto together = std::make_unique<Bytes>();
    for (const auto& extent : place.extents) {
        const Bytes more = part(extent).bytes(0, kMaxBlock);
        if (!file.budget || !file.budget->unpackBytes(more.size()))
            break;
        together->insert(together->end(), more.begin(), more.end());
    }
    auto source = std::make_unique<MemorySource>(*together);
    const Stretch out{source.get(), 0, together->size(), file.budget};
    kept.emplace_back(std::move(together), std::move(source));
    return out;
}

std::vector<std::pair<std::uint64_t, std::uint64_t>> IsoItems::covered() const {
    std::vector<std::pair<std::uint64_t, std::uint64_t>> out;
    for (const auto& [id, place] : m_places)
        if (!place.inItemData)
            for (const auto& [offset, length] : place.extents)
                out.emplace_back(offset, length ? offset + length : UINT64_MAX);
    std::sort(out.begin(), out.end());
    return out;
}

} // namespace keepseal::walk
