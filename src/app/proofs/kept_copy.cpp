// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "proofs/kept_copy.h"

namespace keepseal::app {

FinishedCopy finishedFromKept(DecodedPictures& decoded, const CopyAsked& asked, const CopyAhead& ahead) {
    const Original original(asked.original);
    FinishedCopy out;
    decoded.with(original, asked.facts, decodeShrinkFor(asked.facts, baseOf(asked).wish()),
                 [&](const DecodedPtr& picture) {
                     out = finishedCopy(original, asked, ahead, {picture, {}});
                 });
    return out;
}

} // namespace keepseal::app
