// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Core's values as messages and back. What comes from a worker is not believed: numbers are held against
// their ranges, enumerations against their values. All read() functions throw Problem(Internal) for what is
// out of range.
#pragma once

#include "base/problem.h"
#include "picture/develop.h"
#include "picture/file_kind.h"
#include "picture/untouched.h"
#include "privacy/report.h"

#include <messages.capnp.h>

namespace keepseal::wire {

void write(messages::Size::Builder to, const Size& from);
Size read(messages::Size::Reader from);

void write(messages::Facts::Builder to, const PictureFacts& from);
PictureFacts read(messages::Facts::Reader from);
void write(messages::FactsOfFile::Builder to, const PictureFacts& from);
PictureFacts read(messages::FactsOfFile::Reader from);

/// Without its pixels. Its sizes are looked at where they are used.
void write(messages::Changed::Builder to, const ChangedPart& from);
ChangedPart read(messages::Changed::Reader from);

void write(messages::Wish::Builder to, const DevelopWish& from);
DevelopWish read(messages::Wish::Reader from);

/// Nothing is written for null.
void write(messages::Space::Builder to, const ColourSpacePtr& from);
/// An equal profile gives the same space as before, for the last few.
ColourSpacePtr read(messages::Space::Reader from);

void write(capnp::List<messages::Note>::Builder to, const Notes& from);
Notes read(capnp::List<messages::Note>::Reader from);

void write(messages::Problem::Builder to, const Problem& from);
Problem read(messages::Problem::Reader from);

void write(messages::Report::Builder to, const FileReport& from);
FileReport read(messages::Report::Reader from);

SniffedFile sniffedOf(std::uint16_t kind, std::uint16_t container, std::string name);

[[noreturn]] void nonsense();

} // namespace keepseal::wire
