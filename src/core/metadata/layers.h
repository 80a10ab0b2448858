// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What Exif, IIM and XMP each say of the fields, and which of them counts. Internal to metadata/.
#pragma once

#include "base/note.h"
#include "metadata/fields.h"

namespace keepseal {

/// The fields' values; disagreements are added to `notes`.
FieldValues reconciled(const FileReport& report, Notes& notes);

/// Whether a finding of that name is a text that a field is read from.
bool metadataNameIsText(const std::string& name);

} // namespace keepseal
