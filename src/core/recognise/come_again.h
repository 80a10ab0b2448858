// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures that come into a watched folder once more under another name.
#pragma once

#include "delivery/delivery.h"
#include "record/register.h"

namespace keepseal {

struct CameAgain {
    std::filesystem::path file;
    std::filesystem::path before; ///< the original as it was called then
    std::string made;             ///< when its copies were: ISO 8601, UTC
};

/// Those of `files` whose very bytes each of these deliveries, as they are now, has already made a copy of,
/// from a file of another path, that still lies there or was sent. `deliveries`: with who you are; none:
/// nothing comes again. Reads the files that may be meant. What can't be read has not come again.
std::vector<CameAgain> comeAgain(Register& known, const std::vector<std::filesystem::path>& files,
                                 const std::vector<Delivery>& deliveries);
/// The same by the person's own register. Where that can't be used nothing comes again: pictures are stamped
/// all the same, and the run says what is wrong with it.
std::vector<CameAgain> comeAgain(const std::vector<std::filesystem::path>& files,
                                 const std::vector<Delivery>& deliveries);

} // namespace keepseal
