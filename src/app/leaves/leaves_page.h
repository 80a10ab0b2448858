// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One file on one page: what it tells, and for a picture of the job what its copy will say. Everything from
// the file is escaped.
#pragma once

#include "document/chain_of.h"
#include "privacy/verdict.h"

namespace keepseal::app {

QString leavesHtml(const PictureInfo& info, const Delivery& delivery, const PictureException& exception);
QString toldHtml(const ToldFile& file);
QString leavesNothingHtml(const QString& text);

} // namespace keepseal::app
