// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Hands a letter to the server that takes mail from its person (SMTP, RFC 5321), through libcurl. Encrypted
// before the login and the letter (STARTTLS, RFC 3207; from the beginning on port 465, RFC 8314), or not at
// all.
#pragma once

#include "base/byte_source.h"
#include "delivery/sending.h"
#include "send/not_sent.h"

#include <atomic>

namespace keepseal {

/// Logs in and leaves again; no letter is sent. Throws NotSent.
void tryLetterLogin(const SendingSettings& to, const std::string& secret, const std::atomic<bool>& stop);

/// What became of it where this throws NotSent: `mayHaveArrived` is true once all of it was handed over and
/// no answer came.
void postLetter(const SendingSettings& to, const std::string& secret,
                const std::vector<std::string>& receivers, const Bytes& message,
                const std::atomic<bool>& stop, bool& mayHaveArrived);

} // namespace keepseal
