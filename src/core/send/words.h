// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Words that go with what is sent: of a letter, of an album.
#pragma once

#include <string>

namespace keepseal {

/// {delivery}, {count} and {date} of a text whose tokens of who you are are filled in already.
std::string filledForReceiver(const std::string& text, const std::string& delivery, std::size_t pictures);

} // namespace keepseal
