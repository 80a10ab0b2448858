// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// How long work on this thread may still take: until somebody asks it to stop. Whatever waits for something
// that may take long (a picture that is read elsewhere) looks here, and ends with Problem(Stopped).
#pragma once

#include <atomic>

namespace keepseal {

/// While it lives, that flag counts for this thread, beside those set around it.
class Patience {
public:
    explicit Patience(const std::atomic<bool>& stop);
    ~Patience();
    Patience(const Patience&) = delete;
    Patience& operator=(const Patience&) = delete;
    /// Whether one of the flags of this thread is set.
    static bool isOver();

private:
    const std::atomic<bool>& m_stop;
    const Patience* m_outer;
};

} // namespace keepseal
