// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "border/border_proof.h"

#include "document/chain_of.h"
#include "geometry/fit.h"
#include "proofs/frame_proof.h"
#include "render/ahead.h"

namespace keepseal::app {

BorderProof::BorderProof(Delivery delivery, PictureInfoPtr info, PictureException exception,
                         std::shared_ptr<DecodedPictures> decoded)
    : m_delivery(std::move(delivery)), m_info(std::move(info)), m_exception(std::move(exception)),
      m_decoded(std::move(decoded)) {}

Delivery BorderProof::in(const BorderDesign& border) const {
    auto out = m_delivery;
    out.border = border;
    out.border.on = true;
    return out;
}

ChainPlan BorderProof::chain(const BorderDesign& border) const {
    return chainOf(in(border), *m_info, m_exception);
}

QImage BorderProof::image(const BorderDesign& border, Size room, With with) const {
    const auto delivery = in(border);
    const auto chain = this->chain(border);
    const auto metadata = m_info->metadata();
    const CopyAsked asked{m_info->path, m_info->factsIn(delivery), *metadata, delivery, m_exception, chain};
    const auto ahead = lookAhead(asked);
    Size whole = fitInside(chain.sizes.whole, room);
    if (whole.longSide() > chain.sizes.whole.longSide())
        whole = chain.sizes.whole;
    const auto stages = stagesOf(asked, ahead.words->facts, whole);
    Frame frame = m_decoded->developed(Original(m_info->path), asked.facts, stages.base.wish());
    stages.finish.on(frame);
    stages.frame.on(frame);
    if (with == With::BorderAndSeal)
        stages.seal.on(frame, ahead.prepared);
    return toImage(frame, delivery.file);
}

} // namespace keepseal::app
