// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What seals and deliveries need beside their JSON when they travel: logos, typefaces, profiles. Internal to
// library/.
#pragma once

#include "library/archive.h"
#include "seal/design.h"

#include <set>

namespace keepseal {

Bytes readAll(const std::filesystem::path& file);
void writeBytes(const std::filesystem::path& file, const Bytes& bytes);
bool isShipped(const std::string& file);
/// A name from inside a zip or a library, made a plain one: "../../x" can't be written to.
std::string plainName(const std::string& name);
/// Of the first, second, ... delivery in a zip: "delivery-1.json".
std::string deliveryEntry(std::size_t number);
std::set<std::string> familiesOf(const SealDesign& design);

template <class Change>
void forEachLogo(SealDesign& design, Change change) {
    for (auto& part : design.parts)
        for (auto* file : {&part.logo.file, &part.logo.darkFile})
            if (!file->empty())
                *file = change(*file);
}

/// Puts the file into the zip and returns its name there; two different files of one name get two names.
std::string packFile(const std::string& folder, const std::string& file, ZipFiles& files);
/// The design's logos then point into the zip.
void packLogos(SealDesign& design, ZipFiles& files);
/// Only those that a person added: shipped ones are everywhere.
void packTypefaces(const std::set<std::string>& families, ZipFiles& files);

/// Kept in `folder` under its content's fingerprint and its plain name; a file of another content that has
/// that name stays, and this one gets a number. Throws Problem(CannotWrite).
std::filesystem::path keepBeside(const std::filesystem::path& folder, const std::string& name,
                                 const Bytes& bytes);
/// Kept and taken into use, unless a typeface of its family is here already: then it is named in `left`.
/// `fresh`: families that came with the same zip, whose further cuts (bold, italic) are taken as well. Throws
/// Problem(NotAPicture) when it is none; then nothing is kept.
void keepTypeface(const std::filesystem::path& folder, const std::string& name, const Bytes& bytes,
                  std::set<std::string>& fresh, std::vector<std::string>& left);

} // namespace keepseal
