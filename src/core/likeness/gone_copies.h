// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures of copies that don't lie anywhere any more, to be told apart from the others of the same picture:
// drawn out of what is kept of their seals.
#pragma once

#include "likeness/sealed_part.h"

#include <map>

namespace keepseal {

class GoneCopies {
public:
    /// `small`: the picture as it is kept. `original`: the whole of it as it lies; empty: it does not. One
    /// that was turned or cut for its copies is not drawn on.
    GoneCopies(Frame small, Frame original);
    /// What is kept of a copy's seal; without pixels: it has none.
    void add(std::size_t copy, SealedPart part, bool gone);

    /// Whether its picture is drawn: of those that are gone and, where there is nothing better to draw on
    /// than the small picture, of all. That one lacks the fine drawing of a copy that lies there: held
    /// against each other they would differ everywhere.
    bool drawn(std::size_t copy) const;
    /// Those that are not drawn are of no use beside them.
    bool onlyDrawn() const { return m_any && !m_onOriginal; }
    Frame frameOf(std::size_t copy) const;
    /// The picture with nothing on it, at least where the seals of `copies` lie; empty: nobody knows it.
    const Frame& plain(std::size_t copies) const {
        const bool drawn = onlyDrawn() || (m_original.size.empty() && m_copies.size() == copies);
        return drawn ? m_ground : m_original;
    }

private:
    struct Known {
        SealedPart part;
        bool gone;
    };
    Frame m_original, m_ground; ///< `m_ground`: what is drawn on
    bool m_onOriginal = false, m_any = false;
    std::map<std::size_t, Known> m_copies;
};

} // namespace keepseal
