// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures of the job as trials need them, with and without their seal.
#pragma once

#include "document/picture_library.h"
#include "trial/sealed_picture.h"

namespace keepseal::app {

struct AskedPicture {
    PictureInfoPtr info; ///< of one that can be read
    PictureException exception;
};

/// Reads the original: for the background. Throws Problem.
SealedPicture sealedOf(const Delivery& delivery, const AskedPicture& asked);

} // namespace keepseal::app
