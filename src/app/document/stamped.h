// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace keepseal::app {

/// What came of a picture in the run at work, or in the last one: the weightiest of its copies.
enum class Stamped { Made, HeldBack, Failed };

} // namespace keepseal::app
