// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "send/words.h"

#include "base/text.h"
#include "record/ledger.h"
#include "text/tokens.h"

namespace keepseal {

std::string filledForReceiver(const std::string& text, const std::string& delivery, std::size_t pictures) {
    const TextFacts facts = {{"delivery", delivery},
                             {"count", counted(pictures, "picture", "pictures")},
                             {"date", utcNow().substr(0, 10)}};
    return fillTokens(text, facts).text;
}

} // namespace keepseal
