// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/painted_marks.h"

namespace keepseal {

const Mask& PaintedMarks::Mark::opaque() {
    if (!opacity)
        opacity = std::make_unique<const Mask>(opacityOf(layer));
    return *opacity;
}

PaintedMarks::MarkPtr PaintedMarks::of(bool dark, const Rect& area,
                                       const std::function<void(Layer&)>& paint) {
    constexpr std::int64_t kKept = 1 << 20; // pixels
    const auto make = [&] {
        auto out = std::make_shared<Mark>();
        out->layer = Layer(area);
        paint(out->layer);
        return out;
    };
    if (std::int64_t(area.width) * area.height > kKept)
        return make();
    auto& kept = m_kept[{dark ? 1 : 0, area.x, area.y, area.width, area.height}];
    if (!kept)
        kept = make();
    return kept;
}

std::uint64_t PaintedMarks::bytes() const {
    std::uint64_t out = 0;
    for (const auto& [key, mark] : m_kept)
        out += 5 * mark->layer.argb.size(); // with its opacity
    return out;
}

} // namespace keepseal
