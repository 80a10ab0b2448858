// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Which typefaces there are, and adding one.
#pragma once

#include <filesystem>
#include <string>
#include <vector>

namespace keepseal {

/// Families to choose from, by name; those that only fill in foreign scripts are left out.
std::vector<std::string> typefaceFamilies();

/// Whether text in that family comes out in it and not in another that stands in.
bool hasTypeface(const std::string& family);

/// The family of a typeface file, which is not taken into use. Throws as useTypeface().
std::string familyOfTypeface(const std::filesystem::path& file);
/// Takes a typeface file (TrueType, OpenType) into use and returns its family.
/// Throws Problem(NotFound | NotAPicture) when it is none.
std::string useTypeface(const std::filesystem::path& file);

/// Files of a family that were added (not shipped): what a shared design takes along.
std::vector<std::filesystem::path> addedTypefaceFiles(const std::string& family);

} // namespace keepseal
