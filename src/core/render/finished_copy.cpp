// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/finished_copy.h"

namespace keepseal {

FinishedCopy finishedCopy(const Original& original, const PictureFacts& facts, const Metadata& metadata,
                          const Delivery& delivery, const ChainPlan& chain, const PictureException& exception,
                          const PreparedPtr& prepared, const DecodedPtr& decoded) {
    FinishedCopy out;
    std::string warning;
    out.frame = renderBase(original, original.path().string(), facts, delivery, chain, chain.sizes.whole,
                           &warning, decoded);
    original.requireUnchanged();
    finishPicture(delivery, chain, grainSeed(original.path()), out.frame);
    out.words = pictureWords(original.path(), metadata, facts.size, delivery, exception.words);
    FinishContext context;
    context.seal.exception = &exception.seal;
    context.facts = out.words.facts;
    if (!dependsOnPicture(delivery.seal))
        context.prepared = prepared;
    const auto finished = finishFrame(delivery, chain, out.frame, context);
    if (!warning.empty())
        out.warnings.push_back(warning);
    for (const auto& more : {chain.warnings(), finished.warnings(delivery)})
        out.warnings.insert(out.warnings.end(), more.begin(), more.end());
    out.readability = finished.seal.readability;
    return out;
}

} // namespace keepseal
