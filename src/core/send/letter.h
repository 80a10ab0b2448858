// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Letters: copies, or a contact sheet of them, on e-mails. What a person is shown is what goes: both are made
// here from the same items.
#pragma once

#include "base/byte_source.h"
#include "send/outbox.h"

namespace keepseal {

/// One e-mail. Its words are those of the settings, with tokens filled in.
struct Letter {
    std::vector<OutboxItem> items; ///< the copies it is about, in order
    SendingSettings to;
    std::vector<std::string> receivers;
    std::string subject, words;
    std::vector<std::string> attached; ///< names, as the receiver sees them
    std::uint64_t bytes = 0;           ///< as it is sent, about; of a contact sheet nothing is known before
};

/// What these items make up: one letter for each delivery and receiver, or as many as keep to its limit. All
/// items of a letter have the same settings. A copy that is too large for any letter is alone in one.
std::vector<Letter> lettersOf(const std::vector<OutboxItem>& items);
/// The same settings with words that a person typed as they are to stand there, and not as designs with
/// tokens.
SendingSettings withTyped(SendingSettings to, const std::string& receivers, const std::string& subject,
                          const std::string& words);
/// Whether it keeps to the limit of its settings.
bool fits(const Letter& letter);

/// A Message-ID (RFC 5322, 3.6.4) that no other letter has, without its angle brackets.
std::string newMessageId(const Letter& letter);
/// All of it as it is sent (RFC 5322 and MIME, RFC 2045 to 2047 and 2231; lines end in CR LF). Reads the
/// copies, which must have the bytes their run made. Throws NotSent, Problem.
Bytes messageOf(const Letter& letter, const std::string& messageId, const std::atomic<bool>& stop);

} // namespace keepseal
