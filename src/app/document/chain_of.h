// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The sizes of one picture along the chain of the delivery that is looked at.
#pragma once

#include "document/picture_library.h"
#include "render/chain_plan.h"
#include "render/picture_words.h"

#include <optional>

namespace keepseal::app {

/// Nothing until the picture has been read, or when it can't be.
std::optional<ChainPlan> chainOf(const JobDocument& document, const PictureLibrary& library, OriginalId id);
/// The same by what is known of the picture already.
ChainPlan chainOf(const JobDocument& document, const PictureInfo& info, OriginalId id);
ChainPlan chainOf(const Delivery& delivery, const PictureInfo& info, const PictureException& exception);

/// What its copy will say, and its tokens' values.
PictureWords wordsOf(const PictureInfo& info, const Delivery& delivery, const PictureException& exception);

/// What is worth a look in the words of its copy: tokens without a value, a removed place in plain sight.
Notes wordsToLookAt(const PictureInfo& info, const Delivery& delivery, const PictureException& exception);
Notes wordsToLookAt(const PictureInfo& info, const Delivery& delivery, const PictureWords& words);
/// Sentences of those that weigh at least so much.
QStringList sentences(const Notes& notes, Severity atLeast = Severity::Fact);

} // namespace keepseal::app
