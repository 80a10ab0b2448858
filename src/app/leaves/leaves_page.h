// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One file on one page: what it tells, and for a picture of the job what its copy will say. Everything from
// the file is escaped.
#pragma once

#include "document/chain_of.h"
#include "privacy/verdict.h"
#include "widgets/markup.h"

namespace keepseal::app {

/// `told`: what the original tells, as the library read it last.
Markup leavesPage(const PictureInfo& info, const ToldFile& told, const Delivery& delivery,
                  const PictureException& exception);
Markup toldPageOf(const ToldFile& file);
Markup leavesNothingPage(const QString& text);

} // namespace keepseal::app
