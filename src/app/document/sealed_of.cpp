// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "document/sealed_of.h"

#include "document/chain_of.h"
#include "picture/original.h"

namespace keepseal::app {

SealedPicture sealedOf(const Delivery& delivery, const AskedPicture& asked) {
    const auto& info = *asked.info;
    const Original original(info.path);
    const auto facts = info.factsIn(delivery);
    const auto chain = chainOf(delivery, info, asked.exception);
    const auto metadata = info.metadata();
    const CopyAsked copy{info.path, facts, *metadata, delivery, asked.exception, chain};
    return sealedPicture(info.path.filename().string(), original, copy);
}

} // namespace keepseal::app
