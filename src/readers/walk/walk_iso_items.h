// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The items of an ISO picture file (ISO 14496-12, 8.11): what kinds there are and where their bytes lie.
#pragma once

#include "walk/walk.h"

#include <map>
#include <memory>

namespace keepseal::walk {

/// Bytes put together from several places, alive as long as this is.
using KeptBytes = std::vector<std::pair<std::unique_ptr<Bytes>, std::unique_ptr<MemorySource>>>;

struct IsoItem {
    std::uint32_t id = 0;
    std::string type, name, contentType;
    bool isPicture() const;
    bool isXmp() const { return type == "mime" && contentType == "application/rdf+xml"; }
};

struct IsoItems {
    std::vector<IsoItem> infos;
    std::set<std::uint32_t> previews; ///< items that are a smaller picture of another
    Stretch data;                     ///< the item data box, for items that lie in it

    void readInfos(const Stretch& payload);
    void readPlaces(const Stretch& payload);
    void readReferences(const Stretch& payload);
    /// An item's bytes: a stretch of `file` where they lie together, else put together in `kept`.
    Stretch bytesOf(std::uint32_t id, const Stretch& file, KeptBytes& kept) const;
    /// Parts of the file that belong to items, in order.
    std::vector<std::pair<std::uint64_t, std::uint64_t>> covered() const;

private:
    struct Place {
        bool inItemData = false;
        std::vector<std::pair<std::uint64_t, std::uint64_t>> extents; ///< offset and length
    };
    std::map<std::uint32_t, Place> m_places;
};

} // namespace keepseal::walk
