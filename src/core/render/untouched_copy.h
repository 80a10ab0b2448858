// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Which copies keep their original's own blocks outside the mark, see picture/untouched.h.
#pragma once

#include "picture/untouched.h"
#include "render/stages.h"

namespace keepseal {

/// Nothing but its mark changes the pixels of the original, and a mark that is not all over it.
bool onlyTheMarkChanges(const CopyAsked& asked);
/// The delivery wants it of this format, and asks for nothing that stands against it.
bool wantsUntouched(const FileSettings& file, const std::string& format);
/// How a copy of that format is coded out of its original's blocks, as far as can be told before they are
/// read; nothing: it is made of pixels.
std::optional<BlockCoding> codingOfBlocks(const CopyAsked& asked, const std::string& format);
/// All that is made of it keeps the original's blocks, as far as can be told before they are read, and no
/// other pixel than those under the mark need be decoded.
bool isMadeOfCoefficients(const CopyAsked& asked);
/// What only the pixels tell. Empty: nothing stands against it.
std::string whyAnew(const CopyAsked& asked, const ChangedPart& changed);
/// Told of a copy of the whole size that is encoded anew although its delivery wants it untouched: by what.
std::optional<Note> encodedAnewNote(const CopyAsked& asked, const std::string& format);
Note encodedAnewBecause(const std::string& why);

} // namespace keepseal
