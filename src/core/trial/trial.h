// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What happens to sealed pictures out there, done to a proof, and what is left of the seal measured. None of
// it proves that a mark can't be taken off: it says what these ways of trying leave, on this picture.
//
//   cropped    the crops of usual_crops.h: how many leave at least nine tenths of the ink (of a pattern: one
//   whole
//              seal).
//   painted out  everything the seal changed is filled from around it, by the methods of Telea ("An image
//   inpainting
//              technique based on the fast marching method", 2004) and of Bertalmio, Bertozzi and Sapiro
//              ("Navier-Stokes, fluid dynamics, and image and video inpainting", 2001), told exactly which
//              pixels, which is more than a thief knows. Of the better repair: how far its structure is from
//              the picture's own, as 1 - SSIM (Wang, Bovik, Sheikh and Simoncelli, 2004; Gaussian of 1.5
//              pixels) over the filled pixels; half of that scale counts as full.
//   averaged away  the same seal on up to 20 pictures of one size: what differs from the repaired pictures is
//              averaged to the seal's shape; its strength and colour follow by least squares over all of them
//              (the idea of Dekel, Rubinstein, Liu and Freeman, "On the effectiveness of visible watermarks",
//              2017), and it is taken off. How much of the seal's mark on the pixels, by energy, is still
//              there.
//   made small and pressed  1080, 600 and 320 pixels, as JPEG at 40 and WebP at 30, twice: how much of the
//   contrast
//              that was asked for is left; letters whose small x is below 4 pixels count as lost.
//   cut down   grey, contrast stretched, and photographed from a screen (perspective, blur, moire): the same.
#pragma once

#include "base/language.h"
#include "trial/sealed_picture.h"

#include <array>
#include <atomic>
#include <functional>
#include <vector>

namespace keepseal {

enum class Attack { Cropped, PaintedOut, AveragedAway, MadeSmall, CutDown };
inline constexpr std::array kAttacks{Attack::Cropped, Attack::PaintedOut, Attack::AveragedAway,
                                     Attack::MadeSmall, Attack::CutDown};
/// "painted_out", as in JSON; and for a person.
const char* keyOf(Attack attack);
const char* nameOf(Attack attack);

struct AttackResult {
    Attack attack = Attack::Cropped;
    bool tried = false; ///< false: it can't be tried here, and `sentence` says why
    double holds = 0;   ///< 0 (nothing is left of the seal) to 100
    Saying sentence;    ///< one, with the measured number in it
    Frame after;        ///< the picture afterwards, where the seal fared worst
};

AttackResult cropped(const SealedPicture& picture);
AttackResult paintedOut(const SealedPicture& picture);
/// Of the picture of that number among them.
AttackResult averagedAway(const std::vector<SealedPicture>& pictures, std::size_t which);
AttackResult madeSmall(const SealedPicture& picture);
AttackResult cutDown(const SealedPicture& picture);

/// One attack over all pictures.
struct AttackSummary {
    Attack attack = Attack::Cropped;
    std::vector<AttackResult> results; ///< in the order of the pictures
    std::size_t worst = 0;             ///< the picture on which it holds least
    double mean = 0;                   ///< of those tried
    bool tried() const { return !results.empty() && results[worst].tried; }
};

/// All of it, on all cores. Throws what an attack throws. `done` is called with shares of 1; returns early,
/// with what there is, once `stop` is set.
std::vector<AttackSummary> tryAll(const std::vector<SealedPicture>& pictures, const std::atomic<bool>& stop,
                                  const std::function<void(double)>& done);

} // namespace keepseal
