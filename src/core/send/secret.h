// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Passwords and passphrases: asked for when something is sent, and kept nowhere of ours.
#pragma once

#include "delivery/sending.h"

#include <string>

namespace keepseal {

/// Empty: there is none, where none need be (a key without a passphrase). Throws NotSent, naming where it was
/// looked for, never what was found.
std::string secretFor(const SendingSettings& to);
/// Into the desktop's secret store (freedesktop's Secret Service, through libsecret). Throws NotSent.
void storeSecret(const SendingSettings& to, const std::string& secret);

} // namespace keepseal
