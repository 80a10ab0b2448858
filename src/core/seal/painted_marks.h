// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What trials of one seal share: its mark, painted once. Internal to seal/.
#pragma once

#include "picture/mix.h"
#include "seal/effects_kept.h"

#include <array>
#include <functional>
#include <map>
#include <memory>

namespace keepseal {

/// Marks of one seal and placement as they were painted: neither halo nor plate changes them, and trials ask
/// for several of these.
class PaintedMarks {
public:
    struct Mark {
        Layer layer;
        std::unique_ptr<const Mask> opacity; ///< null until it was asked for
        const Mask& opaque();
    };
    using MarkPtr = std::shared_ptr<Mark>;
    /// `paint` fills a layer of this area. Large ones are not kept.
    MarkPtr of(bool dark, const Rect& area, const std::function<void(Layer&)>& paint);
    /// About what is kept in memory.
    std::uint64_t bytes() const;

private:
    std::map<std::array<int, 5>, MarkPtr> m_kept;
};

} // namespace keepseal
