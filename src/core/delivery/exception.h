// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is different for one picture of a job, whatever the delivery.
#pragma once

#include "base/note.h"
#include "geometry/cut.h"
#include "metadata/fields.h"
#include "seal/exception.h"

namespace keepseal {

struct PictureException {
    SealException seal;
    TurnException turn;
    FieldValues words;                  ///< metadata typed for this picture; an empty value removes the field
    bool leftOut = false;               ///< no copy of it is made
    bool stampAgain = false;            ///< although it is a copy made by Keep Seal itself
    std::vector<Acceptance> accepted{}; ///< delivered all the same: what would hold its copies back; sorted
    bool operator==(const PictureException&) const = default;
    bool empty() const { return *this == PictureException{}; }
};

/// "cropped, dark version", for a person; empty when nothing is different.
std::string describe(const PictureException& exception);
nlohmann::json toJson(const PictureException& exception);
/// Throws Problem(BadSetting), its subject beginning with `path`.
PictureException pictureExceptionFromJson(const nlohmann::json& json, const std::string& path);

} // namespace keepseal
