// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is different for one picture of a job. Apart from what was accepted it holds for all deliveries.
#pragma once

#include "base/note.h"
#include "geometry/cut.h"
#include "metadata/fields.h"
#include "seal/exception.h"

namespace keepseal {

/// Delivered all the same, in one delivery of its job: that another one lacks the same is another decision.
struct AcceptedIn {
    NoteKind kind = NoteKind::MetUnknown;
    std::string subject;        ///< as in Acceptance
    std::uint64_t delivery = 0; ///< its number in the job; 0: in all of them
    auto operator<=>(const AcceptedIn&) const = default;
};

struct PictureException {
    SealException seal;
    TurnException turn;
    FieldValues words;                  ///< metadata typed for this picture; an empty value removes the field
    bool leftOut = false;               ///< no copy of it is made
    bool stampAgain = false;            ///< although it is a copy made by Keep Seal itself
    std::vector<AcceptedIn> accepted{}; ///< what would hold its copies back; sorted
    bool operator==(const PictureException&) const = default;
    bool empty() const { return *this == PictureException{}; }
};

/// What holds in the delivery of that number (0: it has none). Each once, sorted.
std::vector<Acceptance> acceptedIn(std::uint64_t delivery, const PictureException& exception);
/// The exception as it is in that delivery alone: what was accepted elsewhere is no part of it.
PictureException exceptionIn(std::uint64_t delivery, PictureException exception);

/// "cropped, dark version", for a person; empty when nothing is different.
std::string describe(const PictureException& exception);
nlohmann::json toJson(const PictureException& exception);
/// Throws Problem(BadSetting), its subject beginning with `path`.
PictureException pictureExceptionFromJson(const nlohmann::json& json, const std::string& path);

} // namespace keepseal
