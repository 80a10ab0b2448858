// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A whole copy for the eye, of a picture that is looked at.
#pragma once

#include "document/decoded_pictures.h"
#include "render/finished_copy.h"

namespace keepseal::app {

/// finishedCopy() of what `decoded` keeps. In the background. Throws like it.
FinishedCopy finishedFromKept(DecodedPictures& decoded, const CopyAsked& asked, const CopyAhead& ahead);

} // namespace keepseal::app
