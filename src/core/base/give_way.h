// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Long work in the background gives way to what a person is waiting for: it gets the processor when nobody
// else wants it.
#pragma once

namespace keepseal {

/// From now on this thread, those it starts, and the processes that read pictures for them. Can't be taken
/// back: for threads that do nothing else.
void giveWay();
/// Whether this thread does.
bool givesWay();
/// The same for another process of ours, by its number.
void letGiveWay(int process);

} // namespace keepseal
