// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/problem.h"

namespace keepseal {

/// Why something could not be sent.
class NotSent : public Problem {
public:
    enum class Again {
        Later,      ///< by itself: a line that broke, a server that is away or full
        WhenMended, ///< somebody has to do something first
    };
    NotSent(Again again_, std::string where, Saying happened_, Saying remedy_ = {})
        : Problem(ProblemKind::CannotWrite, std::move(where), std::move(happened_), std::move(remedy_)),
          again(again_) {}
    Again again;
};

} // namespace keepseal
