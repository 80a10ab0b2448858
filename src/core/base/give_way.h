// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Long work in the background gives way to what a person is waiting for: it gets the processor when nobody
// else wants it.
#pragma once

#include <functional>

namespace keepseal {

/// From now on this thread, those it starts, and the processes that read pictures for them. Can't be taken
/// back: for threads that do nothing else.
void giveWay();
/// Whether this thread does.
bool givesWay();
/// The same for another process of ours, by its number.
void letGiveWay(int process);

/// While one of these lives, what gives way stands still: a person's hand is moving, and shall have all of
/// the machine. The processes that read pictures for such threads are halted, and none of these threads is
/// given another. Standing still counts for nobody's limits of time; what is asked to stop still stops. Any
/// thread; never waits for work.
class Standstill {
public:
    Standstill();
    ~Standstill();
    Standstill(const Standstill&) = delete;
    Standstill& operator=(const Standstill&) = delete;
    static bool now();
    /// Who halts those processes: called with true when the first begins, false when the last one ends. One
    /// in a program; nullptr: nobody. Not to be called by the follower.
    static void setFollower(std::function<void(bool still)> follower);
};

/// Between pieces of long work, where nothing is locked that others want: a thread that gives way waits here
/// while it is to stand still, and goes on when it is asked to stop (see Patience). Costs others nothing.
void standAside();

} // namespace keepseal
