// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the register knows, as pages to read. Everything from files is escaped.
#pragma once

#include "recognise/history.h"
#include "recognise/what_is.h"
#include "widgets/markup.h"

namespace keepseal::app {

/// One copy, what it says, and all that left of the same original.
/// What was to leave of an original and did not; empty: nothing.
Markup heldPart(const std::vector<HeldCopy>& held);
Markup copyPage(const RegisteredCopy& copy, const std::vector<LeftCopy>& history,
                const std::vector<HeldCopy>& held);
/// What a picture that was met is, and why.
Markup answerPage(const WhatIs& answer);

} // namespace keepseal::app
