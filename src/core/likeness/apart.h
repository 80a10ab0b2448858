// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Which of several copies of one picture a met one is: told by what stands on them and not on the others.
#pragma once

#include "likeness/compare.h"

#include <functional>
#include <optional>

namespace keepseal {

struct ToldApart {
    std::optional<std::size_t> likeliest; ///< of the copies; empty: nothing speaks for one of them
    /// Something is seen on it that stands on this copy and on none of the others. Never by what is missing:
    /// that may have been painted out.
    bool certain = false;
    std::size_t compared = 0; ///< copies that were there, and could be laid under it
};

/// Pixels of a copy, 8 bits, about `longSide` on its long side or all it has; empty: it is not there.
using CopyPixelsOf = std::function<Frame(std::size_t copy, int longSide)>;
/// `met` is known to be one of this picture. Each copy is asked for once, in order. `plain`: the picture with
/// nothing on it, such as the original; empty: nobody knows what stands on which, and nothing is certain.
/// `goOn` false: an answer without any is given.
ToldApart toldApart(const MetPicture& met, std::size_t copies, const CopyPixelsOf& pixels, const Frame& plain,
                    const std::function<bool()>& goOn = {});

} // namespace keepseal
