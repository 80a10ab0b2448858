// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "border/border_proof.h"

#include "geometry/fit.h"
#include "proofs/frame_proof.h"
#include "render/ahead.h"

namespace keepseal::app {

BorderProof::BorderProof(Delivery delivery, PictureInfoPtr info, PictureException exception)
    : m_delivery(std::move(delivery)), m_info(std::move(info)), m_exception(std::move(exception)) {}

Delivery BorderProof::in(const BorderDesign& border) const {
    auto out = m_delivery;
    out.border = border;
    out.border.on = true;
    return out;
}

ChainPlan BorderProof::chain(const BorderDesign& border) const {
    return planChain(in(border), m_info->facts.size, m_exception.turn, m_info->facts.pixelsPerMm);
}

QImage BorderProof::image(const BorderDesign& border, Size room, With with) const {
    const auto delivery = in(border);
    const auto chain = this->chain(border);
    const auto metadata = m_info->metadata();
    const CopyAsked asked{m_info->path, m_info->facts, *metadata, delivery, m_exception, chain};
    const auto ahead = lookAhead(asked);
    Size whole = fitInside(chain.sizes.whole, room);
    if (whole.longSide() > chain.sizes.whole.longSide())
        whole = chain.sizes.whole;
    const auto stages = stagesOf(asked, ahead.words->facts, whole);
    Frame frame = base(stages.base);
    stages.finish.on(frame);
    stages.frame.on(frame);
    if (with == With::BorderAndSeal)
        stages.seal.on(frame, ahead.prepared);
    return toImage(frame, delivery.file);
}

/// Under the lock to its end: what is decoded keeps its halves as they are asked for, and is one thread's at
/// a time.
Frame BorderProof::base(const BaseStage& stage) const {
    const std::lock_guard lock(m_mutex);
    const Original original(m_info->path);
    const int shrink = decodeShrinkFor(m_info->facts, stage.wish());
    if (!m_decoded || shrink < m_shrink) {
        m_decoded = decodePicture(original, m_info->path.string(), m_info->facts, shrink);
        m_shrink = shrink;
    }
    return stage.made(original, m_info->facts, nullptr, m_decoded);
}

} // namespace keepseal::app
