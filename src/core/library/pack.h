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

/// Logos go to logos/ in `folder`, and pass the gate of all logos. A path that is not in the zip is refused.
void unpackLogos(SealDesign& design, const ZipFiles& files, const std::filesystem::path& folder,
                 const std::filesystem::path& zip);
/// Typefaces go to fonts/ in `folder` and are taken into use.
void unpackTypefaces(const ZipFiles& files, const std::filesystem::path& folder);

} // namespace keepseal
