// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One version and one halo for a whole set of pictures, where one serves them all, in place of deciding for
// each picture alone.
#pragma once

#include "trial/sealed_picture.h"

namespace keepseal {

/// The least halo (percent; 0: none) with which the seal reaches what is asked for on one picture, without
/// any other help: of the light version and of the dark one. Nothing where that version never does.
using LeastHalos = std::array<std::optional<double>, 2>;

/// Of a picture that is sealed. In steps of kHaloStep.
LeastHalos leastHalos(const SealedPicture& picture);
inline constexpr double kHaloStep = 5;

struct OneLook {
    bool dark = false;
    double halo = 0;               ///< percent; 0: none
    std::vector<std::size_t> left; ///< pictures that it does not serve
};

/// The version that serves most, and of equal ones the one with the lesser halo; light where that is equal.
OneLook oneLook(const std::vector<LeastHalos>& pictures);
/// The design with that look on every picture; what else helps where it is needed stays.
void takeOver(const OneLook& look, SealDesign& design);

} // namespace keepseal
